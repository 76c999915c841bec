package rotagens.core.planning;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rotagens.core.alert.Alert;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judged;
import rotagens.core.inspection.Judgement;
import rotagens.core.inspection.SensorCheck;
import rotagens.core.inspection.TireClocks;
import rotagens.core.inspection.TireClocks.Clock;
import rotagens.core.inspection.TireJudge;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.Concern;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.WearPattern.Shape;

/**
 * Works out what falls due on a vehicle from its facts, the policy and the day. Each tire's replacement is due by its earliest
 * clock; alarms are due today; intervals run from the last good reading.
 */
public final class DueWork {

    /** Rules that, where they make something not known, say why there is no target. */
    private static final Set<Rule> WITHOUT_TARGET = EnumSet.of(
            Rule.PLACARD,
            Rule.PLACARD_EQUIVALENT,
            Rule.TARGET_VOID,
            Rule.PRESSURE_NEED,
            Rule.PRESSURE_MAXIMUM,
            Rule.LOAD_CAPACITY);

    private final VehicleState vehicle;
    private final Policy whole;
    private final Policy.ForClass policy;
    private final VehiclePressures pressures;
    private final LocalDate today;
    private final Map<String, DueItem> items = new LinkedHashMap<>();

    private DueWork(VehicleState vehicle, VehiclePressures pressures, Policy policy, LocalDate today) {
        this.vehicle = vehicle;
        this.whole = policy;
        this.policy = policy.of(vehicle.vehicle().vehicleClass());
        this.pressures = pressures;
        this.today = today;
    }

    /** Everything due by the forecast horizon, most urgent first. */
    public static List<DueItem> on(VehicleState vehicle, Policy policy, LocalDate today) {
        VehiclePressures pressures = vehicle.pressures(policy, today);
        return on(vehicle, TireJudge.judge(vehicle, pressures, policy, today), pressures, policy, today);
    }

    /** The same, for judgements and pressures already at hand. */
    public static List<DueItem> on(
            VehicleState vehicle,
            Map<Position, Judgement> judgements,
            VehiclePressures pressures,
            Policy policy,
            LocalDate today) {
        DueWork work = new DueWork(vehicle, pressures, policy, today);
        judgements.forEach((position, judgement) -> work.tire(vehicle.at(position), judgement));
        work.parked();
        work.corners();
        work.weighing();
        work.rotation();
        LocalDate horizon = today.plusDays(work.policy.days(PolicyNumber.FORECAST_DAYS));
        return work.shared(horizon);
    }

    private void tire(TireState state, Judgement judgement) {
        if (state.tire().isEmpty()) {
            judgement.reasons().forEach(judged -> add(DueKind.RECORD_TIRE, state, today, judged));
            return;
        }
        Map<DueKind, Judged> worst = new EnumMap<>(DueKind.class);
        for (Judged judged : judgement.reasons()) {
            workFor(judged).ifPresent(kind -> worst.putIfAbsent(kind, judged));
        }
        if (worst.containsKey(DueKind.INSPECT_DAMAGE)) {
            worst.remove(DueKind.SET_PRESSURE); // no air before somebody looked inside
        }
        worst.forEach((kind, judged) -> add(kind, state, since(kind, state, judged), judged));
        if (!worst.containsKey(DueKind.FIX_MATCH)) {
            TireClocks.of(vehicle, state, here(state), today).stream()
                    .findFirst()
                    .ifPresent(clock -> replacement(state, clock));
        }
        if (!worst.containsKey(DueKind.SET_PRESSURE) && !worst.containsKey(DueKind.INSPECT_DAMAGE)) {
            pressureCheck(state);
        }
        interval(
                DueKind.TREAD_INSPECTION, state, state.tread().map(TireState.Dated::on), PolicyNumber.TREAD_KNOWN_DAYS);
        TireClocks.inspectionDue(state, here(state))
                .ifPresent(
                        due -> add(DueKind.AGE_INSPECTION, state, due.date(), new Judged(Verdict.PLAN, due.reason())));
    }

    private Policy.ForClass here(TireState state) {
        return vehicle.policyAt(whole, state);
    }

