package rotagens.server.relearn;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.JOB_ITEM;

import java.time.Instant;
import java.time.LocalDate;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The coach against the simulated sensor system, and dash against gauge. */
@ServerTest
class RelearnTest {

    private static final String[] ROUND = {"1L", "1R", "2R", "2L"};

    @Autowired
    MockMvc http;

    private Api api;
    private long van;

    @BeforeEach
    void client() {
        api = Api.as(http, "TECHNICIAN");
        van = api.vehicle("VN-02");
    }

    /** Each relearn on a vehicle of its own: one is under way on it at a time. */
    private void on(String unit) {
        van = api.vehicle(unit);
    }

    private JsonNode coach() {
        return api.get("/api/vehicles/{id}/relearn", van).body().path("open");
    }

    private Answer post(String path, String body) {
        return api.post("/api/vehicles/" + van + "/relearn" + path, body);
    }

    private Answer stand(String path, String body) {
        return api.post("/api/simulators/sensor-system/" + van + path, body);
    }

    private void begin(String trigger, String faults) {
        assertThat(post("", "{\"trigger\":\"" + trigger + "\",\"practice\":false}")
                        .status())
                .isEqualTo(200);
        post("/events", "{\"type\":\"LAMPS_OFF\"}");
        assertThat(stand("", faults).status()).isEqualTo(200);
        stand("/ignition", "{}");
    }

    private void gaugeAll(String psi) {
        for (String corner : ROUND) {
            post("/events", "{\"type\":\"GAUGE\",\"position\":\"" + corner + "\",\"pressure\":\"" + psi + "\"}");
        }
    }

    @Test
    @DisplayName("with the tool: lamp by lamp, horn by horn; closed only once dash and gauge agree at every corner")
    void withTheTool() {
        begin("TOOL", "{\"otherOrder\":false,\"firstEntryFails\":false}");
        stand("/learn-mode", "{\"entryMethod\":\"KEY_FOB\"}");
        assertThat(coach().path("stage").asString()).isEqualTo("CORNERS");
        for (String corner : ROUND) {
            stand("/trigger?by=TOOL", "{\"position\":\"" + corner + "\"}");
        }
        assertThat(coach().path("stage").asString()).isEqualTo("COMPARE");
        Answer early = post("/end", "{}");
        assertThat(early.at("reason")).contains("The relearn is not confirmed");
        JsonNode dash = stand("/reading", "{}").body();
        dash.path("corners")
                .forEach(corner -> post(
                        "/events",
                        "{\"type\":\"GAUGE\",\"position\":\""
                                + corner.path("position").asString() + "\",\"pressure\":\""
                                + corner.path("pressure").asString() + "\"}"));
        assertThat(coach().path("canFinish").asBoolean()).isTrue();
        JsonNode ended = post("/end", "{}").body();
        assertThat(ended.path("ended").get(0).path("outcome").asString()).contains("learned");
        assertThat(ended.has("open")).isFalse();
    }

    @Autowired
    DSLContext db;

    /** A job for nothing but a relearn, as a rotation leaves it behind. */
    private long planRelearn() {
        long job = db.insertInto(JOB)
                .set(JOB.VEHICLE_ID, van)
                .set(JOB.SCHEDULED_DATE, LocalDate.of(2026, 11, 24))
                .set(JOB.CREATED_AT, Instant.parse("2026-11-23T09:00:00Z"))
                .set(JOB.CREATED_BY_ID, 1L)
                .returning(JOB.ID)
                .fetchOne(JOB.ID);
        db.insertInto(JOB_ITEM)
                .set(JOB_ITEM.JOB_ID, job)
                .set(JOB_ITEM.WORK_TYPE, "RELEARN")
                .set(JOB_ITEM.REASON, "inside sensors moved")
                .execute();
        return job;
    }

