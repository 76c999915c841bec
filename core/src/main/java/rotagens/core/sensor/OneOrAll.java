package rotagens.core.sensor;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Money;
import rotagens.core.measure.Phrase;

/**
 * A sensor has died: replace it alone and the others as they die, or all at once. Both schools with their cost; the cheaper and
 * the safer are named.
 *
 * @param oneNow cost of the first visit one by one
 * @param oneInAll of all visits one by one, in today's money
 * @param all of all at once
 * @param visits how often a wheel is lifted only for a sensor, one by one
 */
public record OneOrAll(Money oneNow, Money oneInAll, Money all, int visits, List<Phrase> lines) {

    /**
     * A sensor of the vehicle.
     *
     * @param dead whether it is the one that died
     * @param mayEnd from this day its battery may end; empty where nobody knows since when it is in service
     * @param tireDue the day its tire is planned to come off anyway
     */
    public record One(String position, boolean dead, Optional<LocalDate> mayEnd, Optional<LocalDate> tireDue) {}

    /**
     * What it costs.
     *
     * @param breakMinutes lifting the wheel, breaking a bead, seating it again
     * @param relearnMinutes once a visit
     */
    public record Prices(Money sensor, int breakMinutes, int relearnMinutes, double dollarsAnHour) {

        private long visit(int sensors, boolean bead) {
            double minutes = relearnMinutes + (bead ? (double) breakMinutes * sensors : 0);
            return sensors * sensor.cents() + Math.round(minutes / 60 * dollarsAnHour * 100);
        }
    }

    /** Weighs both; sensors that are not dead are reckoned to die on the day from which their battery may end. */
    public static OneOrAll of(List<One> sensors, Prices prices, LocalDate today) {
        List<Phrase> lines = new ArrayList<>();
        long now = 0;
        long inAll = 0;
        int visits = 0;
        for (One one : sensors) {
            if (one.dead()) {
                now += prices.visit(1, true);
                visits++;
                lines.add(
                        Phrase.of("{} now, its bead broken for it: {}", one.position(), money(prices.visit(1, true))));
                continue;
            }
            LocalDate end = one.mayEnd().filter(day -> day.isAfter(today)).orElse(today);
            boolean withTire =
                    one.tireDue().filter(due -> !due.isAfter(end.plusYears(1))).isPresent();
            long cost = prices.visit(1, !withTire);
            inAll += cost;
            visits += withTire ? 0 : 1;
            lines.add(
                    withTire
                            ? Phrase.of(
                                    "{} with its tire, planned {}: {}",
                                    one.position(),
                                    one.tireDue().get(),
                                    money(cost))
                            : Phrase.of("{} from {} on, its bead broken for it: {}", one.position(), end, money(cost)));
        }
        return new OneOrAll(
                new Money(now),
                new Money(now + inAll),
                new Money(prices.visit(sensors.size(), true)),
                visits,
                List.copyOf(lines));
    }

    private static String money(long cents) {
        return new Money(cents).words();
    }

    /** Which costs less, and by how much. */
    public Phrase cheaper() {
        long difference = oneInAll.cents() - all.cents();
        if (difference == 0) {
            return Phrase.of("Both cost the same.");
        }
        return difference > 0
                ? Phrase.of("Cheaper: all at once, by {} over the years.", money(difference))
                : Phrase.of(
                        "Cheaper: one by one, by {}; sensors go in when their tires are off anyway.",
                        money(-difference));
    }

    /** Which leaves fewer days without a warning. */
    public Phrase safer() {
        return visits > 1
                ? Phrase.of(
                        "Safer: all at once. They age together, and {} more would die on the road without a warning.",
                        visits - 1)
                : Phrase.of("Equally safe: the others go in with their tires before their batteries end.");
    }
}
