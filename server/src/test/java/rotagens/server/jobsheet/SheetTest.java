package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** A steer tire replaced by its sheet: every gate, and what is in the ledger and on the plan afterwards. */
@ServerTest
class SheetTest extends OnSheet {

    private JsonNode rightSteer() {
        JsonNode vehicle = technician
                .get("/api/vehicles/{id}", technician.vehicle("SH-02"))
                .body();
        return vehicle.path("positions").get(1);
    }

    @Test
    @DisplayName(
            "a steer tire goes on step by step, the job is signed off with its readings, and re-torque and a recheck are planned")
    void wholeReplacement() {
        long job = job("SH-02", "CORRECT_MISMATCH:1R");
        long old = rightSteer().path("tireId").asLong();
        technician.put("/api/jobs/" + job + "/sheet", "{\"nitrogen\":true,\"sensorDismount\":false}");
        until(job, "end");
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(closed.body().path("doneAt").asString()).isNotEmpty();
        assertThat(closed.body().path("items").get(0).path("done").asString()).contains("DOT 3CT2XR5M2226");
        JsonNode now = rightSteer();
        assertThat(now.path("tireId").asLong()).isNotEqualTo(old);
        String tire =
                technician.get("/api/tires/{id}", now.path("tireId").asLong()).text();
        assertThat(tire).as("the analyser's figure").contains("\"gas\":\"nitrogen, 97%\"");
        String planned = technician
                .get("/api/vehicles/{id}/jobs", technician.vehicle("SH-02"))
                .text();
        assertThat(planned).contains("RETORQUE", "50 to 100 miles", "the day after work on the bead");
        assertThat(mark(technician, job, "SECURE_VEHICLE", "{}").text()).contains("\"status\":409", "done already");
    }

    @Test
    @DisplayName(
            "a bead-gap spread of 3/32 reopens core, break down, lubricate, mount and seat; each try stays on the sheet and its paper")
    void beadGap() throws Exception {
        long job = job("SH-02", "REPLACE:1L");
        until(job, "BEAD_GAP:1L");
        JsonNode tried = mark(technician, job, "BEAD_GAP:1L", UNEVEN).body();
        assertThat(step(tried, "BEAD_GAP:1L").path("outside").asString()).contains("spread 3/32 in", "remount");
        for (String again : List.of("CORE_OUT", "BREAK_BEAD", "MOUNT", "SEAT")) {
            assertThat(step(tried, again + ":1L").path("state").asString())
                    .as(again)
                    .isIn("OPEN", "WAITS");
        }
        assertThat(mark(technician, job, "BREAK_BEAD:1L", "{}").text()).contains("Complete first: “Core out”");
        assertThat(close(job).text()).contains("Complete first: Core out at 1L");
        assertThat(technician
                        .post("/api/jobs/" + job + "/sheet/steps/BEAD_GAP:1L/skip", "{\"reason\":\"in a hurry\"}")
                        .text())
                .contains("is never skipped");
        goOn(job);
        JsonNode passed = step(sheet(job), "BEAD_GAP:1L");
        assertThat(passed.path("statement").asString()).contains("back not reached: hub in the way");
        assertThat(passed.path("tries").size()).isEqualTo(1);
        assertThat(passed.path("tries").get(0).path("statement").asString()).contains("spread 3/32 in");
        assertThat(paper(job)).contains("Tried before", "spread 3/32 in");
    }

