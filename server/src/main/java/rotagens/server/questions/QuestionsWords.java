package rotagens.server.questions;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class QuestionsWords {

    static final Words WORDS = Words.beside(QuestionsWords.class);

    private QuestionsWords() {}
}
