package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.alert.CornerAlert;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.LimitDates.LimitDate;
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

    static List<VerdictReason> check(TireContext one) {
        return Stream.of(
                        SensorBattery.overdue(one.vehicle(), one.position(), one.policy(), one.today()).stream()
                                .flatMap(limitDate -> verdict(one, limitDate).stream()
                                        .map(verdict -> new VerdictReason(verdict, limitDate.reason()))),
                        corners(one).stream(),
                        silent(one).stream())
                .flatMap(reasons -> reasons)
                .toList();
    }

    /** A sensor nobody hears warns of nothing; a tire that is fine otherwise is watched, and gauged by hand. */
    private static Optional<VerdictReason> silent(TireContext one) {
        return one.vehicle()
                .sensorAt(one.position())
                .flatMap(Sensor::silentSince)
                .map(since -> new VerdictReason(
                        Verdict.WATCH,
                        Reason.of(
                                Rule.SENSOR_SILENT,
                                WORDS.message("sensorHasBeenSilentSince", "since", since),
                                WORDS.message("silent"),
                                WORDS.message("heardWithinTheHour"),
                                WORDS.say("silentSensorWarnsOfNothing"))));
    }

    /** Good air isn't made bad by it, so it is watched: what the dash says of this corner may be another tire's. */
    private static Optional<VerdictReason> corners(TireContext one) {
        return one.position() instanceof OnAxle
                ? one.onVehicle().corners().map(alert -> new VerdictReason(Verdict.WATCH, reason(alert)))
                : Optional.empty();
    }

    /**
     * Why the dash isn't to be believed about a corner.
     *
     * @param alert a corner that is swapped or was never confirmed
     * @return the reason, with what to do
     */
    public static Reason reason(CornerAlert alert) {
        return Reason.of(
                Rule.CORNERS,
                alert.statement(),
                (alert.swapped() ? WORDS.message("swapped") : WORDS.message("notConfirmed")),
                WORDS.message("confirmed"),
                WORDS.say("dashNamesTheWrongCorner", "swapped", alert.swapped(), "clearedBy", CornerAlert.CLEARED_BY));
    }

    private static Optional<Verdict> verdict(TireContext one, LimitDate limitDate) {
        LocalDate horizon = one.today().plusDays(one.policy().days(PolicyNumber.FORECAST_DAYS));
        if (!limitDate.date().isAfter(horizon)) {
            return Optional.of(Verdict.SERVICE_DUE);
        }
        Sensor sensor = one.vehicle().sensorAt(one.position()).orElseThrow();
        return SensorBattery.mayEndFrom(sensor.installedOn().orElseThrow(), one.policy())
                        .isAfter(one.today())
                ? Optional.empty()
                : Optional.of(Verdict.WATCH);
    }
}
