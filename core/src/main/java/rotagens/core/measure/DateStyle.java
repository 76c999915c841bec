package rotagens.core.measure;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * How a fleet writes its dates. The month stands in letters or the year in front, so that no style can be taken for
 * another: {@code 7/8/2026} is written by none.
 */
public enum DateStyle {
    /** {@code Jul 28, 2026}. */
    MONTH_FIRST("MMM d, uuuu"),
    /** {@code 28 Jul 2026}. */
    DAY_FIRST("d MMM uuuu"),
    /** {@code 2026-07-28}. */
    YEAR_FIRST("uuuu-MM-dd");

    private final DateTimeFormatter day;
    private final DateTimeFormatter moment;

    DateStyle(String pattern) {
        day = DateTimeFormatter.ofPattern(pattern, Locale.US);
        moment = DateTimeFormatter.ofPattern(pattern + " HH:mm", Locale.US);
    }

    /**
     * A day, always with its year.
     *
     * @param date any day
     * @return in this style
     */
    public String format(LocalDate date) {
        return day.format(date);
    }

    /**
     * A day with its time of day.
     *
     * @param at a moment in the yard’s time
     * @return in this style, the time by 24 hours
     */
    public String format(LocalDateTime at) {
        return moment.format(at);
    }
}
