package rotagens.core.jobsheet;

/** What is done at one wheel. */
public enum WheelTask {
    /** Gauge it and bring it to its target. */
    PRESSURE("Pressure service", false, Bead.STAYS),
    /** Another tire on this wheel. */
    NEW_TIRE("Tire replacement", true, Bead.TIRE_DEMOUNTED),
    /** The wheel with its tire goes to another position. */
    MOVE_ASSEMBLY("Rotation, the wheel moves", true, Bead.STAYS),
    /** The tire goes onto another wheel. */
    REMOUNT("Rotation, the tire is remounted", true, Bead.TIRE_DEMOUNTED),
    /** A sensor by one bead, the tire stays on. */
    SENSOR_IN_PLACE("Sensor replacement, one bead pushed down", true, Bead.ONE_BEAD_BROKEN),
    /** A sensor with the tire off. */
    SENSOR_DISMOUNT("Sensor replacement, tire off", true, Bead.TIRE_DEMOUNTED),
    /** The wheel comes off, its own tire goes back. */
    WHEEL_OFF("Wheel-off repair", true, Bead.TIRE_DEMOUNTED),
    /** A bead is cleaned and seated again. */
    BEAD_LEAK("Bead-leak repair", true, Bead.TIRE_DEMOUNTED),
    /** Another wheel, the same tire. */
    REPLACE_WHEEL("Another wheel", true, Bead.TIRE_DEMOUNTED),
    /** What wears the tire is found and corrected. */
    CORRECT_CAUSE("Balance and alignment", false, Bead.STAYS),
    /** The nuts are torqued again. */
    RETORQUE("Re-torque", false, Bead.STAYS),
    /** The wheel comes off, since its nuts had turned. */
    LOOSE_WHEEL("Wheel off, its nuts had turned", true, Bead.STAYS),
    /** The other tire of a dual, let down for the work. */
    MATE("Dual mate, let down and filled again", false, Bead.STAYS),
    /** A professional looks at it. */
    VERDICT("Professional inspection", false, Bead.STAYS),
    /** The grooves are gauged. */
    TREAD("Tread inspection", false, Bead.STAYS),
    /** The code is read. */
    DOT("DOT code", false, Bead.STAYS),
    /** What sits there is put on file. */
    RECORD("Record the installed tire", false, Bead.STAYS),
    /** What has no steps of its own. */
    OTHER("Other work", false, Bead.STAYS);

    private enum Bead {
        STAYS,
        ONE_BEAD_BROKEN,
        TIRE_DEMOUNTED
    }

    private final String label;
    private final boolean lifts;
    private final Bead bead;

    WheelTask(String words, boolean lifts, Bead bead) {
        this.label = words;
        this.lifts = lifts;
        this.bead = bead;
    }

    /**
     * What is done at the wheel.
     *
     * @return for a heading
     */
    public String label() {
        return label;
    }

    /**
     * The wheel comes off the vehicle.
     *
     * @return whether nuts and stands are steps of the sheet
     */
    public boolean lifts() {
        return lifts;
    }

    /**
     * A bead leaves its seat, so that it has to be seated and measured again.
     *
     * @return whether seat and bead gap are steps of the sheet
     */
    public boolean breaksBead() {
        return bead != Bead.STAYS;
    }

    /**
     * The tire comes off its wheel.
     *
     * @return whether demounting is a step of the sheet
     */
    public boolean tireOff() {
        return bead == Bead.TIRE_DEMOUNTED;
    }

    /**
     * The wheel's own tire goes back on it.
     *
     * @return false where another tire goes on, or none comes off
     */
    public boolean keepsTire() {
        return this == WHEEL_OFF || this == BEAD_LEAK || this == SENSOR_DISMOUNT || this == REPLACE_WHEEL;
    }

    /**
     * A new sensor goes in.
     *
     * @return whether its ID is asked for
     */
    public boolean newSensor() {
        return this == SENSOR_IN_PLACE || this == SENSOR_DISMOUNT;
    }

    /**
     * Which tire went where has to be read off its sidewall.
     *
     * @return whether the code is a step of the sheet
     */
    public boolean readsDot() {
        return this == NEW_TIRE || this == MOVE_ASSEMBLY || this == REMOUNT || this == RECORD || this == DOT;
    }

    /**
     * The wheel, and an inside sensor with it, sits elsewhere afterwards.
     *
     * @return whether a relearn follows
     */
    public boolean movesWheel() {
        return this == MOVE_ASSEMBLY || this == REPLACE_WHEEL;
    }
}
