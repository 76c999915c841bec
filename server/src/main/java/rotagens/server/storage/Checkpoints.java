package rotagens.server.storage;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Carries what was committed from the log into the data file, beside the saves. Left to SQLite, the save that happens to fill the
 * log does it for all before it, and after a long export that takes half a second; here nobody who saves waits for it. What is
 * committed is on disk in the log all the same.
 */
@Component
class Checkpoints implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Checkpoints.class);

    /** Below this the log is left alone. */
    private static final long SMALL_BYTES = 2L * 1024 * 1024;

    private final Path log;
    private final SingleConnectionDataSource own;

    Checkpoints(@Value("${rotagens.data}") Path folder) {
        Path file = folder.resolve("rotagens.sqlite");
        this.log = folder.resolve("rotagens.sqlite-wal");
        this.own = new SingleConnectionDataSource("jdbc:sqlite:" + file, true);
    }

    /** Twice, as what was saved during the first would keep the log from beginning anew. */
    @Scheduled(initialDelayString = "PT2S", fixedDelayString = "PT1S")
    void carry() {
        if (!Files.exists(log) || log.toFile().length() < SMALL_BYTES) {
            return;
        }
        try (Connection connection = own.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA synchronous = FULL"); // on the disk, before the log begins anew
            statement.execute("PRAGMA wal_checkpoint(PASSIVE)");
            statement.execute("PRAGMA wal_checkpoint(PASSIVE)");
        } catch (SQLException e) {
            // A full disk, say: it stays in the log, and the next save says what is wrong to whoever saves.
            LOG.warn("What was saved stays in the log for now: {}", e.getMessage());
        }
    }

    @Override
    public void destroy() {
        own.destroy();
    }
}
