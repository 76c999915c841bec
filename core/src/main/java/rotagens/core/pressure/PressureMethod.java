package rotagens.core.pressure;

/** The schools of practice for a cold pressure, in the order they stand beside each other. */
public enum PressureMethod {
    PLACARD("Placard", "Original size and load type, light vehicles, no weight known"),
    PLACARD_EQUIVALENT("Placard equivalent", "Another size or load type than the placard’s, no weight known"),
    WEIGHED_LOAD("Weighed load", "Constant known loads; changed tire sizes"),
    RATED_LOAD(
            "Rated load", "Vehicles always near their limit; harsh, and wears the center where the load isn’t there"),
    CHALK_TEST("Chalk test", "Ride and even wear on lightly loaded trucks, by chalk on the tread");

    private final String label;
    private final String useWhen;

    PressureMethod(String words, String rightWhen) {
        this.label = words;
        this.useWhen = rightWhen;
    }

    public String label() {
        return label;
    }

    public String useWhen() {
        return useWhen;
    }
}
