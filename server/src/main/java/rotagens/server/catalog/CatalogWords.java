package rotagens.server.catalog;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class CatalogWords {

    static final Words WORDS = Words.beside(CatalogWords.class);

    private CatalogWords() {}
}
