package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.Notice.Severity;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.weighing.AxleWeight;

/** What has to be known about an axle's load and pressure beside the target: overload, doubts, late warning, imbalance. */
final class AxleNotices {

    private static final double SLACK = 1e-6;
    private static final double WARN_BY_SHARE = 0.95;

    private final Vehicle vehicle;
    private final PressureInputs facts;
    private final Policy.ClassPolicy policy;
    private final AxlePressure answer;
    private final List<Notice> found = new ArrayList<>();

    AxleNotices(Vehicle vehicle, PressureInputs facts, Policy.ClassPolicy policy, AxlePressure answer) {
        this.vehicle = vehicle;
        this.facts = facts;
        this.policy = policy;
        this.answer = answer;
    }

    AxlePressure added() {
        answer.load().ifPresent(load -> {
            overload(load);
            doubts(load);
            imbalance(load.weight());
        });
        estimate();
        unconfirmed();
        threshold();
        soonAtNeed();
        return new AxlePressure(
                answer.axle(),
                answer.isDual(),
                answer.tires(),
                answer.curve(),
                answer.missingData(),
                answer.maximum(),
                answer.load(),
                answer.minimumForLoadPsi(),
                answer.chalkTestFloorPsi(),
                answer.methodResults(),
                answer.chosenMethod(),
                answer.reason(),
                answer.target(),
                answer.warning(),
                found.stream()
                        .sorted(java.util.Comparator.comparing(Notice::severity).reversed())
                        .toList());
    }

