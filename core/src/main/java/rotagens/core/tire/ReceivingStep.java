package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.util.Optional;

/**
 * The steps of a receiving inspection, in order: a delivery is taken in once each is done, or left out with a reason where it may
 * be. Source: makers' advice on handling and storing tires; the order itself.
 */
public enum ReceivingStep {
    /** The tires are counted. */
    COUNT(WORDS.say("countThemAgainstTheDelivery"), WORDS.say("allTiresOfThisDelivery"), null, false),
    /** Each is looked at as it comes off. */
    UNLOAD(WORDS.say("lookAtEachTire"), WORDS.say("beadsNotKinkedOrTorn"), WORDS.say("rollDontThrowAHeavy"), true),
    /** Each sidewall is compared with the order. */
    SIDEWALL(WORDS.say("compareEachSidewall"), WORDS.say("sizeLoadRangeServiceDescription"), null, false),
    /** Each DOT code is read. */
    DOT(WORDS.say("readEachDotCode"), WORDS.say("fullCodeWithItsDate"), null, false),
    /** Each gets its number. */
    NUMBER(WORDS.say("brandOrPaintTheNumber"), WORDS.say("numberEachTireIsFound"), null, true),
    /** They are stored. */
    STORE(WORDS.say("storeThem"), WORDS.say("coolDarkDryAwayFrom"), WORDS.say("stacksFallNoHigherThan"), true);

    private final String title;
    private final String does;
    private final String caution;
    private final boolean mayBeLeftOut;

    ReceivingStep(String title, String does, String caution, boolean mayBeLeftOut) {
        this.title = title;
        this.does = does;
        this.caution = caution;
        this.mayBeLeftOut = mayBeLeftOut;
    }

    /**
     * What it is called.
     *
     * @return begins with what to do
     */
    public String title() {
        return title;
    }

    /**
     * What to do.
     *
     * @return a sentence or two
     */
    public String does() {
        return does;
    }

    /**
     * What hurts somebody here, and only that.
     *
     * @return empty where nothing does
     */
    public Optional<String> caution() {
        return Optional.ofNullable(caution);
    }

    /**
     * Whether a reason may stand in its place.
     *
     * @return false for what the record stands on
     */
    public boolean mayBeLeftOut() {
        return mayBeLeftOut;
    }

    /**
     * Done because the figures of the delivery say so, and not by a tick: comparing sidewalls and reading codes happens tire by
     * tire.
     *
     * @return for counting, sidewalls and codes
     */
    public boolean doneByFigures() {
        return this == SIDEWALL || this == DOT || this == COUNT;
    }

    /**
     * Why a count doesn't fit what was entered; empty where it does.
     *
     * @param counted tires on the ground
     * @param entered tires in the delivery
     * @return in words
     */
    public static Optional<String> againstCount(int counted, int entered) {
        if (counted == entered) {
            return Optional.empty();
        }
        return Optional.of(
                counted > entered
                        ? WORDS.say("countedButOnlyEnteredBelow", "counted", counted, "entered", entered)
                        : WORDS.say("enteredBelowButOnlyCounted", "entered", entered, "counted", counted));
    }
}
