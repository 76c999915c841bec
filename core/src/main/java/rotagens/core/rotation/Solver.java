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
import rotagens.core.rotation.Purpose.Weights;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * Finds the arrangement with the fewest points. No rule reaches over two axles, and the points of an arrangement are the sum
 * of its axles' points; so the best way to fill an axle is worked out once for every set of tires it may take, and the axles are
 * then put together, each set of tires used up once. Up to the width below that is exact; beyond it the least promising sets are
 * dropped, and what they might still have given at best bounds the gap.
 */
final class Solver {

    /**
     * The best found.
     *
     * @param bound no arrangement has fewer points than this; equal to {@code points} where the answer is exact
     */
    record Best(Arrangement arrangement, long points, long bound) {}

    /** The best way to give an axle, or a spare's place, exactly these tires of the hand; the rest is bought. */
    private record Filled(int hand, long points, BenchTire[] tires) {}

    /** The best way to fill the axles so far with exactly these tires. */
    private record Partial(int hand, long points, Partial before, Filled last) {}

    /** Enough for every set of 14 tires, the ten of a vehicle and four from stock. */
    private static final int EXACT_WIDTH = 1 << 14;

    private static final int WIDTH = 2_500;
    private static final int MOST_TIRES = 30;

    private final Bench bench;
    private final Weights weights;
    private final OptionalDouble lastsMonths;
    private final List<BenchTire> hand;
    private final double[] life;

    /** @param lastsMonths every tire on an axle must be good for so long; empty where that isn't asked */
    Solver(Bench bench, Weights weights, OptionalDouble lastsMonths) {
        this.bench = bench;
        this.weights = weights;
        this.lastsMonths = lastsMonths;
        this.hand = bench.facts().hand();
        if (hand.size() > MOST_TIRES) {
            throw new IllegalArgumentException("More than " + MOST_TIRES + " tires on one bench");
        }
        this.life = hand.stream().mapToDouble(bench::life).toArray();
    }

    /** Empty where no arrangement keeps every rule. */
    Optional<Best> solve() {
        List<List<? extends Position>> groups = new ArrayList<>(bench.axles());
        bench.positions().stream()
                .filter(position -> !(position instanceof OnAxle))
                .forEach(spare -> groups.add(List.of(spare)));
        List<List<Filled>> ways = new ArrayList<>();
        for (List<? extends Position> group : groups) {
            List<Filled> fillings = group.get(0) instanceof OnAxle
                    ? new Filling(group.stream().map(OnAxle.class::cast).toList()).all()
                    : spare(group.get(0));
            if (fillings.isEmpty()) {
                return Optional.empty();
            }
            fillings.sort(Comparator.comparingLong(Filled::points));
            ways.add(fillings);
        }
        return putTogether(groups, ways);
    }

    private List<Filled> spare(Position position) {
        List<Filled> all = new ArrayList<>();
        all.add(new Filled(0, Bench.EMPTY_SPARE, new BenchTire[1]));
        for (int i = 0; i < hand.size(); i++) {
            if (bench.allows(bench.against(hand.get(i), position))) {
                all.add(new Filled(
                        1 << i, bench.points(hand.get(i), position, weights, life[i]), new BenchTire[] {hand.get(i)}));
            }
        }
        return all;
    }

