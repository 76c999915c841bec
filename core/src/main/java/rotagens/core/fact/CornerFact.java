package rotagens.core.fact;

import java.time.LocalDate;

/**
 * One thing on record about which sensor the dash takes for which corner of a vehicle.
 *
 * @param label what happened, for people: "Sensor replaced at 1L"
 */
public record CornerFact(LocalDate on, String by, Type kind, String label) {

    /** What can happen to it. */
    public enum Type {
        /** A sensor came to another corner, or another sensor came: the dash hasn't learned it yet. */
        CHANGED,
        /** Dash and gauge, read at the same time, named different corners. */
        SWAPPED,
        /** A relearn was abandoned. */
        ABANDONED,
        /** A relearn was proven: dash and gauge agree at every corner. */
        PROVEN
    }
}
