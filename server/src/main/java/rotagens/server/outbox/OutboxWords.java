package rotagens.server.outbox;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class OutboxWords {

    static final Words WORDS = Words.beside(OutboxWords.class);

    private OutboxWords() {}
}
