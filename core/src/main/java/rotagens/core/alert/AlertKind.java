package rotagens.core.alert;

/** The kinds of alert, each with the only thing that clears it. */
public enum AlertKind {
    TREAD("Tread at a limit", "a newer depth of the same groove at as many places round the tire, or another tire"),
    RAN_LOW("Ran at 80 % of target or less", "a look inside with a tire professional’s verdict, or another tire"),
    LEAK("Leak", "a named repair, and a cold reading that holds at least a week later"),
    SUSPECTED_LEAK("Suspected leak", "a named repair, and a cold reading that holds at least a week later"),
    UNDER_MINIMUM("Under the minimum for the load", "a cold reading at or over it"),
    OVER_MAXIMUM("Over a maximum", "a cold reading at or under it"),
    STRIKE("Strike", "both sidewalls, the wheel and the joints there looked at"),
    FINDING("Found by eye or hand", "what its kind asks: put right, a professional’s verdict, or another tire");

    private final String words;
    private final String clearedBy;

    AlertKind(String words, String clearedBy) {
        this.words = words;
        this.clearedBy = clearedBy;
    }

    public String words() {
        return words;
    }

    /** What clears it, in words. */
    public String clearedBy() {
        return clearedBy;
    }
}
