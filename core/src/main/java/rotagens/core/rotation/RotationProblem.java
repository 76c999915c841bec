package rotagens.core.rotation;

import static rotagens.core.rotation.RotationWords.WORDS;

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
import rotagens.core.inspection.MatchingRules;
import rotagens.core.inspection.PositionRules;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.rotation.CandidateTire.TireSource;
import rotagens.core.rotation.RotationGoal.ScoreWeights;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle.WheelLimits;

/**
 * A vehicle with its tires on the ground, the stock beside it, and every rule of matching: says what keeps a tire off a
 * position, what an arrangement breaks, and what it gives and costs.
 */
public final class RotationProblem {

    /**
     * What is laid out.
     *
     * @param candidates the tires on the vehicle and those chosen from stock
     * @param toBuy by axle, one tire of each model that may be bought for it; it may be used more than once
     * @param nextVisit the vehicle's next planned visit: every tire must last until then
     * @param overridden rules a manager lets stand aside this time
     */
    public record Inputs(
            VehicleState vehicle,
            List<CandidateTire> candidates,
            Map<Integer, List<CandidateTire>> toBuy,
            Policy policy,
            LocalDate today,
            LocalDate nextVisit,
            Set<Rule> overridden) {

        /**
         * Copies what it is given.
         *
         * @param vehicle with its loads and pressures
         * @param candidates tires that may be given a place
         * @param toBuy what may be bought for each axle, by its number
         * @param policy of the fleet
         * @param today the day it is worked out on
         * @param nextVisit until which every tire has to last
         * @param overridden rules a manager lets stand aside
         */
        public Inputs {
            candidates = List.copyOf(candidates);
            toBuy = Map.copyOf(toBuy);
            overridden = Set.copyOf(overridden);
        }

        /**
         * The same with another next visit.
         *
         * @param day until which every tire has to last
         * @return other inputs, the same but for that day
         */
        public Inputs forNextVisit(LocalDate day) {
            return new Inputs(vehicle, candidates, toBuy, policy, today, day, overridden);
        }

        /**
         * The same with other rules standing aside.
         *
         * @param rules that a manager lets stand aside
         * @return other inputs, the same but for these rules
         */
        public Inputs overriding(Set<Rule> rules) {
            return new Inputs(vehicle, candidates, toBuy, policy, today, nextVisit, rules);
        }
    }

    private record CurrentPosition(long tireId, Position position) {}

    private static final double DAYS_A_YEAR = 365.25;

    private final Inputs inputs;
    private final List<Position> positions;
    private final Map<CurrentPosition, List<VerdictReason>> alone = new HashMap<>();
    private final Map<String, VehiclePressures> pressures = new HashMap<>();
    private final Map<Position, OptionalDouble> rates = new HashMap<>();
    private final Map<CurrentPosition, OptionalDouble> months = new HashMap<>();
    private final Map<Integer, boolean[][][][]> pairs = new HashMap<>();
    private final Map<Long, MatchingRules.WornTire> wornTire = new HashMap<>();
    private final Optional<SpeedSymbol> slowest;
    private final LaborCosts laborCosts;

    /**
     * Works out once what every arrangement needs: wear at each position, mean tread of each tire, times of labor.
     *
     * @param inputs the vehicle, its tires, what may be bought, policy and days
     */
    public RotationProblem(Inputs inputs) {
        this.inputs = inputs;
        this.positions = inputs.vehicle().vehicle().layout().positions();
        this.slowest = inputs.candidates().stream()
                .filter(tire -> tire.at().filter(OnAxle.class::isInstance).isPresent())
                .flatMap(tire -> speed(tire.tire().model()).stream())
                .min(java.util.Comparator.comparingInt(SpeedSymbol::kmPerHour));
        this.laborCosts = LaborCosts.on(inputs.vehicle().vehicle(), inputs.policy());
        positions.forEach(position -> rates.put(position, measuredRate(position)));
        inputs.candidates().forEach(tire -> wornTire.put(tire.id(), tire.worn()));
        inputs.toBuy().values().forEach(choices -> choices.forEach(tire -> wornTire.put(tire.id(), tire.worn())));
    }

