package rotagens.server.facts;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterEach;
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

/** Alerts through every way in, on the running product; after each test the kept alerts are what the ledger comes to. */
@ServerTest
class AlertsTest {

    private static final String SURE = ",\"confirmed\":[\"pressure\",\"outer\",\"center\",\"inner\"]";

    @Autowired
    MockMvc http;

    @Autowired
    FactLog facts;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    @AfterEach
    void keptIsTheFold() {
        assertThat(facts.notAsFolded())
                .as("tires whose kept alerts aren't their ledger's")
                .isEmpty();
    }

    private void walk(String unit, String position, String fields) {
        String walk = api.post("/api/vehicles/" + api.vehicle(unit) + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asString();
        Answer saved = api.put(
                "/api/walk-arounds/" + walk + "/positions/" + position, "{" + fields + SURE + "}", "If-Match", "\"0\"");
        assertThat(saved.status()).as(saved.text()).isEqualTo(200);
        assertThat(api.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"one is enough\"}")
                        .status())
                .isEqualTo(200);
    }

    private Answer gauge(String unit, String position, String body) {
        return api.post(
                "/api/vehicles/" + api.vehicle(unit) + "/pressure-round/" + position,
                "{" + body + ",\"parkedHours\":\"12\",\"confirmed\":true}");
    }

    private long tire(String unit, String position) {
        return position(unit, position).path("tireId").asLong();
    }

    private JsonNode position(String unit, String position) {
        for (JsonNode one : api.get("/api/vehicles/" + api.vehicle(unit)).body().path("positions")) {
            if (one.path("position").asString().equals(position)) {
                return one;
            }
        }
        throw new AssertionError(position);
    }

    private String verdict(String unit, String position) {
        return position(unit, position).path("assessment").path("verdict").asString();
    }

    private String alerts(String unit, String position) {
        StringBuilder words = new StringBuilder();
        for (JsonNode alert :
                api.get("/api/tires/" + tire(unit, position)).body().path("alerts")) {
            words.append(alert.path("type").asString())
                    .append(alert.has("clearedOn") ? " cleared " : " open ")
                    .append(alert.path("statement").asString())
                    .append('\n');
        }
        return words.toString();
    }

    @Test
    @DisplayName("the demo's kept alerts are what its ledgers come to")
    void demo() {
        assertThat(facts.notAsFolded()).isEmpty();
        assertThat(alerts("LC-03", "2RO")).contains("RUN_FLAT open 76 psi, target 95 psi");
    }

    @Test
    @DisplayName("a tread alarm stays when a later walk-around leaves its groove out")
    void groove() {
        walk("VN-01", "1R", "\"outer\":\"8\",\"center\":\"2\",\"inner\":\"8\"");
        assertThat(verdict("VN-01", "1R")).isEqualTo("DO_NOT_OPERATE");
        walk("VN-01", "1R", "\"outer\":\"8\",\"inner\":\"8\"");
        assertThat(verdict("VN-01", "1R")).isEqualTo("DO_NOT_OPERATE");
        assertThat(alerts("VN-01", "1R")).contains("TREAD open 2/32 in at the center groove, limit 2/32 in");
    }

    @Test
    @DisplayName("a tread alarm at one of two places stays when a later walk-around measures one place")
    void place() {
        walk("VN-02", "1R", "\"locations\":[[\"8\",\"8\",\"8\"],[\"8\",\"2\",\"8\"]]");
        assertThat(verdict("VN-02", "1R")).isEqualTo("DO_NOT_OPERATE");
        walk("VN-02", "1R", "\"outer\":\"8\",\"center\":\"8\",\"inner\":\"8\"");
        assertThat(verdict("VN-02", "1R")).isEqualTo("DO_NOT_OPERATE");
    }

