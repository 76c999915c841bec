package rotagens.core.rotation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiPredicate;
import rotagens.core.rotation.RotationGoal.ScoreWeights;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * Finds the arrangement with the fewest points. No rule reaches over two axles, and the points of an arrangement are the sum
 * of its axles' points; so the best way to fill an axle is worked out once for every set of tires it may take, and the axles are
 * then put together, each set of tires used up once. Up to 14 tires that is exact; beyond them the least promising sets are
 * dropped, and what they might still have given at best bounds the gap.
 */
final class RotationSolver {

    /**
     * The best found.
     *
     * @param bound no arrangement has fewer points than this; equal to {@code points} where the answer is exact
     */
    record Best(Arrangement arrangement, long points, long bound) {}

    /** The best way to give an axle, or a spare's place, exactly these tires of the hand; the rest is bought. */
    private record AxleAssignment(int hand, long points, CandidateTire[] tires) {}

    /** The best way to fill the axles so far with exactly these tires. */
    private record PartialArrangement(int hand, long points, PartialArrangement before, AxleAssignment last) {}

    /** The ten of a vehicle and four from stock: every set of them is tried. */
    private static final int EXACT_TIRES = 14;

    /** Sets that go on from axle to axle beyond that. */
    static final int WIDTH = 600;

    private static final int MOST_TIRES = 30;
    private static final long NEVER = Long.MAX_VALUE / 4;

    private final RotationProblem rotationProblem;
    private final ScoreWeights scoreWeights;
    private final OptionalDouble lastsMonths;
    private final List<CandidateTire> hand;
    private final double[] life;
    private final int width;
    private BiPredicate<CandidateTire, Position> may = (tire, position) -> true;

    RotationSolver(RotationProblem rotationProblem, ScoreWeights scoreWeights, OptionalDouble lastsMonths) {
        this(rotationProblem, scoreWeights, lastsMonths, WIDTH);
    }

    /** @param lastsMonths every tire on an axle must be good for so long; empty where that isn't asked */
    RotationSolver(RotationProblem rotationProblem, ScoreWeights scoreWeights, OptionalDouble lastsMonths, int width) {
        this.width = width;
        this.rotationProblem = rotationProblem;
        this.scoreWeights = scoreWeights;
        this.lastsMonths = lastsMonths;
        this.hand = rotationProblem.inputs().candidates();
        if (hand.size() > MOST_TIRES) {
            throw new IllegalArgumentException("More than " + MOST_TIRES + " tires in one rotation");
        }
        this.life = hand.stream().mapToDouble(rotationProblem::life).toArray();
    }

    /** Tires go only where this says besides the rules. */
    RotationSolver keepingTo(BiPredicate<CandidateTire, Position> where) {
        may = where;
        return this;
    }

    /** Empty where no arrangement keeps every rule. */
    Optional<Best> solve() {
        List<List<? extends Position>> groups = new ArrayList<>(rotationProblem.axles());
        rotationProblem.positions().stream()
                .filter(position -> !(position instanceof OnAxle))
                .forEach(spare -> groups.add(List.of(spare)));
        List<List<AxleAssignment>> ways = new ArrayList<>();
        for (List<? extends Position> group : groups) {
            List<AxleAssignment> fillings = group.get(0) instanceof OnAxle
                    ? new AxleAssigner(group.stream().map(OnAxle.class::cast).toList()).all()
                    : spare(group.get(0));
            if (fillings.isEmpty()) {
                return Optional.empty();
            }
            fillings.sort(Comparator.comparingLong(AxleAssignment::points));
            ways.add(fillings);
        }
        return hand.size() <= EXACT_TIRES ? everySet(groups, ways) : likeliestSets(groups, ways);
    }

    private List<AxleAssignment> spare(Position position) {
        List<AxleAssignment> all = new ArrayList<>();
        all.add(new AxleAssignment(0, RotationProblem.EMPTY_SPARE, new CandidateTire[1]));
        for (int i = 0; i < hand.size(); i++) {
            if (may.test(hand.get(i), position)
                    && rotationProblem.allows(rotationProblem.violations(hand.get(i), position))) {
                all.add(new AxleAssignment(
                        1 << i,
                        rotationProblem.points(hand.get(i), position, scoreWeights, life[i]),
                        new CandidateTire[] {hand.get(i)}));
            }
        }
        return all;
    }

