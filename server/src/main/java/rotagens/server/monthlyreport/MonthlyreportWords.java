package rotagens.server.monthlyreport;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class MonthlyreportWords {

    static final Words WORDS = Words.beside(MonthlyreportWords.class);

    private MonthlyreportWords() {}
}
