package rotagens.server.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.TreadDepth.Unit;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy.Scope;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.WearPattern.Shape;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import rotagens.server.policy.PolicyStore;
import tools.jackson.databind.JsonNode;

@ServerTest
class WearTest {

    @Autowired
    MockMvc http;

    @Autowired
    PolicyStore policies;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private JsonNode page(String unit) {
        return api.get("/api/vehicles/{id}/wear", api.vehicle(unit)).body();
    }

    private JsonNode tire(String unit, String position) {
        for (JsonNode tire : page(unit).path("tires")) {
            if (tire.path("position").asString().equals(position)) {
                return tire;
            }
        }
        throw new AssertionError(position);
    }

    private String card(String unit) {
        return api.get("/api/vehicles/{id}/driver-card", api.vehicle(unit))
                .body()
                .path("code")
                .asString();
    }

    @Test
    @DisplayName(
            "one-shoulder wear names camber first, with the tire across the axle and the driver's report as evidence")
    void oneShoulder() {
        JsonNode tire = tire("LC-03", "1R");
        assertThat(tire.path("pattern").path("label").asString()).isEqualTo("outer shoulder worn");
        JsonNode first = tire.path("causes").get(0);
        assertThat(first.path("cause").asString()).isEqualTo("camber, or a bent part");
        assertThat(first.path("evidenceFor").toString())
                .contains("1L across the axle is even")
                .contains("pulls to the right");
        assertThat(tire.path("section").path("pullWords").asString()).isEqualTo("5/32 in");
        assertThat(tire.path("forecast").path("nextLimit").asString()).contains("Steer age limit");
    }

    @Test
    @DisplayName("center wear with a clean pressure history points to a load that isn't carried")
    void center() {
        JsonNode tire = tire("SH-05", "1L");
        assertThat(tire.path("pattern").path("label").asString()).isEqualTo("center worn");
        assertThat(tire.path("causes").get(0).path("cause").asString())
                .isEqualTo("a pressure set for a load that isn’t carried");
        assertThat(tire.path("causes").get(1).path("evidenceAgainst").toString())
                .contains("cold readings on the target");
    }

    @Test
    @DisplayName("alignment on record answers what was unknown; a day to come and nothing chosen are refused")
    void events() {
        String events = "/api/vehicles/" + api.vehicle("VN-01") + "/events";
        assertThat(tire("VN-01", "1L").path("unknown").toString()).contains("last aligned");
        assertThat(api.post(events, "{}").at("type")).contains("Choose");
        assertThat(api.post(events, "{\"type\":\"ALIGNMENT\",\"day\":\"2026-12-24\"}")
                        .at("day"))
                .contains("lies ahead");
        assertThat(api.post(events, "{\"type\":\"ALIGNMENT\",\"day\":\"2026-06-01\"}")
                        .status())
                .isEqualTo(204);
        assertThat(tire("VN-01", "1L").path("unknown").toString()).doesNotContain("last aligned");
        assertThat(tire("VN-01", "1L").toString()).contains("Aligned on Jun 1, 2026");
    }

    @Test
    @DisplayName(
            "a driver's report needs no account, counts only after a look, and becomes a job that gauges every corner")
    void report() {
        String code = card("VN-02");
        Api driver = Api.asNobody(http);
        Answer form = driver.get("/api/driver-reports/" + code);
        assertThat(form.body().path("unit").asString()).isEqualTo("VN-02");
        assertThat(form.text()).doesNotContain("Quenmark").doesNotContain("Millrace");
        assertThat(driver.post("/api/driver-reports/" + code, "{}").at("symptom"))
                .contains("Choose");
        assertThat(driver.post("/api/driver-reports/" + code, "{\"symptom\":\"WARNING_LAMP\",\"corner\":\"9L\"}")
                        .at("corner"))
                .contains("no such corner");
        Answer sent = driver.post(
                "/api/driver-reports/" + code,
                "{\"symptom\":\"WARNING_LAMP\",\"corner\":\"1R\",\"reporter\":\"J. Arden\"}");
        assertThat(sent.body().path("statement").asString()).contains("may name the wrong corner");
        JsonNode waiting = api.get("/api/reports").body();
        assertThat(waiting.toString()).contains("VN-02");
        long id = 0;
        for (JsonNode one : waiting) {
            if (one.path("unit").asString().equals("VN-02")) {
                id = one.path("report").path("id").asLong();
            }
        }
        String review = "/api/reports/" + id + "/review";
        assertThat(api.post(review, "{\"status\":\"DISMISSED\"}").at("note"))
                .contains("Enter why the report is dismissed");
        assertThat(api.post(review, "{\"status\":\"ACCEPTED\",\"plan\":\"2026-11-24\"}")
                        .status())
                .isEqualTo(204);
        assertThat(api.post(review, "{\"status\":\"DISMISSED\",\"note\":\"x\"}").status())
                .isEqualTo(409);
        JsonNode job =
                api.get("/api/vehicles/{id}/jobs", api.vehicle("VN-02")).body().get(0);
        assertThat(job.path("items").size()).isEqualTo(4);
        assertThat(job.toString()).contains("Gauge all before adding air").contains("pressure lamp on at 1R");
    }

