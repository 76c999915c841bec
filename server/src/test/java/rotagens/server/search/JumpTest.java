package rotagens.server.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class JumpTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private List<String> find(String typed) {
        return api.get("/api/search?q={q}", typed)
                .body()
                .valueStream()
                .map(goal ->
                        goal.path("type").asString() + " " + goal.path("label").asString())
                .toList();
    }

    @Test
    @DisplayName("a vehicle by the beginning or any three letters of its unit or description, in any case")
    void vehicles() {
        assertThat(find("lc-03")).contains("VEHICLE LC-03");
        assertThat(find("S")).contains("VEHICLE SH-01");
        assertThat(find("3/4-ton")).contains("VEHICLE SP-01");
        assertThat(find("utaway")).contains("VEHICLE SH-01");
    }

    @Test
    @DisplayName("a position by vehicle and code, or its beginning")
    void positions() {
        assertThat(find("LC-03 2ro")).startsWith("POSITION LC-03 2RO");
        assertThat(find("LC-03 2")).contains("POSITION LC-03 2LO", "POSITION LC-03 2RI");
    }

    @Test
    @DisplayName("a tire by any part of its DOT code, with or without spaces, and by its number")
    void tires() {
        assertThat(find("CT2XR")).anyMatch(label -> label.contains("LM2003 · DOT 3CT2XR3M"));
        assertThat(find("3ct2 xr3m")).anyMatch(label -> label.contains("LM2003"));
        assertThat(find("lm2003")).first().asString().startsWith("TIRE LM2003");
        assertThat(api.get("/api/search?q=LM2003").text()).contains("in stock");
    }

    @ParameterizedTest
    @ValueSource(strings = {"LC-03", "lc03", "Lc 03", " l c-0 3 ", "lc.03"})
    @DisplayName("spaces, hyphens, dots and case don't count")
    void bare(String typed) {
        assertThat(find(typed)).contains("VEHICLE LC-03");
    }

    @Test
    @DisplayName("a position written in one with its unit; a unit that only looks so is a unit")
    void joined() {
        assertThat(find("lc032ro")).startsWith("POSITION LC-03 2RO");
        assertThat(find("lc03")).noneMatch(label -> label.startsWith("POSITION"));
    }

    @Test
    @DisplayName("a model by its name or size; several of one manufacturer are offered together first")
    void models() {
        assertThat(find("dockhand")).first().isEqualTo("MANUFACTURER Quenmark");
        assertThat(find("dockhand")).contains("MODEL Quenmark Dockhand 235/65R16C");
        assertThat(find("23565 r16")).contains("MODEL Quenmark Dockhand 235/65R16C");
        assertThat(find("Tessaly")).first().isEqualTo("MODEL Corvane Tessaly C2 275/70R22.5");
    }

    @Test
    @DisplayName("a setting by the words of its title, with the part of the policy it stands in")
    void settings() {
        assertThat(find("overall age")).contains("POLICY Overall age limit");
        JsonNode found = api.get("/api/search?q={q}", "pull point").body().get(0);
        assertThat(found.path("part").asString()).isEqualTo("tread");
        assertThat(found.path("key").asString()).isEqualTo("PULL_STEER_HEAVY");
    }

    @Test
    @DisplayName("a person by any part of the name")
    void people() {
        assertThat(find("okaf")).contains("PERSON Ines Okafor");
        assertThat(find("In")).contains("PERSON Ines Okafor");
    }

    @Test
    @DisplayName("what is renamed is found under its new name only")
    void renamed() {
        Api manager = Api.as(http, "MANAGER");
        long id = manager.post(
                        "/api/people",
                        "{\"name\":\"Walt Abner\",\"role\":\"VIEWER\",\"password\":\"seven blue wheels\"}")
                .body()
                .path("id")
                .asLong();
        manager.put("/api/people/" + id, "{\"name\":\"Walt Corbin\",\"role\":\"VIEWER\",\"active\":true}");
        assertThat(find("Abner")).isEmpty();
        assertThat(find("Corbin")).containsExactly("PERSON Walt Corbin");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"", "' OR 1=1", "a*b", "NEAR(x)", "-", "ü", "%%%", "x\" OR \"y", "\uFFFF"})
    @DisplayName("signs of a query language are letters like others")
    void strange(String typed) {
        assertThat(api.get("/api/search?q={q}", typed).status()).isEqualTo(200);
    }
}
