package rotagens.server.jobsheet;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class JobsheetWords {

    static final Words WORDS = Words.beside(JobsheetWords.class);

    private JobsheetWords() {}
}
