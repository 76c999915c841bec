package rotagens.core.rotation;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Rule;
import rotagens.core.rotation.Purpose.Weights;
import rotagens.core.rotation.Solver.Best;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * The best arrangement for a purpose.
 *
 * @param points of the purpose; less is better
 * @param gap how many points better an arrangement might still be at most; 0 where this one is proven best
 */
public record Proposal(Arrangement arrangement, Measures measures, long points, long gap) {

    /**
     * Why there is no legal arrangement: the fewest rules that stand in the way, and where.
     *
     * @param violations what the nearest arrangement breaks
     */
    public record Obstacle(Set<Rule> rules, List<Violation> violations) {}

    /** Sets tried while searching how long the tires can be made to last. */
    private static final int SEARCHING = 60;

    private static final Weights FEWEST_BROUGHT_IN = new Weights(1_000, 0, 0, 0, 0, 0, 0);

    /** The best legal arrangement; empty where none is. */
    public static Optional<Proposal> of(Bench bench, Purpose purpose) {
        Weights weights = bench.weights(purpose);
        Swap swap = purpose == Purpose.EVEN_WEAR ? Swap.of(bench.policy()) : Swap.ANYWHERE;
        OptionalDouble months = purpose.latestPurchaseFirst() ? latestPurchase(bench, swap) : OptionalDouble.empty();
        Optional<Best> lasting =
                new Solver(bench, weights, months).keepingTo(swap::allows).solve();
        // Where dropped sets made the lasting one bring in more tires, the plain one is nearer to what was asked.
        Optional<Best> found = months.isEmpty()
                        || lasting.filter(best -> best.bound() == best.points()).isPresent()
                ? lasting
                : new Solver(bench, weights, OptionalDouble.empty())
                        .keepingTo(swap::allows)
                        .solve()
                        .filter(plain ->
                                lasting.isEmpty() || lasting.get().points() - plain.points() > weights.broughtIn() / 2)
                        .or(() -> lasting);
        return found.map(best -> new Proposal(
                best.arrangement(), bench.measures(best.arrangement()), best.points(), best.points() - best.bound()));
    }

    /** How many whole months the first tire to be replaced can be made to last with the fewest tires brought in. */
    static OptionalDouble latestPurchase(Bench bench, Swap swap) {
        Optional<Best> fewest = new Solver(bench, FEWEST_BROUGHT_IN, OptionalDouble.empty(), SEARCHING)
                .keepingTo(swap::allows)
                .solve();
        if (fewest.isEmpty()) {
            return OptionalDouble.empty();
        }
        TreeSet<Double> marks = new TreeSet<>();
        bench.facts()
                .hand()
                .forEach(tire -> bench.positions().stream()
                        .filter(OnAxle.class::isInstance)
                        .forEach(position ->
                                bench.monthsThere(tire, position).ifPresent(months -> marks.add(Math.floor(months)))));
        List<Double> sorted = new ArrayList<>(marks);
        int low = -1;
        int high = sorted.size();
        while (high - low > 1) {
            int middle = (low + high) / 2;
            boolean possible = new Solver(bench, FEWEST_BROUGHT_IN, OptionalDouble.of(sorted.get(middle)), SEARCHING)
                    .keepingTo(swap::allows)
                    .solve()
                    .filter(best -> best.points() / FEWEST_BROUGHT_IN.broughtIn()
                            <= fewest.get().points() / FEWEST_BROUGHT_IN.broughtIn())
                    .isPresent();
            if (possible) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low < 0 ? OptionalDouble.empty() : OptionalDouble.of(sorted.get(low));
    }

    /**
     * The smallest set of rules that keeps every arrangement from being legal, found by letting one, then two stand aside; empty
     * where even that finds none.
     */
    public static Optional<Obstacle> obstacle(Bench bench) {
        Set<Rule> inPlay = new LinkedHashSet<>();
        bench.facts()
                .hand()
                .forEach(tire -> bench.positions()
                        .forEach(position -> bench.against(tire, position)
                                .forEach(judged -> inPlay.add(judged.reason().rule()))));
        inPlay.addAll(EnumSet.of(Rule.PATTERN_MATCH, Rule.TREAD_MATCH, Rule.DUAL_DIAMETER, Rule.AXLE_MATCH));
        List<Rule> rules = List.copyOf(inPlay);
        for (Rule rule : rules) {
            Optional<Obstacle> found = without(bench, EnumSet.of(rule));
            if (found.isPresent()) {
                return found;
            }
        }
        for (int one = 0; one < rules.size(); one++) {
            for (int other = one + 1; other < rules.size(); other++) {
                Optional<Obstacle> found = without(bench, EnumSet.of(rules.get(one), rules.get(other)));
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** The latest next visit, in whole months from today, until which the tires can be arranged legally; empty where not even today. */
    public static Optional<LocalDate> latestVisit(Bench bench) {
        LocalDate today = bench.facts().today();
        int low = -1;
        int high = (int) ChronoUnit.MONTHS.between(today, bench.facts().nextVisit()) + 1;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            Bench sooner = new Bench(bench.facts().visiting(today.plusMonths(middle)));
            if (new Solver(sooner, sooner.weights(Purpose.LEAST_LABOR), OptionalDouble.empty())
                    .solve()
                    .isPresent()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low < 0 ? Optional.empty() : Optional.of(today.plusMonths(low));
    }

    /** What would help where nothing is legal: what costs nothing first. */
    public static List<Phrase> cures(Bench bench, Optional<Obstacle> obstacle) {
        List<Phrase> cures = new ArrayList<>();
        latestVisit(bench)
                .ifPresent(day -> cures.add(
                        Phrase.of("An earlier next visit: the tires at hand can be arranged to last until {}.", day)));
        obstacle.ifPresent(found -> found.rules().forEach(rule -> cures.add(Phrase.of(cure(rule)))));
        if (bench.facts().toBuy().isEmpty()) {
            cures.add(Phrase.of("Allow tires to be bought."));
        }
        return cures;
    }

    private static String cure(Rule rule) {
        return switch (rule) {
            case AGE_STEER -> "Younger tires for steer, or a manager’s override of the steer age with a reason.";
            case AGE_OVERALL -> "Younger tires in place of those that pass the overall age limit.";
            case TREAD_PULL -> "Deeper tires, or a manager’s override of the pull point with a reason.";
            case TREAD_LIMIT, WEAR_BAR -> "Deeper tires: the legal limit is nobody’s to override.";
            case PATTERN_MATCH, TREAD_MATCH -> "A pair that matches, or a manager’s override with a reason.";
            case DUAL_DIAMETER ->
                "A tire nearer in diameter to its mate; measure both round the tread where models differ.";
            case RETREAD_STEER, STEER_ALLOWED -> "Two tires that may run on steer.";
            case DOT_DATE -> "Read the DOT code of the tires whose date isn’t on file.";
            case TREAD_CURRENT -> "Gauge the tires whose depth isn’t on file.";
            case LOAD_CAPACITY -> "Tires rated for the load, or less load on the axle.";
            default -> "Tires that keep this rule, from stock or bought.";
        };
    }

    private static Optional<Obstacle> without(Bench bench, Set<Rule> rules) {
        Set<Rule> aside = new LinkedHashSet<>(bench.facts().overridden());
        aside.addAll(rules);
        return new Solver(
                        new Bench(bench.facts().overriding(aside)),
                        bench.weights(Purpose.LEAST_LABOR),
                        OptionalDouble.empty())
                .solve()
                .map(best -> new Obstacle(rules, bench.violations(best.arrangement())));
    }
}