    /** The work a reason asks for; empty for what a clock or an interval already brings. */
    private static Optional<DueKind> workFor(Judged judged) {
        Optional<DueKind> byFinding = judged.finding().map(DueWork::workFor);
        if (byFinding.isPresent()) {
            return byFinding;
        }
        if (judged.verdict() == Verdict.NOT_KNOWN
                && WITHOUT_TARGET.contains(judged.reason().rule())) {
            return Optional.of(DueKind.FIND_TARGET);
        }
        return switch (judged.reason().rule()) {
            case RUN_FLAT -> Optional.of(DueKind.INSPECT_DAMAGE);
            case PILOT_MATCH -> Optional.of(DueKind.CHANGE_WHEEL);
            case AXLE_MATCH, RETREAD_STEER, STEER_ALLOWED, RIM_MATCH -> Optional.of(DueKind.FIX_MATCH);
            case DUAL_DIAMETER, SPEED_RATING ->
                judged.verdict() == Verdict.DO_NOT_OPERATE ? Optional.of(DueKind.FIX_MATCH) : Optional.empty();
            case PRESSURE_TARGET, PRESSURE_MAXIMUM, PRESSURE_HOT, PRESSURE_EQUAL, PRESSURE_NEED ->
                Optional.of(DueKind.SET_PRESSURE);
            case LOSS -> Optional.of(DueKind.FIND_LEAK);
            case LOAD_CAPACITY, AXLE_RATING, WHEEL_RATING ->
                judged.verdict() == Verdict.DO_NOT_OPERATE ? Optional.of(DueKind.TAKE_LOAD_OFF) : Optional.empty();
            case WEAR_PATTERN ->
                judged.verdict() == Verdict.PLAN ? Optional.of(DueKind.MEND_WEAR_CAUSE) : Optional.empty();
            case DOT_DATE -> Optional.of(DueKind.READ_DOT);
            case SENSOR_BATTERY ->
                judged.verdict() == Verdict.PLAN ? Optional.of(DueKind.REPLACE_SENSOR) : Optional.empty();
            case DAMAGE,
                    GAUGE_CALIBRATED,
                    SIDEWALL_CRACK,
                    WEAR_BAR,
                    CURB_STRIKE,
                    SMALL_PARTS,
                    WHEEL_CONDITION,
                    DIRECTION,
                    TREAD_LIMIT,
                    TREAD_PULL,
                    TREAD_FORECAST,
                    TREAD_CURRENT,
                    PRESSURE_CURRENT,
                    AGE_OVERALL,
                    AGE_STEER,
                    AGE_INSPECTION,
                    PARKED,
                    PATTERN_MATCH,
                    TREAD_MATCH,
                    WHEEL_DATA,
                    ROTATION,
                    SIDEWALL_AGREES,
                    DELIVERY_MATCHES,
                    DELIVERY_AGE,
                    WEIGHED,
                    PLACARD,
                    PLACARD_EQUIVALENT,
                    TARGET_VOID,
                    RATED_LOAD,
                    CONTACT_TRIM,
                    ESTIMATE,
                    SLIP_CURRENT,
                    SLIP_ADDS_UP,
                    IMBALANCE,
                    WARNING_THRESHOLD,
                    CORNERS,
                    CHART -> Optional.empty();
        };
    }

    private static DueKind workFor(Finding finding) {
        return switch (finding.clearedBy()) {
            case PROFESSIONAL -> DueKind.INSPECT_DAMAGE;
            case PUT_RIGHT -> DueKind.PUT_RIGHT;
            case TIRE_OFF -> DueKind.REPLACE;
        };
    }

    /** Alarms are due today. Only worn shapes are due since the reading that showed them, batteries on their own day. */
    private LocalDate since(DueKind kind, TireState state, Judged judged) {
        boolean shocksToday = judged.reason().rule() == Rule.WEAR_PATTERN
                && state.open().stream()
                        .anyMatch(open -> open.finding()
                                .wearShape()
                                .filter(Shape.CUPPING::equals)
                                .isPresent());
        if (kind == DueKind.REPLACE_SENSOR) {
            return TireClocks.sensor(vehicle.vehicle(), state.position(), here(state), today)
                    .map(Clock::date)
                    .orElse(today);
        }
        if (kind != DueKind.MEND_WEAR_CAUSE || shocksToday) {
            return today;
        }
        return state.tread().map(TireState.Dated::on).orElse(today);
    }

    private void replacement(TireState state, Clock clock) {
        boolean passed = !clock.date().isAfter(today);
        Verdict urgency = passed && (clock.rule() == Rule.AGE_OVERALL || clock.rule() == Rule.TREAD_LIMIT)
                ? Verdict.DO_NOT_OPERATE
                : Verdict.PLAN;
        add(new DueItem(
                DueKind.REPLACE,
                List.of(state.position()),
                clock.date(),
                urgency,
                clock.reason(),
                passed ? Optional.empty() : clock.range()));
    }

