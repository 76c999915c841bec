package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** The clock of a sensor's battery: from when it may end, and from when it is overdue. Source: fleet policy, in years since it was fitted. */
public final class SensorBattery {

    private SensorBattery() {}

    /**
     * The day a sensor's battery is overdue; empty without a sensor or without the day it was fitted.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the day, with the window in which it may end before
     */
    public static Optional<LimitDates.LimitDate> overdue(
            Vehicle vehicle, Position position, Policy.ClassPolicy policy, LocalDate today) {
        return vehicle.sensorAt(position)
                .flatMap(sensor -> sensor.installedOn().map(fitted -> {
                    Policy.EffectiveSetting limit = policy.inForce(PolicyNumber.SENSOR_LIMIT);
                    LocalDate from = mayEndFrom(fitted, policy);
                    LocalDate over = after(fitted, limit.value());
                    return new LimitDates.LimitDate(
                            Rule.SENSOR_BATTERY,
                            over,
                            new Reason(
                                    Rule.SENSOR_BATTERY,
                                    WORDS.message(
                                            "sensorInstalledBattery",
                                            "sensorId",
                                            sensor.sensorId(),
                                            "fitted",
                                            fitted,
                                            "mayFail",
                                            over.isAfter(today),
                                            "day",
                                            over.isAfter(today) ? from : over),
                                    Message.of("{}", fitted),
                                    Message.of("{} y", LimitDates.plain(limit.value())),
                                    WORDS.message(
                                            "overdueAtYSet",
                                            "limit",
                                            LimitDates.plain(limit.value()),
                                            "setBy",
                                            limit.setBy())));
                }));
    }

    /**
     * From this day its battery may end any time.
     *
     * @param fitted when the sensor was fitted
     * @param policy the fleet's policy
     * @return the first day of the window
     */
    public static LocalDate mayEndFrom(LocalDate fitted, Policy.ClassPolicy policy) {
        return after(fitted, policy.number(PolicyNumber.SENSOR_FORECAST));
    }

    private static LocalDate after(LocalDate fitted, double years) {
        return fitted.plusMonths(Math.round(years * 12));
    }
}
