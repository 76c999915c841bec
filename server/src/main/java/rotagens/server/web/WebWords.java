package rotagens.server.web;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class WebWords {

    static final Words WORDS = Words.beside(WebWords.class);

    private WebWords() {}
}
