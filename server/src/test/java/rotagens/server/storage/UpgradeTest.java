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

    @TempDir
    Path folder;

    /** {@code -Drotagens.kills=N} makes more rounds of it. */
    private static final int KILLS = Math.min(40, Integer.getInteger("rotagens.kills", 4));

    private Flyway flyway(String target) {
        return at(folder, target);
    }

    private static Flyway at(Path data, String target) {
        return Flyway.configure()
                .dataSource(EarlierFolder.url(data), null, null)
                .locations("classpath:db/migration")
                .target(target)
                .load();
    }

    private List<String> column(String sql) throws SQLException {
        return column(folder, sql);
    }

    private static List<String> column(Path data, String sql) throws SQLException {
        List<String> values = new ArrayList<>();
        try (Connection database = DriverManager.getConnection(EarlierFolder.url(data));
                var rows = database.createStatement().executeQuery(sql)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }

    @ParameterizedTest(name = "from version {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    @DisplayName("every earlier data folder comes up to date with everything in it")
    void upgrade(int version) throws SQLException {
        EarlierFolder.make(folder, version);
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
            EarlierFolder.make(data, 1);
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
