package rotagens.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/**
 * Tries out long work on a copy of the data: everything the thread reads and writes meanwhile is the copy's, which is thrown
 * away. Nobody who saves waits for it.
 */
@Component
public class DataCopies {

    private final RoutedDataSource data;
    private final DataSource reader;
    private final Path folder;
    private final TransactionTemplate transaction;

    DataCopies(
            DataSource data,
            @Qualifier("reader") DataSource reader,
            @Value("${rotagens.data}") Path folder,
            PlatformTransactionManager transactions) {
        this.data = (RoutedDataSource) data;
        this.reader = reader;
        this.folder = folder;
        this.transaction = new TransactionTemplate(transactions);
    }

    /**
     * Does something on a copy, in one transaction of it, and forgets what it wrote.
     *
     * @throws IllegalStateException inside a transaction: that one is on the data themselves
     */
    public <T> T tryOut(Supplier<T> work) {
        if (TransactionSynchronizationManager.isActualTransactionActive() || data.isTurned()) {
            throw new IllegalStateException("a copy is worked on outside any transaction");
        }
        Path copy = copied();
        try {
            SQLiteConfig config = new SQLiteConfig();
            config.setSynchronous(SQLiteConfig.SynchronousMode.OFF);
            config.setJournalMode(SQLiteConfig.JournalMode.MEMORY);
            config.enforceForeignKeys(true);
            SQLiteDataSource file = new SQLiteDataSource(config);
            file.setUrl("jdbc:sqlite:" + copy);
            SingleConnectionDataSource one = new SingleConnectionDataSource(file.getConnection(), true);
            data.turn(one);
            try {
                return transaction.execute(status -> {
                    status.setRollbackOnly();
                    return work.get();
                });
            } finally {
                data.turn(null);
                one.destroy();
            }
        } catch (SQLException e) {
            throw new IllegalStateException("The copy of the data can’t be opened", e);
        } finally {
            discard(copy);
        }
    }

    private Path copied() {
        try {
            Path copy = Files.createTempFile(folder, "trying-out", ".sqlite");
            Files.delete(copy); // SQLite wants to make it itself
            try (Connection connection = reader.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA query_only = OFF");
                // Thrown away, it need not reach the disk, for which every save would wait.
                statement.execute("PRAGMA synchronous = OFF");
                try {
                    statement.execute("VACUUM INTO '" + copy.toString().replace("'", "''") + "'");
                } finally {
                    statement.execute("PRAGMA synchronous = FULL");
                    statement.execute("PRAGMA query_only = ON");
                }
            }
            return copy;
        } catch (IOException e) {
            throw new UncheckedIOException("The data folder can’t be written", e);
        } catch (SQLException e) {
            throw new IllegalStateException("The data can’t be copied. Is the disk full?", e);
        }
    }

    private static void discard(Path copy) {
        try {
            Files.deleteIfExists(copy);
        } catch (IOException left) {
            // A leftover is found and removed at the next start.
        }
    }
}
