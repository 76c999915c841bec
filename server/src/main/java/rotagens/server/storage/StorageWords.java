package rotagens.server.storage;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class StorageWords {

    static final Words WORDS = Words.beside(StorageWords.class);

    private StorageWords() {}
}
