package rotagens.core.shop;

import rotagens.core.measure.Phrase;

/** One rule a placement breaks, with its ground. */
public record Clash(ShopRule rule, Phrase says) {}
