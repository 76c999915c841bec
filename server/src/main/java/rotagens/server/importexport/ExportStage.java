package rotagens.server.importexport;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.conf.Settings;
import org.jooq.impl.DSL;

/**
 * A database of its own in a temporary folder, in which an export is read, brought up to date and checked before anything of it is
 * stored. It is removed when it is closed.
 */
final class ExportStage implements AutoCloseable {

    private final Path folder;
    private final Connection connection;
    private final DSLContext db;
    private final Map<String, Path> photos = new LinkedHashMap<>();

    private ExportStage(Path folder, Connection connection, Settings settings) {
        this.folder = folder;
        this.connection = connection;
        this.db = DSL.using(connection, SQLDialect.SQLITE, settings);
    }

    /** An empty database of the same schema as this one; its own history of versions is empty, too. */
    static ExportStage like(DSLContext here) {
        ExportStage stage = open(here.settings());
        here.fetch(
                        "select name, sql from sqlite_master where sql is not null and name not like 'sqlite\\_%' escape '\\'"
                                + " order by rowid")
                .forEach(part -> {
                    String name = part.get(0, String.class);
                    boolean madeWithItsTable = name.startsWith("search_fts_");
                    if (!madeWithItsTable) {
                        stage.make(part.get(1, String.class));
                    }
                });
        stage.begin();
        return stage;
    }

    /** An empty database as an earlier version made it. */
    static ExportStage earlier(DSLContext here, int schema) {
        ExportStage stage = open(here.settings());
        stage.migrate(String.valueOf(schema));
        stage.begin();
        return stage;
    }

    private static ExportStage open(Settings settings) {
        try {
            Path folder = Files.createTempDirectory("rotagens-import");
            Connection connection = DriverManager.getConnection(url(folder));
            return new ExportStage(folder, connection, settings);
        } catch (IOException e) {
            throw new UncheckedIOException("No room to look at the export first", e);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String url(Path folder) {
        // It is thrown away after a crash: nothing has to reach the disk.
        return "jdbc:sqlite:" + folder.resolve("stage.sqlite") + "?foreign_keys=off&synchronous=OFF";
    }

    private void migrate(String target) {
        Flyway.configure()
                .dataSource(url(folder), null, null)
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    /** As it stands there: its words aren't ours to read for placeholders. */
    private void make(String definition) {
        try (Statement statement = connection.createStatement()) {
            statement.execute(definition);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private void begin() {
        try {
            connection.setAutoCommit(false);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    DSLContext db() {
        return db;
    }

    /** Everything read is kept, and what an earlier version wrote is brought to this version's words. */
    void upToDate() {
        try {
            connection.commit();
            connection.setAutoCommit(true);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        if (ExportTables.schema(db) > 0) {
            migrate("latest");
        }
    }

    /** Puts a photo aside. */
    void photo(String name, byte[] bytes) {
        try {
            Files.write(folder.resolve("photo-" + photos.size()), bytes);
            photos.put(name, folder.resolve("photo-" + photos.size()));
        } catch (IOException e) {
            throw new UncheckedIOException("No room for the photos", e);
        }
    }

    /** The photos put aside, by name. */
    Map<String, Path> photos() {
        return Map.copyOf(photos);
    }

    @Override
    public void close() {
        try {
            connection.close();
            try (Stream<Path> parts = Files.walk(folder)) {
                List<Path> inner = parts.sorted(Comparator.reverseOrder()).toList();
                for (Path part : inner) {
                    Files.deleteIfExists(part);
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
