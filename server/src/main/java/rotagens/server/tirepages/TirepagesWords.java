package rotagens.server.tirepages;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class TirepagesWords {

    static final Words WORDS = Words.beside(TirepagesWords.class);

    private TirepagesWords() {}
}
