package rotagens.core.pressure;

/** The schools of practice for a cold pressure, in the order they stand beside each other. */
public enum School {
    PLACARD("Placard", "Original size and load type, light vehicles, no weight known"),
    EQUIVALENT("Placard equivalent", "Another size or load type than the placard’s, no weight known"),
    WEIGHED("Weighed", "Constant known loads; changed tire sizes"),
    RATED("Rated load", "Vehicles always near their limit; harsh, and wears the center where the load isn’t there"),
    TRIM("Contact trim", "Ride and even wear on lightly loaded trucks, by chalk line");

    private final String words;
    private final String rightWhen;

    School(String words, String rightWhen) {
        this.words = words;
        this.rightWhen = rightWhen;
    }

    public String words() {
        return words;
    }

    public String rightWhen() {
        return rightWhen;
    }
}
