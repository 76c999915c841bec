package rotagens.server.importexport;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class ImportexportWords {

    static final Words WORDS = Words.beside(ImportexportWords.class);

    private ImportexportWords() {}
}
