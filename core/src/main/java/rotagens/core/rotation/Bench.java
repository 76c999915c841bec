package rotagens.core.rotation;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judged;
import rotagens.core.inspection.Pairing;
import rotagens.core.inspection.Placing;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Money;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.rotation.BenchTire.Source;
import rotagens.core.rotation.Purpose.Weights;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Position.Place;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle.Wheel;

/**
 * A vehicle with its tires on the ground, the stock beside it, and every rule of matching: says what keeps a tire off a
 * position, what an arrangement breaks, and what it gives and costs.
 */
public final class Bench {

    /**
     * What is laid out.
     *
     * @param hand the tires on the vehicle and those chosen from stock
     * @param toBuy by axle, one tire of each model that may be bought for it; it may be used more than once
     * @param nextVisit the vehicle's next planned visit: every tire must last until then
     * @param overridden rules a manager lets stand aside this time
     */
    public record Facts(
            VehicleState vehicle,
            List<BenchTire> hand,
            Map<Integer, List<BenchTire>> toBuy,
            Policy policy,
            LocalDate today,
            LocalDate nextVisit,
            Set<Rule> overridden) {

        public Facts {
            hand = List.copyOf(hand);
            toBuy = Map.copyOf(toBuy);
            overridden = Set.copyOf(overridden);
        }

        /** The same with another next visit. */
        public Facts visiting(LocalDate day) {
            return new Facts(vehicle, hand, toBuy, policy, today, day, overridden);
        }

        /** The same with other rules standing aside. */
        public Facts overriding(Set<Rule> rules) {
            return new Facts(vehicle, hand, toBuy, policy, today, nextVisit, rules);
        }
    }

    private record Spot(long tireId, Position position) {}

    private static final double DAYS_A_YEAR = 365.25;

    private final Facts facts;
    private final List<Position> positions;
    private final Map<Spot, List<Judged>> alone = new HashMap<>();
    private final Map<String, VehiclePressures> pressures = new HashMap<>();
    private final Map<Position, OptionalDouble> rates = new HashMap<>();
    private final Map<Spot, OptionalDouble> months = new HashMap<>();
    private final Map<Integer, boolean[][][][]> pairs = new HashMap<>();
    private final Map<Long, Pairing.Worn> worn = new HashMap<>();
    private final Optional<SpeedSymbol> slowest;
    private final Labor labor;

    public Bench(Facts facts) {
        this.facts = facts;
        this.positions = facts.vehicle().vehicle().layout().positions();
        this.slowest = facts.hand().stream()
                .filter(tire -> tire.at().filter(OnAxle.class::isInstance).isPresent())
                .flatMap(tire -> speed(tire.tire().model()).stream())
                .min(java.util.Comparator.comparingInt(SpeedSymbol::kmPerHour));
        this.labor = Labor.on(facts.vehicle().vehicle(), facts.policy());
        positions.forEach(position -> rates.put(position, measuredRate(position)));
        facts.hand().forEach(tire -> worn.put(tire.id(), tire.worn()));
        facts.toBuy().values().forEach(choices -> choices.forEach(tire -> worn.put(tire.id(), tire.worn())));
    }

    public Facts facts() {
        return facts;
    }

    public List<Position> positions() {
        return positions;
    }

    /** The fleet's policy as this vehicle's class sees it. */
    Policy.ForClass policy() {
        return facts.policy().of(facts.vehicle().vehicle().vehicleClass());
    }

    /** What each figure counts for a purpose on this vehicle. */
    public Weights weights(Purpose purpose) {
        return purpose.weights(policy());
    }

    /** As the tires sit today. */
    public Arrangement today() {
        Map<Position, BenchTire> places = new LinkedHashMap<>();
        for (Position position : positions) {
            facts.hand().stream()
                    .filter(tire -> tire.at().filter(position::equals).isPresent())
                    .findFirst()
                    .ifPresent(tire -> places.put(position, tire));
        }
        return new Arrangement(places);
    }

