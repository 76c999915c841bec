package rotagens.server.shop;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class ShopWords {

    static final Words WORDS = Words.beside(ShopWords.class);

    private ShopWords() {}
}
