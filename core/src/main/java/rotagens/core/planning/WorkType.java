package rotagens.core.planning;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** The kinds of work that fall due, each with what must be read or recorded when it is done. */
public enum WorkType {
    RECORD_TIRE(
            "Record the tire fitted",
            "Nobody knows what rolls there: no limit can be checked.",
            RequiredResult.NEW_TIRE),
    INSPECT_DAMAGE(
            "Professional inspection",
            "A tire damaged inside can come apart at speed or while it is filled.",
            RequiredResult.VERDICT,
            RequiredResult.COLD_PRESSURE),
    CORRECT_MISMATCH(
            "Fit a matching tire",
            "Tires that don’t belong together scrub, and carry the load unevenly until one fails.",
            RequiredResult.NEW_TIRE),
    REPLACE_WHEEL("Fit a matching wheel", "Wheels clamped by the wrong nuts work loose.", RequiredResult.WHEEL),
    REPLACE(
            "Replace tire",
            "Past its limit a tire grips and holds less each mile, and a check at the roadside takes the vehicle out of service.",
            RequiredResult.NEW_TIRE),
    FIX_DEFECT(
            "Put right",
            "Small faults of valve and wheel let air out or water in, and turn into a tire.",
            RequiredResult.NOTE),
    SET_PRESSURE(
            "Set pressure",
            "Too little air heats the tire and wears its shoulders; too much wears its center and lengthens the stop.",
            RequiredResult.COLD_PRESSURE),
    CORRECT_WEAR_CAUSE("Mend the cause of wear", "The next tire goes the same way.", RequiredResult.NOTE),
    AGE_INSPECTION(
            "Yearly professional inspection",
            "Cracks inside an old casing show to a professional first, on the road last.",
            RequiredResult.VERDICT),
    READ_DOT("Read the DOT date", "Its age limits can’t be checked.", RequiredResult.DOT_CODE),
    PRESSURE_CHECK("Pressure check", "What has leaked since nobody knows.", RequiredResult.COLD_PRESSURE),
    TREAD_INSPECTION(
            "Tread inspection",
            "A pattern that begins to show isn’t seen while it can still be mended.",
            RequiredResult.TREAD),
    DERIVE_TARGET("Find the right pressure", "Nobody knows how much air the load needs.", RequiredResult.NOTE),
    REPLACE_SENSOR(
            "Replace sensor",
            "Without a working sensor a leak warns nobody, and the gauge has to come more often.",
            RequiredResult.SENSOR,
            RequiredResult.COLD_PRESSURE),
    FIND_LEAK(
            "Find the leak",
            "It reaches what its load needs before the next check.",
            RequiredResult.COLD_PRESSURE,
            RequiredResult.REPAIR),
    REDUCE_LOAD("Take load off, or fit a higher rating", "An overloaded tire fails hot.", RequiredResult.SCALE_TICKET),
    WEIGH("Weigh", "The pressures stand on a guess of the load.", RequiredResult.SCALE_TICKET),
    ROTATE(
            "Rotate",
            "Tires that stay in one place wear one way, and are thrown away with life left in them.",
            RequiredResult.TORQUE),
    INSTALL_MOVED_TIRE(
            "Put the tire here as planned",
            "The rotation stays half done: positions without their tire.",
            RequiredResult.COLD_PRESSURE),
    INSTALL_NEW_TIRE(
            "Fit the new tire here as planned",
            "The rotation stays half done: positions without their tire.",
            RequiredResult.NEW_TIRE),
    RETORQUE("Re-torque", "Nuts settle in the first miles; loose wheels come off.", RequiredResult.TORQUE),
    RELEARN(
            "Relearn sensors",
            "The dash names the wrong corner, and the air goes into the wrong tire.",
            RequiredResult.NOTE),
    MOVE_VEHICLE(
            "Move the parked vehicle",
            "Tires that stand flatten where they stand and age faster than tires that roll.",
            RequiredResult.NOTE);

    /**
     * Whether a day and a person are enough to get it done; finding a pressure also needs weights and a maker's chart, a
     * rotation needs somebody to decide which tire goes where.
     */
    public boolean canBeScheduled() {
        return this != DERIVE_TARGET && this != ROTATE;
    }

    /** What has to be on record before the work counts as done. */
    public enum RequiredResult {
        COLD_PRESSURE,
        TREAD,
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

    /** What waiting brings. */
    public String consequence() {
        return consequence;
    }

    /** The caution that belongs to this work, before it is done; empty where there is none of its own. */
    public Optional<String> caution() {
        return Optional.ofNullable(
                switch (this) {
                    case INSPECT_DAMAGE ->
                        "No air before it was looked at inside. Core out and all air out before the first nut is loosened; inflating after mounting is done in a cage, out of the trajectory, by a qualified person.";
                    case REPLACE ->
                        "Level ground, chocks, stands before the wheel comes off. The maker’s data and the machine’s manual come first.";
                    case CORRECT_MISMATCH ->
                        "Both cores of a dual out before the first nut is loosened. The maker’s data and the machine’s manual come first.";
                    case REPLACE_WHEEL ->
                        "Hub- and stud-piloted nuts never interchange: fit the nuts that belong to the wheel, to the maker’s torque.";
                    case ROTATE ->
                        "Level ground, chocks, stands before a wheel comes off; never under a load held by a jack. Both cores of a dual out before the first nut is loosened. Nuts by hand, then in a star: half, full, one pass round.";
                    case RETORQUE -> "To the wheel maker’s figure, in a star, with the vehicle on its wheels.";
                    case REPLACE_SENSOR ->
                        "All air out before the bead is touched, and the bead broken away from the sensor. After it: core, seating in a cage above 40 psi, leak check, relearn.";
                    case SET_PRESSURE ->
                        "Cold only: parked at least 3 hours. A hot tire is never bled down. Stand clear of the valve’s line.";
                    case RECORD_TIRE,
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

    public String label() {
        return label;
    }

    public Set<RequiredResult> requiredResult() {
        return requiredResult;
    }
}