    /**
     * What it is about.
     *
     * @return as given
     */
    public Inputs inputs() {
        return inputs;
    }

    /**
     * The vehicle’s positions, in the order of its layout.
     *
     * @return spares too
     */
    public List<Position> positions() {
        return positions;
    }

    /** The fleet's policy as this vehicle's class sees it. */
    Policy.ClassPolicy policy() {
        return inputs.policy().of(inputs.vehicle().vehicle().vehicleClass());
    }

    /**
     * What each figure counts for a purpose on this vehicle.
     *
     * @param rotationGoal what the rotation is for
     * @return points of each figure
     */
    public ScoreWeights weights(RotationGoal rotationGoal) {
        return rotationGoal.weights(policy());
    }

    /**
     * As the tires sit today.
     *
     * @return positions without a tire have none
     */
    public Arrangement today() {
        Map<Position, CandidateTire> places = new LinkedHashMap<>();
        for (Position position : positions) {
            inputs.candidates().stream()
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
     *
     * @param tire that would go there
     * @param position where it would go
     * @return none where it may go there
     */
    public List<VerdictReason> violations(CandidateTire tire, Position position) {
        return alone.computeIfAbsent(
                new CurrentPosition(tire.id(), position), currentPosition -> judgeAlone(tire, position));
    }

    private List<VerdictReason> judgeAlone(CandidateTire tire, Position position) {
        List<VerdictReason> against = new ArrayList<>(PositionRules.violations(
                inputs.vehicle(),
                tire.sittingAt(position),
                pressuresWith(tire.tire().model(), position),
                inputs.policy(),
                inputs.today(),
                inputs.nextVisit(),
                rates.get(position)));
        boolean stays = tire.at().filter(position::equals).isPresent();
        if (stays) {
            against.removeIf(verdictReason -> verdictReason.verdict() == Verdict.UNKNOWN);
        } else if (position instanceof OnAxle on) {
            otherSize(tire, on).ifPresent(against::add);
            tooSlow(tire).ifPresent(against::add);
        }
        return List.copyOf(against);
    }

    /** An axle keeps the size that was made its own: another one voids pressures, threshold and machine fit. */
    private Optional<VerdictReason> otherSize(CandidateTire tire, OnAxle on) {
        String size = tire.tire().model().size().molded();
        Set<String> known = new LinkedHashSet<>();
        inputs.vehicle().tires().forEach((position, state) -> {
            if (position instanceof OnAxle other && other.axle() == on.axle()) {
                state.tire().ifPresent(fitted -> known.add(fitted.model().size().molded()));
            }
        });
        inputs.vehicle()
                .vehicle()
                .placardAt(on)
                .ifPresent(placard -> known.add(placard.size().molded()));
        return known.isEmpty() || known.contains(size)
                ? Optional.empty()
                : Optional.of(new VerdictReason(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.AXLE_MATCH,
                                WORDS.message(
                                        "thisAxleTakes", "size", size, "known", String.join(WORDS.say("or"), known)),
                                Message.of(size),
                                Message.of(String.join(WORDS.say("or"), known)),
                                WORDS.say("anotherSizeAsks"))));
    }

    private Optional<VerdictReason> tooSlow(CandidateTire tire) {
        return speed(tire.tire().model())
                .filter(symbol -> slowest.filter(least -> symbol.kmPerHour() < least.kmPerHour())
                        .isPresent())
                .map(symbol -> new VerdictReason(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.SPEED_RATING,
                                WORDS.message(
                                        "speedSymbolTheVehicleRuns",
                                        "symbol",
                                        symbol.name(),
                                        "slowest",
                                        slowest.orElseThrow().name()),
                                Message.of(symbol.name()),
                                Message.of(slowest.orElseThrow().name()),
                                WORDS.say("noTireIsSlowerThan"))));
    }

    private static Optional<SpeedSymbol> speed(TireModel model) {
        return model.ratings().service().flatMap(service -> service.speed());
    }

