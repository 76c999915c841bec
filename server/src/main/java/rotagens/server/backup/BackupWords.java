package rotagens.server.backup;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class BackupWords {

    static final Words WORDS = Words.beside(BackupWords.class);

    private BackupWords() {}
}
