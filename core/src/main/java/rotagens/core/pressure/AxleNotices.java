package rotagens.core.pressure;

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
                        Message.of("{} a tire on axle {}, it carries at most {}", whole(lb), answer.axle(), down(most)),
                        whole(lb),
                        down(most),
                        Message.of(
                                "No pressure corrects it. Take {} off this axle, or install tires rated at least {} each.",
                                up((lb - most) * tires),
                                up(lb)));
            }
        });
        Load gawr = vehicle.gawrs().get(answer.axle());
        double axle = load.weight().lb();
        if (gawr != null && axle > gawr.lb() + SLACK) {
            add(
                    Severity.DO_NOT_OPERATE,
                    Rule.AXLE_RATING,
                    Message.of("Axle {} weighs {}, rated {}", answer.axle(), whole(axle), gawr),
                    whole(axle),
                    gawr,
                    Message.of(
                            "Take {} off this axle. Better tires don’t raise an axle’s rating.", up(axle - gawr.lb())));
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
                            Message.of(
                                    "{} on a wheel rated {} at {}",
                                    whole(lb),
                                    most,
                                    one.getKey().code()),
                            whole(lb),
                            most,
                            Message.of(
                                    "Take {} off this axle, or install wheels with a higher rating.",
                                    up((lb - most.lb()) * tires)));
                });
    }

    private void doubts(AxleLoad load) {
        load.outdatedReason()
                .ifPresent(why -> add(
                        Severity.WATCH,
                        Rule.WEIGHTS_CURRENT,
                        Message.of(
                                "The scale ticket of {} is out of date: {}",
                                load.scaleTicket().on(),
                                why),
                        Message.of("{}", load.scaleTicket().on()),
                        Message.of("{} months", policy.days(PolicyNumber.SCALE_TICKET_MONTHS)),
                        Message.of("Weigh it again; until then its load is only what it once was.")));
        if (load.isFromOtherLoadState()) {
            note(
                    Rule.WEIGHED_LOAD,
                    Message.of(
                            "Never weighed {}", facts.currentLoadState().state().label()),
                    Message.of(
                            "The heavier load on file, {}, serves as an upper bound.",
                            load.scaleTicket().state().label()));
        }
        if (!load.weight().hasEnds()) {
            note(
                    Rule.WEIGHED_LOAD,
                    Message.of("Only the whole axle was weighed"),
                    Message.of("Half of it is taken for an end: less certain than weighing left and right."));
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
                    ? Optional.of(Message.of(" Then {} carries it instead of {}.", after.pressure(), before.pressure()))
                    : Optional.empty();
        });
        note(
                Rule.SIDE_DIFFERENCE,
                Message.of(
                        "The {} end is heavier by {}% of the axle",
                        weight.heavierSide().label(),
                        String.format(java.util.Locale.ROOT, "%.1f", weight.sideDifference() * 100)),
                Message.of(
                        "Moving {} to the other side evens it out.{}",
                        up(weight.loadToShiftLb()),
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
                    .map(chart -> Message.of(
                            " {} has a chart for this size; another manufacturer’s chart is shown, never final.",
                            chart.manufacturer()));
            add(
                    Severity.WATCH,
                    Rule.ESTIMATE,
                    Message.of(
                            "The target {} is an estimate",
                            answer.target().pressure().orElseThrow()),
                    answer.target().pressure().orElseThrow(),
                    Message.of(""),
                    Message.of(
                            "No chart of this manufacturer for this tire on file. Get it and enter it under Reference.{}",
                            beside.orElse(Message.of(""))));
        }
    }

    private void unconfirmed() {
        answer.chosenMethod()
                .map(answer::methodResult)
                .filter(MethodResult::toBeConfirmed)
                .ifPresent(trim -> add(
                        Severity.WATCH,
                        Rule.CHALK_TEST,
                        Message.of(
                                "The target {} is to be confirmed cold",
                                trim.pressure().orElseThrow()),
                        trim.pressure().orElseThrow(),
                        Message.of(""),
                        Message.of("It was found on warm tires. Gauge every tire of the axle cold at it.")));
    }

    private void threshold() {
        Optional<Pressure> target = answer.target().pressure();
        if (!vehicle.hasWorkingSensors() || target.isEmpty()) {
            return;
        }
        PressureInputs.WarningThreshold set = facts.thresholds().get(answer.axle());
        if (answer.warning().isEmpty()) {
            note(
                    Rule.WARNING_THRESHOLD,
                    Message.of("At which pressure the system warns isn’t on record"),
                    Message.of("Enter what it is set to; on this vehicle it is never assumed."));
            return;
        }
        if (set != null && !set.tire().equals(VehiclePressures.tireKey(answer.tires()))) {
            note(
                    Rule.TARGET_OUTDATED,
                    Message.of("The warning threshold was set for other tires"),
                    Message.of("Check it again for the tires installed now."));
        }
        double warns = answer.warning().get().psi();
        Optional<Double> need = answer.minimumForLoadPsi();
        if (need.isPresent() && warns < need.get() - 0.05) {
            add(
                    Severity.WATCH,
                    Rule.WARNING_THRESHOLD,
                    Message.of(
                            "Warns at {}, the load needs {}: {} too late",
                            answer.warning().get(),
                            AxlePressureCalculator.psi(need.get()),
                            AxlePressureCalculator.psi(need.get() - warns)),
                    answer.warning().get(),
                    AxlePressureCalculator.psi(need.get()),
                    Message.of(
                            "More air doesn’t cure it. Gauge every {} days, and have a qualified person raise the threshold.",
                            policy.days(PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR)));
        } else if (warns > WARN_BY_SHARE * target.get().psi() + 0.05) {
            note(
                    Rule.WARNING_THRESHOLD,
                    Message.of(
                            "Warns at {}, over 95% of the target {}",
                            answer.warning().get(), target.get()),
                    Message.of(
                            "A cold morning will set it off. Was the pressure lowered? Compare both before hunting a fault."));
        }
        if (set != null && set.lowered()) {
            note(
                    Rule.WARNING_THRESHOLD,
                    Message.of("The threshold was lowered by {} on {}: {}", set.by(), set.on(), set.reason()),
                    Message.of("This mark stays. Look at it again whenever the load changes."));
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
                Message.of(
                        "{} reaches the need of {} in {} at a normal rate",
                        answer.target().pressure().get(),
                        AxlePressureCalculator.psi(need),
                        days(days)),
                next.map(row -> Message.of(
                                "The next row, {}, leaves {}.",
                                row,
                                days(PressureLoss.daysToReach(row.psi(), need, PressureLoss.NORMAL_MONTHLY))))
                        .orElse(Message.of("No higher chart row is allowed. Check pressure more often.")));
    }

    private static String days(long days) {
        return days == 1 ? "1 day" : days + " days";
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
