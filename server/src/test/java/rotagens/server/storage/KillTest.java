package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code -Drotagens.kills=200} makes the long run of it; {@code ./rotagens faults} does that. */
class KillTest {

    private static final int ROUNDS = Integer.getInteger("rotagens.kills", 8);

    @TempDir
    Path folder;

    private String url() {
        return "jdbc:sqlite:" + folder.resolve("rotagens.sqlite");
    }

    @Test
    @DisplayName(
            "killed at random moments under concurrent writes, every acknowledged write is there and the ledger holds")
    void killed() throws Exception {
        fill();
        Random random = new Random(11);
        TreeSet<Long> acknowledged = new TreeSet<>();
        for (int round = 0; round < ROUNDS; round++) {
            long first = 1 + (acknowledged.isEmpty() ? 0 : acknowledged.last() + 1_000);
            acknowledged.addAll(round(first, 1 + random.nextInt(120)));
            check(acknowledged, round);
        }
        assertThat(acknowledged).hasSizeGreaterThan(ROUNDS);
    }

    /** Lets it write until it has said so many numbers, kills it, and reads what else it said. */
    private List<Long> round(long first, int atLeast) throws IOException, InterruptedException {
        Process child = Child.of(KilledChild.class, folder.toString(), String.valueOf(first));
        List<Long> said = new ArrayList<>();
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
            String line;
            while ((line = lines.readLine()) != null) {
                // What comes through after the signal was written before it, whole or not at all.
                if (line.matches("\\d+")) {
                    said.add(Long.parseLong(line));
                }
                if (said.size() == atLeast) {
                    Child.kill(child);
                }
            }
        }
        child.waitFor();
        assertThat(said).as("acknowledged before the kill").isNotEmpty();
        return said;
    }

    private void check(TreeSet<Long> acknowledged, int round) throws SQLException {
        try (Connection database = DriverManager.getConnection(url());
                Statement statement = database.createStatement()) {
            TreeSet<Long> there = new TreeSet<>();
            try (var rows = statement.executeQuery("SELECT id FROM reading")) {
                while (rows.next()) {
                    there.add(rows.getLong(1));
                }
            }
            assertThat(there).as("round %d", round).containsAll(acknowledged);
            assertThat(first(statement, "PRAGMA integrity_check")).isEqualTo("ok");
            assertThat(first(statement, "SELECT count(*) FROM installation")).isEqualTo("8");
            assertThat(first(
                            statement,
                            "SELECT count(*) FROM installation WHERE position_id <> (SELECT to_position_id FROM tire_movement m"
                                    + " WHERE m.tire_id = installation.tire_id ORDER BY id DESC LIMIT 1)"))
                    .as("tires that aren't where their ledger ends")
                    .isEqualTo("0");
            // Two lines of the ledger for each reading, beside the first eight: nothing half done.
            assertThat(first(statement, "SELECT count(*) - 8 FROM tire_movement"))
                    .isEqualTo(String.valueOf(there.size() * 2));
        }
    }

    private static String first(Statement statement, String sql) throws SQLException {
        try (var rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getString(1);
        }
    }

    private void fill() throws SQLException {
        Flyway.configure()
                .dataSource(url(), null, null)
                .locations("classpath:db/migration")
                .load()
                .migrate();
        try (Connection database = DriverManager.getConnection(url());
                Statement statement = database.createStatement()) {
            for (String line : List.of(
                    "INSERT INTO person (id, name, role) VALUES (1, 'Ines Okafor', 'COORDINATOR')",
                    "INSERT INTO yard (id, name) VALUES (1, 'Eastbank')",
                    "INSERT INTO vehicle_class (id, name) VALUES (1, 'Clinic coach')",
                    "INSERT INTO vehicle (id, unit, vehicle_class_id, yard_id, type, description, gvwr)"
                            + " VALUES (1, 'LC-01', 1, 1, 'BUS', 'Coach', '46000 lb')",
                    "INSERT INTO tire_model (id, manufacturer, name, size) VALUES (1, 'Corvane', 'C2', '275/70R22.5 148/145M H')")) {
                statement.execute(line);
            }
            for (int tire = 1; tire <= 8; tire++) {
                statement.execute(
                        "INSERT INTO position (id, vehicle_id, code, walk_around_order) VALUES (%1$d, 1, 'P%1$d', %1$d)"
                                .formatted(tire));
                statement.execute("INSERT INTO tire (id, tire_model_id) VALUES (" + tire + ", 1)");
                statement.execute(
                        "INSERT INTO installation (tire_id, position_id, installed_at) VALUES (%1$d, %1$d, '2026-01-01')"
                                .formatted(tire));
                statement.execute(("INSERT INTO tire_movement (tire_id, moved_at, type, to_position_id, person_id)"
                                + " VALUES (%1$d, '2026-01-01', 'FITTED', %1$d, 1)")
                        .formatted(tire));
            }
        }
    }
}
