package rotagens.core.rotation;

import static rotagens.core.rotation.RotationWords.WORDS;

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
import rotagens.core.measure.Message;
import rotagens.core.measure.Rule;
import rotagens.core.rotation.RotationGoal.ScoreWeights;
import rotagens.core.rotation.RotationSolver.Best;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * The best arrangement for a purpose.
 *
 * @param points of the purpose; less is better
 * @param optimalityGap how many points better an arrangement might still be at most; 0 where this one is proven best
 */
public record RotationProposal(Arrangement arrangement, ArrangementMetrics metrics, long points, long optimalityGap) {

    /**
     * Why there is no legal arrangement: the fewest rules that stand in the way, and where.
     *
     * @param violations what the nearest arrangement breaks
     */
    public record Infeasibility(Set<Rule> rules, List<Violation> violations) {}

    /** Sets tried while searching how long the tires can be made to last. */
    private static final int SEARCHING = 60;

    private static final ScoreWeights FEWEST_BROUGHT_IN = new ScoreWeights(1_000, 0, 0, 0, 0, 0, 0);

    /**
     * The best legal arrangement; empty where none is.
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @param rotationGoal what the rotation is for
     * @return with its figures, and how far from proven best it may be
     */
    public static Optional<RotationProposal> of(RotationProblem rotationProblem, RotationGoal rotationGoal) {
        ScoreWeights scoreWeights = rotationProblem.weights(rotationGoal);
        SwapScope swapScope =
                rotationGoal == RotationGoal.EVEN_WEAR ? SwapScope.of(rotationProblem.policy()) : SwapScope.ANYWHERE;
        OptionalDouble months = rotationGoal.latestPurchaseFirst()
                ? latestPurchase(rotationProblem, swapScope)
                : OptionalDouble.empty();
        Optional<Best> lasting = new RotationSolver(rotationProblem, scoreWeights, months)
                .keepingTo(swapScope::allows)
                .solve();
        // Where dropped sets made the lasting one bring in more tires, the plain one is nearer to what was asked.
        Optional<Best> found = months.isEmpty()
                        || lasting.filter(best -> best.bound() == best.points()).isPresent()
                ? lasting
                : new RotationSolver(rotationProblem, scoreWeights, OptionalDouble.empty())
                        .keepingTo(swapScope::allows)
                        .solve()
                        .filter(plain -> lasting.isEmpty()
                                || lasting.get().points() - plain.points() > scoreWeights.broughtIn() / 2)
                        .or(() -> lasting);
        return found.map(best -> new RotationProposal(
                best.arrangement(),
                rotationProblem.measures(best.arrangement()),
                best.points(),
                best.points() - best.bound()));
    }

