package rotagens.core.rotation;

import static rotagens.core.rotation.RotationWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import rotagens.core.inspection.MatchingRules;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.TreadDepth;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle;

/** What has to be said about an arrangement besides its figures. */
public final class RotationNotes {

    /** Below this nobody can tell two diameters apart with a tape. */
    private static final double WORTH_SAYING_IN = 0.02;

    private static final double WORTH_SAYING = 0.05;

    private RotationNotes() {}

    /**
     * In the order of weight: steer first, then duals, sensors, and wheels nobody has read.
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @param arrangement which tire sits where
     * @param movePlan the way there
     * @return none where nothing is worth saying
     */
    public static List<Message> of(RotationProblem rotationProblem, Arrangement arrangement, MovePlan movePlan) {
        List<Message> remarks = new ArrayList<>();
        steerAge(rotationProblem, arrangement).ifPresent(remarks::add);
        steerTread(rotationProblem, arrangement).ifPresent(remarks::add);
        remarks.addAll(duals(arrangement));
        if (movePlan.relearn()) {
            remarks.add(WORDS.message("insideSensorsMoveWithTheir"));
        }
        Vehicle vehicle = rotationProblem.inputs().vehicle().vehicle();
        boolean outside = movePlan.all().stream()
                .flatMap(move -> move.to().stream())
                .flatMap(place -> vehicle.sensorAt(place).stream())
                .anyMatch(sensor -> sensor.location() == Sensor.Location.OUTSIDE);
        if (outside) {
            remarks.add(WORDS.message("takeOutsideSensorsOffFirst"));
        }
        unread(vehicle, movePlan).ifPresent(remarks::add);
        return List.copyOf(remarks);
    }

    private static Optional<Message> steerAge(RotationProblem rotationProblem, Arrangement arrangement) {
        OptionalDouble was = rotationProblem.measures(rotationProblem.today()).steerYears();
        OptionalDouble is = rotationProblem.measures(arrangement).steerYears();
        return more(is, was)
                ? Optional.of(WORDS.message(
                        "steerAxleGetsOlderInstead", "is", years(is.getAsDouble()), "was", years(was.getAsDouble())))
                : Optional.empty();
    }

    private static String years(double years) {
        return String.format(Locale.ROOT, "%.1f y", years);
    }

    private static Optional<Message> steerTread(RotationProblem rotationProblem, Arrangement arrangement) {
        OptionalDouble was = steerLowest(rotationProblem, rotationProblem.today());
        OptionalDouble is = steerLowest(rotationProblem, arrangement);
        return more(was, is)
                ? Optional.of(WORDS.message(
                        "steerAxleGetsMoreWorn",
                        "is",
                        TreadDepth.of32nds(is.getAsDouble()),
                        "was",
                        TreadDepth.of32nds(was.getAsDouble())))
                : Optional.empty();
    }

    private static OptionalDouble steerLowest(RotationProblem rotationProblem, Arrangement arrangement) {
        return arrangement.tires().entrySet().stream()
                .filter(place ->
                        rotationProblem.inputs().vehicle().vehicle().layout().isSteer(place.getKey()))
                .map(place -> place.getValue().lowest())
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .min();
    }

    private static boolean more(OptionalDouble one, OptionalDouble other) {
        return one.isPresent() && other.isPresent() && one.getAsDouble() > other.getAsDouble() + WORTH_SAYING;
    }

    /** Which of an unequal dual carries more, by how many inches they differ; never an invented split. */
    private static List<Message> duals(Arrangement arrangement) {
        List<Message> said = new ArrayList<>();
        arrangement.tires().forEach((position, tire) -> {
            if (position instanceof OnAxle on && on.dualSlot() == DualSlot.OUTER) {
                Position inner = new OnAxle(on.axle(), on.side(), DualSlot.INNER);
                arrangement.at(inner).ifPresent(mate -> {
                    double larger =
                            MatchingRules.larger(tire.worn(), mate.worn()).orElse(0);
                    if (Math.abs(larger) >= WORTH_SAYING_IN) {
                        said.add(WORDS.message(
                                "isLargerThanItsMate",
                                "position",
                                (larger > 0 ? position : inner).code(),
                                "larger",
                                Length.ofInches(Math.abs(larger))));
                    }
                });
            }
        });
        return said;
    }

    private static Optional<Message> unread(Vehicle vehicle, MovePlan movePlan) {
        List<String> unread = movePlan.all().stream()
                .filter(move -> move.method() == MovePlan.MoveMethod.REMOUNTED)
                .flatMap(move -> Stream.concat(move.from().stream(), move.to().stream()))
                .filter(place ->
                        place instanceof OnAxle && vehicle.wheelAt(place).isEmpty())
                .map(Position::code)
                .distinct()
                .toList();
        return unread.isEmpty()
                ? Optional.empty()
                : Optional.of(WORDS.message("wheelAtIsNot", "unread", String.join(", ", unread)));
    }
}
