package rotagens.server.telemetry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

/** The gateway that isn’t there sends by the same door as a real one. */
@ServerTest
class SimulatedGatewayTest {

    @Autowired
    MockMvc http;

    @Autowired
    SimulatedGateway gateway;

    private Api api;

    @BeforeEach
    void manager() {
        api = Api.as(http, "MANAGER");
    }

    private int sent() {
        return api.get("/api/simulators/gateway/stream").body().path("sent").asInt();
    }

    @Test
    @DisplayName(
            "a stream that is on sends a round each time in the name of whoever switched it on, and none once it is off")
    void streams() {
        gateway.stream();
        assertThat(sent()).isZero();
        api.post("/api/simulators/gateway/stream", "{\"isOn\":true,\"yard\":\"Millrace\"}");
        gateway.stream();
        assertThat(sent()).isPositive();
        assertThat(api.get("/api/simulators/gateway/stream").body().path("isOn").asBoolean())
                .isTrue();
        api.post("/api/simulators/gateway/stream", "{\"isOn\":false}");
        gateway.stream();
        assertThat(sent()).isZero();
    }

    @Test
    @DisplayName("a tire that loses air in its round is a suspected leak at once")
    void leaks() {
        Answer round = api.post("/api/simulators/gateway", "{\"leaking\":\"LC-04\"}");
        assertThat(round.status()).as(round.text()).isEqualTo(200);
        assertThat(api.get("/api/vehicles/" + api.vehicle("LC-04")).text()).contains("losing air fast by its sensor");
    }
}
