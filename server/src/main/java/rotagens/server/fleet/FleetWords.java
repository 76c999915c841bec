package rotagens.server.fleet;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class FleetWords {

    static final Words WORDS = Words.beside(FleetWords.class);

    private FleetWords() {}
}
