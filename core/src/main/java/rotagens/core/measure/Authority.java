package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

/** Who says so, highest first: where two disagree, the higher one wins. */
public enum Authority {
    /** A law or a regulation. */
    LAW(WORDS.say("law")),
    /** A standard of the trade. */
    STANDARD(WORDS.say("standard")),
    /** The maker of the tire, the wheel, the vehicle or the gauge. */
    MANUFACTURER(WORDS.say("manufacturer")),
    /** The fleet’s own number. */
    FLEET_POLICY(WORDS.say("fleetPolicy")),
    /** This product’s number, where the fleet has set none. */
    DEFAULT(WORDS.say("default"));

    private final String label;

    Authority(String words) {
        this.label = words;
    }

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return label;
    }
}
