package rotagens.server.pdf;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PdfWords {

    static final Words WORDS = Words.beside(PdfWords.class);

    private PdfWords() {}
}
