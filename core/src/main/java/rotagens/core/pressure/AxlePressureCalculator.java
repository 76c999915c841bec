package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
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
final class AxlePressureCalculator {

    private static final double SLACK = 1e-6;
    /** Higher than any maximum: an overload leaves no room for a trim. */
    private static final double NOTHING_CARRIES_IT_PSI = 200;

    private final Vehicle vehicle;
    private final int axle;
    private final boolean dual;
    private final PressureInputs facts;
    private final List<TireModel> tires;
    private final String tireNow;
    private final Optional<MaximumPressure> maximumPressure;
    private final Optional<Vehicle.Placard> placard;
    private final Optional<AxleLoad> load;
    private final List<AxleLoad> allLoads;
    private final Policy.ClassPolicy policy;
    private final Guard guard;
    private Optional<LoadCurve> curve = Optional.empty();
    private Optional<String> missing = Optional.empty();

    AxlePressureCalculator(
            Vehicle vehicle,
            int axle,
            Map<Position, TireModel> here,
            PressureInputs facts,
            Policy.ClassPolicy policy,
            LocalDate today) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.dual = vehicle.layout().axles().get(axle - 1).isDual();
        this.facts = facts;
        this.policy = policy;
        this.placard = Optional.ofNullable(vehicle.placards().get(axle));
        this.tires = speaking(here.values().stream().distinct().toList());
        this.tireNow = VehiclePressures.tireKey(tires);
        this.maximumPressure = MaximumPressure.lowest(here.entrySet().stream()
                .flatMap(one -> MaximumPressure.at(vehicle, one.getKey(), one.getValue(), policy).stream())
                .toList());
        this.load = AxleLoad.of(facts, facts.currentLoadState().state(), axle, dual, tireNow, policy, today);
        this.allLoads = Arrays.stream(LoadState.values())
                .filter(state -> facts.scaleTicket(state).isPresent())
                .flatMap(state -> AxleLoad.of(facts, state, axle, dual, tireNow, policy, today).stream())
                .toList();
        try {
            this.curve = tires.isEmpty() ? Optional.empty() : Optional.of(curve(tires));
            this.missing = tires.isEmpty() ? Optional.of(WORDS.say("noTireOnFile")) : Optional.empty();
        } catch (InvalidInputException e) {
            this.missing = Optional.of(e.getMessage());
        }
        this.guard = new Guard(maximumPressure, load, curve);
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
                .map(model -> facts.charts().curve(model, dual, vehicle))
                .toList();
        return all.size() == 1 ? all.get(0) : new LoadCurve.LowestOf(all);
    }

    /** Before the concerns, which look at the answer. */
    AxlePressure solve() {
        List<MethodResult> methodResults = List.of(placard(), equivalent(), weighed(), rated(), trim());
        Optional<PressureInputs.MethodChoice> methodChoice = facts.choice();
        boolean voided = methodChoice.isPresent()
                && !methodChoice.get().tires().getOrDefault(axle, tireNow).equals(tireNow);
        Optional<MethodResult> chosen = voided ? Optional.empty() : choose(methodResults);
        TargetPressure targetPressure = voided
                ? new TargetPressure(Optional.empty(), voidedReason(methodChoice.get()))
                : chosen.map(one -> new TargetPressure(one.pressure(), one.reason()))
                        .orElseGet(() -> none(methodResults));
        return new AxlePressure(
                axle,
                dual,
                tires,
                curve,
                missing,
                maximumPressure,
                load,
                load.flatMap(known -> curve.flatMap(on -> on.minimumForLoadPsi(known.perTireLb()))),
                trimFloorPsi(),
                methodResults,
                chosen.map(MethodResult::method),
                voided ? Message.of("") : why(chosen),
                targetPressure,
                warning(targetPressure.pressure()),
                List.of());
    }

    private Optional<MethodResult> choose(List<MethodResult> methodResults) {
        Optional<MethodResult> wanted = facts.choice()
                .flatMap(methodChoice -> methodResults.stream()
                        .filter(one -> one.method() == methodChoice.method() && one.isOffered())
                        .findFirst());
        return wanted.or(() -> List.of(
                        PressureMethod.WEIGHED_LOAD,
                        PressureMethod.PLACARD,
                        PressureMethod.PLACARD_EQUIVALENT,
                        PressureMethod.RATED_LOAD)
                .stream()
                .filter(pressureMethod -> pressureMethod != PressureMethod.RATED_LOAD || !vehicle.isLight())
                .flatMap(pressureMethod ->
                        methodResults.stream().filter(one -> one.method() == pressureMethod && one.isOffered()))
                .findFirst());
    }

    private Message why(Optional<MethodResult> chosen) {
        if (chosen.isEmpty()) {
            return Message.of("");
        }
        Optional<PressureInputs.MethodChoice> methodChoice = facts.choice();
        if (methodChoice.isPresent()
                && methodChoice.get().method() == chosen.get().method()) {
            return WORDS.message(
                    "chosenBy",
                    "by",
                    methodChoice.get().by(),
                    "on",
                    methodChoice.get().on(),
                    "methodChoice",
                    methodChoice.get().reason());
        }
        String order = switch (chosen.get().method()) {
            case WEIGHED_LOAD -> WORDS.say("currentScaleTicketOverridesEvery");
            case PLACARD -> WORDS.say("noCurrentWeight");
            case PLACARD_EQUIVALENT -> WORDS.say("noCurrentWeight2");
            case RATED_LOAD -> WORDS.say("noCurrentWeightAndNo");
            case CHALK_TEST -> WORDS.say("chosen");
        };
        return methodChoice.isPresent()
                ? WORDS.message(
                        "wasChosenButIsNot",
                        "method",
                        methodChoice.get().method().label(),
                        "order",
                        order)
                : WORDS.message("defaultOrder", "order", order);
    }

    private Reason voidedReason(PressureInputs.MethodChoice methodChoice) {
        return Reason.of(
                Rule.TARGET_OUTDATED,
                WORDS.message("targetWasDerived", "tires", methodChoice.tires().get(axle), "tireNow", tireNow),
                Message.of(tireNow),
                Message.of(methodChoice.tires().get(axle)),
                WORDS.say("targetChalkTestAndPlacard"));
    }

    /** Nothing can be taken: the reason of the school that came nearest says what is missing. */
    private TargetPressure none(List<MethodResult> methodResults) {
        boolean overloaded = load.isPresent() && methodResults.get(2).pressure().isEmpty() && curve.isPresent();
        Reason reason = overloaded
                ? methodResults.get(2).reason()
                : placard.isEmpty() || isOriginalSize()
                        ? methodResults.get(0).reason()
                        : methodResults.get(1).reason();
        return new TargetPressure(Optional.empty(), reason);
    }

    private boolean isOriginalSize() {
        return placard.isPresent()
                && tires.stream()
                        .allMatch(tire ->
                                tire.size().molded().equals(placard.get().size().molded()));
    }

    // ---- the schools

    private MethodResult placard() {
        if (placard.isEmpty()) {
            return refused(
                    PressureMethod.PLACARD,
                    Optional.empty(),
                    Rule.PLACARD,
                    WORDS.message("noPlacardOnFile"),
                    WORDS.say("copySizeAndColdPressure"));
        }
        Pressure pressure = placard.get().pressure();
        String original = placard.get().size().molded();
        if (!isOriginalSize()) {
            return refused(
                    PressureMethod.PLACARD,
                    Optional.of(pressure),
                    Rule.PLACARD,
                    WORDS.message("isInstalledThePlacard", "fittedSizes", fittedSizes(), "original", original),
                    WORDS.say("placardPressureDoesNotApply"));
        }
        return guarded(
                PressureMethod.PLACARD,
                pressure,
                false,
                Rule.PLACARD,
                WORDS.message("placardFor", "pressure", pressure, "original", original),
                WORDS.say("vehicleManufacturersPressure"));
    }

    private MethodResult equivalent() {
        if (placard.isEmpty()) {
            return refused(
                    PressureMethod.PLACARD_EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    WORDS.message("noPlacardOnFile2"),
                    WORDS.say("copySizeAndColdPressure2"));
        }
        if (isOriginalSize()) {
            return refused(
                    PressureMethod.PLACARD_EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    WORDS.message("originalSizeIsInstalled"),
                    WORDS.say("placardItselfHolds"));
        }
        Vehicle.Placard on = placard.get();
        Optional<LoadCharts.OriginalTire> originalTire =
                facts.charts().original(on.size(), on.pressure().psi(), dual, vehicle);
        if (originalTire.isEmpty() || curve.isEmpty()) {
            return refused(
                    PressureMethod.PLACARD_EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    originalTire.isEmpty()
                            ? WORDS.message(
                                    "noOnFileSoWhat", "molded", on.size().molded())
                            : Message.of(missing.orElse("")),
                    WORDS.say("addTheOriginalTire"));
        }
        double lb = originalTire.get().lb();
        Load carried = Load.lb(Math.rint(lb));
        SizingResult read = sizing(lb);
        if (read.pressure.isEmpty()) {
            return refused(
                    PressureMethod.PLACARD_EQUIVALENT,
                    Optional.empty(),
                    Rule.PLACARD_EQUIVALENT,
                    read.statement,
                    read.explanation);
        }
        return guarded(
                PressureMethod.PLACARD_EQUIVALENT,
                read.pressure.get(),
                originalTire.get().estimate() || curve.get().isEstimate(),
                Rule.PLACARD_EQUIVALENT,
                WORDS.message(
                        "atThePlacardsTheOriginal",
                        "pressure",
                        on.pressure(),
                        "molded",
                        on.size().molded(),
                        "carried",
                        carried,
                        "fittedSizes",
                        fittedSizes(),
                        "target",
                        read.pressure.get()),
                WORDS.say("vehicleWasTested"));
    }

    private MethodResult weighed() {
        if (curve.isEmpty()) {
            return refused(
                    PressureMethod.WEIGHED_LOAD,
                    Optional.empty(),
                    Rule.WEIGHED_LOAD,
                    WORDS.message("noChartAndNoEstimate"),
                    missing.orElse(""));
        }
        if (load.isEmpty()) {
            return refused(
                    PressureMethod.WEIGHED_LOAD,
                    Optional.empty(),
                    Rule.WEIGHED_LOAD,
                    facts.scaleTickets().isEmpty()
                            ? WORDS.message("neverWeighed")
                            : WORDS.message(
                                    "neverWeighed2",
                                    "state",
                                    facts.currentLoadState().state().label()),
                    facts.scaleTickets().isEmpty()
                            ? WORDS.say("weighItAsItTravels")
                            : WORDS.say("scaleTicketDoesNotCover"));
        }
        double lb = load.get().perTireLb();
        SizingResult read = sizing(lb);
        if (read.pressure.isEmpty()) {
            return refused(
                    PressureMethod.WEIGHED_LOAD,
                    Optional.empty(),
                    Rule.LOAD_CAPACITY,
                    read.statement,
                    read.explanation);
        }
        Pressure row = read.pressure.get();
        Message says = WORDS.message(
                "tireOnTheHeavierEnd", "lb", Load.lb(Math.rint(lb)), "row", row, "statement", read.statement);
        String because = curve.get().isEstimate() ? WORDS.say("noLoadChart") : WORDS.say("nextHigherRow");
        boolean estimate = curve.get().isEstimate();
        Optional<Pressure> margin = forMargin(lb, row);
        if (margin.isPresent()) {
            says = WORDS.message(
                    "raisedToLessLeavesUnder",
                    "says",
                    says,
                    "margin",
                    margin.get(),
                    "daysAboveMinimum",
                    policy.days(PolicyNumber.DAYS_ABOVE_MINIMUM));
            row = margin.get();
        }
        Optional<Lifted> lifted = forThreshold(lb, row);
        if (lifted.isPresent()) {
            says = lifted.get().inTime()
                    ? WORDS.message(
                            "raisedToSo", "says", says, "pressure", lifted.get().pressure())
                    : WORDS.message(
                            "raisedToTheHighestAllowed",
                            "says",
                            says,
                            "pressure",
                            lifted.get().pressure(),
                            "belowSet",
                            Math.round(facts.thresholds().get(axle).belowSet() * 100),
                            "wanted",
                            lifted.get().wanted());
            row = lifted.get().pressure();
        }
        boolean floor = vehicle.isLight()
                && isOriginalSize()
                && placard.get().pressure().psi() > row.psi() + SLACK;
        if (floor
                && facts.choice()
                        .filter(PressureInputs.MethodChoice::allowsBelowPlacard)
                        .isEmpty()) {
            Pressure asked = placard.get().pressure();
            row = maximumPressure
                    .map(MaximumPressure::pressure)
                    .filter(asked::isOver)
                    .orElse(asked);
            estimate = false;
            says = row.equals(asked)
                    ? WORDS.message("placardsIsTheFloor", "says", says, "row", row)
                    : WORDS.message("placardsIsOverTheMaximum", "says", says, "asked", asked, "row", row);
            because = WORDS.say("onLightVehicles");
        }
        if (load.get().outdatedReason().isPresent()) {
            return MethodResult.refused(
                    PressureMethod.WEIGHED_LOAD,
                    Optional.of(row),
                    reason(
                            Rule.WEIGHTS_CURRENT,
                            WORDS.message(
                                    "scaleTicketOfIsOut",
                                    "on",
                                    load.get().scaleTicket().on(),
                                    "outdatedReason",
                                    load.get().outdatedReason().get()),
                            WORDS.say("weighItAgain")));
        }
        return guard.pass(PressureMethod.WEIGHED_LOAD, row, estimate, reason(Rule.WEIGHED_LOAD, says, because));
    }

    /** The next row, where normal loss would bring this one to the minimum sooner than the policy lets a target do. */
    private Optional<Pressure> forMargin(double lb, Pressure row) {
        Optional<Double> need = curve.orElseThrow().minimumForLoadPsi(lb);
        long days = PressureLoss.daysToReach(row.psi(), need.orElse(0.0), PressureLoss.NORMAL_MONTHLY);
        if (need.isEmpty() || days >= policy.days(PolicyNumber.DAYS_ABOVE_MINIMUM)) {
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
        Optional<PressureInputs.WarningThreshold> share = Optional.ofNullable(
                        facts.thresholds().get(axle))
                .filter(set -> set.fixed().isEmpty());
        Optional<Double> need = curve.orElseThrow().minimumForLoadPsi(lb);
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
        return reached.or(() -> maximumPressure
                .map(MaximumPressure::pressure)
                .or(() -> rowsUpTo(Double.MAX_VALUE).reduce((lower, higher) -> higher))
                .filter(most -> most.psi() > row.psi() + SLACK)
                .map(most -> new Lifted(most, wanted, most.psi() >= least - SLACK)));
    }

    private MethodResult rated() {
        Optional<Pressure> molded = tires.stream()
                .flatMap(tire -> tire.moldedPressure().stream())
                .max(java.util.Comparator.comparingDouble(Pressure::psi));
        if (tires.stream().anyMatch(TireModel::isPassenger)) {
            return refused(
                    PressureMethod.RATED_LOAD,
                    Optional.empty(),
                    Rule.RATED_LOAD,
                    WORDS.message("notForPassengerTires"),
                    WORDS.say("moldedPressureIsALimit"));
        }
        if (molded.isEmpty()) {
            return refused(
                    PressureMethod.RATED_LOAD,
                    Optional.empty(),
                    Rule.RATED_LOAD,
                    WORDS.message("noMoldedPressureOnFile"),
                    WORDS.say("readThePressure"));
        }
        return guarded(
                PressureMethod.RATED_LOAD,
                molded.get(),
                false,
                Rule.RATED_LOAD,
                WORDS.message("moldedForTheMaximumLoad", "molded", molded.get()),
                WORDS.say("carriesTheRatedLoadHarsh"));
    }

    private MethodResult trim() {
        PressureInputs.ChalkTestResult on = facts.chalkTestResults().get(axle);
        if (on == null) {
            return refused(
                    PressureMethod.CHALK_TEST,
                    Optional.empty(),
                    Rule.CHALK_TEST,
                    WORDS.message("noChalkLineTrial"),
                    WORDS.say("chalkTheTreadDrive"));
        }
        if (!on.tire().equals(tireNow)) {
            return refused(
                    PressureMethod.CHALK_TEST,
                    Optional.of(on.pressure()),
                    Rule.TARGET_OUTDATED,
                    WORDS.message("foundOnOtherTires", "on", on.on()),
                    WORDS.say("anotherModelSizeOrLoad"));
        }
        if (allLoads.isEmpty() && placard.isEmpty()) {
            return refused(
                    PressureMethod.CHALK_TEST,
                    Optional.of(on.pressure()),
                    Rule.CHALK_TEST,
                    WORDS.message("byChalkTestButNo", "pressure", on.pressure()),
                    WORDS.say("footprintAloneSaysNothingAbout"));
        }
        double floor = trimFloorPsi();
        if (on.pressure().psi() < floor - SLACK) {
            return refused(
                    PressureMethod.CHALK_TEST,
                    Optional.of(on.pressure()),
                    Rule.CHALK_TEST,
                    WORDS.message(
                            "isUnderWhatTheHeaviest",
                            "pressure",
                            on.pressure(),
                            "floor",
                            psi(floor),
                            "hasAllLoads",
                            !allLoads.isEmpty()),
                    WORDS.say("chalkTestNeverOverrides"));
        }
        MethodResult found = guarded(
                PressureMethod.CHALK_TEST,
                on.pressure(),
                false,
                Rule.CHALK_TEST,
                WORDS.message(
                        "byChalkTestOnLoad",
                        "pressure",
                        on.pressure(),
                        "on",
                        on.on(),
                        "state",
                        on.state().label(),
                        "by",
                        on.by(),
                        "confirmed",
                        on.confirmed()),
                on.confirmed() ? WORDS.say("treadTouchesAcrossItsWidth") : WORDS.say("tiresWereWarm"));
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
                        / PressureLoss.leftAfter(
                                policy.days(
                                        vehicle.hasWorkingSensors()
                                                ? PolicyNumber.PRESSURE_CHECK_DAYS
                                                : PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR),
                                PressureLoss.NORMAL_MONTHLY));
    }

    private double heaviestNeedPsi() {
        return allLoads.stream()
                .mapToDouble(known -> curve.flatMap(on -> on.minimumForLoadPsi(known.perTireLb()))
                        .orElse(NOTHING_CARRIES_IT_PSI))
                .max()
                .orElse(0);
    }

    // ---- what they share

    /** A size’s answer with its words. */
    private record SizingResult(Optional<Pressure> pressure, Message statement, String explanation) {}

    private SizingResult sizing(double lb) {
        LoadCurve.PressureForLoad sized = curve.orElseThrow().size(lb, maximumPsi());
        Load load = Load.lb(Math.rint(lb));
        if (sized instanceof LoadCurve.Found found) {
            return new SizingResult(
                    Optional.of(found.pressure()),
                    found.isLimitedByMaximum() ? WORDS.message("maximumTheNextRowLies") : Message.of(""),
                    "");
        }
        if (sized instanceof LoadCurve.Overloaded over) {
            return new SizingResult(
                    Optional.empty(),
                    WORDS.message("tireItCarriesAtMost", "load", load, "over", over.max()),
                    WORDS.say("noPressureCorrectsAnOverload"));
        }
        LoadCurve.LimitTooLow low = (LoadCurve.LimitTooLow) sized;
        return new SizingResult(
                Optional.empty(),
                WORDS.message(
                        "tireNeedsAtMostAllowed",
                        "load",
                        load,
                        "needed",
                        low.needed(),
                        "maximum",
                        low.maximum(),
                        "maximumPressure",
                        maximumPressure.map(MaximumPressure::limitedBy).orElse(WORDS.message("limit"))),
                WORDS.say("thatLimitIsTooLow"));
    }

    private double maximumPsi() {
        return maximumPressure.map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE);
    }

    private MethodResult guarded(
            PressureMethod pressureMethod,
            Pressure pressure,
            boolean estimate,
            Rule rule,
            Message says,
            String because) {
        return guard.pass(pressureMethod, pressure, estimate, reason(rule, says, because));
    }

    private static MethodResult refused(
            PressureMethod pressureMethod, Optional<Pressure> pressure, Rule rule, Message says, String because) {
        return MethodResult.refused(pressureMethod, pressure, reason(rule, says, because));
    }

    private static Reason reason(Rule rule, Message says, String because) {
        return Reason.of(rule, says, says, Message.of(""), because);
    }

    private String fittedSizes() {
        return tires.stream()
                .map(tire -> tire.size().molded())
                .distinct()
                .collect(Collectors.joining(WORDS.say("and")));
    }

    /** At which pressure the vehicle warns: as entered; light vehicles without duals 25 % below placard; else not known. */
    private Optional<Pressure> warning(Optional<Pressure> target) {
        PressureInputs.WarningThreshold set = facts.thresholds().get(axle);
        if (set != null) {
            return set.thresholdPressure(target);
        }
        boolean byLaw = vehicle.hasWorkingSensors() && vehicle.isLight() && !vehicle.hasDuals();
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
                            ? PolicyNumber.WARNING_MINIMUM_XL
                            : PolicyNumber.WARNING_MINIMUM_SL);
        }
        return range.flatMap(letter -> switch (letter) {
            case C -> Optional.of(PolicyNumber.WARNING_MINIMUM_C);
            case D -> Optional.of(PolicyNumber.WARNING_MINIMUM_D);
            case E -> Optional.of(PolicyNumber.WARNING_MINIMUM_E);
            case SL, XL, A, B, F, G, H, J, L, M, N -> Optional.empty();
        });
    }

    static Pressure psi(double psi) {
        return Pressure.psi(Math.round(psi * 10) / 10.0);
    }
}
