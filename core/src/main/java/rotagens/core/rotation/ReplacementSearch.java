package rotagens.core.rotation;

import static rotagens.core.rotation.RotationWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.inspection.MatchingRules;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.TreadDepth;
import rotagens.core.rotation.CandidateTire.TireSource;
import rotagens.core.rotation.RotationGoal.ScoreWeights;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What to put in place of tires that are to go, with every other tire staying where it is: the best match from stock, then what
 * to buy; the runner-up, and why it is that.
 *
 * @param best empty where nothing on the bench may go there
 * @param reason the best comes before the runner-up
 * @param rejected what may not go there, with the rule and figure
 */
public record ReplacementSearch(
        List<Position> replaced,
        Optional<ReplacementOption> best,
        Optional<ReplacementOption> runnerUp,
        Optional<Message> reason,
        List<RejectedTire> rejected) {

    /**
     * Tires for the places, and how each matches its neighbours.
     *
     * @param months of life in them; where two match alike the older goes first, so that it doesn’t lie on
     */
    public record ReplacementOption(Arrangement arrangement, List<TireMatch> fits, long points, double months) {

        private Set<Long> tires() {
            return fits.stream().map(tireMatch -> tireMatch.tire().id()).collect(Collectors.toSet());
        }
    }

    /**
     * One tire in one place.
     *
     * @param acrossApart 32nds of mean tread it differs from the tire across the axle
     * @param mateApart inches of diameter it is larger than its mate in a dual; negative where smaller
     */
    public record TireMatch(
            Position position, CandidateTire tire, OptionalDouble acrossApart, OptionalDouble mateApart) {

        /**
         * How it matches, in words.
         *
         * @return none where there is nothing to match
         */
        public List<Message> label() {
            List<Message> words = new ArrayList<>();
            if (acrossApart.isPresent()) {
                words.add(WORDS.message(
                        "treadFrom",
                        "acrossApart",
                        TreadDepth.of32nds(Math.round(acrossApart.getAsDouble() * 10) / 10.0),
                        "opposite",
                        position.opposite().code()));
            }
            if (mateApart.isPresent()) {
                Length apart = Length.ofInches(Math.abs(mateApart.getAsDouble()));
                words.add(
                        Math.abs(mateApart.getAsDouble()) < SAME_IN
                                ? WORDS.message(
                                        "asLargeAsItsMate",
                                        "mate",
                                        mate(position).code())
                                : WORDS.message(
                                        "thanItsMate",
                                        "apart",
                                        apart,
                                        "largerOrSmaller",
                                        mateApart.getAsDouble() > 0 ? WORDS.say("larger") : WORDS.say("smaller"),
                                        "mate",
                                        mate(position).code()));
            }
            return words;
        }
    }

    /** A tire that may not go to a place, and the first rule that says so. */
    public record RejectedTire(Position position, CandidateTire tire, VerdictReason reason) {}

    /** More places at once are a new set of tires, not a replacement. */
    public static final int MOST = 4;

    private static final double SAME_IN = 0.005;

    /** Stock before buying; then the nearest match. */
    private static final ScoreWeights NEAREST = new ScoreWeights(10_000, 0, 60, 120, 0, 0, 0);

    /**
     * Works it out for positions on axles.
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @param retired positions whose tires are to go, at most {@link #MOST}
     * @return the best match first; without one where nothing at hand may go there
     */
    public static ReplacementSearch of(RotationProblem rotationProblem, List<Position> retired) {
        Search search = new Search(rotationProblem, retired);
        search.from(0, search.staying());
        List<ReplacementOption> found = search.found.values().stream()
                .sorted(Comparator.comparingLong(ReplacementOption::points)
                        .thenComparingDouble(ReplacementOption::months))
                .toList();
        Optional<ReplacementOption> best = found.stream().findFirst();
        Optional<ReplacementOption> second = found.stream().skip(1).findFirst();
        return new ReplacementSearch(
                List.copyOf(retired),
                best,
                second,
                best.isPresent() && second.isPresent()
                        ? Optional.of(reason(best.get(), second.get()))
                        : Optional.empty(),
                search.refused());
    }

    private static Message reason(ReplacementOption best, ReplacementOption second) {
        long buy = count(best);
        long buySecond = count(second);
        if (buy != buySecond) {
            return (buy == 0 ? WORDS.message("runnerUpWouldHave") : WORDS.message("runnerUpNeedsMoreTires"));
        }
        double across = worst(best, false);
        double acrossSecond = worst(second, false);
        if (Math.abs(across - acrossSecond) > 0.05) {
            return WORDS.message(
                    "treadFromTheOppositeTire",
                    "across",
                    TreadDepth.of32nds(Math.round(across * 10) / 10.0),
                    "acrossSecond",
                    TreadDepth.of32nds(Math.round(acrossSecond * 10) / 10.0));
        }
        double mate = worst(best, true);
        double mateSecond = worst(second, true);
        if (Math.abs(mate - mateSecond) > SAME_IN) {
            return WORDS.message(
                    "fromItsMatesDiameter", "mate", Length.ofInches(mate), "mateSecond", Length.ofInches(mateSecond));
        }
        return ages(best).equals(ages(second))
                ? WORDS.message("bothMatchAlike", "ages", ages(best))
                : WORDS.message("bothMatchAlikeTheBest", "older", ages(best), "younger", ages(second));
    }

    private static long count(ReplacementOption replacementOption) {
        return replacementOption.fits().stream()
                .filter(tireMatch -> tireMatch.tire().toBuy())
                .count();
    }

    private static double worst(ReplacementOption replacementOption, boolean mate) {
        return replacementOption.fits().stream()
                .map(tireMatch -> mate ? tireMatch.mateApart() : tireMatch.acrossApart())
                .filter(OptionalDouble::isPresent)
                .mapToDouble(apart -> Math.abs(apart.getAsDouble()))
                .max()
                .orElse(0);
    }

    private static String ages(ReplacementOption replacementOption) {
        return replacementOption.fits().stream()
                .map(tireMatch -> tireMatch
                        .tire()
                        .tire()
                        .dotWeek()
                        .map(made -> String.format(Locale.ROOT, "DOT %s", made.marked()))
                        .orElse(WORDS.say("noDate")))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static Position mate(Position position) {
        return position instanceof OnAxle on && on.dualSlot() != DualSlot.SINGLE
                ? new OnAxle(on.axle(), on.side(), on.dualSlot() == DualSlot.OUTER ? DualSlot.INNER : DualSlot.OUTER)
                : null;
    }

    /** Tries every tire in every retired place, each once; a tire to buy as often as it is wanted. */
    private static final class Search {

        private final RotationProblem rotationProblem;
        private final List<Position> retired;
        private final Map<Set<Long>, ReplacementOption> found = new LinkedHashMap<>();
        private final Map<Position, List<CandidateTire>> choices = new LinkedHashMap<>();

        Search(RotationProblem rotationProblem, List<Position> retired) {
            this.rotationProblem = rotationProblem;
            this.retired = retired;
            for (Position position : retired) {
                List<CandidateTire> here = new ArrayList<>(rotationProblem.inputs().candidates().stream()
                        .filter(tire -> tire.source() == TireSource.STOCK)
                        .toList());
                here.addAll(rotationProblem.inputs().toBuy().getOrDefault(((OnAxle) position).axle(), List.of()));
                here.removeIf(tire -> !rotationProblem.allows(rotationProblem.violations(tire, position)));
                choices.put(position, here);
            }
        }

        Arrangement staying() {
            Map<Position, CandidateTire> places =
                    new LinkedHashMap<>(rotationProblem.today().tires());
            retired.forEach(places::remove);
            return new Arrangement(places);
        }

        void from(int at, Arrangement so) {
            if (at == retired.size()) {
                ReplacementOption replacementOption = pick(so);
                found.merge(
                        replacementOption.tires(),
                        replacementOption,
                        (one, other) -> one.points() <= other.points() ? one : other);
                return;
            }
            Position position = retired.get(at);
            for (CandidateTire tire : choices.get(position)) {
                boolean used = !tire.toBuy() && so.tires().values().stream().anyMatch(other -> other.id() == tire.id());
                if (!used && beside(tire, position, so).isEmpty()) {
                    Map<Position, CandidateTire> places = new LinkedHashMap<>(so.tires());
                    places.put(position, tire);
                    from(at + 1, new Arrangement(places));
                }
            }
        }

        /** What its neighbours on the axle say against it, overridden rules aside. */
        private List<VerdictReason> beside(CandidateTire tire, Position position, Arrangement so) {
            OnAxle here = (OnAxle) position;
            List<VerdictReason> against = new ArrayList<>();
            so.tires().forEach((other, neighbour) -> {
                if (other instanceof OnAxle there && there.axle() == here.axle() && !there.equals(here)) {
                    against.addAll(rotationProblem.pairViolations(tire, here, neighbour, there));
                }
            });
            against.removeIf(verdictReason -> rotationProblem
                    .inputs()
                    .overridden()
                    .contains(verdictReason.reason().rule()));
            return against;
        }

        private ReplacementOption pick(Arrangement arrangement) {
            long points = 0;
            Set<Integer> axles = new LinkedHashSet<>();
            List<TireMatch> tireMatches = new ArrayList<>();
            for (Position position : retired) {
                CandidateTire tire = arrangement.at(position).orElseThrow();
                axles.add(((OnAxle) position).axle());
                points += rotationProblem.points(tire, position, NEAREST, 0);
                tireMatches.add(fit(position, tire, arrangement));
            }
            for (List<OnAxle> axle : rotationProblem.axles()) {
                List<CandidateTire> tires = axle.stream()
                        .flatMap(position -> arrangement.at(position).stream())
                        .toList();
                if (axles.contains(axle.get(0).axle()) && tires.size() == axle.size()) {
                    points += rotationProblem.together(axle, tires, NEAREST);
                }
            }
            return new ReplacementOption(
                    arrangement,
                    tireMatches,
                    points,
                    tireMatches.stream()
                            .mapToDouble(tireMatch -> rotationProblem.life(tireMatch.tire()))
                            .sum());
        }

        private TireMatch fit(Position position, CandidateTire tire, Arrangement arrangement) {
            MatchingRules.WornTire mine = tire.worn();
            OptionalDouble across = Optional.ofNullable(position.opposite())
                    .flatMap(arrangement::at)
                    .map(CandidateTire::worn)
                    .filter(other ->
                            mine.mean32nds().isPresent() && other.mean32nds().isPresent())
                    .map(other -> OptionalDouble.of(Math.abs(
                            mine.mean32nds().getAsDouble() - other.mean32nds().getAsDouble())))
                    .orElse(OptionalDouble.empty());
            OptionalDouble mate = Optional.ofNullable(mate(position))
                    .flatMap(arrangement::at)
                    .map(other -> MatchingRules.larger(mine, other.worn()))
                    .orElse(OptionalDouble.empty());
            return new TireMatch(position, tire, across, mate);
        }

        /** Of the stock, what no retired place takes: by its own, or for what runs beside it today. */
        List<RejectedTire> refused() {
            List<RejectedTire> rejectedTire = new ArrayList<>();
            for (CandidateTire tire : rotationProblem.inputs().candidates()) {
                if (tire.source() != TireSource.STOCK) {
                    continue;
                }
                List<RejectedTire> here = new ArrayList<>();
                for (Position position : retired) {
                    List<VerdictReason> against = new ArrayList<>(rotationProblem.violations(tire, position));
                    against.removeIf(verdictReason -> rotationProblem
                            .inputs()
                            .overridden()
                            .contains(verdictReason.reason().rule()));
                    against.addAll(beside(tire, position, staying()));
                    against.stream().findFirst().ifPresent(first -> here.add(new RejectedTire(position, tire, first)));
                }
                if (here.size() == retired.size()) {
                    rejectedTire.add(here.get(0));
                }
            }
            return rejectedTire;
        }
    }
}
