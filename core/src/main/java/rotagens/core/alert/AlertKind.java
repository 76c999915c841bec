package rotagens.core.alert;

/** The kinds of alert, each with the only thing that clears it. */
public enum AlertKind {
    /** A depth, bar or coin at or under a limit. */
    TREAD("Tread at a limit", "a newer depth of the same groove at as many places round the tire, or another tire"),
    /** Read at 80 % or less of the target it was driven at. */
    RUN_FLAT("Ran at 80% of target or less", "a look inside with a tire professional’s verdict, or another tire"),
    /** Losing more than 5 % a month. */
    LEAK("Leak", "a named repair, and a cold reading that holds at least a week later"),
    /** A drop too quick to be called a leak yet. */
    SUSPECTED_LEAK("Suspected leak", "a named repair, and a cold reading that holds at least a week later"),
    /** Read under what the load needs. */
    UNDER_MINIMUM("Under the minimum for the load", "a cold reading at or over it"),
    /** Read cold over what tire or wheel allow. */
    OVER_MAXIMUM("Over a maximum", "a cold reading at or under it"),
    /** Struck, nobody has looked yet. */
    STRIKE("Strike", "both sidewalls, the wheel and the joints there looked at"),
    /** Anything else found by eye or hand. */
    FINDING("Found by inspection", "what its type requires: a fix, a tire professional’s verdict, or another tire");

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
