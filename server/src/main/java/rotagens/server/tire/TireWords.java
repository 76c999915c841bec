package rotagens.server.tire;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class TireWords {

    static final Words WORDS = Words.beside(TireWords.class);

    private TireWords() {}
}
