package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

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
        /** Toe, camber or thrust angle were set. */
        ALIGNMENT(WORDS.say("aligned")),
        /** Shock absorbers were replaced. */
        SHOCKS(WORDS.say("shocksReplaced")),
        /** Ball joints, tie rods, king pins or bushings were replaced. */
        JOINTS(WORDS.say("steeringOrSuspensionJointsReplaced")),
        /** Wheels locked, or nearly. */
        HARD_BRAKING(WORDS.say("hardBraking")),
        /** A wheel struck a curb. */
        CURB_STRIKE(WORDS.say("curbStrike")),
        /** The vehicle left the road. */
        OFF_ROAD(WORDS.say("drivenOffRoad"));

        private final String label;

        Type(String words) {
            this.label = words;
        }

        /**
         * What happened, in words.
         *
         * @return for a list or a choice
         */
        public String label() {
            return label;
        }
    }

    /** What a driver can report. */
    public enum Symptom {
        /** It drifts left on a straight road. */
        PULL_LEFT(WORDS.say("pullsToTheLeft")),
        /** It drifts right on a straight road. */
        PULL_RIGHT(WORDS.say("pullsToTheRight")),
        /** Wheel, seat or floor shake. */
        VIBRATION(WORDS.say("vibrates")),
        /** The wheel is turned while the vehicle goes straight. */
        STEERING_WHEEL_OFF_CENTER(WORDS.say("steeringWheelOffCenter")),
        /** It is harder on bumps than it was. */
        HARSH_RIDE(WORDS.say("ridesHarshly")),
        /** Brakes need more road. */
        LONGER_STOPPING(WORDS.say("takesLongerToStop")),
        /** The warning lamp of the sensor system is on. */
        WARNING_LAMP(WORDS.say("pressureLamp")),
        /** A tire bulges at the road more than its neighbors. */
        SOFT_TIRE(WORDS.say("tireLooksSoft")),
        /** Hum, thump or squeal that wasn’t there. */
        NOISE(WORDS.say("noise")),
        /** A curb, a hole or something on the road was struck. */
        STRUCK(WORDS.say("struckACurb"));

        private final String label;

        Symptom(String words) {
            this.label = words;
        }

        /**
         * What the driver says, in words.
         *
         * @return for a list or a choice
         */
        public String label() {
            return label;
        }

        /**
         * A lamp naming a corner is no proof of that corner: all are gauged before air goes into one.
         *
         * @return whether every tire is gauged first
         */
        public boolean asksToGaugeAll() {
            return this == WARNING_LAMP || this == SOFT_TIRE;
        }
    }

    /**
     * Something that happened to the vehicle.
     *
     * @param type what
     * @param on on which day
     */
    public record Event(Type type, LocalDate on) {}

    /**
     * What a driver said.
     *
     * @param symptom what was noticed
     * @param on on which day
     */
    public record DriverReport(Symptom symptom, LocalDate on) {}

    /** Nothing happened, nothing was said. */
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
