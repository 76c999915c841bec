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
public record VehicleEvents(List<Event> events, List<Report> reports) {

    /** What can happen to a vehicle that its tires show. */
    public enum Kind {
        ALIGNMENT("aligned"),
        SHOCKS("shocks replaced"),
        JOINTS("steering or suspension joints replaced"),
        HARD_BRAKING("hard braking"),
        CURB_STRIKE("curb strike"),
        OFF_ROAD("driven off-road");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What a driver can report. */
    public enum Symptom {
        PULL_LEFT("pulls to the left"),
        PULL_RIGHT("pulls to the right"),
        VIBRATION("vibrates"),
        WHEEL_OFF_CENTER("steering wheel off center"),
        HARSH_RIDE("rides harshly"),
        LONGER_STOPPING("takes longer to stop"),
        LAMP("pressure lamp on"),
        SOFT_TIRE("a tire looks soft"),
        NOISE("noise"),
        STRUCK("struck a curb or a hole");

        private final String words;

        Symptom(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** A lamp naming a corner is no proof of that corner: all are gauged before air goes into one. */
        public boolean asksToGaugeAll() {
            return this == LAMP || this == SOFT_TIRE;
        }
    }

    public record Event(Kind kind, LocalDate on) {}

    public record Report(Symptom symptom, LocalDate on) {}

    public static final VehicleEvents NONE = new VehicleEvents(List.of(), List.of());

    Optional<LocalDate> last(Kind kind) {
        return events.stream()
                .filter(event -> event.kind() == kind)
                .map(Event::on)
                .max(Comparator.naturalOrder());
    }

    Optional<Report> reported(LocalDate since, Symptom... symptoms) {
        List<Symptom> wanted = List.of(symptoms);
        return reports.stream()
                .filter(report ->
                        wanted.contains(report.symptom()) && !report.on().isBefore(since))
                .max(Comparator.comparing(Report::on));
    }
}
