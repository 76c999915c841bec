package rotagens.server.inspection;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class InspectionWords {

    static final Words WORDS = Words.beside(InspectionWords.class);

    private InspectionWords() {}
}
