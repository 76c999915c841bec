package rotagens.core.shop;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;

/**
 * What a plan costs in points, so that two can be compared: days late by their weight, travel, and work done long before it is
 * due. A job without a place costs as if it were done ten weeks late. Source: our own scale.
 */
public final class ShopCost {

    private static final int LATE_DAY = 100;
    private static final int EARLY_WEEK = 2;
    private static final int UNPLACED_DAYS = 70;

    private ShopCost() {}

    /**
     * Of one job where it stands.
     *
     * @param placed where the job stands
     * @return points
     */
    public static long of(JobSlot placed) {
        return of(placed.job(), placed.day());
    }

    /**
     * Of one job on a day; the hour costs nothing.
     *
     * @param job what is done
     * @param day the day it is done on
     * @return points
     */
    public static long of(ShopJob job, LocalDate day) {
        long late = ChronoUnit.DAYS.between(job.due(), day);
        return job.travel() + (late > 0 ? late * LATE_DAY * job.weight() : -late / 7 * EARLY_WEEK);
    }

    /**
     * Of a job that has no place.
     *
     * @param job what isn’t done
     * @return points
     */
    public static long unplaced(ShopJob job) {
        return (long) UNPLACED_DAYS * LATE_DAY * job.weight();
    }

    /**
     * Of a whole plan.
     *
     * @param placed where jobs stand
     * @param unplaced jobs without a place
     * @return points
     */
    public static long of(Collection<JobSlot> placed, Collection<ShopJob> unplaced) {
        return placed.stream().mapToLong(ShopCost::of).sum()
                + unplaced.stream().mapToLong(ShopCost::unplaced).sum();
    }

    /**
     * Days late, all jobs together.
     *
     * @param placed where jobs stand
     * @return days; those in time count nothing
     */
    public static long daysLate(Collection<JobSlot> placed) {
        return placed.stream()
                .mapToLong(one -> Math.max(0, ChronoUnit.DAYS.between(one.job().due(), one.day())))
                .sum();
    }
}
