package rotagens.server.vehicleevent;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class VehicleeventWords {

    static final Words WORDS = Words.beside(VehicleeventWords.class);

    private VehicleeventWords() {}
}
