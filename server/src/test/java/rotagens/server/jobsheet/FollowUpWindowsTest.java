package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** What follows work on a wheel, and when it counts. Today is November 23. */
@ServerTest
class FollowUpWindowsTest extends OnSheet {

    private JsonNode replaced(String unit, String key) {
        long job = job(unit, key);
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        return openJob(unit, "RETORQUE");
    }

    private Answer atTheDesk(JsonNode job, String more) {
        StringBuilder results = new StringBuilder();
        job.path("items")
                .forEach(
                        item -> results.append(results.isEmpty() ? "" : ",")
                                .append(
                                        "{\"itemId\":" + item.path("id").asLong()
                                                + ",\"torque\":\"140\",\"pressure\":\"80\",\"note\":\"done\",\"confirmed\":[\"pressure\",\"torque\"]}"));
        return technician.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{" + more + "\"results\":[" + results + "]}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
    }

    @Test
    @DisplayName(
            "a re-torque is counted from the odometer read when the wheels went on: at 0 miles it does not count, on the sheet or at the desk; at 60 it does, and says so")
    void retorque() {
        JsonNode job = replaced("SH-03", "CORRECT_MISMATCH:2LI");
        long id = job.path("id").asLong();
        long then = odometer(id);
        assertThat(job.path("followUp").path("odometer").asString().replaceAll("[^0-9]", ""))
                .isEqualTo(String.valueOf(then));
        JsonNode sheet = mark(technician, id, "MILES_SINCE", "{\"odometer\":\"" + then + "\"}")
                .body();
        assertThat(step(sheet, "MILES_SINCE").path("outside").asString()).startsWith("0 mi since the wheels went on");
        assertThat(step(sheet, "TORQUE_PASS:2LO").path("state").asString()).isEqualTo("WAITS");
        assertThat(atTheDesk(job, "").at("odometer")).contains("when the wheels went on");
        assertThat(atTheDesk(job, "\"odometer\":\"" + (then + 49) + "\",").at("odometer"))
                .startsWith("49 mi since the wheels went on");
        Answer counts = atTheDesk(job, "\"odometer\":\"" + (then + 60) + "\",");
        assertThat(counts.status()).as(counts.text()).isEqualTo(200);
        assertThat(counts.body().path("items").toString()).contains("60 mi after the wheels went on");
    }

    @Test
    @DisplayName(
            "the pressure check after work on a bead is meant for the next day: a plan elsewhere is a named clash, and closed today it does not count")
    void pressureCheck() {
        replaced("SH-02", "REPLACE:1L");
        JsonNode check = openJob("SH-02", "PRESSURE_CHECK");
        assertThat(check.path("followUp").path("from").asString()).isEqualTo("2026-11-24");
        assertThat(check.path("followUp").path("to").asString()).isEqualTo("2026-11-24");
        assertThat(atTheDesk(check, "").at("day")).contains("meant for Nov 24, 2026");
        Answer moved = coordinator.put(
                "/api/jobs/" + check.path("id").asLong() + "/date",
                "{\"day\":\"2026-11-26\"}",
                "If-Match",
                "\"" + check.path("version").asInt() + "\"");
        assertThat(moved.status()).isEqualTo(200);
        Answer placed = coordinator.put(
                "/api/shop/jobs/" + check.path("id").asLong() + "/slot",
                "{\"yard\":\"Eastbank\",\"day\":\"2026-11-26\",\"start\":\"09:00\",\"bay\":1,\"assignees\":[\"Rafe Halloran\"],\"pinned\":false}",
                "If-Match",
                "\"" + moved.body().path("version").asInt() + "\"");
        assertThat(placed.text())
                .contains("is meant for Nov 24, 2026: the pressure check on the day after work on the bead");
    }

    @Test
    @DisplayName(
            "a replacement signed off at the desk, without a sheet, leaves its re-torque and pressure check as well")
    void atTheDesk() {
        JsonNode job = coordinator
                .get("/api/jobs/{id}", job("SH-06", "CORRECT_MISMATCH:1R"))
                .body();
        Answer done = technician.post(
                "/api/jobs/" + job.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":"
                        + job.path("items").get(0).path("id").asLong()
                        + ",\"dotCode\":\"3CT2XR5M2226\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"pressure\":\"80\",\"confirmed\":[\"pressure\"]}]}",
                "If-Match",
                "\"" + job.path("version").asInt() + "\"");
        assertThat(done.status()).as(done.text()).isEqualTo(200);
        JsonNode retorque = openJob("SH-06", "RETORQUE");
        assertThat(retorque.path("followUp").path("workDone").asString()).isEqualTo("2026-11-23");
        assertThat(openJob("SH-06", "PRESSURE_CHECK").path("items").toString()).contains("\"position\":\"1R\"");
        assertThat(atTheDesk(retorque, "").at("milesSince")).contains("how far it has run");
        assertThat(atTheDesk(retorque, "\"milesSince\":\"0\",").at("milesSince"))
                .startsWith("0 mi since");
        Answer counts = atTheDesk(retorque, "\"milesSince\":\"70\",");
        assertThat(counts.status()).as(counts.text()).isEqualTo(200);
    }
}
