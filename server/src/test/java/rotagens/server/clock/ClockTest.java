package rotagens.server.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;
import rotagens.server.storage.generated.Tables;

@ServerTest
@Import(ClockTest.Hands.class)
@TestPropertySource(properties = "spring.main.allow-bean-definition-overriding=true")
class ClockTest {

    /** A clock that can be set. */
    static final class Settable extends Clock {
        private Instant now = Instant.parse("2026-11-23T15:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneId.of("America/Chicago");
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }

        void set(Instant to) {
            now = to;
        }
    }

    @TestConfiguration
    static class Hands {
        @Bean
        @Primary
        GuardedClock fixedClock(Settable machine) {
            return new GuardedClock(machine);
        }

        @Bean
        Settable machineClock() {
            return new Settable();
        }
    }

    @Autowired
    MockMvc http;

    @Autowired
    Settable clock;

    @Autowired
    Clock told;

    @Autowired
    DSLContext db;

    /** Each test's own day, after those of the tests before it. */
    private static Instant day = Instant.parse("2026-11-23T15:00:00Z");

    private Api coordinator;
    private long van;

    @BeforeEach
    void today() {
        day = day.plus(Duration.ofDays(10));
        clock.set(day);
        coordinator = new Api(http);
        van = coordinator.vehicle("VN-01");
        read("40");
    }

    private Answer read(String psi) {
        Answer started = coordinator.post("/api/vehicles/" + van + "/walk-arounds", "{}");
        if (started.status() != 200) {
            return started;
        }
        String walk = started.body().path("id").asString();
        coordinator.put(
                "/api/walk-arounds/" + walk + "/positions/1L",
                "{\"pressure\":\"" + psi + "\",\"thermalState\":\"COLD\",\"confirmed\":[\"pressure\"]}",
                "If-Match",
                "\"0\"");
        return coordinator.post("/api/walk-arounds/" + walk + "/finish", "{\"skipReason\":\"one is enough\"}");
    }

    private List<Long> stored() {
        return db.select(Tables.READING.ID)
                .from(Tables.READING)
                .orderBy(Tables.READING.ID)
                .fetch(Tables.READING.ID);
    }

    @Test
    @DisplayName("whoever changes the password stays signed in: nothing is told finer than it is stored")
    void asStored() {
        clock.set(clock.instant().plusNanos(123_456_789));
        assertThat(told.instant().getNano()).as("stored are milliseconds").isEqualTo(123_000_000);
        Api.as(http, "MANAGER")
                .post(
                        "/api/people",
                        "{\"name\":\"Nora Quill\",\"role\":\"MANAGER\",\"password\":\"seven blue wheels\"}");
        Api nora = Api.asNobody(http);
        assertThat(nora.post("/api/session", "{\"name\":\"Nora Quill\",\"password\":\"seven blue wheels\"}")
                        .status())
                .isEqualTo(200);
        Answer changed =
                nora.put("/api/session/password", "{\"old\":\"seven blue wheels\",\"password\":\"nine blue wheels\"}");
        assertThat(changed.status()).as(changed.text()).isLessThan(300);
        assertThat(nora.get("/api/fleet").status()).isEqualTo(200);
    }

    @Test
    @DisplayName("set back by years, it says so, stores nothing, loses nothing, and goes on once the clock is right")
    void setBack() {
        List<Long> before = stored();
        clock.set(Instant.parse("2020-01-01T06:00:00Z"));
        Answer refused = read("42");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(coordinator
                        .post("/api/vehicles/" + van + "/odometer", "{\"odometer\":\"900000\"}")
                        .body()
                        .path("detail")
                        .asString())
                .startsWith("This machine’s clock says Jan 1, 2020 00:00, but something was stored on ");
        assertThat(coordinator.get("/api/clock").body().path("statement").asString())
                .contains("Nothing is stored until");
        assertThat(coordinator.get("/api/fleet").status()).isEqualTo(200);
        assertThat(stored()).isEqualTo(before);
        clock.set(day.plus(Duration.ofMinutes(20)));
        assertThat(coordinator.get("/api/clock").body().has("statement")).isFalse();
        assertThat(read("42").status()).isEqualTo(200);
        assertThat(stored()).hasSize(before.size() + 1);
    }

    @Test
    @DisplayName("a step back of minutes, as clocks are corrected, stops nobody, and both readings stand in the ledger")
    void correction() {
        clock.set(day.minus(Duration.ofMinutes(5)));
        assertThat(read("41").status()).isEqualTo(200);
        assertThat(coordinator.get("/api/vehicles/{id}/history", van).text())
                .contains("41 psi cold")
                .contains("40 psi cold");
    }

    @Test
    @DisplayName("where it had run ahead, only a manager may say that it is right now; then work goes on")
    void ranAhead() {
        clock.set(day.plus(Duration.ofDays(1_600)));
        assertThat(read("43").status()).isEqualTo(200);
        clock.set(day.plus(Duration.ofDays(1)));
        assertThat(read("44").status()).isEqualTo(409);
        assertThat(coordinator.post("/api/clock", "").status()).isEqualTo(403);
        assertThat(Api.as(http, "MANAGER").post("/api/clock", "").status()).isEqualTo(204);
        assertThat(read("44").status()).isEqualTo(200);
        assertThat(coordinator.get("/api/clock").body().has("statement")).isFalse();
    }
}
