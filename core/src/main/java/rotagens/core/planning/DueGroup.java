package rotagens.core.planning;

import java.time.LocalDate;
import rotagens.core.fact.Verdict;

/** How soon due work must be done: the parts of every due list, most urgent first. */
public enum DueGroup {
    /** The vehicle must not be operated until it is done, however its day reads. */
    DO_NOT_OPERATE,
    /** Its day has passed; the vehicle may be operated. */
    OVERDUE,
    /** Due today or on one of the six days after. */
    THIS_WEEK,
    /** Due within 30 days. */
    NEXT_30_DAYS,
    /** Due after that. */
    LATER;

    private static final int WEEK_DAYS = 7;
    private static final int MONTH_DAYS = 30;

    /**
     * The part of the due list that a piece of work belongs in on a day.
     *
     * @param item the due work
     * @param today the day it is in the fleet's zone
     * @return one part, never two
     */
    public static DueGroup of(DueItem item, LocalDate today) {
        if (item.urgency() == Verdict.DO_NOT_OPERATE) {
            return DO_NOT_OPERATE;
        }
        if (item.due().isBefore(today)) {
            return OVERDUE;
        }
        if (item.due().isBefore(today.plusDays(WEEK_DAYS))) {
            return THIS_WEEK;
        }
        return item.due().isAfter(today.plusDays(MONTH_DAYS)) ? LATER : NEXT_30_DAYS;
    }
}
