package rotagens.server.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import rotagens.server.backup.BackupFile.Failed;
import rotagens.server.web.ProblemException;

/** Makes a backup every night, and one when it is asked for; says when the last one failed. */
@Service
class Backups {

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final Duration A_DAY = Duration.ofHours(24);

    /** One backup; its name says when it was made. */
    record BackupView(String name, Instant madeAt, long kilobytes) {}

    /**
     * What there is.
     *
     * @param problem why the last try failed; null where it didn't
     */
    record BackupsView(
            String folder,
            int keep,
            List<BackupView> backups,
            @Nullable String problem) {}

    private final Path data;
    private final Path folder;
    private final int keep;
    private final boolean nightly;
    private final Clock clock;
    private volatile @Nullable String problem;

    Backups(
            @Value("${rotagens.data}") Path data,
            @Value("${rotagens.backup.folder}") Path folder,
            @Value("${rotagens.backup.keep}") int keep,
            @Value("${rotagens.backup.nightly}") boolean nightly,
            Clock clock) {
        this.data = data;
        this.folder = folder;
        this.keep = keep;
        this.nightly = nightly;
        this.clock = clock;
    }

    BackupsView all() {
        return new BackupsView(
                folder.toAbsolutePath().normalize().toString(),
                keep,
                BackupFile.in(folder).stream().map(Backups::view).toList(),
                problem);
    }

    private static BackupView view(Path file) {
        try {
            return new BackupView(
                    file.getFileName().toString(), BackupFile.madeAt(file).orElseThrow(), Files.size(file) / 1024 + 1);
        } catch (IOException e) {
            throw new UncheckedIOException("The backup folder can’t be read", e);
        }
    }

    /** Makes one now. */
    synchronized BackupView make() {
        try {
            Path made = BackupFile.make(data, folder, clock.instant(), keep);
            problem = null;
            return view(made);
        } catch (Failed e) {
            problem = e.getMessage();
            LOG.error("{}", problem);
            throw ProblemException.conflict(problem);
        }
    }

    /** Once an hour it looks whether the newest backup is a day old: a machine that is off at night still gets its backup. */
    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT1H")
    void nightly() {
        Optional<Instant> newest = BackupFile.in(folder).stream().findFirst().flatMap(BackupFile::madeAt);
        boolean due = newest.map(at -> at.plus(A_DAY).isBefore(clock.instant())).orElse(true);
        if (nightly && due) {
            try {
                make();
            } catch (ProblemException told) {
                // It stands in the log and on the page; the next hour tries again.
            }
        }
    }
}
