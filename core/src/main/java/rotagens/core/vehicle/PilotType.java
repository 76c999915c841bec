package rotagens.core.vehicle;

/** How a wheel is centered. The two look alike and never interchange. */
public enum PilotType {
    /** Smaller stud holes, one two-piece flanged nut with washer. */
    HUB,
    /** Larger chamfered holes, bevelled nuts. */
    STUD;

    /**
     * What it is called.
     *
     * @return for the middle of a sentence
     */
    public String label() {
        return this == HUB ? "hub-piloted" : "stud-piloted";
    }
}
