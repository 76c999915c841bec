package rotagens.core.pressure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.Concern.Weight;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.weighing.AxleWeight;

/** What has to be known about an axle's load and pressure beside the target: overload, doubts, late warning, imbalance. */
final class AxleConcerns {

    private static final double SLACK = 1e-6;
    private static final double WARN_BY_SHARE = 0.95;

    private final Vehicle vehicle;
    private final PressureFacts facts;
    private final Policy.ForClass policy;
    private final AxleAnswer answer;
    private final List<Concern> found = new ArrayList<>();

    AxleConcerns(Vehicle vehicle, PressureFacts facts, Policy.ForClass policy, AxleAnswer answer) {
        this.vehicle = vehicle;
        this.facts = facts;
        this.policy = policy;
        this.answer = answer;
    }

    AxleAnswer added() {
        answer.load().ifPresent(load -> {
            overload(load);
            doubts(load);
            imbalance(load.weight());
        });
        estimate();
        unconfirmed();
        threshold();
        soonAtNeed();
        return new AxleAnswer(
                answer.axle(),
                answer.dual(),
                answer.tires(),
                answer.curve(),
                answer.missing(),
                answer.maximum(),
                answer.load(),
                answer.needPsi(),
                answer.trimFloorPsi(),
                answer.candidates(),
                answer.chosen(),
                answer.why(),
                answer.target(),
                answer.warning(),
                found.stream()
                        .sorted(java.util.Comparator.comparing(Concern::weight).reversed())
                        .toList());
    }

