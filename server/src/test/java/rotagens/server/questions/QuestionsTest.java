package rotagens.server.questions;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

/** The standing questions over the demo fleet, and those kept under a name. */
@ServerTest
class QuestionsTest {

    @Autowired
    MockMvc http;

    private Api coordinator;

    @BeforeEach
    void client() {
        coordinator = new Api(http);
    }

    @Test
    @DisplayName(
            "the first question is answered by tire with its ground; two combined leave the vehicles in both, and are kept under a name")
    void questions() {
        JsonNode first =
                coordinator.get("/api/questions/answers?ask=DO_NOT_OPERATE").body();
        assertThat(first.path("lines").toString()).contains("LC-03", "76 psi, target 95 psi: 80% of target");
        int alone = first.path("vehicles").asInt();
        JsonNode both = coordinator
                .get("/api/questions/answers?ask=DO_NOT_OPERATE&ask=NEVER_WEIGHED")
                .body();
        assertThat(both.path("vehicles").asInt()).isPositive().isLessThan(alone);
        JsonNode any = coordinator
                .get("/api/questions/answers?ask=DO_NOT_OPERATE&ask=NEVER_WEIGHED&together=false")
                .body();
        assertThat(any.path("vehicles").asInt()).isGreaterThan(alone);
        assertThat(coordinator.get("/api/questions/answers.csv?ask=UNKNOWN_DOT").text())
                .startsWith("unit,yard,class,position,question,says")
                .contains("VN-05");
        String kept =
                "{\"name\":\"Stopped, weight unknown\",\"ask\":{\"ask\":[\"DO_NOT_OPERATE\",\"NEVER_WEIGHED\"],\"together\":true}}";
        JsonNode all = coordinator.post("/api/saved-questions", kept).body();
        assertThat(all.path("saved").get(0).path("vehicles").asInt())
                .isEqualTo(both.path("vehicles").asInt());
        assertThat(all.path("questions")).hasSize(16);
        assertThat(coordinator.post("/api/saved-questions", kept).at("name")).contains("already");
        coordinator.delete(
                "/api/saved-questions/" + all.path("saved").get(0).path("id").asLong(), "");
        assertThat(coordinator.get("/api/questions").body().path("saved")).isEmpty();
    }

    @Test
    @DisplayName("a question is kept with a name and something asked; what nobody kept can't be taken away")
    void refusals() {
        assertThat(coordinator.post("/api/saved-questions", "{\"name\":\" \"}").at("name"))
                .isNotEmpty();
        assertThat(coordinator
                        .post("/api/saved-questions", "{\"name\":\"Mine\"}")
                        .at("ask"))
                .isNotEmpty();
        assertThat(coordinator.delete("/api/saved-questions/4711", "").status()).isEqualTo(404);
    }
}
