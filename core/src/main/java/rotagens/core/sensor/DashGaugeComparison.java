package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.vehicle.Position;

/**
 * Which sensor really sits where, from what the dash names and what the gauge reads. What all assignments within 4 psi of the
 * least total difference agree on is said, be it only that front and rear are crossed; what they don't agree on can't be told.
 *
 * @param corners each corner the dash names, with the corner whose tire it shows
 * @param totalPsi difference left over
 */
public record DashGaugeComparison(List<CornerMatch> corners, double totalPsi) {

    /**
     * One corner as the dash names it.
     *
     * @param shows the corner whose tire it shows
     * @param offPsi dash against the gauge at the very corner
     * @param marginPsi by how much every assignment that says otherwise is worse; infinite with one corner
     * @param possible every corner whose tire it shows in some assignment near the best
     */
    public record CornerMatch(
            Position named, Position shows, double offPsi, double marginPsi, List<Position> possible) {

        boolean isSwapped() {
            return !named.equals(shows);
        }

        /** No assignment near the best has it right. */
        boolean isSurelySwapped() {
            return !possible.contains(named);
        }

        /** The one axle all near-best assignments put it on; empty where they differ. */
        Optional<Integer> axle() {
            List<Integer> axles =
                    possible.stream().map(CornerMatch::axle).distinct().toList();
            return axles.size() == 1 ? Optional.of(axles.get(0)) : Optional.empty();
        }

        private static int axle(Position position) {
            return position instanceof Position.OnAxle on ? on.axle() : 0;
        }

        boolean onAnotherAxle() {
            return axle().filter(shown -> shown != axle(named)).isPresent();
        }

        boolean tells() {
            return marginPsi >= TELLS_FROM_PSI - SLACK;
        }
    }

    private static final double TELLS_FROM_PSI = 4;
    private static final double AGREES_WITHIN_PSI = 4;
    private static final double CHANGE_SHARE = 0.05;
    private static final double SLACK = 1e-6;
    /** Where another assignment is as good, a corner keeps its own tire. */
    private static final double RATHER_AS_NAMED = 1e-9;

    /**
     * Both readings at the same corners, each at least one.
     *
     * @param dash what the dash shows for each corner it names
     * @param gauge what the gauge reads at each corner
     * @return whose tire each corner shows, as far as it can be told
     */
    public static DashGaugeComparison of(Map<Position, Pressure> dash, Map<Position, Pressure> gauge) {
        List<Position> named = dash.keySet().stream()
                .filter(gauge::containsKey)
                .sorted(java.util.Comparator.comparing(Position::code))
                .toList();
        if (named.isEmpty()) {
            throw new InvalidInputException(WORDS.say("readAtLeastOneCorner"));
        }
        int n = named.size();
        double[][] cost = new double[n][n];
        for (int from = 0; from < n; from++) {
            for (int to = 0; to < n; to++) {
                cost[from][to] = Math.abs(dash.get(named.get(from)).psi()
                                - gauge.get(named.get(to)).psi())
                        + (from == to ? 0 : RATHER_AS_NAMED);
            }
        }
        int[] best = cheapest(cost);
        double total = total(cost, best);
        List<CornerMatch> cornerMatches = new ArrayList<>();
        for (int from = 0; from < n; from++) {
            List<Position> possible = new ArrayList<>();
            double otherwise = Double.POSITIVE_INFINITY;
            for (int to = 0; to < n; to++) {
                double forced = to == best[from] ? total : totalWith(cost, from, to);
                if (to != best[from]) {
                    otherwise = Math.min(otherwise, forced - total);
                }
                if (forced - total < TELLS_FROM_PSI - SLACK) {
                    possible.add(named.get(to));
                }
            }
            cornerMatches.add(new CornerMatch(
                    named.get(from), named.get(best[from]), cost[from][from], otherwise, List.copyOf(possible)));
        }
        return new DashGaugeComparison(List.copyOf(cornerMatches), total);
    }

    private static final double FORBIDDEN = 1e6;

    /** The least total in which one corner shows just this tire. */
    private static double totalWith(double[][] cost, int from, int to) {
        double[][] forced = Arrays.stream(cost).map(double[]::clone).toArray(double[][]::new);
        for (int other = 0; other < cost.length; other++) {
            if (other != to) {
                forced[from][other] = FORBIDDEN;
            }
        }
        return total(forced, cheapest(forced));
    }

    private static double total(double[][] cost, int[] assignment) {
        double total = 0;
        for (int i = 0; i < assignment.length; i++) {
            total += cost[i][assignment[i]];
        }
        return total;
    }

