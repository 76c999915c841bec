package rotagens.server.rotation;

import static rotagens.server.rotation.RotationWords.WORDS;

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
import rotagens.core.rotation.ArrangementMetrics;
import rotagens.core.rotation.CandidateTire;
import rotagens.core.rotation.MovePlan;
import rotagens.core.rotation.RotationProblem;
import rotagens.core.rotation.Violation;
import rotagens.core.vehicle.Position;
import rotagens.server.rotation.RotationViews.LiftView;
import rotagens.server.rotation.RotationViews.MetricView;
import rotagens.server.rotation.RotationViews.MoveView;
import rotagens.server.rotation.RotationViews.ViolationView;

/** An arrangement in the reader's words and units. */
record ArrangementText(RotationProblem bench, Units units) {

    private static final int MINUTES = 60;
    private static final double NOW = 0.5;

    List<ViolationView> violations(List<Violation> broken) {
        return broken.stream()
                .map(one -> new ViolationView(
                        one.at().stream().map(Position::code).toList(),
                        one.reason().reason().rule(),
                        one.reason().reason().rule().title(),
                        one.reason().reason().statement().in(units),
                        one.reason().reason().explanation().in(units),
                        one.reason().verdict(),
                        one.overridable()))
                .toList();
    }

    List<MetricView> figures(Arrangement arrangement) {
        ArrangementMetrics before = bench.measures(bench.today());
        ArrangementMetrics after = bench.measures(arrangement);
        List<MetricView> figures = new ArrayList<>();
        figures.add(new MetricView(
                WORDS.say("firstTireToBuy"),
                months(before.monthsToPurchase()),
                months(after.monthsToPurchase()),
                better(after.monthsToPurchase(), before.monthsToPurchase())));
        if (before.steerYears().isPresent() || after.steerYears().isPresent()) {
            figures.add(new MetricView(
                    WORDS.say("oldestTireOnSteer"),
                    years(before.steerYears()),
                    years(after.steerYears()),
                    better(before.steerYears(), after.steerYears())));
        }
        figures.add(less(
                WORDS.say("treadApartOnAnAxle"), before, after, ArrangementMetrics::treadDifference32nds, this::tread));
        if (bench.inputs().vehicle().vehicle().hasDuals()) {
            figures.add(less(
                    WORDS.say("dualsApartInDiameter"), before, after, ArrangementMetrics::dualInches, this::inches));
        }
        figures.add(cost(WORDS.say("wheelsLifted"), String.valueOf(after.lifted())));
        figures.add(cost(WORDS.say("tiresMounted"), String.valueOf(after.demounted())));
        figures.add(cost(
                WORDS.say("tiresBrought"),
                WORDS.say("newFromStock", "purchased", after.purchased(), "fromStock", after.fromStock())));
        figures.add(cost(WORDS.say("labor"), labor(after.minutes())));
        figures.add(cost(WORDS.say("cost"), after.money().label()));
        if (!bench.removedTires(arrangement).isEmpty()) {
            figures.add(cost(
                    WORDS.say("lifeInTiresTakenOff"), WORDS.say("months", "months", Math.round(after.unusedMonths()))));
        }
        return figures;
    }

    private static MetricView cost(String what, String after) {
        return new MetricView(what, "", after, null);
    }

    private static MetricView less(
            String what,
            ArrangementMetrics before,
            ArrangementMetrics after,
            ToDoubleFunction<ArrangementMetrics> figure,
            java.util.function.DoubleFunction<String> words) {
        double was = figure.applyAsDouble(before);
        double is = figure.applyAsDouble(after);
        return new MetricView(
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
                ? WORDS.say("notKnown")
                : months.getAsDouble() < NOW
                        ? WORDS.say("now")
                        : WORDS.say("inMonths", "months", Math.round(months.getAsDouble()));
    }

    private static String years(OptionalDouble years) {
        return years.isEmpty() ? WORDS.say("notKnown") : String.format(Locale.ROOT, "%.1f y", years.getAsDouble());
    }

    private String tread(double thirtySeconds) {
        return TreadDepth.of32nds(Math.round(thirtySeconds * 10) / 10.0).format(units);
    }

    private String inches(double inches) {
        return Length.ofInches(inches).format(units);
    }

    private static String labor(int minutes) {
        return minutes < MINUTES
                ? minutes + " min"
                : minutes / MINUTES + " h" + (minutes % MINUTES == 0 ? "" : " " + minutes % MINUTES + " min");
    }

    List<LiftView> lifts(MovePlan movePlan) {
        return movePlan.lifts().stream()
                .map(lift -> new LiftView(
                        lift.off().stream().map(Position::code).toList(),
                        lift.jackAt(),
                        lift.moves().stream().map(ArrangementText::move).toList()))
                .toList();
    }

    private static MoveView move(MovePlan.Move move) {
        return new MoveView(
                move.tire().id(),
                move.tire().name(),
                move.from().map(Position::code).orElse(null),
                move.to().map(Position::code).orElse(null),
                move.method(),
                move.method().label());
    }

    static Map<String, Long> places(Arrangement arrangement) {
        Map<String, Long> places = new LinkedHashMap<>();
        arrangement.tires().forEach((Position position, CandidateTire tire) -> places.put(position.code(), tire.id()));
        return places;
    }
}
