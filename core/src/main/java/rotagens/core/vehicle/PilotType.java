package rotagens.core.vehicle;

/** How a wheel is centered. The two look alike and never interchange. */
public enum PilotType {
    /** Smaller stud holes, one two-piece flanged nut with washer. */
    HUB,
    /** Larger chamfered holes, bevelled nuts. */
    STUD;

    public String label() {
        return this == HUB ? "hub-piloted" : "stud-piloted";
    }
}
