package rotagens.core.jobsheet;

/**
 * The steps a job sheet is put together from, in the order they are done. Which of them may be skipped with a reason, and which
 * guard somebody's body, is decided here once. Some stand only on sheets of before, whose marks stay readable: what they asked for
 * is part of another step now.
 */
public enum StepCode {
    SECURE_VEHICLE("Before", "Secure the vehicle", SkipRule.NEVER, true),
    PROTECTION("Before", "Gloves and eyes", SkipRule.WITH_REASON, true),
    MACHINE_FITS("Before", "Machine and parts", SkipRule.WITH_REASON, false),
    PARTS("Before", "Lay out the parts", SkipRule.WITH_REASON, false),
    TAG_SENSORS("Before", "Tag outside sensors", SkipRule.WITH_REASON, false),

    MILES_SINCE("Before", "Miles since the wheels went on", SkipRule.NEVER, true),

    ONE_PIECE_RIM("Remove", "One-piece rim", SkipRule.NEVER, true),
    DEFLATE_FIRST("Remove", "All air out before the first nut", SkipRule.NEVER, true),
    STANDS("Remove", "Stands before the wheel comes off", SkipRule.NEVER, true),
    WHEEL_OFF("Remove", "Wheel off", SkipRule.WITH_REASON, false),
    CORE_OUT("Remove", "Core out", SkipRule.NEVER, true),
    BREAK_BEAD("Remove", "Break the beads", SkipRule.WITH_REASON, false),
    PUSH_BEAD_DOWN("Remove", "Push one bead down", SkipRule.WITH_REASON, false),
    DEMOUNT("Remove", "Tire off the wheel", SkipRule.NEVER, false),
    OLD_TIRE("Remove", "Where the old tire goes", SkipRule.NEVER, false),

    LOOK_INSIDE("Prepare", "Professional’s look inside", SkipRule.NEVER, true),
    CLEAN_WHEEL("Prepare", "Wheel clean and sound", SkipRule.NEVER, true),
    PILOT_TYPE("Prepare", "How the wheel is piloted", SkipRule.NEVER, false),
    STEM("Prepare", "Stem, grommet and core", SkipRule.WITH_REASON, false),
    INSTALL_SENSOR("Prepare", "Sensor in", SkipRule.NEVER, false),
    SENSOR_WITH_TIRE("Prepare", "Sensor with the new tire", SkipRule.WITH_REASON, false),
    LUBRICATE("Prepare", "Lubricate", SkipRule.WITH_REASON, false),
    ALIGN_MARKS("Prepare", "Index", SkipRule.WITH_REASON, false),
    MOUNT("Mount", "Tire on the wheel", SkipRule.NEVER, false),
    SEAT("Mount", "Seat the beads", SkipRule.NEVER, true),
    BEAD_GAP("Mount", "Measure the bead gap", SkipRule.NEVER, false),
    CAGE("Mount", "Into the cage", SkipRule.NEVER, true),
    FILL("Mount", "Fill to the cold target", SkipRule.NEVER, false),
    NITROGEN("Mount", "Purge with nitrogen", SkipRule.WITH_REASON, false),
    LEAK_CHECK("Mount", "Leak check and cap", SkipRule.WITH_REASON, false),

    BALANCE("Install", "Balance", SkipRule.WITH_REASON, false),
    HUB("Install", "Hub and wheel faces clean", SkipRule.WITH_REASON, false),
    HAND_START_NUTS("Install", "Hub clean, nuts by hand", SkipRule.NEVER, false),
    TORQUE_HALF("Install", "Half the torque", SkipRule.NEVER, false),
    TORQUE_FULL("Install", "Full torque", SkipRule.NEVER, false),
    TORQUE_PASS("Install", "Torque in the star", SkipRule.NEVER, false),
    TREAD_OF_INSTALLED("Install", "Tread of the installed tire", SkipRule.NEVER, false),
    DOT_OF_INSTALLED("Install", "DOT code, what went where", SkipRule.NEVER, false),

    CORRECT_CAUSE("After", "Find and correct the cause", SkipRule.NEVER, false),
    WEIGH("After", "Weigh", SkipRule.NEVER, false),
    ALIGNMENT("After", "Ride height and alignment", SkipRule.WITH_REASON, false),
    PROFESSIONAL_VERDICT("After", "The professional’s verdict", SkipRule.NEVER, false),
    COLD_CHECK("After", "Cold pressure", SkipRule.NEVER, false),
    SENSORS_BACK("After", "Outside sensors back by their tags", SkipRule.WITH_REASON, false),
    RELEARN("After", "Relearn", SkipRule.WITH_REASON, false),
    DASH_AND_GAUGE("After", "Dash and gauge compared", SkipRule.WITH_REASON, false),
    ROAD_TEST("After", "Road test", SkipRule.WITH_REASON, false),
    ODOMETER("After", "Clean up, odometer", SkipRule.WITH_REASON, false),
    CLEAN_UP("After", "Clean up", SkipRule.WITH_REASON, false),
    NOTIFY("After", "Person in charge notified", SkipRule.WITH_REASON, false),
    RECORD_WORK("After", "What was done", SkipRule.NEVER, false);

    /** Whether a step Optional. */
    public enum SkipRule {
        NEVER,
        /** With a name and a reason. */
        WITH_REASON
    }

    private final String phase;
    private final String title;
    private final SkipRule skipRule;
    private final boolean safety;

    StepCode(String phase, String title, SkipRule skipRule, boolean safety) {
        this.phase = phase;
        this.title = title;
        this.skipRule = skipRule;
        this.safety = safety;
    }

    public String phase() {
        return phase;
    }

    public String title() {
        return title;
    }

    public SkipRule skip() {
        return skipRule;
    }

    /** Ticked one at a time, by name, never ahead of the step before. */
    public boolean safety() {
        return safety;
    }
}
