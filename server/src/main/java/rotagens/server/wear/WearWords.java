package rotagens.server.wear;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class WearWords {

    static final Words WORDS = Words.beside(WearWords.class);

    private WearWords() {}
}
