package rotagens.server.policy;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class PolicySignTest {

    @Autowired
    MockMvc http;

    private Api manager;

    @BeforeEach
    void client() {
        manager = Api.as(http, "MANAGER");
    }

    private int sign(String number, String body) {
        return manager.put("/api/policy/" + number, body).status();
    }

    private String limits(String unit) {
        return manager.get("/api/vehicles/{id}/dot-sheet", manager.vehicle(unit))
                .text();
    }

    @Test
    @DisplayName("a number signed for the fleet counts where it is stricter than the class's own")
    void strictestWins() {
        assertThat(limits("LC-01")).contains("\"limitYears\":8.0");
        assertThat(sign("OVERALL_AGE", "{\"value\":\"7.5\",\"reason\":\"two blowouts\"}"))
                .isEqualTo(204);
        assertThat(limits("LC-01")).contains("\"limitYears\":7.5");
        assertThat(limits("VN-01")).contains("\"limitYears\":7.0");
        assertThat(sign("OVERALL_AGE", "{\"reason\":\"tires were replaced\"}")).isEqualTo(204);
        assertThat(limits("LC-01")).contains("\"limitYears\":8.0");
    }

    @Test
    @DisplayName("a class's newest number replaces its older one, also where it is looser, and names who signed it")
    void newestCounts() {
        sign("OVERALL_AGE", "{\"vehicleClass\":\"Equipment trailer\",\"value\":\"9\",\"reason\":\"low miles\"}");
        assertThat(limits("TR-01")).contains("\"limitYears\":9.0");
        assertThat(manager.get("/api/policy").text()).contains("signed by Dana Prestwick");
    }

    @Test
    @DisplayName("a pull point under the law and an unknown class are refused at their fields")
    void refused() {
        assertThat(manager.put("/api/policy/PULL_OTHER", "{\"value\":\"1\"}").at("value"))
                .contains("between 2");
        assertThat(manager.put("/api/policy/PULL_OTHER", "{\"value\":\"much\"}").at("value"))
                .contains("plain number");
        assertThat(manager.put(
                                "/api/policy/PULL_OTHER",
                                "{\"vehicleClass\":\"Nothing\",\"value\":\"4\",\"reason\":\"x\"}")
                        .at("vehicleClass"))
                .contains("no such class");
        assertThat(manager.put(
                                "/api/policy/STEER_AGE",
                                "{\"vehicleClass\":\"Clinic coach\",\"value\":\"9\",\"reason\":\"x\"}")
                        .at("value"))
                .contains("would never count. Enter 8 years or less");
    }

    @Test
    @DisplayName("a number holds for one kind of axle and one manufacturer's tires, and takes a reason")
    void narrowScopes() {
        assertThat(manager.put("/api/policy/PULL_OTHER", "{\"value\":\"4\"}").at("reason"))
                .contains("Enter a reason");
        assertThat(
                        sign(
                                "OVERALL_AGE",
                                "{\"value\":\"6\",\"axle\":\"tag\",\"manufacturer\":\"Corvane\",\"reason\":\"maker's advice\"}"))
                .isEqualTo(204);
        String limits = limits("LC-04");
        assertThat(limits).contains("\"position\":\"3L\"").contains("\"limitYears\":6.0");
        assertThat(manager.get("/api/policy").text()).contains("tag axles, Corvane tires");
        sign("OVERALL_AGE", "{\"axle\":\"tag\",\"manufacturer\":\"Corvane\",\"reason\":\"over\"}");
        assertThat(manager.get("/api/policy").text()).contains("\"isCleared\":true");
    }

    @Test
    @DisplayName("before it is signed it shows which verdicts it would turn, and turns none")
    void preview() {
        String stricter = manager.post(
                        "/api/policy/OVERALL_AGE/preview", "{\"vehicleClass\":\"Service van\",\"value\":\"2\"}")
                .text();
        assertThat(stricter).contains("\"unit\":\"VN-02\"").contains("\"after\":\"DO_NOT_OPERATE\"");
        assertThat(manager.post("/api/policy/OVERALL_AGE/preview", "{\"vehicleClass\":\"Service van\",\"value\":\"7\"}")
                        .body()
                        .path("changedVerdicts")
                        .size())
                .isZero();
        assertThat(limits("VN-02")).contains("\"limitYears\":7.0");
    }

    @Test
    @DisplayName(
            "before it is signed it shows what fifteen years would cost more, and why a tire can't last no time at all")
    void years() {
        JsonNode younger = manager.post("/api/policy/OVERALL_AGE/outlook", "{\"value\":\"4\"}")
                .body();
        assertThat(younger.path("tires").asString()).startsWith("+").endsWith(" tires");
        assertThat(younger.path("money").asString()).startsWith("+");
        JsonNode same = manager.post("/api/policy/PARKED_DAYS/outlook", "{\"value\":\"20\"}")
                .body();
        assertThat(same.path("money").asString()).isEqualTo("the same");
        assertThat(manager.post("/api/policy/PULL_OTHER/outlook", "{\"value\":\"15\"}")
                        .at("value"))
                .contains("lower the pull point");
    }

    @Test
    @DisplayName("a choice signed for a class stands beside its name and reason, and is withdrawn by the same way")
    void choice() {
        Api manager = Api.as(http, "MANAGER");
        String address = "/api/policy-choices/EVEN_WEAR_SCOPE";
        assertThat(manager.put(address, "{\"option\":\"WITHIN_AXLES\"}").at("reason"))
                .contains("Enter a reason");
        assertThat(manager.put(address, "{\"option\":\"SIDEWAYS\",\"reason\":\"x\"}")
                        .at("option"))
                .contains("left and right within their axle");
        assertThat(manager.put(
                                address,
                                "{\"vehicleClass\":\"Service van\",\"option\":\"WITHIN_AXLES\",\"reason\":\"sawtooth on the rear\"}")
                        .status())
                .isEqualTo(204);
        JsonNode choice = manager.get("/api/policy-choices").body().get(0);
        assertThat(choice.path("settings").get(0).path("value").asString())
                .isEqualTo("left and right within their axle");
        assertThat(choice.path("settings").get(0).path("reason").asString()).isEqualTo("sawtooth on the rear");
        assertThat(manager.put(address, "{\"vehicleClass\":\"Service van\",\"reason\":\"tried enough\"}")
                        .status())
                .isEqualTo(204);
        choice = manager.get("/api/policy-choices").body().get(0);
        assertThat(choice.path("settings")).isEmpty();
        assertThat(choice.path("earlier").size()).isEqualTo(2);
    }

    @Test
    @DisplayName("before it is signed it shows what becomes overdue, and which days of work move from when to when")
    void movedDays() {
        JsonNode moved = manager.post("/api/policy/PRESSURE_CHECK_DAYS/preview", "{\"value\":\"10\"}")
                .body()
                .path("movedDueDates");
        assertThat(moved.valueStream().filter(one -> one.path("becomesOverdue").asBoolean()))
                .isNotEmpty()
                .allSatisfy(one -> assertThat(LocalDate.parse(one.path("after").asString()))
                        .isBefore(LocalDate.of(2026, 11, 23)));
        assertThat(moved.valueStream()
                        .filter(one -> one.hasNonNull("before") && one.hasNonNull("after"))
                        .toList())
                .isNotEmpty()
                .allSatisfy(one -> assertThat(LocalDate.parse(one.path("after").asString()))
                        .isBefore(LocalDate.parse(one.path("before").asString())));
    }
}
