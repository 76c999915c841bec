package rotagens.core.planning;

/** The coordinator's standing questions. */
public enum Question {
    /** What may not roll, with every reason. */
    DO_NOT_OPERATE("Which vehicles must not operate today, and why", "First question of the morning."),
    /** Tires that reach an age by a day. */
    PASSES_AGE("Which tires pass an age before a day", "Counted from each DOT week."),
    /** Vehicles nobody has weighed. */
    NEVER_WEIGHED("Never weighed", "Target pressures are based on an assumed load."),
    /** Axles on another size than the placard’s. */
    PLACARD_NO_LONGER_FITS("Placard no longer applies", "Another size than the placard’s is on the axle."),
    /** Tires nobody has read the DOT week of. */
    UNKNOWN_DOT("DOT date not read", "Their age limits can’t be checked."),
    /** Wheels nobody knows the pilot of. */
    UNKNOWN_WHEEL("Wheel data missing", "How the wheel is piloted has not been read."),
    /** Sensors that aren’t on file. */
    UNKNOWN_SENSOR(
            "Sensor data missing", "The vehicle warns by sensors, but this one isn’t on file, or not since when."),
    /** Weights that would make it a commercial vehicle. */
    COMMERCIAL_USE(
            "What would make it a commercial vehicle",
            "Seats, pay and what it is rated to tow decide whether 4/32 in on front wheels is its law."),
    /** What to measure first. */
    MEASURE_NEXT("The one measurement that would help most", "What most of a vehicle’s unknowns wait for."),
    /** What to ask a supplier for. */
    WHAT_TO_ORDER("Order specifications", "For every position whose tire has to go."),
    /** Which tire of the stock fits beside one of a dual. */
    DUAL_MATCH("Which stock tire pairs best with a dual", "Where one tire of a dual has to go."),
    /** How its sensors are taught. */
    RELEARN_PROCEDURE("Which relearn applies", "The procedure on file for the vehicle."),
    /** Where to read the placard. */
    PLACARD_LOCATION("Where is the placard", "Where it was found on this vehicle."),
    /** What it may carry at what its tires hold now. */
    CAPACITY_NOW(
            "What the pressures are for, and what it may carry now",
            "From today’s cold readings, the tightest tire named."),
    /** What changed after the last scale ticket. */
    CHANGED_SINCE_WEIGHING("What changed since it was weighed", "A scale ticket does not cover what changed after it."),
    /** Work that other work asked for. */
    OPEN_FOLLOW_UPS("Which follow-ups are open", "Work that other work asked for.");

    private final String title;
    private final String about;

    Question(String title, String about) {
        this.title = title;
        this.about = about;
    }

    /**
     * The question, as it is chosen.
     *
     * @return for a choice or a heading
     */
    public String title() {
        return title;
    }

    /**
     * What it is good for, in a sentence.
     *
     * @return a sentence
     */
    public String about() {
        return about;
    }

    /**
     * Whether it answers for an age and a day that are asked for with it.
     *
     * @return only for the one about age
     */
    public boolean asksForAge() {
        return this == PASSES_AGE;
    }
}
