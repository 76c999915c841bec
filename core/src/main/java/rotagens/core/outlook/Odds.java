package rotagens.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.SplittableRandom;
import rotagens.core.outlook.Outcome.Ribbon;
import rotagens.core.outlook.Outcome.Stay;
import rotagens.core.outlook.OutlookVehicle.Spot;

/**
 * How likely a plan holds: in how many of many tries, with wear drawn from each rate's own range and damage by the fleet's share
 * a year, no tire goes before its planned day. Tread noticed up to a month early at a check doesn't count as a surprise.
 */
public final class Odds {

    private static final int NOTICED_DAYS = 30;

    /**
     * What came of the tries.
     *
     * @param holds share of tries without a surprise
     * @param surprises tires a try that go before their day, on average
     */
    public record Result(int tries, double holds, double surprises) {}

    private Odds() {}

    /**
     * Tries a plan for some vehicles until a day.
     *
     * @param seed the same tries for the same seed
     */
    public static Result of(List<Outcome> plan, LocalDate today, LocalDate until, int tries, long seed) {
        List<Life> lives = plan.stream()
                .flatMap(outcome -> outcome.ribbons().stream()
                        .filter(ribbon -> ribbon.from().isBefore(until))
                        .map(ribbon -> Life.of(outcome, ribbon, today, until)))
                .filter(life -> life.days() > 0)
                .toList();
        SplittableRandom random = new SplittableRandom(seed);
        int held = 0;
        long surprises = 0;
        for (int one = 0; one < tries; one++) {
            int early = 0;
            for (Life life : lives) {
                if (life.endsEarly(random)) {
                    early++;
                }
            }
            surprises += early;
            if (early == 0) {
                held++;
            }
        }
        return new Result(tries, tries == 0 ? 1 : (double) held / tries, tries == 0 ? 0 : (double) surprises / tries);
    }

    /**
     * What a try asks of one tire, worked out once for all of them.
     *
     * @param days it is planned to stay
     * @param hazard of damage a day
     * @param wears whether its wear is known
     * @param depth it begins with, in 32nds
     * @param worn by its planned day at its own rate, in 32nds
     */
    private record Life(
            long days,
            double hazard,
            boolean wears,
            double spread,
            double depth,
            double worn,
            double noticed,
            double pull) {

        static Life of(Outcome outcome, Ribbon ribbon, LocalDate today, LocalDate until) {
            LocalDate from = ribbon.from().isBefore(today) ? today : ribbon.from();
            LocalDate planned = ribbon.to().isBefore(until) ? ribbon.to() : until;
            Spot last = spot(outcome, ribbon.stays().get(ribbon.stays().size() - 1));
            double worn = 0;
            for (Stay stay : ribbon.stays()) {
                LocalDate to = stay.to().isBefore(planned) ? stay.to() : planned;
                worn += Math.max(0, ChronoUnit.DAYS.between(stay.from(), to))
                        * spot(outcome, stay).perDay();
            }
            return new Life(
                    ChronoUnit.DAYS.between(from, planned),
                    -Math.log1p(-Math.min(0.99, outcome.vehicle().policy().earlyFailures())) / Years.DAYS,
                    last.perDay() > 0 && (last.depth().isPresent() || ribbon.bought()),
                    last.spread(),
                    ribbon.bought() ? last.fresh() : last.depth().orElse(last.fresh()),
                    worn,
                    NOTICED_DAYS * last.perDay(),
                    last.pull());
        }

        boolean endsEarly(SplittableRandom random) {
            if (hazard > 0 && -Math.log(1 - random.nextDouble()) / hazard < days) {
                return true;
            }
            // Two standard deviations are the rate's own half range.
            return wears && depth - (worn - noticed) * Math.exp(spread / 2 * random.nextGaussian()) < pull;
        }
    }

    private static Spot spot(Outcome outcome, Stay stay) {
        return outcome.vehicle().spots().stream()
                .filter(spot -> spot.position().equals(stay.position()))
                .findFirst()
                .orElseThrow();
    }
}
