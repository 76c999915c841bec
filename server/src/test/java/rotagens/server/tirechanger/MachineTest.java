package rotagens.server.tirechanger;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class MachineTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    @Test
    @DisplayName("clock position 13 is refused at its field, a name taken at its own, and what is right is kept")
    void refused() {
        Answer refused = api.post(
                "/api/tire-changers",
                "{\"name\":\"Changer 3\",\"type\":\"LEVERLESS\",\"valvePositions\":{\"MOUNT_TOP\":\"13\"},\"minRimDiameter\":\"24\",\"maxRimDiameter\":\"14\"}");
        assertThat(refused.at("valves.MOUNT_TOP")).contains("1 to 12, with the tool at 3");
        assertThat(refused.at("maxRimDiameter")).contains("Read the machine’s plate again");
        assertThat(api.post("/api/tire-changers", "{\"name\":\"changer 1\",\"type\":\"LEVERLESS\"}")
                        .at("name"))
                .contains("Another machine has this name");
        assertThat(api.post(
                                "/api/tire-changers?units=METRIC",
                                "{\"name\":\"Changer 3\",\"type\":\"LEVERLESS\",\"maxTireDiameter\":\"1100\",\"valvePositions\":{\"MOUNT_TOP\":\"8\"}}")
                        .status())
                .isEqualTo(201);
        JsonNode third = api.get("/api/tire-changers?units=METRIC").body().get(2);
        assertThat(third.path("maxTireDiameter").asString()).isEqualTo("1100 mm");
        assertThat(third.path("valvePositions").get(4).path("clock").asString()).isEqualTo("8");
    }

    @Test
    @DisplayName("two people who change one machine: the second is told, and nothing is overwritten")
    void changedMeanwhile() {
        JsonNode first = api.get("/api/tire-changers").body().get(0);
        String address = "/api/tire-changers/" + first.path("id").asLong();
        String body = "{\"name\":\"Changer 1\",\"type\":\"SIDE_SHOVEL\",\"maxTireDiameter\":\"38\"}";
        assertThat(api.put(address, body, "If-Match", "\"1\"").status()).isEqualTo(204);
        assertThat(api.put(address, body.replace("38", "40"), "If-Match", "\"1\"")
                        .status())
                .isEqualTo(412);
        assertThat(api.get("/api/tire-changers")
                        .body()
                        .get(0)
                        .path("maxTireDiameter")
                        .asString())
                .isEqualTo("38 in");
    }
}
