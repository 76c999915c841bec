package rotagens.server.storage;

import static rotagens.server.storage.StorageWords.WORDS;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Another program works on the data folder; said in words instead of a stack trace. */
final class DataFolderInUseException extends IllegalStateException {

    DataFolderInUseException(String folder) {
        super(WORDS.say("anotherRotagensWorks", "folder", folder));
    }

    /** For Spring Boot, which asks it at a failed start. */
    static final class Analyzer extends AbstractFailureAnalyzer<DataFolderInUseException> {

        @Override
        protected FailureAnalysis analyze(Throwable failure, DataFolderInUseException cause) {
            return new FailureAnalysis(cause.getMessage(), WORDS.say("stopTheOtherOne"), cause);
        }
    }
}
