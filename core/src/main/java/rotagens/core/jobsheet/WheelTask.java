package rotagens.core.jobsheet;

/** What is done at one wheel. */
public enum WheelTask {
    PRESSURE("Pressure service", false, Bead.STAYS),
    NEW_TIRE("Tire replacement", true, Bead.TIRE_DEMOUNTED),
    MOVE_ASSEMBLY("Rotation, the wheel moves", true, Bead.STAYS),
    REMOUNT("Rotation, the tire is remounted", true, Bead.TIRE_DEMOUNTED),
    SENSOR_IN_PLACE("Sensor replacement, one bead pushed down", true, Bead.ONE_BEAD_BROKEN),
    SENSOR_DISMOUNT("Sensor replacement, tire off", true, Bead.TIRE_DEMOUNTED),
    WHEEL_OFF("Wheel-off repair", true, Bead.TIRE_DEMOUNTED),
    BEAD_LEAK("Bead-leak repair", true, Bead.TIRE_DEMOUNTED),
    REPLACE_WHEEL("Another wheel", true, Bead.TIRE_DEMOUNTED),
    CORRECT_CAUSE("Balance and alignment", false, Bead.STAYS),
    RETORQUE("Re-torque", false, Bead.STAYS),
    LOOSE_WHEEL("Wheel off, its nuts had turned", true, Bead.STAYS),
    MATE("Dual mate, let down and filled again", false, Bead.STAYS),
    VERDICT("Professional inspection", false, Bead.STAYS),
    TREAD("Tread inspection", false, Bead.STAYS),
    DOT("DOT code", false, Bead.STAYS),
    RECORD("Record the installed tire", false, Bead.STAYS),
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

    public String label() {
        return label;
    }

    /** The wheel comes off the vehicle. */
    public boolean lifts() {
        return lifts;
    }

    /** A bead leaves its seat, so that it has to be seated and measured again. */
    public boolean breaksBead() {
        return bead != Bead.STAYS;
    }

    /** The tire comes off its wheel. */
    public boolean tireOff() {
        return bead == Bead.TIRE_DEMOUNTED;
    }

    /** The wheel's own tire goes back on it. */
    public boolean keepsTire() {
        return this == WHEEL_OFF || this == BEAD_LEAK || this == SENSOR_DISMOUNT || this == REPLACE_WHEEL;
    }

    public boolean newSensor() {
        return this == SENSOR_IN_PLACE || this == SENSOR_DISMOUNT;
    }

    /** Which tire went where has to be read off its sidewall. */
    public boolean readsDot() {
        return this == NEW_TIRE || this == MOVE_ASSEMBLY || this == REMOUNT || this == RECORD || this == DOT;
    }

    /** The wheel, and an inside sensor with it, sits elsewhere afterwards. */
    public boolean movesWheel() {
        return this == MOVE_ASSEMBLY || this == REPLACE_WHEEL;
    }
}
