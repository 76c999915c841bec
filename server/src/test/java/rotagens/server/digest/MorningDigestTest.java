package rotagens.server.digest;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class MorningDigestTest {

    @Autowired
    MockMvc http;

    @Autowired
    MorningDigest digest;

    private void wanted(String hour) {
        Api.as(http, "MANAGER")
                .put("/api/settings", "{\"digestHour\":\"%s\",\"digestTo\":\"desk@fleet.example\"}".formatted(hour));
    }

    @AfterEach
    void unwanted() {
        Api.as(http, "MANAGER").put("/api/settings", "{}");
    }

    private JsonNode mails() {
        return Api.as(http, "VIEWER").get("/api/outbox").body();
    }

    private long mornings() {
        return mails().valueStream()
                .filter(mail -> mail.path("subject").asString().startsWith("Morning of"))
                .count();
    }

    @Test
    @DisplayName("says what must not operate and why, the day's jobs, and orders that are late")
    void says() {
        Api coordinator = new Api(http);
        coordinator.emptyShop();
        coordinator.post(
                "/api/jobs",
                "{\"day\":\"2026-11-23\",\"work\":[{\"vehicleId\":%d,\"key\":\"REPLACE:1L\"}]}"
                        .formatted(coordinator.vehicle("SH-02")));
        JsonNode mail = coordinator.get("/api/morning-digest").body();
        String body = mail.path("body").asString();
        assertThat(mail.path("subject").asString()).contains("must not operate, 1 job");
        assertThat(body).contains("LC-03, Eastbank: ").contains("Bulge").contains("SH-02, 1L Replace tire");
        assertThat(body.substring(body.indexOf("Late orders"))).contains("Kettlewell Wheel & Rubber, ordered");
        coordinator.emptyShop();
    }

    @Test
    @DisplayName("is written at once where somebody asks, and refused where nobody gets it")
    void atOnce() {
        Api manager = Api.as(http, "MANAGER");
        assertThat(manager.post("/api/morning-digest", "").text()).contains("whom the mail goes to");
        manager.put("/api/settings", "{\"digestTo\":\"desk@fleet.example\"}");
        long before = mornings();
        assertThat(manager.post("/api/morning-digest", "").status()).isEqualTo(200);
        assertThat(mornings()).isEqualTo(before + 1);
    }

    @Test
    @DisplayName(
            "is written once a day from its hour on, in the name of who set it up; before, and where nobody wants it, not")
    void daily() {
        long before = mornings();
        digest.whenDue();
        assertThat(mornings()).isEqualTo(before);
        wanted("23");
        digest.whenDue();
        assertThat(mornings()).isEqualTo(before);
        wanted("0");
        digest.whenDue();
        digest.whenDue();
        assertThat(mornings()).isEqualTo(Math.max(1, before));
        JsonNode mail = mails().get(0);
        assertThat(mail.path("recipient").asString()).isEqualTo("desk@fleet.example");
        assertThat(mail.path("by").asString()).isEqualTo("Dana Prestwick");
    }
}
