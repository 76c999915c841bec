package rotagens.server.rotation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** From the bench to a job and into the ledger. */
@ServerTest
class RotationTest {

    private static final String ASKED = "{\"buy\":true}";

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private JsonNode bench(String unit) {
        return api.get("/api/vehicles/{id}/rotation", api.vehicle(unit)).body();
    }

    private JsonNode propose(String unit, String purpose) {
        Answer answer = api.post(
                "/api/vehicles/" + api.vehicle(unit) + "/rotation/proposal",
                "{\"options\":" + ASKED + ",\"goal\":\"" + purpose + "\"}");
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    private Answer accept(Api who, String unit, String asked, JsonNode places, JsonNode before, String reason) {
        return who.post(
                "/api/vehicles/" + api.vehicle(unit) + "/rotation",
                "{\"options\":" + asked + ",\"goal\":\"NEWEST_ON_STEER\",\"arrangement\":" + places + ",\"before\":"
                        + before + ",\"reason\":\"" + reason + "\",\"day\":\"2026-11-30\"}");
    }

    private static JsonNode tire(JsonNode bench, String name) {
        return StreamSupport.stream(bench.path("tires").spliterator(), false)
                .filter(tire -> tire.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode job(long id) {
        return api.get("/api/jobs/{id}", id).body();
    }

    private Answer signOff(JsonNode job) {
        return signOff(job, "475", "18");
    }

    private Answer signOff(JsonNode job, String torque, String depth) {
        String results = StreamSupport.stream(job.path("items").spliterator(), false)
                .map(item -> "{\"itemId\":" + item.path("id").asLong()
                        + ",\"torque\":\"" + torque
                        + "\",\"pressure\":\"70\",\"confirmed\":[\"pressure\"],\"dotCode\":\"3CT2XR5M2226\",\"outer\":\""
                        + depth
                        + "\",\"center\":\""
                        + depth + "\",\"inner\":\"" + depth + "\"}")
                .collect(Collectors.joining(","));
        return api.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[" + results + "]}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
    }

    @Test
    @DisplayName(
            "a rotation is accepted, carried out in one go and in the ledger; re-torque and relearn follow as jobs")
    void acceptedAndCarriedOut() {
        JsonNode before = bench("LC-01");
        assertThat(propose("LC-01", "NEWEST_ON_STEER").path("lifts"))
                .as("its steer tires are its newest")
                .isEmpty();
        JsonNode found = byHand("LC-01", "1L", "1R");
        assertThat(found.path("violations")).isEmpty();
        Answer accepted = accept(
                api,
                "LC-01",
                ASKED,
                found.path("arrangement"),
                before.path("now").path("arrangement"),
                "");
        assertThat(accepted.status()).isEqualTo(200);
        JsonNode job = job(accepted.body().path("jobId").asLong());
        assertThat(job.path("items").get(0).path("reason").asString()).contains("jack at", "nuts at 475 ft·lb");
        assertThat(bench("LC-01").path("open").path("jobId").asLong())
                .isEqualTo(job.path("id").asLong());
        assertThat(bench("LC-01").path("now").path("arrangement"))
                .as("nothing moves before it is signed off")
                .isEqualTo(before.path("now").path("arrangement"));
        assertThat(accept(
                                api,
                                "LC-01",
                                ASKED,
                                found.path("arrangement"),
                                before.path("now").path("arrangement"),
                                "")
                        .status())
                .as("one rotation at a time")
                .isEqualTo(409);

        Answer done = signOff(job);
        assertThat(done.status()).as(done.text()).isEqualTo(200);
        JsonNode after = bench("LC-01").path("now").path("arrangement");
        found.path("arrangement").properties().forEach(place -> {
            if (place.getValue().asLong() > 0) {
                assertThat(after.path(place.getKey()).asLong())
                        .as(place.getKey())
                        .isEqualTo(place.getValue().asLong());
            }
        });
        String open = api.get("/api/vehicles/{id}/jobs", api.vehicle("LC-01")).text();
        assertThat(open).contains("RETORQUE", "RELEARN");
        JsonNode newest =
                api.get("/api/vehicles/{id}/history", api.vehicle("LC-01")).body();
        assertThat(newest.toString()).containsIgnoringCase("moved");
        String sensors = api.get("/api/vehicles/{id}/sensors", api.vehicle("LC-01"))
                .body()
                .path("history")
                .toString();
        assertThat(sensors).contains("moved here", "with its wheel");
    }

    private JsonNode byHand(String unit, String one, String other) {
        ObjectNode places =
                (ObjectNode) bench(unit).path("now").path("arrangement").deepCopy();
        long here = places.path(one).asLong();
        places.put(one, places.path(other).asLong());
        places.put(other, here);
        return api.post(
                        "/api/vehicles/" + api.vehicle(unit) + "/rotation/evaluation",
                        "{\"options\":" + ASKED + ",\"arrangement\":" + places + "}")
                .body();
    }

    @Test
    @DisplayName(
            "a retread is refused on steer with the rule that says so, before it is put there and when it is accepted")
    void retreadOnSteer() {
        JsonNode bench = bench("LC-03");
        long retread = tire(bench, "LM2007").path("id").asLong();
        String path = "/api/vehicles/" + api.vehicle("LC-03") + "/rotation/evaluation";
        JsonNode picks = api.post(
                        path,
                        "{\"options\":" + ASKED + ",\"arrangement\":"
                                + bench.path("now").path("arrangement") + ",\"picked\":" + retread + "}")
                .body()
                .path("options");
        assertThat(picks.get(0).path("position").asString()).isEqualTo("1L");
        assertThat(picks.get(0).path("allowed").asBoolean()).isFalse();
        assertThat(picks.get(0).path("explanation").toString()).contains("Retread on the steer axle");
        ObjectNode places = (ObjectNode) bench.path("now").path("arrangement").deepCopy();
        places.put("1L", retread);
        Answer refused = accept(api, "LC-03", ASKED, places, bench.path("now").path("arrangement"), "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("arrangement")).isNotEmpty();
        assertThat(bench("LC-03").has("open")).isFalse();
    }

    @Test
    @DisplayName("stock in an open rotation is kept for it, and given back when its job is taken off the plan")
    void keptAndGivenBack() {
        JsonNode before = bench("LC-03");
        JsonNode proposal = propose("LC-03", "NEWEST_ON_STEER");
        assertThat(proposal.path("violations")).isEmpty();
        assertThat(proposal.path("optimalityGap").asLong()).isZero();
        Answer accepted = accept(
                api,
                "LC-03",
                ASKED,
                proposal.path("arrangement"),
                before.path("now").path("arrangement"),
                "");
        long job = accepted.body().path("jobId").asLong();
        assertThat(tire(bench("LC-04"), "LM2004").path("isReserved").asString()).isEqualTo("LC-03");
        api.delete(
                "/api/jobs/" + job,
                "",
                "If-Match",
                "\"" + job(job).path("version").asInt() + "\"");
        assertThat(tire(bench("LC-04"), "LM2004").has("isReserved")).isFalse();
        assertThat(bench("LC-03").path("now")).isEqualTo(before.path("now"));
        assertThat(bench("LC-03").has("open")).isFalse();
    }

    @Test
    @DisplayName(
            "a plan made on an older look, one tire in two places and a rule nobody may override are refused, nothing planned")
    void refusals() {
        JsonNode bench = bench("LC-04");
        JsonNode now = bench.path("now").path("arrangement");
        ObjectNode older = (ObjectNode) now.deepCopy();
        older.put("1L", now.path("1R").asLong());
        assertThat(accept(api, "LC-04", ASKED, now, older, "").status()).isEqualTo(409);
        assertThat(accept(api, "LC-04", ASKED, older, now, "").at("arrangement"))
                .contains("two places");
        assertThat(accept(api, "LC-04", "{\"buy\":true,\"override\":[\"RETREAD_STEER\"]}", now, now, "reason")
                        .at("override"))
                .contains("can’t be overridden by anybody");
        assertThat(accept(api, "LC-04", "{\"buy\":true,\"override\":[\"PULL_POINT\"]}", now, now, "reason")
                        .at("override"))
                .contains("Only a manager");
        assertThat(accept(
                                Api.as(http, "MANAGER"),
                                "LC-04",
                                "{\"buy\":true,\"override\":[\"PULL_POINT\"]}",
                                now,
                                now,
                                "")
                        .at("reason"))
                .contains("Enter the override reason");
        assertThat(accept(api, "LC-04", ASKED, now, now, "").at("arrangement")).isNotEmpty();
        assertThat(bench("LC-04").has("open")).isFalse();
    }

    @Test
    @DisplayName("a wrench set in the other unit is noticed before anything is signed off")
    void torque() {
        JsonNode before = bench("LC-05");
        JsonNode swap = byHand("LC-05", "1L", "1R");
        if (!swap.path("violations").isEmpty()) {
            swap = propose("LC-05", "LEAST_LABOR");
        }
        Answer accepted = accept(
                api,
                "LC-05",
                ASKED,
                swap.path("arrangement"),
                before.path("now").path("arrangement"),
                "");
        assertThat(accepted.status()).as(accepted.text()).isEqualTo(200);
        JsonNode job = job(accepted.body().path("jobId").asLong());
        long item = job.path("items").get(0).path("id").asLong();
        Answer wrong = api.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":" + item + ",\"torque\":\"644\"}]}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
        assertThat(wrong.at("results." + item + ".torque")).contains("475 ft·lb", "unit");
        api.delete(
                "/api/jobs/" + job.path("id").asLong(),
                "",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
    }

    @Test
    @DisplayName("without a legal arrangement the rule in the way and what would cure it are said")
    void noArrangement() {
        JsonNode bench = bench("LC-02");
        String asked = "{\"buy\":false,\"stock\":[],\"nextVisit\":\"2031-11-23\"}";
        JsonNode nothing = api.post(
                        "/api/vehicles/" + api.vehicle("LC-02") + "/rotation/proposal",
                        "{\"options\":" + asked + ",\"goal\":\"LEAST_LABOR\"}")
                .body();
        assertThat(nothing.path("infeasibility").path("remedies").toString()).contains("Allow tires to be bought");
        assertThat(nothing.path("arrangement")).isEqualTo(bench.path("now").path("arrangement"));
        assertThat(nothing.has("points")).isFalse();
    }

    @Test
    @DisplayName(
            "new tires are put on record as the model planned; another model is refused at its field, with nothing moved")
    void newTires() {
        JsonNode before = bench("VN-04");
        JsonNode proposal = propose("VN-04", "LEAST_LABOR");
        JsonNode job = job(accept(
                        api,
                        "VN-04",
                        ASKED,
                        proposal.path("arrangement"),
                        before.path("now").path("arrangement"),
                        "")
                .body()
                .path("jobId")
                .asLong());
        JsonNode item = job.path("items").get(1);
        assertThat(item.path("workType").asString()).isEqualTo("INSTALL_NEW_TIRE");
        long other = item.path("tireModelId").asLong() == 1 ? 2 : 1;
        Answer wrong = api.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":" + item.path("id").asLong() + ",\"tireModelId\":" + other + "}]}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
        assertThat(wrong.at("results." + item.path("id").asLong() + ".tireModelId"))
                .contains("judged with another model");
        assertThat(bench("VN-04").path("now")).isEqualTo(before.path("now"));
        Answer done = signOff(job, "140", "11");
        assertThat(done.status()).as(done.text()).isEqualTo(200);
        JsonNode after = bench("VN-04").path("now").path("arrangement");
        assertThat(after.path("1L").asLong())
                .isNotEqualTo(before.path("now").path("arrangement").path("1L").asLong());
    }

    @Test
    @DisplayName("a tire moved by somebody else after the plan stops the sign-off with nothing moved")
    void movedMeanwhile() {
        JsonNode before = bench("SP-01");
        JsonNode swap = byHand("SP-01", "1L", "1R");
        JsonNode job = job(accept(
                        api,
                        "SP-01",
                        ASKED,
                        swap.path("arrangement"),
                        before.path("now").path("arrangement"),
                        "")
                .body()
                .path("jobId")
                .asLong());
        long left = before.path("now").path("arrangement").path("1L").asLong();
        assertThat(api.post("/api/tires/" + left + "/swap", "{\"position\":\"2L\"}")
                        .status())
                .isEqualTo(200);
        JsonNode now = bench("SP-01").path("now").path("arrangement");
        Answer refused = signOff(job, "140", "11");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("Tires were moved since this rotation was planned", "1");
        assertThat(bench("SP-01").path("now").path("arrangement")).isEqualTo(now);
    }

    @Test
    @DisplayName("a manager’s override stands with its reason in the ledger of every tire it moved")
    void overrideInTheLedger() {
        JsonNode before = bench("VN-05");
        String asked = "{\"buy\":true,\"override\":[\"PULL_POINT\"]}";
        JsonNode swap = byHand("VN-05", "1L", "1R");
        Answer accepted = accept(
                Api.as(http, "MANAGER"),
                "VN-05",
                asked,
                swap.path("arrangement"),
                before.path("now").path("arrangement"),
                "one more month, then sold");
        assertThat(accepted.status()).as(accepted.text()).isEqualTo(200);
        JsonNode job = job(accepted.body().path("jobId").asLong());
        assertThat(job.path("note").asString()).contains("Pull point overridden: one more month, then sold");
        assertThat(signOff(job, "140", "11").status()).isEqualTo(200);
        assertThat(api.get("/api/vehicles/{id}/history", api.vehicle("VN-05")).text())
                .contains("one more month, then sold");
    }

    private Answer replace(String unit, String positions) {
        return api.post(
                "/api/vehicles/" + api.vehicle(unit) + "/rotation/replacement",
                "{\"options\":" + ASKED + ",\"positions\":" + positions + "}");
    }

    @Test
    @DisplayName(
            "one of a dual is replaced by the best match from stock, its mate stays, and what may not go there is said with the figure")
    void replacement() {
        JsonNode found = replace("SH-03", "[\"2LI\"]").body();
        JsonNode best = found.path("best");
        assertThat(best.path("fits").get(0).path("position").asString()).isEqualTo("2LI");
        assertThat(best.path("fits").get(0).path("matches").toString()).contains("2LO", "2RI");
        assertThat(best.path("arrangement").path("2LO").asLong())
                .as("its mate stays")
                .isEqualTo(bench("SH-03")
                        .path("now")
                        .path("arrangement")
                        .path("2LO")
                        .asLong());
        assertThat(found.path("rejected").toString()).contains("7/32 in apart from 2RI");
    }

    @Test
    @DisplayName("a replacement asks for positions on the vehicle’s axles, four at most")
    void replacementRefused() {
        assertThat(replace("SH-03", "[]").at("positions")).contains("Choose the tires");
        assertThat(replace("SH-03", "[\"9L\"]").at("positions")).contains("Only positions");
        assertThat(replace("SH-03", "[\"front\"]").at("positions")).contains("No such position");
        assertThat(replace("LC-03", "[\"1L\",\"1R\",\"2LO\",\"2LI\",\"2RI\"]").at("positions"))
                .contains("At most 4");
    }
}