    /** The axle's pressures with this model on it: what it must carry there depends on no other tire. */
    private VehiclePressures pressuresWith(TireModel model, Position position) {
        int axle = position instanceof OnAxle on ? on.axle() : 0;
        return pressures.computeIfAbsent(axle + " " + model.title() + " " + model.sidewall(), key -> {
            Map<Position, TireModel> models = inputs.vehicle().models();
            positions.stream()
                    .filter(other -> other instanceof OnAxle on && on.axle() == axle)
                    .forEach(other -> models.put(other, model));
            return VehiclePressures.of(
                    inputs.vehicle().vehicle(), models, inputs.vehicle().facts(), policy(), inputs.today());
        });
    }

    /**
     * What keeps two tires from running on one axle in these places. What runs together today may go on doing so, unless it
     * must not operate at all.
     *
     * @param here one tire
     * @param at its position
     * @param there the other tire
     * @param mate the position of that one, on the same axle
     * @return none where they may run together
     */
    public List<VerdictReason> pairViolations(CandidateTire here, OnAxle at, CandidateTire there, OnAxle mate) {
        List<VerdictReason> against = new ArrayList<>();
        MatchingRules.size(here.tire().model(), there.tire().model(), mate.code())
                .ifPresent(against::add);
        if (at.side() == mate.side()) {
            boolean together = end(here) != null && end(here).equals(end(there));
            boolean stay = stays(here, at) && stays(there, mate);
            MatchingRules.dual(wornTire.get(here.id()), at, wornTire.get(there.id()), mate)
                    .filter(verdictReason -> switch (verdictReason.verdict()) {
                        case UNKNOWN -> !together;
                        case WATCH -> !stay;
                        default -> true;
                    })
                    .ifPresent(against::add);
        } else if (mate.equals(at.opposite())) {
            boolean together = here.at().isPresent()
                    && there.at().isPresent()
                    && there.at().get().equals(here.at().get().opposite());
            if (!together) {
                boolean steer = inputs.vehicle().vehicle().layout().isSteer(at);
                against.addAll(
                        MatchingRules.across(wornTire.get(here.id()), wornTire.get(there.id()), mate.code(), steer));
            }
        }
        return against;
    }

    private static String end(CandidateTire tire) {
        return tire.at()
                .filter(OnAxle.class::isInstance)
                .map(OnAxle.class::cast)
                .map(on -> on.axle() + on.side().letter())
                .orElse(null);
    }

    private static boolean stays(CandidateTire tire, Position position) {
        return tire.at().filter(position::equals).isPresent();
    }

    /** Whether nothing but what a manager overrode keeps it from there. */
    boolean allows(List<VerdictReason> against) {
        return against.stream()
                .allMatch(verdictReason ->
                        inputs.overridden().contains(verdictReason.reason().rule()));
    }

    // What an arrangement breaks

    /**
     * Everything an arrangement breaks, overridden rules left out.
     *
     * @param arrangement which tire sits where
     * @return each with its positions and its figure; a position on an axle left empty is one
     */
    public List<Violation> violations(Arrangement arrangement) {
        List<Violation> broken = new ArrayList<>();
        for (Position position : positions) {
            Optional<CandidateTire> tire = arrangement.at(position);
            if (tire.isEmpty() && position instanceof OnAxle) {
                broken.add(new Violation(
                        List.of(position),
                        new VerdictReason(
                                Verdict.DO_NOT_OPERATE,
                                Reason.of(
                                        Rule.AXLE_MATCH,
                                        WORDS.message("noTire", "position", position.code()),
                                        WORDS.message("none"),
                                        WORDS.message("one"),
                                        WORDS.say("everyPlaceOnAnAxle")))));
            }
            tire.ifPresent(here ->
                    violations(here, position).forEach(verdictReason -> add(broken, List.of(position), verdictReason)));
        }
        for (int i = 0; i < positions.size(); i++) {
            for (int j = i + 1; j < positions.size(); j++) {
                if (positions.get(i) instanceof OnAxle one
                        && positions.get(j) instanceof OnAxle other
                        && one.axle() == other.axle()
                        && arrangement.at(one).isPresent()
                        && arrangement.at(other).isPresent()) {
                    pairViolations(
                                    arrangement.at(one).get(),
                                    one,
                                    arrangement.at(other).get(),
                                    other)
                            .forEach(verdictReason -> add(broken, List.of(one, other), verdictReason));
                }
            }
        }
        return List.copyOf(broken);
    }

