package rotagens.server.sensors;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class SensorsWords {

    static final Words WORDS = Words.beside(SensorsWords.class);

    private SensorsWords() {}
}
