package rotagens.server.facts;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class FactsWords {

    static final Words WORDS = Words.beside(FactsWords.class);

    private FactsWords() {}
}