    private void add(List<Violation> broken, List<Position> at, VerdictReason verdictReason) {
        if (!inputs.overridden().contains(verdictReason.reason().rule())) {
            broken.add(new Violation(at, verdictReason));
        }
    }

    // Gains and costs

    /** The tires that may go on an axle: the hand, then those to buy for it. */
    List<CandidateTire> choices(int axle) {
        List<CandidateTire> choices = new ArrayList<>(inputs.candidates());
        choices.addAll(inputs.toBuy().getOrDefault(axle, List.of()));
        return choices;
    }

    /** Which two of an axle's choices may run together, by place and place, choice and choice. Worked out once. */
    boolean[][][][] together(List<OnAxle> axle) {
        return pairs.computeIfAbsent(axle.get(0).axle(), number -> {
            List<CandidateTire> choices = choices(number);
            int places = axle.size();
            boolean[][][][] may = new boolean[places][places][choices.size()][choices.size()];
            for (int one = 0; one < places; one++) {
                for (int other = one + 1; other < places; other++) {
                    for (int here = 0; here < choices.size(); here++) {
                        if (!allows(violations(choices.get(here), axle.get(one)))) {
                            continue;
                        }
                        for (int there = 0; there < choices.size(); there++) {
                            may[one][other][here][there] = allows(pairViolations(
                                    choices.get(here), axle.get(one), choices.get(there), axle.get(other)));
                        }
                    }
                }
            }
            return may;
        });
    }

    /** Whether its tire sits elsewhere than today. */
    boolean changes(CandidateTire tire, Position position) {
        return !stays(tire, position);
    }

    /** The kind of wheel at a position; empty where nobody has read it, or its pilot type on a heavy vehicle. */
    Optional<WheelLimits> wheelKind(Position position) {
        return inputs.vehicle()
                .vehicle()
                .wheelAt(position)
                .filter(wheelLimits -> wheelLimits.pilotType().isPresent()
                        || inputs.vehicle().vehicle().isLight());
    }

    /** Whether a tire goes there on its own kind of wheel: both wheels are on file and alike. */
    boolean travelsWithWheel(CandidateTire tire, Position to) {
        return tire.at()
                .filter(from -> !from.equals(to))
                .flatMap(this::wheelKind)
                .filter(kind -> wheelKind(to).filter(kind::equals).isPresent())
                .isPresent();
    }

    /** A directional tire that changes sides is turned round on its wheel. */
    boolean turned(CandidateTire tire, Position to) {
        return tire.tire().model().isDirectional()
                && tire.at().filter(OnAxle.class::isInstance).map(OnAxle.class::cast).stream()
                        .anyMatch(from -> to instanceof OnAxle on && on.side() != from.side());
    }

    /** Tires taken off or put on a wheel for it: none where it stays or comes with its wheel the same way round. */
    int demounts(CandidateTire tire, Position to) {
        return !changes(tire, to) || travelsWithWheel(tire, to) && !turned(tire, to) ? 0 : 1;
    }

    /**
     * Months until a tire at a position reaches the overall age limit or its pull point there; empty without either clock.
     *
     * @param tire that would run there
     * @param position where it would run
     * @return months from today
     */
    public OptionalDouble monthsThere(CandidateTire tire, Position position) {
        return months.computeIfAbsent(
                new CurrentPosition(tire.id(), position), currentPosition -> reckonMonths(tire, position));
    }

    private OptionalDouble reckonMonths(CandidateTire tire, Position position) {
        Policy.ClassPolicy policy = inputs.vehicle().policyAt(inputs.policy(), tire.sittingAt(position));
        OptionalDouble age = tire.tire()
                .dotWeek()
                .map(made -> OptionalDouble.of(months(made.reaches(policy.number(PolicyNumber.OVERALL_AGE)))))
                .orElse(OptionalDouble.empty());
        OptionalDouble rate = rates.get(position);
        OptionalDouble lowest = tire.lowest();
        OptionalDouble tread = rate.isEmpty() || lowest.isEmpty() || rate.getAsDouble() <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of((lowest.getAsDouble()
                                - TreadLimits.at(inputs.vehicle().vehicle(), position, policy)
                                        .pull()
                                        .thirtySeconds())
                        / rate.getAsDouble());
        if (age.isEmpty() || tread.isEmpty()) {
            return age.isPresent() ? age : tread;
        }
        return OptionalDouble.of(Math.min(age.getAsDouble(), tread.getAsDouble()));
    }

