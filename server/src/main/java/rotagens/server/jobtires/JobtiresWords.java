package rotagens.server.jobtires;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class JobtiresWords {

    static final Words WORDS = Words.beside(JobtiresWords.class);

    private JobtiresWords() {}
}
