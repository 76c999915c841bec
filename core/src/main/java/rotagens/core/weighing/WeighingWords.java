package rotagens.core.weighing;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class WeighingWords {

    static final Words WORDS = Words.beside(WeighingWords.class);

    private WeighingWords() {}
}
