package rotagens.server.monthlyreport;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The month on one page, and as a file. */
@ServerTest
class MonthlyReportTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void client() {
        coordinator = new Api(http);
    }

    @Test
    @DisplayName(
            "the month on one page: what is out of service, checked on time, spent and coming, and the same as a file")
    void month() {
        JsonNode month = coordinator.get("/api/monthly-report?month=2026-11").body();
        assertThat(month.path("vehicles").asInt()).isEqualTo(24);
        assertThat(month.path("outOfService").toString()).contains("LC-03", "Bulge");
        assertThat(month.path("readings").asInt()).isPositive();
        assertThat(month.path("findings").toString()).contains("leak", "wear");
        assertThat(coordinator.get("/api/monthly-report.csv?month=2026-11").text())
                .contains("out of service,LC-03");
        assertThat(coordinator.get("/api/monthly-report?month=soon").at("month"))
                .contains("2026-11");
    }

    @Test
    @DisplayName(
            "the month is counted in the fleet's units as the page says, and a month without anything is a page of zeros")
    void quiet() {
        JsonNode quiet = coordinator.get("/api/monthly-report?month=2019-02").body();
        assertThat(quiet.path("readings").asInt()).isZero();
        assertThat(quiet.path("from").asString("2019-02-01")).isEqualTo("2019-02-01");
        assertThat(coordinator
                        .get("/api/monthly-report.csv?month=2019-02&units=METRIC")
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName(
            "twelve months of spending by kind add up to what was taken in and done; none of it is another month's")
    void spending() {
        JsonNode before = november("spending");
        JsonNode model = coordinator.get("/api/tire-models").body().get(0);
        coordinator.post(
                "/api/orders",
                "{\"supplier\":\"Spruce Supply\",\"yard\":\"Millrace\",\"lines\":[{\"tireModelId\":%d,\"quantity\":2,\"price\":\"150\"}]}"
                        .formatted(model.path("id").asLong()));
        long line = coordinator
                .get("/api/orders")
                .body()
                .get(0)
                .path("lines")
                .get(0)
                .path("id")
                .asLong();
        assertThat(coordinator
                        .post(
                                "/api/orders/lines/" + line + "/deliveries",
                                "{\"tires\":[{\"dotCode\":\"7KB4AD1C3426\"},{\"dotCode\":\"7KB4AD2C3426\"}],\"counted\":\"2\",\"steps\":["
                                        + "{\"step\":\"UNLOAD\",\"done\":true},{\"step\":\"NUMBER\",\"done\":true},"
                                        + "{\"step\":\"STORE\",\"done\":true}]}")
                        .status())
                .isEqualTo(200);
        JsonNode after = november("spending");
        assertThat(after.path("month").asString()).isEqualTo("2026-11");
        assertThat(after.path("tireSum").asLong())
                .isEqualTo(before.path("tireSum").asLong() + 300);
        assertThat(after.path("laborSum").asLong())
                .isEqualTo(before.path("laborSum").asLong());
        JsonNode months =
                coordinator.get("/api/monthly-report?month=2026-12").body().path("spending");
        assertThat(months).hasSize(12);
        assertThat(months.get(10)).isEqualTo(after);
        assertThat(months.get(11).path("tireSum").asLong()).isZero();
    }

    @Test
    @DisplayName("a week counts the tires whose last gauge reading was recent enough when it ended")
    void onTime() {
        JsonNode weeks =
                coordinator.get("/api/monthly-report?month=2026-11").body().path("onTimeByWeek");
        assertThat(weeks).hasSize(13);
        assertThat(weeks.get(12).path("from").asString()).isEqualTo("2026-11-23");
        assertThat(weeks.get(12).path("percent").asInt()).isBetween(1, 100);
        // Long before the first reading nothing had been checked.
        JsonNode earlier =
                coordinator.get("/api/monthly-report?month=2019-02").body().path("onTimeByWeek");
        assertThat(earlier.get(12).path("percent").asInt()).isZero();
    }

    private JsonNode november(String part) {
        return coordinator
                .get("/api/monthly-report?month=2026-11")
                .body()
                .path(part)
                .get(11);
    }
}
