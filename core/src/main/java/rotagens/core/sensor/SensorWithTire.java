package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;

/**
 * A new tire goes on over a sensor whose battery it will outlive: the bead would be broken again for the sensor alone. Source:
 * sensor makers' practice, new sensors when the tire is off anyway; costs are the fleet's own.
 *
 * @param batteryMayEnd from this day its battery may end
 * @param tireUntil when the new tire is likely to go
 * @param saved what lifting the wheel and breaking its bead once more would cost
 */
public record SensorWithTire(LocalDate batteryMayEnd, LocalDate tireUntil, Money saved) {

    /**
     * Whether a new sensor is worth proposing with a new tire; empty where the battery is likely to outlast it.
     *
     * @param costs of a sensor's visit; the sensor and the relearn are paid for either way
     * @param batteryMayEnd from this day the battery of the sensor that is on may end
     * @param tireUntil when the new tire is likely to go
     * @return what it would save
     */
    public static Optional<SensorWithTire> of(
            LocalDate batteryMayEnd, LocalDate tireUntil, SensorReplacementOptions.Costs costs) {
        if (!batteryMayEnd.isBefore(tireUntil)) {
            return Optional.empty();
        }
        return Optional.of(new SensorWithTire(
                batteryMayEnd,
                tireUntil,
                new Money(Math.round(costs.breakMinutes() / 60.0 * costs.dollarsAnHour() * 100))));
    }

    /**
     * In one sentence, with what it saves.
     *
     * @return a sentence with both days and the money saved
     */
    public Message statement() {
        return WORDS.message(
                "itsBatteryMayFailFrom",
                "batteryMayEnd",
                batteryMayEnd,
                "tireUntil",
                tireUntil,
                "saved",
                saved.label());
    }
}
