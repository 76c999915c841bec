package rotagens.server.machines;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class MachinesWords {

    static final Words WORDS = Words.beside(MachinesWords.class);

    private MachinesWords() {}
}
