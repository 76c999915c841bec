package rotagens.server.web;

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
        }
        return Optional.empty();
    }

    private static Optional<Problem> of(SQLiteErrorCode code) {
        // Extended codes carry their family in the lowest byte.
        return Optional.ofNullable(
                        switch (code.code & 0xff) {
                            case 5, 6 -> "Another program holds the data, a backup tool perhaps.";
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
}
