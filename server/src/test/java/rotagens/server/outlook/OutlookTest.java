package rotagens.server.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The years ahead of the demo fleet, a strategy made into jobs and an order list. */
@ServerTest
class OutlookTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void clients() {
        coordinator = new Api(http);
    }

    private JsonNode outlook(String ask) {
        Answer answer = coordinator.post("/api/outlook", ask);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.body();
    }

    @Test
    @DisplayName(
            "five strategies over fifteen years side by side; all at once throws away more than run to limit, and takes fewer days")
    void strategies() {
        JsonNode view = outlook("{\"strategy\":\"ALL_AT_ONCE\"}");
        assertThat(view.path("strategies")).hasSize(5);
        JsonNode each = view.path("strategies").get(0);
        JsonNode all = view.path("strategies").get(2);
        assertThat(years(all)).isGreaterThan(years(each));
        assertThat(view.path("strategies").toString()).containsOnlyOnce("\"cheapest\":true");
        assertThat(coordinator
                        .post("/api/outlook?units=METRIC", "{}")
                        .body()
                        .path("strategies")
                        .get(0)
                        .path("unusedLife")
                        .asString())
                .endsWith(" mm");
        assertThat(all.path("visits").asInt()).isLessThan(each.path("visits").asInt());
        assertThat(view.path("years").get(0).path("year").asInt()).isEqualTo(2026);
        assertThat(view.path("odds").path("tries").asInt()).isEqualTo(300);
        assertThat(view.path("odds").path("unplannedChanges").asDouble()).isPositive();
        assertThat(view.path("each")).hasSize(24);
    }

    private static double years(JsonNode strategy) {
        return Double.parseDouble(
                strategy.path("unusedLife").asString().split(" years")[0].replace(",", ""));
    }

    @Test
    @DisplayName(
            "a number only tried shows its difference at once; a steer age over the overall age is refused at its field")
    void whatIf() {
        JsonNode view = outlook("{\"strategy\":\"RUN_TO_LIMIT\",\"whatIf\":{\"overallYears\":5}}");
        assertThat(view.path("difference").path("tires").asString())
                .startsWith("+")
                .endsWith(" tires");
        Answer never = coordinator.post("/api/outlook", "{\"whatIf\":{\"pull\":15}}");
        assertThat(never.at("whatIf.pull")).contains("would be due on the day it is installed");
        Answer refused = coordinator.post(
                "/api/outlook", "{\"strategy\":\"RUN_TO_LIMIT\",\"whatIf\":{\"overallYears\":5,\"steerYears\":6}}");
        assertThat(refused.at("whatIf.steerYears")).contains("exceeds the overall age limit (5 years)");
        assertThat(coordinator
                        .post("/api/outlook", "{\"whatIf\":{\"visitMonths\":0}}")
                        .at("whatIf.visitMonths"))
                .contains("1 to 60");
    }

    @Test
    @DisplayName("one vehicle's tires come as ribbons that leave no position empty")
    void timelines() {
        long id = coordinator.vehicle("SH-03");
        JsonNode view = coordinator
                .post("/api/outlook/vehicles/" + id + "/timelines", "{\"strategy\":\"NEWEST_ON_STEER\"}")
                .body();
        assertThat(view.path("unit").asString()).isEqualTo("SH-03");
        assertThat(view.path("positions").toString()).contains("1L", "2LO");
        assertThat(view.path("timelines").size()).isGreaterThan(6);
    }

    @Test
    @DisplayName(
            "two years of a strategy become jobs on their days, and what they need stands on the order list, in CSV and as an order with its mail")
    void accept() {
        String ask = "{\"strategy\":\"PLANNED_VISITS\",\"vehicleClass\":\"Service van\"}";
        JsonNode made = coordinator.post("/api/outlook/accept", ask).body();
        assertThat(made.path("jobs").asInt()).isPositive();
        assertThat(coordinator.get("/api/jobs").text()).contains("Planned visits: ");
        assertThat(coordinator
                        .post("/api/outlook/accept", ask)
                        .body()
                        .path("jobs")
                        .asInt())
                .isZero();
        JsonNode list = coordinator.get("/api/order-needs").body();
        assertThat(list.size()).isPositive();
        String csv = coordinator.get("/api/order-needs.csv").text();
        assertThat(csv).startsWith("supplier,model,").contains("VN-0");
        assertThat(new String(
                        coordinator.file("/api/order-needs.pdf"), 0, 5, java.nio.charset.StandardCharsets.ISO_8859_1))
                .isEqualTo("%PDF-");
        JsonNode marrow = null;
        for (JsonNode one : list) {
            marrow = one.path("supplier").asString().equals("Marrow Street Tire Service") ? one : marrow;
        }
        int tires = marrow.path("tires").asInt();
        assertThat(tires).isPositive();
        String send = "{\"supplier\":\"Marrow Street Tire Service\",\"yard\":\"Millrace\"}";
        assertThat(coordinator
                        .post("/api/orders/from-needs", send)
                        .body()
                        .path("tires")
                        .asInt())
                .isEqualTo(tires);
        assertThat(coordinator.get("/api/outbox").text()).contains("Please deliver to Millrace");
        assertThat(coordinator.get("/api/orders").body().get(0).path("supplier").asString())
                .isEqualTo("Marrow Street Tire Service");
        assertThat(coordinator.post("/api/orders/from-needs", send).at("supplier"))
                .contains("Nothing is left");
        assertThat(coordinator
                        .post("/api/orders/from-needs", "{\"supplier\":\"nobody\"}")
                        .at("supplier"))
                .contains("Choose a supplier");
    }

    @Test
    @DisplayName("a discount program says from how many tires it pays; one without a saving is refused")
    void programs() {
        Api manager = Api.as(http, "MANAGER");
        manager.post("/api/discount-programs", "{\"name\":\"Circle\",\"fee\":\"100\",\"saving\":\"30\"}");
        assertThat(coordinator.get("/api/discount-programs").text()).contains("\"breakEven\":4");
        assertThat(manager.post("/api/discount-programs", "{\"name\":\"Nothing\",\"fee\":\"100\",\"saving\":\"0\"}")
                        .at("saving"))
                .contains("never comes back");
        assertThat(coordinator
                        .post("/api/suppliers", "{\"name\":\"X\",\"email\":\"no mail\",\"leadDays\":900}")
                        .at("email"))
                .contains("no mail address");
    }

    @Test
    @DisplayName(
            "due work is left until a day by name and with a reason, and says so; what keeps a vehicle from rolling can't be left")
    void waivers() {
        long van = coordinator.vehicle("VN-04");
        String key = due(van, "PRESSURE_CHECK");
        String address = "/api/vehicles/" + van + "/postponements";
        assertThat(coordinator.post(address, "{\"key\":\"" + key + "\"}").at("reason"))
                .contains("why it can wait");
        assertThat(coordinator
                        .post(address, "{\"key\":\"" + key + "\",\"until\":\"2026-12-20\",\"reason\":\"out on loan\"}")
                        .status())
                .isEqualTo(204);
        assertThat(coordinator.get("/api/vehicles/" + van).text()).contains("out on loan", "2026-12-20");
        long coach = coordinator.vehicle("LC-03");
        Answer refused = coordinator.post(
                "/api/vehicles/" + coach + "/postponements",
                "{\"key\":\"" + due(coach, "INSPECT_DAMAGE") + "\",\"until\":\"2026-12-20\",\"reason\":\"later\"}");
        assertThat(refused.at("until")).contains("Do not operate this vehicle");
        // A tire checked meanwhile leaves the line; what was left of the others stays left.
        Answer checked = coordinator.post(
                "/api/vehicles/" + van + "/pressure-round/1L",
                "{\"before\":\"65\",\"after\":\"\",\"parkedHours\":\"12\",\"air\":\"\",\"coldest\":\"\",\"gas\":\"\",\"confirmed\":true}");
        assertThat(checked.status()).as(checked.text()).isEqualTo(200);
        JsonNode rest = line(van, "PRESSURE_CHECK", "2L");
        assertThat(rest.path("positions").toString()).doesNotContain("1L");
        assertThat(rest.path("postponement").path("reason").asString()).isEqualTo("out on loan");
        coordinator.delete(address + "/" + rest.path("key").asString(), "");
        assertThat(coordinator.get("/api/vehicles/" + van).text()).doesNotContain("out on loan");
        assertThat(coordinator.get("/api/bundles").body().get(0).path("saved").asInt())
                .isPositive();
    }

    private JsonNode line(long vehicle, String kind, String position) {
        for (JsonNode line : coordinator.get("/api/vehicles/" + vehicle).body().path("due")) {
            if (line.path("workType").asString().equals(kind)
                    && line.path("positions").toString().contains(position)) {
                return line;
            }
        }
        throw new AssertionError(kind);
    }

    private String due(long vehicle, String kind) {
        for (JsonNode line : coordinator.get("/api/vehicles/" + vehicle).body().path("due")) {
            if (line.path("workType").asString().equals(kind)) {
                return line.path("key").asString();
            }
        }
        throw new AssertionError(kind);
    }
}
