package rotagens.server.telemetry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
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

/** What machines send, at 15:00 UTC on the test’s day. */
@ServerTest
class IngestTest {

    @Autowired
    MockMvc http;

    @Autowired
    DSLContext db;

    private Api api;

    @BeforeEach
    void coordinator() {
        api = new Api(http);
    }

    private Answer pressures(String... rows) {
        return api.post("/api/ingest/pressures", "{\"rows\":[" + String.join(",", rows) + "]}");
    }

    private static String row(String unit, String position, String time, String pressure, String more) {
        return "{\"unit\":\"%s\",\"position\":\"%s\",\"at\":\"2026-11-23T%s:00Z\",\"pressure\":\"%s\"%s}"
                .formatted(unit, position, time, pressure, more);
    }

    private int readings(String unit, String position) {
        return ((Number) db.fetchValue(
                        "select count(*) from reading join position on position.id = reading.position_id"
                                + " join vehicle on vehicle.id = position.vehicle_id where unit = ? and code = ?",
                        unit,
                        position))
                .intValue();
    }

    private JsonNode alerts(String unit, String position) {
        JsonNode vehicle = api.get("/api/vehicles/" + api.vehicle(unit)).body();
        for (JsonNode one : vehicle.path("positions")) {
            if (one.path("position").asString().equals(position)) {
                return one;
            }
        }
        throw new AssertionError(vehicle.toString());
    }

    @Test
    @DisplayName(
            "samples are thinned, a batch sent twice adds nothing, and each faulty row is told by its number while others stand")
    void thinned() {
        int before = readings("LC-02", "1L");
        String[] rows = {
            row("LC-02", "1L", "10:00", "110 psi", ",\"temperature\":\"70 F\""),
            row("LC-02", "1L", "10:10", "110.5 psi", ",\"temperature\":\"71 F\""),
            row("LC-02", "1L", "10:20", "111 psi", ",\"temperature\":\"72 F\""),
            row("LC-02", "9L", "10:20", "111 psi", ""),
            row("LC-02", "1L", "10:30", "111", ""),
            row("XX-99", "1L", "10:30", "111 psi", ""),
            row("LC-02", "1L", "23:30", "111 psi", "")
        };
        Answer first = pressures(rows);
        assertThat(first.body().path("taken").asInt()).as(first.text()).isEqualTo(3);
        assertThat(first.body().path("faults"))
                .extracting(fault ->
                        fault.path("row").asInt() + " " + fault.path("field").asString())
                .contains("4 pressure", "5 unit", "6 at")
                .anyMatch(fault -> fault.startsWith("3 "));
        assertThat(readings("LC-02", "1L"))
                .as("one of three is kept as a reading")
                .isEqualTo(before + 1);
        Answer again = pressures(rows);
        assertThat(again.body().path("taken").asInt()).isZero();
        assertThat(again.body().path("same").asInt()).isEqualTo(3);
        assertThat(readings("LC-02", "1L")).isEqualTo(before + 1);
    }

    @Test
    @DisplayName("air going fast is a suspected leak at once, whatever else is known of the tire")
    void fastLoss() {
        pressures(row("LC-03", "1R", "12:00", "110 psi", ",\"temperature\":\"60 F\""));
        pressures(row("LC-03", "1R", "12:20", "106 psi", ",\"temperature\":\"60 F\""));
        assertThat(alerts("LC-03", "1R").toString())
                .contains("Suspected leak")
                .contains("losing air fast by its sensor");
        String sent = db.fetchValues("select body from webhook_message").toString();
        assertThat(sent).as("nobody asked to be told").isEqualTo("[]");
    }

    @Test
    @DisplayName("air let out by hand, and another tire at the position, are no leak")
    void byHand() {
        pressures(row("VN-02", "1L", "14:50", "80 psi", ",\"temperature\":\"60 F\""));
        Answer set = api.post(
                "/api/vehicles/" + api.vehicle("VN-02") + "/pressure-round/1L",
                "{\"before\":\"80\",\"after\":\"74\",\"parkedHours\":\"12\",\"confirmed\":true}");
        assertThat(set.status()).as(set.text()).isEqualTo(200);
        pressures(row("VN-02", "1L", "15:02", "74 psi", ",\"temperature\":\"60 F\""));
        assertThat(alerts("VN-02", "1L").toString()).doesNotContain("Suspected leak");
        pressures(row("VN-03", "1L", "14:50", "80 psi", ",\"temperature\":\"60 F\""));
        Answer swapped = api.post(
                "/api/tires/" + alerts("VN-03", "1L").path("tireId").asLong() + "/swap", "{\"position\":\"1R\"}");
        assertThat(swapped.status()).as(swapped.text()).isEqualTo(200);
        pressures(row("VN-03", "1L", "15:02", "74 psi", ",\"temperature\":\"60 F\""));
        assertThat(alerts("VN-03", "1L").toString()).doesNotContain("Suspected leak");
        pressures(row("VN-03", "1L", "15:04", "70 psi", ",\"temperature\":\"60 F\""));
        assertThat(alerts("VN-03", "1L").toString()).contains("Suspected leak");
    }

