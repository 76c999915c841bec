package rotagens.core.rotation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import rotagens.core.inspection.Pairing;
import rotagens.core.measure.Length;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.TreadDepth;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle;

/** What has to be said about an arrangement besides its figures. */
public final class Remarks {

    /** Below this nobody can tell two diameters apart with a tape. */
    private static final double WORTH_SAYING_IN = 0.02;

    private static final double WORTH_SAYING = 0.05;

    private Remarks() {}

    /** In the order of weight: steer first, then duals, sensors, and wheels nobody has read. */
    public static List<Phrase> of(Bench bench, Arrangement arrangement, Moves moves) {
        List<Phrase> remarks = new ArrayList<>();
        steerAge(bench, arrangement).ifPresent(remarks::add);
        steerTread(bench, arrangement).ifPresent(remarks::add);
        remarks.addAll(duals(arrangement));
        if (moves.relearn()) {
            remarks.add(
                    Phrase.of("Inside sensors move with their wheels: relearn, or the dash names the wrong corner."));
        }
        Vehicle vehicle = bench.facts().vehicle().vehicle();
        boolean outside = moves.all().stream()
                .flatMap(move -> move.to().stream())
                .flatMap(place -> vehicle.sensorAt(place).stream())
                .anyMatch(sensor -> sensor.mount() == Sensor.Mount.OUTSIDE);
        if (outside) {
            remarks.add(Phrase.of("Take outside sensors off first, tagged by position, and put each back to its own."));
        }
        unread(vehicle, moves).ifPresent(remarks::add);
        return List.copyOf(remarks);
    }

    private static Optional<Phrase> steerAge(Bench bench, Arrangement arrangement) {
        OptionalDouble was = bench.measures(bench.today()).steerYears();
        OptionalDouble is = bench.measures(arrangement).steerYears();
        return more(is, was)
                ? Optional.of(Phrase.of(
                        "The steer axle gets older: {} instead of {}.",
                        years(is.getAsDouble()),
                        years(was.getAsDouble())))
                : Optional.empty();
    }

    private static String years(double years) {
        return String.format(Locale.ROOT, "%.1f y", years);
    }

    private static Optional<Phrase> steerTread(Bench bench, Arrangement arrangement) {
        OptionalDouble was = steerLowest(bench, bench.today());
        OptionalDouble is = steerLowest(bench, arrangement);
        return more(was, is)
                ? Optional.of(Phrase.of(
                        "The steer axle gets more worn: {} instead of {}.",
                        TreadDepth.of32nds(is.getAsDouble()),
                        TreadDepth.of32nds(was.getAsDouble())))
                : Optional.empty();
    }

    private static OptionalDouble steerLowest(Bench bench, Arrangement arrangement) {
        return arrangement.places().entrySet().stream()
                .filter(place -> bench.facts().vehicle().vehicle().layout().isSteer(place.getKey()))
                .map(place -> place.getValue().lowest())
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .min();
    }

    private static boolean more(OptionalDouble one, OptionalDouble other) {
        return one.isPresent() && other.isPresent() && one.getAsDouble() > other.getAsDouble() + WORTH_SAYING;
    }

    /** Which of an unequal dual carries more, by how many inches they differ; never an invented split. */
    private static List<Phrase> duals(Arrangement arrangement) {
        List<Phrase> said = new ArrayList<>();
        arrangement.places().forEach((position, tire) -> {
            if (position instanceof OnAxle on && on.place() == Place.OUTER) {
                Position inner = new OnAxle(on.axle(), on.side(), Place.INNER);
                arrangement.at(inner).ifPresent(mate -> {
                    double larger = Pairing.larger(tire.worn(), mate.worn()).orElse(0);
                    if (Math.abs(larger) >= WORTH_SAYING_IN) {
                        said.add(Phrase.of(
                                "{} is {} larger than its mate and carries more of the dual’s load.",
                                (larger > 0 ? position : inner).code(),
                                Length.ofInches(Math.abs(larger))));
                    }
                });
            }
        });
        return said;
    }

    private static Optional<Phrase> unread(Vehicle vehicle, Moves moves) {
        List<String> unread = moves.all().stream()
                .filter(move -> move.how() == Moves.How.REMOUNTED)
                .flatMap(move -> Stream.concat(move.from().stream(), move.to().stream()))
                .filter(place ->
                        place instanceof OnAxle && vehicle.wheelAt(place).isEmpty())
                .map(Position::code)
                .distinct()
                .toList();
        return unread.isEmpty()
                ? Optional.empty()
                : Optional.of(Phrase.of(
                        "Nobody has read the wheel at {}: its tire is remounted instead of the wheel moved.",
                        String.join(", ", unread)));
    }
}
