package rotagens.server.fleetpages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.core.planning.DueGroup;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class VehiclePagesTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private JsonNode vehicle(String unit, String units) {
        return api.get("/api/vehicles/{id}?units={units}", api.vehicle(unit), units)
                .body();
    }

    private static JsonNode position(JsonNode vehicle, String code) {
        for (JsonNode row : vehicle.path("positions")) {
            if (row.path("position").asString().equals(code)) {
                return row;
            }
        }
        throw new AssertionError(code);
    }

    private static JsonNode mark(JsonNode vehicle, String code) {
        for (JsonNode mark : vehicle.path("axleDiagram").path("tires")) {
            if (mark.path("position").asString().equals(code)) {
                return mark;
            }
        }
        throw new AssertionError(code);
    }

    @Test
    @DisplayName("in a group of the due list the vehicle with the earliest day stands first, and its work by day")
    void dueOrder() {
        String group = "";
        String unit = "";
        String vehicleSince = "";
        String last = "";
        for (JsonNode line : api.get("/api/fleet").body().path("due")) {
            String due = line.path("due").asString();
            boolean sameGroup = line.path("group").asString().equals(group);
            if (!sameGroup || !line.path("unit").asString().equals(unit)) {
                if (sameGroup) {
                    assertThat(due).isGreaterThanOrEqualTo(vehicleSince);
                }
                vehicleSince = due;
                last = due;
            }
            assertThat(due).isGreaterThanOrEqualTo(last);
            last = due;
            group = line.path("group").asString();
            unit = line.path("unit").asString();
        }
        assertThat(group).isEqualTo("LATER");
    }

    @Test
    @DisplayName("every line of the due list has its figure, its reason, its rule and who says so")
    void dueReasons() {
        for (JsonNode line : api.get("/api/fleet").body().path("due")) {
            for (String part : new String[] {"statement", "figure", "explanation", "rule", "authority", "source"}) {
                assertThat(line.path("reason").path(part).asString())
                        .as("%s of %s", part, line)
                        .isNotBlank();
            }
        }
    }

    @Test
    @DisplayName("figures read in the units asked for, targets and limits included")
    void units() {
        JsonNode us = position(vehicle("LC-03", "US"), "2RO");
        assertThat(us.path("pressure").asString()).isEqualTo("76 psi");
        assertThat(us.path("target").asString()).isEqualTo("95 psi");
        JsonNode metric = position(vehicle("LC-03", "METRIC"), "2RO");
        assertThat(metric.path("pressure").asString()).isEqualTo("524 kPa");
        assertThat(metric.path("assessment")
                        .path("reasons")
                        .get(0)
                        .path("statement")
                        .asString())
                .isEqualTo("524 kPa, target 655 kPa: 80% of target");
    }

    @Test
    @DisplayName("the plan draws shares between nothing and full, the pull point and the 80% mark among them")
    void planShares() {
        JsonNode mark = mark(vehicle("LC-03", "US"), "2RO");
        assertThat(mark.path("pressure").path("targetShare").asDouble()).isEqualTo(0.8);
        assertThat(mark.path("pressure").path("readShare").asDouble())
                .isEqualTo(
                        mark.path("pressure").path("lowShare").asDouble(), org.assertj.core.data.Offset.offset(1e-9));
        assertThat(mark.path("pressure").path("off").asBoolean()).isTrue();
        assertThat(mark.path("tread").path("pull").asDouble()).isEqualTo(3.0 / 18);
        assertThat(mark.path("age").path("limit").asDouble()).isEqualTo(8);
        assertThat(mark(vehicle("LC-03", "US"), "1L").path("age").path("limit").asDouble())
                .isEqualTo(4);
    }

    @Test
    @DisplayName("a tire without a DOT date shows no age rather than a guess")
    void unknownAge() {
        JsonNode van = vehicle("VN-05", "US");
        assertThat(mark(van, "2R").has("age")).isFalse();
        assertThat(position(van, "2R").has("ageYears")).isFalse();
        assertThat(position(van, "2R").path("assessment").path("verdict").asString())
                .isEqualTo("UNKNOWN");
    }

    @Test
    @DisplayName(
            "on a changed tire size the weighed chart answer is the target, without weights the placard's equivalent")
    void changedSize() {
        assertThat(position(vehicle("SP-03", "US"), "1L").path("target").asString())
                .isEqualTo("40 psi");
        assertThat(position(vehicle("SP-05", "US"), "1L").path("target").asString())
                .isEqualTo("65 psi");
        assertThat(position(vehicle("SP-04", "US"), "1L").has("target")).isFalse();
        assertThat(vehicle("SP-04", "US").toString()).contains("The target was derived for Ossiveld Fellgrip");
    }

    @Test
    @DisplayName("the yard answers afresh after a change, and the same again until the next one")
    void keptUntilAChange() {
        String before = api.get("/api/fleet").text();
        assertThat(api.get("/api/fleet").text()).isEqualTo(before);
        long id = api.vehicle("LC-04");
        String body =
                "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":%d,\"key\":\"SET_PRESSURE:3L\"}]}".formatted(id);
        assertThat(api.post("/api/jobs", body).status()).isEqualTo(200);
        assertThat(api.get("/api/fleet").text()).isNotEqualTo(before).contains("\"day\":\"2026-11-30\"");
    }

    @Test
    @DisplayName("after every kind of change the yard shows each vehicle as its own page does")
    void yardAgreesWithPages() {
        long id = api.vehicle("SP-01");
        api.get("/api/fleet");
        String walk = api.post("/api/vehicles/" + id + "/walk-arounds", "{}")
                .body()
                .path("id")
                .asString();
        api.put(
                "/api/walk-arounds/" + walk + "/positions/1L",
                "{\"pressure\":\"40\",\"thermalState\":\"COLD\",\"confirmed\":[\"pressure\"]}",
                "If-Match",
                "\"0\"");
        assertThat(yardVerdict("SP-01")).isEqualTo("GOOD");
        api.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"only this one\"}");
        assertThat(yardVerdict("SP-01")).isEqualTo("DO_NOT_OPERATE");

        JsonNode job = api.post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-24\",\"work\":[{\"vehicleId\":%d,\"key\":\"INSPECT_DAMAGE:1L\"}]}"
                                .formatted(id))
                .body()
                .get(0);
        api.post(
                "/api/jobs/" + job.path("id").asString() + "/completion",
                "{\"results\":[{\"itemId\":%s,\"verdict\":\"SERVICEABLE\",\"professional\":\"Marrow Street\",\"pressure\":\"60\"}]}"
                        .formatted(job.path("items").get(0).path("id").asString()),
                "If-Match",
                "\"1\"");
        assertThat(yardVerdict("SP-01"))
                .as("looked at inside; where 20 psi went in three days is still to be found")
                .isEqualTo("SERVICE_DUE");
        for (JsonNode tile : api.get("/api/fleet").body().path("vehicles")) {
            assertThat(tile.path("axleDiagram"))
                    .isEqualTo(api.get("/api/vehicles/{id}", tile.path("id").asLong())
                            .body()
                            .path("axleDiagram"));
        }
    }

    @Test
    @DisplayName(
            "the yard comes in pages; filters narrow vehicles and due list alike, and totals count what isn't shown")
    void pages() {
        JsonNode all = api.get("/api/fleet").body();
        assertThat(all.path("fleet").asInt()).isEqualTo(24);
        JsonNode rest = api.get("/api/fleet?part=VEHICLES&from=20").body();
        assertThat(rest.path("vehicles").size()).isEqualTo(4);
        assertThat(rest.path("due").size()).isZero();
        assertThat(rest.path("groups")).isEqualTo(all.path("groups"));
        assertThat(api.get("/api/fleet?from=9999").body().path("vehicles").size())
                .isZero();
        assertThat(api.get("/api/fleet?from=-3").body().path("vehicles").size()).isEqualTo(24);

        JsonNode vans = api.get("/api/fleet?vehicleClass=Service van&by=class").body();
        assertThat(vans.path("groups").toString()).isEqualTo("[{\"name\":\"Service van\",\"vehicles\":5}]");
        vans.path("due")
                .forEach(line -> assertThat(line.path("unit").asString()).startsWith("VN-"));
        assertThat(vans.path("states")).isEqualTo(all.path("states"));
        JsonNode said = api.get("/api/fleet?text=find the leak").body();
        assertThat(said.path("due").size()).isPositive();
        said.path("due")
                .forEach(line -> assertThat(line.path("label").asString()).isEqualTo("Find the leak"));
        assertThat(said.path("vehicles").size()).isBetween(1, 6);
        int items = 0;
        for (JsonNode count : all.path("dueCounts")) {
            items += count.path("items").asInt();
        }
        assertThat(items).isGreaterThanOrEqualTo(all.path("due").size());
        assertThat(said.path("allDueCounts")).isEqualTo(all.path("dueCounts"));
    }

    @Test
    @DisplayName("the due list goes group by group and in each vehicle by vehicle; one group can be asked for alone")
    void groups() {
        JsonNode all = api.get("/api/fleet").body();
        List<String> rows = new ArrayList<>();
        all.path("due").forEach(line -> {
            String row = line.path("group").asString() + " " + line.path("unit").asString();
            if (rows.isEmpty() || !rows.get(rows.size() - 1).equals(row)) {
                rows.add(row);
            }
        });
        assertThat(rows)
                .doesNotHaveDuplicates()
                .isSortedAccordingTo(Comparator.comparing(row -> DueGroup.valueOf(row.split(" ")[0])));
        JsonNode overdue = api.get("/api/fleet?due=OVERDUE").body();
        assertThat(overdue.path("due").size()).isPositive();
        overdue.path("due").forEach(line -> {
            assertThat(line.path("group").asString()).isEqualTo("OVERDUE");
            assertThat(line.path("days").asInt()).isNegative();
        });
        long vehicles = rows.stream().filter(row -> row.startsWith("OVERDUE ")).count();
        assertThat(overdue.path("vehicles").size()).isEqualTo((int) vehicles);
        assertThat(all.path("dueCounts").get(1).path("vehicles").asInt()).isEqualTo((int) vehicles);
        assertThat(api.get("/api/fleet?due=SOMEDAY").status()).isEqualTo(400);
    }

    @Test
    @DisplayName("every vehicle can be chosen with its positions")
    void fleet() {
        JsonNode fleet = api.get("/api/vehicles").body();
        assertThat(fleet.size()).isEqualTo(24);
        assertThat(fleet.get(0).path("positions").toString()).contains("{\"position\":\"2LO\"");
    }

    private String yardVerdict(String unit) {
        for (JsonNode tile : api.get("/api/fleet").body().path("vehicles")) {
            if (tile.path("unit").asString().equals(unit)) {
                return tile.path("verdict").asString();
            }
        }
        throw new AssertionError(unit);
    }

    @Test
    @DisplayName("the ledger tells who read what where, newest first")
    void ledger() {
        JsonNode lines =
                api.get("/api/vehicles/{id}/history", api.vehicle("LC-03")).body();
        String last = "9999";
        for (JsonNode line : lines) {
            assertThat(line.path("at").asString()).isLessThanOrEqualTo(last);
            assertThat(line.path("by").asString()).isNotBlank();
            last = line.path("at").asString();
        }
        assertThat(lines.toString())
                .contains("76 psi cold at ")
                .contains("Bulge")
                .contains("Tire installed");
    }
}
