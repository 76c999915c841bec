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
}
