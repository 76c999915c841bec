package rotagens.core.shop;

import java.time.LocalDate;
import rotagens.core.measure.Message;

/**
 * Days work is meant for: before them it doesn't count, after them it is late.
 *
 * @param why what makes it so, as a phrase
 */
public record DayWindow(LocalDate from, LocalDate to, Message why) {

    public DayWindow {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException(from + " to " + to);
        }
    }

    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
