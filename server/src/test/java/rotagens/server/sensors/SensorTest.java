package rotagens.server.sensors;

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

/** Which sensor is where, and since when. */
@ServerTest
class SensorTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = Api.as(http, "TECHNICIAN");
    }

    private JsonNode line(String unit, String position) {
        for (JsonNode line :
                api.get("/api/vehicles/{id}/sensors", api.vehicle(unit)).body().path("rows")) {
            if (line.path("position").asString().equals(position)) {
                return line;
            }
        }
        throw new AssertionError(position);
    }

    private Answer put(String unit, String position, String body) {
        return api.put("/api/vehicles/" + api.vehicle(unit) + "/sensors/" + position, body);
    }

    @Test
    @DisplayName("a sensor on file says when its battery may end and when it is overdue")
    void battery() {
        assertThat(line("LC-05", "1L").path("verdict").asString()).isEqualTo("WATCH");
        assertThat(line("LC-05", "1L").path("expectedEnd").asString()).isEqualTo("2026-07-23");
        assertThat(line("LC-05", "1L").path("overdue").asString()).isEqualTo("2029-07-23");
    }

    @Test
    @DisplayName(
            "a sensor is put on record with its ID in capitals, replaced, and taken off; each stands in the history")
    void putAndTakenOff() {
        String before = line("LC-04", "1L").path("sensorId").asString();
        assertThat(put(
                                "LC-04",
                                "1L",
                                "{\"before\":\"" + before
                                        + "\",\"sensorId\":\"ab 12-cd34\",\"location\":\"INSIDE\",\"installedDate\":\"2026-11-01\"}")
                        .status())
                .isEqualTo(204);
        assertThat(line("LC-04", "1L").path("sensorId").asString()).isEqualTo("AB12CD34");
        assertThat(line("LC-04", "1L").path("expectedEnd").asString()).isEqualTo("2033-11-01");
        assertThat(put("LC-04", "1L", "{\"before\":\"AB12CD34\",\"sensorId\":\"\"}")
                        .status())
                .isEqualTo(204);
        assertThat(line("LC-04", "1L").has("sensorId")).isFalse();
        JsonNode history = api.get("/api/vehicles/{id}/sensors", api.vehicle("LC-04"))
                .body()
                .path("history");
        assertThat(history.get(0).path("description").asString()).isEqualTo("taken off");
        assertThat(history.get(0).path("code").asString()).isEqualTo("AB12CD34");
    }

    @Test
    @DisplayName(
            "an ID in use elsewhere, an impossible one and a day to come are refused at their fields, with nothing changed")
    void refusals() {
        String elsewhere = line("LC-05", "1L").path("sensorId").asString();
        String before = line("LC-04", "1R").path("sensorId").asString();
        String with = "{\"before\":\"" + before + "\",\"location\":\"INSIDE\",\"sensorId\":";
        assertThat(put("LC-04", "1R", with + "\"" + elsewhere + "\"}").at("sensorId"))
                .contains("on file on LC-05 at 1L");
        assertThat(put("LC-04", "1R", with + "\"12\"}").at("sensorId")).contains("letters and digits");
        assertThat(put("LC-04", "1R", with + "\"9B00AA11\",\"installedDate\":\"2027-01-01\"}")
                        .at("installedDate"))
                .contains("lies ahead");
        assertThat(line("LC-04", "1R").path("sensorId").asString()).isEqualTo(before);
    }

    @Test
    @DisplayName("whoever looked at an older record is told what it is now")
    void changedMeanwhile() {
        Answer late =
                put("LC-04", "2LO", "{\"before\":\"00000000\",\"sensorId\":\"9B00AA12\",\"location\":\"INSIDE\"}");
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text()).contains(line("LC-04", "2LO").path("sensorId").asString());
    }

    @Test
    @DisplayName(
            "an overdue sensor is due work; signing off its replacement needs the ID of the one fitted, and puts it on record")
    void replaced() {
        assertThat(line("LC-02", "2LI").path("verdict").asString()).isEqualTo("SERVICE_DUE");
        Api coordinator = new Api(http);
        long vehicle = api.vehicle("LC-02");
        String key = "";
        for (JsonNode due :
                coordinator.get("/api/vehicles/{id}", vehicle).body().path("due")) {
            if (due.path("workType").asString().equals("REPLACE_SENSOR")) {
                key = due.path("key").asString();
            }
        }
        JsonNode job = coordinator
                .post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":" + vehicle + ",\"key\":\"" + key + "\"}]}")
                .body()
                .get(0);
        long item = job.path("items").get(0).path("id").asLong();
        String path = "/api/jobs/" + job.path("id").asLong() + "/completion";
        String seen = "\"" + job.path("version").asInt() + "\"";
        Answer without =
                api.post(path, "{\"results\":[{\"itemId\":" + item + ",\"pressure\":\"95\"}]}", "If-Match", seen);
        assertThat(without.at("results." + item + ".sensor")).isNotEmpty();
        Answer done = api.post(
                path,
                "{\"results\":[{\"itemId\":" + item + ",\"pressure\":\"95\",\"sensor\":\"77c0ffee\"},{\"itemId\":"
                        + job.path("items").get(1).path("id").asLong() + ",\"pressure\":\"95\"}]}",
                "If-Match",
                seen);
        assertThat(done.status()).isEqualTo(200);
        assertThat(line("LC-02", "2LI").has("verdict")).isFalse();
        assertThat(line("LC-02", "2LI").path("sensorId").asString()).isEqualTo("77C0FFEE");
        assertThat(line("LC-02", "2LI").path("installedDate").asString()).isEqualTo("2026-11-23");
    }
}
