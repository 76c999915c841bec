package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** Asks every school for one axle's pressure and picks the fleet's, or our own order where nobody chose. */
final class AxleSolver {

    private static final double SLACK = 1e-6;
    /** Higher than any maximum: an overload leaves no room for a trim. */
    private static final double NOTHING_CARRIES_IT_PSI = 200;

    private final Vehicle vehicle;
    private final int axle;
    private final boolean dual;
    private final PressureFacts facts;
    private final List<TireModel> tires;
    private final String tireNow;
    private final Optional<Maximum> maximum;
    private final Optional<Vehicle.Placard> placard;
    private final Optional<AxleLoad> load;
    private final List<AxleLoad> allLoads;
    private final Policy.ForClass policy;
    private final Guard guard;
    private Optional<LoadCurve> curve = Optional.empty();
    private Optional<String> missing = Optional.empty();

    AxleSolver(
            Vehicle vehicle,
            int axle,
            Map<Position, TireModel> here,
            PressureFacts facts,
            Policy.ForClass policy,
            LocalDate today) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.dual = vehicle.layout().axles().get(axle - 1).dual();
        this.facts = facts;
        this.policy = policy;
        this.placard = Optional.ofNullable(vehicle.placards().get(axle));
        this.tires = speaking(here.values().stream().distinct().toList());
        this.tireNow = VehiclePressures.tireKey(tires);
        this.maximum = Maximum.lowest(here.entrySet().stream()
                .flatMap(one -> Maximum.at(vehicle, one.getKey(), one.getValue(), policy).stream())
                .toList());
        this.load = AxleLoad.of(facts, facts.preset().state(), axle, dual, tireNow, policy, today);
        this.allLoads = Arrays.stream(LoadState.values())
                .filter(state -> facts.slip(state).isPresent())
                .flatMap(state -> AxleLoad.of(facts, state, axle, dual, tireNow, policy, today).stream())
                .toList();
        try {
            this.curve = tires.isEmpty() ? Optional.empty() : Optional.of(curve(tires));
            this.missing = tires.isEmpty() ? Optional.of("No tire on file on this axle.") : Optional.empty();
        } catch (InvalidEntry e) {
            this.missing = Optional.of(e.getMessage());
        }
        this.guard = new Guard(maximum, load, curve);
    }

    /** Where some tires have the placard's size and some don't, the odd ones are the mistake: the others speak for the axle. */
    private List<TireModel> speaking(List<TireModel> all) {
        List<TireModel> original = all.stream()
                .filter(tire -> placard.filter(
                                on -> on.size().molded().equals(tire.size().molded()))
                        .isPresent())
                .toList();
        return original.isEmpty() ? all : original;
    }

    private LoadCurve curve(List<TireModel> models) {
        List<LoadCurve> all = models.stream()
                .map(model -> facts.book().curve(model, dual, vehicle))
                .toList();
        return all.size() == 1 ? all.get(0) : new LoadCurve.Weakest(all);
    }

    /** Before the concerns, which look at the answer. */
    AxleAnswer solve() {
        List<Candidate> candidates = List.of(placard(), equivalent(), weighed(), rated(), trim());
        Optional<PressureFacts.Choice> choice = facts.choice();
        boolean voided = choice.isPresent()
                && !choice.get().tires().getOrDefault(axle, tireNow).equals(tireNow);
        Optional<Candidate> chosen = voided ? Optional.empty() : choose(candidates);
        Target target = voided
                ? new Target(Optional.empty(), voidedReason(choice.get()))
                : chosen.map(one -> new Target(one.pressure(), one.reason())).orElseGet(() -> none(candidates));
        return new AxleAnswer(
                axle,
                dual,
                tires,
                curve,
                missing,
                maximum,
                load,
                load.flatMap(known -> curve.flatMap(on -> on.needPsi(known.perTireLb()))),
                trimFloorPsi(),
                candidates,
                chosen.map(Candidate::school),
                voided ? Phrase.of("") : why(chosen),
                target,
                warning(target.pressure()),
                List.of());
    }

    private Optional<Candidate> choose(List<Candidate> candidates) {
        Optional<Candidate> wanted = facts.choice()
                .flatMap(choice -> candidates.stream()
                        .filter(one -> one.school() == choice.school() && one.offered())
                        .findFirst());
        return wanted.or(() -> List.of(School.WEIGHED, School.PLACARD, School.EQUIVALENT, School.RATED).stream()
                .filter(school -> school != School.RATED || !vehicle.isLight())
                .flatMap(school -> candidates.stream().filter(one -> one.school() == school && one.offered()))
                .findFirst());
    }

    private Phrase why(Optional<Candidate> chosen) {
        if (chosen.isEmpty()) {
            return Phrase.of("");
        }
        Optional<PressureFacts.Choice> choice = facts.choice();
        if (choice.isPresent() && choice.get().school() == chosen.get().school()) {
            return Phrase.of(
                    "Chosen by {} on {}: {}",
                    choice.get().by(),
                    choice.get().on(),
                    choice.get().reason());
        }
        String order = switch (chosen.get().school()) {
            case WEIGHED -> "a current slip stands above every other ground";
            case PLACARD -> "no current weight, and the original size is fitted";
            case EQUIVALENT -> "no current weight, and another size than the placard’s is fitted";
            case RATED -> "no current weight and no usable placard, over 10,000 lb";
            case TRIM -> "chosen";
        };
        return choice.isPresent()
                ? Phrase.of(
                        "{} was chosen but can’t be taken here; our own order: {}",
                        choice.get().school().words(),
                        order)
                : Phrase.of("Our own order: {}", order);
    }

    private Reason voidedReason(PressureFacts.Choice choice) {
        return Reason.of(
                Rule.TARGET_VOID,
                Phrase.of(
                        "The target was derived for {}; {} is fitted now",
                        choice.tires().get(axle),
                        tireNow),
                Phrase.of(tireNow),
                Phrase.of(choice.tires().get(axle)),
                "Target, contact trim and placard don’t carry over. Choose again under Load & pressure, and look at warning threshold, changer fit and wheel limits.");
    }

    /** Nothing can be taken: the reason of the school that came nearest says what is missing. */
    private Target none(List<Candidate> candidates) {
        boolean overloaded = load.isPresent() && candidates.get(2).pressure().isEmpty() && curve.isPresent();
        Reason reason = overloaded
                ? candidates.get(2).reason()
                : placard.isEmpty() || isOriginalSize()
                        ? candidates.get(0).reason()
                        : candidates.get(1).reason();
        return new Target(Optional.empty(), reason);
    }

    private boolean isOriginalSize() {
        return placard.isPresent()
                && tires.stream()
                        .allMatch(tire ->
                                tire.size().molded().equals(placard.get().size().molded()));
    }

    // ---- the schools

    private Candidate placard() {
        if (placard.isEmpty()) {
            return refused(
                    School.PLACARD,
                    Optional.empty(),
                    Rule.PLACARD,
                    Phrase.of("No placard on file for this axle"),
                    "Copy size and cold pressure from the placard; until then no target is known.");
        }
        Pressure pressure = placard.get().pressure();
        String original = placard.get().size().molded();
        if (!isOriginalSize()) {
            return refused(
                    School.PLACARD,
                    Optional.of(pressure),
                    Rule.PLACARD,
                    Phrase.of("{} is fitted, the placard is for {}", fittedSizes(), original),
                    "The placard’s figure doesn’t hold for another size.");
        }
        return guarded(
                School.PLACARD,
                pressure,
                false,
                Rule.PLACARD,
                Phrase.of("Placard {} for {}", pressure, original),
                "The vehicle maker’s figure for the original size.");
    }

    private Candidate equivalent() {
        if (placard.isEmpty()) {
            return refused(
                    School.EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    Phrase.of("No placard on file to be equivalent to"),
                    "Copy size and cold pressure from the placard.");
        }
        if (isOriginalSize()) {
            return refused(
                    School.EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    Phrase.of("The original size is fitted"),
                    "The placard itself holds.");
        }
        Vehicle.Placard on = placard.get();
        Optional<ChartBook.Original> original =
                facts.book().original(on.size(), on.pressure().psi(), dual, vehicle);
        if (original.isEmpty() || curve.isEmpty()) {
            return refused(
                    School.EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    original.isEmpty()
                            ? Phrase.of(
                                    "No {} on file, so what the original carried isn’t known",
                                    on.size().molded())
                            : Phrase.of(missing.orElse("")),
                    "Put the original tire into the catalogue with its ratings, or weigh the vehicle.");
        }
        double lb = original.get().lb();
        Load carried = Load.lb(Math.rint(lb));
        Sizing read = sizing(lb);
        if (read.pressure.isEmpty()) {
            return refused(School.EQUIVALENT, Optional.empty(), Rule.PLACARD_EQUIVALENT, read.says, read.because);
        }
        return guarded(
                School.EQUIVALENT,
                read.pressure.get(),
                original.get().estimate() || curve.get().isEstimate(),
                Rule.PLACARD_EQUIVALENT,
                Phrase.of(
                        "At the placard’s {} the original {} carried {}; {} carries that at {}",
                        on.pressure(),
                        on.size().molded(),
                        carried,
                        fittedSizes(),
                        read.pressure.get()),
                "The vehicle was tested for the placard’s load, so the tire fitted must carry the same.");
    }

    private Candidate weighed() {
        if (curve.isEmpty()) {
            return refused(
                    School.WEIGHED,
                    Optional.empty(),
                    Rule.WEIGHED,
                    Phrase.of("No chart, and no estimate either"),
                    missing.orElse(""));
        }
        if (load.isEmpty()) {
            return refused(
                    School.WEIGHED,
                    Optional.empty(),
                    Rule.WEIGHED,
                    facts.slips().isEmpty()
                            ? Phrase.of("Never weighed")
                            : Phrase.of(
                                    "Never weighed {}", facts.preset().state().words()),
                    facts.slips().isEmpty()
                            ? "Weigh it as it travels: fuel full, fresh water full, waste empty, cargo and people."
                            : "A slip says nothing about a heavier load. Weigh it as it travels now.");
        }
        double lb = load.get().perTireLb();
        Sizing read = sizing(lb);
        if (read.pressure.isEmpty()) {
            return refused(School.WEIGHED, Optional.empty(), Rule.LOAD_CAPACITY, read.says, read.because);
        }
        Pressure row = read.pressure.get();
        Phrase says = Phrase.of("{} a tire on the heavier end: {}{}", Load.lb(Math.rint(lb)), row, read.says);
        String because = curve.get().isEstimate()
                ? "No chart of this maker on file: an estimate from the rated load. Get the maker’s chart."
                : "The next higher row of the maker’s chart carries it.";
        boolean estimate = curve.get().isEstimate();
        Optional<Pressure> margin = forMargin(lb, row);
        if (margin.isPresent()) {
            says = Phrase.of(
                    "{}, raised to {}: less leaves under {} days of normal loss above the minimum",
                    says,
                    margin.get(),
                    policy.days(PolicyNumber.NEED_DAYS));
            row = margin.get();
        }
        Optional<Lifted> lifted = forThreshold(lb, row);
        if (lifted.isPresent()) {
            says = lifted.get().inTime()
                    ? Phrase.of(
                            "{}, raised to {} so that the warning comes in time",
                            says,
                            lifted.get().pressure())
                    : Phrase.of(
                            "{}, raised to the highest allowed, {}: the warning {} % under the target would ask for {}",
                            says,
                            lifted.get().pressure(),
                            Math.round(facts.thresholds().get(axle).belowSet() * 100),
                            lifted.get().wanted());
            row = lifted.get().pressure();
        }
        boolean floor = vehicle.isLight()
                && isOriginalSize()
                && placard.get().pressure().psi() > row.psi() + SLACK;
        if (floor && facts.choice().filter(PressureFacts.Choice::belowPlacard).isEmpty()) {
            Pressure asked = placard.get().pressure();
            row = maximum.map(Maximum::pressure).filter(asked::isOver).orElse(asked);
            estimate = false;
            says = row.equals(asked)
                    ? Phrase.of("{}; the placard’s {} is the floor", says, row)
                    : Phrase.of(
                            "{}; the placard’s {} is over the maximum, so the maximum {} is taken", says, asked, row);
            because =
                    "On light vehicles in the original size never below the placard: a chart bounds what the tire can carry, the placard what the vehicle was tested for.";
        }
        if (load.get().old().isPresent()) {
            return Candidate.refused(
                    School.WEIGHED,
                    Optional.of(row),
                    reason(
                            Rule.SLIP_CURRENT,
                            Phrase.of(
                                    "The slip of {} is old: {}",
                                    load.get().slip().on(),
                                    load.get().old().get()),
                            "Weigh it again as it travels."));
        }
        return guard.pass(School.WEIGHED, row, estimate, reason(Rule.WEIGHED, says, because));
    }

    /** The next row, where normal loss would bring this one to the minimum sooner than the policy lets a target do. */
    private Optional<Pressure> forMargin(double lb, Pressure row) {
        Optional<Double> need = curve.orElseThrow().needPsi(lb);
        long days = LossRate.daysToReach(row.psi(), need.orElse(0.0), LossRate.NORMAL_MONTHLY);
        if (need.isEmpty() || days >= policy.days(PolicyNumber.NEED_DAYS)) {
            return Optional.empty();
        }
        return rowsUpTo(maximumPsi())
                .filter(rung -> rung.psi() > row.psi() + SLACK)
                .findFirst();
    }

    private java.util.stream.Stream<Pressure> rowsUpTo(double mostPsi) {
        return curve.orElseThrow().rungs().stream()
                .map(LoadCurve.Rung::pressure)
                .filter(rung -> rung.psi() <= mostPsi + SLACK);
    }

    /**
     * A row raised for the warning.
     *
     * @param wanted what the warning asks for
     * @param inTime whether it could be reached under the maximum
     */
    private record Lifted(Pressure pressure, Pressure wanted, boolean inTime) {}

    /**
     * Where the system warns a share under the set target, the target has to be the minimum over what is left of it; where no row
     * under the maximum does that, the highest allowed is taken, so that more load never means less air.
     */
    private Optional<Lifted> forThreshold(double lb, Pressure row) {
        Optional<PressureFacts.Threshold> share = Optional.ofNullable(
                        facts.thresholds().get(axle))
                .filter(set -> set.fixed().isEmpty());
        Optional<Double> need = curve.orElseThrow().needPsi(lb);
        if (share.isEmpty() || need.isEmpty()) {
            return Optional.empty();
        }
        double least = need.get() / (1 - share.get().belowSet());
        if (least <= row.psi() + SLACK) {
            return Optional.empty();
        }
        Pressure wanted = psi(least);
        Optional<Lifted> reached = rowsUpTo(maximumPsi())
                .filter(rung -> rung.psi() >= least - SLACK)
                .findFirst()
                .map(rung -> new Lifted(rung, wanted, true));
        return reached.or(() -> maximum.map(Maximum::pressure)
                .or(() -> rowsUpTo(Double.MAX_VALUE).reduce((lower, higher) -> higher))
                .filter(most -> most.psi() > row.psi() + SLACK)
                .map(most -> new Lifted(most, wanted, most.psi() >= least - SLACK)));
    }

    private Candidate rated() {
        Optional<Pressure> molded = tires.stream()
                .flatMap(tire -> tire.molded().stream())
                .max(java.util.Comparator.comparingDouble(Pressure::psi));
        if (tires.stream().anyMatch(TireModel::isPassenger)) {
            return refused(
                    School.RATED,
                    Optional.empty(),
                    Rule.RATED_LOAD,
                    Phrase.of("Not for passenger tires"),
                    "Their molded figure is a limit, not the pressure for a load.");
        }
        if (molded.isEmpty()) {
            return refused(
                    School.RATED,
                    Optional.empty(),
                    Rule.RATED_LOAD,
                    Phrase.of("No molded pressure on file"),
                    "Read the pressure for the maximum load off the sidewall.");
        }
        return guarded(
                School.RATED,
                molded.get(),
                false,
                Rule.RATED_LOAD,
                Phrase.of("{}, molded for the maximum load", molded.get()),
                "Carries the rated load; harsh, and wears the center where that load isn’t there.");
    }

    private Candidate trim() {
        PressureFacts.Trim on = facts.trims().get(axle);
        if (on == null) {
            return refused(
                    School.TRIM,
                    Optional.empty(),
                    Rule.CONTACT_TRIM,
                    Phrase.of("No chalk-line trial on file"),
                    "Chalk the tread, drive a short straight flat stretch, look, and log each pass.");
        }
        if (!on.tire().equals(tireNow)) {
            return refused(
                    School.TRIM,
                    Optional.of(on.pressure()),
                    Rule.TARGET_VOID,
                    Phrase.of("Found {} on other tires", on.on()),
                    "Another model, size or load range has another footprint: try again.");
        }
        if (allLoads.isEmpty() && placard.isEmpty()) {
            return refused(
                    School.TRIM,
                    Optional.of(on.pressure()),
                    Rule.CONTACT_TRIM,
                    Phrase.of("{} by chalk line, but neither a slip nor a placard bounds it", on.pressure()),
                    "A footprint alone says nothing about the load: weigh the vehicle, or read the placard.");
        }
        double floor = trimFloorPsi();
        if (on.pressure().psi() < floor - SLACK) {
            return refused(
                    School.TRIM,
                    Optional.of(on.pressure()),
                    Rule.CONTACT_TRIM,
                    Phrase.of(
                            "{} is under {}, {}",
                            on.pressure(),
                            psi(floor),
                            allLoads.isEmpty()
                                    ? "the placard"
                                    : "what the heaviest load on file needs at the next check"),
                    "A footprint never overrules the load.");
        }
        Candidate found = guarded(
                School.TRIM,
                on.pressure(),
                false,
                Rule.CONTACT_TRIM,
                Phrase.of(
                        "{} by chalk line on {}, {} load, {}{}",
                        on.pressure(),
                        on.on(),
                        on.state().words(),
                        on.by(),
                        on.confirmed() ? "" : "; to be confirmed cold"),
                on.confirmed()
                        ? "The tread touches across its width; never below what the heaviest load on file needs."
                        : "The tires were warm in the trial. Gauge them cold at this pressure; until then it is to be confirmed.");
        return on.confirmed() ? found : found.unconfirmed();
    }

    /**
     * Under this no trim is taken: what the heaviest load on file needs at the next check, after normal loss over the interval;
     * without a slip the placard; without either nothing is low enough to be allowed.
     */
    private double trimFloorPsi() {
        if (allLoads.isEmpty()) {
            return placard.map(on -> on.pressure().psi()).orElse(NOTHING_CARRIES_IT_PSI);
        }
        return Math.min(
                NOTHING_CARRIES_IT_PSI,
                heaviestNeedPsi()
                        / LossRate.leftAfter(
                                policy.days(
                                        vehicle.sensorsWork()
                                                ? PolicyNumber.PRESSURE_CHECK_DAYS
                                                : PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR),
                                LossRate.NORMAL_MONTHLY));
    }

    private double heaviestNeedPsi() {
        return allLoads.stream()
                .mapToDouble(known ->
                        curve.flatMap(on -> on.needPsi(known.perTireLb())).orElse(NOTHING_CARRIES_IT_PSI))
                .max()
                .orElse(0);
    }

    // ---- what they share

    /** A size’s answer with its words. */
    private record Sizing(Optional<Pressure> pressure, Phrase says, String because) {}

    private Sizing sizing(double lb) {
        LoadCurve.Sizing sized = curve.orElseThrow().size(lb, maximumPsi());
        Load load = Load.lb(Math.rint(lb));
        if (sized instanceof LoadCurve.Carries carries) {
            return new Sizing(
                    Optional.of(carries.pressure()),
                    carries.heldByMaximum()
                            ? Phrase.of(", the maximum: the next row lies over it, what the load needs does not")
                            : Phrase.of(""),
                    "");
        }
        if (sized instanceof LoadCurve.Overloaded over) {
            return new Sizing(
                    Optional.empty(),
                    Phrase.of("{} a tire, it carries at most {}", load, over.most()),
                    "No pressure cures an overload: take load off, or fit tires with a higher rating.");
        }
        LoadCurve.LimitTooLow low = (LoadCurve.LimitTooLow) sized;
        return new Sizing(
                Optional.empty(),
                Phrase.of(
                        "{} a tire needs {}, at most {} allowed by {}",
                        load,
                        low.needed(),
                        low.maximum(),
                        maximum.map(Maximum::setBy).orElse(Phrase.of("a limit"))),
                "That limit is too low for the load: take load off, or fit wheels and tires that allow the pressure.");
    }

    private double maximumPsi() {
        return maximum.map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE);
    }

    private Candidate guarded(
            School school, Pressure pressure, boolean estimate, Rule rule, Phrase says, String because) {
        return guard.pass(school, pressure, estimate, reason(rule, says, because));
    }

    private static Candidate refused(
            School school, Optional<Pressure> pressure, Rule rule, Phrase says, String because) {
        return Candidate.refused(school, pressure, reason(rule, says, because));
    }

    private static Reason reason(Rule rule, Phrase says, String because) {
        return Reason.of(rule, says, says, Phrase.of(""), because);
    }

    private String fittedSizes() {
        return tires.stream().map(tire -> tire.size().molded()).distinct().collect(Collectors.joining(" and "));
    }

    /** At which pressure the vehicle warns: as entered; light vehicles without duals 25 % below placard; else not known. */
    private Optional<Pressure> warning(Optional<Pressure> target) {
        PressureFacts.Threshold set = facts.thresholds().get(axle);
        if (set != null) {
            return set.warnsAt(target);
        }
        boolean byLaw = vehicle.sensorsWork() && vehicle.isLight() && !vehicle.hasDuals();
        return byLaw
                ? placard.map(on -> psi(Math.max(on.pressure().psi() * WARNS_BELOW_PLACARD, leastWarning())))
                : Optional.empty();
    }

    /** A quarter under the placard (FMVSS 138). */
    private static final double WARNS_BELOW_PLACARD = 0.75;

    /** The standard's own minimum for the tires fitted, the highest where they differ; 0 for kinds its table doesn't name. */
    private double leastWarning() {
        return tires.stream()
                .mapToDouble(tire -> leastWarning(tire).map(policy::number).orElse(0.0))
                .max()
                .orElse(0);
    }

    private static Optional<PolicyNumber> leastWarning(TireModel tire) {
        Optional<LoadRange> range = tire.ratings().range();
        if (tire.isPassenger()) {
            return Optional.of(
                    range.filter(LoadRange.XL::equals).isPresent()
                            ? PolicyNumber.WARNING_LEAST_XL
                            : PolicyNumber.WARNING_LEAST_SL);
        }
        return range.flatMap(letter -> switch (letter) {
            case C -> Optional.of(PolicyNumber.WARNING_LEAST_C);
            case D -> Optional.of(PolicyNumber.WARNING_LEAST_D);
            case E -> Optional.of(PolicyNumber.WARNING_LEAST_E);
            case SL, XL, A, B, F, G, H, J, L, M, N -> Optional.empty();
        });
    }

    static Pressure psi(double psi) {
        return Pressure.psi(Math.round(psi * 10) / 10.0);
    }
}
