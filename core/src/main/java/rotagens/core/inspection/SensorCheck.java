package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireClocks.Clock;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Sensor;

/** The battery of the sensor at a position: watched once it may end any day, overdue at the fleet's limit. */
public final class SensorCheck {

    private SensorCheck() {}

    static List<Judged> check(Case one) {
        return TireClocks.sensor(one.vehicle(), one.position(), one.policy(), one.today()).stream()
                .flatMap(clock -> verdict(one, clock).stream().map(verdict -> new Judged(verdict, clock.reason())))
                .toList();
    }

    private static Optional<Verdict> verdict(Case one, Clock clock) {
        LocalDate horizon = one.today().plusDays(one.policy().days(PolicyNumber.FORECAST_DAYS));
        if (!clock.date().isAfter(horizon)) {
            return Optional.of(Verdict.PLAN);
        }
        Sensor sensor = one.vehicle().sensorAt(one.position()).orElseThrow();
        return TireClocks.batteryMayEndFrom(sensor.fittedOn().orElseThrow(), one.policy())
                        .isAfter(one.today())
                ? Optional.empty()
                : Optional.of(Verdict.WATCH);
    }
}
