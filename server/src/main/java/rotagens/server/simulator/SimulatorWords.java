package rotagens.server.simulator;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class SimulatorWords {

    static final Words WORDS = Words.beside(SimulatorWords.class);

    private SimulatorWords() {}
}
