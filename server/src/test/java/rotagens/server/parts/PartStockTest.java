package rotagens.server.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** Small parts: counted, delivered, promised to open jobs, used up by closed ones, ordered in time. */
@ServerTest
class PartStockTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void client() {
        coordinator = new Api(http);
        coordinator.emptyShop();
    }

    private JsonNode row(String yard, String part) {
        return StreamSupport.stream(coordinator.get("/api/parts").body().spliterator(), false)
                .filter(one -> one.path("yard").asString().equals(yard)
                        && one.path("part").asString().equals(part))
                .findFirst()
                .orElseThrow();
    }

    private Answer post(String what, String yard, String part, int count) {
        return coordinator.post(
                "/api/parts/" + what, "{\"yard\":\"" + yard + "\",\"part\":\"" + part + "\",\"count\":" + count + "}");
    }

    private void level(int reorderPoint, int orderUpTo) {
        Answer set = coordinator.put(
                "/api/parts/levels",
                "{\"yard\":\"Eastbank\",\"part\":\"SENSOR\",\"reorderPoint\":" + reorderPoint + ",\"orderUpTo\":"
                        + orderUpTo + "}");
        assertThat(set.status()).as(set.text()).isEqualTo(200);
    }

    @Test
    @DisplayName(
            "a count puts right what is on record, a delivery adds to it, and at the reorder point more are to be ordered")
    void counted() {
        level(2, 6);
        post("counts", "Eastbank", "SENSOR", 5);
        assertThat(row("Eastbank", "SENSOR").path("count").asInt()).isEqualTo(5);
        post("counts", "Eastbank", "SENSOR", 2);
        assertThat(row("Eastbank", "SENSOR").path("toOrder").asInt()).isEqualTo(4);
        post("deliveries", "Eastbank", "SENSOR", 4);
        assertThat(row("Eastbank", "SENSOR").path("count").asInt()).isEqualTo(6);
        assertThat(row("Eastbank", "SENSOR").path("toOrder").asInt()).isZero();
    }

    @Test
    @DisplayName("what an open job will take counts as gone, and a closed job uses it up")
    void used() {
        level(0, 0);
        post("counts", "Eastbank", "SENSOR", 1);
        long vehicle = coordinator.vehicle("LC-05");
        JsonNode job = coordinator
                .post(
                        "/api/wished-work",
                        "{\"vehicleId\":" + vehicle
                                + ",\"workType\":\"REPLACE_SENSOR\",\"positions\":[\"1L\"],\"day\":\"2026-11-30\"}")
                .body();
        String yard = job.path("yard").asString();
        post("counts", yard, "SENSOR", 1);
        assertThat(row(yard, "SENSOR").path("planned").asInt()).isEqualTo(1);
        post("counts", yard, "WEIGHT", 20);
        Answer done = coordinator.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":"
                        + job.path("items").get(0).path("id").asLong()
                        + ",\"sensor\":\"5C0FFEE3\",\"pressure\":\"110\"}],\"weightPieces\":\"8\"}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
        assertThat(done.status()).as(done.text()).isEqualTo(200);
        assertThat(row(yard, "SENSOR").path("planned").asInt()).isZero();
        assertThat(row(yard, "SENSOR").path("count").asInt()).isZero();
        assertThat(row(yard, "WEIGHT").path("count").asInt()).isEqualTo(12);
    }

    @Test
    @DisplayName("what makes no sense is refused at its field")
    void refused() {
        assertThat(post("counts", "Nowhere", "SENSOR", 5).at("yard")).contains("Choose a yard");
        assertThat(post("deliveries", "Eastbank", "SENSOR", 0).at("count")).contains("1 to 10,000");
        assertThat(coordinator
                        .put(
                                "/api/parts/levels",
                                "{\"yard\":\"Eastbank\",\"part\":\"CAP\",\"reorderPoint\":9,\"orderUpTo\":3}")
                        .at("orderUpTo"))
                .contains("at least the reorder point");
    }
}
