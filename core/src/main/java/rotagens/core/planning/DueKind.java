package rotagens.core.planning;

import java.util.EnumSet;
import java.util.Set;

/** The kinds of work that fall due, each with what must be read or recorded when it is done. */
public enum DueKind {
    RECORD_TIRE("Record the tire fitted", After.NEW_TIRE),
    INSPECT_DAMAGE("Professional inspection", After.VERDICT, After.COLD_PRESSURE),
    FIX_MATCH("Fit a matching tire", After.NEW_TIRE),
    CHANGE_WHEEL("Fit a matching wheel", After.WHEEL),
    REPLACE("Replace tire", After.NEW_TIRE),
    PUT_RIGHT("Put right", After.NOTE),
    SET_PRESSURE("Set pressure", After.COLD_PRESSURE),
    MEND_WEAR_CAUSE("Mend the cause of wear", After.NOTE),
    AGE_INSPECTION("Yearly professional inspection", After.VERDICT),
    READ_DOT("Read the DOT date", After.DOT_CODE),
    PRESSURE_CHECK("Pressure check", After.COLD_PRESSURE),
    TREAD_INSPECTION("Tread inspection", After.TREAD),
    FIND_TARGET("Find the right pressure", After.NOTE),
    REPLACE_SENSOR("Replace sensor", After.SENSOR, After.COLD_PRESSURE),
    FIND_LEAK("Find the leak", After.COLD_PRESSURE, After.NOTE),
    TAKE_LOAD_OFF("Take load off, or fit a higher rating", After.SLIP),
    WEIGH("Weigh", After.SLIP),
    ROTATE("Rotate", After.TORQUE),
    PLACE_TIRE("Put the tire here as planned", After.COLD_PRESSURE),
    FIT_PLANNED("Fit the new tire here as planned", After.NEW_TIRE),
    RETORQUE("Re-torque", After.TORQUE),
    RELEARN("Relearn sensors", After.NOTE),
    MOVE_VEHICLE("Move the parked vehicle", After.NOTE);

    /**
     * Whether a day and a person are enough to get it done; finding a pressure also needs weights and a maker's chart, a
     * rotation needs somebody to decide which tire goes where.
     */
    public boolean canBeScheduled() {
        return this != FIND_TARGET && this != ROTATE;
    }

    /** What has to be on record before the work counts as done. */
    public enum After {
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
        SLIP,
        /** What was done, in words. */
        NOTE
    }

    private final String words;
    private final Set<After> after;

    DueKind(String words, After... after) {
        this.words = words;
        this.after = EnumSet.copyOf(Set.of(after));
    }

    public String words() {
        return words;
    }

    public Set<After> after() {
        return after;
    }
}