    /** The assignment of rows to columns with the least sum, by shortest augmenting paths. */
    private static int[] cheapest(double[][] cost) {
        int n = cost.length;
        double[] u = new double[n + 1];
        double[] v = new double[n + 1];
        int[] row = new int[n + 1];
        int[] way = new int[n + 1];
        for (int i = 1; i <= n; i++) {
            row[0] = i;
            int column = 0;
            double[] least = new double[n + 1];
            Arrays.fill(least, Double.POSITIVE_INFINITY);
            boolean[] used = new boolean[n + 1];
            do {
                used[column] = true;
                int here = row[column];
                double delta = Double.POSITIVE_INFINITY;
                int next = 0;
                for (int j = 1; j <= n; j++) {
                    if (!used[j]) {
                        double reduced = cost[here - 1][j - 1] - u[here] - v[j];
                        if (reduced < least[j]) {
                            least[j] = reduced;
                            way[j] = column;
                        }
                        if (least[j] < delta) {
                            delta = least[j];
                            next = j;
                        }
                    }
                }
                for (int j = 0; j <= n; j++) {
                    if (used[j]) {
                        u[row[j]] += delta;
                        v[j] -= delta;
                    } else {
                        least[j] -= delta;
                    }
                }
                column = next;
            } while (row[column] != 0);
            while (column != 0) {
                row[column] = row[way[column]];
                column = way[column];
            }
        }
        int[] assignment = new int[n];
        for (int j = 1; j <= n; j++) {
            assignment[row[j] - 1] = j - 1;
        }
        return assignment;
    }

    /**
     * By how much the next-best assignment of all corners is worse in total.
     *
     * @return in psi; infinite with one corner
     */
    public double marginPsi() {
        return corners.stream().mapToDouble(CornerMatch::marginPsi).min().orElseThrow();
    }

    /**
     * The corners the dash surely names wrongly.
     *
     * @return none where nothing is sure
     */
    public List<CornerMatch> swapped() {
        return corners.stream()
                .filter(cornerMatch -> cornerMatch.isSwapped() && cornerMatch.tells())
                .toList();
    }

    /**
     * The corners that differ and of which nobody can tell whose tire they show.
     *
     * @return none where every corner can be told
     */
    public List<CornerMatch> ambiguous() {
        return corners.stream()
                .filter(cornerMatch -> !cornerMatch.tells()
                        && (cornerMatch.isSwapped() || cornerMatch.offPsi() > AGREES_WITHIN_PSI + SLACK))
                .toList();
    }

    /**
     * Every corner is told and shows its own tire: a proof by the dash alone. Equal tires never give it.
     *
     * @return whether no gauge is needed to tell the corners
     */
    public boolean provesEveryCorner() {
        return matches() && corners.stream().allMatch(cornerMatch -> cornerMatch.tells() && !cornerMatch.isSwapped());
    }

    /** What is agreed on of corners that can't be told one by one; empty where nothing is. */
    private List<String> agreed() {
        List<CornerMatch> open = corners.stream()
                .filter(cornerMatch -> !cornerMatch.tells() && cornerMatch.isSurelySwapped())
                .toList();
        List<String> said = new ArrayList<>();
        List<Integer> axles = open.stream()
                .filter(CornerMatch::onAnotherAxle)
                .flatMap(cornerMatch -> Stream.of(
                        CornerMatch.axle(cornerMatch.named()),
                        cornerMatch.axle().orElseThrow()))
                .distinct()
                .sorted()
                .toList();
        boolean bothWays = axles.size() == 2
                && axles.stream()
                        .allMatch(axle -> open.stream()
                                .anyMatch(cornerMatch ->
                                        cornerMatch.onAnotherAxle() && CornerMatch.axle(cornerMatch.named()) == axle));
        if (bothWays) {
            said.add(WORDS.say("axleAndAxleAreSwapped", "one", axles.get(0), "other", axles.get(1)));
        }
        open.stream()
                .filter(cornerMatch -> !bothWays || !cornerMatch.onAnotherAxle())
                .map(cornerMatch -> WORDS.say(
                        "dashs",
                        "named",
                        cornerMatch.named().code(),
                        "axle",
                        cornerMatch
                                .axle()
                                .filter(axle -> cornerMatch.onAnotherAxle())
                                .map(axle -> WORDS.say("isATireOfAxle", "axle", axle))
                                .orElse(WORDS.say("isntTheTireThereWhich"))))
                .forEach(said::add);
        return said;
    }

