package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When a tire has to be gauged next.
 *
 * @param due the earlier of the interval's end and the day it reaches its need
 * @param reachesMinimum the day it reaches what its load needs at its own rate, or at 5 % a month where that isn't known
 */
public record NextCheck(LocalDate due, Optional<LocalDate> reachesMinimum) {

    /**
     *
     * @param read the newest cold reading in psi, and its day
     * @param needPsi what the recorded load needs; empty where no load is on record, the interval alone then counts
     * @param monthly the rate of loss to expect, a share a month: {@link PressureLoss.Loss#expected()}
     * @param on the day of that reading
     * @param intervalDays the policy’s interval
     * @return the earlier of the two days
     */
    public static NextCheck of(double read, LocalDate on, Optional<Double> needPsi, double monthly, int intervalDays) {
        LocalDate interval = on.plusDays(intervalDays);
        Optional<LocalDate> reaches =
                needPsi.map(need -> on.plusDays(Math.min(100_000, PressureLoss.daysToReach(read, need, monthly))));
        return new NextCheck(reaches.filter(interval::isAfter).orElse(interval), reaches);
    }
}
