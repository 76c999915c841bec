package rotagens.core.planning;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The kinds of work that fall due, each with what must be read or recorded when it is done. */
public enum WorkType {
    /** Put on file what sits at a position. */
    RECORD_TIRE(
            "Record the installed tire",
            "The tire there is unknown: no limit can be checked.",
            RequiredResult.NEW_TIRE),
    /** A professional looks at damage, inside and out. */
    INSPECT_DAMAGE(
            "Professional inspection",
            "A tire damaged inside can come apart at speed or while it is filled.",
            RequiredResult.VERDICT,
            RequiredResult.COLD_PRESSURE),
    /** Another tire, one that matches its axle or its dual. */
    CORRECT_MISMATCH(
            "Install a matching tire",
            "Tires that don’t belong together scrub, and carry the load unevenly until one fails.",
            RequiredResult.NEW_TIRE),
    /** Another wheel, one that matches its nuts and hub. */
    REPLACE_WHEEL("Install a matching wheel", "Wheels clamped by the wrong nuts work loose.", RequiredResult.WHEEL),
    /** Another tire in place of a worn, old or damaged one. */
    REPLACE(
            "Replace tire",
            "Past its limit a tire grips and holds less each mile, and a check at the roadside takes the vehicle out of service.",
            RequiredResult.NEW_TIRE),
    /** Put right what eye or hand found. */
    FIX_DEFECT(
            "Fix a defect",
            "Small faults of valve and wheel let air out or water in, and turn into a tire.",
            RequiredResult.NOTE),
    /** Bring a tire to its cold target. */
    SET_PRESSURE(
            "Set pressure",
            "Too little air heats the tire and wears its shoulders; too much wears its center and lengthens the stop.",
            RequiredResult.COLD_PRESSURE),
    /** Find and correct what wears a tire. */
    CORRECT_WEAR_CAUSE("Correct the cause of wear", "The next tire will wear the same way.", RequiredResult.NOTE),
    /** The yearly look inside and out, from the fifth year on. */
    AGE_INSPECTION(
            "Yearly professional inspection",
            "Cracks inside an old casing show to a professional first, on the road last.",
            RequiredResult.VERDICT),
    /** Read when the tire was made. */
    READ_DOT("Read the DOT week", "Its age limits can’t be checked.", RequiredResult.DOT_CODE),
    /** Gauge a tire again. */
    PRESSURE_CHECK("Pressure check", "How much has leaked since is unknown.", RequiredResult.COLD_PRESSURE),
    /** Gauge its grooves again. */
    TREAD_INSPECTION(
            "Tread inspection", "A wear pattern is not seen while it can still be corrected.", RequiredResult.TREAD),
    /** Find the pressure its load asks for. */
    DERIVE_TARGET("Derive the target pressure", "The pressure for the load is unknown.", RequiredResult.NOTE),
    /** Another sensor. */
    REPLACE_SENSOR(
            "Replace sensor",
            "Without a working sensor a leak gives no warning, and pressure has to be checked more often.",
            RequiredResult.SENSOR,
            RequiredResult.COLD_PRESSURE),
    /** Find where a tire loses air, and repair it. */
    FIND_LEAK(
            "Find the leak",
            "It reaches what its load needs before the next check.",
            RequiredResult.COLD_PRESSURE,
            RequiredResult.REPAIR),
    /** Take load off an axle that carries too much. */
    REDUCE_LOAD(
            "Reduce the load, or install a higher rating",
            "An overloaded tire fails hot.",
            RequiredResult.SCALE_TICKET),
    /** Bring it onto a scale. */
    WEIGH("Weigh", "Target pressures are based on an assumed load.", RequiredResult.SCALE_TICKET),
    /** Decide which tire goes where. */
    ROTATE(
            "Rotate",
            "Tires that stay in one position wear one way, and are scrapped with unused life.",
            RequiredResult.TORQUE),
    /** A tire of this vehicle comes to this position, by a rotation’s plan. */
    INSTALL_MOVED_TIRE(
            "Put the tire here as planned",
            "The rotation stays incomplete, with positions without a tire.",
            RequiredResult.COLD_PRESSURE),
    /** A new tire comes to this position, by a rotation’s plan. */
    INSTALL_NEW_TIRE(
            "Install the new tire here as planned",
            "The rotation stays incomplete, with positions without a tire.",
            RequiredResult.NEW_TIRE),
    /** Torque the nuts again after the first miles. */
    RETORQUE("Re-torque", "Nuts settle in the first miles; loose wheels come off.", RequiredResult.TORQUE),
    /** Tell the system again which sensor sits where. */
    RELEARN(
            "Relearn sensors",
            "The dash names the wrong corner, and the air goes into the wrong tire.",
            RequiredResult.NOTE),
    /** Toe, camber and thrust angle. */
    ALIGN("Align the wheels", "Tires out of line scrub, and the next ones wear the same way.", RequiredResult.NOTE),
    /** Joints, shocks, springs. */
    REPAIR_SUSPENSION(
            "Repair steering or suspension",
            "A joint that lets go takes the steering with it; a worn shock cups the tread.",
            RequiredResult.NOTE),
    /** Roll it on, so that no flat spot stays. */
    MOVE_VEHICLE(
            "Move the parked vehicle",
            "Tires of a parked vehicle develop flat spots and age faster than tires that roll.",
            RequiredResult.NOTE);

    /**
     * Whether a day and a person are enough to get it done; finding a pressure also needs weights and a maker's chart, a
     * rotation needs somebody to decide which tire goes where.
     *
     * @return false where something has to be decided first
     */
    public boolean canBeScheduled() {
        return this != DERIVE_TARGET && this != ROTATE;
    }

