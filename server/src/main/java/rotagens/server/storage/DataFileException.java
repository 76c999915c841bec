package rotagens.server.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** The data folder holds a file this program must not open; said in words instead of a stack trace. */
public final class DataFileException extends IllegalStateException {

    private final String action;

    DataFileException(String says, String action) {
        super(says);
        this.action = action;
    }

    /** What whoever keeps the machine does about it. */
    public String action() {
        return action;
    }

    /** For Spring Boot, which asks it at a failed start. */
    static final class Analyzer extends AbstractFailureAnalyzer<DataFileException> {

        @Override
        protected FailureAnalysis analyze(Throwable failure, DataFileException cause) {
            return new FailureAnalysis(cause.getMessage(), cause.action(), cause);
        }
    }
}
