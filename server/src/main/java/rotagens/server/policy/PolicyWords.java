package rotagens.server.policy;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PolicyWords {

    static final Words WORDS = Words.beside(PolicyWords.class);

    private PolicyWords() {}
}
