package rotagens.server.calendar;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class CalendarWords {

    static final Words WORDS = Words.beside(CalendarWords.class);

    private CalendarWords() {}
}