    /**
     * Whether dash and gauge agree at every corner that has a sensor; a corner nobody read proves nothing.
     *
     * @param withSensor the corners of the vehicle that have one
     * @return whether each of them was read by both and agrees
     */
    public boolean provesAll(Collection<Position> withSensor) {
        return matches() && corners.stream().map(CornerMatch::named).toList().containsAll(withSensor);
    }

    /**
     * Every corner shows what the gauge reads there, within what dash and gauge may differ.
     *
     * @return whether nothing has to be learned anew
     */
    public boolean matches() {
        return corners.stream().allMatch(cornerMatch -> cornerMatch.offPsi() <= AGREES_WITHIN_PSI + SLACK)
                && corners.stream().noneMatch(CornerMatch::isSurelySwapped);
    }

    /**
     * What it comes to.
     *
     * @return a sentence or two, with what to do next
     */
    public Message statement() {
        if (matches()) {
            return WORDS.message("everyCornerOnTheDash");
        }
        List<CornerMatch> crossed = swapped();
        if (!crossed.isEmpty()) {
            List<String> codes = crossed.stream()
                    .map(cornerMatch -> cornerMatch.named().code())
                    .toList();
            List<String> open = agreed();
            return WORDS.message(
                    "isSwappedOtherRelearnBefore",
                    "corners",
                    codes.size() == 2
                            ? WORDS.say("and", "some", codes.get(0), "last", codes.get(1))
                            : String.join(", ", codes),
                    "number",
                    codes.size(),
                    "crossed",
                    crossed.stream()
                            .map(cornerMatch -> WORDS.say(
                                    "dashsIsTheTire",
                                    "named",
                                    cornerMatch.named().code(),
                                    "shows",
                                    cornerMatch.shows().code()))
                            .collect(java.util.stream.Collectors.joining("; ")),
                    "open",
                    String.join("; ", open),
                    "hasOpen",
                    !open.isEmpty());
        }
        if (!agreed().isEmpty()) {
            String said = String.join("; ", agreed());
            return WORDS.message(
                    "relearnBeforeAddingAir",
                    "said",
                    said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1));
        }
        if (!ambiguous().isEmpty()) {
            return WORDS.message(
                    "notCertainAnotherAssignmentDiffers",
                    "marginPsi",
                    Pressure.psi(Math.round(marginPsi() * 10) / 10.0));
        }
        return WORDS.message(
                "noSensorsAreSwappedBut",
                "most",
                Pressure.psi(
                        corners.stream().mapToDouble(CornerMatch::offPsi).max().orElseThrow()));
    }

    /**
     * How to break a tie: one tire changed by the larger of 4 psi and 5 %, upward if a maximum allows it, never under the need of
     * its load; put back afterwards.
     *
     * @param up whether air goes in
     * @param restore what to put it back to
     */
    public record TieBreaker(Position corner, Pressure to, boolean up, Pressure restore) {

        /**
         * In words.
         *
         * @return a sentence that begins with the corner
         */
        public Message statement() {
            return WORDS.message(
                    "fillToReadAllCorners", "up", up, "corner", corner.code(), "to", to, "restore", restore);
        }
    }

    /**
     * The first corner that may be changed enough; empty where every one is held by its maximum and its need.
     *
     * @param gauge what the gauge reads at each corner
     * @param maxima the most each corner may hold, tire and wheel; absent where not known, then no air goes in
     * @param needs what the load at each corner takes at least; absent where not known, then none is let out
     * @return the change to make, in half psi
     */
    public static Optional<TieBreaker> breaker(
            Map<Position, Pressure> gauge, Map<Position, Pressure> maxima, Map<Position, Pressure> needs) {
        List<TieBreaker> down = new ArrayList<>();
        for (Map.Entry<Position, Pressure> read : gauge.entrySet()) {
            double psi = read.getValue().psi();
            double step = Math.max(TELLS_FROM_PSI, psi * CHANGE_SHARE);
            Pressure maximum = maxima.get(read.getKey());
            if (maximum != null && psi + step <= maximum.psi() + 1e-9) {
                return Optional.of(new TieBreaker(read.getKey(), rounded(psi + step), true, read.getValue()));
            }
            Pressure need = needs.get(read.getKey());
            if (need != null && psi - step >= need.psi() - 1e-9) {
                down.add(new TieBreaker(read.getKey(), rounded(psi - step), false, read.getValue()));
            }
        }
        return down.stream().findFirst();
    }

    private static Pressure rounded(double psi) {
        return Pressure.psi(Math.round(psi * 2) / 2.0);
    }
}
