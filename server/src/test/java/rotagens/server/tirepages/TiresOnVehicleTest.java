package rotagens.server.tirepages;

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

/** A vehicle comes into the books with the tires that are on it. */
@ServerTest
class TiresOnVehicleTest {

    private static final String LINE = "Hastwick Roadmere 225/70R19.5 128/126N G";

    @Autowired
    MockMvc http;

    private Api api;
    private static int next = 1;

    @BeforeEach
    void start() {
        api = new Api(http);
    }

    private long truck() {
        Answer added = api.post("/api/vehicles", """
                {"unit":"TK-%d","vehicleClass":"Box truck","yard":"Millrace","type":"TRUCK","description":"Box truck",
                 "gvwr":"19500","hasWorkingSensors":false,"isParkedOutdoors":true,"spares":0,
                 "axles":[{"role":"STEER","tires":2},{"role":"DRIVE","tires":4}],"wheels":[]}
                """.formatted(next++));
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return added.body().path("id").asLong();
    }

    private static String tire(String position, String dot, String model, String tread) {
        return "{\"position\":\"%s\",\"dotCode\":\"%s\",\"model\":\"%s\",\"tread\":\"%s\"}"
                .formatted(position, dot, model, tread);
    }

    private Answer record(long id, String since, String... tires) {
        return api.post(
                "/api/vehicles/" + id + "/tires",
                "{\"installedOn\":" + since + ",\"tires\":[" + String.join(",", tires) + "]}");
    }

    private JsonNode row(long id, String position) {
        for (JsonNode row : api.get("/api/vehicles/{id}", id).body().path("positions")) {
            if (row.path("position").asString().equals(position)) {
                return row;
            }
        }
        throw new AssertionError(position);
    }

    @Test
    @DisplayName(
            "six tires read walking round are on record at once, dated and judged; a new model is in the catalog once")
    void six() {
        long id = truck();
        Answer made = record(
                id,
                "\"2026-03-02\"",
                tire("1L", "3CT2XR1M1024", LINE, "14 13 14"),
                tire("1R", "3CT2XR1M1024", LINE, "4 5 5"),
                tire("2LO", "3CT2XR1M0716", LINE, "9 9 9"),
                tire("2LI", "", LINE, "9"),
                tire("2RI", "3CT2XR1M1024", LINE.toLowerCase(), "9 9 9"),
                tire("2RO", "3CT2XR1M1024", LINE, ""));
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        assertThat(made.body().path("newModels").toString()).isEqualTo("[\"" + LINE + "\"]");
        assertThat(made.body().path("notes").toString()).contains("2LI: DOT code not read");
        assertThat(row(id, "1L").path("outer").asString()).isEqualTo("14/32 in");
        assertThat(row(id, "1L").path("dot").asString()).isEqualTo("1024");
        // At the legal limit of a truck’s front wheel, and past ten years: said, not refused.
        assertThat(row(id, "1R").path("assessment").path("verdict").asString()).isEqualTo("DO_NOT_OPERATE");
        assertThat(row(id, "2LO").path("assessment").path("verdict").asString()).isEqualTo("DO_NOT_OPERATE");
        assertThat(row(id, "2LI").path("center").asString()).isEqualTo("9/32 in");
        assertThat(row(id, "2LI").has("outer")).isFalse();
        JsonNode tire = api.get("/api/tires/{id}", row(id, "1L").path("tireId").asLong())
                .body();
        assertThat(tire.path("installations").toString()).contains("2026-03-02");
        assertThat(tire.path("model").asString()).isEqualTo("Hastwick Roadmere");
    }

    @Test
    @DisplayName("what can’t be read is said at its own field, all at once, and nothing is recorded")
    void wrong() {
        long id = truck();
        Answer refused = record(
                id,
                "null",
                tire("1L", "OOO", "225/70R19.5 128/126N G", "9 9"),
                tire("9L", "3CT2XR1M1024", "", "9 9 9"),
                tire("1R", "3CT2XR1M1024", LINE, "9 9 9"),
                tire("1R", "3CT2XR1M1024", LINE, "deep"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("tires[0].dotCode")).isNotBlank();
        assertThat(refused.at("tires[0].model")).contains("manufacturer and model in front");
        assertThat(refused.at("tires[0].tread")).contains("three depths");
        assertThat(refused.at("tires[1].position")).contains("no such position");
        assertThat(refused.at("tires[1].model")).contains("Enter manufacturer");
        assertThat(refused.at("tires[3].position")).contains("twice");
        assertThat(refused.at("tires[3].tread")).isNotBlank();
        assertThat(row(id, "1R").has("tireId")).isFalse();
        assertThat(record(id, "\"2027-01-01\"", tire("1L", "", LINE, "")).at("installedOn"))
                .contains("lies ahead");
    }

    @Test
    @DisplayName("a retread on the steer axle is recorded as one, and the vehicle must not be operated")
    void retread() {
        long id = truck();
        String retread = tire("1L", "3CT2XR1M1024", LINE, "14 14 14").replace("{", "{\"retread\":true,");
        assertThat(record(id, "null", retread, tire("1R", "3CT2XR1M1024", LINE, "14 14 14"))
                        .status())
                .isEqualTo(200);
        assertThat(row(id, "1L").path("assessment").toString()).contains("DO_NOT_OPERATE", "Retread on the steer axle");
        assertThat(row(id, "1R").path("assessment").path("verdict").asString()).isNotEqualTo("DO_NOT_OPERATE");
    }

    @Test
    @DisplayName(
            "a depth over what the model has when new is asked about as at every other door, and a code on file twice is said")
    void plausible() {
        long id = truck();
        String known = "Quenmark Dockhand 235/65R16C 115/113R D";
        assertThat(record(id, "null", tire("1L", "", known, "14 9 9")).at("tires[0].tread"))
                .contains("deeper than this model has when new");
        Answer twice = record(
                id, "null", tire("1L", "3CT2XR1M1124", known, "9 9 9"), tire("1R", "3CT2XR1M1124", known, "9 9 9"));
        assertThat(twice.body().path("newModels")).isEmpty();
        assertThat(twice.body().path("notes").toString()).contains("the same DOT code");
    }

    @Test
    @DisplayName("where a tire is on record already, none is put over it")
    void taken() {
        long id = truck();
        assertThat(record(id, "null", tire("1L", "3CT2XR1M1024", LINE, "")).status())
                .isEqualTo(200);
        assertThat(record(id, "null", tire("1L", "3CT2XR1M1024", LINE, "")).at("tires[0].position"))
                .contains("has a tire on record already");
    }
}
