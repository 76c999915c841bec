package rotagens.server.outlook;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class OutlookWords {

    static final Words WORDS = Words.beside(OutlookWords.class);

    private OutlookWords() {}
}
