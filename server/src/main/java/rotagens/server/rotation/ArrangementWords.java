package rotagens.server.rotation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import rotagens.core.measure.Length;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.rotation.Arrangement;
import rotagens.core.rotation.Bench;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.Measures;
import rotagens.core.rotation.Moves;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.server.rotation.RotationViews.FigureView;
import rotagens.server.rotation.RotationViews.LiftView;
import rotagens.server.rotation.RotationViews.MoveView;
import rotagens.server.rotation.RotationViews.ViolationView;

/** An arrangement in the reader's words and units. */
record ArrangementWords(Bench bench, Units units) {

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

    static Map<String, Long> places(Arrangement arrangement) {
        Map<String, Long> places = new LinkedHashMap<>();
        arrangement.places().forEach((Position position, BenchTire tire) -> places.put(position.code(), tire.id()));
        return places;
    }
}