    @Test
    @DisplayName(
            "a tire whose air is let out while its vehicle is worked on opens nothing; before the work and after it low is low")
    void inTheBay() {
        long job = api.post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":%d,\"key\":\"REPLACE:1R\"}]}"
                                .formatted(api.vehicle("SH-04")))
                .body()
                .get(0)
                .path("id")
                .asLong();
        String first = api.get("/api/jobs/{id}/sheet", job)
                .body()
                .path("steps")
                .get(0)
                .path("key")
                .asString();
        Answer marked = api.post("/api/jobs/" + job + "/sheet/steps/" + first, "{\"fields\":{}}");
        assertThat(marked.status()).as(marked.text()).isEqualTo(200);
        int before = readings("SH-04", "1L");
        assertThat(pressures(row("SH-04", "1L", "15:02", "0 psi", ""))
                        .body()
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(readings("SH-04", "1L")).isEqualTo(before);
        assertThat(alerts("SH-04", "1L").toString()).doesNotContain("Run flat");
        pressures(row("SH-04", "1L", "14:58", "21 psi", ""));
        assertThat(readings("SH-04", "1L"))
                .as("what was read before the work counts, though it comes late")
                .isEqualTo(before + 1);
        api.takeBack(job);
        pressures(row("SH-04", "1L", "15:04", "20 psi", ",\"temperature\":\"60 F\""));
        assertThat(alerts("SH-04", "1L").toString())
                .as("after the work low is low")
                .contains("% of target");
    }

    @Test
    @DisplayName("a hot sample under what the load needs is open at once; it proves nothing where it is high")
    void hotAndLow() {
        pressures(row("LC-04", "1L", "13:00", "60 psi", ",\"temperature\":\"120 F\""));
        assertThat(alerts("LC-04", "1L").toString()).contains("54% of target");
    }

    @Test
    @DisplayName("a sensor not heard for an hour while others of its vehicle are is silent, and is heard again")
    void silent() {
        long vehicle = api.vehicle("LC-01");
        pressures(row("LC-01", "1R", "09:00", "110 psi", ""), row("LC-01", "2LO", "09:00", "95 psi", ""));
        assertThat(silences(vehicle)).isEmpty();
        pressures(row("LC-01", "2LO", "10:05", "95 psi", ""));
        assertThat(silences(vehicle)).containsExactly("1R");
        pressures(row("LC-01", "1R", "10:10", "110 psi", ""));
        assertThat(silences(vehicle)).isEmpty();
    }

    private List<String> silences(long vehicle) {
        return db
                .fetchValues(
                        "select code from sensor_silence join position on position.id = position_id where vehicle_id = ?",
                        vehicle)
                .stream()
                .map(String::valueOf)
                .toList();
    }

    @Test
    @DisplayName("an alarm of fast loss opens the leak, any other asks that every corner is gauged")
    void alarms() {
        long vehicle = api.vehicle("LC-05");
        Answer taken = api.post("/api/ingest/sensor-alarms", """
                {"rows":[{"unit":"LC-05","position":"1L","at":"2026-11-23T14:00:00Z","type":"FAST_LOSS"},
                {"unit":"LC-05","position":"1R","at":"2026-11-23T14:00:00Z","type":"LOW_PRESSURE"},
                {"unit":"LC-05","position":"1R","at":"2026-11-23T14:00:00Z"}]}""");
        assertThat(taken.body().path("taken").asInt()).as(taken.text()).isEqualTo(2);
        assertThat(taken.body().path("faults").path(0).path("field").asString()).isEqualTo("type");
        assertThat(alerts("LC-05", "1L").toString()).contains("Suspected leak");
        assertThat(db.fetchValues("select note from driver_report where vehicle_id = ?", vehicle)
                        .toString())
                .contains("Sensor alarm: low pressure.");
    }

    @Test
    @DisplayName("odometers come with their unit, twice is once, and one far from the last waits for a person")
    void odometers() {
        String unit = "LC-01";
        int last = ((Number) db.fetchValue(
                        "select cast(max(cast(substr(odometer, 1, instr(odometer, ' ')) as real)) as integer) from odometer_reading"
                                + " join vehicle on vehicle.id = vehicle_id where unit = ?",
                        unit))
                .intValue();
        String rows = """
                {"rows":[{"unit":"%s","at":"2026-11-23T14:30:00Z","odometer":"%d mi"},
                {"unit":"%s","at":"2026-11-23T14:40:00Z","odometer":"%d"},
                {"unit":"%s","at":"2026-11-23T14:50:00Z","odometer":"%d mi"}]}""".formatted(unit, last + 20, unit, last + 30, unit, last + 90_000);
        Answer taken = api.post("/api/ingest/odometers", rows);
        assertThat(taken.body().path("taken").asInt()).as(taken.text()).isEqualTo(1);
        assertThat(taken.body().path("faults")).hasSize(2);
        assertThat(api.post("/api/ingest/odometers", rows).body().path("same").asInt())
                .isEqualTo(1);
    }
}
