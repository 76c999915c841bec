package rotagens.server.fleetpages;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class FleetpagesWords {

    static final Words WORDS = Words.beside(FleetpagesWords.class);

    private FleetpagesWords() {}
}
