package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import tools.jackson.databind.JsonNode;

/** A job sheet worked through over the wire: its steps, its readings, its closing. */
public abstract class OnSheet {

    static final Map<String, String> READINGS = Map.ofEntries(
            Map.entry("SEAT", "{\"seating\":\"35\",\"where\":\"OPEN\"}"),
            Map.entry(
                    "BEAD_GAP",
                    "{\"gap1\":\"3\",\"gap2\":\"3\",\"gap3\":\"4\",\"gap4\":\"4\",\"backUnreached\":\"hub in the way\"}"),
            Map.entry("RECORD_WORK", "{\"note\":\"as found, put right\"}"),
            Map.entry("CLEAN_WHEEL", "{\"wheel\":\"SOUND\"}"),
            Map.entry("DEMOUNT", "{\"bead\":\"SOUND\",\"oldBead\":\"SOUND\"}"),
            Map.entry("MOUNT", "{\"bead\":\"SOUND\"}"),
            Map.entry("WHEEL_OFF", "{\"second\":\"SECOND\"}"),
            Map.entry("HAND_START_NUTS", "{\"second\":\"SECOND\"}"),
            Map.entry("NITROGEN", "{\"nitrogen\":\"97\",\"leak\":\"NONE\"}"),
            Map.entry("FILL", "{\"pressure\":\"TARGET\",\"leak\":\"NONE\"}"),
            Map.entry("BALANCE", "{\"weightOut\":\"2\",\"weightIn\":\"1 oz\"}"),
            Map.entry(
                    "TORQUE_PASS",
                    "{\"torque\":\"FULL\",\"nuts\":\"8\",\"wrench\":\"W-1\",\"turned\":\"NONE\",\"whichNuts\":\"3\"}"),
            Map.entry("MILES_SINCE", "{\"odometer\":\"RAN_ODOMETER\"}"),
            Map.entry("ODOMETER", "{\"odometer\":\"LAST_ODOMETER\"}"),
            Map.entry(
                    "TREAD_OF_INSTALLED",
                    "{\"outer\":\"11\",\"center\":\"11\",\"inner\":\"11\",\"oldTireTo\":\"RETREAD\",\"scrapReason\":\"tread\"}"),
            Map.entry(
                    "DOT_OF_INSTALLED",
                    "{\"dotCode\":\"3CT2XR5M2226\",\"facing\":\"OUTWARD\",\"outer\":\"11\",\"center\":\"11\",\"inner\":\"11\",\"oldTireTo\":\"RETREAD\",\"scrapReason\":\"tread\"}"));

    static final String UNEVEN =
            "{\"gap1\":\"3\",\"gap2\":\"3\",\"gap3\":\"6\",\"gap4\":\"4\",\"backUnreached\":\"hub in the way\"}";

    @Autowired
    protected MockMvc http;

    protected Api technician;
    protected Api coordinator;

    @BeforeEach
    protected void clients() {
        coordinator = new Api(http);
        technician = Api.as(http, "TECHNICIAN");
        coordinator.emptyShop();
    }

    protected long job(String unit, String key) {
        long vehicle = coordinator.vehicle(unit);
        Answer job = coordinator.post(
                "/api/jobs",
                "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":" + vehicle + ",\"key\":\"" + key + "\"}]}");
        assertThat(job.status()).as(job.text()).isEqualTo(200);
        return job.body().get(0).path("id").asLong();
    }

    protected JsonNode sheet(long job) {
        return technician.get("/api/jobs/{id}/sheet", job).body();
    }

    protected Answer mark(Api who, long job, String step, String fields) {
        return who.post("/api/jobs/" + job + "/sheet/steps/" + step, "{\"fields\":" + fields + "}");
    }

    protected static JsonNode step(JsonNode sheet, String key) {
        return StreamSupport.stream(sheet.path("steps").spliterator(), false)
                .filter(step -> step.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    protected static List<String> keys(JsonNode sheet) {
        List<String> keys = new ArrayList<>();
        sheet.path("steps").forEach(step -> keys.add(step.path("key").asString()));
        return keys;
    }

    protected static String fields(JsonNode step) {
        String code = step.path("key").asString().replaceAll(":.*", "");
        String does = step.path("does").asString();
        // Where no target is on file the gauge's figure is only recorded.
        String target = does.contains(" psi") ? does.replaceAll(".*?([0-9.]+) psi.*", "$1") : "60";
        String wrench = step.path("torqueSequence").path("wrench").asString();
        return READINGS.getOrDefault(code, "{}")
                .replace("TARGET", target)
                .replace(
                        "SECOND",
                        step.path("fields")
                                .path(0)
                                .path("options")
                                .path(0)
                                .path("code")
                                .asString())
                .replace("FULL", wrench);
    }

    /** Marks every step up to one, in order. */
    protected void until(long job, String stop) {
        for (String key : keys(sheet(job))) {
            if (key.equals(stop)) {
                return;
            }
            if (step(sheet(job), key).path("state").asString().equals("DONE")) {
                continue;
            }
            done(job, key, fields(step(sheet(job), key)));
        }
    }

    protected void done(long job, String key, String fields) {
        if (step(sheet(job), key).hasNonNull("recordedBy")) {
            // Its record is made on another page; these sheets are about other steps.
            Answer skipped = technician.post(
                    "/api/jobs/" + job + "/sheet/steps/" + key + "/skip", "{\"reason\":\"looked at later\"}");
            assertThat(skipped.status()).as("%s: %s", key, skipped.text()).isEqualTo(200);
            return;
        }
        Answer answer = mark(
                technician,
                job,
                key,
                fields.replace("LAST_ODOMETER", String.valueOf(odometer(job)))
                        .replace("RAN_ODOMETER", String.valueOf(odometer(job) + 60)));
        assertThat(answer.status()).as("%s: %s", key, answer.text()).isEqualTo(200);
        JsonNode step = step(answer.body(), key);
        assertThat(step.path("state").asString()).as("%s: %s", key, step).isEqualTo("DONE");
    }

    /** What the vehicle's odometer showed last. */
    protected long odometer(long job) {
        long vehicle = sheet(job).path("vehicleId").asLong();
        return Long.parseLong(technician
                .get("/api/vehicles/{id}", vehicle)
                .body()
                .path("odometer")
                .asString()
                .replaceAll("[^0-9]", ""));
    }

    /** The open job of a vehicle with work of a kind. */
    protected JsonNode openJob(String unit, String workType) {
        return StreamSupport.stream(
                        technician
                                .get("/api/vehicles/{id}/jobs", technician.vehicle(unit))
                                .body()
                                .spliterator(),
                        false)
                .filter(one -> one.path("doneAt").isNull() || one.path("doneAt").isMissingNode())
                .filter(one -> one.toString().contains("\"" + workType + "\""))
                .findFirst()
                .orElseThrow();
    }

    protected Answer close(long job) {
        return technician.post(
                "/api/jobs/" + job + "/sheet/completion",
                "{}",
                "If-Match",
                "\"" + sheet(job).path("version").asInt() + "\"");
    }

    /** Marks whatever is open, in the sheet's order, until nothing is. */
    protected void goOn(long job) {
        while (true) {
            String open = StreamSupport.stream(sheet(job).path("steps").spliterator(), false)
                    .filter(step -> step.path("state").asString().equals("OPEN"))
                    .map(step -> step.path("key").asString())
                    .findFirst()
                    .orElse("");
            if (open.isEmpty()) {
                return;
            }
            done(job, open, fields(step(sheet(job), open)));
        }
    }
}
