package rotagens.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;

@ServerTest
class PeopleTest {

    @Autowired
    MockMvc http;

    @Test
    @DisplayName("an account without a role is refused at its field, new or changed")
    void withoutRole() {
        Api manager = Api.as(http, "MANAGER");
        assertThat(manager.put("/api/people/2", "{\"active\":false,\"name\":\"Ines Okafor\"}")
                        .at("role"))
                .isEqualTo("Choose a role.");
        assertThat(manager.post("/api/people", "{\"name\":\"New Hand\",\"password\":\"a long enough one 7\"}")
                        .at("role"))
                .isEqualTo("Choose a role.");
    }
}
