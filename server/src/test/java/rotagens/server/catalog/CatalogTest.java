package rotagens.server.catalog;

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

/** What a sidewall or a DOT code says, and the tire models on file. */
@ServerTest
class CatalogTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    @Test
    @DisplayName("a sidewall line is read part by part; what can't be read is said at the line")
    void sidewall() {
        JsonNode read = api.post("/api/parse/sidewall", "{\"text\":\"LT245/75R17 121/118S\",\"retread\":false}")
                .body();
        assertThat(read.toString()).contains("245", "17");
        assertThat(api.post("/api/parse/sidewall", "{\"text\":\"round and black\",\"retread\":false}")
                        .at("text"))
                .isNotEmpty();
    }

    @Test
    @DisplayName("a DOT code tells week and year; a week that lies ahead or can't exist is refused")
    void dotCode() {
        assertThat(api.post("/api/parse/dot-code", "{\"text\":\"UX3C7KLM0821\",\"retread\":false}")
                        .text())
                .contains("2021");
        assertThat(api.post("/api/parse/dot-code", "{\"text\":\"UX3C7KLM5326\",\"retread\":false}")
                        .at("text"))
                .isNotEmpty();
        assertThat(api.post("/api/parse/dot-code", "{\"text\":\"UX3C7KLM6021\",\"retread\":false}")
                        .at("text"))
                .isNotEmpty();
    }

    @Test
    @DisplayName("a model changed meanwhile is not overwritten by whoever saw an earlier version")
    void changedMeanwhile() {
        JsonNode model = api.get("/api/tire-models").body().get(0);
        String address = "/api/tire-models/" + model.path("id").asLong();
        Answer stale = api.put(address, model.path("form").toString(), "If-Match", "\"9999\"");
        assertThat(stale.status()).as(stale.text()).isEqualTo(412);
        assertThat(api.get("/api/tire-models").body().get(0)).isEqualTo(model);
    }
}
