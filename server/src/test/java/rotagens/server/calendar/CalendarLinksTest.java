package rotagens.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** Private addresses under which a calendar program reads the shop. */
@ServerTest
class CalendarLinksTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void client() {
        coordinator = new Api(http);
    }

    @Test
    @DisplayName(
            "an address shows one yard or one person, is listed without its secret, and answers no more once taken back")
    void revoked() {
        assertThat(coordinator
                        .post("/api/calendar/feeds", "{\"yard\":\"Nowhere\"}")
                        .at("yard"))
                .contains("no such yard");
        assertThat(coordinator
                        .post("/api/calendar/feeds", "{\"person\":\"Nobody\"}")
                        .at("person"))
                .contains("no person");
        JsonNode made = coordinator
                .post("/api/calendar/feeds", "{\"yard\":\"Eastbank\"}")
                .body();
        String address = made.path("address").asString();
        String secret = address.split("/")[4];
        assertThat(coordinator.get("/api/calendar/feeds").text())
                .contains("Eastbank")
                .doesNotContain(secret);
        Api nobody = Api.asNobody(http);
        assertThat(nobody.get(address).status()).isEqualTo(200);
        long id = made.path("id").asLong();
        coordinator.delete("/api/calendar/feeds/" + id, "");
        assertThat(nobody.get(address).status()).isEqualTo(404);
        assertThat(coordinator.delete("/api/calendar/feeds/" + id, "").status()).isEqualTo(404);
    }
}
