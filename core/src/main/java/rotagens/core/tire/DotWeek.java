package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Period;
import java.time.temporal.TemporalAdjusters;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;

/**
 * The week a tire was made, the last four figures of its DOT code, {@code WWYY}. Week 01 is the first full Sunday–Saturday
 * week of the year (49 CFR 574.5); age counts from the week's Sunday. A {@code 53} stamped in a year of 52 such weeks is kept
 * as stamped, noted, and counts from the Sunday of week 52, since some makers count ISO weeks. What can't be read is kept so,
 * with {@code ?} for each figure, and judged at its worst: the oldest week it can be.
 *
 * @param marked the figures as molded
 * @param weekStart the Sunday age counts from
 * @param isoWeek53 whether the stamp only makes sense in ISO weeks
 * @param certainty how much of it is certain
 */
public record DotWeek(String marked, LocalDate weekStart, boolean isoWeek53, Certainty certainty) {

    /** How much of a date is certain. */
    public enum Certainty {
        /** All of it was read. */
        EXACT,
        /** Three figures, from before 2000: which decade nobody can tell. */
        BEFORE_2000,
        /** Part of it can't be read. */
        PARTLY_READ,
        /** None of it can be read. */
        UNREADABLE
    }

    private static final String NONE_READ = "????";
    private static final int FIRST_DECADE_OF_THREE_FIGURES = 1970;
    private static final Pattern FOUR_FIGURES = Pattern.compile("[0-9]{4}");
    private static final Pattern THREE_FIGURES = Pattern.compile("[0-9]{3}");
    private static final Pattern PARTLY = Pattern.compile("[0-9?]{4}");

    /**
     * Reads {@code WWYY}, three figures {@code WWY} of a tire from before 2000, or four of which some are {@code ?}.
     *
     * @param text three or four figures
     * @param today the day it is read
     * @return the week, at its oldest where it isn’t certain
     * @throws InvalidInputException for weeks 00 and 54 and up, and for a week that hasn't begun by {@code today}
     */
    public static DotWeek parse(String text, LocalDate today) {
        String stamped = text == null ? "" : text.strip();
        if (stamped.isEmpty()) {
            throw new InvalidInputException(WORDS.say("noDateInThisCode"));
        }
        if (THREE_FIGURES.matcher(stamped).matches()) {
            return threeFigures(stamped);
        }
        if (FOUR_FIGURES.matcher(stamped).matches()) {
            return exact(stamped, today);
        }
        if (PARTLY.matcher(stamped).matches()) {
            return partly(stamped, today);
        }
        throw new InvalidInputException(WORDS.say("dateIsTheLastFour"));
    }

    /**
     * Of a code that nobody can read: older than any limit until somebody can.
     *
     * @return week 1 of 2000, marked as unreadable
     */
    public static DotWeek unreadable() {
        return new DotWeek(NONE_READ, sundayOfWeek(1, 2000), false, Certainty.UNREADABLE);
    }

    private static DotWeek exact(String stamped, LocalDate today) {
        int week = Integer.parseInt(stamped.substring(0, 2));
        int year = 2000 + Integer.parseInt(stamped.substring(2));
        if (week == 0 || week > 53) {
            throw new InvalidInputException(
                    WORDS.say("weekDoesntExistWeeksRun", "week", stamped.substring(0, 2), "digits", stamped));
        }
        LocalDate sunday = sundayOfWeek(week, year);
        boolean beyondYear = week == 53 && sunday.getYear() > year;
        LocalDate madeOn = beyondYear ? sunday.minusWeeks(1) : sunday;
        if (madeOn.isAfter(today)) {
            throw new InvalidInputException(
                    WORDS.say("weekOfHasntBegunYet", "stamped", stamped.substring(0, 2), "year", year));
        }
        return new DotWeek(stamped, madeOn, beyondYear, Certainty.EXACT);
    }

    private static DotWeek threeFigures(String stamped) {
        int week = Integer.parseInt(stamped.substring(0, 2));
        if (week == 0 || week > 53) {
            throw new InvalidInputException(
                    WORDS.say("weekDoesntExistSoThese", "week", stamped.substring(0, 2), "digits", stamped));
        }
        LocalDate oldest = sundayOfWeek(week, FIRST_DECADE_OF_THREE_FIGURES + Integer.parseInt(stamped.substring(2)));
        return new DotWeek(stamped, oldest, false, Certainty.BEFORE_2000);
    }

    /** The oldest of all dates that the figures read allow. */
    private static DotWeek partly(String stamped, LocalDate today) {
        if (stamped.equals(NONE_READ)) {
            return unreadable();
        }
        LocalDate oldest = null;
        for (int candidate = 0; candidate <= 9999; candidate++) {
            String four = String.format(java.util.Locale.ROOT, "%04d", candidate);
            if (!fits(stamped, four)) {
                continue;
            }
            int week = Integer.parseInt(four.substring(0, 2));
            LocalDate sunday = sundayOfWeek(Math.max(1, week), 2000 + Integer.parseInt(four.substring(2)));
            boolean possible = week > 0 && week <= 53 && !sunday.isAfter(today);
            if (possible && (oldest == null || sunday.isBefore(oldest))) {
                oldest = sunday;
            }
        }
        if (oldest == null) {
            throw new InvalidInputException(WORDS.say("noWeekMatchesWeeksRun", "stamped", stamped));
        }
        return new DotWeek(stamped, oldest, false, Certainty.PARTLY_READ);
    }

