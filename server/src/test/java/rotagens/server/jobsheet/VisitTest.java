package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** A visit from booking to hand-over: its stages, what keeps the vehicle in, and the facts that close steps. */
@ServerTest
class VisitTest extends OnSheet {

    private long booked(String unit, String workType, String more) {
        Answer job = coordinator.post(
                "/api/wished-work",
                "{\"vehicleId\":" + coordinator.vehicle(unit) + ",\"workType\":\"" + workType + "\"," + more + "}");
        assertThat(job.status()).as(job.text()).isEqualTo(200);
        return job.body().path("id").asLong();
    }

    private Answer note(long job, String entry, String fields) {
        return technician.post(
                "/api/jobs/" + job + "/visit", "{\"entry\":\"" + entry + "\",\"fields\":{" + fields + "}}");
    }

    private JsonNode noted(long job, String entry, String fields) {
        Answer noted = note(job, entry, fields);
        assertThat(noted.status()).as(noted.text()).isEqualTo(200);
        return noted.body();
    }

    private Answer handOver(long job) {
        return technician.post("/api/jobs/" + job + "/visit/hand-over", "{\"to\":\"dispatch@millrace.example\"}");
    }

    private static String state(JsonNode visit, String stage) {
        return StreamSupport.stream(visit.path("stages").spliterator(), false)
                .filter(one -> one.path("stage").asString().equals(stage))
                .findFirst()
                .orElseThrow()
                .path("state")
                .asString();
    }

    private String due(String unit) {
        return technician
                .get("/api/vehicles/{id}", technician.vehicle(unit))
                .body()
                .path("due")
                .toString();
    }

    private String verdict(String unit) {
        return technician
                .get("/api/vehicles/{id}", technician.vehicle(unit))
                .body()
                .path("verdict")
                .asString();
    }

