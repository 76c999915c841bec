package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class UpgradeTest {

    /** A tire on a vehicle with a past and one in the store, in the words of the first schema. */
    private static final List<String> FIRST = List.of(
            "INSERT INTO person (id, name, role) VALUES (1, 'Ines Okafor', 'COORDINATOR')",
            "INSERT INTO yard (id, name) VALUES (1, 'Eastbank')",
            "INSERT INTO vehicle_class (id, name) VALUES (1, 'Clinic coach')",
            "INSERT INTO vehicle (id, unit, vehicle_class_id, yard_id, kind, description, gvwr_lb)"
                    + " VALUES (1, 'LC-01', 1, 1, 'BUS', 'Coach', 46000)",
            "INSERT INTO axle (vehicle_id, number, role, dual) VALUES (1, 1, 'STEER', 0)",
            "INSERT INTO place (id, vehicle_id, code, walk_order) VALUES (1, 1, '1L', 1)",
            "INSERT INTO tire_model (id, maker, name, size) VALUES (1, 'Corvane', 'C2', '275/70R22.5 148/145M H')",
            "INSERT INTO tire (id, tire_model_id) VALUES (1, 1)",
            "INSERT INTO tire (id, tire_model_id) VALUES (2, 1)",
            "INSERT INTO fitment (tire_id, place_id, at) VALUES (1, 1, '2026-01-05T08:00:00.000Z')",
            "INSERT INTO tire_movement (id, tire_id, at, kind, to_place_id, person_id)"
                    + " VALUES (1, 1, '2026-01-05T08:00:00.000Z', 'FITTED', 1, 1)",
            "INSERT INTO tire_movement (id, tire_id, at, kind, to_place_id, person_id)"
                    + " VALUES (2, 2, '2025-01-05T08:00:00.000Z', 'FITTED', 1, 1)",
            "INSERT INTO tire_movement (id, tire_id, at, kind, from_place_id, person_id)"
                    + " VALUES (3, 2, '2026-01-05T07:00:00.000Z', 'TAKEN_OFF', 1, 1)",
            "INSERT INTO reading (id, tire_id, place_id, at, person_id, pressure, warmth, depth_outer)"
                    + " VALUES (1, 1, 1, '2026-11-05T08:00:00.000Z', 1, '108 psi', 'COLD', '12/32 in')");

    @TempDir
    Path folder;

    /** {@code -Drotagens.kills=N} makes more rounds of it. */
    private static final int KILLS = Math.min(40, Integer.getInteger("rotagens.kills", 4));

    private static String url(Path data) {
        return "jdbc:sqlite:" + data.resolve("rotagens.sqlite") + "?foreign_keys=on";
    }

    private Flyway flyway(String target) {
        return at(folder, target);
    }

    private static Flyway at(Path data, String target) {
        return Flyway.configure()
                .dataSource(url(data), null, null)
                .locations("classpath:db/migration")
                .target(target)
                .load();
    }

    private List<String> column(String sql) throws SQLException {
        return column(folder, sql);
    }

    private static List<String> column(Path data, String sql) throws SQLException {
        List<String> values = new ArrayList<>();
        try (Connection database = DriverManager.getConnection(url(data));
                var rows = database.createStatement().executeQuery(sql)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }

    /** A data folder of the first schema with something in it. */
    private static void begin(Path data) throws SQLException {
        at(data, "1").migrate();
        try (Connection database = DriverManager.getConnection(url(data))) {
            for (String line : FIRST) {
                database.createStatement().execute(line);
            }
        }
    }

    @ParameterizedTest(name = "from version {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    @DisplayName("every earlier data folder comes up to date with everything in it")
    void upgrade(int version) throws SQLException {
        begin(folder);
        flyway(String.valueOf(version)).migrate();
        assertThat(flyway("latest").migrate().success).isTrue();
        assertThat(column("SELECT pressure || ' ' || depth_outer FROM reading")).containsExactly("108 psi 12/32 in");
        assertThat(column("SELECT state FROM stock WHERE tire_id = 2")).containsExactly("IN_STOCK");
        assertThat(
                        column(
                                "SELECT code FROM position JOIN installation ON position.id = installation.position_id WHERE tire_id = 1"))
                .containsExactly("1L");
        assertThat(column("SELECT unit FROM vehicle")).containsExactly("LC-01");
        assertThat(column("PRAGMA foreign_key_check")).isEmpty();
        assertThat(column("PRAGMA integrity_check")).containsExactly("ok");
    }

    @Test
    @DisplayName("killed in the middle of a step, the next start finishes the upgrade with everything in it")
    void killedWhileUpgrading() throws Exception {
        Random random = new Random(5);
        int steps = flyway("latest").info().all().length;
        for (int round = 0; round < KILLS; round++) {
            Path data = Files.createDirectory(folder.resolve("killed " + round));
            begin(data);
            int after = 1 + random.nextInt(steps * 3);
            Process child = Child.of(MigratedChild.class, data.toString());
            int heard = 0;
            try (BufferedReader lines = child.inputReader()) {
                String line;
                while ((line = lines.readLine()) != null) {
                    if ((line.endsWith("MIGRATE") || line.endsWith("STATEMENT")) && ++heard == after) {
                        Child.kill(child);
                    }
                }
            }
            child.waitFor();
            assertThat(at(data, "latest").migrate().success)
                    .as("after %d", after)
                    .isTrue();
            assertThat(column(data, "SELECT pressure || ' ' || depth_outer FROM reading"))
                    .containsExactly("108 psi 12/32 in");
            assertThat(column(data, "PRAGMA integrity_check")).containsExactly("ok");
            assertThat(column(data, "PRAGMA foreign_key_check")).isEmpty();
        }
    }
}
