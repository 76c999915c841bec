package rotagens.core.planning;

import java.time.LocalDate;
import rotagens.core.fact.Verdict;

/** How soon due work must be done: the parts of every due list. */
public enum DueGroup {
    /** The vehicle must not be operated until it is done, however its day reads. */
    DO_NOT_OPERATE,
    /** Due today or overdue; the vehicle may be operated. */
    DUE_NOW,
    UPCOMING;

    /** The part of the due list that a piece of work belongs in on a day. */
    public static DueGroup of(DueItem item, LocalDate today) {
        if (item.urgency() == Verdict.DO_NOT_OPERATE) {
            return DO_NOT_OPERATE;
        }
        return item.due().isAfter(today) ? UPCOMING : DUE_NOW;
    }
}
