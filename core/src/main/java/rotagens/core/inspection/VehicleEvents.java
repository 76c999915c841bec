package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What happened to a vehicle and what its drivers reported, as far as it bears on wear.
 *
 * @param reports only those a coordinator has let count
 */
public record VehicleEvents(List<Event> events, List<DriverReport> reports) {

    /** What can happen to a vehicle that its tires show. */
    public enum Type {
        ALIGNMENT("aligned"),
        SHOCKS("shocks replaced"),
        JOINTS("steering or suspension joints replaced"),
        HARD_BRAKING("hard braking"),
        CURB_STRIKE("curb strike"),
        OFF_ROAD("driven off-road");

        private final String label;

        Type(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }
    }

    /** What a driver can report. */
    public enum Symptom {
        PULL_LEFT("pulls to the left"),
        PULL_RIGHT("pulls to the right"),
        VIBRATION("vibrates"),
        STEERING_WHEEL_OFF_CENTER("steering wheel off center"),
        HARSH_RIDE("rides harshly"),
        LONGER_STOPPING("takes longer to stop"),
        WARNING_LAMP("pressure lamp on"),
        SOFT_TIRE("a tire looks soft"),
        NOISE("noise"),
        STRUCK("struck a curb or a hole");

        private final String label;

        Symptom(String words) {
            this.label = words;
        }

        public String label() {
            return label;
        }

        /** A lamp naming a corner is no proof of that corner: all are gauged before air goes into one. */
        public boolean asksToGaugeAll() {
            return this == WARNING_LAMP || this == SOFT_TIRE;
        }
    }

    public record Event(Type type, LocalDate on) {}

    public record DriverReport(Symptom symptom, LocalDate on) {}

    public static final VehicleEvents NONE = new VehicleEvents(List.of(), List.of());

    Optional<LocalDate> last(Type type) {
        return events.stream()
                .filter(event -> event.type() == type)
                .map(Event::on)
                .max(Comparator.naturalOrder());
    }

    Optional<DriverReport> reported(LocalDate since, Symptom... symptoms) {
        List<Symptom> wanted = List.of(symptoms);
        return reports.stream()
                .filter(driverReport -> wanted.contains(driverReport.symptom())
                        && !driverReport.on().isBefore(since))
                .max(Comparator.comparing(DriverReport::on));
    }
}
