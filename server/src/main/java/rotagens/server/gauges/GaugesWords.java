package rotagens.server.gauges;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class GaugesWords {

    static final Words WORDS = Words.beside(GaugesWords.class);

    private GaugesWords() {}
}
