package rotagens.server.integration;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class IntegrationWords {

    static final Words WORDS = Words.beside(IntegrationWords.class);

    private IntegrationWords() {}
}
