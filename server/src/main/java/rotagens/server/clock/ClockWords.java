package rotagens.server.clock;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class ClockWords {

    static final Words WORDS = Words.beside(ClockWords.class);

    private ClockWords() {}
}
