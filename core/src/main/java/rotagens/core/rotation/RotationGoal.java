package rotagens.core.rotation;

import static rotagens.core.rotation.RotationWords.WORDS;

import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;

/** What a rotation is for. Each weighs the same figures differently; the figures stand beside every proposal. */
public enum RotationGoal {
    /** Buy late, wear evenly. */
    EVEN_WEAR(
            WORDS.say("evenWear"),
            WORDS.say("nextForcedPurchaseAsLate"),
            true,
            new ScoreWeights(1_000_000, 0, 200, 400, 10, 20, 0)),
    /** The newest in front, the older ones used up behind. */
    NEWEST_ON_STEER(
            WORDS.say("newestOnSteer"),
            WORDS.say("newestTiresOnSteerOlder"),
            false,
            new ScoreWeights(1_000_000, 400, 40, 100, 10, 20, 1)),
    /** As few wheels and beads as the rules allow. */
    LEAST_LABOR(
            WORDS.say("leastLabor"),
            WORDS.say("fewestWheelsLifted"),
            false,
            new ScoreWeights(3_000, 0, 1, 2, 10_000, 4_000, 0)),
    /** By the fleet’s own points. */
    CUSTOM(WORDS.say("customWeights"), WORDS.say("weighedByThePoints"), false, null);

    /**
     * What each figure counts, in points; less is better.
     *
     * @param broughtIn a tire bought or taken from stock
     * @param steerYear a year of age on the steer axle
     * @param spread32nd a 32nd of tread between the tires of an axle
     * @param dual32nd a 32nd of an inch between the diameters of a dual
     * @param lifted a wheel lifted
     * @param demounted a tire taken off or put on a wheel
     * @param unusedMonth a month of life in a tire that is taken off
     */
    public record ScoreWeights(
            long broughtIn,
            long steerYear,
            long spread32nd,
            long dual32nd,
            long lifted,
            long demounted,
            long unusedMonth) {

        /** The fleet’s own, as its policy sets them. */
        static ScoreWeights own(Policy.ClassPolicy policy) {
            return new ScoreWeights(
                    Math.round(policy.number(PolicyNumber.CUSTOM_BROUGHT_IN)),
                    Math.round(policy.number(PolicyNumber.CUSTOM_STEER_YEAR)),
                    Math.round(policy.number(PolicyNumber.CUSTOM_SPREAD)),
                    Math.round(policy.number(PolicyNumber.CUSTOM_DUAL)),
                    Math.round(policy.number(PolicyNumber.CUSTOM_LIFTED)),
                    Math.round(policy.number(PolicyNumber.CUSTOM_DEMOUNTED)),
                    Math.round(policy.number(PolicyNumber.CUSTOM_UNUSED_MONTH)));
        }
    }

    private final String label;
    private final String means;
    private final boolean latestPurchaseFirst;
    private final ScoreWeights scoreWeights;

    RotationGoal(String words, String means, boolean latestPurchaseFirst, ScoreWeights scoreWeights) {
        this.label = words;
        this.means = means;
        this.latestPurchaseFirst = latestPurchaseFirst;
        this.scoreWeights = scoreWeights;
    }

    /**
     * Its name.
     *
     * @return a few words
     */
    public String label() {
        return label;
    }

    /**
     * What it comes to, for whoever chooses.
     *
     * @return a sentence
     */
    public String means() {
        return means;
    }

    boolean latestPurchaseFirst() {
        return latestPurchaseFirst;
    }

    /**
     * What each figure counts for a class of vehicles.
     *
     * @param policy of the class, whose own points count for the custom goal
     * @return in points; less is better
     */
    public ScoreWeights weights(Policy.ClassPolicy policy) {
        return scoreWeights == null ? ScoreWeights.own(policy) : scoreWeights;
    }
}
