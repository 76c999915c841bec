package rotagens.core.shop;

import java.time.LocalDate;
import rotagens.core.measure.Message;

/**
 * Days work is meant for: before them it doesn't count, after them it is late.
 *
 * @param from the first day
 * @param to the last day
 * @param why what makes it so, as a phrase
 */
public record DayWindow(LocalDate from, LocalDate to, Message why) {

    /**
     * Checks the order of the days.
     *
     * @param from the first day
     * @param to the last day
     * @param why what makes it so, as a phrase
     * @throws IllegalArgumentException where it ends before it begins
     */
    public DayWindow {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException(from + " to " + to);
        }
    }

    /**
     * Whether a day is one of them.
     *
     * @param day any day
     * @return from the first to the last, both included
     */
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
