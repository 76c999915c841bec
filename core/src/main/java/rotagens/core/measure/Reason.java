package rotagens.core.measure;

/**
 * Why something was decided: the rule, the figure, the limit it was held against, and what follows.
 *
 * @param rule what it rests on
 * @param statement the finding in a few words, figure first, for example <i>3/32 in, limit 4/32 in on steer</i>
 * @param value what was read or counted, alone
 * @param limit what it was held against, alone; empty text where the rule has none
 * @param explanation what it means and what to do
 */
public record Reason(Rule rule, Message statement, Message value, Message limit, Message explanation) {

    /**
     * A reason whose explanation holds no figures.
     *
     * @param rule what it rests on
     * @param says the finding in a few words
     * @param figure what was read, alone
     * @param limit what it was held against, alone
     * @param because what it means and what to do
     * @return the reason
     */
    public static Reason of(Rule rule, Message says, Message figure, Message limit, String because) {
        return new Reason(rule, says, figure, limit, Message.of(because));
    }
}