    @ParameterizedTest
    @ValueSource(strings = {"walk", "round", "csv", "job"})
    @DisplayName("a tire driven at 80% of its target is run flat by every way in, through every later good reading")
    void ranLow(String way) {
        String unit = "SP-05";
        String at = switch (way) {
            case "walk" -> "1L";
            case "round" -> "2L";
            case "csv" -> "2R";
            default -> "1R";
        };
        switch (way) {
            case "walk" -> walk(unit, at, "\"pressure\":\"40\",\"thermalState\":\"COLD\"");
            case "round" ->
                assertThat(gauge(unit, at, "\"before\":\"40\"").status()).isEqualTo(200);
            case "csv" ->
                csv("unit,position,day,pressure,warmth,confirmed\n" + unit + "," + at + ",2026-11-22,40,cold,yes\n");
            default -> checked(unit, at, "40");
        }
        assertThat(verdict(unit, at)).isEqualTo("DO_NOT_OPERATE");
        csv("unit,position,day,pressure,warmth,confirmed\n" + unit + "," + at + ",2026-11-23,80,cold,yes\n");
        assertThat(verdict(unit, at)).as("a later good figure clears nothing").isEqualTo("DO_NOT_OPERATE");
        assertThat(alerts(unit, at)).contains("RUN_FLAT open 40 psi");
        assertThat(gauge(unit, at, "\"before\":\"70\",\"after\":\"80\"").at("after"))
                .contains("deflate, demount and inspect inside");
    }

    private void checked(String unit, String at, String psi) {
        String due = api.get("/api/vehicles/" + api.vehicle(unit)).text();
        String key = due.contains("PRESSURE_CHECK:" + at) ? "PRESSURE_CHECK:" + at : "SET_PRESSURE:" + at;
        Answer job = api.post(
                "/api/jobs",
                "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":%d,\"key\":\"%s\"}]}"
                        .formatted(api.vehicle(unit), key));
        assertThat(job.status()).as(job.text()).isEqualTo(200);
        JsonNode made = job.body().isArray() ? job.body().get(0) : job.body();
        long item = made.path("items").get(0).path("id").asLong();
        Answer done = api.post(
                "/api/jobs/" + made.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":" + item + ",\"pressure\":\"" + psi + "\",\"confirmed\":[\"pressure\"]}]}",
                "If-Match",
                "\"1\"");
        assertThat(done.status()).as(done.text()).isEqualTo(200);
    }

    private void csv(String rows) {
        Answer in = api.send("/api/imports/READINGS?units=US&dryRun=false", rows.getBytes(StandardCharsets.UTF_8));
        assertThat(in.status()).as(in.text()).isEqualTo(200);
    }

    @Test
    @DisplayName("the adjust and the sign-off of Set pressure refuse a figure over the maximum alike")
    void overMaximum() {
        assertThat(gauge("VN-01", "2R", "\"before\":\"59\",\"after\":\"95\"").at("after"))
                .startsWith("Over the maximum 76 psi");
        Answer job = api.post(
                "/api/jobs",
                "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":%d,\"key\":\"SET_PRESSURE:2R\"}]}"
                        .formatted(api.vehicle("VN-01")));
        JsonNode made = job.body().isArray() ? job.body().get(0) : job.body();
        long item = made.path("items").get(0).path("id").asLong();
        Answer done = api.post(
                "/api/jobs/" + made.path("id").asLong() + "/completion",
                "{\"results\":[{\"itemId\":" + item + ",\"pressure\":\"95\"}]}",
                "If-Match",
                "\"1\"");
        assertThat(done.at("results." + item + ".pressure")).startsWith("Over the maximum 76 psi");
        api.delete("/api/jobs/" + made.path("id").asLong(), "", "If-Match", "\"1\"");
    }

