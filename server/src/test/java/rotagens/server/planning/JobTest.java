package rotagens.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class JobTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private Answer schedule(String unit, String key, String day) {
        return api.post(
                "/api/jobs",
                "{\"day\":\"%s\",\"work\":[{\"vehicleId\":%d,\"key\":\"%s\"}]}".formatted(day, api.vehicle(unit), key));
    }

    private JsonNode job(String unit, String key) {
        Answer made = schedule(unit, key, "2026-11-24");
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        return made.body().get(0);
    }

    private Answer done(JsonNode job, String result) {
        StringBuilder results = new StringBuilder();
        job.path("items")
                .forEach(item -> results.append(results.isEmpty() ? "" : ",")
                        .append("{\"itemId\":%d%s}"
                                .formatted(
                                        item.path("id").asLong(),
                                        results.isEmpty() ? result : ",\"pressure\":\"95\"")));
        return api.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[" + results + "]}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
    }

    private String due(String unit) {
        return api.get("/api/vehicles/{id}", api.vehicle(unit))
                .body()
                .path("due")
                .toString();
    }

    @Test
    @DisplayName("scheduled work says on which day; taking the job off the plan makes it due again")
    void scheduleAndCancel() {
        JsonNode job = job("LC-04", "SET_PRESSURE:3L");
        assertThat(due("LC-04"))
                .contains("\"scheduled\":{\"jobId\":" + job.path("id").asLong() + ",\"day\":\"2026-11-24\"}");
        assertThat(schedule("LC-04", "SET_PRESSURE:3L", "2026-11-25").status()).isEqualTo(409);
        Answer off = api.delete("/api/jobs/" + job.path("id").asLong(), "", "If-Match", "\"1\"");
        assertThat(off.status()).isEqualTo(204);
        assertThat(due("LC-04")).doesNotContain("\"scheduled\"").contains("SET_PRESSURE");
    }

    @Test
    @DisplayName("a job taken off the plan by mistake is put back on its day, unless its work stands on another job")
    void restore() {
        JsonNode job = job("LC-04", "SET_PRESSURE:3L");
        String path = "/api/jobs/" + job.path("id").asLong();
        api.delete(path, "", "If-Match", "\"1\"");
        Answer back = api.post(path + "/restore", "");
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        assertThat(back.body().path("day").asString()).isEqualTo("2026-11-24");
        assertThat(back.body().path("items")).hasSameSizeAs(job.path("items"));
        assertThat(due("LC-04"))
                .contains("\"scheduled\":{\"jobId\":" + job.path("id").asLong());
        assertThat(api.post(path + "/restore", "").status()).isEqualTo(409);
        api.delete(path, "", "If-Match", "\"" + back.body().path("version").asInt() + "\"");
        JsonNode other = job("LC-04", "SET_PRESSURE:3L");
        assertThat(api.post(path + "/restore", "").text()).contains("stands on another job meanwhile");
        api.delete("/api/jobs/" + other.path("id").asLong(), "", "If-Match", "\"1\"");
    }

    @Test
    @DisplayName(
            "the desk says where the old tire may go, refuses what its casing forbids, and asks why it is scrapped")
    void oldTire() {
        JsonNode job = job("SH-02", "REPLACE:1L");
        JsonNode item = job.path("items").get(0);
        assertThat(item.path("oldTireMayGo").toString()).contains("SCRAP").doesNotContain("STOCK");
        String fitted =
                ",\"dotCode\":\"3CT2XR5M2226\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"pressure\":\"80\",\"confirmed\":[\"pressure\"]";
        String at = "results." + item.path("id").asLong() + ".";
        assertThat(done(job, fitted + ",\"oldTireTo\":\"STOCK\"").at(at + "oldTireTo"))
                .contains("By its age, tread or casing");
        assertThat(done(job, fitted + ",\"oldTireTo\":\"SCRAP\"").at(at + "scrapReason"))
                .isEqualTo("Choose why it is scrapped.");
        assertThat(api.get("/api/jobs/{id}", job.path("id").asLong())
                        .body()
                        .path("doneAt")
                        .isMissingNode())
                .isTrue();
        api.emptyShop();
    }

    private Answer join(JsonNode job, String unit, String key) {
        long vehicle = api.vehicle(unit);
        return api.post(
                "/api/jobs",
                "{\"join\":{\"%d\":%d},\"work\":[{\"vehicleId\":%d,\"key\":\"%s\"}]}"
                        .formatted(vehicle, job.path("id").asLong(), vehicle, key));
    }

    private Answer remove(JsonNode job, String... items) {
        return api.delete(
                "/api/jobs/" + job.path("id").asLong() + "/items?item=" + String.join(",", items),
                "",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
    }

    @Test
    @DisplayName(
            "work added to a job by mistake goes off it again, the refill of a dual's mate with it; the rest stays, and all of it can't go")
    void takeOffJoined() {
        String other =
                api
                        .get("/api/vehicles/{id}", api.vehicle("SH-03"))
                        .body()
                        .path("due")
                        .findValuesAsString("key")
                        .stream()
                        .filter(key -> !key.startsWith("CORRECT_MISMATCH"))
                        .findFirst()
                        .orElseThrow();
        JsonNode job = job("SH-03", other);
        JsonNode both = join(job, "SH-03", "CORRECT_MISMATCH:2LO").body().get(0);
        assertThat(both.path("items").toString()).contains("let down with the other tire of its dual");
        String added =
                both.path("items").get(job.path("items").size()).path("id").asString();
        Answer less = remove(both, added);
        assertThat(less.status()).as(less.text()).isEqualTo(200);
        assertThat(less.body().path("items")).isEqualTo(job.path("items"));
        assertThat(remove(both, added).text()).contains("Another user changed this job");
        assertThat(remove(less.body(), added).text()).contains("no longer on the job");
        assertThat(remove(
                                less.body(),
                                less.body().path("items").get(0).path("id").asString())
                        .text())
                .contains("Take the whole job off the plan");
        assertThat(api.get("/api/jobs/{id}", job.path("id").asLong()).body().path("items"))
                .isEqualTo(job.path("items"));
        api.emptyShop();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"2026-11-22,Choose today or a later date", "2029-01-01,Check the year"})
    @DisplayName("a day that can't be meant is refused at its field")
    void impossibleDays(String day, String says) {
        assertThat(schedule("LC-01", "SET_PRESSURE:2LO", day).at("day")).contains(says);
    }

    @Test
    @DisplayName("what isn't a day is refused")
    void notADay() {
        assertThat(schedule("LC-01", "SET_PRESSURE:2LO", "tomorrow").status()).isEqualTo(400);
    }

    @Test
    @DisplayName("the jobs of a vehicle retired since are still listed, among those of many vehicles")
    void retired() {
        List<JsonNode> jobs = List.of(
                job("SH-06", "CORRECT_MISMATCH:1R"),
                job("LC-04", "SET_PRESSURE:3L"),
                job("SH-03", "CORRECT_MISMATCH:2LO"),
                job("VN-03", "SET_PRESSURE:2L"));
        long id = api.vehicle("SH-06");
        api.post("/api/vehicles/" + id + "/retire", "");
        Answer open = api.get("/api/jobs");
        assertThat(open.status()).isEqualTo(200);
        assertThat(open.text()).contains("SH-06");
        assertThat(api.get("/api/jobs/done").status()).isEqualTo(200);
        api.post("/api/vehicles/" + id + "/restore", "");
        jobs.forEach(job -> api.delete("/api/jobs/" + job.path("id").asLong(), "", "If-Match", "\"1\""));
    }

    @Test
    @DisplayName("setting the pressure needs the cold pressure after, and then the work is gone from the list")
    void pressureAfter() {
        JsonNode job = job("VN-01", "SET_PRESSURE:2R");
        Answer without = done(job, "");
        assertThat(without.status()).isEqualTo(422);
        assertThat(without.body().path("fields").get(0).path("message").asString())
                .startsWith("Enter the pressure");
        assertThat(done(job, ",\"pressure\":\"65\"").status()).isEqualTo(200);
        assertThat(due("VN-01")).doesNotContain("SET_PRESSURE");
        assertThat(done(job, ",\"pressure\":\"65\"").status()).isEqualTo(409);
    }

    @Test
    @DisplayName(
            "a figure far from its target is asked about once at the desk, and kept when somebody says that it is right")
    void askedOnce() {
        JsonNode job = job("SH-06", "SET_PRESSURE:2RI");
        Answer asked = done(job, ",\"pressure\":\"40\"");
        assertThat(asked.status()).isEqualTo(422);
        JsonNode question = asked.body().path("fields").get(0);
        assertThat(question.path("message").asString()).startsWith("40 psi differs too much from the target of ");
        assertThat(question.path("check").asBoolean()).isTrue();
        assertThat(done(job, ",\"pressure\":\"40\",\"confirmed\":[\"outer\"]").status())
                .isEqualTo(422);
        assertThat(done(job, ",\"pressure\":\"40\",\"confirmed\":[\"pressure\"]")
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("what it was filled with at the desk is a fact of the tire; air has no purity")
    void filledWith() {
        JsonNode job = job("LC-04", "SET_PRESSURE:1R");
        assertThat(done(job, ",\"pressure\":\"110\",\"gas\":\"AIR\",\"purity\":\"96\"")
                        .text())
                .contains("Only nitrogen has a purity");
        assertThat(done(job, ",\"pressure\":\"110\",\"gas\":\"NITROGEN\",\"purity\":\"96\"")
                        .status())
                .isEqualTo(200);
        JsonNode positions =
                api.get("/api/vehicles/{id}", api.vehicle("LC-04")).body().path("positions");
        long tire = 0;
        for (JsonNode row : positions) {
            if (row.path("position").asString().equals("1R")) {
                tire = row.path("tireId").asLong();
            }
        }
        assertThat(api.get("/api/tires/{id}", tire).body().path("gas").asString())
                .isEqualTo("nitrogen, 96%");
    }

    @Test
    @DisplayName("a professional's verdict clears a bulge; condemned, the tire has to be replaced")
    void professionalVerdict() {
        JsonNode bulge = job("LC-03", "INSPECT_DAMAGE:3R");
        assertThat(done(bulge, ",\"verdict\":\"CONDEMNED\"")
                        .at("results." + bulge.path("items").get(0).path("id").asLong() + ".professional"))
                .isNotEmpty();
        assertThat(done(bulge, ",\"verdict\":\"CONDEMNED\",\"professional\":\"Marrow Street Tire\"")
                        .status())
                .isEqualTo(200);
        assertThat(due("LC-03")).contains("REPLACE:3R").contains("Condemned by a tire professional");
        JsonNode ranLow = job("LC-03", "INSPECT_DAMAGE:2RO");
        assertThat(done(
                                ranLow,
                                ",\"verdict\":\"SERVICEABLE\",\"professional\":\"Marrow Street Tire\",\"pressure\":\"95\"")
                        .status())
                .isEqualTo(200);
        assertThat(due("LC-03")).doesNotContain("INSPECT_DAMAGE:2RO");
    }

    @Test
    @DisplayName("a replaced tire is a new tire at the place: new date, new readings, and both moves in the ledger")
    void replacement() {
        JsonNode job = job("VN-02", "REPLACE:2L");
        Answer wrong = done(
                job, ",\"dotCode\":\"4826\",\"outer\":\"11\",\"center\":\"11\",\"inner\":\"11\",\"pressure\":\"65\"");
        assertThat(wrong.text()).contains("hasn’t begun yet");
        Answer right = done(
                job,
                ",\"dotCode\":\"UX3C7KLM3026\",\"outer\":\"11\",\"center\":\"11\",\"inner\":\"11\",\"pressure\":\"65\"");
        assertThat(right.status()).as(right.text()).isEqualTo(200);
        assertThat(due("VN-02")).doesNotContain("REPLACE:2L");
        String ledger =
                api.get("/api/vehicles/{id}/history", api.vehicle("VN-02")).text();
        assertThat(ledger).contains("Tire removed").contains("11/32 in · 11/32 in · 11/32 in");
    }

    @Test
    @DisplayName("a new tire is held to its own maximum, not to that of the tire before it")
    void ownMaximum() {
        long porter = 0;
        for (JsonNode model : api.get("/api/tire-models").body()) {
            if (model.path("title").asString().equals("Quenmark Dockhand")) {
                porter = model.path("id").asLong();
            }
        }
        JsonNode job = job("SH-04", "REPLACE:1R");
        Answer over = done(
                job,
                ",\"tireModelId\":" + porter
                        + ",\"dotCode\":\"UX3C7KLM3026\",\"outer\":\"11\",\"center\":\"11\",\"inner\":\"11\",\"pressure\":\"78\",\"confirmed\":[\"pressure\"]");
        assertThat(over.status()).as(over.text()).isEqualTo(422);
        assertThat(over.text()).contains("Over the maximum 76 psi");
        assertThat(due("SH-04")).as("nothing was signed off").contains("REPLACE:1R");
    }

    @Test
    @DisplayName("a wheel changed for a matching one ends the pilot mix on both sides")
    void wheelChanged() {
        JsonNode job = job("LC-05", "REPLACE_WHEEL:3L");
        assertThat(done(job, ",\"pilot\":\"HUB\"").status()).isEqualTo(200);
        assertThat(due("LC-05")).doesNotContain("REPLACE_WHEEL");
    }

    @Test
    @DisplayName("a DOT date once read is no longer asked for")
    void dotRead() {
        JsonNode job = job("VN-05", "READ_DOT:2R");
        assertThat(done(job, ",\"dotCode\":\"OX3C7KLM3025\"").text()).contains("Is character 1 a 0?");
        assertThat(done(job, ",\"dotCode\":\"UX3C7KLM3025\"").status()).isEqualTo(200);
        assertThat(due("VN-05")).doesNotContain("READ_DOT");
    }

    @Test
    @DisplayName("small things put right are off the list with what was done")
    void putRight() {
        JsonNode job = job("LC-02", "FIX_DEFECT:1R");
        assertThat(done(job, "").text()).contains("Say in a few words what was done.");
        assertThat(done(job, ",\"note\":\"metal cap fitted\"").status()).isEqualTo(200);
        assertThat(due("LC-02")).doesNotContain("FIX_DEFECT");
        assertThat(api.get("/api/vehicles/{id}/history", api.vehicle("LC-02")).text())
                .contains("metal cap fitted");
    }

    @Test
    @DisplayName("moving a job asks for the version seen; a late one gets the present job back")
    void moved() {
        JsonNode job = job("SH-04", "SET_PRESSURE:2LI");
        String path = "/api/jobs/" + job.path("id").asLong() + "/date";
        String to = "{\"day\":\"2026-12-01\"}";
        assertThat(api.put(path, to, "If-Match", "\"1\"").body().path("day").asString())
                .isEqualTo("2026-12-01");
        Answer late = api.put(path, to, "If-Match", "\"1\"");
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.body().path("current").path("version").asInt()).isEqualTo(2);
    }
}
