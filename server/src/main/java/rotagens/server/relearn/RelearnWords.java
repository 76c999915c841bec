package rotagens.server.relearn;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class RelearnWords {

    static final Words WORDS = Words.beside(RelearnWords.class);

    private RelearnWords() {}
}
