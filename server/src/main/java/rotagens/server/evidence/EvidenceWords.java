package rotagens.server.evidence;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class EvidenceWords {

    static final Words WORDS = Words.beside(EvidenceWords.class);

    private EvidenceWords() {}
}
