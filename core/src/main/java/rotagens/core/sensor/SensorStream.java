package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.pressure.TemperatureCorrection;

/**
 * What the stream of one tire's sensor comes to: which samples are kept as readings, when air goes too fast to wait for a cold
 * reading, and when a sensor has gone silent. A sample enters by the same door as a gauge's reading; a stream only decides how many
 * of them do. Thresholds are defaults of the program, chosen so that weather and driving alone never reach them.
 */
public final class SensorStream {

    /** A tire that warms up on the road gains; two samples this near each other in temperature tell of air, not of weather. */
    private static final double FAST_LOSS_PSI = 3;

    /** Without temperatures a tire that cools down after driving must not look like one that leaks. */
    private static final double FAST_LOSS_WITHOUT_TEMPERATURE_SHARE = 0.2;

    private static final Duration FAST_LOSS_WITHIN = Duration.ofHours(4);
    private static final double CHANGED_PSI = 2;
    private static final Duration KEPT_AT_LEAST = Duration.ofHours(24);
    private static final Duration SILENT_AFTER = Duration.ofMinutes(60);

    private static final Duration WORKED_ON = Duration.ofHours(4);

    private SensorStream() {}

    /**
     * One sample of a sensor.
     *
     * @param temperature of the air in the tire, where the sensor tells it
     * @param parkedSince since when the vehicle stands, where the gateway knows
     */
    public record Sample(
            Instant at, Pressure pressure, Optional<Temperature> temperature, Optional<Instant> parkedSince) {

        /**
         * Whether the tire was cold. A sensor doesn't know how long the vehicle has stood; unless its gateway says so, the sample
         * counts as hot, and is only ever used one way: hot and low is certainly low.
         *
         * @return cold after three hours, hot before, unknown where nobody says
         */
        public ThermalState thermalState() {
            return parkedSince
                    .filter(since -> !since.isAfter(at))
                    .map(since -> ThermalState.afterParked(Duration.between(since, at)))
                    .orElse(ThermalState.UNKNOWN);
        }
    }

    /**
     * Whether a sample goes on record as a reading: the first, one 2 psi or more from the last kept or of another warmth, one a
     * day, and any with which something was noticed.
     *
     * @param kept the last sample on record
     * @param isNoticed whether this sample opened something
     * @param now the sample that came
     * @return whether it is kept
     */
    public static boolean isKept(Optional<Sample> kept, Sample now, boolean isNoticed) {
        return isNoticed
                || kept.filter(last ->
                                Math.abs(last.pressure().psi() - now.pressure().psi()) < CHANGED_PSI)
                        .filter(last -> Duration.between(last.at(), now.at()).compareTo(KEPT_AT_LEAST) < 0)
                        .filter(last -> last.thermalState() == now.thermalState())
                        .isEmpty();
    }

    /**
     * Air that goes fast: brought to one temperature, 3 psi or more less than within the last four hours; without temperatures
     * a fifth less.
     *
     * @param before samples of the same position, in any order
     * @param from when this tire came to the position, or a person last let air in or out there: what was read before tells
     *     nothing of air that goes by itself
     * @param now the sample that came
     * @return what is said of it; empty where it holds
     */
    public static Optional<Message> fastLoss(List<Sample> before, Sample now, Instant from) {
        return before.stream()
                .filter(one -> !one.at().isBefore(from))
                .filter(one -> !one.at().isAfter(now.at()))
                .filter(one -> Duration.between(one.at(), now.at()).compareTo(FAST_LOSS_WITHIN) <= 0)
                .filter(one -> isFast(one, now))
                .max(Comparator.comparingDouble(one -> one.pressure().psi()))
                .map(one -> WORDS.message(
                        "sensorReadAndMinutesLater",
                        "first",
                        one.pressure(),
                        "minutes",
                        Duration.between(one.at(), now.at()).toMinutes(),
                        "later",
                        now.pressure()));
    }

    private static boolean isFast(Sample before, Sample now) {
        double psi = before.pressure().psi();
        if (before.temperature().isPresent() && now.temperature().isPresent()) {
            double atThisTemperature = TemperatureCorrection.psiAt(
                    psi, before.temperature().get(), now.temperature().get());
            return atThisTemperature - now.pressure().psi() >= FAST_LOSS_PSI - 1e-9;
        }
        return psi - now.pressure().psi() >= psi * FAST_LOSS_WITHOUT_TEMPERATURE_SHARE - 1e-9;
    }

    /**
     * Whether a sample comes while hands are on the vehicle: air is let out there on purpose. It is heard and judges nothing; the
     * first sample after the work is judged as ever. A sheet left open holds nothing up for longer than four hours.
     *
     * @param lastStep when a step of a sheet still open was recorded last; empty where none is open
     * @param now the sample that came
     * @return whether it judges nothing
     */
    public static boolean isWorkedOn(Optional<Instant> lastStep, Sample now) {
        return lastStep.filter(step -> !now.at().isAfter(step.plus(WORKED_ON))).isPresent();
    }

    /**
     * Whether a sensor has gone silent: nothing heard for an hour while its gateway heard other sensors of the same vehicle.
     *
     * @param heard when it was heard last
     * @param othersHeard when any other sensor of the vehicle was
     * @return whether nothing is heard of it any more
     */
    public static boolean isSilent(Instant heard, Instant othersHeard) {
        return Duration.between(heard, othersHeard).compareTo(SILENT_AFTER) >= 0;
    }
}
