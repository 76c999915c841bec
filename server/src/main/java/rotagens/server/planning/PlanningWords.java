package rotagens.server.planning;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PlanningWords {

    static final Words WORDS = Words.beside(PlanningWords.class);

    private PlanningWords() {}
}