    @Test
    @DisplayName(
            "an unknown code opens nothing, a new card ends the old one, guessing never shuts out drivers, a card can't flood the list")
    void codes() {
        Api driver = Api.asNobody(http);
        assertThat(driver.get("/api/driver-reports/NOSUCHCODE00").status()).isEqualTo(404);
        String old = card("TR-03");
        String fresh = api.post("/api/vehicles/" + api.vehicle("TR-03") + "/driver-card", "{}")
                .body()
                .path("code")
                .asString();
        assertThat(fresh).isNotEqualTo(old);
        assertThat(driver.get("/api/driver-reports/" + old).status()).isEqualTo(404);
        int guess = 0;
        for (int at = 0; at < 62; at++) {
            guess = driver.get("/api/driver-reports/WRONG" + at).status();
        }
        assertThat(guess).isEqualTo(429);
        assertThat(driver.get("/api/driver-reports/" + fresh)
                        .body()
                        .path("unit")
                        .asString())
                .isEqualTo("TR-03");
        int last = 200;
        for (int at = 0; at < 7; at++) {
            last = driver.post("/api/driver-reports/" + fresh, "{\"symptom\":\"NOISE\",\"note\":\"" + at + "\"}")
                    .status();
        }
        assertThat(last).isEqualTo(429);
    }

    @Test
    @DisplayName("practice gives another tread each time, and its answer is what the classifier says")
    void practice() {
        Set<String> seen = new HashSet<>();
        Set<String> answers = new HashSet<>();
        for (int at = 0; at < 30; at++) {
            JsonNode one = api.get("/api/wear/practice").body();
            seen.add(one.path("places").toString());
            answers.add(one.path("answer").asString());
            assertThat(one.path("places").size()).isEqualTo(4);
            Shape answer = Shape.valueOf(one.path("answer").asString());
            assertThat(one.path("reason").asString())
                    .isEqualTo(answer.evidence(2).in(Units.US));
            if (answer != Shape.FEATHERING) {
                assertThat(read(one.path("places"))
                                .pattern(2, Set.of())
                                .orElseThrow()
                                .shape())
                        .isEqualTo(answer);
            }
        }
        assertThat(seen).hasSizeGreaterThan(20);
        assertThat(answers).hasSizeGreaterThan(3);
    }

    private static TreadGrid read(JsonNode places) {
        List<List<TreadDepth>> grid = new ArrayList<>();
        for (JsonNode place : places) {
            List<TreadDepth> row = new ArrayList<>();
            place.forEach(depth -> row.add(TreadDepth.parse(depth.asString(), Unit.THIRTY_SECONDS)));
            grid.add(row);
        }
        return new TreadGrid(grid);
    }

    @Test
    @DisplayName("the pattern cards tell by the difference this fleet has signed, in the reader's units")
    void cards() {
        assertThat(evidence("CENTER", "US")).isEqualTo("Both shoulders are at least 2/32 in deeper than the center.");
        assertThat(evidence("CUPPING", "METRIC")).contains("at least 2.4 mm lower");
        policies.set(PolicyNumber.WEAR_DIFFERENCE, Scope.FLEET, 3, "test");
        assertThat(evidence("CENTER", "US")).contains("at least 3/32 in deeper");
        assertThat(evidence("CUPPING", "US")).contains("at least 4/32 in lower");
        policies.set(PolicyNumber.WEAR_DIFFERENCE, Scope.FLEET, 2, "test");
    }

    private String evidence(String shape, String units) {
        for (JsonNode one : api.get("/api/wear/patterns?units=" + units).body()) {
            if (one.path("shape").asString().equals(shape)) {
                return one.path("evidence").asString();
            }
        }
        throw new AssertionError("no card for " + shape);
    }
}
