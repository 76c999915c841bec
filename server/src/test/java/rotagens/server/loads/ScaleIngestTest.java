package rotagens.server.loads;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

/** A scale that sends its tickets on its own. */
@ServerTest
class ScaleIngestTest {

    private static final String WEIGHTS = "[{\"axle\":1,\"total\":\"%s\"},{\"axle\":2,\"total\":\"6400 lb\"}]";

    @Autowired
    MockMvc http;

    private static String ticket(String steer) {
        return "{\"unit\":\"SH-04\",\"ticket\":{\"day\":\"2026-11-23\",\"state\":\"NORMAL\",\"scale\":\"Millrace yard scale\",\"axles\":"
                + WEIGHTS.formatted(steer) + "}}";
    }

    @Test
    @DisplayName(
            "a ticket counts once by its number; a weight without a unit, an unknown unit and a ticket without a number are refused at their fields")
    void tickets() {
        Api api = new Api(http);
        String path = "/api/ingest/scale-tickets";
        assertThat(api.post(path, ticket("4000 lb")).at("Idempotency-Key")).contains("counts once");
        assertThat(api.post(path, ticket("4000"), "Idempotency-Key", "scale-0001")
                        .at("ticket"))
                .contains("with its unit");
        assertThat(api.post(path, ticket("4000 lb").replace("SH-04", "XX-99"), "Idempotency-Key", "scale-0001")
                        .at("unit"))
                .contains("No vehicle on file");
        Answer taken = api.post(path, ticket("4000 lb"), "Idempotency-Key", "scale-0002");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        String page = "/api/vehicles/" + api.vehicle("SH-04") + "/load-pressure";
        String once = api.get(page).text();
        assertThat(once).contains("Millrace yard scale");
        assertThat(api.post(path, ticket("4000 lb"), "Idempotency-Key", "scale-0002")
                        .status())
                .isEqualTo(200);
        assertThat(api.get(page).text()).as("sent again").isEqualTo(once);
    }
}
