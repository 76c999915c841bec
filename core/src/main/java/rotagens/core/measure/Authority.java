package rotagens.core.measure;

/** Who says so, highest first: where two disagree, the higher one wins. */
public enum Authority {
    /** A law or a regulation. */
    LAW("law"),
    /** A standard of the trade. */
    STANDARD("standard"),
    /** The maker of the tire, the wheel, the vehicle or the gauge. */
    MANUFACTURER("manufacturer"),
    /** The fleet’s own number. */
    FLEET_POLICY("fleet policy"),
    /** This product’s number, where the fleet has set none. */
    DEFAULT("default");

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
