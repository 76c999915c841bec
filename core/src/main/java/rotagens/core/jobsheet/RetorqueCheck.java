package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;

/**
 * Whether nuts torqued again count: they settle in the first miles, so that a pass before 50 miles says nothing. Source: 50 to 100
 * miles, wheel makers' practice; a later one counts and is called late.
 *
 * @param wheelsOn the day the wheels went on
 * @param odometerThen what the odometer showed; empty where the vehicle has none or nobody read it
 */
public record RetorqueCheck(LocalDate wheelsOn, Optional<Distance> odometerThen) {

    /** From so many miles on it counts. */
    public static final double LEAST_MILES = 50;
    /** Up to so many miles it is in time. */
    public static final double MOST_MILES = 100;

    /** A pass at these miles since the wheels went on. */
    public enum Verdict {
        /** Nuts haven’t settled yet. */
        TOO_SOON,
        /** Within its window. */
        IN_TIME,
        /** After its window; it counts, and the wheels are looked at. */
        LATE;

        /**
         * Whether it counts as the re-torque.
         *
         * @return whether the work may be signed off with it
         */
        public boolean counts() {
            return this != TOO_SOON;
        }
    }

    /**
     * A judged pass.
     *
     * @param says how far it had run, and what follows
     */
    public record Judged(Verdict verdict, Message says) {}

    /**
     * By the odometer; an odometer that shows less than then is read again.
     *
     * @param now the odometer now
     * @return too soon, in time or late, in words
     */
    public Judged byOdometer(Distance now) {
        return after(now.miles() - odometerThen.orElseThrow().miles());
    }

    /**
     * By miles since, where no odometer says it.
     *
     * @param miles since the wheels went on
     * @return too soon, in time or late, in words
     */
    public static Judged after(double miles) {
        Distance driven = Distance.miles(Math.round(Math.max(0, miles)));
        if (miles < LEAST_MILES) {
            return new Judged(
                    Verdict.TOO_SOON,
                    WORDS.message(
                            "sinceTheWheelsWent",
                            "driven",
                            driven,
                            "leastMiles",
                            Distance.miles(LEAST_MILES),
                            "mostMiles",
                            Distance.miles(MOST_MILES)));
        }
        if (miles <= MOST_MILES) {
            return new Judged(Verdict.IN_TIME, WORDS.message("afterTheWheelsWent", "driven", driven));
        }
        return new Judged(
                Verdict.LATE,
                WORDS.message("afterTheWheelsWent2", "driven", driven, "mostMiles", Distance.miles(MOST_MILES)));
    }
}
