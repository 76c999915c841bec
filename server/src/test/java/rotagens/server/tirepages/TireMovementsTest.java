package rotagens.server.tirepages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class TireMovementsTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = Api.as(http, "TECHNICIAN");
    }

    private long model(String title) {
        for (JsonNode model : api.get("/api/tire-models").body()) {
            if (model.path("title").asString().equals(title)) {
                return model.path("id").asLong();
            }
        }
        throw new IllegalArgumentException(title);
    }

    private Answer receive(String title, String dot, String more) {
        return api.post(
                "/api/tires",
                "{\"tireModelId\":%d,\"dotCode\":\"%s\",\"retread\":false,\"yard\":\"Eastbank\"%s}"
                        .formatted(model(title), dot, more));
    }

    private long received(String title, String dot) {
        Answer answer = receive(title, dot, "");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.body().path("tireId").asLong();
    }

    private long tireAt(String unit, String position) {
        for (JsonNode row :
                api.get("/api/vehicles/{id}", api.vehicle(unit)).body().path("positions")) {
            if (row.path("position").asString().equals(position)) {
                return row.path("tireId").asLong();
            }
        }
        throw new IllegalArgumentException(position);
    }

    private Answer fit(long tire, String unit, String position) {
        return api.post(
                "/api/tires/" + tire + "/installation",
                "{\"vehicleId\":%d,\"position\":\"%s\"}".formatted(api.vehicle(unit), position));
    }

    private Answer putAway(long tire, String more) {
        return api.post("/api/tires/" + tire + "/storage", "{" + more + "}");
    }

    private JsonNode page(long tire) {
        return api.get("/api/tires/{id}", tire).body();
    }

    @Test
    @DisplayName("miles that nobody drives are asked about at every door that reads an odometer")
    void unusualOdometer() {
        long tire = tireAt("VN-01", "1L");
        String far = "\"odometer\":\"900000\"";
        for (Answer asked : List.of(
                api.post("/api/tires/" + tire + "/swap", "{\"position\":\"2R\"," + far + "}"),
                putAway(tire, "\"to\":\"IN_STOCK\",\"yard\":\"Millrace\"," + far),
                api.post("/api/vehicles/" + api.vehicle("VN-01") + "/odometer", "{" + far + "}"))) {
            assertThat(asked.at("odometer")).contains("Read the odometer again, or confirm the reading");
            assertThat(asked.body().path("fields").get(0).path("check").asBoolean())
                    .isTrue();
        }
        assertThat(new Api(http)
                        .post(
                                "/api/vehicles/" + api.vehicle("VN-01") + "/odometer-replacement",
                                "{\"last\":\"900000\",\"first\":\"0\"}")
                        .at("last"))
                .contains("or confirm the reading");
        assertThat(tireAt("VN-01", "1L")).as("nothing was moved").isEqualTo(tire);
        assertThat(putAway(tire, "\"to\":\"IN_STOCK\",\"yard\":\"Millrace\",\"confirmed\":true," + far)
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("from stock to the vehicle, off again and to scrap: one line each, with miles and what a mile cost")
    void wholeLife() {
        long vehicle = api.vehicle("SH-04");
        long old = tireAt("SH-04", "2LO");
        api.post(
                "/api/vehicles/" + vehicle + "/odometer",
                "{\"odometer\":\"200000\",\"day\":\"2026-11-20\",\"confirmed\":true}");
        putAway(old, "\"to\":\"IN_STOCK\",\"yard\":\"Millrace\",\"odometer\":\"200000\",\"confirmed\":true");
        long tire = received("Brantholm Stowmere 4", "7KB4XR0M2626");
        Answer fitted = api.post(
                "/api/tires/" + tire + "/installation",
                "{\"vehicleId\":%d,\"position\":\"2LO\",\"odometer\":\"200000\",\"confirmed\":true}"
                        .formatted(vehicle));
        assertThat(fitted.status()).as(fitted.text()).isEqualTo(200);
        assertThat(page(tire).path("where").path("label").asString()).isEqualTo("On SH-04 2LO");
        Answer off = putAway(
                tire,
                "\"to\":\"SCRAPPED\",\"reason\":\"bead torn\",\"depth\":\"9\",\"odometer\":\"221450\",\"confirmed\":true");
        assertThat(off.status()).as(off.text()).isEqualTo(200);
        JsonNode page = page(tire);
        assertThat(page.path("where").path("label").asString()).isEqualTo("Scrapped");
        assertThat(page.path("miles").asString()).isEqualTo("21,450 mi");
        assertThat(page.path("costOfDistance").asString()).isEqualTo("$0.010 a mile");
        assertThat(page.path("costOfTread").asString()).isEqualTo("$42.90 a 32nd of tread");
        assertThat(page.path("entries"))
                .extracting(line -> line.path("description").asString())
                .anyMatch(what -> what.startsWith("Scrapped"))
                .anyMatch(what -> what.contains("bead torn · at 221,450 mi · lowest tread 9/32 in"))
                .anyMatch(what -> what.startsWith("Installed · at 200,000 mi"))
                .anyMatch(what -> what.startsWith("Received · Eastbank"));
        assertThat(page.path("entries"))
                .allSatisfy(line -> assertThat(line.path("by").asString()).isEqualTo("Rafe Halloran"));
        assertThat(fit(tire, "SH-04", "2LO").at("tire")).contains("scrapped");
    }

    @Test
    @DisplayName(
            "a removal entered by mistake is undone: the tire is back with its readings, both lines stay, and only once")
    void removalUndone() {
        long tire = tireAt("SH-03", "1L");
        String before = row("SH-03", "1L");
        putAway(tire, "\"to\":\"SCRAPPED\",\"reason\":\"age\",\"depth\":\"9\"");
        assertThat(page(tire).path("where").path("label").asString()).isEqualTo("Scrapped");
        assertThat(api.post("/api/tires/" + tire + "/storage/undo", "").status())
                .isEqualTo(200);
        assertThat(page(tire).path("where").path("label").asString()).isEqualTo("On SH-03 1L");
        assertThat(row("SH-03", "1L")).isEqualTo(before);
        assertThat(page(tire).path("entries").toString())
                .contains("removal undone")
                .contains("Scrapped");
        assertThat(api.post("/api/tires/" + tire + "/storage/undo", "").status())
                .isEqualTo(409);
    }

    private String row(String unit, String position) {
        return api.get("/api/vehicles/{id}", api.vehicle(unit))
                .body()
                .path("positions")
                .valueStream()
                .filter(one -> one.path("position").asString().equals(position))
                .findFirst()
                .orElseThrow()
                .toString();
    }

    @Test
    @DisplayName("a scrapped tire needs its reason and its depth")
    void scrapNeedsReasons() {
        long tire = received("Brantholm Stowmere 4", "7KB4XR1M2626");
        Answer refused = putAway(tire, "\"to\":\"SCRAPPED\"");
        assertThat(refused.at("reason")).contains("why");
        assertThat(refused.at("depth")).contains("unused");
        assertThat(page(tire).path("where").path("state").asString()).isEqualTo("IN_STOCK");
    }

    @Test
    @DisplayName("no tire is fitted where one is, and none is on two vehicles")
    void placeTaken() {
        long tire = received("Brantholm Stowmere 4", "7KB4XR2M2626");
        assertThat(fit(tire, "SH-01", "2RO").at("position")).contains("This position already has a tire");
        assertThat(fit(tireAt("SH-01", "2RO"), "SH-02", "2RO").status()).isEqualTo(422);
    }

    @Test
    @DisplayName("of two people fitting two tires at one place at once, one succeeds")
    void atOnce() throws Exception {
        putAway(tireAt("VN-04", "2L"), "\"to\":\"IN_STOCK\",\"yard\":\"Northgate\"");
        long one = received("Quenmark Dockhand", "2PV1XR0M2626");
        long other = received("Quenmark Dockhand", "2PV1XR1M2626");
        ExecutorService two = Executors.newFixedThreadPool(2);
        try {
            List<Callable<Integer>> both = List.of(
                    () -> fit(one, "VN-04", "2L").status(),
                    () -> Api.as(http, "COORDINATOR")
                            .post(
                                    "/api/tires/" + other + "/installation",
                                    "{\"vehicleId\":%d,\"position\":\"2L\"}".formatted(api.vehicle("VN-04")))
                            .status());
            List<Integer> statuses = two.invokeAll(both).stream()
                    .map(TireMovementsTest::get)
                    .sorted()
                    .toList();
            assertThat(statuses.get(0)).isEqualTo(200);
            assertThat(statuses.get(1)).isIn(409, 422);
        } finally {
            two.shutdownNow();
        }
    }

    private static int get(Future<Integer> future) {
        try {
            return future.get();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    @Test
    @DisplayName("what fitting would bring is said before: a retread never on steer, another size across is noted")
    void fitCheck() {
        long retread = 0;
        for (JsonNode row : api.get("/api/stock").body()) {
            if (row.path("retread").asBoolean()) {
                retread = row.path("tireId").asLong();
            }
        }
        putAway(tireAt("LC-04", "1L"), "\"to\":\"IN_STOCK\",\"yard\":\"Northgate\"");
        JsonNode check = api.post(
                        "/api/tires/" + retread + "/install-check",
                        "{\"vehicleId\":%d,\"position\":\"1L\"}".formatted(api.vehicle("LC-04")))
                .body();
        assertThat(check.path("refusals").toString()).contains("Retread on the steer axle");
        assertThat(fit(retread, "LC-04", "1L").at("position"))
                .contains("Cannot be installed there: Retread on the steer axle");
        long other = received("Ossiveld Fellgrip", "5FA7XR0M2626");
        assertThat(fit(other, "LC-04", "1L").at("position"))
                .as("a wrong rim is refused at installing")
                .contains("Cannot be installed there: Tire for a 17 in rim, wheel of 22.5 in");
    }

    @Test
    @DisplayName("a tire with open damage is not fitted anywhere")
    void damaged() {
        long bulged = tireAt("LC-03", "3R");
        putAway(bulged, "\"to\":\"IN_STOCK\",\"yard\":\"Eastbank\"");
        putAway(tireAt("LC-01", "3R"), "\"to\":\"IN_STOCK\",\"yard\":\"Eastbank\"");
        assertThat(fit(bulged, "LC-01", "3R").at("position")).contains("Bulge");
        assertThat(api.get("/api/stock").text()).contains("Bulge");
    }

    @Test
    @DisplayName("two tires change places, each with its line")
    void swap() {
        long left = tireAt("SP-01", "2L");
        long right = tireAt("SP-01", "2R");
        Answer swapped = api.post(
                "/api/tires/" + left + "/swap", "{\"position\":\"2R\",\"odometer\":\"150000\",\"confirmed\":true}");
        assertThat(swapped.status()).as(swapped.text()).isEqualTo(200);
        assertThat(tireAt("SP-01", "2R")).isEqualTo(left);
        assertThat(tireAt("SP-01", "2L")).isEqualTo(right);
        assertThat(page(left).path("entries").get(0).path("description").asString())
                .isEqualTo("Moved from SP-01 2L to SP-01 2R · at 150,000 mi");
    }

    @Test
    @DisplayName("a correction is a new line: the old one stays, the miles follow the new")
    void correction() {
        long vehicle = api.vehicle("SP-02");
        long tire = tireAt("SP-02", "1L");
        JsonNode line = page(tire).path("entries");
        long fitted = 0;
        for (JsonNode one : line) {
            if (one.path("description").asString().startsWith("Installed")) {
                fitted = one.path("id").asLong();
            }
        }
        assertThat(api.post("/api/movements/" + fitted + "/correct", "{\"odometer\":\"1000\"}")
                        .at("note"))
                .contains("what was wrong");
        assertThat(api.post(
                                "/api/movements/" + fitted + "/correct",
                                "{\"odometer\":\"1000\",\"note\":\"misread the trip counter\"}")
                        .status())
                .isEqualTo(204);
        JsonNode page = page(tire);
        assertThat(page.path("installations").get(0).path("odometerOn").asString())
                .isEqualTo("1,000 mi");
        assertThat(page.path("entries").toString()).contains("Installed · at").contains("Correction · at 1,000 mi");
        assertThat(api.get("/api/vehicles/{id}/history", vehicle).text()).contains("misread the trip counter");
    }

    @Test
    @DisplayName("the same DOT code twice is said, not refused; the same number twice is refused")
    void sameCodeAndNumber() {
        received("Brantholm Stowmere 4", "7KB4XR9M2026");
        Answer again = receive("Brantholm Stowmere 4", "7KB4 XR9M 2026", ",\"number\":\"X-77\"");
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().path("notes").toString()).contains("codes aren’t serial numbers");
        assertThat(receive("Brantholm Stowmere 4", "7KB4XR8M2026", ",\"number\":\"X-77\"")
                        .at("number"))
                .contains("already");
    }

    @Test
    @DisplayName("a code without a date says to read the other sidewall")
    void undated() {
        assertThat(receive("Brantholm Stowmere 4", "7KB4XR8M", "").at("dotCode"))
                .contains("other sidewall");
        assertThat(receive("Brantholm Stowmere 4", "", "").at("dotCode")).contains("DOT code");
    }

    @Test
    @DisplayName("to the retreader and back: its own date beside the casing's, the price added, never on steer")
    void retread() {
        long tire = received("Corvane Tessaly C2", "3CT2XR0M2024");
        putAway(tire, "\"to\":\"AT_RETREADER\"");
        assertThat(fit(tire, "LC-01", "3R").at("tire")).contains("at the retreader");
        Answer back = api.post(
                "/api/tires/" + tire + "/retread-return",
                "{\"retreadCode\":\"RMB 4026\",\"depth\":\"20\",\"price\":\"190\",\"yard\":\"Eastbank\"}");
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        JsonNode page = page(tire);
        assertThat(page.path("retread").asBoolean()).isTrue();
        assertThat(page.path("price").asString()).isEqualTo("$658.00");
        assertThat(page.path("facts").toString()).contains("RMB4026").contains("age runs from the casing");
        assertThat(page.path("dot").asString()).isEqualTo("3CT2XR0M2024");
    }

    @Test
    @DisplayName("what to order: as the opposite side, the wheel's pilot type, the axle's rating shared")
    void whatToOrder() {
        JsonNode order = api.get("/api/vehicles/{id}/positions/{p}/order", api.vehicle("LC-02"), "2RI")
                .body();
        String text = order.path("text").asString();
        assertThat(text)
                .contains("For LC-02 2RI (drive right inner)")
                .contains("Size: 275/70R22.5")
                .contains("Load range: H")
                .contains("Service description: 148/145M")
                .contains("Pattern: Corvane Tessaly C2")
                .contains("Wheel: hub-piloted")
                .contains("Carries at least, as one of a dual: 5,290 lb");
        assertThat(api.get("/api/vehicles/{id}/positions/{p}/order?units=METRIC", api.vehicle("LC-02"), "2RI")
                        .text())
                .contains("2,400 kg");
        assertThat(api.get("/api/vehicles/{id}/positions/{p}/order", api.vehicle("VN-01"), "1L")
                        .text())
                .contains("pilot type not on file");
    }

    @Test
    @DisplayName("the DOT sheet: week, age and limit of every position, and what isn't known")
    void dotSheet() {
        JsonNode rows = api.get("/api/vehicles/{id}/dot-sheet", api.vehicle("VN-05"))
                .body()
                .path("rows");
        assertThat(rows).hasSize(4);
        assertThat(rows.get(3).path("note").asString()).contains("read the other sidewall");
        assertThat(rows.get(0).path("limitYears").asDouble()).isEqualTo(7);
        assertThat(rows.get(0).path("limitOn").asString())
                .isEqualTo(
                        java.time.LocalDate.parse(rows.get(0).path("weekStart").asString())
                                .plusYears(7)
                                .toString());
    }

    @Test
    @DisplayName("stock lists the oldest first, unknown ages before all")
    void stockOrder() {
        List<String> ages = api.get("/api/stock")
                .body()
                .valueStream()
                .map(row -> row.path("ageYears").asString("99"))
                .toList();
        assertThat(ages.stream().map(Double::valueOf).toList())
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    @DisplayName("sent twice under one key, a tire is received once")
    void onceOnly() {
        String body = "{\"tireModelId\":%d,\"dotCode\":\"7KB4XR5M1026\",\"retread\":false,\"yard\":\"Eastbank\"}"
                .formatted(model("Brantholm Stowmere 4"));
        Answer first = api.post("/api/tires", body, "Idempotency-Key", "r-1");
        Answer second = api.post("/api/tires", body, "Idempotency-Key", "r-1");
        assertThat(second.text()).isEqualTo(first.text());
    }
}
