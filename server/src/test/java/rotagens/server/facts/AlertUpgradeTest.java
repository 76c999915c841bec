package rotagens.server.facts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Import;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.context.support.TestPropertySourceUtils;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Verdict;
import rotagens.core.vehicle.Position;
import rotagens.server.ServerTest;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.fleet.VehicleAssessment;

/** A data folder from before alerts were kept, started by this version. */
@SpringBootTest(properties = {"rotagens.demo=false", "rotagens.sign-in.hash-cost=4"})
@Import(ServerTest.FixedDay.class)
@ContextConfiguration(initializers = AlertUpgradeTest.OldFolder.class)
@DirtiesContext
class AlertUpgradeTest {

    /** The center groove was at 2/32 in January; the fifteen readings since then left it out. */
    static class OldFolder implements ApplicationContextInitializer<ConfigurableApplicationContext> {

        @Override
        public void initialize(ConfigurableApplicationContext context) {
            try {
                Path folder = Files.createTempDirectory("rotagens-old");
                String url = "jdbc:sqlite:" + folder.resolve("rotagens.sqlite") + "?foreign_keys=on";
                flyway(url, "1");
                try (Connection database = DriverManager.getConnection(url);
                        Statement write = database.createStatement()) {
                    for (String line : LINES) {
                        write.execute(line);
                    }
                    LocalDate day = LocalDate.of(2026, 2, 1);
                    for (int later = 2; later <= 16; later++) {
                        write.execute("INSERT INTO reading (id, tire_id, place_id, at, person_id, warmth, depth_outer,"
                                + " depth_inner) VALUES (%d, 1, 1, '%sT08:00:00.000Z', 1, 'UNKNOWN', '12/32 in', '12/32 in')"
                                        .formatted(later, day.plusDays(14L * later)));
                    }
                }
                flyway(url, "12");
                TestPropertySourceUtils.addInlinedPropertiesToEnvironment(context, "rotagens.data=" + folder);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }

        private static void flyway(String url, String target) {
            Flyway.configure()
                    .dataSource(url, null, null)
                    .locations("classpath:db/migration")
                    .target(target)
                    .load()
                    .migrate();
        }

        private static final List<String> LINES = List.of(
                "INSERT INTO person (id, name, role) VALUES (1, 'Ines Okafor', 'COORDINATOR')",
                "INSERT INTO yard (id, name) VALUES (1, 'Eastbank')",
                "INSERT INTO vehicle_class (id, name) VALUES (1, 'Clinic coach')",
                "INSERT INTO vehicle (id, unit, vehicle_class_id, yard_id, kind, description, gvwr_lb)"
                        + " VALUES (1, 'LC-01', 1, 1, 'BUS', 'Coach', 46000)",
                "INSERT INTO axle (vehicle_id, number, role, dual) VALUES (1, 1, 'STEER', 0)",
                "INSERT INTO place (id, vehicle_id, code, walk_order) VALUES (1, 1, '1L', 1)",
                "INSERT INTO tire_model (id, maker, name, size) VALUES (1, 'Corvane', 'C2', '275/70R22.5')",
                "INSERT INTO tire (id, tire_model_id) VALUES (1, 1)",
                "INSERT INTO fitment (tire_id, place_id, at) VALUES (1, 1, '2026-01-05T08:00:00.000Z')",
                "INSERT INTO tire_movement (id, tire_id, at, kind, to_place_id, person_id)"
                        + " VALUES (1, 1, '2026-01-05T08:00:00.000Z', 'FITTED', 1, 1)",
                "INSERT INTO reading (id, tire_id, place_id, at, person_id, warmth, depth_outer, depth_center, depth_inner)"
                        + " VALUES (1, 1, 1, '2026-01-20T08:00:00.000Z', 1, 'UNKNOWN', '12/32 in', '2/32 in', '12/32 in')");
    }

    @Autowired
    FleetAssessor fleet;

    @Autowired
    FactLog facts;

    @Autowired
    AlertUpgrade upgrade;

    @Autowired
    DSLContext db;

    @Test
    @DisplayName("a tire whose alarm had been lost behind a dozen later readings gets it back at the first start")
    void lostAlarm() {
        VehicleAssessment coach = fleet.get(1);
        Position steer = Position.parse("1L");
        assertThat(coach.state().at(steer).readings())
                .as("the readings at hand don't reach back to it")
                .noneMatch(reading -> reading.tread().center().isPresent());
        assertThat(coach.state().at(steer).alerts().open(AlertKind.TREAD))
                .hasValueSatisfying(alert -> assertThat(alert.on()).isEqualTo(LocalDate.of(2026, 1, 20)));
        assertThat(coach.judgements().get(steer).verdict()).isEqualTo(Verdict.DO_NOT_OPERATE);
        assertThat(facts.notAsFolded()).isEmpty();
    }

    @Test
    @DisplayName(
            "the check of a whole data folder passes as it is, and names the tire whose kept alert was tampered with")
    void check() {
        AlertCheck check = new AlertCheck(upgrade, facts);
        assertThatCode(check::afterSingletonsInstantiated).doesNotThrowAnyException();
        db.execute("UPDATE tire_alert SET value = '9/32 in' WHERE tire_id = 1");
        try {
            assertThatThrownBy(check::afterSingletonsInstantiated)
                    .hasMessageContaining("1 tires whose stored alerts do not match their history: [1]");
        } finally {
            facts.settle();
        }
        assertThatCode(check::afterSingletonsInstantiated).doesNotThrowAnyException();
    }
}
