package rotagens.server.notes;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class NotesWords {

    static final Words WORDS = Words.beside(NotesWords.class);

    private NotesWords() {}
}
