package rotagens.server.backup;

import static rotagens.server.backup.BackupWords.WORDS;

import java.io.IOException;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import rotagens.server.backup.BackupFile.Failed;
import rotagens.server.storage.DataFolderLock;

/** Puts a backup in the place of what is there: checked first, and the old kept beside it. */
final class Restore {

    private static final List<String> REPLACED = List.of(
            BackupFile.DATABASE,
            BackupFile.DATABASE + "-wal",
            BackupFile.DATABASE + "-shm",
            BackupFile.PHOTOS,
            "sessions");
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss'Z'");

    private Restore() {}

    /**
     * Restores.
     *
     * @return where the old data lies now; null where there was none
     */
    static Path restore(Path zip, Path data, Instant now) throws Failed {
        Path fresh = null;
        try {
            Files.createDirectories(data);
            try (FileLock held = DataFolderLock.take(data)) {
                if (held == null) {
                    throw new Failed(WORDS.say("rotagensIsRunningOnStop", "data", data));
                }
                fresh = Files.createTempDirectory(data, "restoring");
                BackupFile.unpack(zip, fresh);
                Path old = data.resolve(
                        "before-restore-" + now.atOffset(ZoneOffset.UTC).format(STAMP));
                boolean had = Files.exists(data.resolve(BackupFile.DATABASE));
                for (String name : REPLACED) {
                    if (Files.exists(data.resolve(name))) {
                        Files.createDirectories(old);
                        Files.move(data.resolve(name), old.resolve(name));
                    }
                }
                for (String name : List.of(BackupFile.PHOTOS, BackupFile.DATABASE)) {
                    if (Files.exists(fresh.resolve(name))) {
                        Files.move(fresh.resolve(name), data.resolve(name));
                    }
                }
                return had ? old : null;
            }
        } catch (IOException e) {
            throw new Failed(WORDS.say("backupCouldNotBePut", "data", data), e);
        } finally {
            BackupFile.remove(fresh);
        }
    }
}