    @Test
    @DisplayName(
            "by letting air out with a dead sensor: it leads to the battery or the sensor, and every tire is filled again before the end")
    void deflationWithADeadSensor() {
        on("VN-04");
        begin("DEFLATION", "{\"dead\":\"1R\",\"otherOrder\":false,\"firstEntryFails\":true}");
        stand("/learn-mode", "{\"entryMethod\":\"KEY_FOB\"}");
        assertThat(coach().path("entryMethod").asString())
                .as("the next way in is offered")
                .contains("Dash menu");
        stand("/learn-mode", "{\"entryMethod\":\"MENU\"}");
        stand("/trigger?by=DEFLATION", "{\"position\":\"1L\"}");
        for (String kind : new String[] {"RETRY", "NOT_IN_RANGE", "SENSOR"}) {
            stand("/trigger?by=DEFLATION", "{\"position\":\"1R\"}");
            assertThat(coach().path("diagnosis").path("type").asString()).isEqualTo(kind);
        }
        Answer gate = post("/end", "{\"reason\":\"sensor at 1R is dead\"}");
        assertThat(gate.status()).isEqualTo(409);
        assertThat(gate.text()).contains("Inflate every tire to target and check it first: 1L, 1R");
        for (String corner : new String[] {"1L", "1R"}) {
            JsonNode at = corner(corner);
            post(
                    "/events",
                    "{\"type\":\"GAUGE\",\"position\":\"" + corner + "\",\"pressure\":\""
                            + at.path("target").asString() + "\"}");
        }
        JsonNode ended = post("/end", "{\"reason\":\"sensor at 1R is dead\"}").body();
        assertThat(ended.path("ended").get(0).path("outcome").asString()).isEqualTo("abandoned: sensor at 1R is dead");
    }

    private JsonNode corner(String code) {
        for (JsonNode corner : coach().path("corners")) {
            if (corner.path("position").asString().equals(code)) {
                return corner;
            }
        }
        throw new AssertionError(code);
    }

    @Test
    @DisplayName("a vehicle that asks in another order than the one on file is followed, and the difference said")
    void otherOrder() {
        on("VN-03");
        begin("TOOL", "{\"otherOrder\":true,\"firstEntryFails\":false}");
        stand("/learn-mode", "{\"entryMethod\":\"KEY_FOB\"}");
        stand("/trigger?by=TOOL", "{\"position\":\"1L\"}");
        assertThat(coach().path("remarks").toString()).contains("The lamp at 2L is lit, but the procedure names 1R");
    }

    @Test
    @DisplayName("practice leaves no reading behind")
    void practice() {
        on("VN-01");
        String before = api.get("/api/vehicles/{id}/history", van).text();
        post("", "{\"trigger\":\"TOOL\",\"practice\":true}");
        gaugeAll("44");
        post("/end", "{\"reason\":\"enough\"}");
        assertThat(api.get("/api/vehicles/{id}/history", van).text()).isEqualTo(before);
    }

    @Test
    @DisplayName(
            "the procedure is data: a corner twice or not on the vehicle is refused, and the order noted is the one asked for")
    void procedure() {
        on("VN-05");
        Api coordinator = new Api(http);
        String address = "/api/vehicles/" + van + "/relearn/procedure";
        String body =
                "{\"name\":\"fob\",\"entryMethods\":[\"KEY_FOB\"],\"cornerPrompt\":\"MARKER_LAMP\",\"trigger\":\"TOOL\",\"end\":\"HORN_TWICE\",\"cornerOrder\":\"%s\"}";
        assertThat(coordinator.put(address, body.formatted("1L 1L 2R 2L")).at("cornerOrder"))
                .contains("twice");
        assertThat(coordinator.put(address, body.formatted("1L 3R")).at("cornerOrder"))
                .contains("isn’t on the vehicle");
        JsonNode noted =
                coordinator.put(address, body.formatted("2R, 2L, 1L, 1R")).body();
        assertThat(noted.path("procedure").path("cornerOrder").toString()).isEqualTo("[\"2R\",\"2L\",\"1L\",\"1R\"]");
        assertThat(noted.path("procedure").path("notedBy").asString()).isEqualTo("Ines Okafor");
    }