    /** Due when the tire would reach what its load needs at its own rate, and by the interval at the latest. */
    private void pressureCheck(TireState state) {
        Optional<Alert> suspected = state.alerts().open(AlertKind.SUSPECTED_LEAK);
        if (suspected.isPresent() && state.lastCold().isPresent()) {
            LocalDate again = state.lastCold().get().on().plusDays(here(state).days(PolicyNumber.SUSPECTED_LEAK_DAYS));
            add(
                    DueKind.PRESSURE_CHECK,
                    state,
                    again,
                    new Judged(
                            Verdict.PLAN,
                            Reason.of(
                                    Rule.LOSS,
                                    suspected.get().says(),
                                    Phrase.of("{}", suspected.get().limit().orElseThrow()),
                                    Phrase.of("5 %"),
                                    "A drop too quick to be called normal: gauge it again, and look for the leak.")));
            return;
        }
        PolicyNumber every = pressures.checkEvery();
        Optional<Reading> cold = state.lastCold();
        Optional<Double> need = pressures.at(state.position()).flatMap(AxleAnswer::needPsi);
        if (cold.isEmpty() || need.isEmpty()) {
            interval(DueKind.PRESSURE_CHECK, state, cold.map(Reading::on), every);
            return;
        }
        Reading last = cold.get();
        NextCheck next = NextCheck.of(
                last.pressure().orElseThrow().psi(),
                last.on(),
                need,
                state.loss().expected(),
                here(state).days(every));
        if (next.due().equals(last.on().plusDays(here(state).days(every)))) {
            interval(DueKind.PRESSURE_CHECK, state, Optional.of(last.on()), every);
            return;
        }
        Pressure needed = Pressure.psi(Math.round(need.get() * 10) / 10.0);
        add(
                DueKind.PRESSURE_CHECK,
                state,
                next.due(),
                new Judged(
                        Verdict.NOT_KNOWN,
                        Reason.of(
                                Rule.PRESSURE_NEED,
                                Phrase.of(
                                        "{} on {} reaches {}, what the load needs, on {}",
                                        last.pressure().get(),
                                        last.on(),
                                        needed,
                                        next.due()),
                                Phrase.of("{}", last.pressure().get()),
                                Phrase.of("{}", needed),
                                "At its own rate of loss, or 5 % a month where that isn’t known.")));
    }

    /** Due from the day the dash came in doubt, whatever job is taken off the plan: only proof ends it. */
    private void corners() {
        vehicle.corners()
                .ifPresent(alert -> add(new DueItem(
                        DueKind.RELEARN, List.of(), alert.since(), Verdict.PLAN, SensorCheck.reason(alert))));
    }

    /** Yearly, and wherever the placard alone doesn't do: over 10,000 lb or on another size than the placard's. */
    private void weighing() {
        int months = policy.days(PolicyNumber.SLIP_MONTHS);
        Optional<rotagens.core.weighing.Slip> newest =
                vehicle.facts().slips().stream().findFirst();
        boolean underRated = pressures.axles().values().stream()
                .flatMap(axle -> axle.concerns().stream())
                .anyMatch(concern -> concern.weight() == Concern.Weight.PLAN
                        && concern.reason().rule() == Rule.AXLE_RATING);
        boolean needed = underRated
                || !vehicle.vehicle().isLight()
                || pressures.axles().values().stream()
                        .anyMatch(axle -> axle.tires().stream()
                                .anyMatch(tire -> Optional.ofNullable(
                                                vehicle.vehicle().placards().get(axle.axle()))
                                        .filter(placard -> !placard.size()
                                                .molded()
                                                .equals(tire.size().molded()))
                                        .isPresent()));
        if (newest.isEmpty() && !needed) {
            return;
        }
        Optional<String> old = pressures.axles().values().stream()
                .flatMap(axle -> axle.load().stream())
                .flatMap(load -> load.old().stream())
                .findFirst();
        LocalDate due = newest.isEmpty() || old.isPresent() || underRated
                ? today
                : newest.get().on().plusMonths(months);
        Reason reason = Reason.of(
                Rule.SLIP_CURRENT,
                newest.map(slip -> old.map(why -> Phrase.of("Weighed {}: {}", slip.on(), why))
                                .orElse(Phrase.of("Weighed {}, every {} months", slip.on(), months)))
                        .orElse(Phrase.of("Never weighed")),
                newest.map(slip -> Phrase.of("{}", slip.on())).orElse(Phrase.of("never")),
                Phrase.of("{} months", months),
                "What the tires carry decides what they need. Weigh it as it travels, each wheel end if you can.");
        add(new DueItem(DueKind.WEIGH, List.of(), due, Verdict.NOT_KNOWN, reason));
    }

