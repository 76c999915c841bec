package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

@ServerTest
class BadRequestTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    @ParameterizedTest
    @ValueSource(strings = {"{", "", "nonsense", "[]", "{\"by\":{}}", "{\"by\":\"me\"}", "{\"unknown\":1}", "null"})
    @DisplayName("broken or foreign JSON is answered with a problem, never a failure")
    void brokenJson(String body) {
        Answer answer = api.post("/api/jobs", body);
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.body().path("detail").asString()).isNotEmpty();
    }

    @Test
    @DisplayName("a body of 10 MB is refused before it is read")
    void tenMegabytes() {
        Answer answer = api.post("/api/jobs", "{\"note\":\"" + "x".repeat(10_000_000) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body().path("detail").asString()).contains("256 kB");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/vehicles/0",
                "/api/vehicles/999999",
                "/api/walk-arounds/77",
                "/api/jobs/5000",
                "/api/nothing"
            })
    @DisplayName("what doesn't exist is not found")
    void notFound(String path) {
        assertThat(api.get(path).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/vehicles/abc", "/api/fleet?units=CUBITS", "/api/vehicles/99999999999999999999"})
    @DisplayName("a path or query that makes no sense is a bad request with its name")
    void badPath(String path) {
        Answer answer = api.get(path);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().path("fields").size()).isEqualTo(1);
    }

    @Test
    @DisplayName("a write without the token that other sites can't read is refused")
    void forgedWrite() throws Exception {
        http.perform(post("/api/jobs").contentType(MediaType.APPLICATION_JSON).content("{}"))
                .andExpect(status().isForbidden());
    }

    @Test
    @DisplayName("a request addressed to another name than this server's is refused")
    void foreignHost() throws Exception {
        http.perform(get("/api/fleet").with(request -> {
                    request.setServerName("rebound.example");
                    return request;
                }))
                .andExpect(status().is(421));
    }

    @Test
    @DisplayName("pages can't be framed and run no foreign script")
    void headers() throws Exception {
        http.perform(get("/api/people"))
                .andExpect(header().string("X-Frame-Options", "DENY"))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string(
                                "Content-Security-Policy", org.hamcrest.Matchers.containsString("default-src 'self'")));
    }
}
