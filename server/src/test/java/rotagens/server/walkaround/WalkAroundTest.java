package rotagens.server.walkaround;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class WalkAroundTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    /** Figures of a test are often far from the demo's: whoever typed them says that they are right. */
    private static final String SURE = ",\"confirmed\":[\"pressure\",\"outer\",\"center\",\"inner\"]";

    private long start(String unit) {
        Answer walk = api.post("/api/vehicles/" + api.vehicle(unit) + "/walk-arounds", "{}");
        assertThat(walk.status()).isEqualTo(200);
        return walk.body().path("id").asLong();
    }

    private Answer save(long walk, String position, int version, String fields, String... headers) {
        String[] all = new String[headers.length + 2];
        all[0] = "If-Match";
        all[1] = "\"" + version + "\"";
        System.arraycopy(headers, 0, all, 2, headers.length);
        return api.put("/api/walk-arounds/" + walk + "/positions/" + position, "{" + fields + SURE + "}", all);
    }

    private Answer finish(long walk, String odometer, String... headers) {
        return api.post(
                "/api/walk-arounds/" + walk + "/finish",
                "{\"odometer\":\"" + odometer + "\",\"skipReason\":\"only these today\",\"confirmed\":true}",
                headers);
    }

    @Test
    @DisplayName("what is saved is judged, comes back as entered, and joins the history when the walk is finished")
    void savedJudgedFinished() {
        long walk = start("SP-01");
        Answer saved = save(
                walk,
                "1L",
                0,
                "\"pressure\":\"4.2 bar\",\"thermalState\":\"COLD\",\"outer\":\"8.5\",\"center\":\"8\",\"inner\":\"8\"");
        assertThat(saved.body().path("entry").path("pressure").asString()).isEqualTo("4.2 bar");
        assertThat(saved.body().path("entry").path("outer").asString()).isEqualTo("8.5/32 in");
        assertThat(saved.body().path("assessment").path("verdict").asString()).isEqualTo("GOOD");
        assertThat(api.get("/api/walk-arounds/{id}", walk).text()).contains("\"pressure\":\"4.2 bar\"");

        assertThat(finish(walk, "").status()).isEqualTo(200);
        String ledger = api.get("/api/vehicles/{id}/history?units=METRIC", api.vehicle("SP-01"))
                .text();
        assertThat(ledger).contains("4.2 bar cold");
        assertThat(finish(walk, "").status()).isEqualTo(409);
    }

    @ParameterizedTest(name = "{0} = {1}: {2}")
    @CsvSource({
        "pressure,201,outside what a tire gauge shows",
        "pressure,-1,outside what a tire gauge shows",
        "pressure,soft,is not a pressure",
        "outer,41,is no tread depth",
        "center,17,deeper than this model has when new",
        "inner,worn,is not a tread depth"
    })
    @DisplayName("a figure that can't be right is refused at its field and nothing is stored")
    void refusedAtItsField(String field, String typed, String says) {
        long walk = start("SP-02");
        Answer refused = save(walk, "2R", 0, "\"" + field + "\":\"" + typed + "\",\"thermalState\":\"COLD\"");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.type()).startsWith("application/problem+json");
        assertThat(refused.at(field)).contains(says);
        assertThat(api.get("/api/walk-arounds/{id}", walk).text()).doesNotContain("\"savedAt\"");
    }

    @Test
    @DisplayName("all wrong fields are named at once")
    void allAtOnce() {
        Answer refused = save(start("SP-03"), "1L", 0, "\"pressure\":\"x\",\"outer\":\"99\"");
        assertThat(refused.at("pressure")).isNotEmpty();
        assertThat(refused.at("outer")).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"9L", "1X", "2LO", "..%2f..%2fetc", "S9"})
    @DisplayName("a position the vehicle doesn't have is not found")
    void unknownPosition(String position) {
        assertThat(save(start("SP-04"), position, 0, "\"pressure\":\"60\"").status())
                .isIn(400, 404);
    }

    @Test
    @DisplayName("the same save sent twice under one key happens once; another save under that key is refused")
    void sentTwice() {
        long walk = start("SP-05");
        Answer first = save(walk, "1L", 0, "\"pressure\":\"58\",\"thermalState\":\"COLD\"", "Idempotency-Key", "a-1");
        Answer second = save(walk, "1L", 0, "\"pressure\":\"58\",\"thermalState\":\"COLD\"", "Idempotency-Key", "a-1");
        assertThat(second.text()).isEqualTo(first.text());
        assertThat(second.body().path("entry").path("version").asInt()).isEqualTo(1);
        assertThat(save(walk, "1L", 0, "\"pressure\":\"59\"", "Idempotency-Key", "a-1")
                        .status())
                .isEqualTo(422);
    }

    @Test
    @DisplayName("finishing twice under one key writes the history once")
    void finishedTwice() {
        long walk = start("VN-05");
        save(walk, "1L", 0, "\"pressure\":\"49\",\"thermalState\":\"COLD\"");
        Answer first = finish(walk, "199000", "Idempotency-Key", "f-1");
        Answer second = finish(walk, "199000", "Idempotency-Key", "f-1");
        assertThat(second.text()).isEqualTo(first.text());
        String ledger =
                api.get("/api/vehicles/{id}/history", api.vehicle("VN-05")).text();
        assertThat(ledger.split("\"49 psi cold\"", -1)).hasSize(2);
    }

    @Test
    @DisplayName("who saves over a version they haven't seen gets both: theirs is refused, the other comes along")
    void savedMeanwhile() {
        long walk = start("VN-01");
        save(walk, "1L", 0, "\"pressure\":\"48\",\"thermalState\":\"COLD\"");
        Answer late = save(walk, "1L", 0, "\"pressure\":\"44\",\"thermalState\":\"COLD\"");
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.body().path("current").path("pressure").asString()).isEqualTo("48 psi");
    }

    @Test
    @DisplayName("an odometer that runs backwards is refused at its field")
    void odometerBackwards() {
        long walk = start("VN-02");
        save(walk, "1L", 0, "\"pressure\":\"48\",\"thermalState\":\"COLD\"");
        assertThat(finish(walk, "12").at("odometer")).startsWith("Less than the last reading");
        assertThat(finish(walk, "twelve").at("odometer")).contains("is not an odometer reading");
    }

    @Test
    @DisplayName("a look can't clear damage, and a recorded state can't be entered as seen")
    void noClearingByLook() {
        long walk = start("LC-03");
        assertThat(save(walk, "3R", 0, "\"fixed\":[\"BULGE\"]").at("fixed")).contains("tire professional");
        assertThat(save(walk, "3R", 0, "\"findings\":[\"RUN_FLAT\"]").at("findings"))
                .isNotEmpty();
        assertThat(save(walk, "3R", 0, "\"findings\":[\"NONSENSE\"]").status()).isEqualTo(400);
    }

    @Test
    @DisplayName("a bulge stays through a walk-around that doesn't mention it")
    void damageStays() {
        long walk = start("LC-03");
        save(
                walk,
                "3R",
                0,
                "\"pressure\":\"90\",\"thermalState\":\"COLD\",\"outer\":\"9\",\"center\":\"9\",\"inner\":\"9\"");
        finish(walk, "");
        assertThat(api.get("/api/vehicles/{id}", api.vehicle("LC-03")).text()).contains("Bulge, seen Nov 20, 2026");
    }

    @Test
    @DisplayName("nobody starts a walk-around without signing in, and a viewer may not")
    void needsAName() {
        String path = "/api/vehicles/" + api.vehicle("VN-03") + "/walk-arounds";
        assertThat(Api.asNobody(http).post(path, "").status()).isEqualTo(401);
        Answer viewer = Api.as(http, "VIEWER").post(path, "");
        assertThat(viewer.status()).isEqualTo(403);
        assertThat(viewer.text()).contains("As viewer you may not do this.");
    }

    @Test
    @DisplayName(
            "depths at several places: the median makes the pattern, the lowest place the limit, a low place a flat spot")
    void severalPlaces() {
        long walk = start("SP-02");
        String places = "\"locations\":[[\"9\",\"8\",\"9\"],[\"9\",\"2\",\"9\"],[\"9\",\"8\",\"9\"],[\"\",\"\",\"\"]]";
        Answer saved = save(walk, "1L", 0, places);
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(saved.body().path("entry").path("locations").size()).isEqualTo(3);
        assertThat(saved.body().path("entry").path("center").asString()).isEqualTo("8/32 in");
        assertThat(saved.body().path("entry").path("findings").toString()).contains("FLAT_SPOT");
        assertThat(saved.body().path("assessment").path("verdict").asString()).isEqualTo("DO_NOT_OPERATE");
        assertThat(saved.text()).contains("2/32 in, limit 2/32 in");
        assertThat(api.get("/api/walk-arounds/{id}", walk).text()).contains("\"locations\":[[\"9/32 in\",\"8/32 in\"");
        finish(walk, "");
        JsonNode tire = api.get("/api/vehicles/{id}/wear", api.vehicle("SP-02"))
                .body()
                .path("tires")
                .get(0);
        assertThat(tire.path("section").path("lowest").asString()).isEqualTo("2/32 in");
        assertThat(tire.path("pattern").path("shape").asString()).isEqualTo("FLAT_SPOT");
    }

    @Test
    @DisplayName("a depth over the original, a missing groove and too many places are named by place and groove")
    void wrongPlaces() {
        long walk = start("VN-04");
        assertThat(save(walk, "1L", 0, "\"locations\":[[\"9\",\"8\",\"9\"],[\"9\",\"30\",\"9\"]]")
                        .at("locations.1.1"))
                .contains("deeper than this model has when new");
        assertThat(save(walk, "1L", 0, "\"locations\":[[\"9\",\"8\",\"\"]]").at("locations.0.2"))
                .contains("Enter the");
        String row = "[\"9\",\"9\"]";
        assertThat(save(walk, "1L", 0, "\"locations\":[" + String.join(",", row, row, row, row, row) + "]")
                        .at("locations"))
                .contains("1 to 4 places");
    }

    @Test
    @DisplayName("positions left out need a reason, said once at the end")
    void skippedNeedAReason() {
        long walk = start("VN-05");
        save(walk, "1L", 0, "\"pressure\":\"50\",\"thermalState\":\"COLD\"");
        String finish = "/api/walk-arounds/" + walk + "/finish";
        assertThat(api.post(finish, "{}").at("skipReason"))
                .isEqualTo("No tread at 1L; nothing entered at 2L, 2R, 1R. Say why, or read them.");
        assertThat(api.post(finish, "{\"skipReason\":\"rain\"}").status()).isEqualTo(200);
    }
}
