package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** What hand and eye find during the work, and what follows from it. */
@ServerTest
class SheetFindingsTest extends OnSheet {

    @Test
    @DisplayName(
            "a dual's mate goes down and comes back with it: planned with the job, filled to its target, and on record afterwards")
    void mate() {
        long job = job("SH-03", "CORRECT_MISMATCH:2LI");
        refusedAtTheDesk(job);
        JsonNode items = coordinator.get("/api/jobs/{id}", job).body().path("items");
        assertThat(items.toString()).contains("let down with the other tire of its dual");
        assertThat(keys(sheet(job)))
                .containsSubsequence("DEFLATE_FIRST:2LI", "DEFLATE_FIRST:2LO", "STANDS", "FILL:2LO");
        until(job, "FILL:2LO");
        JsonNode low =
                mark(technician, job, "FILL:2LO", "{\"pressure\":\"40\"}").body();
        assertThat(step(low, "FILL:2LO").path("state").asString()).isEqualTo("OPEN");
        assertThat(close(job).text()).contains("Fill to the cold target at 2LO");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        String filled = step(sheet(job), "FILL:2LO").path("statement").asString();
        assertThat(closed.body().path("items").toString()).contains("\"position\":\"2LO\"", filled);
    }

    @Test
    @DisplayName(
            "a job whose sheet has begun can't go off the plan, whole or in part: a tire may be let down; with its steps taken back it can")
    void begunStays() {
        long job = job("SH-03", "CORRECT_MISMATCH:2LI");
        JsonNode first = sheet(job).path("steps").get(0);
        until(job, sheet(job).path("steps").get(1).path("key").asString());
        String version = "\""
                + coordinator.get("/api/jobs/{id}", job).body().path("version").asInt() + "\"";
        Answer off = coordinator.delete("/api/jobs/" + job, "", "If-Match", version);
        assertThat(off.status()).isEqualTo(409);
        assertThat(off.text()).contains("has begun");
        String mate = coordinator
                .get("/api/jobs/{id}", job)
                .body()
                .path("items")
                .get(1)
                .path("id")
                .asString();
        assertThat(coordinator
                        .delete("/api/jobs/" + job + "/items?item=" + mate, "", "If-Match", version)
                        .text())
                .contains("has begun");
        assertThat(sheet(job).path("steps").get(0).path("by").isMissingNode()).isFalse();
        coordinator.takeBack(job);
        assertThat(step(sheet(job), first.path("key").asString()).path("by").isMissingNode())
                .isTrue();
        assertThat(coordinator
                        .delete("/api/jobs/" + job, "", "If-Match", version)
                        .status())
                .isEqualTo(204);
    }

