package rotagens.server.integration;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** Odometers from a file drop, and the coldest morning from a forecast or by hand. */
@ServerTest
class FeedsTest {

    @Autowired
    MockMvc http;

    @Value("${rotagens.data}")
    Path data;

    @Test
    @DisplayName(
            "a dropped file's odometers are taken, a faulty line is said with its file, and what was read is moved aside")
    void telematics() throws Exception {
        Api coordinator = new Api(http);
        coordinator.post("/api/simulators/telematics", "{}");
        JsonNode read = coordinator.post("/api/telematics/read", "{}").body();
        assertThat(read.path("files").asInt()).isEqualTo(1);
        assertThat(read.path("readings").asInt()).isGreaterThan(10);
        Path drop = data.resolve("telematics");
        Files.writeString(drop.resolve("by-hand.csv"), "unit,day,odometer\r\nXX-99,2026-11-20,1000 mi\r\n");
        JsonNode faulty = coordinator.post("/api/telematics/read", "{}").body();
        assertThat(faulty.path("readings").asInt()).isZero();
        assertThat(faulty.path("faults").get(0).asString())
                .startsWith("by-hand.csv: Line 2")
                .contains("XX-99");
        assertThat(coordinator
                        .post("/api/telematics/read", "{}")
                        .body()
                        .path("files")
                        .asInt())
                .isZero();
        try (var moved = Files.list(drop.resolve("read"))) {
            assertThat(moved).hasSize(2);
        }
    }

    @Test
    @DisplayName("the coldest of the next seven mornings is known for a vehicle's yard, once a forecast was read")
    void weather() {
        Api technician = Api.as(http, "TECHNICIAN");
        String address = "/api/vehicles/" + technician.vehicle("LC-01") + "/coldest-morning";
        assertThat(technician.get(address).body().path("temperature").asString())
                .isEmpty();
        technician.post("/api/simulators/forecast", "{}");
        JsonNode coldest = technician.get(address).body();
        assertThat(coldest.path("temperature").asString()).endsWith("°F");
        LocalDate day = LocalDate.parse(coldest.path("day").asString());
        assertThat(day).isBetween(LocalDate.of(2026, 11, 23), LocalDate.of(2026, 11, 29));
        technician.post("/api/simulators/forecast", "{}");
        assertThat(technician.get(address).body())
                .as("the same forecast read again")
                .isEqualTo(coldest);
    }
}
