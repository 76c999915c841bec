package rotagens.server.backup;

import static rotagens.server.backup.BackupWords.WORDS;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import rotagens.server.storage.DataFileCheck;
import rotagens.server.storage.DataFileException;

/**
 * A backup: one ZIP file with a consistent copy of the database and the photos it names. Making one needs no pause of the
 * running program. It is read back and checked before it counts; what doesn't hold is thrown away.
 */
final class BackupFile {

    static final String DATABASE = "rotagens.sqlite";
    static final String PHOTOS = "photos";

    private static final int BUFFER = 64 * 1024;
    private static final Pattern NAME = Pattern.compile("rotagens-(\\d{8}T\\d{6}Z)\\.zip");
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss'Z'");
    private static final Pattern PHOTO = Pattern.compile("photos/(small-)?[0-9a-f-]{36}\\.jpg");

    private BackupFile() {}

    /** What a backup can't do, in words for whoever keeps the machine. */
    static final class Failed extends Exception {
        Failed(String says) {
            super(says);
        }

        Failed(String says, Exception cause) {
            super(says + ": " + cause.getMessage(), cause);
        }
    }

    /** When a backup was made, from its name. */
    static Optional<Instant> madeAt(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        return name.matches()
                ? Optional.of(
                        java.time.LocalDateTime.parse(name.group(1), STAMP).toInstant(ZoneOffset.UTC))
                : Optional.empty();
    }

