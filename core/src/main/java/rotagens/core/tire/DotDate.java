package rotagens.core.tire;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Period;
import java.time.temporal.TemporalAdjusters;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidEntry;

/**
 * The week a tire was made, the last four figures of its DOT code, {@code WWYY}. Week 01 is the first full Sunday–Saturday
 * week of the year (49 CFR 574.5); age counts from the week's Sunday. A {@code 53} stamped in a year of 52 such weeks is kept
 * as stamped, noted, and counts from the Sunday of week 52, since some makers count ISO weeks.
 *
 * @param stamped the four figures as molded
 * @param madeOn the Sunday age counts from
 * @param isoWeek53 whether the stamp only makes sense in ISO weeks
 */
public record DotDate(String stamped, LocalDate madeOn, boolean isoWeek53) {

    private static final Pattern FOUR_FIGURES = Pattern.compile("[0-9]{4}");
    private static final Pattern THREE_FIGURES = Pattern.compile("[0-9]{3}");

    /**
     * Reads {@code WWYY}. Refuses weeks 00 and 54 and up, a week that hasn't begun by {@code today}, and three-figure dates,
     * which are from before 2000 and beyond every age limit.
     */
    public static DotDate parse(String text, LocalDate today) {
        String stamped = text == null ? "" : text.strip();
        if (stamped.isEmpty()) {
            throw new InvalidEntry(
                    "No date in this code: the full code stands on one sidewall only, often the inboard one. Read the other sidewall.");
        }
        if (THREE_FIGURES.matcher(stamped).matches()) {
            throw new InvalidEntry("A three-figure date (" + stamped
                    + ") is from before 2000: this tire is beyond every age limit and must come off.");
        }
        if (!FOUR_FIGURES.matcher(stamped).matches()) {
            throw new InvalidEntry(
                    "The date is the last four figures of the DOT code, week then year, for example 0821.");
        }
        int week = Integer.parseInt(stamped.substring(0, 2));
        int year = 2000 + Integer.parseInt(stamped.substring(2));
        if (week == 0 || week > 53) {
            throw new InvalidEntry("Week " + stamped.substring(0, 2) + " doesn’t exist: weeks run from 01 to 53. Read "
                    + stamped + " again, week first, then year.");
        }
        LocalDate sunday = sundayOfWeek(week, year);
        boolean beyondYear = week == 53 && sunday.getYear() > year;
        LocalDate madeOn = beyondYear ? sunday.minusWeeks(1) : sunday;
        if (madeOn.isAfter(today)) {
            throw new InvalidEntry("Week " + stamped.substring(0, 2) + " of " + year
                    + " hasn’t begun yet. Read the four figures again, week first, then year.");
        }
        return new DotDate(stamped, madeOn, beyondYear);
    }

    private static LocalDate sundayOfWeek(int week, int year) {
        return LocalDate.of(year, 1, 1)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY))
                .plusWeeks(week - 1L);
    }

    /** The stamp of the federal week a day lies in; days before week 01 belong to the last week of the year before. */
    public static String stampFor(LocalDate day) {
        LocalDate sunday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.SUNDAY));
        long week = (sunday.getDayOfYear() - 1) / 7 + 1;
        return String.format(java.util.Locale.ROOT, "%02d%02d", week, sunday.getYear() % 100);
    }

    /** Years of age with one decimal's meaning, for example 7.3. */
    public double ageYears(LocalDate today) {
        Period age = Period.between(madeOn, today);
        return age.getYears() + age.getMonths() / 12.0 + age.getDays() / 365.25;
    }

    private static final int SHORT_DAYS = 730;
    private static final double DAYS_A_YEAR = 365.25;
    private static final int WEEK = 7;

    /** Whether a limit lies so near that the stamp, which names a week and not a day, leaves it open. */
    public static boolean isWithinItsWeek(LocalDate limit, LocalDate today) {
        return Math.abs(java.time.temporal.ChronoUnit.DAYS.between(today, limit)) <= WEEK;
    }

    /** How long until a limit is passed, in words; within a week of today it says ±1 week. */
    public static String left(LocalDate limit, LocalDate today) {
        long days = java.time.temporal.ChronoUnit.DAYS.between(today, limit);
        String unsure = isWithinItsWeek(limit, today) ? " ± 1 week" : "";
        if (days <= 0) {
            return (days == 0 ? "passed today" : "passed " + -days + (days == -1 ? " day ago" : " days ago")) + unsure;
        }
        return days < SHORT_DAYS
                ? days + (days == 1 ? " day" : " days") + unsure
                : String.format(java.util.Locale.ROOT, "%.1f y", days / DAYS_A_YEAR);
    }

    /** The day the tire reaches so many years; from that day on the limit is passed. */
    public LocalDate reaches(double years) {
        long whole = (long) Math.floor(years);
        long months = Math.round((years - whole) * 12);
        return madeOn.plusYears(whole).plusMonths(months);
    }
}
