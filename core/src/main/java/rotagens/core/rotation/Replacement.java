package rotagens.core.rotation;

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
import rotagens.core.inspection.Judged;
import rotagens.core.inspection.Pairing;
import rotagens.core.measure.Length;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.TreadDepth;
import rotagens.core.rotation.BenchTire.Source;
import rotagens.core.rotation.Purpose.Weights;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;

/**
 * What to put in place of tires that are to go, with every other tire staying where it is: the best match from stock, then what
 * to buy; the runner-up, and why it is that.
 *
 * @param best empty where nothing on the bench may go there
 * @param why the best comes before the runner-up
 * @param refused what may not go there, with the rule and figure
 */
public record Replacement(
        List<Position> retired,
        Optional<Pick> best,
        Optional<Pick> runnerUp,
        Optional<Phrase> why,
        List<Refused> refused) {

    /**
     * Tires for the places, and how each matches its neighbours.
     *
     * @param months of life in them; where two match alike the older goes first, so that it doesn’t lie on
     */
    public record Pick(Arrangement arrangement, List<Fit> fits, long points, double months) {

        private Set<Long> tires() {
            return fits.stream().map(fit -> fit.tire().id()).collect(Collectors.toSet());
        }
    }

    /**
     * One tire in one place.
     *
     * @param acrossApart 32nds of mean tread it differs from the tire across the axle
     * @param mateApart inches of diameter it is larger than its mate in a dual; negative where smaller
     */
    public record Fit(Position position, BenchTire tire, OptionalDouble acrossApart, OptionalDouble mateApart) {

        /** How it matches, in words. */
        public List<Phrase> words() {
            List<Phrase> words = new ArrayList<>();
            if (acrossApart.isPresent()) {
                words.add(Phrase.of(
                        "tread {} from {}",
                        TreadDepth.of32nds(Math.round(acrossApart.getAsDouble() * 10) / 10.0),
                        position.across().code()));
            }
            if (mateApart.isPresent()) {
                Length apart = Length.ofInches(Math.abs(mateApart.getAsDouble()));
                words.add(
                        Math.abs(mateApart.getAsDouble()) < SAME_IN
                                ? Phrase.of(
                                        "as large as its mate {}",
                                        mate(position).code())
                                : Phrase.of(
                                        "{} {} than its mate {}",
                                        apart,
                                        mateApart.getAsDouble() > 0 ? "larger" : "smaller",
                                        mate(position).code()));
            }
            return words;
        }
    }

    /** A tire that may not go to a place, and the first rule that says so. */
    public record Refused(Position position, BenchTire tire, Judged reason) {}

    /** More places at once are a new set of tires, not a replacement. */
    public static final int MOST = 4;

    private static final double SAME_IN = 0.005;

    /** Stock before buying; then the nearest match. */
    private static final Weights NEAREST = new Weights(10_000, 0, 60, 120, 0, 0, 0);

    /** Works it out for positions on axles. */
    public static Replacement of(Bench bench, List<Position> retired) {
        Search search = new Search(bench, retired);
        search.from(0, search.staying());
        List<Pick> found = search.found.values().stream()
                .sorted(Comparator.comparingLong(Pick::points).thenComparingDouble(Pick::months))
                .toList();
        Optional<Pick> best = found.stream().findFirst();
        Optional<Pick> second = found.stream().skip(1).findFirst();
        return new Replacement(
                List.copyOf(retired),
                best,
                second,
                best.isPresent() && second.isPresent() ? Optional.of(why(best.get(), second.get())) : Optional.empty(),
                search.refused());
    }

    private static Phrase why(Pick best, Pick second) {
        long buy = count(best);
        long buySecond = count(second);
        if (buy != buySecond) {
            return Phrase.of(
                    buy == 0
                            ? "The runner-up would have to be bought; the best lies in stock."
                            : "The runner-up needs more tires bought.");
        }
        double across = worst(best, false);
        double acrossSecond = worst(second, false);
        if (Math.abs(across - acrossSecond) > 0.05) {
            return Phrase.of(
                    "Tread {} from the opposite tire, the runner-up {}.",
                    TreadDepth.of32nds(Math.round(across * 10) / 10.0),
                    TreadDepth.of32nds(Math.round(acrossSecond * 10) / 10.0));
        }
        double mate = worst(best, true);
        double mateSecond = worst(second, true);
        if (Math.abs(mate - mateSecond) > SAME_IN) {
            return Phrase.of(
                    "{} from its mate’s diameter, the runner-up {}.",
                    Length.ofInches(mate),
                    Length.ofInches(mateSecond));
        }
        return ages(best).equals(ages(second))
                ? Phrase.of("Both match alike, {}.", ages(best))
                : Phrase.of(
                        "Both match alike: the best is the older, {} against {}, and goes first.",
                        ages(best),
                        ages(second));
    }

    private static long count(Pick pick) {
        return pick.fits().stream().filter(fit -> fit.tire().toBuy()).count();
    }

    private static double worst(Pick pick, boolean mate) {
        return pick.fits().stream()
                .map(fit -> mate ? fit.mateApart() : fit.acrossApart())
                .filter(OptionalDouble::isPresent)
                .mapToDouble(apart -> Math.abs(apart.getAsDouble()))
                .max()
                .orElse(0);
    }

    private static String ages(Pick pick) {
        return pick.fits().stream()
                .map(fit -> fit.tire()
                        .tire()
                        .made()
                        .map(made -> String.format(Locale.ROOT, "DOT %s", made.stamped()))
                        .orElse("no date"))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static Position mate(Position position) {
        return position instanceof OnAxle on && on.place() != Place.SINGLE
                ? new OnAxle(on.axle(), on.side(), on.place() == Place.OUTER ? Place.INNER : Place.OUTER)
                : null;
    }

    /** Tries every tire in every retired place, each once; a tire to buy as often as it is wanted. */
    private static final class Search {

        private final Bench bench;
        private final List<Position> retired;
        private final Map<Set<Long>, Pick> found = new LinkedHashMap<>();
        private final Map<Position, List<BenchTire>> choices = new LinkedHashMap<>();

        Search(Bench bench, List<Position> retired) {
            this.bench = bench;
            this.retired = retired;
            for (Position position : retired) {
                List<BenchTire> here = new ArrayList<>(bench.facts().hand().stream()
                        .filter(tire -> tire.source() == Source.STOCK)
                        .toList());
                here.addAll(bench.facts().toBuy().getOrDefault(((OnAxle) position).axle(), List.of()));
                here.removeIf(tire -> !bench.allows(bench.against(tire, position)));
                choices.put(position, here);
            }
        }

        Arrangement staying() {
            Map<Position, BenchTire> places = new LinkedHashMap<>(bench.today().places());
            retired.forEach(places::remove);
            return new Arrangement(places);
        }

        void from(int at, Arrangement so) {
            if (at == retired.size()) {
                Pick pick = pick(so);
                found.merge(pick.tires(), pick, (one, other) -> one.points() <= other.points() ? one : other);
                return;
            }
            Position position = retired.get(at);
            for (BenchTire tire : choices.get(position)) {
                boolean used =
                        !tire.toBuy() && so.places().values().stream().anyMatch(other -> other.id() == tire.id());
                if (!used && beside(tire, position, so).isEmpty()) {
                    Map<Position, BenchTire> places = new LinkedHashMap<>(so.places());
                    places.put(position, tire);
                    from(at + 1, new Arrangement(places));
                }
            }
        }

        /** What its neighbours on the axle say against it, overridden rules aside. */
        private List<Judged> beside(BenchTire tire, Position position, Arrangement so) {
            OnAxle here = (OnAxle) position;
            List<Judged> against = new ArrayList<>();
            so.places().forEach((other, neighbour) -> {
                if (other instanceof OnAxle there && there.axle() == here.axle() && !there.equals(here)) {
                    against.addAll(bench.between(tire, here, neighbour, there));
                }
            });
            against.removeIf(judged ->
                    bench.facts().overridden().contains(judged.reason().rule()));
            return against;
        }

        private Pick pick(Arrangement arrangement) {
            long points = 0;
            Set<Integer> axles = new LinkedHashSet<>();
            List<Fit> fits = new ArrayList<>();
            for (Position position : retired) {
                BenchTire tire = arrangement.at(position).orElseThrow();
                axles.add(((OnAxle) position).axle());
                points += bench.points(tire, position, NEAREST, 0);
                fits.add(fit(position, tire, arrangement));
            }
            for (List<OnAxle> axle : bench.axles()) {
                List<BenchTire> tires = axle.stream()
                        .flatMap(position -> arrangement.at(position).stream())
                        .toList();
                if (axles.contains(axle.get(0).axle()) && tires.size() == axle.size()) {
                    points += bench.together(axle, tires, NEAREST);
                }
            }
            return new Pick(
                    arrangement,
                    fits,
                    points,
                    fits.stream().mapToDouble(fit -> bench.life(fit.tire())).sum());
        }

        private Fit fit(Position position, BenchTire tire, Arrangement arrangement) {
            Pairing.Worn mine = tire.worn();
            OptionalDouble across = Optional.ofNullable(position.across())
                    .flatMap(arrangement::at)
                    .map(BenchTire::worn)
                    .filter(other ->
                            mine.mean32nds().isPresent() && other.mean32nds().isPresent())
                    .map(other -> OptionalDouble.of(Math.abs(
                            mine.mean32nds().getAsDouble() - other.mean32nds().getAsDouble())))
                    .orElse(OptionalDouble.empty());
            OptionalDouble mate = Optional.ofNullable(mate(position))
                    .flatMap(arrangement::at)
                    .map(other -> Pairing.larger(mine, other.worn()))
                    .orElse(OptionalDouble.empty());
            return new Fit(position, tire, across, mate);
        }

        /** Of the stock, what no retired place takes: by its own, or for what runs beside it today. */
        List<Refused> refused() {
            List<Refused> refused = new ArrayList<>();
            for (BenchTire tire : bench.facts().hand()) {
                if (tire.source() != Source.STOCK) {
                    continue;
                }
                List<Refused> here = new ArrayList<>();
                for (Position position : retired) {
                    List<Judged> against = new ArrayList<>(bench.against(tire, position));
                    against.removeIf(judged ->
                            bench.facts().overridden().contains(judged.reason().rule()));
                    against.addAll(beside(tire, position, staying()));
                    against.stream().findFirst().ifPresent(first -> here.add(new Refused(position, tire, first)));
                }
                if (here.size() == retired.size()) {
                    refused.add(here.get(0));
                }
            }
            return refused;
        }
    }
}