    /** Few tires: the fewest points for every set of them, axle by axle. */
    private Optional<Best> everySet(List<List<? extends Position>> groups, List<List<AxleAssignment>> ways) {
        int sets = 1 << hand.size();
        long[] points = new long[sets];
        Arrays.fill(points, NEVER);
        points[0] = 0;
        int[][] by = new int[ways.size()][sets];
        for (int group = 0; group < ways.size(); group++) {
            long[] next = new long[sets];
            Arrays.fill(next, NEVER);
            List<AxleAssignment> fillings = ways.get(group);
            for (int used = 0; used < sets; used++) {
                if (points[used] == NEVER) {
                    continue;
                }
                for (int way = 0; way < fillings.size(); way++) {
                    AxleAssignment axleAssignment = fillings.get(way);
                    int then = used | axleAssignment.hand();
                    long sum = points[used] + axleAssignment.points();
                    if ((used & axleAssignment.hand()) == 0 && sum < next[then]) {
                        next[then] = sum;
                        by[group][then] = way;
                    }
                }
            }
            points = next;
        }
        int best = 0;
        for (int used = 1; used < sets; used++) {
            best = points[used] < points[best] ? used : best;
        }
        if (points[best] == NEVER) {
            return Optional.empty();
        }
        Deque<AxleAssignment> inOrder = new ArrayDeque<>();
        int used = best;
        for (int group = ways.size() - 1; group >= 0; group--) {
            AxleAssignment axleAssignment = ways.get(group).get(by[group][used]);
            inOrder.push(axleAssignment);
            used &= ~axleAssignment.hand();
        }
        return Optional.of(new Best(arrangement(groups, inOrder), points[best], points[best]));
    }

    /** Many tires: the likeliest sets go on, what the others might still have given bounds the gap. */
    private Optional<Best> likeliestSets(List<List<? extends Position>> groups, List<List<AxleAssignment>> ways) {
        long[] atLeast = new long[ways.size() + 1];
        for (int group = ways.size() - 1; group >= 0; group--) {
            atLeast[group] = atLeast[group + 1] + ways.get(group).get(0).points();
        }
        long bound = Long.MAX_VALUE;
        List<PartialArrangement> level = List.of(new PartialArrangement(0, 0, null, null));
        for (int group = 0; group < ways.size(); group++) {
            Map<Integer, PartialArrangement> next = new HashMap<>();
            for (PartialArrangement partialArrangement : level) {
                for (AxleAssignment axleAssignment : ways.get(group)) {
                    if ((partialArrangement.hand() & axleAssignment.hand()) != 0) {
                        continue;
                    }
                    int used = partialArrangement.hand() | axleAssignment.hand();
                    long points = partialArrangement.points() + axleAssignment.points();
                    PartialArrangement there = next.get(used);
                    if (there == null || points < there.points()) {
                        next.put(used, new PartialArrangement(used, points, partialArrangement, axleAssignment));
                    }
                }
            }
            List<BoundedPartial> sorted = new ArrayList<>();
            for (PartialArrangement partialArrangement : next.values()) {
                sorted.add(new BoundedPartial(
                        partialArrangement,
                        next.size() > width
                                ? partialArrangement.points() + rest(ways, group + 1, partialArrangement.hand())
                                : partialArrangement.points() + atLeast[group + 1]));
            }
            sorted.sort(Comparator.comparingLong(BoundedPartial::atLeast)
                    .thenComparingInt(one -> one.partial().hand()));
            if (sorted.size() > width) {
                bound = Math.min(bound, sorted.get(width).atLeast());
                sorted = sorted.subList(0, width);
            }
            level = sorted.stream()
                    .filter(one -> one.atLeast() < NEVER)
                    .map(BoundedPartial::partial)
                    .toList();
        }
        long openBound = bound;
        return level.stream()
                .min(Comparator.comparingLong(PartialArrangement::points))
                .map(best -> new Best(
                        arrangement(groups, inOrder(best)), best.points(), Math.min(best.points(), openBound)));
    }

    /** No arrangement that goes on from a partial one has fewer points than this. */
    private record BoundedPartial(PartialArrangement partial, long atLeast) {}

