package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

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
                return Optional.of(busy(WORDS.say("othersAreSaving")));
            }
        }
        return Optional.empty();
    }

    private static Optional<Problem> of(SQLiteErrorCode code) {
        // Extended codes carry their family in the lowest byte.
        int family = code.code & 0xff;
        if (family == 5 || family == 6) {
            return Optional.of(busy(WORDS.say("anotherProgramHoldsTheData")));
        }
        return Optional.ofNullable(
                        switch (family) {
                            case 8 -> WORDS.say("dataFolderCantBeWritten");
                            case 10 -> WORDS.say("diskDoesntReadOrWrite");
                            case 11, 26 -> WORDS.say("dataFileIsDamagedRestore");
                            case 13 -> WORDS.say("diskIsFull");
                            case 14 -> WORDS.say("dataFileCantBeOpened");
                            default -> null;
                        })
                .map(says -> Problem.of(
                        HttpStatus.INSUFFICIENT_STORAGE,
                        WORDS.say("dataCannotBeSavedNow"),
                        WORDS.say("nothingOfThisWasStored", "says", says)));
    }

    private static Problem busy(String says) {
        return Problem.of(
                HttpStatus.SERVICE_UNAVAILABLE, Problem.BUSY, WORDS.say("nothingOfThisWasStored2", "says", says));
    }
}