    /** The desk can't sign off a dual under its target either. */
    private void refusedAtTheDesk(long job) {
        JsonNode shown = coordinator.get("/api/jobs/{id}", job).body();
        StringBuilder results = new StringBuilder();
        shown.path("items")
                .forEach(
                        item -> results.append(results.isEmpty() ? "" : ",")
                                .append(
                                        "{\"itemId\":" + item.path("id").asLong()
                                                + ",\"pressure\":\"40\",\"outer\":\"14\",\"center\":\"14\",\"inner\":\"14\",\"dotCode\":\"3CT2XR5M2226\",\"confirmed\":[\"pressure\"]}"));
        Answer refused = technician.post(
                "/api/jobs/" + job + "/completion",
                "{\"results\":[" + results + "]}",
                "If-Match",
                "\"" + shown.path("version").asInt() + "\"");
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.text()).contains("this dual was let down for the work");
    }

    @Test
    @DisplayName("a cracked wheel stops the sheet there; another wheel goes on, and is the one on file afterwards")
    void crackedWheel() {
        long job = job("SH-02", "REPLACE:1L");
        until(job, "CLEAN_WHEEL:1L");
        JsonNode cracked = mark(technician, job, "CLEAN_WHEEL:1L", "{\"wheel\":\"CRACKED\"}")
                .body();
        assertThat(step(cracked, "CLEAN_WHEEL:1L").path("outside").asString()).contains("out of service: cracked");
        assertThat(step(cracked, "MOUNT:1L").path("state").asString()).isEqualTo("WAITS");
        assertThat(technician
                        .post("/api/jobs/" + job + "/sheet/steps/CLEAN_WHEEL:1L/skip", "{\"reason\":\"hurry\"}")
                        .text())
                .contains("is never skipped");
        assertThat(mark(technician, job, "CLEAN_WHEEL:1L", "{\"wheel\":\"ANOTHER\"}")
                        .at("pilot"))
                .contains("hub- or stud-piloted");
        done(job, "CLEAN_WHEEL:1L", "{\"wheel\":\"ANOTHER\",\"pilot\":\"STUD\"}");
        assertThat(step(sheet(job), "TORQUE_PASS:1L").path("does").asString())
                .contains("isn’t on file: take it from its manufacturer’s data");
        for (String stage : List.of("TORQUE_PASS:1L")) {
            until(job, stage);
            done(job, stage, "{\"torque\":\"120\",\"nuts\":\"8\",\"wrench\":\"W-1\"}");
        }
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(closed.body().path("items").toString()).contains("stud-piloted");
        assertThat(technician
                        .get("/api/vehicles/{id}/sheet", technician.vehicle("SH-02"))
                        .text())
                .contains("STUD");
    }

    @Test
    @DisplayName("a torn bead ends the wheel's steps: the tire is condemned on record and its replacement is planned")
    void tornBead() {
        long job = job("LC-02", "REPLACE_SENSOR:2LI");
        technician.put("/api/jobs/" + job + "/sheet", "{\"nitrogen\":false,\"sensorDismount\":true}");
        until(job, "DEMOUNT:2LI");
        done(job, "DEMOUNT:2LI", "{\"bead\":\"TORN\"}");
        assertThat(keys(sheet(job))).contains("RECORD_WORK:2LI").doesNotContain("MOUNT:2LI", "FILL:2LI");
        done(job, "RECORD_WORK:2LI", "{\"note\":\"scrap rack\"}");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(closed.body().path("items").toString()).contains("Condemned", "bead torn");
        assertThat(technician
                        .get("/api/vehicles/{id}/jobs", technician.vehicle("LC-02"))
                        .text())
                .contains("\"workType\":\"REPLACE\"");
    }

    @Test
    @DisplayName(
            "at re-torque a loose nut takes the wheel off: studs and holes are looked at before anything is tightened")
    void looseNut() {
        long first = job("SH-02", "CORRECT_MISMATCH:1R");
        goOn(first);
        close(first);
        long job = openJob("SH-02", "RETORQUE").path("id").asLong();
        until(job, "TORQUE_PASS:1R");
        String tight = fields(step(sheet(job), "TORQUE_PASS:1R")).replaceFirst("NONE", "LOOSE");
        JsonNode loose = mark(technician, job, "TORQUE_PASS:1R", tight).body();
        assertThat(step(loose, "TORQUE_PASS:1R").path("outside").asString()).contains("wheel off");
        assertThat(keys(loose)).containsSubsequence("STANDS:1R", "WHEEL_OFF:1R", "CLEAN_WHEEL:1R", "TORQUE_PASS:1R");
        assertThat(close(job).status()).isEqualTo(409);
    }

    @Test
    @DisplayName("a dual let down because its nuts were loose comes back to its target, and both fills are on record")
    void looseDual() {
        long job = coordinator
                .post(
                        "/api/wished-work",
                        "{\"vehicleId\":" + coordinator.vehicle("SH-03")
                                + ",\"workType\":\"RETORQUE\",\"day\":\"2026-11-30\"}")
                .body()
                .path("id")
                .asLong();
        until(job, "TORQUE_PASS:2LO");
        mark(
                technician,
                job,
                "TORQUE_PASS:2LO",
                fields(step(sheet(job), "TORQUE_PASS:2LO")).replaceFirst("NONE", "LOOSE"));
        assertThat(keys(sheet(job))).contains("FILL:2LO", "FILL:2LI", "STANDS:2LO");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        String filled = step(sheet(job), "FILL:2LI").path("statement").asString();
        assertThat(closed.body().path("items").toString())
                .contains("\"position\":\"2LO\"", "\"position\":\"2LI\"", filled);
    }
}
