package rotagens.core.pressure;

/** The schools of practice for a cold pressure, in the order they stand beside each other. */
public enum PressureMethod {
    /** What the vehicle’s maker printed for the original tires. */
    PLACARD("Placard", "Original size and load type, light vehicles, no weight known"),
    /** What another tire needs to carry what the original carried. */
    PLACARD_EQUIVALENT("Placard equivalent", "Another size or load type than the placard’s, no weight known"),
    /** What the tire maker’s chart gives for the load that was weighed. */
    WEIGHED_LOAD("Weighed load", "Constant known loads; changed tire sizes"),
    /** What is molded for the tire’s maximum load. */
    RATED_LOAD(
            "Rated load", "Vehicles always near their limit; harsh, and wears the center where the load isn’t there"),
    /** What a chalk line shows, within need and maximum. */
    CHALK_TEST("Chalk test", "Ride and even wear on lightly loaded trucks, by chalk on the tread");

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