    @Test
    @DisplayName(
            "a visit booked for an alignment and a weighing: the slip and the alignment close their steps, and only then is it handed over")
    void weighedAndAligned() {
        long job = booked("SP-04", "ALIGN", "\"wish\":\"pulls left\",\"day\":\"2026-11-30\"");
        assertThat(booked("SP-04", "WEIGH", "\"join\":" + job)).isEqualTo(job);
        noted(job, "DAMAGE", "\"words\":\"none\"");
        noted(job, "ROAD_TEST_BEFORE", "\"words\":\"pulls left from 30 mph\"");
        noted(job, "ALIGNMENT_BEFORE", "\"axle\":\"1\",\"toe\":\"0.55\",\"toeLeast\":\"0\",\"toeMost\":\"0.2\"");
        assertThat(due("SP-04")).contains("Alignment of axle 1: total toe 0.55°");
        Answer early = handOver(job);
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.text())
                .contains("Work: 3 steps of the job sheet are open")
                .contains("Weighing: No scale ticket")
                .contains("Alignment after, axle 1, is not measured")
                .contains("Road test after")
                .contains("Clean and put back");
        Answer ticked = mark(technician, job, "WEIGH", "{}");
        assertThat(ticked.at("record")).contains("Enter the scale ticket on the Load & pressure page");
        assertThat(coordinator
                        .post(
                                "/api/vehicles/" + coordinator.vehicle("SP-04") + "/scale-tickets",
                                "{\"state\":\"NORMAL\",\"scale\":\"Eastbank pads\",\"axles\":[{\"axle\":1,\"left\":\"1900\",\"right\":\"1880\"},{\"axle\":2,\"left\":\"1700\",\"right\":\"1720\"}]}")
                        .status())
                .isEqualTo(200);
        assertThat(step(sheet(job), "WEIGH").path("state").asString()).isEqualTo("DONE");
        assertThat(step(sheet(job), "WEIGH").path("statement").asString()).startsWith("7,200 lb on Eastbank pads");
        noted(job, "ALIGNMENT_AFTER", "\"axle\":\"1\",\"toe\":\"0.3\",\"toeLeast\":\"0\",\"toeMost\":\"0.2\"");
        assertThat(step(sheet(job), "ALIGNMENT").path("outside").asString()).contains("0.55° → 0.3°");
        noted(job, "ALIGNMENT_AFTER", "\"axle\":\"1\",\"toe\":\"0.1\",\"toeLeast\":\"0\",\"toeMost\":\"0.2\"");
        assertThat(step(sheet(job), "ALIGNMENT").path("statement").asString())
                .isEqualTo("axle 1, Total toe 0.55° → 0.1°");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(closed.body().path("items").toString()).contains("axle 1, Total toe 0.55° → 0.1°");
        noted(job, "CLEAN_UP", "\"words\":\"\"");
        JsonNode visit = technician.get("/api/jobs/{id}/visit", job).body();
        assertThat(state(visit, "ROAD_TEST_AFTER")).isEqualTo("DONE");
        assertThat(visit.path("nextWanted").asString()).isNotBlank();
        Answer signed = handOver(job);
        assertThat(signed.status()).as(signed.text()).isEqualTo(200);
        assertThat(signed.body().path("handedOver").path("to").asString()).isEqualTo("dispatch@millrace.example");
        JsonNode mail = coordinator.get("/api/outbox").body().get(0);
        assertThat(mail.path("subject").asString()).isEqualTo("SP-04 handed over");
        assertThat(mail.path("body").asString())
                .contains("axle 1, Total toe: 0.55°, after 0.1°", "On the vehicle", "Next wanted");
        assertThat(note(job, "CLEAN_UP", "").status()).isEqualTo(409);
        assertThat(handOver(job).status()).isEqualTo(409);
    }

    @Test
    @DisplayName("a photo signs nothing: it can't stand for the hand-over, nor for an alignment that nobody measured")
    void photoIsNoProof() throws Exception {
        long job = booked("SP-04", "ALIGN", "\"day\":\"2026-11-30\"");
        java.io.ByteArrayOutputStream picture = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", picture);
        assertThat(photograph(job, "HANDED_OVER", picture.toByteArray())).isEqualTo(422);
        assertThat(photograph(job, "ALIGNMENT_AFTER", picture.toByteArray())).isEqualTo(200);
        JsonNode visit = technician.get("/api/jobs/{id}/visit", job).body();
        assertThat(state(visit, "HAND_OVER")).isEqualTo("OPEN");
        assertThat(state(visit, "ALIGNMENT")).isEqualTo("OPEN");
        assertThat(step(sheet(job), "ALIGNMENT").path("state").asString()).isNotEqualTo("DONE");
        goOn(job);
        assertThat(close(job).text())
                .as("its step left out")
                .contains("No alignment measured within its limits in this visit");
    }

    private int photograph(long job, String entry, byte[] picture) throws Exception {
        return http.perform(
                        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(
                                        "/api/jobs/" + job + "/visit/photos?entry=" + entry)
                                .session(technician.session())
                                .with(org.springframework.security.test.web.servlet.request
                                        .SecurityMockMvcRequestPostProcessors.csrf())
                                .contentType("image/jpeg")
                                .content(picture))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    @DisplayName("a closed sheet keeps the record that closed its step, whatever is measured later")
    void closedStays() {
        long job = booked("SP-04", "REPLACE", "\"positions\":[\"1L\"],\"day\":\"2026-11-30\"");
        String compare = "/api/vehicles/" + coordinator.vehicle("SP-04") + "/dash-gauge-comparison";
        until(job, "DASH_AND_GAUGE");
        String all = "{\"1L\":\"41\",\"1R\":\"46\",\"2L\":\"51\",\"2R\":\"56\"}";
        technician.post(compare, "{\"dash\":" + all + ",\"gauge\":" + all + "}");
        goOn(job);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        technician.post(
                compare, "{\"dash\":" + all + ",\"gauge\":{\"1L\":\"56\",\"1R\":\"51\",\"2L\":\"46\",\"2R\":\"41\"}}");
        assertThat(step(sheet(job), "DASH_AND_GAUGE").path("state").asString()).isEqualTo("DONE");
    }

    @Test
    @DisplayName(
            "a joint over its limit stops the vehicle, makes its repair due and keeps the job open; measured within it all ends")
    void joint() {
        long job = booked("SP-04", "REPAIR_SUSPENSION", "\"day\":\"2026-11-30\"");
        String before = verdict("SP-04");
        noted(job, "JOINT_PLAY", "\"joint\":\"Ball joint, left\",\"play\":\"0.09\",\"limit\":\"0.05\"");
        assertThat(verdict("SP-04")).isEqualTo("DO_NOT_OPERATE");
        assertThat(due("SP-04")).contains("REPAIR_SUSPENSION", "Ball joint, left: play 0.09 in");
        assertThat(coordinator.get("/api/fleet").body().toString()).contains("Ball joint, left: play 0.09 in");
        assertThat(state(technician.get("/api/jobs/{id}/visit", job).body(), "FIT_TO_LEAVE"))
                .isEqualTo("OPEN");
        goOn(job);
        Answer words = close(job);
        assertThat(words.status()).isEqualTo(422);
        assertThat(words.text()).contains("words alone don’t complete it");
        noted(job, "JOINT_PLAY", "\"joint\":\"ball joint left\",\"play\":\"0.01\",\"limit\":\"0.05\"");
        assertThat(verdict("SP-04")).isEqualTo(before);
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
    }

    @Test
    @DisplayName("dash and gauge compared at every corner close the step; at some they don't, and a tick is refused")
    void dashAndGauge() {
        long job = booked("SP-04", "REPLACE", "\"positions\":[\"1L\"],\"day\":\"2026-11-30\"");
        long vehicle = coordinator.vehicle("SP-04");
        String compare = "/api/vehicles/" + vehicle + "/dash-gauge-comparison";
        technician.post(compare, "{\"dash\":{\"1L\":\"41\",\"1R\":\"43\"},\"gauge\":{\"1L\":\"41\",\"1R\":\"43\"}}");
        assertThat(step(sheet(job), "DASH_AND_GAUGE").path("state").asString()).isNotEqualTo("DONE");
        until(job, "DASH_AND_GAUGE");
        assertThat(mark(technician, job, "DASH_AND_GAUGE", "{}").at("record")).contains("Compare dash and gauge");
        String all = "{\"1L\":\"41\",\"1R\":\"46\",\"2L\":\"51\",\"2R\":\"56\"}";
        technician.post(compare, "{\"dash\":" + all + ",\"gauge\":" + all + "}");
        assertThat(step(sheet(job), "DASH_AND_GAUGE").path("state").asString()).isEqualTo("DONE");
        Answer undone = technician.post("/api/jobs/" + job + "/sheet/steps/DASH_AND_GAUGE/undo", "{}");
        assertThat(undone.status()).isEqualTo(409);
        assertThat(undone.text()).contains("by what is on record");
    }

    @Test
    @DisplayName("a sensor is on record the moment it is in: the relearn of the same sheet is of this one")
    void sensorAtOnce() {
        long job = booked("SP-04", "REPLACE_SENSOR", "\"positions\":[\"1L\"],\"day\":\"2026-11-30\"");
        until(job, "INSTALL_SENSOR:1L");
        String used = technician
                .get("/api/vehicles/{id}/sensors", technician.vehicle("LC-05"))
                .body()
                .path("rows")
                .get(0)
                .path("sensorId")
                .asString();
        assertThat(mark(technician, job, "INSTALL_SENSOR:1L", "{\"sensor\":\"" + used + "\"}")
                        .at("sensor"))
                .contains("is on file on LC-05");
        done(job, "INSTALL_SENSOR:1L", "{\"sensor\":\"5C0FFEE1\"}");
        String sensors = technician
                .get("/api/vehicles/{id}/sensors", technician.vehicle("SP-04"))
                .body()
                .toString();
        assertThat(sensors).contains("5C0FFEE1");
        assertThat(due("SP-04")).contains("Sensor replaced at 1L");
    }

    @Test
    @DisplayName(
            "work that is asked for is refused where it makes no sense: no position, twice, a kind only a plan brings")
    void wishes() {
        long vehicle = coordinator.vehicle("SP-04");
        String body = "{\"vehicleId\":" + vehicle + ",\"day\":\"2026-11-30\",\"workType\":";
        assertThat(coordinator.post("/api/wished-work", body + "\"REPLACE\"}").at("positions"))
                .contains("Choose at which positions");
        assertThat(coordinator
                        .post("/api/wished-work", body + "\"REPLACE\",\"positions\":[\"9L\"]}")
                        .at("positions"))
                .contains("no position 9L");
        assertThat(coordinator
                        .post("/api/wished-work", body + "\"PRESSURE_CHECK\",\"positions\":[\"S2\"]}")
                        .at("positions"))
                .isNotEmpty();
        assertThat(coordinator.post("/api/wished-work", body + "\"ROTATE\"}").at("workType"))
                .contains("Choose the work");
        booked("SP-04", "ALIGN", "\"day\":\"2026-11-30\",\"outsideShop\":\"Millrace Alignment\"");
        assertThat(openJob("SP-04", "ALIGN").path("note").asString()).isEqualTo("Outside shop: Millrace Alignment");
        assertThat(coordinator.post("/api/wished-work", body + "\"ALIGN\"}").at("workType"))
                .contains("is on an open job of SP-04 already");
        assertThat(technician.post("/api/wished-work", body + "\"WEIGH\"}").status())
                .isEqualTo(403);
    }

    @Test
    @DisplayName(
            "a sensor that the new tire will outlive is proposed with what it saves; fitted, it is on record and its relearn is asked for")
    void sensorWithTire() {
        long job = booked("LC-05", "REPLACE", "\"positions\":[\"1L\"],\"day\":\"2026-11-30\"");
        assertThat(step(sheet(job), "SENSOR_WITH_TIRE:1L").path("does").asString())
                .contains("A new sensor now saves $");
        assertThat(keys(sheet(job))).doesNotContain("RELEARN");
        until(job, "SENSOR_WITH_TIRE:1L");
        done(job, "SENSOR_WITH_TIRE:1L", "{\"withTire\":\"NEW\",\"sensor\":\"5C0FFEE2\"}");
        assertThat(keys(sheet(job))).contains("RELEARN", "SENSOR_WITH_TIRE:1L");
        assertThat(technician
                        .get("/api/vehicles/{id}/sensors", technician.vehicle("LC-05"))
                        .text())
                .contains("5C0FFEE2");
    }
}
