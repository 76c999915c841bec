package rotagens.core.alert;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class AlertWords {

    static final Words WORDS = Words.beside(AlertWords.class);

    private AlertWords() {}
}
