package rotagens.server.lan;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class LanWords {

    static final Words WORDS = Words.beside(LanWords.class);

    private LanWords() {}
}