    private double months(LocalDate day) {
        return ChronoUnit.DAYS.between(inputs.today(), day) / PositionRules.MONTH_DAYS;
    }

    /** 32nds a month at a position: by the tire that runs there, else the mean of its axle, else of the vehicle. */
    private OptionalDouble measuredRate(Position position) {
        if (!(position instanceof OnAxle here)
                || inputs.vehicle().vehicle().milesPerDay().isEmpty()) {
            return OptionalDouble.empty();
        }
        double milesPerMonth = inputs.vehicle().vehicle().milesPerDay().getAsDouble() * PositionRules.MONTH_DAYS;
        OptionalDouble own = inputs.vehicle()
                .at(position)
                .wearRate()
                .map(rate -> OptionalDouble.of(rate.perMile()))
                .orElse(OptionalDouble.empty());
        OptionalDouble axle = meanRate(on -> on.axle() == here.axle());
        OptionalDouble perMile = own.isPresent() ? own : axle.isPresent() ? axle : meanRate(on -> true);
        return perMile.isPresent() ? OptionalDouble.of(perMile.getAsDouble() * milesPerMonth) : perMile;
    }

    private OptionalDouble meanRate(java.util.function.Predicate<OnAxle> which) {
        return inputs.vehicle().tires().values().stream()
                .filter(state -> state.position() instanceof OnAxle on && which.test(on))
                .map(TireState::wearRate)
                .flatMap(Optional::stream)
                .mapToDouble(rate -> rate.perMile())
                .average();
    }

    /**
     * Months of life in a tire, wherever it runs: to the overall age limit at most, and as far as its tread goes.
     *
     * @param tire on the vehicle, from stock or to buy
     * @return months from today at the position that is kindest to it
     */
    public double life(CandidateTire tire) {
        return positions.stream()
                .filter(OnAxle.class::isInstance)
                .map(position -> monthsThere(tire, position))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .max()
                .orElse(0);
    }

    /** Points of one tire in one place. */
    long points(CandidateTire tire, Position position, ScoreWeights scoreWeights, double life) {
        if (!(position instanceof OnAxle)) {
            return changes(tire, position) ? 1 : 0;
        }
        long points = 0;
        if (changes(tire, position)) {
            points += scoreWeights.lifted() + scoreWeights.demounted() * demounts(tire, position);
        }
        if (tire.source() != TireSource.ON_VEHICLE) {
            points += scoreWeights.broughtIn() + (tire.toBuy() ? scoreWeights.broughtIn() / 10 + 1 : 0);
        }
        if (inputs.vehicle().vehicle().layout().isSteer(position)) {
            points += Math.round(scoreWeights.steerYear() * ageYears(tire).orElse(0));
        }
        return points - Math.round(scoreWeights.unusedMonth() * Math.max(0, life));
    }

    private OptionalDouble ageYears(CandidateTire tire) {
        return tire.tire()
                .dotWeek()
                .map(made -> OptionalDouble.of(ChronoUnit.DAYS.between(made.weekStart(), inputs.today()) / DAYS_A_YEAR))
                .orElse(OptionalDouble.empty());
    }

    /** Points of the tires of one axle together: their spread of tread, the diameters of its duals. */
    long together(List<OnAxle> axle, List<CandidateTire> tires, ScoreWeights scoreWeights) {
        return Math.round(
                scoreWeights.spread32nd() * spread(tires) + scoreWeights.dual32nd() * 32 * dualApart(axle, tires));
    }

