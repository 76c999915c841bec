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
