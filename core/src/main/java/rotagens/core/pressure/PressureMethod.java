package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

/** The schools of practice for a cold pressure, in the order they stand beside each other. */
public enum PressureMethod {
    /** What the vehicle’s maker printed for the original tires. */
    PLACARD(WORDS.say("placard"), WORDS.say("originalSizeAndLoadType")),
    /** What another tire needs to carry what the original carried. */
    PLACARD_EQUIVALENT(WORDS.say("placardEquivalent"), WORDS.say("anotherSizeOrLoadType")),
    /** What the tire maker’s chart gives for the load that was weighed. */
    WEIGHED_LOAD(WORDS.say("weighedLoad"), WORDS.say("constantKnownLoadsChangedTire")),
    /** What is molded for the tire’s maximum load. */
    RATED_LOAD(WORDS.say("ratedLoad"), WORDS.say("vehiclesAlwaysNearTheirLimit")),
    /** What a chalk line shows, within need and maximum. */
    CHALK_TEST(WORDS.say("chalkTest"), WORDS.say("rideAndEvenWear"));

    private final String label;
    private final String useWhen;

    PressureMethod(String words, String rightWhen) {
        this.label = words;
        this.useWhen = rightWhen;
    }

    /**
     * What it is called.
     *
     * @return for a choice
     */
    public String label() {
        return label;
    }

    /**
     * When it fits.
     *
     * @return in a few words
     */
    public String useWhen() {
        return useWhen;
    }
}
