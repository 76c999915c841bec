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
        SplittableRandom random = new SplittableRandom(seed);
        int held = 0;
        long surprises = 0;
        for (int one = 0; one < tries; one++) {
            int early = 0;
            for (Outcome outcome : plan) {
                for (Ribbon ribbon : outcome.ribbons()) {
                    if (ribbon.from().isBefore(until) && goesEarly(outcome, ribbon, today, until, random)) {
                        early++;
                    }
                }
            }
            surprises += early;
            if (early == 0) {
                held++;
            }
        }
        return new Result(tries, tries == 0 ? 1 : (double) held / tries, tries == 0 ? 0 : (double) surprises / tries);
    }

    private static boolean goesEarly(
            Outcome outcome, Ribbon ribbon, LocalDate today, LocalDate until, SplittableRandom random) {
        LocalDate from = ribbon.from().isBefore(today) ? today : ribbon.from();
        LocalDate planned = ribbon.to().isBefore(until) ? ribbon.to() : until;
        long days = ChronoUnit.DAYS.between(from, planned);
        if (days <= 0) {
            return false;
        }
        double hazard = -Math.log1p(-Math.min(0.99, outcome.vehicle().policy().earlyFailures())) / Years.DAYS;
        if (hazard > 0 && -Math.log(1 - random.nextDouble()) / hazard < days) {
            return true;
        }
        Spot last = spot(outcome, ribbon.stays().get(ribbon.stays().size() - 1));
        if (last.perDay() <= 0 || last.depth().isEmpty() && !ribbon.bought()) {
            return false;
        }
        // Two standard deviations are the rate's own half range.
        double factor = Math.exp(last.spread() / 2 * random.nextGaussian());
        double depth = ribbon.bought() ? last.fresh() : last.depth().orElse(last.fresh());
        double left = depth;
        for (Stay stay : ribbon.stays()) {
            LocalDate to = stay.to().isBefore(planned) ? stay.to() : planned;
            left -= Math.max(0, ChronoUnit.DAYS.between(stay.from(), to))
                    * spot(outcome, stay).perDay()
                    * factor;
        }
        double noticed = NOTICED_DAYS * last.perDay() * factor;
        return left + noticed < last.pull();
    }

    private static Spot spot(Outcome outcome, Stay stay) {
        return outcome.vehicle().spots().stream()
                .filter(spot -> spot.position().equals(stay.position()))
                .findFirst()
                .orElseThrow();
    }
}
