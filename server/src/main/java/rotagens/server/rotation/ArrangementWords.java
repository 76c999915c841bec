package rotagens.server.rotation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import rotagens.core.inspection.Pairing;
import rotagens.core.measure.Length;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.rotation.Arrangement;
import rotagens.core.rotation.Bench;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.Measures;
import rotagens.core.rotation.Moves;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Sensor;
import rotagens.server.rotation.RotationViews.FigureView;
import rotagens.server.rotation.RotationViews.LiftView;
import rotagens.server.rotation.RotationViews.MoveView;
import rotagens.server.rotation.RotationViews.ViolationView;

/** An arrangement in the reader's words and units. */
record ArrangementWords(Bench bench, Units units) {

    private static final double WORTH_SAYING_IN = 0.02;
    private static final int MINUTES = 60;
    private static final double NOW = 0.5;

    List<ViolationView> violations(List<Violation> broken) {
        return broken.stream()
                .map(one -> new ViolationView(
                        one.at().stream().map(Position::code).toList(),
                        one.reason().reason().rule(),
                        one.reason().reason().rule().title(),
                        one.reason().reason().says().in(units),
                        one.reason().reason().because().in(units),
                        one.reason().verdict(),
                        one.overridable()))
                .toList();
    }

    List<FigureView> figures(Arrangement arrangement) {
        Measures before = bench.measures(bench.today());
        Measures after = bench.measures(arrangement);
        List<FigureView> figures = new ArrayList<>();
        figures.add(new FigureView(
                "First tire to buy",
                months(before.monthsToPurchase()),
                months(after.monthsToPurchase()),
                better(after.monthsToPurchase(), before.monthsToPurchase())));
        if (before.steerYears().isPresent() || after.steerYears().isPresent()) {
            figures.add(new FigureView(
                    "Oldest tire on steer",
                    years(before.steerYears()),
                    years(after.steerYears()),
                    better(before.steerYears(), after.steerYears())));
        }
        figures.add(less("Tread apart on an axle", before, after, Measures::spread32nds, this::tread));
        if (bench.facts().vehicle().vehicle().hasDuals()) {
            figures.add(less("Duals apart in diameter", before, after, Measures::dualInches, this::inches));
        }
        figures.add(cost("Wheels lifted", String.valueOf(after.lifted())));
        figures.add(cost("Tires mounted", String.valueOf(after.dismounted())));
        figures.add(cost("Tires brought in", after.bought() + " new, " + after.fromStock() + " from stock"));
        figures.add(cost("Labor", labor(after.minutes())));
        figures.add(cost("Cost", after.money().words()));
        if (!bench.off(arrangement).isEmpty()) {
            figures.add(
                    cost("Life in tires taken off", String.format(Locale.ROOT, "%.0f months", after.monthsLeftOff())));
        }
        return figures;
    }

    private static FigureView cost(String what, String after) {
        return new FigureView(what, "", after, null);
    }

    private static FigureView less(
            String what,
            Measures before,
            Measures after,
            ToDoubleFunction<Measures> figure,
            java.util.function.DoubleFunction<String> words) {
        double was = figure.applyAsDouble(before);
        double is = figure.applyAsDouble(after);
        return new FigureView(
                what, words.apply(was), words.apply(is), better(OptionalDouble.of(was), OptionalDouble.of(is)));
    }

    /** True where the first is the larger, null where the two are alike or unknown. */
    private static Boolean better(OptionalDouble larger, OptionalDouble smaller) {
        boolean alike =
                larger.isEmpty() || smaller.isEmpty() || Math.abs(larger.getAsDouble() - smaller.getAsDouble()) < 0.05;
        return alike ? null : larger.getAsDouble() > smaller.getAsDouble();
    }

    private static String months(OptionalDouble months) {
        return months.isEmpty()
                ? "not known"
                : months.getAsDouble() < NOW
                        ? "now"
                        : String.format(Locale.ROOT, "in %.0f months", months.getAsDouble());
    }

    private static String years(OptionalDouble years) {
        return years.isEmpty() ? "not known" : String.format(Locale.ROOT, "%.1f y", years.getAsDouble());
    }

    private String tread(double thirtySeconds) {
        return TreadDepth.of32nds(Math.round(thirtySeconds * 10) / 10.0).in(units);
    }

    private String inches(double inches) {
        return Length.ofInches(inches).in(units);
    }

