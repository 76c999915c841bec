package rotagens.core.jobsheet;

/**
 * The steps a job sheet is put together from, in the order they are done. Which of them may be skipped with a reason, and which
 * guard somebody's body, is decided here once. Some stand only on sheets of before, whose marks stay readable: what they asked for
 * is part of another step now.
 */
public enum StepCode {
    /** Level ground, brake, chocks. */
    SECURE_VEHICLE("Before", "Secure the vehicle", SkipRule.NEVER, true),
    /** What the person wears. */
    PROTECTION("Before", "Gloves and eyes", SkipRule.WITH_REASON, true),
    /** Whether machine, tool and parts suit the wheel. */
    MACHINE_FITS("Before", "Machine and parts", SkipRule.WITH_REASON, false),
    /** Everything at hand before the first nut. */
    PARTS("Before", "Lay out the parts", SkipRule.WITH_REASON, false),
    /** So that each goes back onto its own valve. */
    TAG_SENSORS("Before", "Tag outside sensors", SkipRule.WITH_REASON, false),

    /** How far it ran since the wheels went on. */
    MILES_SINCE("Before", "Miles since the wheels went on", SkipRule.NEVER, true),

    /** A rim of several parts stops the work. */
    ONE_PIECE_RIM("Remove", "One-piece rim", SkipRule.NEVER, true),
    /** A tire that ran low is empty before a nut is loosened. */
    DEFLATE_FIRST("Remove", "All air out before the first nut", SkipRule.NEVER, true),
    /** The vehicle rests on stands, not on a jack. */
    STANDS("Remove", "Stands before the wheel comes off", SkipRule.NEVER, true),
    /** The wheel leaves its hub. */
    WHEEL_OFF("Remove", "Wheel off", SkipRule.WITH_REASON, false),
    /** No pressure is left when a bead is broken. */
    CORE_OUT("Remove", "Core out", SkipRule.NEVER, true),
    /** Both beads leave their seats. */
    BREAK_BEAD("Remove", "Break the beads", SkipRule.WITH_REASON, false),
    /** One bead is pushed down, for a sensor. */
    PUSH_BEAD_DOWN("Remove", "Push one bead down", SkipRule.WITH_REASON, false),
    /** The tire leaves its wheel. */
    DEMOUNT("Remove", "Tire off the wheel", SkipRule.NEVER, false),
    /** Stock, retread or scrap. */
    OLD_TIRE("Remove", "Where the old tire goes", SkipRule.NEVER, false),

    /** By a qualified person, before air goes in. */
    LOOK_INSIDE("Prepare", "Professional’s look inside", SkipRule.NEVER, true),
    /** No crack, no rust on the seats. */
    CLEAN_WHEEL("Prepare", "Wheel clean and sound", SkipRule.NEVER, true),
    /** By hub or by studs. */
    PILOT_TYPE("Prepare", "How the wheel is piloted", SkipRule.NEVER, false),
    /** New ones each time a bead was broken. */
    STEM("Prepare", "Stem, grommet and core", SkipRule.WITH_REASON, false),
    /** In the wheel, with its torque. */
    INSTALL_SENSOR("Prepare", "Sensor in", SkipRule.NEVER, false),
    /** Whether a new sensor goes in with the new tire. */
    SENSOR_WITH_TIRE("Prepare", "Sensor with the new tire", SkipRule.WITH_REASON, false),
    /** Both beads and the seats. */
    LUBRICATE("Prepare", "Lubricate", SkipRule.WITH_REASON, false),
    /** The light spot at the valve. */
    ALIGN_MARKS("Prepare", "Index", SkipRule.WITH_REASON, false),
    /** Over the drop center, the sensor last. */
    MOUNT("Mount", "Tire on the wheel", SkipRule.NEVER, false),
    /** No higher than the maker allows, nobody in the trajectory. */
    SEAT("Mount", "Seat the beads", SkipRule.NEVER, true),
    /** The bead line all round, on both sides. */
    BEAD_GAP("Mount", "Measure the bead gap", SkipRule.NEVER, false),
    /** Before air goes in, where the rule asks for it. */
    CAGE("Mount", "Into the cage", SkipRule.NEVER, true),
    /** By a gauge, cold. */
    FILL("Mount", "Fill to the cold target", SkipRule.NEVER, false),
    /** Filled and let out until it is pure enough. */
    NITROGEN("Mount", "Purge with nitrogen", SkipRule.WITH_REASON, false),
    /** At core, stem and beads, then the cap. */
    LEAK_CHECK("Mount", "Leak check and cap", SkipRule.WITH_REASON, false),

