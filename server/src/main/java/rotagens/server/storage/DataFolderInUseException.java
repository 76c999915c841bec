package rotagens.server.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Another program works on the data folder; said in words instead of a stack trace. */
final class DataFolderInUseException extends IllegalStateException {

    DataFolderInUseException(String folder) {
        super("Another Rotagens works on the data folder " + folder + ".");
    }

    /** For Spring Boot, which asks it at a failed start. */
    static final class Analyzer extends AbstractFailureAnalyzer<DataFolderInUseException> {

        @Override
        protected FailureAnalysis analyze(Throwable failure, DataFolderInUseException cause) {
            return new FailureAnalysis(
                    cause.getMessage(), "Stop the other one, or name another folder: --data FOLDER", cause);
        }
    }
}
