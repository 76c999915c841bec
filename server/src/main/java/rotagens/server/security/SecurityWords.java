package rotagens.server.security;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class SecurityWords {

    static final Words WORDS = Words.beside(SecurityWords.class);

    private SecurityWords() {}
}
