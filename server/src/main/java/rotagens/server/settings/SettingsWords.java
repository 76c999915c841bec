package rotagens.server.settings;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class SettingsWords {

    static final Words WORDS = Words.beside(SettingsWords.class);

    private SettingsWords() {}
}
