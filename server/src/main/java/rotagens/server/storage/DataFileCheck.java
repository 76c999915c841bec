package rotagens.server.storage;

import static rotagens.server.storage.StorageWords.WORDS;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Looks at a data file before anything is done with it: whether it is whole, is ours, and was not written by a newer program,
 * which may keep facts in it that this one would not see.
 */
public final class DataFileCheck {

    private static final Pattern MIGRATION = Pattern.compile("V(\\d+)__.*");

    /** A larger file is looked at in its outline only; the daily backup reads it whole. */
    private static final long READ_WHOLE_BYTES = 32L * 1024 * 1024;

    private static final String RESTORE = WORDS.say("restoreTheLastBackupRotagens");

    private DataFileCheck() {}

    /**
     * Holds a data file against what this program can work on. A file that isn't there yet is fine.
     *
     * @throws DataFileException where it is damaged, is none of ours, or is from a newer version
     */
    public static void check(Path file) {
        try {
            if (!Files.exists(file) || Files.size(file) == 0) {
                return;
            }
            int stored = stored(file);
            int known = newestKnown();
            if (stored > known) {
                throw new DataFileException(
                        WORDS.say("dataInWasWritten", "file", file, "stored", stored, "known", known),
                        WORDS.say("startTheNewerProgramAgain"));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The data file can’t be read", e);
        }
    }

    private static int stored(Path file) throws IOException {
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = database.createStatement()) {
            boolean isOurs = has(statement, "SELECT 1 FROM sqlite_master WHERE name = 'flyway_schema_history'");
            if (!isOurs && has(statement, "SELECT 1 FROM sqlite_master WHERE type = 'table'")) {
                throw new DataFileException(
                        WORDS.say("holdsAnotherProgramsData", "file", file), WORDS.say("nameAnotherFolderDataFolder"));
            }
            if (Files.size(file) <= READ_WHOLE_BYTES
                    && !text(statement, "PRAGMA quick_check(1)").equals("ok")) {
                throw damaged(file);
            }
            return isOurs
                    ? Integer.parseInt(text(
                            statement,
                            "SELECT coalesce(max(cast(version AS integer)), 0) FROM flyway_schema_history"
                                    + " WHERE success"))
                    : 0;
        } catch (SQLException e) {
            if ((e.getErrorCode() & 0xff) == 11 || (e.getErrorCode() & 0xff) == 26) {
                throw damaged(file);
            }
            throw new DataFileException(
                    WORDS.say("dataFileCantBeOpened", "file", file, "message", e.getMessage()),
                    WORDS.say("lookWhetherAnotherProgramHolds"));
        }
    }

    private static DataFileException damaged(Path file) {
        return new DataFileException(WORDS.say("dataFileIsDamaged", "file", file), RESTORE);
    }

    private static boolean has(Statement statement, String sql) throws SQLException {
        try (ResultSet rows = statement.executeQuery(sql)) {
            return rows.next();
        }
    }

    private static String text(Statement statement, String sql) throws SQLException {
        try (ResultSet rows = statement.executeQuery(sql)) {
            return rows.next() ? rows.getString(1) : "";
        }
    }

    private static int newestKnown() throws IOException {
        Resource[] migrations =
                new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V*__*.sql");
        return Arrays.stream(migrations)
                .map(migration -> MIGRATION.matcher(String.valueOf(migration.getFilename())))
                .filter(Matcher::matches)
                .mapToInt(name -> Integer.parseInt(name.group(1)))
                .max()
                .orElseThrow(() -> new IllegalStateException("no migration is in the program"));
    }
}