    private void overload(AxleLoad load) {
        double lb = load.perTireLb();
        int tires = answer.dual() ? 4 : 2;
        answer.curve().ifPresent(curve -> {
            LoadCurve.Sizing sized = curve.size(
                    lb, answer.maximum().map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE));
            double most = sized instanceof LoadCurve.Carries
                    ? Double.MAX_VALUE
                    : sized instanceof LoadCurve.Overloaded over
                            ? over.most().lb()
                            : curve.capacityLb(
                                    ((LoadCurve.LimitTooLow) sized).maximum().psi());
            if (lb > most) {
                add(
                        Weight.STOP,
                        Rule.LOAD_CAPACITY,
                        Phrase.of("{} a tire on axle {}, it carries at most {}", whole(lb), answer.axle(), down(most)),
                        whole(lb),
                        down(most),
                        Phrase.of(
                                "No pressure cures it. Take {} off this axle, or fit tires rated at least {} each.",
                                up((lb - most) * tires),
                                up(lb)));
            }
        });
        Load gawr = vehicle.gawrs().get(answer.axle());
        double axle = load.weight().lb();
        if (gawr != null && axle > gawr.lb() + SLACK) {
            add(
                    Weight.STOP,
                    Rule.AXLE_RATING,
                    Phrase.of("Axle {} weighs {}, rated {}", answer.axle(), whole(axle), gawr),
                    whole(axle),
                    gawr,
                    Phrase.of(
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
                            Weight.STOP,
                            Rule.WHEEL_RATING,
                            Phrase.of(
                                    "{} on a wheel rated {} at {}",
                                    whole(lb),
                                    most,
                                    one.getKey().code()),
                            whole(lb),
                            most,
                            Phrase.of(
                                    "Take {} off this axle, or fit wheels with a higher rating.",
                                    up((lb - most.lb()) * tires)));
                });
    }

    private void doubts(AxleLoad load) {
        load.old()
                .ifPresent(why -> add(
                        Weight.WATCH,
                        Rule.SLIP_CURRENT,
                        Phrase.of("The slip of {} is old: {}", load.slip().on(), why),
                        Phrase.of("{}", load.slip().on()),
                        Phrase.of("{} months", policy.days(PolicyNumber.SLIP_MONTHS)),
                        Phrase.of("Weigh it again; until then its load is only what it once was.")));
        if (load.borrowed()) {
            note(
                    Rule.WEIGHED,
                    Phrase.of("Never weighed {}", facts.preset().state().words()),
                    Phrase.of(
                            "The heavier load on file, {}, serves as an upper bound.",
                            load.slip().state().words()));
        }
        if (!load.weight().hasEnds()) {
            note(
                    Rule.WEIGHED,
                    Phrase.of("Only the whole axle was weighed"),
                    Phrase.of("Half of it is taken for an end: less certain than weighing left and right."));
        }
    }

    private void imbalance(AxleWeight weight) {
        double allowed = policy.number(PolicyNumber.IMBALANCE) / 100;
        if (weight.imbalance() <= allowed) {
            return;
        }
        int onEnd = answer.dual() ? 2 : 1;
        Optional<Phrase> saves = answer.curve().flatMap(curve -> {
            double most = answer.maximum().map(known -> known.pressure().psi()).orElse(Double.MAX_VALUE);
            LoadCurve.Sizing now = curve.size(weight.heavierEndLb() / onEnd, most);
            LoadCurve.Sizing even = curve.size(weight.lb() / 2 / onEnd, most);
            return now instanceof LoadCurve.Carries before
                            && even instanceof LoadCurve.Carries after
                            && after.pressure().psi() < before.pressure().psi()
                    ? Optional.of(Phrase.of(" Then {} carries it instead of {}.", after.pressure(), before.pressure()))
                    : Optional.empty();
        });
        note(
                Rule.IMBALANCE,
                Phrase.of(
                        "The {} end is heavier by {} % of the axle",
                        weight.heavierSide().words(),
                        String.format(java.util.Locale.ROOT, "%.1f", weight.imbalance() * 100)),
                Phrase.of(
                        "Moving {} to the other side evens it out.{}",
                        up(weight.moveToCureLb()),
                        saves.orElse(Phrase.of(""))));
    }

    private void estimate() {
        boolean inUse = answer.chosen()
                .filter(school -> answer.candidate(school).estimate())
                .isPresent();
        if (inUse) {
            Optional<Phrase> beside = answer.tires().stream()
                    .flatMap(tire -> facts.book().surrogate(tire, answer.dual()).stream())
                    .findFirst()
                    .map(chart -> Phrase.of(
                            " {} has a chart for this size; another maker’s is shown, never final.", chart.maker()));
            add(
                    Weight.WATCH,
                    Rule.ESTIMATE,
                    Phrase.of(
                            "The target {} is an estimate",
                            answer.target().pressure().orElseThrow()),
                    answer.target().pressure().orElseThrow(),
                    Phrase.of(""),
                    Phrase.of(
                            "No chart of this maker for this tire on file. Get it and enter it under Reference.{}",
                            beside.orElse(Phrase.of(""))));
        }
    }

    private void unconfirmed() {
        answer.chosen()
                .map(answer::candidate)
                .filter(Candidate::toBeConfirmed)
                .ifPresent(trim -> add(
                        Weight.WATCH,
                        Rule.CONTACT_TRIM,
                        Phrase.of(
                                "The target {} is to be confirmed cold",
                                trim.pressure().orElseThrow()),
                        trim.pressure().orElseThrow(),
                        Phrase.of(""),
                        Phrase.of("It was found on warm tires. Gauge every tire of the axle cold at it.")));
    }

    private void threshold() {
        Optional<Pressure> target = answer.target().pressure();
        if (!vehicle.sensorsWork() || target.isEmpty()) {
            return;
        }
        PressureFacts.Threshold set = facts.thresholds().get(answer.axle());
        if (answer.warning().isEmpty()) {
            note(
                    Rule.WARNING_THRESHOLD,
                    Phrase.of("At which pressure the system warns isn’t on record"),
                    Phrase.of("Enter what it is set to; on this vehicle it is never assumed."));
            return;
        }
        if (set != null && !set.tire().equals(VehiclePressures.tireKey(answer.tires()))) {
            note(
                    Rule.TARGET_VOID,
                    Phrase.of("The warning threshold was set for other tires"),
                    Phrase.of("Look at it again for the tires fitted now."));
        }
        double warns = answer.warning().get().psi();
        Optional<Double> need = answer.needPsi();
        if (need.isPresent() && warns < need.get() - 0.05) {
            add(
                    Weight.WATCH,
                    Rule.WARNING_THRESHOLD,
                    Phrase.of(
                            "Warns at {}, the load needs {}: {} too late",
                            answer.warning().get(),
                            AxleSolver.psi(need.get()),
                            AxleSolver.psi(need.get() - warns)),
                    answer.warning().get(),
                    AxleSolver.psi(need.get()),
                    Phrase.of(
                            "More air doesn’t cure it. Gauge every {} days, and have a qualified person raise the threshold.",
                            policy.days(PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR)));
        } else if (warns > WARN_BY_SHARE * target.get().psi() + 0.05) {
            note(
                    Rule.WARNING_THRESHOLD,
                    Phrase.of(
                            "Warns at {}, over 95 % of the target {}",
                            answer.warning().get(), target.get()),
                    Phrase.of(
                            "A cold morning will set it off. Was the pressure lowered? Compare both before hunting a fault."));
        }
        if (set != null && set.lowered()) {
            note(
                    Rule.WARNING_THRESHOLD,
                    Phrase.of("The threshold was lowered by {} on {}: {}", set.by(), set.on(), set.why()),
                    Phrase.of("This mark stays. Look at it again whenever the load changes."));
        }
    }

    /** The target reaches the need too soon at a normal rate: offer the next row. */
    private void soonAtNeed() {
        if (answer.needPsi().isEmpty() || answer.target().pressure().isEmpty()) {
            return;
        }
        double need = answer.needPsi().get();
        double target = answer.target().pressure().get().psi();
        int least = policy.days(PolicyNumber.NEED_DAYS);
        long days = LossRate.daysToReach(target, need, LossRate.NORMAL_MONTHLY);
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
                Rule.LOSS,
                Phrase.of(
                        "{} reaches the need of {} in {} at a normal rate",
                        answer.target().pressure().get(),
                        AxleSolver.psi(need),
                        days(days)),
                next.map(row -> Phrase.of(
                                "The next row, {}, leaves {}.",
                                row,
                                days(LossRate.daysToReach(row.psi(), need, LossRate.NORMAL_MONTHLY))))
                        .orElse(Phrase.of("No higher row is allowed: gauge it more often.")));
    }

    private static String days(long days) {
        return days == 1 ? "1 day" : days + " days";
    }

    private void note(Rule rule, Phrase says, Phrase because) {
        found.add(new Concern(Weight.NOTE, new Reason(rule, says, says, Phrase.of(""), because)));
    }

    private void add(Weight weight, Rule rule, Phrase says, Object figure, Object limit, Phrase because) {
        found.add(
                new Concern(weight, new Reason(rule, says, Phrase.of("{}", figure), Phrase.of("{}", limit), because)));
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
