package rotagens.server.purchasing;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PurchasingWords {

    static final Words WORDS = Words.beside(PurchasingWords.class);

    private PurchasingWords() {}
}
