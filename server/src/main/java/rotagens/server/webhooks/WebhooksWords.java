package rotagens.server.webhooks;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class WebhooksWords {

    static final Words WORDS = Words.beside(WebhooksWords.class);

    private WebhooksWords() {}
}
