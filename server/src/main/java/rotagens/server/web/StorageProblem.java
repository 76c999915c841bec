package rotagens.server.web;

import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** What the data folder can't do, in words for whoever works just now and whoever keeps the machine. */
final class StorageProblem {

    private StorageProblem() {}

    /** Empty where the failure isn't the storage's. */
    static Optional<Problem> of(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLiteException sqlite) {
                return of(sqlite.getResultCode());
            }
            if (cause instanceof SQLTransientConnectionException) {
                return Optional.of(busy("Others are saving at this moment."));
            }
        }
        return Optional.empty();
    }

    private static Optional<Problem> of(SQLiteErrorCode code) {
        // Extended codes carry their family in the lowest byte.
        int family = code.code & 0xff;
        if (family == 5 || family == 6) {
            return Optional.of(busy("Another program holds the data, a backup tool perhaps."));
        }
        return Optional.ofNullable(
                        switch (family) {
                            case 8 -> "The data folder can’t be written.";
                            case 10 -> "The disk doesn’t read or write as it should.";
                            case 11, 26 -> "The data file is damaged. Restore the last backup.";
                            case 13 -> "The disk is full.";
                            case 14 -> "The data file can’t be opened.";
                            default -> null;
                        })
                .map(
                        says -> Problem.of(
                                HttpStatus.INSUFFICIENT_STORAGE,
                                "The data cannot be saved now",
                                says
                                        + " Nothing of this was stored; what you typed is still here. Tell whoever keeps this machine."));
    }

    private static Problem busy(String says) {
        return Problem.of(
                HttpStatus.SERVICE_UNAVAILABLE,
                Problem.BUSY,
                says + " Nothing of this was stored; what you typed is still here and is sent again.");
    }
}
