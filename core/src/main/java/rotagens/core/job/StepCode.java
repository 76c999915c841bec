package rotagens.core.job;

/**
 * The steps a job sheet is put together from, in the order they are done. Which of them may be left out with a reason, and which
 * guard somebody's body, is decided here once.
 */
public enum StepCode {
    GROUND("Before", "Stand it safely", Skip.NEVER, true),
    PROTECTION("Before", "Gloves and eyes", Skip.WITH_REASON, true),
    MACHINE_FITS("Before", "Check the machine", Skip.WITH_REASON, false),
    PARTS("Before", "Lay out the parts", Skip.WITH_REASON, false),
    TAG_SENSORS("Before", "Tag outside sensors", Skip.WITH_REASON, false),

    SINGLE_PIECE("Off", "One-piece rim", Skip.NEVER, true),
    DEFLATE_FIRST("Off", "All air out before the first nut", Skip.NEVER, true),
    STANDS("Off", "Stands before the wheel comes off", Skip.NEVER, true),
    WHEEL_OFF("Off", "Wheel off", Skip.WITH_REASON, false),
    CORE_OUT("Off", "Core out", Skip.NEVER, true),
    BREAK_BEAD("Off", "Break the beads", Skip.WITH_REASON, false),
    PUSH_BEAD_DOWN("Off", "Push one bead down", Skip.WITH_REASON, false),
    DEMOUNT("Off", "Tire off the wheel", Skip.WITH_REASON, false),

    LOOK_INSIDE("Prepare", "Professional’s look inside", Skip.NEVER, true),
    CLEAN_WHEEL("Prepare", "Wheel clean and sound", Skip.WITH_REASON, false),
    WHEEL_KIND("Prepare", "How the wheel is piloted", Skip.NEVER, false),
    STEM("Prepare", "Stem, grommet and core", Skip.WITH_REASON, false),
    SENSOR_IN("Prepare", "Sensor in", Skip.NEVER, false),
    LUBRICATE("Prepare", "Lubricate", Skip.WITH_REASON, false),
    INDEX("Prepare", "Index", Skip.WITH_REASON, false),
    MOUNT("Mount", "Tire on the wheel", Skip.WITH_REASON, false),
    SEAT("Mount", "Seat the beads", Skip.NEVER, true),
    BEAD_GAP("Mount", "Measure the bead gap", Skip.NEVER, false),
    CAGE("Mount", "Into the cage", Skip.NEVER, true),
    FILL("Mount", "Fill to the cold target", Skip.NEVER, false),
    NITROGEN("Mount", "Purge with nitrogen", Skip.WITH_REASON, false),
    LEAK_CHECK("Mount", "Leak check and cap", Skip.WITH_REASON, false),

    BALANCE("Fit", "Balance", Skip.WITH_REASON, false),
    HUB("Fit", "Hub and wheel faces clean", Skip.WITH_REASON, false),
    NUTS_BY_HAND("Fit", "Nuts by hand", Skip.WITH_REASON, false),
    TORQUE_HALF("Fit", "Half the torque", Skip.NEVER, false),
    TORQUE_FULL("Fit", "Full torque", Skip.NEVER, false),
    TORQUE_PASS("Fit", "One pass round", Skip.NEVER, false),
    TREAD_FITTED("Fit", "Tread of the tire fitted", Skip.NEVER, false),
    DOT_FITTED("Fit", "DOT code, what went where", Skip.NEVER, false),

    FIND_CAUSE("After", "Find and mend the cause", Skip.NEVER, false),
    ALIGNMENT("After", "Ride height and alignment", Skip.WITH_REASON, false),
    VERDICT("After", "The professional’s verdict", Skip.NEVER, false),
    COLD_CHECK("After", "Cold pressure", Skip.NEVER, false),
    SENSORS_BACK("After", "Outside sensors back by their tags", Skip.WITH_REASON, false),
    RELEARN("After", "Relearn", Skip.WITH_REASON, false),
    DASH_AND_GAUGE("After", "Dash and gauge compared", Skip.WITH_REASON, false),
    ROAD_TEST("After", "Road test", Skip.WITH_REASON, false),
    TIDY("After", "Clean up", Skip.WITH_REASON, false),
    TOLD("After", "Person in charge told", Skip.WITH_REASON, false),
    RECORD("After", "What was done", Skip.NEVER, false);

    /** Whether a step may be left out. */
    public enum Skip {
        NEVER,
        /** With a name and a reason. */
        WITH_REASON
    }

    private final String phase;
    private final String title;
    private final Skip skip;
    private final boolean safety;

    StepCode(String phase, String title, Skip skip, boolean safety) {
        this.phase = phase;
        this.title = title;
        this.skip = skip;
        this.safety = safety;
    }

    public String phase() {
        return phase;
    }

    public String title() {
        return title;
    }

    public Skip skip() {
        return skip;
    }

    /** Ticked one at a time, by name, never ahead of the step before. */
    public boolean safety() {
        return safety;
    }
}