    static boolean fits(String read, String full) {
        if (read.length() != full.length()) {
            return false;
        }
        for (int at = 0; at < read.length(); at++) {
            char one = read.charAt(at);
            char other = full.charAt(at);
            if (one != '?' && other != '?' && one != other) {
                return false;
            }
        }
        return true;
    }

    /**
     * Whether all of it was read.
     *
     * @return whether no doubt has to be said
     */
    public boolean isExact() {
        return certainty == Certainty.EXACT;
    }

    /**
     * What has to be known about a date that isn't exact, for the person who reads its age; empty for an exact one.
     *
     * @return for the middle of a sentence
     */
    public String doubt() {
        return switch (certainty) {
            case EXACT -> "";
            case BEFORE_2000 -> WORDS.say("weekOf197198", "week", marked.substring(0, 2), "year", marked.charAt(2));
            case PARTLY_READ -> WORDS.say("partlyUnreadableJudged");
            case UNREADABLE -> WORDS.say("unreadableJudgedAsOlderThan");
        };
    }

    private static LocalDate sundayOfWeek(int week, int year) {
        return LocalDate.of(year, 1, 1)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY))
                .plusWeeks(week - 1L);
    }

    /**
     * The stamp of the federal week a day lies in; days before week 01 belong to the last week of the year before.
     *
     * @param day any day from 2000 on
     * @return {@code WWYY}
     */
    public static String stampFor(LocalDate day) {
        LocalDate sunday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.SUNDAY));
        long week = (sunday.getDayOfYear() - 1) / 7 + 1;
        return String.format(java.util.Locale.ROOT, "%02d%02d", week, sunday.getYear() % 100);
    }

    /**
     * Years of age with one decimal's meaning, for example 7.3.
     *
     * @param today the day it is asked for
     * @return from the week’s Sunday
     */
    public double ageYears(LocalDate today) {
        Period age = Period.between(weekStart, today);
        return age.getYears() + age.getMonths() / 12.0 + age.getDays() / 365.25;
    }

    /** How near an age limit is. */
    public enum Nearness {
        /** Passed, or passed today. */
        PASSED,
        /** Within so many days. */
        SOON,
        /** Later than that. */
        LATER
    }

    /**
     * How near a limit is on a day; on its day it is passed.
     *
     * @param soonDays from how many days before it is near
     * @param limit the day a limit is passed
     * @param today the day it is asked for
     * @return passed from the limit’s day on
     */
    public static Nearness nearness(LocalDate limit, LocalDate today, int soonDays) {
        if (!limit.isAfter(today)) {
            return Nearness.PASSED;
        }
        return limit.isAfter(today.plusDays(soonDays)) ? Nearness.LATER : Nearness.SOON;
    }

    private static final int SHORT_DAYS = 730;
    private static final double DAYS_A_YEAR = 365.25;
    private static final int WEEK = 7;

    /**
     * Whether a limit lies so near that the stamp, which names a week and not a day, leaves it open.
     *
     * @param limit the day a limit is passed
     * @param today the day it is asked for
     * @return within seven days before or after
     */
    public static boolean isWithinItsWeek(LocalDate limit, LocalDate today) {
        return Math.abs(java.time.temporal.ChronoUnit.DAYS.between(today, limit)) <= WEEK;
    }

    /**
     * How long until a limit is passed, in words; within a week of today it says ±1 week.
     *
     * @param limit the day a limit is passed
     * @param today the day it is asked for
     * @return for a table or the middle of a sentence
     */
    public static String daysRemaining(LocalDate limit, LocalDate today) {
        long days = java.time.temporal.ChronoUnit.DAYS.between(today, limit);
        String unsure = isWithinItsWeek(limit, today) ? WORDS.say("at1Week") : "";
        if (days <= 0) {
            return WORDS.say("limitPassed", "days", -days, "unsure", unsure);
        }
        return days < SHORT_DAYS
                ? WORDS.say("daysLeft", "days", days, "unsure", unsure)
                : String.format(java.util.Locale.ROOT, "%.1f y", days / DAYS_A_YEAR);
    }

    /**
     * The day the tire reaches so many years; from that day on the limit is passed.
     *
     * @param years of age; parts of a year count by whole months
     * @return counted from the week’s Sunday
     */
    public LocalDate reaches(double years) {
        long whole = (long) Math.floor(years);
        long months = Math.round((years - whole) * 12);
        return weekStart.plusYears(whole).plusMonths(months);
    }
}
