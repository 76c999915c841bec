package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.alert.CornerAlert;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireClocks.Clock;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;

/**
 * The sensor at a position: its battery, watched once it may end any day and overdue at the fleet's limit, and whether the dash may
 * take it for another corner's.
 */
public final class SensorCheck {

    private SensorCheck() {}

    static List<Judged> check(Case one) {
        return Stream.concat(
                        TireClocks.sensor(one.vehicle(), one.position(), one.policy(), one.today()).stream()
                                .flatMap(clock -> verdict(one, clock).stream()
                                        .map(verdict -> new Judged(verdict, clock.reason()))),
                        corners(one).stream())
                .toList();
    }

    /** Good air isn't made bad by it, so it is watched: what the dash says of this corner may be another tire's. */
    private static Optional<Judged> corners(Case one) {
        return one.position() instanceof OnAxle
                ? one.onVehicle().corners().map(alert -> new Judged(Verdict.WATCH, reason(alert)))
                : Optional.empty();
    }

    /** Why the dash isn't to be believed about a corner. */
    public static Reason reason(CornerAlert alert) {
        return Reason.of(
                Rule.CORNERS,
                alert.says(),
                Phrase.of(alert.swapped() ? "swapped" : "not confirmed"),
                Phrase.of("confirmed"),
                (alert.swapped() ? "The dash names the wrong corner." : "The dash may name the wrong corner.")
                        + " Check pressure at every corner before adding air. Cleared only by " + CornerAlert.CLEARED_BY
                        + ".");
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