    @Test
    @DisplayName("dash against gauge names crossed corners, and says how to break what can't be told")
    void dashAgainstGauge() {
        String address = "/api/vehicles/" + van + "/dash-gauge-comparison";
        JsonNode crossed = api.post(
                        address,
                        "{\"dash\":{\"1L\":\"41\",\"1R\":\"43\",\"2L\":\"41\",\"2R\":\"33\"},\"gauge\":{\"1L\":\"41\",\"1R\":\"33\",\"2L\":\"40\",\"2R\":\"43\"}}")
                .body();
        assertThat(crossed.path("statement").asString()).startsWith("1R and 2R are swapped");
        assertThat(api.post(address, "{\"dash\":{\"1L\":\"60\"},\"gauge\":{\"1R\":\"60\"}}")
                        .at("gauge.1L"))
                .contains("Enter the gauge reading too");
        JsonNode open = api.post(
                        address, "{\"dash\":{\"1L\":\"60\",\"1R\":\"52\"},\"gauge\":{\"1L\":\"60\",\"1R\":\"60\"}}")
                .body();
        assertThat(open.path("statement").asString()).contains("Not certain");
        assertThat(open.path("tieBreaker").asString()).isNotBlank();
    }

    @Test
    @DisplayName(
            "crossed corners stay due until a relearn is proven: neither words nor taking a job off the plan ends it")
    void swappedStaysDue() {
        on("SP-01");
        Api coordinator = new Api(http);
        coordinator.post(
                "/api/vehicles/" + van + "/dash-gauge-comparison",
                "{\"dash\":{\"1L\":\"60\",\"1R\":\"70\"},\"gauge\":{\"1L\":\"70\",\"1R\":\"60\"}}");
        assertThat(due()).contains("Swapped sensors at 1L, 1R");
        JsonNode job = coordinator
                .post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":" + van + ",\"key\":\"RELEARN:\"}]}")
                .body()
                .get(0);
        String address = "/api/jobs/" + job.path("id").asLong();
        long item = job.path("items").get(0).path("id").asLong();
        Answer words = coordinator.post(
                address + "/completion",
                "{\"results\":[{\"itemId\":" + item + ",\"note\":\"drove it round the yard\"}]}",
                "If-Match",
                "\"1\"");
        assertThat(words.at("results." + item + ".note"))
                .contains("Finish the relearn on the vehicle’s Sensors page first");
        assertThat(coordinator.delete(address, "", "If-Match", "\"1\"").status())
                .isEqualTo(204);
        assertThat(due()).contains("Swapped sensors at 1L, 1R");
        post("", "{\"trigger\":\"TOOL\",\"practice\":false}");
        post("/end", "{\"reason\":\"called away\"}");
        assertThat(due()).as("given up proves nothing").contains("Swapped sensors at 1L, 1R");
    }

    @Test
    @DisplayName("a sensor replaced at the desk makes a relearn due")
    void replacedSensor() {
        on("LC-02");
        Api coordinator = new Api(http);
        JsonNode job = coordinator
                .post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":" + van
                                + ",\"key\":\"REPLACE_SENSOR:2LI\"}]}")
                .body()
                .get(0);
        Answer done = coordinator.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":"
                        + job.path("items").get(0).path("id").asLong()
                        + ",\"sensor\":\"A1B2C3D4\",\"pressure\":\"95\"},{\"itemId\":"
                        + job.path("items").get(1).path("id").asLong()
                        + ",\"pressure\":\"95\"}]}",
                "If-Match",
                "\"1\"");
        assertThat(done.status()).as(done.text()).isEqualTo(200);
        assertThat(due()).contains("Sensor replaced at 2LI");
    }

    private String due() {
        return api.get("/api/vehicles/{id}", van).body().path("due").toString();
    }

    @Test
    @DisplayName("a lamp that named one corner while the gauge finds another low opens the comparison by itself")
    void lampAgainstGauge() {
        assertThat(api.get("/api/vehicles/{id}/warning-lamp-comparison", api.vehicle("LC-04"))
                        .body()
                        .get(0)
                        .path("statement")
                        .asString())
                .contains("The lamp named 1L", "1R is low", "compare dash and gauge before adding air");
        assertThat(api.get("/api/vehicles/{id}/warning-lamp-comparison", van).body())
                .isEmpty();
    }

    @Test
    @DisplayName("one or all: both with their cost, the cheaper and the safer named")
    void oneOrAll() {
        JsonNode both = api.get("/api/vehicles/{id}/sensors/{position}/replacement-options", api.vehicle("LC-05"), "1L")
                .body();
        assertThat(both.path("oneNow").asString()).startsWith("$");
        assertThat(both.path("cheaper").asString()).startsWith("Cheaper:");
        assertThat(both.path("safer").asString()).contains("afe");
        assertThat(both.path("lines").size()).isEqualTo(8);
    }
}
