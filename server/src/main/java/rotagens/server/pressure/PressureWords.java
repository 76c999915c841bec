package rotagens.server.pressure;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PressureWords {

    static final Words WORDS = Words.beside(PressureWords.class);

    private PressureWords() {}
}