    private static String labor(int minutes) {
        return minutes < MINUTES
                ? minutes + " min"
                : minutes / MINUTES + " h" + (minutes % MINUTES == 0 ? "" : " " + minutes % MINUTES + " min");
    }

    List<LiftView> lifts(Moves moves) {
        return moves.lifts().stream()
                .map(lift -> new LiftView(
                        lift.off().stream().map(Position::code).toList(),
                        lift.jackAt(),
                        lift.moves().stream().map(ArrangementWords::move).toList()))
                .toList();
    }

    private static MoveView move(Moves.Move move) {
        return new MoveView(
                move.tire().id(),
                move.tire().name(),
                move.from().map(Position::code).orElse(null),
                move.to().map(Position::code).orElse(null),
                move.how(),
                move.how().words());
    }

    /** What has to be said about it besides its figures. */
    List<String> notes(Arrangement arrangement, Moves moves) {
        List<String> notes = new ArrayList<>();
        Measures before = bench.measures(bench.today());
        Measures after = bench.measures(arrangement);
        if (Boolean.TRUE.equals(better(after.steerYears(), before.steerYears()))) {
            notes.add("The steer axle gets older: " + years(after.steerYears()) + " instead of "
                    + years(before.steerYears()) + ".");
        }
        steerTread(arrangement).ifPresent(notes::add);
        notes.addAll(duals(arrangement));
        if (moves.relearn()) {
            notes.add("Inside sensors move with their wheels: relearn, or the dash names the wrong corner.");
        }
        boolean outside = moves.all().stream()
                .flatMap(move -> move.to().stream())
                .anyMatch(place -> bench.facts()
                        .vehicle()
                        .vehicle()
                        .sensorAt(place)
                        .filter(sensor -> sensor.mount() == Sensor.Mount.OUTSIDE)
                        .isPresent());
        if (outside) {
            notes.add("Take outside sensors off first, tagged by position, and put each back to its own.");
        }
        List<String> unread = moves.all().stream()
                .filter(move -> move.how() == Moves.How.REMOUNTED)
                .flatMap(move -> java.util.stream.Stream.concat(move.from().stream(), move.to().stream()))
                .filter(place -> place instanceof OnAxle
                        && bench.facts().vehicle().vehicle().wheelAt(place).isEmpty())
                .map(Position::code)
                .distinct()
                .toList();
        if (!unread.isEmpty()) {
            notes.add(Rule.WHEEL_DATA.title() + ": nobody has read the wheel at " + String.join(", ", unread)
                    + ". Its tire is remounted instead of the wheel moved.");
        }
        return notes;
    }

    private java.util.Optional<String> steerTread(Arrangement arrangement) {
        OptionalDouble was = steerLowest(bench.today());
        OptionalDouble is = steerLowest(arrangement);
        return Boolean.TRUE.equals(better(was, is))
                ? java.util.Optional.of("The steer axle gets more worn: " + tread(is.getAsDouble()) + " instead of "
                        + tread(was.getAsDouble()) + ".")
                : java.util.Optional.empty();
    }

    private OptionalDouble steerLowest(Arrangement arrangement) {
        return arrangement.places().entrySet().stream()
                .filter(place -> bench.facts().vehicle().vehicle().layout().isSteer(place.getKey()))
                .map(place -> place.getValue().lowest())
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .min();
    }

    private List<String> duals(Arrangement arrangement) {
        Map<String, String> said = new LinkedHashMap<>();
        arrangement.places().forEach((position, tire) -> {
            if (position instanceof OnAxle on && on.place() == Place.OUTER) {
                Position inner = new OnAxle(on.axle(), on.side(), Place.INNER);
                arrangement.at(inner).ifPresent(mate -> {
                    double larger = Pairing.larger(tire.worn(), mate.worn()).orElse(0);
                    if (Math.abs(larger) >= WORTH_SAYING_IN) {
                        said.put(
                                position.code(),
                                (larger > 0 ? position : inner).code() + " is " + inches(Math.abs(larger))
                                        + " larger than its mate and carries more of the dual’s load.");
                    }
                });
            }
        });
        return List.copyOf(said.values());
    }

    static Map<String, Long> places(Arrangement arrangement) {
        Map<String, Long> places = new LinkedHashMap<>();
        arrangement.places().forEach((Position position, BenchTire tire) -> places.put(position.code(), tire.id()));
        return places;
    }
}