    private Optional<Best> putTogether(List<List<? extends Position>> groups, List<List<Filled>> ways) {
        long[] atLeast = new long[ways.size() + 1];
        for (int group = ways.size() - 1; group >= 0; group--) {
            atLeast[group] = atLeast[group + 1] + ways.get(group).get(0).points();
        }
        boolean small = hand.size() <= Integer.numberOfTrailingZeros(EXACT_WIDTH);
        int width = small ? EXACT_WIDTH : WIDTH;
        long bound = Long.MAX_VALUE;
        List<Partial> level = List.of(new Partial(0, 0, null, null));
        for (int group = 0; group < ways.size(); group++) {
            Map<Integer, Partial> next = new HashMap<>();
            for (Partial partial : level) {
                for (Filled filled : ways.get(group)) {
                    if ((partial.hand() & filled.hand()) != 0) {
                        continue;
                    }
                    int used = partial.hand() | filled.hand();
                    long points = partial.points() + filled.points();
                    Partial there = next.get(used);
                    if (there == null || points < there.points()) {
                        next.put(used, new Partial(used, points, partial, filled));
                    }
                }
            }
            List<Partial> sorted = new ArrayList<>(next.values());
            sorted.sort(Comparator.comparingLong(Partial::points).thenComparingInt(Partial::hand));
            if (sorted.size() > width) {
                bound = Math.min(bound, sorted.get(width).points() + atLeast[group + 1]);
                sorted = sorted.subList(0, width);
            }
            level = sorted;
        }
        long openBound = bound;
        return level.stream()
                .findFirst()
                .map(best -> new Best(arrangement(groups, best), best.points(), Math.min(best.points(), openBound)));
    }

    private static Arrangement arrangement(List<List<? extends Position>> groups, Partial best) {
        Map<Position, BenchTire> places = new LinkedHashMap<>();
        Deque<Filled> inOrder = new ArrayDeque<>();
        for (Partial at = best; at.last() != null; at = at.before()) {
            inOrder.push(at.last());
        }
        for (List<? extends Position> group : groups) {
            Filled filled = inOrder.pop();
            for (int i = 0; i < group.size(); i++) {
                if (filled.tires()[i] != null) {
                    places.put(group.get(i), filled.tires()[i]);
                }
            }
        }
        return new Arrangement(places);
    }

    /** All ways to fill one axle, the best of each set of tires. */
    private final class Filling {

        private final List<OnAxle> axle;
        private final List<BenchTire> choices = new ArrayList<>(hand);
        private final long[][] points;
        private final boolean[][] allowed;
        private final Map<Integer, Filled> best = new HashMap<>();
        private final Map<Long, Boolean> pairs = new HashMap<>();
        private final int[] chosen;

        Filling(List<OnAxle> axle) {
            this.axle = axle;
            choices.addAll(bench.facts().toBuy().getOrDefault(axle.get(0).axle(), List.of()));
            chosen = new int[axle.size()];
            points = new long[choices.size()][axle.size()];
            allowed = new boolean[choices.size()][axle.size()];
            for (int tire = 0; tire < choices.size(); tire++) {
                double months = tire < life.length ? life[tire] : bench.life(choices.get(tire));
                for (int at = 0; at < axle.size(); at++) {
                    BenchTire choice = choices.get(tire);
                    OnAxle position = axle.get(at);
                    allowed[tire][at] = bench.allows(bench.against(choice, position)) && lasts(choice, position);
                    points[tire][at] = bench.points(choice, position, weights, months);
                }
            }
        }

        private boolean lasts(BenchTire tire, Position position) {
            if (lastsMonths.isEmpty()) {
                return true;
            }
            OptionalDouble months = bench.monthsThere(tire, position);
            return months.isPresent() && months.getAsDouble() >= lastsMonths.getAsDouble() - 1e-9;
        }

        List<Filled> all() {
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
                long key = ((long) before * axle.size() + at) << 32 | (long) chosen[before] << 16 | tire;
                int other = before;
                boolean together = pairs.computeIfAbsent(
                        key,
                        pair -> bench.allows(bench.between(
                                choices.get(chosen[other]), axle.get(other), choices.get(tire), axle.get(at))));
                if (!together) {
                    return false;
                }
            }
            return true;
        }

        private void finish(int used, long sum) {
            List<BenchTire> tires = Arrays.stream(chosen).mapToObj(choices::get).toList();
            long total = sum + bench.together(axle, tires, weights);
            Filled there = best.get(used);
            if (there == null || total < there.points()) {
                best.put(used, new Filled(used, total, tires.toArray(BenchTire[]::new)));
            }
        }
    }
}
