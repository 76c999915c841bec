package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

/** What is done at one wheel. */
public enum WheelTask {
    /** Gauge it and bring it to its target. */
    PRESSURE(WORDS.say("pressureService"), false, Bead.STAYS),
    /** Another tire on this wheel. */
    NEW_TIRE(WORDS.say("tireReplacement"), true, Bead.TIRE_DEMOUNTED),
    /** The wheel with its tire goes to another position. */
    MOVE_ASSEMBLY(WORDS.say("rotationTheWheelMoves"), true, Bead.STAYS),
    /** The tire goes onto another wheel. */
    REMOUNT(WORDS.say("rotationTheTireIsRemounted"), true, Bead.TIRE_DEMOUNTED),
    /** A sensor by one bead, the tire stays on. */
    SENSOR_IN_PLACE(WORDS.say("sensorReplacementOneBeadPushed"), true, Bead.ONE_BEAD_BROKEN),
    /** A sensor with the tire off. */
    SENSOR_DISMOUNT(WORDS.say("sensorReplacementTireOff"), true, Bead.TIRE_DEMOUNTED),
    /** The wheel comes off, its own tire goes back. */
    WHEEL_OFF(WORDS.say("wheelOffRepair"), true, Bead.TIRE_DEMOUNTED),
    /** A bead is cleaned and seated again. */
    BEAD_LEAK(WORDS.say("beadLeakRepair"), true, Bead.TIRE_DEMOUNTED),
    /** Another wheel, the same tire. */
    REPLACE_WHEEL(WORDS.say("anotherWheel"), true, Bead.TIRE_DEMOUNTED),
    /** What wears the tire is found and corrected. */
    CORRECT_CAUSE(WORDS.say("balanceAndAlignment"), false, Bead.STAYS),
    /** The nuts are torqued again. */
    RETORQUE(WORDS.say("reTorque"), false, Bead.STAYS),
    /** The wheel comes off, since its nuts had turned. */
    LOOSE_WHEEL(WORDS.say("wheelOffItsNutsHad"), true, Bead.STAYS),
    /** The other tire of a dual, let down for the work. */
    MATE(WORDS.say("dualMateLetDown"), false, Bead.STAYS),
    /** A professional looks at it. */
    VERDICT(WORDS.say("professionalInspection"), false, Bead.STAYS),
    /** The grooves are gauged. */
    TREAD(WORDS.say("treadInspection"), false, Bead.STAYS),
    /** The code is read. */
    DOT(WORDS.say("dotCode"), false, Bead.STAYS),
    /** What sits there is put on file. */
    RECORD(WORDS.say("recordTheInstalledTire"), false, Bead.STAYS),
    /** What has no steps of its own. */
    OTHER(WORDS.say("otherWork"), false, Bead.STAYS);

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
