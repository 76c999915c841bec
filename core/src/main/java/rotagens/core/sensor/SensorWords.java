package rotagens.core.sensor;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class SensorWords {

    static final Words WORDS = Words.beside(SensorWords.class);

    private SensorWords() {}
}
