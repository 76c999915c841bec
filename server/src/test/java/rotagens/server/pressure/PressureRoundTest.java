package rotagens.server.pressure;

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
class PressureRoundTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = Api.as(http, "TECHNICIAN");
    }

    private Answer gauge(String unit, String position, String body) {
        return api.post(
                "/api/vehicles/" + api.vehicle(unit) + "/pressure-round/" + position,
                body.replaceFirst("}$", ",\"confirmed\":true}"));
    }

    private Answer advice(String unit, String position, String body) {
        return api.post("/api/vehicles/" + api.vehicle(unit) + "/pressure-round/" + position + "/advice", body);
    }

    private JsonNode stop(String unit, String query, String position) {
        for (JsonNode stop : api.get("/api/vehicles/" + api.vehicle(unit) + "/pressure-round" + query)
                .body()
                .path("positions")) {
            if (stop.path("position").asString().equals(position)) {
                return stop;
            }
        }
        throw new AssertionError(position);
    }

    @Test
    @DisplayName(
            "the round goes once round the vehicle; in a warm bay it fills higher for the yard, never over the maximum")
    void stops() {
        JsonNode stops = api.get("/api/vehicles/" + api.vehicle("LC-04") + "/pressure-round")
                .body()
                .path("positions");
        assertThat(stops.get(0).path("position").asString()).isEqualTo("1L");
        assertThat(stops.get(1).path("position").asString()).isEqualTo("2LO");
        assertThat(stop("LC-04", "", "2LO").path("fillTo").asString()).isEqualTo("95 psi");
        assertThat(stop("LC-04", "?air=65&coldest=25", "2LO").path("fillTo").asString())
                .isEqualTo("104.1 psi");
        assertThat(stop("LC-04", "?air=65&coldest=25", "1L").path("fillTo").asString())
                .isEqualTo("120 psi");
        assertThat(api.get("/api/vehicles/" + api.vehicle("LC-04") + "/pressure-round?air=warm")
                        .at("air"))
                .contains("temperature");
    }

    @Test
    @DisplayName("low and cold: add, gauge again, and both readings are kept; the leak's rate starts anew at the fill")
    void adjust() {
        String before = "{\"before\":\"98\",\"parkedHours\":\"12\",\"air\":\"55\",\"gas\":\"nitrogen\"";
        assertThat(advice("LC-04", "1R", before + "}").body().path("statement").asString())
                .isEqualTo("Add 12 psi to 110 psi, then check again.");
        assertThat(gauge("LC-04", "1R", before + ",\"after\":\"110\"}")
                        .body()
                        .path("action")
                        .asString())
                .isEqualTo("NONE");
        JsonNode loss = api.get("/api/vehicles/{id}/loss", api.vehicle("LC-04")).body();
        JsonNode tire = loss.get(loss.size() - 1);
        assertThat(tire.path("position").asString()).isEqualTo("1R");
        assertThat(tire.path("kind").asString())
                .as("what was lost before the fill stays a leak")
                .isEqualTo("LEAK");
        assertThat(tire.path("statement").asString()).contains("isn’t cleared by air");
        assertThat(tire.path("gas").asString()).isEqualTo("NITROGEN");
        assertThat(tire.path("points").get(0).path("filled").asBoolean()).isTrue();
        gauge("LC-04", "1R", "{\"before\":\"109\",\"after\":\"110\",\"parkedHours\":\"12\",\"gas\":\"air\"}");
        assertThat(stop("LC-04", "", "1R").path("gas").asString()).isEqualTo("AIR");
    }

    @Test
    @DisplayName("a hot tire is never bled, a tire at 80% gets no air and waits for an inspection inside")
    void hotAndRunFlat() {
        assertThat(advice("VN-02", "1L", "{\"before\":\"58\"}")
                        .body()
                        .path("action")
                        .asString())
                .isEqualTo("WAIT");
        Answer air = gauge("VN-02", "1L", "{\"before\":\"40\",\"after\":\"50\",\"parkedHours\":\"5\"}");
        assertThat(air.at("after")).contains("deflate, demount and inspect inside");
        assertThat(gauge("VN-02", "1L", "{\"before\":\"40\",\"parkedHours\":\"5\"}")
                        .body()
                        .path("action")
                        .asString())
                .isEqualTo("STOP");
        assertThat(stop("VN-02", "", "1L").path("waits").asString()).contains("no air before");
        assertThat(gauge("VN-02", "1L", "{\"before\":\"42\",\"after\":\"50\",\"parkedHours\":\"5\"}")
                        .at("after"))
                .contains("Never add air");
    }

    @Test
    @DisplayName("where no target is on file a reading is never said to be on target, and no air is added by it")
    void noTarget() {
        JsonNode low = advice("SP-04", "1L", "{\"before\":\"20\",\"parkedHours\":\"5\"}")
                .body();
        assertThat(low.path("action").asString()).isEqualTo("NO_TARGET");
        assertThat(low.path("to").asString()).isEmpty();
        assertThat(low.path("done").asBoolean()).isTrue();
        assertThat(low.path("statement").asString()).contains("Add no air").doesNotContain("On target");
        JsonNode over = advice("SP-04", "1L", "{\"before\":\"90\",\"parkedHours\":\"5\"}")
                .body();
        assertThat(over.path("action").asString()).isEqualTo("RELEASE_AIR");
        assertThat(over.path("to").asString()).isEqualTo("80 psi");
    }

    @Test
    @DisplayName(
            "over the maximum after filling, a word instead of a figure and hours that can't be are refused at their fields")
    void refused() {
        assertThat(gauge("VN-04", "1R", "{\"before\":\"49\",\"after\":\"79\",\"parkedHours\":\"5\"}")
                        .at("after"))
                .contains("Over the maximum 76 psi");
        assertThat(gauge("VN-04", "1R", "{\"before\":\"low\"}").at("before")).contains("not a pressure");
        assertThat(gauge("VN-04", "1R", "{\"before\":\"49\",\"parkedHours\":\"all night\"}")
                        .at("parkedHours"))
                .contains("how many hours");
        assertThat(gauge("VN-04", "1R", "{\"before\":\"49\",\"gas\":\"helium\"}")
                        .at("gas"))
                .contains("air or nitrogen");
    }

    @Test
    @DisplayName("the same reading sent twice under one key is kept once")
    void onceOnly() {
        String address = "/api/vehicles/" + api.vehicle("VN-05") + "/pressure-round/1L";
        String body = "{\"before\":\"49.5\",\"parkedHours\":\"8\",\"confirmed\":true}";
        api.post(address, body, "Idempotency-Key", "round-1");
        api.post(address, body, "Idempotency-Key", "round-1");
        String ledger =
                api.get("/api/vehicles/{id}/history", api.vehicle("VN-05")).text();
        assertThat(ledger.split("49\\.5 psi cold", -1)).hasSize(2);
    }

    @Test
    @DisplayName("a gauge that isn't paired says so")
    void gaugeNotPaired() {
        Answer press = api.post(
                "/api/simulators/gauge/reading", "{\"vehicleId\":" + api.vehicle("VN-05") + ",\"position\":\"1L\"}");
        assertThat(press.status()).isEqualTo(409);
        assertThat(press.text()).contains("isn’t paired");
    }

    @Test
    @DisplayName("a tire on target names the one of its axle that was last read too far off")
    void axleEquality() {
        Answer right = advice("LC-04", "3R", "{\"before\":\"90\",\"parkedHours\":\"12\"}");
        assertThat(right.body().path("axle").asString())
                .isEqualTo("3L was last read 84 psi: bring all tires of the axle within 5 psi.");
        assertThat(advice("LC-04", "2LO", "{\"before\":\"95\",\"parkedHours\":\"12\"}")
                        .body()
                        .has("axle"))
                .isFalse();
    }
}