    private String paper(long job) throws Exception {
        byte[] pdf = http.perform(org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(
                                "/api/jobs/" + job + "/sheet.pdf")
                        .session(technician.session()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (org.apache.pdfbox.pdmodel.PDDocument document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
            return new org.apache.pdfbox.text.PDFTextStripper().getText(document);
        }
    }

    @Test
    @DisplayName("nobody is the second person to themselves")
    void second() {
        long job = job("LC-02", "REPLACE_SENSOR:2LI");
        until(job, "WHEEL_OFF:2LI");
        assertThat(mark(technician, job, "WHEEL_OFF:2LI", "{\"second\":\"Rafe Halloran\"}")
                        .at("second"))
                .contains("another person than yourself");
    }

    @Test
    @DisplayName(
            "safety steps keep their order and their names; a step left out says why; a mark is taken back in order")
    void order() {
        long job = job("SH-02", "REPLACE:1L");
        Answer ahead = mark(technician, job, "CORE_OUT:1L", "{}");
        assertThat(ahead.status()).isEqualTo(409);
        assertThat(ahead.text()).contains("Complete first: “Secure the vehicle”");
        until(job, "MACHINE_FITS");
        assertThat(technician
                        .post("/api/jobs/" + job + "/sheet/steps/MACHINE_FITS/skip", "{\"reason\":\" \"}")
                        .at("reason"))
                .contains("Enter the reason");
        JsonNode left = technician
                .post("/api/jobs/" + job + "/sheet/steps/MACHINE_FITS/skip", "{\"reason\":\"same as yesterday\"}")
                .body();
        assertThat(step(left, "MACHINE_FITS").path("statement").asString()).isEqualTo("same as yesterday");
        assertThat(step(left, "MACHINE_FITS").path("by").asString()).isEqualTo("Rafe Halloran");
        done(job, "ONE_PIECE_RIM", "{}");
        assertThat(technician
                        .post("/api/jobs/" + job + "/sheet/steps/SECURE_VEHICLE/undo", "{}")
                        .text())
                .contains("came after it");
        assertThat(step(
                                technician
                                        .post("/api/jobs/" + job + "/sheet/steps/ONE_PIECE_RIM/undo", "{}")
                                        .body(),
                                "ONE_PIECE_RIM")
                        .path("state")
                        .asString())
                .isEqualTo("OPEN");
    }

    @Test
    @DisplayName("torque in the wrong unit is asked about, and nothing else typed is lost")
    void torqueUnit() {
        long job = job("SH-02", "REPLACE:1L");
        until(job, "TORQUE_PASS:1L");
        String wrench = step(sheet(job), "TORQUE_PASS:1L")
                .path("torqueSequence")
                .path("wrench")
                .asString()
                .replaceAll("[^0-9]", "");
        String newtons = String.valueOf(Math.round(Integer.parseInt(wrench) * 1.3558));
        Answer asked = mark(
                technician,
                job,
                "TORQUE_PASS:1L",
                "{\"torque\":\"" + newtons + "\",\"nuts\":\"8\",\"wrench\":\"W-1\"}");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.at("torque")).contains("Was " + newtons + " N·m meant?");
        assertThat(step(sheet(job), "BALANCE:1L").path("state").asString()).isEqualTo("DONE");
    }

    @Test
    @DisplayName("two people work on one sheet, each under their own name, and it can be handed over")
    void twoPeople() {
        long job = job("SH-02", "REPLACE:1L");
        mark(technician, job, "SECURE_VEHICLE", "{}");
        mark(coordinator, job, "MACHINE_FITS", "{}");
        JsonNode sheet = technician
                .post("/api/jobs/" + job + "/sheet/hand-over", "{\"to\":\"Ines Okafor\"}")
                .body();
        assertThat(step(sheet, "SECURE_VEHICLE").path("by").asString()).isEqualTo("Rafe Halloran");
        assertThat(step(sheet, "MACHINE_FITS").path("by").asString()).isEqualTo("Ines Okafor");
        assertThat(sheet.path("handOvers").get(0).path("to").asString()).isEqualTo("Ines Okafor");
    }

    @Test
    @DisplayName("the machine chosen decides the clock, and one that is too small is said before anything is lifted")
    void machine() {
        long job = job("LC-02", "REPLACE_SENSOR:2LI");
        JsonNode machines = sheet(job).path("tireChangers");
        JsonNode small = technician
                .put(
                        "/api/jobs/" + job + "/sheet",
                        "{\"tireChangerId\":" + machines.get(0).path("id").asLong()
                                + ",\"nitrogen\":true,\"sensorDismount\":true}")
                .body();
        assertThat(small.path("warnings").toString()).contains("Changer 1 takes 36 in at most", "Take Changer 2");
        assertThat(keys(small)).contains("NITROGEN:2LI", "DEMOUNT:2LI");
        JsonNode large = technician
                .put(
                        "/api/jobs/" + job + "/sheet",
                        "{\"tireChangerId\":" + machines.get(1).path("id").asLong()
                                + ",\"nitrogen\":false,\"sensorDismount\":true}")
                .body();
        assertThat(large.path("warnings")).isEmpty();
        assertThat(step(large, "MOUNT:2LI")
                        .path("valveClocks")
                        .get(1)
                        .path("valvePositions")
                        .get(0)
                        .path("clock")
                        .asString())
                .isEqualTo("8 o’clock");
        assertThat(step(large, "MOUNT:2LI")
                        .path("wheelSection")
                        .path("statement")
                        .asString())
                .contains("cone and shaft through the hub", "press arm")
                .doesNotContain("jaw");
        assertThat(step(large, "MOUNT:2LI").path("wheelSection").path("release"))
                .hasSize(3);
        assertThat(step(small, "MOUNT:2LI")
                        .path("wheelSection")
                        .path("statement")
                        .asString())
                .contains("jaws from outside, covers on");
        assertThat(step(large, "FILL:2LI").hasNonNull("wheelSection")).isFalse();
    }

    @Test
    @DisplayName("a viewer may look at a sheet, not touch it")
    void viewer() {
        long job = job("SH-02", "REPLACE:1L");
        Api viewer = Api.as(http, "VIEWER");
        assertThat(viewer.get("/api/jobs/{id}/sheet", job).status()).isEqualTo(200);
        assertThat(mark(viewer, job, "SECURE_VEHICLE", "{}").status()).isEqualTo(403);
    }

    @Test
    @DisplayName(
            "a visit keeps what was noted under its name, and its page says what is on the vehicle and what comes next")
    void visit() {
        long job = job("SH-02", "REPLACE:1L");
        String address = "/api/jobs/" + job + "/visit";
        assertThat(technician.post(address, "{\"entry\":\"ALIGNMENT_BEFORE\"}").at("toe"))
                .contains("total toe");
        JsonNode visit = note(
                address,
                "OUTSIDE_SHOP",
                "\"vendor\":\"Millrace Alignment\",\"invoice\":\"812\",\"promised\":\"toe to 0\",\"got\":\"toe 0.02\"");
        assertThat(visit.path("lines").get(0).path("label").asString()).contains("invoice 812");
        assertThat(visit.path("lines").get(0).path("by").asString()).isEqualTo("Rafe Halloran");
        assertThat(visit.path("positions").get(0).path("dot").asString()).isNotEmpty();
        assertThat(visit.path("due").size()).isPositive();
        note(address, "ALIGNMENT_BEFORE", "\"axle\":\"1\",\"toe\":\"0.55\",\"camberLeft\":\"-0.5\"");
        note(address, "RIDE_HEIGHT_BEFORE", "\"frontLeft\":\"18.5\"");
        note(address, "RIDE_HEIGHT_AFTER", "\"frontLeft\":\"19\",\"frontLeast\":\"18.9\"");
        JsonNode after = note(address, "ALIGNMENT_AFTER", "\"axle\":\"1\",\"toe\":\"0.1\",\"toeMost\":\"0.2\"");
        assertThat(after.path("compared").toString())
                .contains("\"before\":\"0.55°\",\"after\":\"0.1°\",\"difference\":\"−0.45°\"")
                .contains("\"before\":\"18.5 in\",\"after\":\"19 in\",\"difference\":\"+0.5 in\"");
        JsonNode worn =
                note(address, "JOINT_PLAY", "\"joint\":\"ball joint left\",\"play\":\"0.09\",\"limit\":\"0.05\"");
        assertThat(worn.path("lines").get(5).path("warning").asString()).contains("Over the manufacturer’s limit");
        assertThat(technician
                        .post(address, "{\"entry\":\"RIDE_HEIGHT_BEFORE\",\"fields\":{\"frontLeft\":\"high\"}}")
                        .at("frontLeft"))
                .contains("41.1");
    }

    private JsonNode note(String address, String entry, String fields) {
        Answer noted = technician.post(address, "{\"entry\":\"" + entry + "\",\"fields\":{" + fields + "}}");
        assertThat(noted.status()).as(noted.text()).isEqualTo(200);
        return noted.body();
    }

    @Test
    @DisplayName(
            "a photo of damage at check-in is kept with the visit and shown again; a text that calls itself a picture is refused")
    void damagePhoto() throws Exception {
        long job = job("SH-02", "REPLACE:1L");
        java.io.ByteArrayOutputStream picture = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", picture);
        String address = "/api/jobs/" + job + "/visit/photos";
        assertThat(photograph(address, picture.toByteArray())).isEqualTo(200);
        JsonNode line =
                technician.get("/api/jobs/{id}/visit", job).body().path("lines").get(0);
        assertThat(line.path("photo").asBoolean()).isTrue();
        assertThat(technician.get(address + "/" + line.path("id").asLong()).type())
                .startsWith("image/jpeg");
        assertThat(photograph(address, "not a picture".getBytes(java.nio.charset.StandardCharsets.UTF_8)))
                .isEqualTo(422);
    }

    private int photograph(String address, byte[] picture) throws Exception {
        return http.perform(
                        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(address)
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
    @DisplayName(
            "a rotation closes by its sheet: each tire's code is read where it went, and a tire in the wrong place is noticed")
    void rotation() {
        long vehicle = coordinator.vehicle("SP-04");
        String bench = "/api/vehicles/" + vehicle + "/rotation";
        JsonNode proposal = coordinator
                .post(bench + "/proposal", "{\"options\":{\"buy\":true},\"goal\":\"EVEN_WEAR\"}")
                .body();
        JsonNode before =
                coordinator.get("/api/vehicles/{id}/rotation", vehicle).body();
        long job = coordinator
                .post(
                        bench,
                        "{\"options\":{\"buy\":true},\"arrangement\":" + proposal.path("arrangement") + ",\"before\":"
                                + before.path("now").path("arrangement") + ",\"day\":\"2026-11-30\"}")
                .body()
                .path("jobId")
                .asLong();
        Map<String, String> codes = new java.util.HashMap<>();
        proposal.path("arrangement")
                .properties()
                .forEach(place -> before.path("tires").forEach(tire -> {
                    if (tire.path("id").asLong() == place.getValue().asLong()) {
                        codes.put(place.getKey(), tire.path("dot").asString());
                    }
                }));
        boolean noticed = false;
        for (String key : keys(sheet(job))) {
            String fields = fields(step(sheet(job), key));
            if (key.startsWith("DOT_OF_INSTALLED")) {
                JsonNode wrong = mark(technician, job, key, fields).body();
                assertThat(step(wrong, key).path("outside").asString()).contains("This is another tire");
                noticed = true;
                fields = "{\"dotCode\":\"" + codes.get(key.replaceAll(".*:", "")) + "\",\"facing\":\"OUTWARD\"}";
            }
            done(job, key, fields);
        }
        assertThat(noticed).isTrue();
        Answer closed = close(job);
        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        JsonNode now = coordinator.get("/api/vehicles/{id}/rotation", vehicle).body();
        assertThat(now.path("now").path("arrangement")).isEqualTo(proposal.path("arrangement"));
    }
}