    /** Points the axles still to fill cost at least, each on its own with the tires that are left. */
    private static long rest(List<List<AxleAssignment>> ways, int from, int used) {
        long rest = 0;
        for (int group = from; group < ways.size(); group++) {
            long least = NEVER;
            for (AxleAssignment axleAssignment : ways.get(group)) {
                if ((axleAssignment.hand() & used) == 0) {
                    least = axleAssignment.points();
                    break;
                }
            }
            if (least == NEVER) {
                return NEVER;
            }
            rest += least;
        }
        return rest;
    }

    private static Deque<AxleAssignment> inOrder(PartialArrangement best) {
        Deque<AxleAssignment> inOrder = new ArrayDeque<>();
        for (PartialArrangement at = best; at.last() != null; at = at.before()) {
            inOrder.push(at.last());
        }
        return inOrder;
    }

    private static Arrangement arrangement(List<List<? extends Position>> groups, Deque<AxleAssignment> inOrder) {
        Map<Position, CandidateTire> places = new LinkedHashMap<>();
        for (List<? extends Position> group : groups) {
            AxleAssignment axleAssignment = inOrder.pop();
            for (int i = 0; i < group.size(); i++) {
                if (axleAssignment.tires()[i] != null) {
                    places.put(group.get(i), axleAssignment.tires()[i]);
                }
            }
        }
        return new Arrangement(places);
    }

    /** All ways to fill one axle, the best of each set of tires. */
    private final class AxleAssigner {

        private final List<OnAxle> axle;
        private final List<CandidateTire> choices;
        private final long[][] points;
        private final boolean[][] allowed;
        private final Map<Integer, AxleAssignment> best = new HashMap<>();
        private final boolean[][][][] together;
        private final int[] chosen;

        AxleAssigner(List<OnAxle> axle) {
            this.axle = axle;
            choices = rotationProblem.choices(axle.get(0).axle());
            chosen = new int[axle.size()];
            together = rotationProblem.together(axle);
            points = new long[choices.size()][axle.size()];
            allowed = new boolean[choices.size()][axle.size()];
            for (int tire = 0; tire < choices.size(); tire++) {
                double months = tire < life.length ? life[tire] : rotationProblem.life(choices.get(tire));
                for (int at = 0; at < axle.size(); at++) {
                    CandidateTire choice = choices.get(tire);
                    OnAxle position = axle.get(at);
                    allowed[tire][at] = may.test(choice, position)
                            && rotationProblem.allows(rotationProblem.violations(choice, position))
                            && lasts(choice, position);
                    points[tire][at] = rotationProblem.points(choice, position, scoreWeights, months);
                }
            }
        }

        private boolean lasts(CandidateTire tire, Position position) {
            if (lastsMonths.isEmpty()) {
                return true;
            }
            OptionalDouble months = rotationProblem.monthsThere(tire, position);
            return months.isPresent() && months.getAsDouble() >= lastsMonths.getAsDouble() - 1e-9;
        }

        List<AxleAssignment> all() {
            place(0, 0, 0);
            return new ArrayList<>(best.values());
        }

        private void place(int at, int used, long sum) {
            if (at == axle.size()) {
                finish(used, sum);
                return;
            }
            for (int tire = 0; tire < choices.size(); tire++) {
                boolean bought = tire >= hand.size();
                if (!allowed[tire][at] || !bought && (used & 1 << tire) != 0 || !fits(at, tire)) {
                    continue;
                }
                chosen[at] = tire;
                place(at + 1, bought ? used : used | 1 << tire, sum + points[tire][at]);
            }
        }

        private boolean fits(int at, int tire) {
            for (int before = 0; before < at; before++) {
                if (!together[before][at][chosen[before]][tire]) {
                    return false;
                }
            }
            return true;
        }

        private void finish(int used, long sum) {
            List<CandidateTire> tires =
                    Arrays.stream(chosen).mapToObj(choices::get).toList();
            long total = sum + rotationProblem.together(axle, tires, scoreWeights);
            AxleAssignment there = best.get(used);
            if (there == null || total < there.points()) {
                best.put(used, new AxleAssignment(used, total, tires.toArray(CandidateTire[]::new)));
            }
        }
    }
}
