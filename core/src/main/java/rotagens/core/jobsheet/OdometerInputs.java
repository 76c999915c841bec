package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** How far a vehicle has run: when its wheels went on, and when their nuts are torqued again. */
public final class OdometerInputs {

    /** The odometer as read, by this name on record. */
    public static final String ODOMETER = "odometer";

    /** Where no odometer says it, the distance since the wheels went on. */
    public static final String SINCE = "milesSince";

    private OdometerInputs() {}

    static Distance.Unit bare(Units units) {
        return units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM;
    }

    private static Optional<Distance> read(StepInput.InputReader reader, String field, Units units) {
        Optional<Distance> read = reader.read(field, text -> Distance.parse(text, bare(units)));
        read.ifPresent(distance -> reader.keep(field, distance.asEntered()));
        return read;
    }

    /** What the odometer shows when the wheels are on again: the re-torque is counted from here. */
    record OdometerInput() implements StepInput.VisitInput {
        @Override
        public List<InputField> fields() {
            return List.of(new InputField(ODOMETER, WORDS.say("odometerLabel"), InputField.Type.DISTANCE));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader reader = new StepInput.InputReader(typed);
            Optional<Distance> read = OdometerInputs.read(reader, ODOMETER, units);
            return reader.outcome(
                    read.map(distance -> WORDS.message("odometer", "distance", distance))
                            .orElse(Message.of("")),
                    Optional.empty());
        }
    }

    /** How far it has run since the wheels went on; too soon stops the sheet there. */
    record MilesSinceInput(RetorqueCheck check) implements StepInput.VisitInput {
        @Override
        public List<InputField> fields() {
            return List.of(
                    check.odometerThen().isPresent()
                            ? new InputField(ODOMETER, WORDS.say("odometerLabel"), InputField.Type.DISTANCE)
                            : new InputField(SINCE, WORDS.say("distanceSinceTheWheelsWent"), InputField.Type.DISTANCE));
        }

        @Override
        public InputResult read(Map<String, String> typed, Units units) {
            StepInput.InputReader reader = new StepInput.InputReader(typed);
            String field = check.odometerThen().isPresent() ? ODOMETER : SINCE;
            Optional<Distance> read = OdometerInputs.read(reader, field, units);
            if (read.isEmpty()) {
                return reader.outcome(Message.of(""), Optional.empty());
            }
            Optional<Distance> then = check.odometerThen();
            if (then.isPresent() && read.get().miles() < then.get().miles()) {
                reader.fault(
                        ODOMETER,
                        WORDS.message("lessThanWhenTheWheels", "then", then.get())
                                .in(units));
                return reader.outcome(Message.of(""), Optional.empty());
            }
            RetorqueCheck.Judged judged = then.isPresent()
                    ? check.byOdometer(read.get())
                    : RetorqueCheck.after(read.get().miles());
            return reader.outcome(
                    judged.says(), judged.verdict().counts() ? Optional.empty() : Optional.of(judged.says()));
        }
    }
}
