package rotagens.core.fact;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class FactWords {

    static final Words WORDS = Words.beside(FactWords.class);

    private FactWords() {}
}