    private double spread(List<CandidateTire> tires) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (CandidateTire tire : tires) {
            OptionalDouble mean = wornTire.get(tire.id()).mean32nds();
            if (mean.isPresent()) {
                least = Math.min(least, mean.getAsDouble());
                most = Math.max(most, mean.getAsDouble());
            }
        }
        return most < least ? 0 : most - least;
    }

    private double dualApart(List<OnAxle> axle, List<CandidateTire> tires) {
        double worst = 0;
        for (int i = 0; i + 1 < axle.size(); i++) {
            for (int j = i + 1; j < axle.size(); j++) {
                if (axle.get(i).dualSlot() != DualSlot.SINGLE
                        && axle.get(i).side() == axle.get(j).side()) {
                    worst = Math.max(
                            worst,
                            Math.abs(MatchingRules.larger(
                                            wornTire.get(tires.get(i).id()),
                                            wornTire.get(tires.get(j).id()))
                                    .orElse(0)));
                }
            }
        }
        return worst;
    }

    /** The axles, each with its positions in the order of the layout. */
    List<List<OnAxle>> axles() {
        List<List<OnAxle>> all = new ArrayList<>();
        List<Axle> axles = inputs.vehicle().vehicle().layout().axles();
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

    /**
     * Points of a whole arrangement for a purpose; less is better.
     *
     * @param arrangement which tire sits where
     * @param scoreWeights what each figure counts
     * @return the sum over its tires and axles
     */
    public long score(Arrangement arrangement, ScoreWeights scoreWeights) {
        long points = 0;
        for (Position position : positions) {
            Optional<CandidateTire> tire = arrangement.at(position);
            if (tire.isPresent()) {
                points += points(tire.get(), position, scoreWeights, life(tire.get()));
            } else if (!(position instanceof OnAxle)) {
                points += EMPTY_SPARE;
            }
        }
        for (List<OnAxle> axle : axles()) {
            List<CandidateTire> tires = axle.stream()
                    .flatMap(position -> arrangement.at(position).stream())
                    .toList();
            if (tires.size() == axle.size()) {
                points += together(axle, tires, scoreWeights);
            }
        }
        return points;
    }

    static final long EMPTY_SPARE = 5;

    /**
     * What an arrangement gives and costs.
     *
     * @param arrangement which tire sits where
     * @return the figures that stand beside a proposal
     */
    public ArrangementMetrics measures(Arrangement arrangement) {
        double spread = 0;
        double dual = 0;
        for (List<OnAxle> axle : axles()) {
            List<CandidateTire> tires = axle.stream()
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
        for (Map.Entry<Position, CandidateTire> place : arrangement.tires().entrySet()) {
            CandidateTire tire = place.getValue();
            Position position = place.getKey();
            bought += tire.toBuy() ? 1 : 0;
            fromStock += tire.source() == TireSource.STOCK ? 1 : 0;
            cents += tire.toBuy() ? tire.price().map(Money::cents).orElse(0L) : 0;
            dismounted += demounts(tire, position);
            if (position instanceof OnAxle) {
                lifted += changes(tire, position) ? 1 : 0;
                purchase = least(purchase, monthsThere(tire, position));
                if (inputs.vehicle().vehicle().layout().isSteer(position)) {
                    steer = most(steer, ageYears(tire));
                }
            }
        }
        int minutes = laborCosts.minutes(lifted, dismounted);
        double left = removedTires(arrangement).stream()
                .mapToDouble(tire -> Math.max(0, life(tire)))
                .sum();
        return new ArrangementMetrics(
                purchase,
                steer,
                spread,
                dual,
                lifted,
                dismounted,
                bought,
                fromStock,
                minutes,
                new Money(cents + laborCosts.cents(minutes)),
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

    /**
     * The tires on the vehicle today that an arrangement leaves without a place.
     *
     * @param arrangement which tire sits where
     * @return none where all of them stay
     */
    public List<CandidateTire> removedTires(Arrangement arrangement) {
        Set<Long> used = new LinkedHashSet<>();
        arrangement.tires().values().forEach(tire -> used.add(tire.id()));
        return inputs.candidates().stream()
                .filter(tire -> tire.at().isPresent() && !used.contains(tire.id()))
                .toList();
    }

    /** The sensor at a position, if one is on file. */
    Optional<Sensor> sensorAt(Position position) {
        return inputs.vehicle().vehicle().sensorAt(position);
    }
}
