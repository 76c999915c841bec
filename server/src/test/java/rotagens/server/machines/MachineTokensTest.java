package rotagens.server.machines;

import static org.assertj.core.api.Assertions.assertThat;

import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

@ServerTest
class MachineTokensTest {

    private static final String ROWS =
            "{\"rows\":[{\"unit\":\"LC-01\",\"position\":\"1L\",\"at\":\"2026-11-23T11:00:00Z\",\"pressure\":\"110 psi\"}]}";

    @Autowired
    MockMvc http;

    @Autowired
    DSLContext db;

    private MockHttpServletResponse sent(String token, String path, String body) throws Exception {
        return http.perform(MockMvcRequestBuilders.post(path)
                        .header("Authorization", "Bearer " + token)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))
                .andReturn()
                .getResponse();
    }

    private Answer made(String name, String scopes) {
        return Api.as(http, "MANAGER")
                .post("/api/machine-tokens", "{\"name\":\"" + name + "\",\"scopes\":" + scopes + "}");
    }

    @Test
    @DisplayName(
            "a machine sends what its token names and nothing else, by its own name, until the token is taken back")
    void scoped() throws Exception {
        Answer made = made("Yard gateway", "[\"PRESSURES\"]");
        String token = made.body().path("token").asString();
        MockHttpServletResponse taken = sent(token, "/api/ingest/pressures", ROWS);
        assertThat(taken.getStatus()).as(taken.getContentAsString()).isEqualTo(200);
        assertThat(db.fetchValues("select name from reading join person on person.id = reading.person_id"
                                + " where read_at like '2026-11-23T11:00%'")
                        .toString())
                .contains("Yard gateway");
        assertThat(sent(token, "/api/ingest/odometers", "{\"rows\":[]}").getStatus())
                .isEqualTo(403);
        assertThat(http.perform(MockMvcRequestBuilders.get("/api/fleet").header("Authorization", "Bearer " + token))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
        long id = made.body().path("id").asLong();
        Api.as(http, "MANAGER").delete("/api/machine-tokens/" + id, "");
        assertThat(sent(token, "/api/ingest/pressures", ROWS).getStatus()).isEqualTo(401);
    }

    @Test
    @DisplayName("a token is told once and kept as a digest; a made-up one is nobody’s, whatever session comes along")
    void digest() throws Exception {
        Answer made = made("Telematics", "[\"ODOMETERS\"]");
        String token = made.body().path("token").asString();
        assertThat(token).hasSizeGreaterThan(40);
        assertThat(db.fetchValues("select token_hash from machine_token").toString())
                .doesNotContain(token);
        assertThat(Api.as(http, "MANAGER").get("/api/machine-tokens").text()).doesNotContain(token);
        assertThat(sent("rtg_made-up", "/api/ingest/odometers", "{\"rows\":[]}").getStatus())
                .isEqualTo(401);
    }

    @Test
    @DisplayName("a token without a name or anything to send is refused at its field, and one is a manager’s to make")
    void refused() {
        assertThat(made(" ", "[]").at("name")).contains("Say which machine");
        assertThat(made("Gateway", "[]").at("scopes")).contains("at least one");
        assertThat(new Api(http)
                        .post("/api/machine-tokens", "{\"name\":\"X\",\"scopes\":[\"ODOMETERS\"]}")
                        .status())
                .isEqualTo(403);
    }
}
