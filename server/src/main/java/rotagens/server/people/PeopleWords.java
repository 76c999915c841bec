package rotagens.server.people;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PeopleWords {

    static final Words WORDS = Words.beside(PeopleWords.class);

    private PeopleWords() {}
}
