package rotagens.core.planning;

import java.util.EnumSet;
import java.util.Set;

/** The kinds of work that fall due, each with what must be read or recorded when it is done. */
public enum DueKind {
    RECORD_TIRE("Record the tire fitted", true, After.NEW_TIRE),
    INSPECT_DAMAGE("Professional inspection", true, After.VERDICT, After.COLD_PRESSURE),
    FIX_MATCH("Fit a matching tire", true, After.NEW_TIRE),
    CHANGE_WHEEL("Fit a matching wheel", true, After.WHEEL),
    REPLACE("Replace tire", true, After.NEW_TIRE),
    PUT_RIGHT("Put right", true, After.NOTE),
    SET_PRESSURE("Set pressure", true, After.COLD_PRESSURE),
    MEND_WEAR_CAUSE("Mend the cause of wear", true, After.NOTE),
    AGE_INSPECTION("Yearly professional inspection", false, After.VERDICT),
    READ_DOT("Read the DOT date", false, After.DOT_CODE),
    PRESSURE_CHECK("Pressure check", false, After.COLD_PRESSURE),
    TREAD_INSPECTION("Tread inspection", false, After.TREAD),
    FIND_TARGET("Find the right pressure", false, After.NOTE),
    MOVE_VEHICLE("Move the parked vehicle", false, After.NOTE);

    /** Whether a day and a person are enough to get it done; finding a pressure also needs weights and a maker's chart. */
    public boolean canBeScheduled() {
        return this != FIND_TARGET;
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
        /** A qualified person's verdict, with the person's name. */
        VERDICT,
        /** What was done, in words. */
        NOTE
    }

    private final String words;
    private final boolean perTire;
    private final Set<After> after;

    DueKind(String words, boolean perTire, After... after) {
        this.words = words;
        this.perTire = perTire;
        this.after = EnumSet.copyOf(Set.of(after));
    }

    public String words() {
        return words;
    }

    /** Whether each tire is listed on its own; otherwise tires due the same day share a line. */
    public boolean isPerTire() {
        return perTire;
    }

    public Set<After> after() {
        return after;
    }
}