    /** By months or miles since a tire last changed places here, where the fleet's policy sets a schedule. */
    private void rotation() {
        Optional<LocalDate> last = vehicle.tires().values().stream()
                .filter(state -> state.position() instanceof Position.OnAxle)
                .flatMap(state -> state.tire().stream())
                .flatMap(tire -> tire.fittedOn().stream())
                .max(LocalDate::compareTo);
        int months = policy.days(PolicyNumber.ROTATION_MONTHS);
        double miles = policy.number(PolicyNumber.ROTATION_MILES);
        boolean byMonths = months < PolicyNumber.ROTATION_MONTHS.byDefault();
        boolean byMiles = miles < PolicyNumber.ROTATION_MILES.byDefault()
                && vehicle.vehicle().milesPerDay().orElse(0) > 0;
        if (last.isEmpty() || !byMonths && !byMiles) {
            return;
        }
        LocalDate inMonths = last.get().plusMonths(months);
        LocalDate inMiles = byMiles
                ? last.get().plusDays((long)
                        (miles / vehicle.vehicle().milesPerDay().getAsDouble()))
                : LocalDate.MAX;
        boolean milesFirst = !byMonths || inMiles.isBefore(inMonths);
        LocalDate due = milesFirst ? inMiles : inMonths;
        Phrase every = milesFirst
                ? Phrase.of("{}", rotagens.core.measure.Distance.miles(Math.round(miles)))
                : Phrase.of("{} months", months);
        Reason reason = Reason.of(
                Rule.ROTATION,
                Phrase.of("Tires last changed places {}, every {}", last.get(), every),
                Phrase.of("{}", last.get()),
                every,
                "Even wear takes turns: propose a rotation, and decide which tire goes where.");
        add(new DueItem(DueKind.ROTATE, List.of(), due, Verdict.FIT, reason));
    }

    private void interval(DueKind kind, TireState state, Optional<LocalDate> last, PolicyNumber everyDays) {
        int days = here(state).days(everyDays);
        Rule rule = kind == DueKind.TREAD_INSPECTION ? Rule.TREAD_CURRENT : Rule.PRESSURE_CURRENT;
        String noSensor =
                everyDays == PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR ? " No working sensor warns here." : "";
        Reason reason = Reason.of(
                rule,
                last.map(on -> Phrase.of("Last read {}, every {} days", on, days))
                        .orElse(Phrase.of("Never read, every {} days", days)),
                last.map(on -> Phrase.of("{}", on)).orElse(Phrase.of("never")),
                Phrase.of("{} days", days),
                "A good reading grows old." + noSensor);
        add(kind, state, last.map(on -> on.plusDays(days)).orElse(today), new Judged(Verdict.NOT_KNOWN, reason));
    }

    private void parked() {
        vehicle.vehicle().parkedSince().ifPresent(since -> {
            int days = policy.days(PolicyNumber.PARKED_DAYS);
            Reason reason = Reason.of(
                    Rule.PARKED,
                    Phrase.of("Parked since {}, move it every {} days", since, days),
                    Phrase.of("{}", since),
                    Phrase.of("{} days", days),
                    vehicle.vehicle().outdoors()
                            ? "Tires that stand age faster than tires that roll, and this one stands in the open: move it, and cover its tires against sun and ozone."
                            : "Tires that stand age faster than tires that roll. Outside they would need covers against sun and ozone.");
            add(new DueItem(DueKind.MOVE_VEHICLE, List.of(), since.plusDays(days), Verdict.WATCH, reason));
        });
    }

    private void add(DueKind kind, TireState state, LocalDate due, Judged judged) {
        add(new DueItem(kind, List.of(state.position()), due, judged.verdict(), judged.reason()));
    }

    /** Nothing is due twice: of two grounds for the same work the worse one speaks, and the earlier day counts. */
    private void add(DueItem item) {
        items.merge(item.key(), item, (first, next) -> {
            DueItem worse = next.urgency().compareTo(first.urgency()) > 0 ? next : first;
            LocalDate earlier = next.due().isBefore(first.due()) ? next.due() : first.due();
            return new DueItem(
                    worse.kind(), worse.positions(), earlier, worse.urgency(), worse.reason(), worse.range());
        });
    }

    /** One line for tires that share work, day and reason, as far as the horizon reaches. */
    private List<DueItem> shared(LocalDate horizon) {
        record Same(DueKind kind, LocalDate due, Phrase says) {}
        Map<Same, DueItem> lines = new LinkedHashMap<>();
        for (DueItem item : items.values()) {
            if (item.due().isAfter(horizon)) {
                continue;
            }
            lines.merge(
                    new Same(item.kind(), item.due(), item.reason().says()),
                    item,
                    (first, next) -> new DueItem(
                            first.kind(),
                            Stream.concat(first.positions().stream(), next.positions().stream())
                                    .distinct()
                                    .toList(),
                            first.due(),
                            first.urgency().compareTo(next.urgency()) >= 0 ? first.urgency() : next.urgency(),
                            first.reason(),
                            first.range()));
        }
        return lines.values().stream().sorted(DueItem.MOST_URGENT_FIRST).toList();
    }
}
