package rotagens.core.shop;

import static rotagens.core.shop.ShopWords.WORDS;

import java.util.Locale;
import rotagens.core.measure.InvalidInputException;

/**
 * A stretch of one day, in minutes from midnight; the end doesn't belong to it.
 *
 * @param from minutes from midnight
 * @param to minutes from midnight, at most 24 hours
 */
public record TimeRange(int from, int to) {

    private static final int DAY = 24 * 60;

    /**
     * Checks the order.
     *
     * @param from minutes from midnight
     * @param to minutes from midnight
     * @throws InvalidInputException where it ends before it begins, or outside the day
     */
    public TimeRange {
        if (from < 0 || to > DAY || from >= to) {
            throw new InvalidInputException(WORDS.say("daysHoursBeginBeforeThey"));
        }
    }

    /**
     * Reads {@code 07:00-16:30}.
     *
     * @param text two times with a hyphen or a dash between them
     * @return the stretch
     * @throws InvalidInputException where it is none
     */
    public static TimeRange parse(String text) {
        String[] ends = text.strip().split("\\s*[-–]\\s*");
        if (ends.length != 2) {
            throw new InvalidInputException(WORDS.say("enterHoursSuchAs07"));
        }
        return new TimeRange(minute(ends[0]), minute(ends[1]));
    }

    private static int minute(String text) {
        if (!text.matches("([01]?[0-9]|2[0-4]):[0-5][0-9]")) {
            throw new InvalidInputException(
                    WORDS.say("isNoTimeOfDay", "typed", text.length() > 12 ? text.substring(0, 12) : text));
        }
        String[] parts = text.split(":");
        return Integer.parseInt(parts[0]) * 60 + Integer.parseInt(parts[1]);
    }

    /**
     * A minute of the day as it is read: {@code 07:30}.
     *
     * @param minute from midnight
     * @return hours and minutes of a day of 24 hours
     */
    public static String clock(int minute) {
        return String.format(Locale.ROOT, "%02d:%02d", minute / 60, minute % 60);
    }

    /**
     * How long it is.
     *
     * @return minutes
     */
    public int minutes() {
        return to - from;
    }

    /**
     * Whether another stretch lies within.
     *
     * @param start minutes from midnight
     * @param end minutes from midnight
     * @return whether all of the other stretch lies within
     */
    public boolean holds(int start, int end) {
        return start >= from && end <= to;
    }

    /**
     * As it is read and typed.
     *
     * @return {@code 07:00–16:30}
     */
    public String label() {
        return clock(from) + "–" + clock(to);
    }
}
