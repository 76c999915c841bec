package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;

/**
 * A sensor has died: replace it alone and the others as they die, or all at once. Both schools with their cost; the cheaper and
 * the safer are named.
 *
 * @param oneNow cost of the first visit one by one
 * @param oneInAll of all visits one by one, in today's money
 * @param all of all at once
 * @param visits how often a wheel is lifted only for a sensor, one by one
 */
public record SensorReplacementOptions(Money oneNow, Money oneInAll, Money all, int visits, List<Message> lines) {

    /**
     * A sensor of the vehicle.
     *
     * @param isDead whether it is the one that died
     * @param expectedEnd from this day its battery may end; empty where nobody knows since when it is in service
     * @param tireDue the day its tire is planned to come off anyway
     */
    public record SensorStatus(
            String position, boolean isDead, Optional<LocalDate> expectedEnd, Optional<LocalDate> tireDue) {}

    /**
     * What it costs.
     *
     * @param breakMinutes lifting the wheel, breaking a bead, seating it again
     * @param relearnMinutes once a visit
     */
    public record Costs(Money sensor, int breakMinutes, int relearnMinutes, double dollarsAnHour) {

        private long visit(int sensors, boolean bead) {
            double minutes = relearnMinutes + (bead ? (double) breakMinutes * sensors : 0);
            return sensors * sensor.cents() + Math.round(minutes / 60 * dollarsAnHour * 100);
        }
    }

    /**
     * Weighs both; sensors that are not dead are reckoned to die on the day from which their battery may end.
     *
     * @param sensors every sensor of the vehicle, at least one of them dead
     * @param costs of a sensor, of labor in minutes and of an hour of it
     * @param today the day of the first visit
     * @return both schools with their cost
     */
    public static SensorReplacementOptions of(List<SensorStatus> sensors, Costs costs, LocalDate today) {
        List<Message> lines = new ArrayList<>();
        long now = 0;
        long inAll = 0;
        int visits = 0;
        for (SensorStatus sensorStatus : sensors) {
            if (sensorStatus.isDead()) {
                now += costs.visit(1, true);
                visits++;
                lines.add(WORDS.message(
                        "nowItsBeadBroken", "position", sensorStatus.position(), "money", money(costs.visit(1, true))));
                continue;
            }
            LocalDate end =
                    sensorStatus.expectedEnd().filter(day -> day.isAfter(today)).orElse(today);
            boolean withTire = sensorStatus
                    .tireDue()
                    .filter(due -> !due.isAfter(end.plusYears(1)))
                    .isPresent();
            long cost = costs.visit(1, !withTire);
            inAll += cost;
            visits += withTire ? 0 : 1;
            lines.add(
                    withTire
                            ? WORDS.message(
                                    "withItsTirePlanned",
                                    "position",
                                    sensorStatus.position(),
                                    "tireDue",
                                    sensorStatus.tireDue().get(),
                                    "money",
                                    money(cost))
                            : WORDS.message(
                                    "fromOnItsBeadBroken",
                                    "position",
                                    sensorStatus.position(),
                                    "end",
                                    end,
                                    "money",
                                    money(cost)));
        }
        return new SensorReplacementOptions(
                new Money(now),
                new Money(now + inAll),
                new Money(costs.visit(sensors.size(), true)),
                visits,
                List.copyOf(lines));
    }

    private static String money(long cents) {
        return new Money(cents).label();
    }

    /**
     * Whether replacing all at once costs less over the years.
     *
     * @return whether it does
     */
    public boolean isAllCheaper() {
        return oneInAll.cents() > all.cents();
    }

    /**
     * Which costs less, and by how much.
     *
     * @return a sentence with both costs
     */
    public Message cheaper() {
        long difference = oneInAll.cents() - all.cents();
        if (difference == 0) {
            return WORDS.message("bothCostTheSame");
        }
        return difference > 0
                ? WORDS.message("cheaperAllAtOnce", "money", money(difference))
                : WORDS.message("cheaperOneByOne", "money", money(-difference));
    }

    /**
     * Which leaves fewer days without a warning.
     *
     * @return a sentence with the days without a warning
     */
    public Message safer() {
        return visits > 1
                ? WORDS.message("saferAllAtOnceThey", "visits", visits - 1)
                : WORDS.message("equallySafeTheOthersGo");
    }
}
