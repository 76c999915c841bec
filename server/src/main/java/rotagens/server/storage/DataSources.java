package rotagens.server.storage;

import static rotagens.server.storage.StorageWords.WORDS;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileLock;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import javax.sql.DataSource;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayDataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;

/**
 * One SQLite file, one writer, many readers. Write transactions queue for the single writer connection instead of failing on
 * a busy database; read-only transactions take a reader, which refuses to write. What is committed is on disk
 * ({@code synchronous=FULL}).
 */
@Configuration(proxyBeanMethods = false)
class DataSources implements DisposableBean {

    /** Enough that an export, a file that is looked at, a plan and a backup leave some for everybody who saves and reads. */
    private static final int READERS = 24;

    private static final int LONGEST_LOG_PAGES = 16_000;

    private final Path file;
    private final FileLock running;

    DataSources(@Value("${rotagens.data}") Path folder) {
        try {
            Files.createDirectories(folder);
            forItsOwnerOnly(folder);
        } catch (IOException e) {
            throw new UncheckedIOException("The data folder can’t be made or reached", e);
        }
        this.file = folder.resolve("rotagens.sqlite");
        this.running = taken(folder);
        DataFileCheck.check(file);
        removeLeftCopies(folder);
    }

    /** What is in it concerns nobody else who has an account on the machine. */
    private static void forItsOwnerOnly(Path folder) {
        PosixFileAttributeView rights = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
        if (rights == null) {
            return;
        }
        try {
            rights.setPermissions(PosixFilePermissions.fromString("rwx------"));
        } catch (IOException notOurs) {
            // A folder that belongs to somebody else keeps the rights they gave it.
            LoggerFactory.getLogger(DataSources.class).info(WORDS.say("dataFolderBelongsToAnother"));
        }
    }

    /** Copies that were being tried out when the program was cut off. */
    private static void removeLeftCopies(Path folder) {
        try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, "trying-out*")) {
            for (Path copy : left) {
                Files.delete(copy);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The data folder can’t be read", e);
        }
    }

    private static FileLock taken(Path folder) {
        try {
            FileLock lock = DataFolderLock.take(folder);
            if (lock == null) {
                throw new DataFolderInUseException(folder.toString());
            }
            return lock;
        } catch (IOException e) {
            throw new UncheckedIOException("The data folder can’t be written", e);
        }
    }

    @Override
    public void destroy() throws IOException {
        running.acquiredBy().close();
    }

    @Bean
    @FlywayDataSource
    HikariDataSource writer(@Value("${rotagens.writer-waits:5s}") Duration writerWaits) {
        HikariConfig config = connection("writer", 1);
        config.addDataSourceProperty("transaction_mode", "IMMEDIATE");
        config.setConnectionTimeout(writerWaits.toMillis());
        // Checkpoints.java does it beside the saves; this is for when it can't, while readers never let go of the log.
        config.setConnectionInitSql("PRAGMA wal_autocheckpoint = " + LONGEST_LOG_PAGES);
        return new HikariDataSource(config);
    }

    @Bean
    HikariDataSource reader() {
        HikariConfig config = connection("reader", READERS);
        config.setMinimumIdle(1);
        config.setConnectionInitSql("PRAGMA query_only = ON");
        return new HikariDataSource(config);
    }

    @Bean
    @Primary
    DataSource dataSource(@Qualifier("writer") HikariDataSource writer, @Qualifier("reader") HikariDataSource reader) {
        LazyConnectionDataSourceProxy proxy = new LazyConnectionDataSourceProxy(writer);
        proxy.setReadOnlyDataSource(reader);
        return new RoutedDataSource(proxy);
    }

    private HikariConfig connection(String name, int most) {
        HikariConfig config = new HikariConfig();
        config.setPoolName(name);
        config.setJdbcUrl("jdbc:sqlite:" + file);
        config.setMaximumPoolSize(most);
        config.setMaxLifetime(0);
        config.setExceptionOverrideClassName(ConnectionEvictor.class.getName());
        config.addDataSourceProperty("journal_mode", "WAL");
        config.addDataSourceProperty("synchronous", "FULL");
        config.addDataSourceProperty("foreign_keys", "true");
        config.addDataSourceProperty("busy_timeout", "5000");
        return config;
    }
}
