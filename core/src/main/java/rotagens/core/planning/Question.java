package rotagens.core.planning;

/** The coordinator's standing questions. */
public enum Question {
    DO_NOT_OPERATE("Which vehicles must not operate today, and why", "First question of the morning."),
    PASSES_AGE("Which tires pass an age before a day", "Counted from each DOT week."),
    NEVER_WEIGHED("Never weighed", "Target pressures are based on an assumed load."),
    PLACARD_NO_LONGER_FITS("Placard no longer applies", "Another size than the placard’s is on the axle."),
    UNKNOWN_DOT("DOT date not read", "Their age limits can’t be checked."),
    UNKNOWN_WHEEL("Wheel data missing", "How the wheel is piloted has not been read."),
    UNKNOWN_SENSOR(
            "Sensor data missing", "The vehicle warns by sensors, but this one isn’t on file, or not since when."),
    COMMERCIAL_USE(
            "What would make it a commercial vehicle",
            "Seats, pay and what it is rated to tow decide whether 4/32 in on front wheels is its law."),
    MEASURE_NEXT("The one measurement that would help most", "What most of a vehicle’s unknowns wait for."),
    WHAT_TO_ORDER("Order specifications", "For every position whose tire has to go."),
    DUAL_MATCH("Which stock tire pairs best with a dual", "Where one tire of a dual has to go."),
    RELEARN_PROCEDURE("Which relearn applies", "The procedure on file for the vehicle."),
    PLACARD_LOCATION("Where is the placard", "Where it was found on this vehicle."),
    CAPACITY_NOW(
            "What the pressures are for, and what it may carry now",
            "From today’s cold readings, the tightest tire named."),
    CHANGED_SINCE_WEIGHING("What changed since it was weighed", "A scale ticket does not cover what changed after it."),
    OPEN_FOLLOW_UPS("Which follow-ups are open", "Work that other work asked for.");

    private final String title;
    private final String about;

    Question(String title, String about) {
        this.title = title;
        this.about = about;
    }

    public String title() {
        return title;
    }

    /** What it is good for, in a sentence. */
    public String about() {
        return about;
    }

    /** Whether it answers for an age and a day that are asked for with it. */
    public boolean asksForAge() {
        return this == PASSES_AGE;
    }
}