    @Test
    @DisplayName("a figure far from the last is asked about once, and kept when somebody says that it is right")
    void askedOnce() {
        String walk = api.post("/api/vehicles/" + api.vehicle("TR-01") + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asString();
        String address = "/api/walk-arounds/" + walk + "/positions/1L";
        Answer asked = api.put(address, "{\"pressure\":\"45\",\"thermalState\":\"COLD\"}", "If-Match", "\"0\"");
        assertThat(asked.at("pressure"))
                .contains("differs too much from the last reading")
                .contains("or confirm the reading");
        assertThat(asked.body().path("fields").get(0).path("check").asBoolean()).isTrue();
        assertThat(api.put(
                                address,
                                "{\"pressure\":\"45\",\"thermalState\":\"COLD\",\"confirmed\":[\"pressure\"]}",
                                "If-Match",
                                "\"0\"")
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("a voided reading clears what it alone had opened, by name and reason, and stays in the ledger")
    void voided() {
        walk("SP-01", "2L", "\"pressure\":\"30\",\"thermalState\":\"COLD\"");
        assertThat(verdict("SP-01", "2L")).isEqualTo("DO_NOT_OPERATE");
        long reading = 0;
        for (JsonNode line : api.get("/api/tires/" + tire("SP-01", "2L")).body().path("entries")) {
            if (line.path("description").asString().startsWith("30 psi cold")) {
                reading = line.path("readingId").asLong();
            }
        }
        String address = "/api/readings/" + reading + "/void";
        assertThat(api.post(address, "{}").at("reason")).startsWith("Say what was wrong");
        assertThat(api.post(address, "{\"reason\":\"that was the trailer\"}").status())
                .isEqualTo(204);
        assertThat(api.post(address, "{\"reason\":\"again\"}").status()).isEqualTo(409);
        assertThat(verdict("SP-01", "2L")).isNotEqualTo("DO_NOT_OPERATE");
        assertThat(alerts("SP-01", "2L")).doesNotContain("RUN_FLAT");
        assertThat(api.get("/api/tires/" + tire("SP-01", "2L")).text())
                .contains("voided by Ines Okafor: that was the trailer");
    }

    @Test
    @DisplayName("a strike by event opens the same alert as one found, at its corner or at every wheel")
    void strikeByEvent() {
        String events = "/api/vehicles/" + api.vehicle("TR-02") + "/events";
        assertThat(api.post(events, "{\"type\":\"CURB_STRIKE\",\"position\":\"9L\"}")
                        .at("position"))
                .contains("no position 9L");
        assertThat(api.post(events, "{\"type\":\"CURB_STRIKE\",\"position\":\"1R\"}")
                        .status())
                .isEqualTo(204);
        assertThat(alerts("TR-02", "1R")).contains("STRIKE open Curb or driveway strike");
        assertThat(alerts("TR-02", "1L")).doesNotContain("STRIKE");
        api.post(events, "{\"type\":\"CURB_STRIKE\"}");
        assertThat(alerts("TR-02", "1L")).contains("STRIKE open");
        assertThat(alerts("TR-02", "2R")).contains("STRIKE open");
        walk("TR-02", "1L", "\"fixed\":[\"CURB_STRIKE\"]");
        assertThat(alerts("TR-02", "1L")).contains("STRIKE cleared");
    }

    @Test
    @DisplayName("a driver's report of a strike opens the alert at its corner, and lays out what to check in order")
    void strikeByReport() {
        String code = api.get("/api/vehicles/" + api.vehicle("VN-04") + "/driver-card")
                .body()
                .path("code")
                .asString();
        Api.asNobody(http)
                .post(
                        "/api/driver-reports/" + code,
                        "{\"symptom\":\"STRUCK\",\"corner\":\"2R\",\"note\":\"a deep hole\"}");
        long report = 0;
        for (JsonNode waiting : api.get("/api/reports").body()) {
            if (waiting.path("report").path("symptom").asString().equals("STRUCK")) {
                report = waiting.path("report").path("id").asLong();
            }
        }
        JsonNode triage = api.get("/api/reports/" + report + "/triage").body();
        assertThat(triage.path("first").asString()).startsWith("Look at both sidewalls");
        assertThat(triage.path("next").asString()).isEqualTo("STRIKE");
        assertThat(api.post("/api/reports/" + report + "/checks", "{\"check\":\"STRIKE\",\"found\":true}")
                        .at("note"))
                .contains("what was found");
        assertThat(api.post(
                                "/api/reports/" + report + "/checks",
                                "{\"check\":\"STRIKE\",\"found\":false,\"note\":\"no mark\"}")
                        .status())
                .isEqualTo(204);
        assertThat(api.get("/api/reports/" + report + "/triage")
                        .body()
                        .path("next")
                        .asString())
                .isEqualTo("PRESSURES");
        assertThat(api.post("/api/reports/" + report + "/review", "{\"status\":\"ACCEPTED\",\"note\":\"\"}")
                        .status())
                .isEqualTo(204);
        assertThat(alerts("VN-04", "2R")).contains("STRIKE open");
        assertThat(alerts("VN-04", "2L")).doesNotContain("STRIKE");
    }

    @ParameterizedTest(name = "{0} is kept as read")
    @CsvSource({"409,409,DO_NOT_OPERATE", "??25,??25,NOT_KNOWN", "unreadable,UNREADABLE,DO_NOT_OPERATE"})
    @DisplayName("a walk-around takes a DOT code that isn't on file, as read, and judges it at its worst")
    void dotInTheWalk(String typed, String kept, String verdict) {
        String unit = "DW-" + kept.replace('?', 'X');
        withoutDot(unit);
        walk(unit, "1L", "\"dotCode\":\"" + typed + "\"");
        assertThat(api.get("/api/tires/" + tire(unit, "1L")).body().path("dot").asString())
                .isEqualTo(kept);
        if (verdict.equals("DO_NOT_OPERATE")) {
            assertThat(verdict(unit, "1L")).isEqualTo(verdict);
        }
    }

    /** A van with one tire whose code nobody has read. */
    private void withoutDot(String unit) {
        for (String[] file : new String[][] {
            {"VEHICLES", "unit,class,yard,kind,gvwr,axles\n" + unit + ",Box truck,Millrace,truck,9000,steer 2|drive 2"},
            {
                "TIRES",
                "Tire number,Brand,Pattern,Size,Vehicle,Position\nN-" + unit
                        + ",Larkfell,Hill 3,245/70R19.5 136/134M H," + unit + ",1L"
            }
        }) {
            Answer taken =
                    api.send("/api/imports/" + file[0] + "?dryRun=false", file[1].getBytes(StandardCharsets.UTF_8));
            assertThat(taken.body().path("stored").asBoolean()).as(taken.text()).isTrue();
        }
    }

    @Test
    @DisplayName("a code read on the walk isn't dropped because another one came on file meanwhile")
    void dotMeanwhile() {
        withoutDot("DW-M");
        String walk = api.post("/api/vehicles/" + api.vehicle("DW-M") + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asString();
        api.put("/api/walk-arounds/" + walk + "/positions/1L", "{\"dotCode\":\"2125\"}", "If-Match", "\"0\"");
        assertThat(api.post(
                                "/api/tires/" + tire("DW-M", "1L") + "/dot",
                                "{\"dotCode\":\"9AB1XR0M0824\",\"retreadMark\":false}")
                        .status())
                .isEqualTo(200);
        Answer finished = api.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"one is enough\"}");
        assertThat(finished.status()).isEqualTo(409);
        assertThat(finished.text()).contains("1L: the DOT code entered here, 2125", "the code on file, 9AB1XR0M0824");
    }

    @Test
    @DisplayName("nitrogen is a fact of the tire with its purity; a fill with air ends it, a reading does not")
    void gas() {
        gauge("VN-03", "1L", "\"before\":\"48\",\"after\":\"50\",\"gas\":\"nitrogen\",\"purity\":\"96.5\"");
        assertThat(api.get("/api/tires/" + tire("VN-03", "1L"))
                        .body()
                        .path("gas")
                        .asString())
                .isEqualTo("nitrogen, 96.5%");
        gauge("VN-03", "1L", "\"before\":\"50\"");
        assertThat(api.get("/api/tires/" + tire("VN-03", "1L"))
                        .body()
                        .path("gas")
                        .asString())
                .startsWith("nitrogen");
        gauge("VN-03", "1L", "\"before\":\"49\",\"after\":\"50\",\"gas\":\"air\"");
        assertThat(api.get("/api/tires/" + tire("VN-03", "1L"))
                        .body()
                        .path("gas")
                        .asString())
                .isEqualTo("air");
        assertThat(gauge("VN-03", "1L", "\"before\":\"50\",\"after\":\"51\",\"gas\":\"air\",\"purity\":\"95\"")
                        .at("purity"))
                .contains("Only nitrogen");
    }

    @Test
    @DisplayName("starting a walk-around answers on metric targets, with the verdict that stands sent along")
    void metricSheet() {
        Answer sheet = api.get("/api/vehicles/" + api.vehicle("LC-03") + "/walk-around-draft?units=METRIC");
        assertThat(sheet.status()).isEqualTo(200);
        for (JsonNode stop : sheet.body().path("positions")) {
            if (stop.path("position").asString().equals("2RO")) {
                assertThat(stop.path("bands").path("rest").path("verdict").asString())
                        .isEqualTo("DO_NOT_OPERATE");
            }
        }
    }
}
