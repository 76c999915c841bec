package rotagens.core.planning;

import java.time.LocalDate;
import java.util.OptionalDouble;

/** Work that has to follow other work. */
public final class FollowUp {

    /** The middle of the 50 to 100 miles after which nuts are torqued again. */
    private static final double RETORQUE_MILES = 75;

    private FollowUp() {}

    /**
     * The day a vehicle whose wheels were off has run 75 miles, so that re-torque falls at 50 to 100. Without miles a day on
     * file, or parked, the day after: nobody knows when it rolls next.
     */
    public static LocalDate retorque(LocalDate done, OptionalDouble milesPerDay) {
        double perDay = milesPerDay.orElse(0);
        return done.plusDays(perDay < 1 ? 1 : (long) Math.ceil(RETORQUE_MILES / perDay));
    }
}
