package rotagens.core.job;

/** What is noted of a shop visit beside the work itself, in the order a visit runs. */
public enum VisitEntry {
    BOOKED("Booking", "Other work that was asked for"),
    DAMAGE("Check-in", "Wheel damage already there"),
    PROTECTION("Check-in", "Inside protection on"),
    ROAD_BEFORE("Before the work", "Road test before: a general look for faults"),
    WEIGHED("Before the work", "Weighed"),
    RIDE_HEIGHT_BEFORE("Before the work", "Ride height before"),
    ALIGNMENT_BEFORE("Before the work", "Alignment before"),
    JOINT_PLAY("Tests", "Play of joints"),
    SHOCK_TEST("Tests", "Shock test"),
    PARTS("Parts", "Stems, grommets, cores, caps, sensors used"),
    OUTSIDE_SHOP("Outside shop", "Vendor, invoice, what was promised and what came"),
    RIDE_HEIGHT_AFTER("After the work", "Ride height after"),
    ALIGNMENT_AFTER("After the work", "Alignment after"),
    ROAD_AFTER("After the work", "Road test after: straight with the wheel centered"),
    FLUIDS("Clean-up", "Everything touched cleaned, fluids and auxiliaries looked at"),
    TOLD("Hand-over", "Person in charge told");

    private final String part;
    private final String words;

    VisitEntry(String part, String words) {
        this.part = part;
        this.words = words;
    }

    /** The part of the visit it belongs to. */
    public String part() {
        return part;
    }

    public String words() {
        return words;
    }

    /** Whether a line of it has to say something; the others may stand as a plain tick. */
    public boolean needsWords() {
        return switch (this) {
            case BOOKED,
                    WEIGHED,
                    RIDE_HEIGHT_BEFORE,
                    RIDE_HEIGHT_AFTER,
                    ALIGNMENT_BEFORE,
                    ALIGNMENT_AFTER,
                    JOINT_PLAY,
                    SHOCK_TEST,
                    PARTS,
                    OUTSIDE_SHOP,
                    TOLD -> true;
            case DAMAGE, PROTECTION, ROAD_BEFORE, ROAD_AFTER, FLUIDS -> false;
        };
    }
}
