package rotagens.server.walkaround;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class WalkaroundWords {

    static final Words WORDS = Words.beside(WalkaroundWords.class);

    private WalkaroundWords() {}
}
