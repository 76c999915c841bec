package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;

/** What keeps saves quick beside slow work: the log is carried by itself, and there are readers enough. */
@ServerTest
class CheckpointsTest {

    private static final int A_MEGABYTE = 1024 * 1024;

    @Autowired
    Checkpoints checkpoints;

    @Autowired
    @Qualifier("writer")
    HikariDataSource writer;

    @Autowired
    @Qualifier("reader")
    HikariDataSource reader;

    @Autowired
    MockMvc http;

    @Value("${rotagens.data}")
    Path data;

    private void savesThreeMegabytes() throws Exception {
        try (Connection connection = writer.getConnection()) {
            boolean was = connection.getAutoCommit();
            connection.setAutoCommit(true);
            connection.createStatement().execute("create table if not exists ballast (bytes blob)");
            for (int i = 0; i < 3; i++) {
                try (PreparedStatement insert = connection.prepareStatement("insert into ballast values (?)")) {
                    insert.setBytes(1, new byte[A_MEGABYTE]);
                    insert.execute();
                }
            }
            connection.setAutoCommit(was);
        }
    }

    private long log() throws Exception {
        return Files.size(data.resolve("rotagens.sqlite-wal"));
    }

    @Test
    @DisplayName(
            "the log begins anew once it was carried into the data, however much is saved; left alone it only grows")
    void carried() throws Exception {
        savesThreeMegabytes();
        checkpoints.carry();
        savesThreeMegabytes();
        long once = log();
        for (int i = 0; i < 5; i++) {
            checkpoints.carry();
            savesThreeMegabytes();
        }
        assertThat(log()).isLessThan(once + 4L * A_MEGABYTE);
        try (Connection connection = writer.getConnection()) {
            connection.createStatement().execute("drop table ballast");
            if (!connection.getAutoCommit()) {
                connection.commit();
            }
        }
    }

    @Test
    @DisplayName("an export, a look at a file, a plan and a backup at once leave readers for whoever saves")
    void readersEnough() throws Exception {
        List<Connection> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 8; i++) {
                slow.add(reader.getConnection());
            }
            assertThat(new Api(http).get("/api/fleet").status()).isEqualTo(200);
        } finally {
            for (Connection one : slow) {
                one.close();
            }
        }
    }
}
