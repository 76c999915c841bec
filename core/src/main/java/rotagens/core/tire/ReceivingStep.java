package rotagens.core.tire;

import java.util.Optional;

/**
 * The steps of a receiving inspection, in order: a delivery is taken in once each is done, or left out with a reason where it may
 * be. Source: makers' advice on handling and storing tires; the order itself.
 */
public enum ReceivingStep {
    /** The tires are counted. */
    COUNT("Count them against the delivery note", "All tires of this delivery, also those that go back.", null, false),
    /** Each is looked at as it comes off. */
    UNLOAD(
            "Look at each tire as it comes off the truck",
            "Beads not kinked or torn, no cuts, no oil, no water inside, nothing crushed flat. What is doubtful is refused with its reason.",
            "Roll, don’t throw. A heavy tire is a lift for two, or for a hoist.",
            true),
    /** Each sidewall is compared with the order. */
    SIDEWALL(
            "Compare each sidewall with the order",
            "Size, load range, service description, pattern. What differs is accepted by name or refused.",
            null,
            false),
    /** Each DOT code is read. */
    DOT("Read each DOT code", "The full code with its date. It may be on the other sidewall.", null, false),
    /** Each gets its number. */
    NUMBER("Brand or paint the number", "The number each tire is found by from now on.", null, true),
    /** They are stored. */
    STORE(
            "Store them",
            "Cool, dark, dry, away from motors and welding (ozone), off the oil; the oldest in front.",
            "Stacks fall: no higher than the tires are stable by themselves.",
            true);

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
                        ? counted + " counted, but only " + entered
                                + " entered below. Enter each tire that came, also those that go back."
                        : entered + " entered below, but only " + counted + " counted. Count again.");
    }
}