    /**
     * Whether completing it ends what wore the tire: wear from before then no longer counts against it.
     *
     * @return only for work on the cause
     */
    public boolean correctsWear() {
        return this == CORRECT_WEAR_CAUSE;
    }

    /**
     * Whether it may be asked for without falling due: not what only a rotation's plan brings, or a decision.
     *
     * @return whether it may be chosen for a job
     */
    public boolean canBeWished() {
        return canBeScheduled() && this != INSTALL_MOVED_TIRE && this != INSTALL_NEW_TIRE && this != RECORD_TIRE;
    }

    /**
     * Whether it is done at tires; else at the vehicle.
     *
     * @return false for work on the vehicle as a whole
     */
    public boolean isAtPositions() {
        return switch (this) {
            case REDUCE_LOAD, WEIGH, ROTATE, RETORQUE, RELEARN, ALIGN, REPAIR_SUSPENSION, MOVE_VEHICLE -> false;
            default -> true;
        };
    }

    /**
     * Whether it is work on steering or suspension, done and measured on the rack and driven straight afterwards.
     *
     * @return whether bay and road test are those of the alignment rack
     */
    public boolean needsRack() {
        return this == CORRECT_WEAR_CAUSE || this == ALIGN || this == REPAIR_SUSPENSION;
    }

    /**
     * The kinds that correct what wore a tire.
     *
     * @return every such kind
     */
    public static Set<WorkType> correctingWear() {
        return Arrays.stream(values()).filter(WorkType::correctsWear).collect(Collectors.toUnmodifiableSet());
    }

    /** What has to be on record before the work counts as done. */
    public enum RequiredResult {
        /** A cold pressure at each position. */
        COLD_PRESSURE,
        /** The depths of all grooves. */
        TREAD,
        /** The code with its week, read off the sidewall. */
        DOT_CODE,
        /** DOT code, tread and cold pressure of the tire fitted instead. */
        NEW_TIRE,
        /** How the wheel fitted instead is piloted. */
        WHEEL,
        /** ID of the sensor fitted instead. */
        SENSOR,
        /** What the wrench was set to. */
        TORQUE,
        /** A qualified person's verdict, with the person's name. */
        VERDICT,
        /** A slip weighed since the work was put on a day. */
        SCALE_TICKET,
        /** What was done about a leak, by name. */
        REPAIR,
        /** What was done, in words. */
        NOTE
    }

    private final String label;
    private final String consequence;
    private final Set<RequiredResult> requiredResult;

    WorkType(String words, String waiting, RequiredResult... requiredResult) {
        this.label = words;
        this.consequence = waiting;
        this.requiredResult = EnumSet.copyOf(Set.of(requiredResult));
    }

    /**
     * What waiting brings.
     *
     * @return a sentence
     */
    public String consequence() {
        return consequence;
    }

    /**
     * The caution that belongs to this work, before it is done; empty where there is none of its own.
     *
     * @return a sentence or a few
     */
    public Optional<String> caution() {
        return Optional.ofNullable(
                switch (this) {
                    case INSPECT_DAMAGE ->
                        "No air before it was looked at inside. Core out and all air out before the first nut is loosened; inflating after mounting is done in a cage, out of the trajectory, by a qualified person.";
                    case REPLACE ->
                        "Level ground, chocks, stands before the wheel comes off. Manufacturer data, the vehicle manual, local codes and a qualified tire professional come first.";
                    case CORRECT_MISMATCH ->
                        "Both cores of a dual out before the first nut is loosened. Manufacturer data, the vehicle manual, local codes and a qualified tire professional come first.";
                    case REPLACE_WHEEL ->
                        "Hub- and stud-piloted nuts never interchange: use the nuts that belong to the wheel, to the manufacturer’s torque.";
                    case ROTATE ->
                        "Level ground, chocks, stands before a wheel comes off; never under a load held by a jack. Both cores of a dual out before the first nut is loosened. Nuts by hand, then in a star: half, full, one pass around.";
                    case RETORQUE -> "To the wheel manufacturer’s torque, in a star, with the vehicle on its wheels.";
                    case REPLACE_SENSOR ->
                        "All air out before the bead is touched, and the bead broken away from the sensor. After it: core, seating in a cage above 40 psi, leak check, relearn.";
                    case SET_PRESSURE ->
                        "Cold only: parked at least 3 hours. Never bleed a hot tire. Stand to the side of the valve, never in line with it.";
                    case REPAIR_SUSPENSION ->
                        "Stands under the frame before anything is loosened. Springs and struts hold force: the manufacturer’s tool and order, and a qualified person.";
                    case ALIGN,
                            RECORD_TIRE,
                            FIX_DEFECT,
                            CORRECT_WEAR_CAUSE,
                            AGE_INSPECTION,
                            READ_DOT,
                            PRESSURE_CHECK,
                            TREAD_INSPECTION,
                            DERIVE_TARGET,
                            FIND_LEAK,
                            REDUCE_LOAD,
                            WEIGH,
                            INSTALL_MOVED_TIRE,
                            INSTALL_NEW_TIRE,
                            RELEARN,
                            MOVE_VEHICLE -> null;
                });
    }

    /**
     * What the work is called.
     *
     * @return for lists, jobs and choices
     */
    public String label() {
        return label;
    }

    /**
     * What has to be on record before it counts as done.
     *
     * @return never empty
     */
    public Set<RequiredResult> requiredResult() {
        return requiredResult;
    }
}
