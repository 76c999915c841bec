package rotagens.server.gauges;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The fleet’s gauges by name, and whether they can be trusted. */
@ServerTest
class GaugesTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private long gauge(String name) {
        for (JsonNode gauge : api.get("/api/gauges").body()) {
            if (gauge.path("name").asString().equals(name)) {
                return gauge.path("id").asLong();
            }
        }
        throw new AssertionError("no gauge " + name);
    }

    private String doubt(String name) {
        for (JsonNode gauge : api.get("/api/gauges").body()) {
            if (gauge.path("name").asString().equals(name)) {
                return gauge.path("doubt").asString("");
            }
        }
        throw new AssertionError("no gauge " + name);
    }

    @Test
    @DisplayName("a gauge not checked for a year is in doubt until somebody checks it; its name is used once")
    void calibration() {
        assertThat(gauge("P-2")).isPositive();
        assertThat(doubt("P-2")).contains("P-2 was calibrated").contains("due again");
        assertThat(doubt("T-2")).contains("no calibration on file");
        assertThat(api.post("/api/gauges", "{\"name\":\"p-2\",\"type\":\"PRESSURE\"}")
                        .at("name"))
                .contains("called p-2 already");
        assertThat(api.post("/api/gauges/" + gauge("P-2") + "/calibrations", "{\"day\":\"2027-01-01\"}")
                        .at("day"))
                .contains("lies ahead");
        api.post("/api/gauges/" + gauge("P-2") + "/calibrations", "{\"day\":\"2026-11-20\"}");
        assertThat(doubt("P-2")).isEmpty();
    }

    @Test
    @DisplayName("a gauge taken out of use says so and can come back; one nobody knows is refused")
    void outOfUse() {
        api.post("/api/gauges", "{\"name\":\"P-9\",\"type\":\"PRESSURE\",\"calibrated\":\"2026-11-01\"}");
        long id = gauge("P-9");
        api.post("/api/gauges/" + id + "/retire", "{}");
        assertThat(retired("P-9")).isTrue();
        api.post("/api/gauges/" + id + "/restore", "{}");
        assertThat(retired("P-9")).isFalse();
        assertThat(api.post("/api/gauges/4711/retire", "{}").status()).isEqualTo(404);
        assertThat(api.post("/api/gauges/4711/calibrations", "{\"day\":\"2026-11-20\"}")
                        .status())
                .isEqualTo(404);
    }

    private boolean retired(String name) {
        for (JsonNode gauge : api.get("/api/gauges").body()) {
            if (gauge.path("name").asString().equals(name)) {
                return gauge.path("retired").asBoolean();
            }
        }
        throw new AssertionError("no gauge " + name);
    }
}
