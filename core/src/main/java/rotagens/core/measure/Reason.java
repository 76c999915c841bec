package rotagens.core.measure;

/**
 * Why something was decided: the rule, the figure, the limit it was held against, and what follows.
 *
 * @param says the finding in a few words, figure first, for example <i>3/32 in, limit 4/32 in on steer</i>
 * @param figure what was read or counted, alone
 * @param limit what it was held against, alone; empty text where the rule has none
 * @param because what it means and what to do
 */
public record Reason(Rule rule, Phrase says, Phrase figure, Phrase limit, Phrase because) {

    public static Reason of(Rule rule, Phrase says, Phrase figure, Phrase limit, String because) {
        return new Reason(rule, says, figure, limit, Phrase.of(because));
    }
}
