package rotagens.server.shop;

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

/** Which day is proposed for work that is about to be scheduled. */
@ServerTest
class OpenDaysTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void empty() {
        coordinator = new Api(http);
        coordinator.emptyShop();
    }

    private JsonNode openDays(String chosen, String... units) {
        String work = java.util.Arrays.stream(units)
                .map(unit -> {
                    long id = coordinator.vehicle(unit);
                    String keys = "";
                    for (JsonNode line : coordinator.get("/api/fleet").body().path("due")) {
                        if (line.path("vehicleId").asLong() == id
                                && line.path("group").asString().equals("DO_NOT_OPERATE")) {
                            keys += (keys.isEmpty() ? "" : ",") + "{\"vehicleId\":" + id + ",\"key\":\""
                                    + line.path("key").asString() + "\"}";
                        }
                    }
                    return keys;
                })
                .collect(java.util.stream.Collectors.joining(","));
        Answer answer = coordinator.post("/api/shop/open-days", "{\"work\":[" + work + "],\"chosen\":" + chosen + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.body();
    }

    @Test
    @DisplayName(
            "work is proposed for the next open day with hours left, and a Sunday somebody chooses is said to be closed")
    void openDay() {
        JsonNode day = openDays("{}", "SH-02").get(0);
        assertThat(day.path("unit").asString()).isEqualTo("SH-02");
        assertThat(day.path("minutes").asInt()).isPositive();
        assertThat(day.path("day").asString()).startsWith("2026-11-2").isLessThanOrEqualTo("2026-11-27");
        assertThat(day.has("closed")).isFalse();
        JsonNode sunday = openDays("{\"" + coordinator.vehicle("SH-02") + "\":\"2026-11-29\"}", "SH-02")
                .get(0);
        assertThat(sunday.path("closed").asString()).isEqualTo("closed");
    }

    @Test
    @DisplayName(
            "vehicles chosen together are put on days of their own; one that can't be driven to a shop gets none, and why")
    void severalDays() {
        JsonNode days = openDays("null", "LC-03", "SH-02", "LC-02");
        assertThat(days.get(0).path("day").asString()).isEqualTo("2026-11-23");
        // Stopped at a yard without technicians: it isn’t sent on the road to another.
        assertThat(days.get(2).path("yard").asString()).isEqualTo("Millrace");
        assertThat(days.get(2).has("day")).isFalse();
        assertThat(days.get(2).path("note").asString()).contains("Millrace has none");
        String one = coordinator.vehicle("LC-03") + "";
        String other = coordinator.vehicle("SH-02") + "";
        Answer made = coordinator.post(
                "/api/jobs",
                "{\"days\":{\"" + one + "\":\"2026-11-25\",\"" + other + "\":\"2026-11-26\"},\"work\":[{\"vehicleId\":"
                        + one + ",\"key\":\"INSPECT_DAMAGE:3R\"},{\"vehicleId\":" + other
                        + ",\"key\":\"REPLACE:1L\"}]}");
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        assertThat(made.body().get(0).path("day").asString()).isEqualTo("2026-11-25");
        assertThat(made.body().get(1).path("day").asString()).isEqualTo("2026-11-26");
        assertThat(coordinator
                        .post("/api/jobs", "{\"work\":[{\"vehicleId\":" + one + ",\"key\":\"INSPECT_DAMAGE:2RO\"}]}")
                        .at("day"))
                .isEqualTo("Choose a day.");
    }

    @Test
    @DisplayName(
            "a vehicle that has a visit already is offered to take more work along, and then has one job with both")
    void join() {
        long id = coordinator.vehicle("SH-02");
        JsonNode first = coordinator
                .post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-25\",\"work\":[{\"vehicleId\":" + id + ",\"key\":\"REPLACE:1L\"}]}")
                .body()
                .get(0);
        JsonNode offered = openDays("null", "SH-02").get(0).path("openJob");
        assertThat(offered.path("jobId").asLong()).isEqualTo(first.path("id").asLong());
        assertThat(offered.path("day").asString()).isEqualTo("2026-11-25");
        // Today has the hours: work that stops the vehicle doesn't wait two days for that visit of itself.
        assertThat(openDays("null", "SH-02").get(0).path("takesAlong").asBoolean())
                .isFalse();
        String more = "{\"note\":\"both on one jack\",\"join\":{\"" + id + "\":"
                + first.path("id").asLong() + "},\"work\":[{\"vehicleId\":" + id
                + ",\"key\":\"CORRECT_MISMATCH:1R\"}]}";
        Answer joined = coordinator.post("/api/jobs", more);
        assertThat(joined.status()).as(joined.text()).isEqualTo(200);
        assertThat(joined.body().get(0).path("items").size()).isEqualTo(2);
        assertThat(joined.body().get(0).path("note").asString()).isEqualTo("both on one jack");
        assertThat(joined.body().get(0).path("version").asInt()).isGreaterThan(1);
        assertThat(coordinator.get("/api/jobs").body().size()).isEqualTo(1);
        // The same tire's same work a second time, and another vehicle's job, are refused.
        assertThat(coordinator.post("/api/jobs", more).status()).isEqualTo(409);
        long other = coordinator.vehicle("LC-03");
        assertThat(coordinator
                        .post(
                                "/api/jobs",
                                "{\"join\":{\"" + other + "\":"
                                        + first.path("id").asLong() + "},\"work\":[{\"vehicleId\":" + other
                                        + ",\"key\":\"INSPECT_DAMAGE:3R\"}]}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    @DisplayName("nothing chosen is said at its field")
    void nothing() {
        assertThat(coordinator.post("/api/shop/open-days", "{}").at("work")).contains("Choose at least one");
    }
}
