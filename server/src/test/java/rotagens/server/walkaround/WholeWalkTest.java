package rotagens.server.walkaround;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** What a walk-around covers beside the figures: scope, gauges, both sidewalls, looks without a gauge, what is left out. */
@ServerTest
class WholeWalkTest {

    @Autowired
    MockMvc http;

    @Autowired
    Clock clock;

    /** Figures of a test are often far from the demo's: whoever typed them says that they are right. */
    private static final String SURE = ",\"confirmed\":[\"pressure\",\"outer\",\"center\",\"inner\"]";

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private JsonNode start(String unit, String scope) {
        Answer walk = api.post("/api/vehicles/" + api.vehicle(unit) + "/walk-arounds", "{\"scope\":\"" + scope + "\"}");
        assertThat(walk.status()).isEqualTo(200);
        return walk.body();
    }

    private Answer save(long walk, String position, String fields) {
        return api.put(
                "/api/walk-arounds/" + walk + "/positions/" + position, "{" + fields + SURE + "}", "If-Match", "\"0\"");
    }

    private Answer finish(long walk, String skipped) {
        return api.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"" + skipped + "\"}");
    }

    private String ledger(String unit) {
        return api.get("/api/vehicles/{id}/history", api.vehicle(unit)).text();
    }

    private JsonNode stop(long walk, String position) {
        for (JsonNode stop : api.get("/api/walk-arounds/{id}", walk).body().path("positions")) {
            if (stop.path("position").asString().equals(position)) {
                return stop;
            }
        }
        throw new AssertionError("no stop " + position);
    }

    private long gauge(String name) {
        for (JsonNode gauge : api.get("/api/gauges").body()) {
            if (gauge.path("name").asString().equals(name)) {
                return gauge.path("id").asLong();
            }
        }
        throw new AssertionError("no gauge " + name);
    }

    @Test
    @DisplayName(
            "a pressure walk asks for pressure only; what lacks it needs a reason, and the reason stands in the history")
    void scope() {
        long walk = start("VN-01", "PRESSURE_ONLY").path("id").asLong();
        for (String position : new String[] {"1L", "2L", "2R"}) {
            save(walk, position, "\"pressure\":\"50\",\"thermalState\":\"COLD\"");
        }
        save(walk, "1R", "\"outer\":\"8\",\"center\":\"8\",\"inner\":\"8\"");
        assertThat(stop(walk, "2L").path("missing").isMissingNode()).isTrue();
        assertThat(stop(walk, "1R").path("missing").asString()).isEqualTo("no pressure");
        assertThat(finish(walk, "").at("skipReason")).contains("No pressure at 1R");
        assertThat(finish(walk, "cap stuck").status()).isEqualTo(200);
        assertThat(ledger("VN-01")).contains("Skipped: cap stuck");
    }

    @Test
    @DisplayName("a position is left out with its own reason, and not with figures beside it")
    void leftOut() {
        long walk = start("VN-03", "FULL").path("id").asLong();
        assertThat(save(walk, "1L", "\"pressure\":\"50\",\"skipReason\":\"too hot\"")
                        .at("skipReason"))
                .contains("Something is entered here");
        assertThat(save(walk, "1L", "\"skipReason\":\"wheel off at the shop\"").status())
                .isEqualTo(200);
        assertThat(stop(walk, "1L").path("missing").isMissingNode()).isTrue();
        assertThat(stop(walk, "1R").path("missing").asString()).isEqualTo("nothing entered");
        assertThat(finish(walk, "dark").status()).isEqualTo(200);
        assertThat(ledger("VN-03")).contains("Skipped: wheel off at the shop", "Skipped: dark");
    }

    @Test
    @DisplayName(
            "gauges by name stand in the history with what they read; an unknown or wrong one is refused at its field")
    void gauges() {
        long walk = start("SP-03", "FULL").path("id").asLong();
        String both = "\"pressure\":\"41\",\"outer\":\"9\",\"center\":\"9\",\"inner\":\"9\",\"thermalState\":\"COLD\"";
        assertThat(save(walk, "1L", both + ",\"pressureGauge\":" + gauge("T-1")).at("pressureGauge"))
                .contains("no such gauge for pressure");
        assertThat(save(walk, "1L", both + ",\"pressureGauge\":" + gauge("P-2") + ",\"treadGauge\":" + gauge("T-1"))
                        .status())
                .isEqualTo(200);
        finish(walk, "only this one");
        assertThat(ledger("SP-03")).contains("41 psi cold, tread 9/32 in · 9/32 in · 9/32 in, with P-2 and T-1");
    }

    @Test
    @DisplayName("a bar or coin at the mark takes the tire off the road at once; beside a depth it is refused")
    void bound() {
        long walk = start("SP-04", "PRE_TRIP").path("id").asLong();
        assertThat(save(walk, "1L", "\"treadInterval\":\"AT_OR_BELOW_2\",\"outer\":\"9\"")
                        .at("treadInterval"))
                .contains("Depths are entered");
        Answer saved = save(walk, "1L", "\"treadInterval\":\"AT_OR_BELOW_2\"");
        assertThat(saved.body().path("assessment").path("verdict").asString()).isEqualTo("DO_NOT_OPERATE");
        finish(walk, "the rest is fine");
        assertThat(ledger("SP-04")).contains("tread at or below 2/32 in by wear bar or coin");
    }

    @Test
    @DisplayName("what is seen on the inner sidewall is named so, and only what a sidewall can show")
    void innerSidewall() {
        long walk = start("SH-05", "FULL").path("id").asLong();
        assertThat(save(walk, "1L", "\"innerSidewallFindings\":[\"CAP_MISSING\"]")
                        .at("innerSidewallFindings"))
                .contains("Only what is seen on a sidewall");
        Answer saved = save(
                walk,
                "1L",
                "\"findings\":[\"CRACK_SHALLOW\"],\"innerSidewallFindings\":[\"CRACK_SHALLOW\"],\"dotSide\":\"IN\"");
        assertThat(saved.text())
                .contains("Crack up to 2/32 in deep, inner sidewall", "Crack up to 2/32 in deep, outer sidewall");
        finish(walk, "only this one");
        assertThat(ledger("SH-05")).contains("Crack up to 2/32 in deep, inner sidewall", "DOT side in");
    }

    @Test
    @DisplayName("figures taken out of reach keep the time they were taken at; a clock two weeks off is refused")
    void takenEarlier() {
        long walk = start("VN-05", "FULL").path("id").asLong();
        String before = clock.instant().minus(Duration.ofHours(5)).toString();
        Answer saved = save(walk, "1R", "\"pressure\":\"50\",\"takenAt\":\"" + before + "\"");
        assertThat(saved.body().path("entry").path("savedAt").asString()).isEqualTo(before);
        String old = clock.instant().minus(Duration.ofDays(15)).toString();
        assertThat(save(walk, "1L", "\"pressure\":\"50\",\"takenAt\":\"" + old + "\"")
                        .at("takenAt"))
                .contains("over two weeks ago");
    }

    @Test
    @DisplayName("a sheet is taken along without starting a walk-around, with the figures each limit turns at")
    void sheet() {
        JsonNode sheet = api.get("/api/vehicles/{id}/walk-around-draft?scope=PRESSURE_ONLY", api.vehicle("LC-01"))
                .body();
        assertThat(sheet.path("id").asLong()).isZero();
        assertThat(sheet.path("scope").asString()).isEqualTo("PRESSURE_ONLY");
        JsonNode steer = sheet.path("positions").get(0);
        assertThat(steer.path("bands").path("tread").get(0).path("verdict").asString())
                .isEqualTo("DO_NOT_OPERATE");
        assertThat(steer.path("bands").path("tread").get(0).path("statement").asString())
                .isEqualTo("Legal tread limit: 4/32 in");
        assertThat(steer.path("bands").path("cold").size()).isGreaterThan(3);
        assertThat(api.get("/api/vehicles/{id}/walk-around-draft?units=METRIC", api.vehicle("LC-01"))
                        .body()
                        .path("positions")
                        .get(0)
                        .path("bands")
                        .path("tread")
                        .get(0)
                        .path("statement")
                        .asString())
                .isEqualTo("Legal tread limit: 3.2 mm");
    }

    @Test
    @DisplayName(
            "miles are counted on through a replaced odometer: rate and miles a day stand, and less than before is right")
    void replacedOdometer() {
        long shuttle = api.vehicle("SH-02");
        JsonNode wear = api.get("/api/vehicles/{id}/wear", shuttle).body();
        assertThat(wear.path("tires").get(0).path("forecast").path("rate").asString(""))
                .contains("in 10,000 mi");
        long van = api.vehicle("VN-02");
        api.post("/api/vehicles/" + van + "/odometer-replacement", "{\"last\":\"12\",\"first\":\"0\"}");
        assertThat(api.post("/api/vehicles/" + van + "/odometer-replacement", "{\"last\":\"12\",\"first\":\"0\"}")
                        .at("last"))
                .startsWith("Less than the last reading");
        assertThat(api.post(
                                "/api/vehicles/" + van + "/odometer-replacement",
                                "{\"last\":\"400000\",\"first\":\"0\",\"note\":\"new cluster\",\"confirmed\":true}")
                        .status())
                .isEqualTo(204);
        assertThat(api.post("/api/vehicles/" + van + "/odometer", "{\"odometer\":\"15\"}")
                        .status())
                .isEqualTo(204);
        assertThat(api.post("/api/vehicles/" + van + "/odometer", "{\"odometer\":\"14\"}")
                        .at("odometer"))
                .startsWith("Less than the last reading");
    }
}