    /** Weights in oz or g. */
    BALANCE("Install", "Balance", SkipRule.WITH_REASON, false),
    /** Bare metal where the wheel sits. */
    HUB("Install", "Hub and wheel faces clean", SkipRule.WITH_REASON, false),
    /** Each nut by hand, so that no thread is crossed. */
    HAND_START_NUTS("Install", "Hub clean, nuts by hand", SkipRule.NEVER, false),
    /** All nuts in the star at half. */
    TORQUE_HALF("Install", "Half the torque", SkipRule.NEVER, false),
    /** All nuts in the star at full. */
    TORQUE_FULL("Install", "Full torque", SkipRule.NEVER, false),
    /** One pass of a re-torque. */
    TORQUE_PASS("Install", "Torque in the star", SkipRule.NEVER, false),
    /** The grooves of the tire that is on now. */
    TREAD_OF_INSTALLED("Install", "Tread of the installed tire", SkipRule.NEVER, false),
    /** Which tire sits where now. */
    DOT_OF_INSTALLED("Install", "DOT code, what went where", SkipRule.NEVER, false),

    /** What wore the tire. */
    CORRECT_CAUSE("After", "Find and correct the cause", SkipRule.NEVER, false),
    /** By scale ticket. */
    WEIGH("After", "Weigh", SkipRule.NEVER, false),
    /** Figures on the rack. */
    ALIGNMENT("After", "Ride height and alignment", SkipRule.WITH_REASON, false),
    /** By name. */
    PROFESSIONAL_VERDICT("After", "The professional’s verdict", SkipRule.NEVER, false),
    /** What the gauge says at the end. */
    COLD_CHECK("After", "Cold pressure", SkipRule.NEVER, false),
    /** Each on its own valve. */
    SENSORS_BACK("After", "Outside sensors back by their tags", SkipRule.WITH_REASON, false),
    /** So that the dash names the right corner. */
    RELEARN("After", "Relearn", SkipRule.WITH_REASON, false),
    /** Corner by corner. */
    DASH_AND_GAUGE("After", "Dash and gauge compared", SkipRule.WITH_REASON, false),
    /** Straight, and nothing new. */
    ROAD_TEST("After", "Road test", SkipRule.WITH_REASON, false),
    /** The odometer of the day of the work. */
    ODOMETER("After", "Clean up, odometer", SkipRule.WITH_REASON, false),
    /** Nothing left on or in the vehicle. */
    CLEAN_UP("After", "Clean up", SkipRule.WITH_REASON, false),
    /** Somebody in charge knows. */
    NOTIFY("After", "Person in charge notified", SkipRule.WITH_REASON, false),
    /** In words. */
    RECORD_WORK("After", "What was done", SkipRule.NEVER, false);

    /** Whether a step may be left out. */
    public enum SkipRule {
        /** It is done, or the job stays open. */
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

    /**
     * The part of the sheet it belongs to.
     *
     * @return for a heading
     */
    public String phase() {
        return phase;
    }

    /**
     * What is done.
     *
     * @return for a heading
     */
    public String title() {
        return title;
    }

    /**
     * Whether it may be left out.
     *
     * @return never, or with a reason
     */
    public SkipRule skip() {
        return skipRule;
    }

    /**
     * Ticked one at a time, by name, never ahead of the step before.
     *
     * @return whether it is ticked by itself
     */
    public boolean safety() {
        return safety;
    }
}