    /** How many whole months the first tire to be replaced can be made to last with the fewest tires brought in. */
    static OptionalDouble latestPurchase(RotationProblem rotationProblem, SwapScope swapScope) {
        Optional<Best> fewest = new RotationSolver(
                        rotationProblem, FEWEST_BROUGHT_IN, OptionalDouble.empty(), SEARCHING)
                .keepingTo(swapScope::allows)
                .solve();
        if (fewest.isEmpty()) {
            return OptionalDouble.empty();
        }
        TreeSet<Double> marks = new TreeSet<>();
        rotationProblem
                .inputs()
                .candidates()
                .forEach(tire -> rotationProblem.positions().stream()
                        .filter(OnAxle.class::isInstance)
                        .forEach(position -> rotationProblem
                                .monthsThere(tire, position)
                                .ifPresent(months -> marks.add(Math.floor(months)))));
        List<Double> sorted = new ArrayList<>(marks);
        int low = -1;
        int high = sorted.size();
        while (high - low > 1) {
            int middle = (low + high) / 2;
            boolean possible = new RotationSolver(
                            rotationProblem, FEWEST_BROUGHT_IN, OptionalDouble.of(sorted.get(middle)), SEARCHING)
                    .keepingTo(swapScope::allows)
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
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @return with what the nearest arrangement breaks
     */
    public static Optional<Infeasibility> infeasibility(RotationProblem rotationProblem) {
        Set<Rule> inPlay = new LinkedHashSet<>();
        rotationProblem
                .inputs()
                .candidates()
                .forEach(tire -> rotationProblem
                        .positions()
                        .forEach(position -> rotationProblem
                                .violations(tire, position)
                                .forEach(verdictReason ->
                                        inPlay.add(verdictReason.reason().rule()))));
        inPlay.addAll(EnumSet.of(Rule.PATTERN_MATCH, Rule.TREAD_MATCH, Rule.DUAL_DIAMETER, Rule.AXLE_MATCH));
        List<Rule> rules = List.copyOf(inPlay);
        for (Rule rule : rules) {
            Optional<Infeasibility> found = without(rotationProblem, EnumSet.of(rule));
            if (found.isPresent()) {
                return found;
            }
        }
        for (int one = 0; one < rules.size(); one++) {
            for (int other = one + 1; other < rules.size(); other++) {
                Optional<Infeasibility> found = without(rotationProblem, EnumSet.of(rules.get(one), rules.get(other)));
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /**
     * The latest next visit, in whole months from today, until which the tires can be arranged legally; empty where not even today.
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @return a day before the next visit as it is planned
     */
    public static Optional<LocalDate> latestVisit(RotationProblem rotationProblem) {
        LocalDate today = rotationProblem.inputs().today();
        int low = -1;
        int high =
                (int) ChronoUnit.MONTHS.between(today, rotationProblem.inputs().nextVisit()) + 1;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            RotationProblem sooner =
                    new RotationProblem(rotationProblem.inputs().forNextVisit(today.plusMonths(middle)));
            if (new RotationSolver(sooner, sooner.weights(RotationGoal.LEAST_LABOR), OptionalDouble.empty())
                    .solve()
                    .isPresent()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low < 0 ? Optional.empty() : Optional.of(today.plusMonths(low));
    }

    /**
     * What would help where nothing is legal: what costs nothing first.
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @param infeasibility the rules that stand in the way, where they were found
     * @return sentences, each something to do
     */
    public static List<Message> remedies(RotationProblem rotationProblem, Optional<Infeasibility> infeasibility) {
        List<Message> cures = new ArrayList<>();
        latestVisit(rotationProblem)
                .ifPresent(day -> cures.add(WORDS.message("earlierNextVisitTheAvailable", "day", day)));
        infeasibility.ifPresent(found -> found.rules().forEach(rule -> cures.add(Message.of(cure(rule)))));
        if (rotationProblem.inputs().toBuy().isEmpty()) {
            cures.add(WORDS.message("allowTiresToBeBought"));
        }
        return cures;
    }

    private static String cure(Rule rule) {
        return switch (rule) {
            case AGE_STEER -> WORDS.say("youngerTiresForSteer");
            case AGE_OVERALL -> WORDS.say("youngerTiresInPlace");
            case PULL_POINT -> WORDS.say("deeperTiresOrAManagers");
            case TREAD_LIMIT, WEAR_BAR -> WORDS.say("useDeeperTiresTheLegal");
            case PATTERN_MATCH, TREAD_MATCH -> WORDS.say("pairThatMatches");
            case DUAL_DIAMETER -> WORDS.say("tireNearerInDiameter");
            case RETREAD_STEER, STEER_ALLOWED -> WORDS.say("twoTiresThatMayRun");
            case DOT_DATE -> WORDS.say("readTheDotCode");
            case TREAD_CURRENT -> WORDS.say("gaugeTheTiresWhoseDepth");
            case LOAD_CAPACITY -> WORDS.say("tiresRatedForTheLoad");
            default -> WORDS.say("tiresThatKeepThisRule");
        };
    }

    private static Optional<Infeasibility> without(RotationProblem rotationProblem, Set<Rule> rules) {
        Set<Rule> aside = new LinkedHashSet<>(rotationProblem.inputs().overridden());
        aside.addAll(rules);
        return new RotationSolver(
                        new RotationProblem(rotationProblem.inputs().overriding(aside)),
                        rotationProblem.weights(RotationGoal.LEAST_LABOR),
                        OptionalDouble.empty())
                .solve()
                .map(best -> new Infeasibility(rules, rotationProblem.violations(best.arrangement())));
    }
}
