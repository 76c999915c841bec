package rotagens.server.search;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class SearchWords {

    static final Words WORDS = Words.beside(SearchWords.class);

    private SearchWords() {}
}
