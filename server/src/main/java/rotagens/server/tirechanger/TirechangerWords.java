package rotagens.server.tirechanger;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class TirechangerWords {

    static final Words WORDS = Words.beside(TirechangerWords.class);

    private TirechangerWords() {}
}