    // What a position refuses

    /**
     * What keeps a tire off a position whatever runs beside it, overridden rules included. What isn't known of a tire keeps it
     * off every place but its own.
     */
    public List<Judged> against(BenchTire tire, Position position) {
        return alone.computeIfAbsent(new Spot(tire.id(), position), spot -> judgeAlone(tire, position));
    }

    private List<Judged> judgeAlone(BenchTire tire, Position position) {
        List<Judged> against = new ArrayList<>(Placing.against(
                facts.vehicle(),
                tire.sittingAt(position),
                pressuresWith(tire.tire().model(), position),
                facts.policy(),
                facts.today(),
                facts.nextVisit(),
                rates.get(position)));
        boolean stays = tire.at().filter(position::equals).isPresent();
        if (stays) {
            against.removeIf(judged -> judged.verdict() == Verdict.NOT_KNOWN);
        } else if (position instanceof OnAxle on) {
            otherSize(tire, on).ifPresent(against::add);
            tooSlow(tire).ifPresent(against::add);
        }
        return List.copyOf(against);
    }

    /** An axle keeps the size that was made its own: another one voids pressures, threshold and machine fit. */
    private Optional<Judged> otherSize(BenchTire tire, OnAxle on) {
        String size = tire.tire().model().size().molded();
        Set<String> known = new LinkedHashSet<>();
        facts.vehicle().tires().forEach((position, state) -> {
            if (position instanceof OnAxle other && other.axle() == on.axle()) {
                state.tire().ifPresent(fitted -> known.add(fitted.model().size().molded()));
            }
        });
        facts.vehicle()
                .vehicle()
                .placardAt(on)
                .ifPresent(placard -> known.add(placard.size().molded()));
        return known.isEmpty() || known.contains(size)
                ? Optional.empty()
                : Optional.of(
                        new Judged(
                                Verdict.DO_NOT_OPERATE,
                                Reason.of(
                                        Rule.AXLE_MATCH,
                                        Phrase.of("{}, this axle takes {}", size, String.join(" or ", known)),
                                        Phrase.of(size),
                                        Phrase.of(String.join(" or ", known)),
                                        "Another size asks for its own pressures, threshold and machine: that is a change of tires, not a rotation.")));
    }

