package rotagens.server.loads;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class LoadsWords {

    static final Words WORDS = Words.beside(LoadsWords.class);

    private LoadsWords() {}
}
