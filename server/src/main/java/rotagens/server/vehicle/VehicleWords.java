package rotagens.server.vehicle;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class VehicleWords {

    static final Words WORDS = Words.beside(VehicleWords.class);

    private VehicleWords() {}
}
