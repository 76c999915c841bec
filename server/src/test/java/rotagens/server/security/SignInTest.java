package rotagens.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

@ServerTest
@TestPropertySource(properties = "rotagens.sign-in.tries-for-a-name=5")
class SignInTest {

    @Autowired
    MockMvc http;

    private Api manager;

    @BeforeEach
    void client() {
        manager = Api.as(http, "MANAGER");
    }

    private long add(String name, String role) {
        Answer added = manager.post(
                "/api/people",
                "{\"name\":\"%s\",\"role\":\"%s\",\"password\":\"seven blue wheels\"}".formatted(name, role));
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return added.body().path("id").asLong();
    }

    private Answer signIn(Api api, String name, String password) {
        return api.post("/api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password));
    }

    @Test
    @DisplayName("a name in any case and its password let in; the wrong password and an unknown name read alike")
    void rightAndWrong() {
        add("Orla Finch", "TECHNICIAN");
        Api api = Api.asNobody(http);
        assertThat(signIn(api, "Orla Finch", "seven red wheels").at("password"))
                .isEqualTo("Name or password is wrong.");
        assertThat(signIn(api, "Nobody Known", "seven blue wheels").at("password"))
                .isEqualTo("Name or password is wrong.");
        assertThat(signIn(api, "orla finch", "seven blue wheels").status()).isEqualTo(200);
        assertThat(api.get("/api/fleet").status()).isEqualTo(200);
        api.delete("/api/session", "");
        assertThat(api.get("/api/fleet").status()).isEqualTo(401);
    }

    @Test
    @DisplayName("too many tries for a name have to wait, other names don't")
    void throttled() {
        add("Piet Lang", "VIEWER");
        Api api = Api.asNobody(http);
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(api, "Piet Lang", "guess number " + i).status()).isEqualTo(422);
        }
        Answer locked = signIn(api, "Piet Lang", "seven blue wheels");
        assertThat(locked.status()).isEqualTo(429);
        assertThat(locked.text()).contains("Wait");
        add("Quill Adair", "VIEWER");
        assertThat(signIn(Api.asNobody(http), "Quill Adair", "seven blue wheels")
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("a name spelled with other spaces and letters is the same name to whoever counts the tries")
    void throttledHoweverSpelled() {
        add("Runa Holt", "VIEWER");
        Api api = Api.asNobody(http);
        List.of("Runa Holt", "runa  holt", "RUNA HOLT ", " Runa   Holt", "Ｒuna Holt")
                .forEach(spelled ->
                        assertThat(signIn(api, spelled, "wrong").status()).isEqualTo(422));
        assertThat(signIn(api, "Runa Holt", "seven blue wheels").status()).isEqualTo(429);
    }

    @Test
    @DisplayName("many addresses together guess at one name no longer than the name allows; other names go on")
    void throttledFromEverywhere() {
        SignInThrottle throttle = new SignInThrottle(8, 60, 40);
        long waits = 0;
        for (int guess = 0; guess < 41; guess++) {
            waits = throttle.secondsToWait("Owner One", "10.0.0." + guess);
        }
        assertThat(waits).isPositive();
        assertThat(throttle.secondsToWait("Owner Two", "10.0.0.1")).isZero();
    }

    @Test
    @DisplayName("a role that doesn’t exist, or is meant by its number, is refused at its field")
    void unknownRole() {
        for (String role : List.of("\"BOSS\"", "3", "\"manager\"")) {
            Answer answer = manager.post(
                    "/api/people", "{\"name\":\"Sixten Ek\",\"role\":" + role + ",\"password\":\"seven blue wheels\"}");
            assertThat(answer.status()).as(role).isEqualTo(400);
            assertThat(answer.at("role")).as(role).isNotEmpty();
        }
    }

    @Test
    @DisplayName("a closed account and a new password end the sessions at once, a changed role counts at once")
    void changesCountAtOnce() {
        long id = add("Rhea Sand", "TECHNICIAN");
        Api api = Api.asNobody(http);
        signIn(api, "Rhea Sand", "seven blue wheels");
        assertThat(api.post("/api/jobs", "{}").status()).isEqualTo(403);
        manager.put("/api/people/" + id, "{\"name\":\"Rhea Sand\",\"role\":\"COORDINATOR\",\"active\":true}");
        assertThat(api.post("/api/jobs", "{}").status()).isEqualTo(422);
        manager.put("/api/people/" + id + "/password", "{\"password\":\"eight blue wheels\"}");
        assertThat(api.get("/api/fleet").status()).isEqualTo(401);
        Answer again = signIn(api, "Rhea Sand", "eight blue wheels");
        assertThat(again.status()).as(again.text()).isEqualTo(200);
        assertThat(api.get("/api/fleet").status()).isEqualTo(200);
        manager.put("/api/people/" + id, "{\"name\":\"Rhea Sand\",\"role\":\"COORDINATOR\",\"active\":false}");
        assertThat(api.get("/api/fleet").status()).isEqualTo(401);
        assertThat(signIn(api, "Rhea Sand", "eight blue wheels").status()).isEqualTo(422);
    }

    @Test
    @DisplayName("one's own password changes with the old one, and one's own session goes on")
    void ownPassword() {
        add("Sven Tor", "VIEWER");
        Api api = Api.asNobody(http);
        signIn(api, "Sven Tor", "seven blue wheels");
        assertThat(api.put("/api/session/password", "{\"old\":\"wrong\",\"password\":\"nine blue wheels\"}")
                        .at("old"))
                .contains("current password is incorrect");
        assertThat(api.put("/api/session/password", "{\"old\":\"seven blue wheels\",\"password\":\"nine blue wheels\"}")
                        .status())
                .isEqualTo(200);
        assertThat(api.get("/api/fleet").status()).isEqualTo(200);
    }

    @Test
    @DisplayName("whoever finds a device signed in can't go on guessing the password at it")
    void ownPasswordGuessed() {
        add("Tove Lind", "VIEWER");
        Api api = Api.asNobody(http);
        signIn(api, "Tove Lind", "seven blue wheels");
        int status = 422;
        for (int guess = 0; guess < 30 && status == 422; guess++) {
            status = api.put("/api/session/password", "{\"old\":\"wrong\",\"password\":\"nine blue wheels\"}")
                    .status();
        }
        assertThat(status).isEqualTo(429);
    }

    @Test
    @DisplayName("what the API says isn't kept by the browser, and signing out takes the cookie along")
    void nothingStays() throws Exception {
        add("Ulf Berg", "VIEWER");
        Api api = Api.asNobody(http);
        signIn(api, "Ulf Berg", "seven blue wheels");
        assertThat(http.perform(MockMvcRequestBuilders.get("/api/session"))
                        .andReturn()
                        .getResponse()
                        .getHeader("Cache-Control"))
                .isEqualTo("no-store");
        MockHttpServletResponse gone = http.perform(MockMvcRequestBuilders.delete("/api/session")
                        .with(SecurityMockMvcRequestPostProcessors.csrf())
                        .with(SecurityMockMvcRequestPostProcessors.user("somebody")
                                .authorities(new SimpleGrantedAuthority("VIEWER"))))
                .andReturn()
                .getResponse();
        assertThat(gone.getStatus()).isEqualTo(204);
        assertThat(gone.getCookies())
                .filteredOn(
                        cookie -> cookie.getMaxAge() == 0 && cookie.getValue().isEmpty())
                .isNotEmpty();
    }

    @Test
    @DisplayName("weak passwords, names taken and the last manager are refused at their fields")
    void refused() {
        assertThat(manager.post("/api/people", "{\"name\":\"Uma\",\"role\":\"VIEWER\",\"password\":\"short\"}")
                        .at("password"))
                .contains("at least 12");
        assertThat(manager.post(
                                "/api/people",
                                "{\"name\":\"INES OKAFOR\",\"role\":\"VIEWER\",\"password\":\"seven blue wheels\"}")
                        .at("name"))
                .contains("on file already");
        long dana = 0;
        for (var person : manager.get("/api/people").body()) {
            if (person.path("role").asString().equals("MANAGER")) {
                dana = person.path("id").asLong();
            }
        }
        assertThat(manager.put(
                                "/api/people/" + dana,
                                "{\"name\":\"Dana Prestwick\",\"role\":\"VIEWER\",\"active\":true}")
                        .at("role"))
                .contains("only manager");
    }

    @Test
    @DisplayName("nobody learns a password or its hash from the list of people")
    void noHashes() {
        add("Vera Quist", "VIEWER");
        assertThat(manager.get("/api/people").text()).doesNotContain("$2a").doesNotContainIgnoringCase("hash");
    }

    @Test
    @DisplayName("the units a person chose are theirs at the next sign-in")
    void ownUnits() {
        Api viewer = Api.as(http, "VIEWER");
        viewer.put("/api/session/units", "{\"units\":\"METRIC\"}");
        assertThat(Api.as(http, "VIEWER")
                        .get("/api/session")
                        .body()
                        .path("me")
                        .path("units")
                        .asString())
                .isEqualTo("METRIC");
    }

    @Test
    @DisplayName("the first account can't be made twice, and no export goes into a folder in use")
    void firstOnlyOnce() {
        Api api = Api.asNobody(http);
        assertThat(api.post("/api/first-account", "{\"name\":\"Eve\",\"password\":\"seven blue wheels\"}")
                        .status())
                .isEqualTo(409);
        assertThat(api.send("/api/first-account/export", "{}".getBytes()).status())
                .isEqualTo(409);
    }
}
