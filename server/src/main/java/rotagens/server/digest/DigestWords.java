package rotagens.server.digest;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class DigestWords {

    static final Words WORDS = Words.beside(DigestWords.class);

    private DigestWords() {}
}
