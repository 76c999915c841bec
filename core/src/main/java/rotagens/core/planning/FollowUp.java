package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.jobsheet.RetorqueCheck;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;
import rotagens.core.shop.DayWindow;

/** Work that has to follow other work. */
public final class FollowUp {

    /** The middle of the 50 to 100 miles after which nuts are torqued again. */
    private static final double RETORQUE_MILES = 75;

    /** Why a re-torque has its days. */
    public static final Message RETORQUE_WHY = WORDS.message(
            "reTorqueToAfter",
            "leastMiles",
            Distance.miles(RetorqueCheck.LEAST_MILES),
            "mostMiles",
            Distance.miles(RetorqueCheck.MOST_MILES));

    /** Why a pressure check after work on a bead has its day. */
    public static final Message PRESSURE_CHECK_WHY = WORDS.message("pressureCheckOnTheDay");

    private FollowUp() {}

    /**
     * The day a vehicle whose wheels were off has run 75 miles, so that re-torque falls at 50 to 100. Without miles a day on
     * file, or parked, the day after: nobody knows when it rolls next.
     *
     * @param done the day the wheels went on
     * @param milesPerDay how far the vehicle runs; empty where nobody knows
     * @return the day to plan
     */
    public static LocalDate retorque(LocalDate done, OptionalDouble milesPerDay) {
        double perDay = milesPerDay.orElse(0);
        if (perDay < 1) {
            return done.plusDays(1);
        }
        LocalDate day = done.plusDays((long) Math.ceil(RETORQUE_MILES / perDay));
        LocalDate last = retorqueWindow(done, milesPerDay).orElseThrow().to();
        return day.isAfter(last) ? last : day;
    }

    /**
     * The days on which it has run 50 to 100 miles; at 100 a day or more that day and the next, where the odometer decides. Empty
     * where nobody knows how far it runs.
     *
     * @param done the day the wheels went on
     * @param milesPerDay how far the vehicle runs; empty where nobody knows
     * @return from when to when
     */
    public static Optional<DayWindow> retorqueWindow(LocalDate done, OptionalDouble milesPerDay) {
        double perDay = milesPerDay.orElse(0);
        if (perDay < 1) {
            return Optional.empty();
        }
        return Optional.of(new DayWindow(
                done.plusDays((long) Math.floor(RetorqueCheck.LEAST_MILES / perDay)),
                done.plusDays(Math.max(1, (long) Math.floor(RetorqueCheck.MOST_MILES / perDay))),
                RETORQUE_WHY));
    }

    /**
     * The day after work on a bead, when a leak shows first.
     *
     * @param done the day a bead was worked on
     * @return that one day, with why
     */
    public static DayWindow pressureCheck(LocalDate done) {
        return new DayWindow(done.plusDays(1), done.plusDays(1), PRESSURE_CHECK_WHY);
    }

    /**
     * Why a pressure check done on a day doesn't count as the one that follows work on a bead; empty where it does. A later one
     * counts: a leak shows then, too.
     *
     * @param window the days it was meant for
     * @param day it was done
     * @return why not, in words
     */
    public static Optional<Message> pressureCheckTooSoon(DayWindow window, LocalDate day) {
        return day.isBefore(window.from())
                ? Optional.of(WORDS.message("thisIsMeantForBefore", "why", window.why(), "from", window.from()))
                : Optional.empty();
    }
}
