package rotagens.core.wear;

import static rotagens.core.wear.WearWords.WORDS;

import rotagens.core.measure.TreadDepth;

/**
 * What a wear bar or a coin says of the lowest groove where no gauge is at hand: above a mark, or at or below it. It stays an
 * interval and is never turned into a figure: it can raise an alarm, but neither clears one nor makes a tread known. Wear bars
 * stand at 2/32 in (49 CFR 571.139).
 */
public enum TreadInterval {
    // The later, the worse.
    /** The coin shows more than 4/32 in left. */
    ABOVE_4(4, true, WORDS.say("above432")),
    /** More than 2/32 in left. */
    ABOVE_2(2, true, WORDS.say("above232")),
    /** 4/32 in or less. */
    AT_OR_BELOW_4(4, false, WORDS.say("atOrBelow432")),
    /** 2/32 in or less: the bars are level with the tread. */
    AT_OR_BELOW_2(2, false, WORDS.say("atOrBelow232"));

    private final TreadDepth mark;
    private final boolean above;
    private final String label;

    TreadInterval(int thirtySeconds, boolean above, String words) {
        this.mark = TreadDepth.of32nds(thirtySeconds);
        this.above = above;
        this.label = words;
    }

    /**
     * The depth the coin or bar stands for.
     *
     * @return 4/32 or 2/32 in
     */
    public TreadDepth mark() {
        return mark;
    }

    /**
     * The mark as coin and bar have it; the same in metric, for it names the coin's own mark.
     *
     * @return for a sentence, in lower case
     */
    public String label() {
        return label;
    }

    /**
     * Whether the tread is certainly at or under this depth.
     *
     * @param limit the depth it is held against
     * @return false also where nobody can tell
     */
    public boolean isAtOrBelow(TreadDepth limit) {
        return !above && mark.compareTo(limit) <= 0;
    }

    /**
     * Whether the tread is certainly over this depth.
     *
     * @param limit the depth it is held against
     * @return false also where nobody can tell
     */
    public boolean isAbove(TreadDepth limit) {
        return above && mark.compareTo(limit) >= 0;
    }
}
