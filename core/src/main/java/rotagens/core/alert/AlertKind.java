package rotagens.core.alert;

import static rotagens.core.alert.AlertWords.WORDS;

/** The kinds of alert, each with the only thing that clears it. */
public enum AlertKind {
    /** A depth, bar or coin at or under a limit. */
    TREAD(WORDS.say("treadAtALimit"), WORDS.say("newerDepthOfTheSame")),
    /** Read at 80 % or less of the target it was driven at. */
    RUN_FLAT(WORDS.say("ranAt80OfTarget"), WORDS.say("lookInsideWithATire")),
    /** Losing more than 5 % a month. */
    LEAK(WORDS.say("leak"), WORDS.say("namedRepairAndACold")),
    /** A drop too quick to be called a leak yet. */
    SUSPECTED_LEAK(WORDS.say("suspectedLeak"), WORDS.say("namedRepairAndACold")),
    /** Read under what the load needs. */
    UNDER_MINIMUM(WORDS.say("underTheMinimum"), WORDS.say("coldReadingAtOrOver")),
    /** Read cold over what tire or wheel allow. */
    OVER_MAXIMUM(WORDS.say("overAMaximum"), WORDS.say("coldReadingAtOrUnder")),
    /** Struck, nobody has looked yet. */
    STRIKE(WORDS.say("strike"), WORDS.say("bothSidewallsTheWheel")),
    /** Anything else found by eye or hand. */
    FINDING(WORDS.say("foundByInspection"), WORDS.say("whatItsTypeRequires"));

    private final String label;
    private final String clearedBy;

    AlertKind(String words, String clearedBy) {
        this.label = words;
        this.clearedBy = clearedBy;
    }

    /**
     * For people.
     *
     * @return what it is
     */
    public String label() {
        return label;
    }

    /**
     * The only thing that clears it.
     *
     * @return in words
     */
    public String clearedBy() {
        return clearedBy;
    }
}
