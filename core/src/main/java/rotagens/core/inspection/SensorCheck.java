package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rotagens.core.inspection.TireClocks.Clock;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle;

/** The battery of the sensor at a position: watched once it may end any day, overdue at the fleet's limit. */
public final class SensorCheck {

    private SensorCheck() {}

    static List<Judged> check(Case one) {
        return clock(one.vehicle(), one.position(), one.policy(), one.today()).stream()
                .flatMap(clock -> verdict(one, clock).stream().map(verdict -> new Judged(verdict, clock.reason())))
                .toList();
    }

    private static Optional<Verdict> verdict(Case one, Clock clock) {
        LocalDate horizon = one.today().plusDays(one.policy().days(PolicyNumber.FORECAST_DAYS));
        if (!clock.date().isAfter(horizon)) {
            return Optional.of(Verdict.PLAN);
        }
        Sensor sensor = one.vehicle().sensorAt(one.position()).orElseThrow();
        return mayEndFrom(sensor.fittedOn().orElseThrow(), one.policy()).isAfter(one.today())
                ? Optional.empty()
                : Optional.of(Verdict.WATCH);
    }

    /** The day a sensor's battery is overdue; empty without a sensor or without the day it was fitted. */
    public static Optional<Clock> clock(Vehicle vehicle, Position position, Policy.ForClass policy, LocalDate today) {
        return vehicle.sensorAt(position)
                .flatMap(sensor -> sensor.fittedOn().map(fitted -> {
                    Policy.InForce limit = policy.inForce(PolicyNumber.SENSOR_LIMIT);
                    LocalDate from = mayEndFrom(fitted, policy);
                    LocalDate over = after(fitted, limit.value());
                    return new Clock(
                            Rule.SENSOR_BATTERY,
                            over,
                            new Reason(
                                    Rule.SENSOR_BATTERY,
                                    Phrase.of(
                                            over.isAfter(today)
                                                    ? "Sensor {} fitted {}, battery may end from {}"
                                                    : "Sensor {} fitted {}, battery overdue since {}",
                                            sensor.code(),
                                            fitted,
                                            over.isAfter(today) ? from : over),
                                    Phrase.of("{}", fitted),
                                    Phrase.of("{} y", TireClocks.plain(limit.value())),
                                    Phrase.of(
                                            "Overdue at {} y, set by {}. The bead has to be broken for an inside sensor: fit a new one when the tire is off anyway.",
                                            TireClocks.plain(limit.value()),
                                            limit.setBy())));
                }));
    }

    /** From this day its battery may end any time. */
    public static LocalDate mayEndFrom(LocalDate fitted, Policy.ForClass policy) {
        return after(fitted, policy.number(PolicyNumber.SENSOR_FORECAST));
    }

    private static LocalDate after(LocalDate fitted, double years) {
        return fitted.plusMonths(Math.round(years * 12));
    }
}
