package rotagens.server.vehicle;

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
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ServerTest
class VehicleRegisterTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    static ObjectNode form(String unit) {
        return (ObjectNode) JsonMapper.shared().readTree("""
                {"unit":"%s","vehicleClass":"Box truck","yard":"Millrace","type":"TRUCK","description":"Supply truck",
                 "gvwr":"11793 kg","hasWorkingSensors":false,"isParkedOutdoors":true,"spares":1,
                 "axles":[{"role":"STEER","tires":2,"gawr":"9000","placardSize":"245/70r19.5","placardPressure":"100"},
                          {"role":"DRIVE","tires":4,"placardSize":"245/70R19.5","placardPressure":"6.5 bar"}],
                 "wheels":[{"position":"1L","pilotType":"HUB","rimDiameter":"19.5","lugCount":"8","torque":"610 Nm",
                            "maximumPressure":"120","isLeftThreaded":false,"isReversed":false}]}
                """.formatted(unit));
    }

    private long add(String unit) {
        Answer added = api.post("/api/vehicles", form(unit).toString());
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return added.body().path("id").asLong();
    }

    private Answer change(long id, int version, JsonNode form, String query) {
        return api.put("/api/vehicles/" + id + query, form.toString(), "If-Match", "\"" + version + "\"");
    }

    @Test
    @DisplayName("a vehicle put on file comes back with its figures as they were entered, in any unit")
    void comesBackAsEntered() {
        JsonNode sheet =
                api.get("/api/vehicles/{id}/sheet", add("BT-01")).body().path("form");
        assertThat(sheet.path("gvwr").asString()).isEqualTo("11793 kg");
        assertThat(sheet.path("axles").get(0).path("gawr").asString()).isEqualTo("9000 lb");
        assertThat(sheet.path("axles").get(0).path("placardSize").asString()).isEqualTo("245/70R19.5");
        assertThat(sheet.path("axles").get(1).path("placardPressure").asString())
                .isEqualTo("6.5 bar");
        assertThat(sheet.path("wheels")).hasSize(7);
        assertThat(sheet.path("wheels").get(0).path("torque").asString()).isEqualTo("610 N·m");
    }

    @Test
    @DisplayName("a new vehicle stands in the yard and asks for its tires")
    void standsInTheYard() {
        add("BT-02");
        Answer page = api.get("/api/vehicles/{id}", api.vehicle("BT-02"));
        assertThat(page.body().path("positions")).hasSize(7);
        assertThat(page.text()).contains("Record").contains("\"verdict\":\"UNKNOWN\"");
    }

    @Test
    @DisplayName("everything wrong is said at once, each at its field, and nothing is stored")
    void allAtOnce() {
        ObjectNode form = form("BT-03");
        form.put("vehicleClass", "Never stored")
                .put("unit", " ")
                .put("gvwr", "heavy")
                .put("parkedSince", "2027-01-01");
        ((ObjectNode) form.path("axles").get(0)).put("placardSize", "").put("gawr", "12 psi");
        ((ObjectNode) form.path("axles").get(1)).put("tires", 3);
        Answer refused = api.post("/api/vehicles", form.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("unit")).contains("unit number");
        assertThat(refused.at("gvwr")).contains("“heavy”");
        assertThat(refused.at("parkedSince")).contains("lies ahead");
        assertThat(refused.at("axles[0].placardSize")).contains("both, or neither");
        assertThat(refused.at("axles[0].gawr")).contains("not a unit of weight");
        assertThat(refused.at("axles[1].tires")).contains("2 tires, or 4 as duals");
        assertThat(api.get("/api/fleet").text()).doesNotContain("Never stored");
    }

    @Test
    @DisplayName("a placard above the wheel's maximum is a misread figure, said at the wheel")
    void placardAboveWheel() {
        ObjectNode form = form("BT-04");
        ((ObjectNode) form.path("wheels").get(0)).put("maximumPressure", "90");
        assertThat(api.post("/api/vehicles", form.toString()).at("wheels.1L.maximumPressure"))
                .contains("100 psi")
                .contains("90 psi");
    }

    @Test
    @DisplayName("two vehicles never share a unit number, whatever its case")
    void unitOnce() {
        assertThat(api.post("/api/vehicles", form("lc-01").toString()).at("unit"))
                .contains("already");
    }

    @Test
    @DisplayName("HTML in a name is kept as the letters it is")
    void html() {
        ObjectNode form = form("BT-05").put("description", "<b>box</b><script>alert(1)</script>");
        long id = api.post("/api/vehicles", form.toString()).body().path("id").asLong();
        Answer page = api.get("/api/vehicles/{id}", id);
        assertThat(page.type()).startsWith("application/json");
        assertThat(page.body().path("description").asString()).isEqualTo("<b>box</b><script>alert(1)</script>");
    }

    @Test
    @DisplayName("redrawing a vehicle with tires on it moves nothing: the positions in the way are named")
    void redrawing() {
        long id = api.vehicle("SH-05");
        JsonNode sheet = api.get("/api/vehicles/{id}/sheet", id).body();
        ObjectNode form = (ObjectNode) sheet.path("form");
        ((ObjectNode) form.path("axles").get(1)).put("tires", 2);
        Answer refused = change(id, 1, form, "");
        assertThat(refused.at("axles")).contains("2LO, 2LI, 2RI, 2RO").contains("moves no tire");
        assertThat(api.get("/api/vehicles/{id}", id).body().path("positions")).hasSize(6);
    }

    @Test
    @DisplayName("an axle that changes its meaning under tires has to be confirmed, and the tires stay")
    void meaning() {
        long id = api.vehicle("TR-01");
        ObjectNode form =
                (ObjectNode) api.get("/api/vehicles/{id}/sheet", id).body().path("form");
        ((ObjectNode) form.path("axles").get(1)).put("role", "TAG");
        assertThat(change(id, 1, form, "").at("confirmed")).contains("axle 2 count as tag tires");
        Answer changed = change(id, 1, form, "?confirmed=true");
        assertThat(changed.body().path("version").asInt()).isEqualTo(2);
        assertThat(api.get("/api/vehicles/{id}", id).text()).contains("tag left");
    }

    @Test
    @DisplayName("a place taken away keeps its history and is the same place when it comes back")
    void placeComesBack() {
        long id = add("BT-06");
        ObjectNode form =
                (ObjectNode) api.get("/api/vehicles/{id}/sheet", id).body().path("form");
        form.put("spares", 0);
        assertThat(change(id, 1, form, "").status()).isEqualTo(200);
        assertThat(api.get("/api/vehicles/{id}", id).body().path("positions")).hasSize(6);
        form.put("spares", 1);
        assertThat(change(id, 2, form, "").status()).isEqualTo(200);
        assertThat(api.get("/api/vehicles/{id}", id).body().path("positions")).hasSize(7);
    }

    @Test
    @DisplayName("whoever saves second is told, and overwrites nothing")
    void changedMeanwhile() {
        long id = add("BT-07");
        ObjectNode form =
                (ObjectNode) api.get("/api/vehicles/{id}/sheet", id).body().path("form");
        assertThat(change(id, 1, form.put("description", "first"), "").status()).isEqualTo(200);
        Answer second = change(id, 1, form.put("description", "second"), "");
        assertThat(second.status()).isEqualTo(412);
        assertThat(api.get("/api/vehicles/{id}", id).body().path("description").asString())
                .isEqualTo("first");
    }

    @Test
    @DisplayName("a retired vehicle leaves the yard, keeps its page, and can come back")
    void retired() {
        long id = add("BT-08");
        api.post("/api/vehicles/" + id + "/retire", "");
        assertThat(api.get("/api/fleet").text()).doesNotContain("BT-08");
        assertThat(api.get("/api/vehicles/{id}", id).body().path("retired").asBoolean())
                .isTrue();
        assertThat(api.get("/api/vehicle-register").text()).contains("BT-08");
        api.post("/api/vehicles/" + id + "/restore", "");
        assertThat(api.get("/api/fleet").text()).contains("BT-08");
    }

    @Test
    @DisplayName("an odometer reading fits between its neighbors in time")
    void odometers() {
        long id = add("BT-09");
        String path = "/api/vehicles/" + id + "/odometer";
        assertThat(api.post(path, "{\"odometer\":\"10,000\",\"day\":\"2026-11-01\"}")
                        .status())
                .isEqualTo(204);
        assertThat(api.post(path, "{\"odometer\":\"12000\",\"day\":\"2026-11-21\"}")
                        .status())
                .isEqualTo(204);
        assertThat(api.post(path, "{\"odometer\":\"9000\"}").at("odometer")).contains("Less than the last reading");
        assertThat(api.post(path, "{\"odometer\":\"13000\",\"day\":\"2026-11-10\"}")
                        .at("odometer"))
                .contains("More than was read later");
        assertThat(api.post(path, "{\"odometer\":\"13000\",\"day\":\"2026-12-10\"}")
                        .at("day"))
                .contains("lies ahead");
        assertThat(api.get("/api/vehicles/{id}", id).body().path("milesPerDay").asString())
                .isEqualTo("100 mi");
    }

    @Test
    @DisplayName("the layout while it is drawn: its positions by code and name")
    void drawn() {
        ArrayNode places = (ArrayNode) api.post(
                        "/api/vehicles/layout-change",
                        "{\"axles\":[{\"role\":\"STEER\",\"tires\":2},{\"role\":\"DRIVE\",\"tires\":4}],\"spares\":1}")
                .body()
                .path("positions");
        assertThat(places)
                .extracting(place -> place.path("position").asString())
                .containsExactly("1L", "1R", "2LO", "2LI", "2RI", "2RO", "S1");
        assertThat(places.get(3).path("name").asString()).isEqualTo("drive left inner");
    }
}
