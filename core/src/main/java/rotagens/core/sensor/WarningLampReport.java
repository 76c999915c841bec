package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.vehicle.Position;

/** A lamp that named a corner, held against what the gauge read there afterwards. A lamp is no proof of a corner. */
public final class WarningLampReport {

    private static final double ON_TARGET = 0.95;
    private static final double LOW = 0.92;

    private static final int DAYS_BACK = 30;

    private WarningLampReport() {}

    /**
     * Whether a report is new enough to be held against the gauge: 30 days, after which a check of pressures is due anyway.
     *
     * @param reported the day somebody saw the lamp
     * @param today the day it is held against the gauge
     * @return whether it still says anything
     */
    public static boolean counts(LocalDate reported, LocalDate today) {
        return !reported.isBefore(today.minusDays(DAYS_BACK));
    }

    /**
     * Says so where the corner named is on target and another one is low: sensors may be crossed.
     *
     * @param gauge what the gauge read at each corner since the report
     * @param targets cold, by corner
     * @param named the corner the lamp or the dash named
     * @return what is said; empty where gauge and report don’t contradict each other, or the corner named wasn’t gauged
     */
    public static Optional<Message> violations(
            Position named, Map<Position, Pressure> gauge, Map<Position, Pressure> targets) {
        if (share(named, gauge, targets).filter(share -> share >= ON_TARGET).isEmpty()) {
            return Optional.empty();
        }
        return gauge.keySet().stream()
                .filter(corner -> !corner.equals(named)
                        && share(corner, gauge, targets)
                                .filter(share -> share < LOW)
                                .isPresent())
                .min(Comparator.comparing(
                        corner -> share(corner, gauge, targets).orElseThrow()))
                .map(low -> WORDS.message(
                        "lampNamedButTheGauge",
                        "named",
                        named.code(),
                        "there",
                        gauge.get(named),
                        "low",
                        low.code(),
                        "found",
                        gauge.get(low),
                        "target",
                        targets.get(low)));
    }

    private static Optional<Double> share(
            Position corner, Map<Position, Pressure> gauge, Map<Position, Pressure> targets) {
        return Optional.ofNullable(gauge.get(corner))
                .flatMap(read -> Optional.ofNullable(targets.get(corner)).map(target -> read.psi() / target.psi()));
    }
}
