package rotagens.server.today;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class TodayWords {

    static final Words WORDS = Words.beside(TodayWords.class);

    private TodayWords() {}
}
