package rotagens.server.telemetry;

import static rotagens.server.telemetry.TelemetryWords.WORDS;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What machines send, and what they are answered. */
final class IngestViews {

    private IngestViews() {}

    /**
     * Odometer readings.
     *
     * @param rows at most 500
     */
    record OdometerBatchRequest(@Nullable List<OdometerRow> rows) {}

    /**
     * @param unit the vehicle’s unit number
     * @param at when it was read
     * @param odometer with its unit: 123456 mi, 198000 km
     */
    record OdometerRow(
            @Nullable String unit,
            @Nullable Instant at,
            @Nullable String odometer) {}

    record PressureBatchRequest(@Nullable List<PressureRow> rows) {}

    /**
     * A sensor names itself by its printed ID, or by unit and position.
     *
     * @param pressure with its unit: 104 psi, 720 kPa
     * @param temperature of the air in the tire, with its unit: 65 F, 18 C
     * @param parkedSince since when the vehicle stands, where the gateway knows; without it a reading counts as hot
     */
    record PressureRow(
            @Nullable String sensorId,
            @Nullable String unit,
            @Nullable String position,
            @Nullable Instant at,
            @Nullable String pressure,
            @Nullable String temperature,
            @Nullable Instant parkedSince) {}

    record SensorAlarmBatchRequest(@Nullable List<SensorAlarmRow> rows) {}

    /** What a sensor raises by itself. */
    enum SensorAlarmType {
        LOW_PRESSURE(WORDS.say("lowPressure")),
        FAST_LOSS(WORDS.say("fastLoss")),
        HIGH_TEMPERATURE(WORDS.say("highTemperature")),
        LOW_BATTERY(WORDS.say("lowBattery"));

        private final String label;

        SensorAlarmType(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    record SensorAlarmRow(
            @Nullable String sensorId,
            @Nullable String unit,
            @Nullable String position,
            @Nullable Instant at,
            @Nullable SensorAlarmType type) {}

    /**
     * A row that was not taken.
     *
     * @param row its place in the batch, from 0
     */
    record RowFault(int row, String field, String message) {}

    /**
     * @param taken rows that are on record now
     * @param same rows that came before; sending a batch twice adds nothing
     */
    record IngestView(int taken, int same, List<RowFault> faults) {}
}
