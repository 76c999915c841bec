package rotagens.server.rotation;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class RotationWords {

    static final Words WORDS = Words.beside(RotationWords.class);

    private RotationWords() {}
}