    private Optional<Judged> tooSlow(BenchTire tire) {
        return speed(tire.tire().model())
                .filter(symbol -> slowest.filter(least -> symbol.kmPerHour() < least.kmPerHour())
                        .isPresent())
                .map(symbol -> new Judged(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.SPEED_RATING,
                                Phrase.of(
                                        "Speed symbol {}, the vehicle runs on {}",
                                        symbol.name(),
                                        slowest.orElseThrow().name()),
                                Phrase.of(symbol.name()),
                                Phrase.of(slowest.orElseThrow().name()),
                                "No tire is slower than those the vehicle runs on; its maker’s data come first.")));
    }

    private static Optional<SpeedSymbol> speed(TireModel model) {
        return model.ratings().service().flatMap(service -> service.speed());
    }

    /** The axle's pressures with this model on it: what it must carry there depends on no other tire. */
    private VehiclePressures pressuresWith(TireModel model, Position position) {
        int axle = position instanceof OnAxle on ? on.axle() : 0;
        return pressures.computeIfAbsent(axle + " " + model.title() + " " + model.sidewall(), key -> {
            Map<Position, TireModel> models = facts.vehicle().models();
            positions.stream()
                    .filter(other -> other instanceof OnAxle on && on.axle() == axle)
                    .forEach(other -> models.put(other, model));
            return VehiclePressures.of(
                    facts.vehicle().vehicle(), models, facts.vehicle().facts(), policy(), facts.today());
        });
    }

    /**
     * What keeps two tires from running on one axle in these places. What runs together today may go on doing so, unless it
     * must not operate at all.
     */
    public List<Judged> between(BenchTire here, OnAxle at, BenchTire there, OnAxle mate) {
        List<Judged> against = new ArrayList<>();
        Pairing.size(here.tire().model(), there.tire().model(), mate.code()).ifPresent(against::add);
        if (at.side() == mate.side()) {
            boolean together = end(here) != null && end(here).equals(end(there));
            boolean stay = stays(here, at) && stays(there, mate);
            Pairing.dual(worn.get(here.id()), at, worn.get(there.id()), mate)
                    .filter(judged -> switch (judged.verdict()) {
                        case NOT_KNOWN -> !together;
                        case WATCH -> !stay;
                        default -> true;
                    })
                    .ifPresent(against::add);
        } else if (mate.equals(at.across())) {
            boolean together = here.at().isPresent()
                    && there.at().isPresent()
                    && there.at().get().equals(here.at().get().across());
            if (!together) {
                boolean steer = facts.vehicle().vehicle().layout().isSteer(at);
                against.addAll(Pairing.across(worn.get(here.id()), worn.get(there.id()), mate.code(), steer));
            }
        }
        return against;
    }

    private static String end(BenchTire tire) {
        return tire.at()
                .filter(OnAxle.class::isInstance)
                .map(OnAxle.class::cast)
                .map(on -> on.axle() + on.side().letter())
                .orElse(null);
    }

    private static boolean stays(BenchTire tire, Position position) {
        return tire.at().filter(position::equals).isPresent();
    }

    /** Whether nothing but what a manager overrode keeps it from there. */
    boolean allows(List<Judged> against) {
        return against.stream()
                .allMatch(judged -> facts.overridden().contains(judged.reason().rule()));
    }

    // What an arrangement breaks

    /** Everything an arrangement breaks, overridden rules left out. */
    public List<Violation> violations(Arrangement arrangement) {
        List<Violation> broken = new ArrayList<>();
        for (Position position : positions) {
            Optional<BenchTire> tire = arrangement.at(position);
            if (tire.isEmpty() && position instanceof OnAxle) {
                broken.add(new Violation(
                        List.of(position),
                        new Judged(
                                Verdict.DO_NOT_OPERATE,
                                Reason.of(
                                        Rule.AXLE_MATCH,
                                        Phrase.of("No tire at {}", position.code()),
                                        Phrase.of("none"),
                                        Phrase.of("one"),
                                        "Every place on an axle carries a tire."))));
            }
            tire.ifPresent(here -> against(here, position).forEach(judged -> add(broken, List.of(position), judged)));
        }
        for (int i = 0; i < positions.size(); i++) {
            for (int j = i + 1; j < positions.size(); j++) {
                if (positions.get(i) instanceof OnAxle one
                        && positions.get(j) instanceof OnAxle other
                        && one.axle() == other.axle()
                        && arrangement.at(one).isPresent()
                        && arrangement.at(other).isPresent()) {
                    between(
                                    arrangement.at(one).get(),
                                    one,
                                    arrangement.at(other).get(),
                                    other)
                            .forEach(judged -> add(broken, List.of(one, other), judged));
                }
            }
        }
        return List.copyOf(broken);
    }

    private void add(List<Violation> broken, List<Position> at, Judged judged) {
        if (!facts.overridden().contains(judged.reason().rule())) {
            broken.add(new Violation(at, judged));
        }
    }

    // What it gives and costs

    /** The tires that may go on an axle: the hand, then those to buy for it. */
    List<BenchTire> choices(int axle) {
        List<BenchTire> choices = new ArrayList<>(facts.hand());
        choices.addAll(facts.toBuy().getOrDefault(axle, List.of()));
        return choices;
    }

    /** Which two of an axle's choices may run together, by place and place, choice and choice. Worked out once. */
    boolean[][][][] together(List<OnAxle> axle) {
        return pairs.computeIfAbsent(axle.get(0).axle(), number -> {
            List<BenchTire> choices = choices(number);
            int places = axle.size();
            boolean[][][][] may = new boolean[places][places][choices.size()][choices.size()];
            for (int one = 0; one < places; one++) {
                for (int other = one + 1; other < places; other++) {
                    for (int here = 0; here < choices.size(); here++) {
                        if (!allows(against(choices.get(here), axle.get(one)))) {
                            continue;
                        }
                        for (int there = 0; there < choices.size(); there++) {
                            may[one][other][here][there] = allows(
                                    between(choices.get(here), axle.get(one), choices.get(there), axle.get(other)));
                        }
                    }
                }
            }
            return may;
        });
    }

    /** Whether its tire sits elsewhere than today. */
    boolean changes(BenchTire tire, Position position) {
        return !stays(tire, position);
    }

    /** The kind of wheel at a position; empty where nobody has read it, or its pilot type on a heavy vehicle. */
    Optional<Wheel> wheelKind(Position position) {
        return facts.vehicle()
                .vehicle()
                .wheelAt(position)
                .filter(wheel ->
                        wheel.pilot().isPresent() || facts.vehicle().vehicle().isLight());
    }

    /** Whether a tire goes there on its own kind of wheel: both wheels are on file and alike. */
    boolean travelsWithWheel(BenchTire tire, Position to) {
        return tire.at()
                .filter(from -> !from.equals(to))
                .flatMap(this::wheelKind)
                .filter(kind -> wheelKind(to).filter(kind::equals).isPresent())
                .isPresent();
    }

    /** A directional tire that changes sides is turned round on its wheel. */
    boolean turned(BenchTire tire, Position to) {
        return tire.tire().model().directional()
                && tire.at().filter(OnAxle.class::isInstance).map(OnAxle.class::cast).stream()
                        .anyMatch(from -> to instanceof OnAxle on && on.side() != from.side());
    }

    /** Tires taken off or put on a wheel for it: none where it stays or comes with its wheel the same way round. */
    int dismounts(BenchTire tire, Position to) {
        return !changes(tire, to) || travelsWithWheel(tire, to) && !turned(tire, to) ? 0 : 1;
    }

    /** Months until a tire at a position reaches the overall age limit or its pull point there; empty without either clock. */
    public OptionalDouble monthsThere(BenchTire tire, Position position) {
        return months.computeIfAbsent(new Spot(tire.id(), position), spot -> reckonMonths(tire, position));
    }

    private OptionalDouble reckonMonths(BenchTire tire, Position position) {
        Policy.ForClass policy = facts.vehicle().policyAt(facts.policy(), tire.sittingAt(position));
        OptionalDouble age = tire.tire()
                .made()
                .map(made -> OptionalDouble.of(months(made.reaches(policy.number(PolicyNumber.OVERALL_AGE)))))
                .orElse(OptionalDouble.empty());
        OptionalDouble rate = rates.get(position);
        OptionalDouble lowest = tire.lowest();
        OptionalDouble tread = rate.isEmpty() || lowest.isEmpty() || rate.getAsDouble() <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of((lowest.getAsDouble()
                                - TreadLimits.at(facts.vehicle().vehicle(), position, policy)
                                        .pull()
                                        .thirtySeconds())
                        / rate.getAsDouble());
        if (age.isEmpty() || tread.isEmpty()) {
            return age.isPresent() ? age : tread;
        }
        return OptionalDouble.of(Math.min(age.getAsDouble(), tread.getAsDouble()));
    }

    private double months(LocalDate day) {
        return ChronoUnit.DAYS.between(facts.today(), day) / Placing.MONTH_DAYS;
    }

    /** 32nds a month at a position: by the tire that runs there, else the mean of its axle, else of the vehicle. */
    private OptionalDouble measuredRate(Position position) {
        if (!(position instanceof OnAxle here)
                || facts.vehicle().vehicle().milesPerDay().isEmpty()) {
            return OptionalDouble.empty();
        }
        double milesPerMonth = facts.vehicle().vehicle().milesPerDay().getAsDouble() * Placing.MONTH_DAYS;
        OptionalDouble own = facts.vehicle()
                .at(position)
                .wearRate()
                .map(rate -> OptionalDouble.of(rate.perMile()))
                .orElse(OptionalDouble.empty());
        OptionalDouble axle = meanRate(on -> on.axle() == here.axle());
        OptionalDouble perMile = own.isPresent() ? own : axle.isPresent() ? axle : meanRate(on -> true);
        return perMile.isPresent() ? OptionalDouble.of(perMile.getAsDouble() * milesPerMonth) : perMile;
    }

    private OptionalDouble meanRate(java.util.function.Predicate<OnAxle> which) {
        return facts.vehicle().tires().values().stream()
                .filter(state -> state.position() instanceof OnAxle on && which.test(on))
                .map(TireState::wearRate)
                .flatMap(Optional::stream)
                .mapToDouble(rate -> rate.perMile())
                .average();
    }

    /** Months of life in a tire, wherever it runs: to the overall age limit at most, and as far as its tread goes. */
    public double life(BenchTire tire) {
        return positions.stream()
                .filter(OnAxle.class::isInstance)
                .map(position -> monthsThere(tire, position))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .max()
                .orElse(0);
    }

    /** Points of one tire in one place. */
    long points(BenchTire tire, Position position, Weights weights, double life) {
        if (!(position instanceof OnAxle)) {
            return changes(tire, position) ? 1 : 0;
        }
        long points = 0;
        if (changes(tire, position)) {
            points += weights.lifted() + weights.dismounted() * dismounts(tire, position);
        }
        if (tire.source() != Source.ON_VEHICLE) {
            points += weights.broughtIn() + (tire.toBuy() ? weights.broughtIn() / 10 + 1 : 0);
        }
        if (facts.vehicle().vehicle().layout().isSteer(position)) {
            points += Math.round(weights.steerYear() * ageYears(tire).orElse(0));
        }
        return points - Math.round(weights.leftMonth() * Math.max(0, life));
    }

    private OptionalDouble ageYears(BenchTire tire) {
        return tire.tire()
                .made()
                .map(made -> OptionalDouble.of(ChronoUnit.DAYS.between(made.madeOn(), facts.today()) / DAYS_A_YEAR))
                .orElse(OptionalDouble.empty());
    }

    /** Points of the tires of one axle together: their spread of tread, the diameters of its duals. */
    long together(List<OnAxle> axle, List<BenchTire> tires, Weights weights) {
        return Math.round(weights.spread32nd() * spread(tires) + weights.dual32nd() * 32 * dualApart(axle, tires));
    }

    private double spread(List<BenchTire> tires) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (BenchTire tire : tires) {
            OptionalDouble mean = worn.get(tire.id()).mean32nds();
            if (mean.isPresent()) {
                least = Math.min(least, mean.getAsDouble());
                most = Math.max(most, mean.getAsDouble());
            }
        }
        return most < least ? 0 : most - least;
    }

    private double dualApart(List<OnAxle> axle, List<BenchTire> tires) {
        double worst = 0;
        for (int i = 0; i + 1 < axle.size(); i++) {
            for (int j = i + 1; j < axle.size(); j++) {
                if (axle.get(i).place() != Place.SINGLE
                        && axle.get(i).side() == axle.get(j).side()) {
                    worst = Math.max(
                            worst,
                            Math.abs(Pairing.larger(
                                            worn.get(tires.get(i).id()),
                                            worn.get(tires.get(j).id()))
                                    .orElse(0)));
                }
            }
        }
        return worst;
    }

    /** The axles, each with its positions in the order of the layout. */
    List<List<OnAxle>> axles() {
        List<List<OnAxle>> all = new ArrayList<>();
        List<Axle> axles = facts.vehicle().vehicle().layout().axles();
        for (int axle = 1; axle <= axles.size(); axle++) {
            int number = axle;
            all.add(positions.stream()
                    .filter(OnAxle.class::isInstance)
                    .map(OnAxle.class::cast)
                    .filter(on -> on.axle() == number)
                    .toList());
        }
        return all;
    }

    /** Points of a whole arrangement for a purpose; less is better. */
    public long score(Arrangement arrangement, Weights weights) {
        long points = 0;
        for (Position position : positions) {
            Optional<BenchTire> tire = arrangement.at(position);
            if (tire.isPresent()) {
                points += points(tire.get(), position, weights, life(tire.get()));
            } else if (!(position instanceof OnAxle)) {
                points += EMPTY_SPARE;
            }
        }
        for (List<OnAxle> axle : axles()) {
            List<BenchTire> tires = axle.stream()
                    .flatMap(position -> arrangement.at(position).stream())
                    .toList();
            if (tires.size() == axle.size()) {
                points += together(axle, tires, weights);
            }
        }
        return points;
    }

    static final long EMPTY_SPARE = 5;

    /** What an arrangement gives and costs. */
    public Measures measures(Arrangement arrangement) {
        double spread = 0;
        double dual = 0;
        for (List<OnAxle> axle : axles()) {
            List<BenchTire> tires = axle.stream()
                    .flatMap(position -> arrangement.at(position).stream())
                    .toList();
            if (tires.size() == axle.size()) {
                spread = Math.max(spread, spread(tires));
                dual = Math.max(dual, dualApart(axle, tires));
            }
        }
        OptionalDouble purchase = OptionalDouble.empty();
        OptionalDouble steer = OptionalDouble.empty();
        int lifted = 0;
        int dismounted = 0;
        int bought = 0;
        int fromStock = 0;
        long cents = 0;
        for (Map.Entry<Position, BenchTire> place : arrangement.places().entrySet()) {
            BenchTire tire = place.getValue();
            Position position = place.getKey();
            bought += tire.toBuy() ? 1 : 0;
            fromStock += tire.source() == Source.STOCK ? 1 : 0;
            cents += tire.toBuy() ? tire.price().map(Money::cents).orElse(0L) : 0;
            dismounted += dismounts(tire, position);
            if (position instanceof OnAxle) {
                lifted += changes(tire, position) ? 1 : 0;
                purchase = least(purchase, monthsThere(tire, position));
                if (facts.vehicle().vehicle().layout().isSteer(position)) {
                    steer = most(steer, ageYears(tire));
                }
            }
        }
        int minutes = labor.minutes(lifted, dismounted);
        double left = off(arrangement).stream()
                .mapToDouble(tire -> Math.max(0, life(tire)))
                .sum();
        return new Measures(
                purchase,
                steer,
                spread,
                dual,
                lifted,
                dismounted,
                bought,
                fromStock,
                minutes,
                new Money(cents + labor.cents(minutes)),
                left);
    }

    private static OptionalDouble least(OptionalDouble one, OptionalDouble other) {
        return one.isEmpty()
                ? other
                : other.isEmpty() ? one : OptionalDouble.of(Math.min(one.getAsDouble(), other.getAsDouble()));
    }

    private static OptionalDouble most(OptionalDouble one, OptionalDouble other) {
        return one.isEmpty()
                ? other
                : other.isEmpty() ? one : OptionalDouble.of(Math.max(one.getAsDouble(), other.getAsDouble()));
    }

    /** The tires on the vehicle today that an arrangement leaves without a place. */
    public List<BenchTire> off(Arrangement arrangement) {
        Set<Long> used = new LinkedHashSet<>();
        arrangement.places().values().forEach(tire -> used.add(tire.id()));
        return facts.hand().stream()
                .filter(tire -> tire.at().isPresent() && !used.contains(tire.id()))
                .toList();
    }

    /** The sensor at a position, if one is on file. */
    Optional<Sensor> sensorAt(Position position) {
        return facts.vehicle().vehicle().sensorAt(position);
    }
}