    private void overload(AxleLoad load) {
        double lb = load.perTireLb();
        int tires = answer.isDual() ? 4 : 2;
        answer.curve().ifPresent(curve -> {
            LoadCurve.PressureForLoad sized = curve.size(
                    lb, answer.maximum().map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE));
            double most = sized instanceof LoadCurve.Found
                    ? Double.MAX_VALUE
                    : sized instanceof LoadCurve.Overloaded over
                            ? over.max().lb()
                            : curve.capacityLb(
                                    ((LoadCurve.LimitTooLow) sized).maximum().psi());
            if (lb > most) {
                add(
                        Severity.DO_NOT_OPERATE,
                        Rule.LOAD_CAPACITY,
                        WORDS.message(
                                "tireOnAxleItCarries", "lb", whole(lb), "axle", answer.axle(), "most", down(most)),
                        whole(lb),
                        down(most),
                        WORDS.message(
                                "noPressureCorrectsItTake", "tooMuch", up((lb - most) * tires), "needed", up(lb)));
            }
        });
        Load gawr = vehicle.gawrs().get(answer.axle());
        double axle = load.weight().lb();
        if (gawr != null && axle > gawr.lb() + SLACK) {
            add(
                    Severity.DO_NOT_OPERATE,
                    Rule.AXLE_RATING,
                    WORDS.message("axleWeighsRated", "axle", answer.axle(), "weight", whole(axle), "gawr", gawr),
                    whole(axle),
                    gawr,
                    WORDS.message("takeOffThisAxleBetter", "axle", up(axle - gawr.lb())));
        }
        vehicle.wheelsOn(answer.axle()).entrySet().stream()
                .filter(one -> one.getValue()
                        .maximumLoad()
                        .filter(most -> lb > most.lb() + SLACK)
                        .isPresent())
                .findFirst()
                .ifPresent(one -> {
                    Load most = one.getValue().maximumLoad().orElseThrow();
                    add(
                            Severity.DO_NOT_OPERATE,
                            Rule.WHEEL_RATING,
                            WORDS.message(
                                    "onAWheelRated",
                                    "lb",
                                    whole(lb),
                                    "most",
                                    most,
                                    "one",
                                    one.getKey().code()),
                            whole(lb),
                            most,
                            WORDS.message("takeOffThisAxle", "lb", up((lb - most.lb()) * tires)));
                });
    }

    private void doubts(AxleLoad load) {
        load.outdatedReason()
                .ifPresent(why -> add(
                        Severity.WATCH,
                        Rule.WEIGHTS_CURRENT,
                        WORDS.message(
                                "scaleTicketOfIsOut2", "on", load.scaleTicket().on(), "why", why),
                        Message.of("{}", load.scaleTicket().on()),
                        WORDS.message("months", "scaleTicketMonths", policy.days(PolicyNumber.SCALE_TICKET_MONTHS)),
                        WORDS.message("weighItAgainUntilThen")));
        if (load.isFromOtherLoadState()) {
            note(
                    Rule.WEIGHED_LOAD,
                    WORDS.message(
                            "neverWeighed2",
                            "state",
                            facts.currentLoadState().state().label()),
                    WORDS.message(
                            "heavierLoadOnFileServes",
                            "state",
                            load.scaleTicket().state().label()));
        }
        if (!load.weight().hasEnds()) {
            note(Rule.WEIGHED_LOAD, WORDS.message("onlyTheWholeAxleWas"), WORDS.message("halfOfItIsTaken"));
        }
    }

    private void imbalance(AxleWeight weight) {
        double allowed = policy.number(PolicyNumber.SIDE_DIFFERENCE) / 100;
        if (weight.sideDifference() <= allowed) {
            return;
        }
        int onEnd = answer.isDual() ? 2 : 1;
        Optional<Message> saves = answer.curve().flatMap(curve -> {
            double most = answer.maximum().map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE);
            LoadCurve.PressureForLoad now = curve.size(weight.heavierEndLb() / onEnd, most);
            LoadCurve.PressureForLoad even = curve.size(weight.lb() / 2 / onEnd, most);
            return now instanceof LoadCurve.Found before
                            && even instanceof LoadCurve.Found after
                            && after.pressure().psi() < before.pressure().psi()
                    ? Optional.of(WORDS.message(
                            "thenCarriesItInstead", "pressure", after.pressure(), "now", before.pressure()))
                    : Optional.empty();
        });
        note(
                Rule.SIDE_DIFFERENCE,
                WORDS.message(
                        "endIsHeavier",
                        "heavierSide",
                        weight.heavierSide().label(),
                        "sideDifference",
                        String.format(java.util.Locale.ROOT, "%.1f", weight.sideDifference() * 100)),
                WORDS.message(
                        "movingToTheOtherSide",
                        "loadToShiftLb",
                        up(weight.loadToShiftLb()),
                        "saves",
                        saves.orElse(Message.of(""))));
    }

    private void estimate() {
        boolean inUse = answer.chosenMethod()
                .filter(pressureMethod -> answer.methodResult(pressureMethod).isEstimate())
                .isPresent();
        if (inUse) {
            Optional<Message> beside = answer.tires().stream()
                    .flatMap(tire -> facts.charts().surrogate(tire, answer.isDual()).stream())
                    .findFirst()
                    .map(chart -> WORDS.message("hasAChart", "manufacturer", chart.manufacturer()));
            add(
                    Severity.WATCH,
                    Rule.ESTIMATE,
                    WORDS.message(
                            "targetIsAnEstimate",
                            "pressure",
                            answer.target().pressure().orElseThrow()),
                    answer.target().pressure().orElseThrow(),
                    Message.of(""),
                    WORDS.message("noChartOfThisManufacturer", "beside", beside.orElse(Message.of(""))));
        }
    }

    private void unconfirmed() {
        answer.chosenMethod()
                .map(answer::methodResult)
                .filter(MethodResult::toBeConfirmed)
                .ifPresent(trim -> add(
                        Severity.WATCH,
                        Rule.CHALK_TEST,
                        WORDS.message(
                                "targetIsToBeConfirmed",
                                "pressure",
                                trim.pressure().orElseThrow()),
                        trim.pressure().orElseThrow(),
                        Message.of(""),
                        WORDS.message("itWasFoundOnWarm")));
    }

    private void threshold() {
        Optional<Pressure> target = answer.target().pressure();
        if (!vehicle.hasWorkingSensors() || target.isEmpty()) {
            return;
        }
        PressureInputs.WarningThreshold set = facts.thresholds().get(answer.axle());
        if (answer.warning().isEmpty()) {
            note(Rule.WARNING_THRESHOLD, WORDS.message("atWhichPressureTheSystem"), WORDS.message("enterWhatItIsSet"));
            return;
        }
        if (set != null && !set.tire().equals(VehiclePressures.tireKey(answer.tires()))) {
            note(Rule.TARGET_OUTDATED, WORDS.message("warningThresholdWasSet"), WORDS.message("checkItAgain"));
        }
        double warns = answer.warning().get().psi();
        Optional<Double> need = answer.minimumForLoadPsi();
        if (need.isPresent() && warns < need.get() - 0.05) {
            add(
                    Severity.WATCH,
                    Rule.WARNING_THRESHOLD,
                    WORDS.message(
                            "warnsAtTheLoadNeeds",
                            "warning",
                            answer.warning().get(),
                            "need",
                            AxlePressureCalculator.psi(need.get()),
                            "difference",
                            AxlePressureCalculator.psi(need.get() - warns)),
                    answer.warning().get(),
                    AxlePressureCalculator.psi(need.get()),
                    WORDS.message(
                            "moreAirDoesntCure",
                            "pressureCheckDaysNoSensor",
                            policy.days(PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR)));
        } else if (warns > WARN_BY_SHARE * target.get().psi() + 0.05) {
            note(
                    Rule.WARNING_THRESHOLD,
                    WORDS.message("warnsAtOver95", "warning", answer.warning().get(), "target", target.get()),
                    WORDS.message("coldMorningWillSet"));
        }
        if (set != null && set.lowered()) {
            note(
                    Rule.WARNING_THRESHOLD,
                    WORDS.message("thresholdWasLowered", "by", set.by(), "on", set.on(), "set", set.reason()),
                    WORDS.message("thisMarkStaysLook"));
        }
    }

    /** The target reaches the need too soon at a normal rate: offer the next row. */
    private void soonAtNeed() {
        if (answer.minimumForLoadPsi().isEmpty() || answer.target().pressure().isEmpty()) {
            return;
        }
        double need = answer.minimumForLoadPsi().get();
        double target = answer.target().pressure().get().psi();
        int least = policy.days(PolicyNumber.DAYS_ABOVE_MINIMUM);
        long days = PressureLoss.daysToReach(target, need, PressureLoss.NORMAL_MONTHLY);
        if (days >= least) {
            return;
        }
        double most = answer.maximum().map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE);
        Optional<Pressure> next = answer.curve().stream()
                .flatMap(curve -> curve.rungs().stream())
                .map(LoadCurve.Rung::pressure)
                .filter(rung -> rung.psi() > target + SLACK && rung.psi() <= most + SLACK)
                .findFirst();
        note(
                Rule.PRESSURE_LOSS,
                WORDS.message(
                        "reachesTheNeed",
                        "pressure",
                        answer.target().pressure().get(),
                        "need",
                        AxlePressureCalculator.psi(need),
                        "days",
                        days(days)),
                next.map(row -> WORDS.message(
                                "nextRowLeaves",
                                "row",
                                row,
                                "normalMonthly",
                                days(PressureLoss.daysToReach(row.psi(), need, PressureLoss.NORMAL_MONTHLY))))
                        .orElse(WORDS.message("noHigherChartRow")));
    }

    private static String days(long days) {
        return WORDS.say("days", "days", days);
    }

    private void note(Rule rule, Message says, Message because) {
        found.add(new Notice(Severity.NOTE, new Reason(rule, says, says, Message.of(""), because)));
    }

    private void add(Severity severity, Rule rule, Message says, Object figure, Object limit, Message because) {
        found.add(new Notice(
                severity, new Reason(rule, says, Message.of("{}", figure), Message.of("{}", limit), because)));
    }

    private static Load whole(double lb) {
        return Load.lb(Math.rint(lb));
    }

    private static Load up(double lb) {
        return Load.lb(Math.ceil(lb - SLACK));
    }

    private static Load down(double lb) {
        return Load.lb(Math.floor(lb + SLACK));
    }
}
