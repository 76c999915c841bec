package rotagens.core.measure;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A day as people and spreadsheets write it in figures: {@code 7/4/2026}, {@code 04.07.26}, {@code 2026/7/4}, with or without a time
 * behind it. Between slashes or dashes the month comes first in some countries and the day in others; with dots the day does. Where a
 * text says itself which it is, it is read; where it doesn't, nobody guesses.
 */
public final class WrittenDay {

    /** What comes first between slashes or dashes. */
    public enum Order {
        /** {@code 7/4/2026} is the fourth of July. */
        MONTH_FIRST,
        /** {@code 7/4/2026} is the seventh of April. */
        DAY_FIRST
    }

    private static final Pattern FIGURES =
            Pattern.compile("(\\d{1,4})([/.-])(\\d{1,2})\\2(\\d{1,4})(?:[ T]\\d{1,2}:\\d{2}.*)?");

    private static final int MOST_MONTH = 12;
    private static final int CENTURY = 2000;

    private WrittenDay() {}

    /**
     * The day a text means.
     *
     * @param order as a person said it of the whole list; empty where nobody did
     * @param text what stands in the list
     * @return empty where it is no day in figures, or where nobody can tell which
     */
    public static Optional<LocalDate> read(String text, Optional<Order> order) {
        Matcher figures = FIGURES.matcher(text.strip());
        if (!figures.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(figures.group(1));
        int second = Integer.parseInt(figures.group(3));
        int third = Integer.parseInt(figures.group(4));
        try {
            if (figures.group(1).length() == 4) {
                return Optional.of(LocalDate.of(first, second, third));
            }
            int year = figures.group(4).length() <= 2 ? CENTURY + third : third;
            if (figures.group(2).equals(".") || first > MOST_MONTH) {
                return Optional.of(LocalDate.of(year, second, first));
            }
            if (second > MOST_MONTH || first == second) {
                return Optional.of(LocalDate.of(year, first, second));
            }
            return order.map(one ->
                    one == Order.MONTH_FIRST ? LocalDate.of(year, first, second) : LocalDate.of(year, second, first));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }

    /**
     * Whether it may be read two ways: both figures may be a month, and they differ.
     *
     * @param text what stands in the list
     * @return whether a person has to say the order
     */
    public static boolean isAmbiguous(String text) {
        return eitherOrder(text)
                .filter(figures -> !isOver(figures.group(1))
                        && !isOver(figures.group(3))
                        && !figures.group(1).equals(figures.group(3)))
                .isPresent();
    }

    /**
     * The order a text shows by itself: a 28 is no month. Empty where it shows none.
     *
     * @param text what stands in the list
     * @return the order of the whole list, if one text shows it
     */
    public static Optional<Order> shownBy(String text) {
        return eitherOrder(text)
                .flatMap(figures -> isOver(figures.group(1))
                        ? Optional.of(Order.DAY_FIRST)
                        : isOver(figures.group(3)) ? Optional.of(Order.MONTH_FIRST) : Optional.empty());
    }

    private static Optional<Matcher> eitherOrder(String text) {
        return Optional.of(FIGURES.matcher(text.strip()))
                .filter(Matcher::matches)
                .filter(figures ->
                        figures.group(1).length() <= 2 && !figures.group(2).equals("."));
    }

    private static boolean isOver(String figure) {
        return Integer.parseInt(figure) > MOST_MONTH;
    }
}
