package rotagens.server.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** What a technician finds in the morning. */
@ServerTest
class TodayTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void empty() {
        coordinator = new Api(http);
        coordinator.emptyShop();
    }

    private JsonNode today(String yard) {
        Answer answer = Api.as(http, "TECHNICIAN").get("/api/today?yard=" + yard);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.body();
    }

    private void job(String unit, String key, String day) {
        assertThat(coordinator
                        .post(
                                "/api/jobs",
                                "{\"day\":\"" + day + "\",\"note\":\"key is in the office\",\"work\":[{\"vehicleId\":"
                                        + coordinator.vehicle(unit) + ",\"key\":\"" + key + "\"}]}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName(
            "the day holds this yard's jobs up to today with what to bring, and none of tomorrow or of another yard")
    void jobs() {
        job("SH-02", "REPLACE:1L", "2026-11-23");
        job("LC-03", "INSPECT_DAMAGE:3R", "2026-11-24");
        job("TR-02", "REPLACE:1L+1R", "2026-11-23");
        JsonNode day = today("Eastbank");
        assertThat(day.path("yard").asString()).isEqualTo("Eastbank");
        List<String> expected = new ArrayList<>();
        for (JsonNode slot : coordinator.get("/api/shop/schedule").body().path("jobs")) {
            if (slot.path("yard").asString().equals("Eastbank")
                    && slot.path("day").asString().equals("2026-11-23")) {
                expected.add(slot.path("unit").asString());
            }
        }
        assertThat(StreamSupport.stream(day.path("jobs").spliterator(), false)
                        .map(job -> job.path("unit").asString()))
                .containsExactlyInAnyOrderElementsOf(expected)
                .contains("SH-02")
                .doesNotContain("LC-03");
        JsonNode job = day.path("jobs").get(0);
        assertThat(job.path("unit").asString()).isEqualTo("SH-02");
        assertThat(job.path("stopped").asBoolean()).isTrue();
        assertThat(job.path("note").asString()).isEqualTo("key is in the office");
        assertThat(job.path("work").toString()).contains("Replace tire");
        assertThat(job.path("bring").get(0).asString()).startsWith("1 × ").contains("R");
        assertThat(job.path("bring").toString())
                .contains("tire changer", "inflation cage", "1 valve core, 1 valve cap", "torque wrench");
    }

    @Test
    @DisplayName("what must not be operated and the walk-arounds due are of the yard asked for, the most overdue first")
    void yard() {
        JsonNode day = today("Millrace");
        assertThat(day.path("doNotOperate").toString()).contains("TR-02").doesNotContain("LC-03");
        assertThat(day.path("doNotOperate").get(0).path("statement").asString()).isNotBlank();
        String last = "";
        for (JsonNode walk : day.path("walkArounds")) {
            assertThat(walk.path("due").asString()).isGreaterThanOrEqualTo(last);
            assertThat(walk.path("days").asInt()).isLessThan(7);
            assertThat(walk.path("statement").asString()).containsAnyOf("pressure check", "tread inspection");
            last = walk.path("due").asString();
        }
        assertThat(last).isNotEmpty();
    }

    @Test
    @DisplayName(
            "a technician who works at a yard gets that yard's day without asking; an unknown yard is not another's day")
    void ownYard() {
        String own = coordinator
                .get("/api/shop/setup")
                .body()
                .path("setup")
                .path("technicians")
                .get(0)
                .path("yard")
                .asString();
        assertThat(today("").path("yard").asString()).isEqualTo(own);
        assertThat(today("Nowhere").path("yard").asString()).isEqualTo(own);
    }
}
