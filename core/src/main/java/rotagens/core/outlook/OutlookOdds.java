package rotagens.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import rotagens.core.outlook.OutlookResult.Installation;
import rotagens.core.outlook.OutlookResult.TireTimeline;
import rotagens.core.outlook.OutlookVehicle.InstalledTire;

/**
 * How likely a plan holds: in how many of many tries, with wear drawn from each rate's own range and damage by the fleet's share
 * a year, no tire goes before its planned day. Tread noticed up to a month early at a check doesn't count as a surprise.
 */
public final class OutlookOdds {

    private static final int NOTICED_DAYS = 30;

    /**
     * What came of the tries.
     *
     * @param tries how many were made
     * @param chanceOnPlan share of tries without a surprise, 0 to 1
     * @param unplannedChanges tires a try that go before their day, on average
     */
    public record Result(int tries, double chanceOnPlan, double unplannedChanges) {}

    private OutlookOdds() {}

    /**
     * Tries a plan for some vehicles until a day.
     *
     * @param plan the outlook of each vehicle under the plan
     * @param today the day the tries begin
     * @param until the day they end; what is planned from then on isn’t asked about
     * @param tries how many are made, 1 or more
     * @param seed the same tries for the same seed
     * @return how often the plan holds, and how many tires a try go before their day
     */
    public static Result of(List<OutlookResult> plan, LocalDate today, LocalDate until, int tries, long seed) {
        List<SampledLife> lives = plan.stream()
                .flatMap(outlookResult -> outlookResult.timelines().stream()
                        .filter(tireTimeline -> tireTimeline.from().isBefore(until))
                        .map(tireTimeline -> SampledLife.of(outlookResult, tireTimeline, today, until)))
                .filter(sampledLife -> sampledLife.days() > 0)
                .toList();
        // A generator of its own for each try, so that tries may run side by side and still come out the same.
        SplittableRandom random = new SplittableRandom(seed);
        List<SplittableRandom> each =
                Stream.generate(random::split).limit(tries).toList();
        int[] early = each.parallelStream().mapToInt(one -> early(lives, one)).toArray();
        long held = Arrays.stream(early).filter(count -> count == 0).count();
        long surprises = Arrays.stream(early).asLongStream().sum();
        return new Result(tries, tries == 0 ? 1 : (double) held / tries, tries == 0 ? 0 : (double) surprises / tries);
    }

    private static int early(List<SampledLife> lives, SplittableRandom random) {
        int early = 0;
        for (SampledLife sampledLife : lives) {
            if (sampledLife.endsEarly(random)) {
                early++;
            }
        }
        return early;
    }

    /**
     * What a try asks of one tire, worked out once for all of them.
     *
     * @param days it is planned to stay
     * @param damaged the chance that damage ends it before
     * @param wornOut it is at its pull point too early once its rate lies this many standard deviations above what was measured;
     *     infinite where no rate brings it there
     */
    private record SampledLife(long days, double damaged, double wornOut) {

        /** Beyond this many standard deviations nothing is drawn: one tire in thirty million. */
        private static final double NEVER = 5.5;

        static SampledLife of(
                OutlookResult outlookResult, TireTimeline tireTimeline, LocalDate today, LocalDate until) {
            LocalDate from = tireTimeline.from().isBefore(today) ? today : tireTimeline.from();
            LocalDate planned = tireTimeline.to().isBefore(until) ? tireTimeline.to() : until;
            long days = ChronoUnit.DAYS.between(from, planned);
            double failures = Math.min(0.99, outlookResult.vehicle().policy().earlyFailures());
            return new SampledLife(
                    days,
                    1 - Math.pow(1 - failures, Math.max(0, days) / OutlookSimulation.DAYS),
                    wornOut(outlookResult, tireTimeline, planned));
        }

        private static double wornOut(OutlookResult outlookResult, TireTimeline tireTimeline, LocalDate planned) {
            InstalledTire last = spot(
                    outlookResult,
                    tireTimeline
                            .installations()
                            .get(tireTimeline.installations().size() - 1));
            if (last.perDay() <= 0 || last.depth().isEmpty() && !tireTimeline.purchasedOn()) {
                return Double.POSITIVE_INFINITY;
            }
            double worn = 0;
            for (Installation installation : tireTimeline.installations()) {
                LocalDate to = installation.to().isBefore(planned) ? installation.to() : planned;
                worn += Math.max(0, ChronoUnit.DAYS.between(installation.from(), to))
                        * spot(outlookResult, installation).perDay();
            }
            double depth =
                    tireTimeline.purchasedOn() ? last.fresh() : last.depth().orElse(last.fresh());
            double unnoticed = worn - NOTICED_DAYS * last.perDay();
            double above = depth - last.pull();
            if (above < 0) {
                return Double.NEGATIVE_INFINITY;
            }
            if (unnoticed <= 0) {
                return Double.POSITIVE_INFINITY;
            }
            // Two standard deviations are the rate's own half range.
            double times = Math.log(above / unnoticed);
            return last.spread() > 0
                    ? times / (last.spread() / 2)
                    : times < 0 ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
        }

        boolean endsEarly(SplittableRandom random) {
            if (damaged > 0 && random.nextDouble() < damaged) {
                return true;
            }
            return wornOut < -NEVER || wornOut <= NEVER && random.nextGaussian() > wornOut;
        }
    }

    private static InstalledTire spot(OutlookResult outlookResult, Installation installation) {
        return outlookResult.vehicle().spots().stream()
                .filter(installedTire -> installedTire.position().equals(installation.position()))
                .findFirst()
                .orElseThrow();
    }
}