    /** The backups of a folder, newest first; other files aren't ours and never touched. */
    static List<Path> in(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> madeAt(file).isPresent())
                    .sorted(Comparator.comparing((Path file) -> madeAt(file).orElseThrow())
                            .reversed())
                    .toList();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException("The backup folder can’t be read", e);
        }
    }

    /**
     * Makes one, checks it, and forgets the oldest ones beyond {@code keep}.
     *
     * @return the new backup
     */
    static Path make(Path data, Path folder, Instant now, int keep) throws Failed {
        Path half = null;
        Path copy = null;
        try {
            Files.createDirectories(folder);
            copy = Files.createTempFile(folder, "copy", ".sqlite");
            Files.delete(copy); // SQLite wants to make it itself
            try (Connection database = open(data.resolve(DATABASE));
                    Statement statement = database.createStatement()) {
                // The copy is packed and thrown away: what is kept is brought onto the disk below, bit by bit.
                statement.execute("PRAGMA synchronous = OFF");
                statement.execute("VACUUM INTO '" + copy.toString().replace("'", "''") + "'");
            }
            half = Files.createTempFile(folder, "half", ".zip");
            pack(copy, data.resolve(PHOTOS), half);
            check(half);
            Path done =
                    folder.resolve("rotagens-" + now.atOffset(ZoneOffset.UTC).format(STAMP) + ".zip");
            Files.move(half, done, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            List<Path> all = in(folder);
            for (Path old : all.subList(Math.min(keep, all.size()), all.size())) {
                Files.delete(old);
            }
            return done;
        } catch (IOException | SQLException e) {
            throw new Failed(WORDS.say("noBackupWasMade", "folder", folder), e);
        } finally {
            discard(half);
            discard(copy);
        }
    }

    private static Connection open(Path database) throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + database);
    }

    private static void discard(Path file) {
        try {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException left) {
            // A leftover has no backup's name and is never taken for one.
        }
    }

    private static void pack(Path database, Path photos, Path zip) throws IOException {
        try (FileChannel file = FileChannel.open(zip, StandardOpenOption.WRITE);
                ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(new SteadyOutput(file), BUFFER))) {
            out.setLevel(Deflater.BEST_SPEED);
            put(out, DATABASE, database);
            if (Files.isDirectory(photos)) {
                try (Stream<Path> all = Files.list(photos)) {
                    for (Path photo : all.sorted().toList()) {
                        String name = PHOTOS + "/" + photo.getFileName();
                        if (PHOTO.matcher(name).matches()) {
                            put(out, name, photo);
                        }
                    }
                }
            }
        }
    }

    private static void put(ZipOutputStream out, String name, Path file) throws IOException {
        out.putNextEntry(new ZipEntry(name));
        Files.copy(file, out);
        out.closeEntry();
    }

    /** Reads a backup back and holds it against everything it must be; fails with what is wrong. */
    static void check(Path zip) throws Failed {
        Path folder = null;
        try {
            folder = Files.createTempDirectory(zip.toAbsolutePath().getParent(), "check");
            unpack(zip, folder);
        } catch (IOException e) {
            throw new Failed(WORDS.say("backupCantBeReadBack"), e);
        } finally {
            remove(folder);
        }
    }

    /** Unpacks a backup into an empty folder and checks what came out. */
    static void unpack(Path zip, Path folder) throws Failed {
        try (ZipFile file = new ZipFile(zip.toFile())) {
            for (ZipEntry entry : java.util.Collections.list(file.entries())) {
                String name = entry.getName();
                // Names are ours or nothing: no other file, and none outside the folder.
                if (!name.equals(DATABASE) && !PHOTO.matcher(name).matches()) {
                    throw new Failed(WORDS.say("thisIsntABackup", "name", name));
                }
                Path to = folder.resolve(name);
                Files.createDirectories(to.getParent());
                try (InputStream in = file.getInputStream(entry)) {
                    Files.copy(in, to);
                }
            }
        } catch (IOException e) {
            throw new Failed(WORDS.say("thisFileCantBeRead"), e);
        }
        if (!Files.exists(folder.resolve(DATABASE))) {
            throw new Failed(WORDS.say("thisIsntABackup2"));
        }
        try {
            DataFileCheck.check(folder.resolve(DATABASE));
        } catch (DataFileException e) {
            throw new Failed(WORDS.say(
                    "thisBackupCantBeUsed",
                    "message",
                    e.getMessage().replace(folder.resolve(DATABASE).toString(), "it")));
        }
        List<String> wrong = faults(folder);
        if (!wrong.isEmpty()) {
            throw new Failed(WORDS.say(
                    "backupIsDamaged", "wrong", String.join("; ", wrong.subList(0, Math.min(3, wrong.size())))));
        }
    }

    /** What doesn't hold in a data folder: the file's own structure, its references, the ledger, photos without their file. */
    static List<String> faults(Path folder) {
        List<String> wrong = new ArrayList<>();
        try (Connection database = open(folder.resolve(DATABASE));
                Statement statement = database.createStatement()) {
            for (String line : column(statement, "PRAGMA integrity_check")) {
                if (!line.equals("ok")) {
                    wrong.add(line);
                }
            }
            column(statement, "PRAGMA foreign_key_check")
                    .forEach(table -> wrong.add(WORDS.say("lineOfBelongsToNothing", "table", table)));
            boolean earlier =
                    !column(statement, HistoryIntegrityCheck.IS_EARLIER).isEmpty();
            column(statement, HistoryIntegrityCheck.broken(earlier))
                    .forEach(tire -> wrong.add(WORDS.say("tireIsNotWhere", "tire", tire)));
            for (String photo : column(statement, "SELECT file FROM photo")) {
                if (!Files.exists(folder.resolve(PHOTOS).resolve(photo))) {
                    wrong.add(WORDS.say("photoIsMissing", "photo", photo));
                }
            }
        } catch (SQLException e) {
            wrong.add(e.getMessage());
        }
        return wrong;
    }

    private static List<String> column(Statement statement, String sql) throws SQLException {
        List<String> values = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }

    /** Removes a folder of ours with what is in it. */
    static void remove(Path folder) {
        if (folder == null) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted(Comparator.reverseOrder()).forEach(BackupFile::discard);
        } catch (IOException left) {
            // A leftover folder does no harm.
        }
    }
}
