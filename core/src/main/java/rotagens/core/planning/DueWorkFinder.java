package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Comparator;
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
import rotagens.core.alert.SuspensionAlert;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.LimitDates.LimitDate;
import rotagens.core.inspection.SensorBattery;
import rotagens.core.inspection.SensorCheck;
import rotagens.core.inspection.SuspensionCheck;
import rotagens.core.inspection.TireAssessor;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.Notice;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.WearPattern.Shape;

/**
 * Works out what falls due on a vehicle from its facts, the policy and the day. Each tire's replacement is due by its earliest
 * clock; alarms are due today; intervals run from the last good reading.
 */
public final class DueWorkFinder {

    /** Rules that, where they make something not known, say why there is no target. */
    private static final Set<Rule> WITHOUT_TARGET = EnumSet.of(
            Rule.PLACARD,
            Rule.PLACARD_EQUIVALENT,
            Rule.TARGET_OUTDATED,
            Rule.MINIMUM_FOR_LOAD,
            Rule.PRESSURE_MAXIMUM,
            Rule.LOAD_CAPACITY);

    private final VehicleState vehicle;
    private final Policy whole;
    private final Policy.ClassPolicy policy;
    private final VehiclePressures pressures;
    private final LocalDate today;
    private final Map<String, DueItem> items = new LinkedHashMap<>();

    private DueWorkFinder(VehicleState vehicle, VehiclePressures pressures, Policy policy, LocalDate today) {
        this.vehicle = vehicle;
        this.whole = policy;
        this.policy = policy.of(vehicle.vehicle().vehicleClass());
        this.pressures = pressures;
        this.today = today;
    }

    /**
     * Everything due by the forecast horizon, most urgent first.
     *
     * @param vehicle the vehicle as it is on that day
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return each with its day, urgency and reason
     */
    public static List<DueItem> on(VehicleState vehicle, Policy policy, LocalDate today) {
        VehiclePressures pressures = vehicle.pressures(policy, today);
        return on(vehicle, TireAssessor.judge(vehicle, pressures, policy, today), pressures, policy, today);
    }

    /**
     * The same, for judgements and pressures already at hand.
     *
     * @param vehicle the vehicle as it is on that day
     * @param assessments of its tires
     * @param pressures its pressures, worked out once
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return each with its day, urgency and reason
     */
    public static List<DueItem> on(
            VehicleState vehicle,
            Map<Position, Assessment> assessments,
            VehiclePressures pressures,
            Policy policy,
            LocalDate today) {
        DueWorkFinder work = new DueWorkFinder(vehicle, pressures, policy, today);
        assessments.forEach((position, assessment) -> work.tire(vehicle.at(position), assessment));
        work.parked();
        work.corners();
        work.suspension();
        work.weighing();
        work.rotation();
        LocalDate horizon = today.plusDays(work.policy.days(PolicyNumber.FORECAST_DAYS));
        return work.shared(horizon);
    }

    private void tire(TireState state, Assessment assessment) {
        if (state.tire().isEmpty()) {
            assessment.reasons().forEach(verdictReason -> add(WorkType.RECORD_TIRE, state, today, verdictReason));
            return;
        }
        Map<WorkType, VerdictReason> worst = new EnumMap<>(WorkType.class);
        for (VerdictReason verdictReason : assessment.reasons()) {
            workFor(verdictReason).ifPresent(kind -> worst.putIfAbsent(kind, verdictReason));
        }
        if (worst.containsKey(WorkType.INSPECT_DAMAGE)) {
            worst.remove(WorkType.SET_PRESSURE); // no air before somebody looked inside
        }
        worst.forEach((kind, verdictReason) -> add(kind, state, since(kind, state, verdictReason), verdictReason));
        if (!worst.containsKey(WorkType.CORRECT_MISMATCH)) {
            LimitDates.of(vehicle, state, here(state), today).stream()
                    .findFirst()
                    .ifPresent(limitDate -> replacement(state, limitDate));
        }
        if (!worst.containsKey(WorkType.SET_PRESSURE) && !worst.containsKey(WorkType.INSPECT_DAMAGE)) {
            pressureCheck(state);
        }
        interval(
                WorkType.TREAD_INSPECTION,
                state,
                state.tread().map(TireState.Dated::on),
                PolicyNumber.TREAD_VALID_DAYS);
        LimitDates.inspectionDue(state, here(state))
                .ifPresent(due -> add(
                        WorkType.AGE_INSPECTION,
                        state,
                        due.date(),
                        new VerdictReason(Verdict.SERVICE_DUE, due.reason())));
    }

    private Policy.ClassPolicy here(TireState state) {
        return vehicle.policyAt(whole, state);
    }

    /** The work a reason asks for; empty for what a clock or an interval already brings. */
    private static Optional<WorkType> workFor(VerdictReason verdictReason) {
        Optional<WorkType> byFinding = verdictReason.finding().map(DueWorkFinder::workFor);
        if (byFinding.isPresent()) {
            return byFinding;
        }
        if (verdictReason.verdict() == Verdict.UNKNOWN
                && WITHOUT_TARGET.contains(verdictReason.reason().rule())) {
            return Optional.of(WorkType.DERIVE_TARGET);
        }
        return switch (verdictReason.reason().rule()) {
            case RUN_FLAT -> Optional.of(WorkType.INSPECT_DAMAGE);
            case PILOT_MATCH -> Optional.of(WorkType.REPLACE_WHEEL);
            case AXLE_MATCH, RETREAD_STEER, STEER_ALLOWED, TRAILER_TIRE, RIM_MATCH ->
                Optional.of(WorkType.CORRECT_MISMATCH);
            case DUAL_DIAMETER, SPEED_RATING ->
                verdictReason.verdict() == Verdict.DO_NOT_OPERATE
                        ? Optional.of(WorkType.CORRECT_MISMATCH)
                        : Optional.empty();
            case PRESSURE_TARGET, PRESSURE_MAXIMUM, PRESSURE_HOT, PRESSURE_EQUAL, MINIMUM_FOR_LOAD ->
                Optional.of(WorkType.SET_PRESSURE);
            case PRESSURE_LOSS -> Optional.of(WorkType.FIND_LEAK);
            case LOAD_CAPACITY, AXLE_RATING, WHEEL_RATING ->
                verdictReason.verdict() == Verdict.DO_NOT_OPERATE
                        ? Optional.of(WorkType.REDUCE_LOAD)
                        : Optional.empty();
            case WEAR_PATTERN ->
                verdictReason.verdict() == Verdict.SERVICE_DUE
                        ? Optional.of(WorkType.CORRECT_WEAR_CAUSE)
                        : Optional.empty();
            case DOT_DATE -> Optional.of(WorkType.READ_DOT);
            case SENSOR_BATTERY ->
                verdictReason.verdict() == Verdict.SERVICE_DUE
                        ? Optional.of(WorkType.REPLACE_SENSOR)
                        : Optional.empty();
            case DAMAGE,
                    SENSOR_SILENT,
                    GAUGE_CALIBRATED,
                    SIDEWALL_CRACK,
                    WEAR_BAR,
                    CURB_STRIKE,
                    SMALL_PARTS,
                    WHEEL_CONDITION,
                    DIRECTIONAL,
                    TREAD_LIMIT,
                    PULL_POINT,
                    TREAD_FORECAST,
                    TREAD_CURRENT,
                    PRESSURE_CURRENT,
                    AGE_OVERALL,
                    AGE_STEER,
                    AGE_INSPECTION,
                    PARKED_VEHICLE,
                    PATTERN_MATCH,
                    TREAD_MATCH,
                    WHEEL_DATA,
                    ROTATION,
                    SIDEWALL_AGREES,
                    DELIVERY_MATCHES,
                    DELIVERY_AGE,
                    WEIGHED_LOAD,
                    PLACARD,
                    PLACARD_EQUIVALENT,
                    TARGET_OUTDATED,
                    RATED_LOAD,
                    CHALK_TEST,
                    ESTIMATE,
                    WEIGHTS_CURRENT,
                    SCALE_TICKET_ADDS_UP,
                    SIDE_DIFFERENCE,
                    WARNING_THRESHOLD,
                    CORNERS,
                    SUSPENSION_LIMIT,
                    CHART_VALID -> Optional.empty();
        };
    }

    private static WorkType workFor(Finding finding) {
        return switch (finding.clearedBy()) {
            case PROFESSIONAL -> WorkType.INSPECT_DAMAGE;
            case FIXED -> WorkType.FIX_DEFECT;
            case TIRE_REMOVED -> WorkType.REPLACE;
        };
    }

    /** Alarms are due today. Only worn shapes are due since the reading that showed them, batteries on their own day. */
    private LocalDate since(WorkType kind, TireState state, VerdictReason verdictReason) {
        boolean shocksToday = verdictReason.reason().rule() == Rule.WEAR_PATTERN
                && state.open().stream()
                        .anyMatch(open -> open.finding()
                                .wearShape()
                                .filter(Shape.CUPPING::equals)
                                .isPresent());
        if (kind == WorkType.REPLACE_SENSOR) {
            return SensorBattery.overdue(vehicle.vehicle(), state.position(), here(state), today)
                    .map(LimitDate::date)
                    .orElse(today);
        }
        if (kind != WorkType.CORRECT_WEAR_CAUSE || shocksToday) {
            return today;
        }
        return state.tread().map(TireState.Dated::on).orElse(today);
    }

    private void replacement(TireState state, LimitDate limitDate) {
        boolean passed = !limitDate.date().isAfter(today);
        Verdict urgency = passed && (limitDate.rule() == Rule.AGE_OVERALL || limitDate.rule() == Rule.TREAD_LIMIT)
                ? Verdict.DO_NOT_OPERATE
                : Verdict.SERVICE_DUE;
        add(new DueItem(
                WorkType.REPLACE,
                List.of(state.position()),
                limitDate.date(),
                urgency,
                limitDate.reason(),
                passed ? Optional.empty() : limitDate.range()));
    }

    /** Due when the tire would reach what its load needs at its own rate, and by the interval at the latest. */
    private void pressureCheck(TireState state) {
        Optional<Alert> suspected = state.alerts().open(AlertKind.SUSPECTED_LEAK);
        if (suspected.isPresent() && state.lastCold().isPresent()) {
            LocalDate again = state.lastCold().get().on().plusDays(here(state).days(PolicyNumber.SUSPECTED_LEAK_DAYS));
            add(
                    WorkType.PRESSURE_CHECK,
                    state,
                    again,
                    new VerdictReason(
                            Verdict.SERVICE_DUE,
                            Reason.of(
                                    Rule.PRESSURE_LOSS,
                                    suspected.get().statement(),
                                    suspected
                                            .get()
                                            .limit()
                                            .map(read -> Message.of("{}", read))
                                            .orElse(WORDS.message("fast")),
                                    Message.of("5%"),
                                    WORDS.say("dropTooQuick"))));
            return;
        }
        PolicyNumber every = pressures.checkIntervalDays();
        Optional<Reading> cold = state.lastCold();
        Optional<Double> need = pressures.at(state.position()).flatMap(AxlePressure::minimumForLoadPsi);
        if (cold.isEmpty() || need.isEmpty()) {
            interval(WorkType.PRESSURE_CHECK, state, cold.map(Reading::on), every);
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
            interval(WorkType.PRESSURE_CHECK, state, Optional.of(last.on()), every);
            return;
        }
        Pressure needed = Pressure.psi(Math.round(need.get() * 10) / 10.0);
        add(
                WorkType.PRESSURE_CHECK,
                state,
                next.due(),
                new VerdictReason(
                        Verdict.UNKNOWN,
                        Reason.of(
                                Rule.MINIMUM_FOR_LOAD,
                                WORDS.message(
                                        "onWillReachTheMinimum",
                                        "pressure",
                                        last.pressure().get(),
                                        "on",
                                        last.on(),
                                        "needed",
                                        needed,
                                        "due",
                                        next.due()),
                                Message.of("{}", last.pressure().get()),
                                Message.of("{}", needed),
                                WORDS.say("atItsOwnRate"))));
    }

    /** Due from the day the dash came in doubt, whatever job is taken off the plan: only proof ends it. */
    private void corners() {
        vehicle.corners()
                .ifPresent(alert -> add(new DueItem(
                        WorkType.RELEARN, List.of(), alert.since(), Verdict.SERVICE_DUE, SensorCheck.reason(alert))));
    }

    /** Due from the day of the figure: alignment is work of its own, everything else is worn or bent and repaired first. */
    private void suspension() {
        for (WorkType kind : List.of(WorkType.REPAIR_SUSPENSION, WorkType.ALIGN)) {
            vehicle.suspension().stream()
                    .filter(alert -> SignOff.ends(kind, alert.fact().kind()))
                    .max(Comparator.<SuspensionAlert, Verdict>comparing(
                                    alert -> alert.fact().verdict())
                            .thenComparing(SuspensionAlert::since, Comparator.reverseOrder()))
                    .ifPresent(worst -> add(new DueItem(
                            kind, List.of(), worst.since(), worst.fact().verdict(), SuspensionCheck.reason(worst))));
        }
    }

    /** Yearly, and wherever the placard alone doesn't do: over 10,000 lb or on another size than the placard's. */
    private void weighing() {
        int months = policy.days(PolicyNumber.SCALE_TICKET_MONTHS);
        Optional<rotagens.core.weighing.ScaleTicket> newest =
                vehicle.facts().scaleTickets().stream().findFirst();
        boolean underRated = pressures.axles().values().stream()
                .flatMap(axle -> axle.notices().stream())
                .anyMatch(notice -> notice.severity() == Notice.Severity.SERVICE_DUE
                        && notice.reason().rule() == Rule.AXLE_RATING);
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
                .flatMap(load -> load.outdatedReason().stream())
                .findFirst();
        LocalDate due = newest.isEmpty() || old.isPresent() || underRated
                ? today
                : newest.get().on().plusMonths(months);
        Reason reason = Reason.of(
                Rule.WEIGHTS_CURRENT,
                newest.map(scaleTicket -> old.map(why -> WORDS.message("weighed", "on", scaleTicket.on(), "why", why))
                                .orElse(WORDS.message("weighedEveryMonths", "on", scaleTicket.on(), "months", months)))
                        .orElse(WORDS.message("neverWeighed")),
                newest.map(scaleTicket -> Message.of("{}", scaleTicket.on())).orElse(WORDS.message("never")),
                WORDS.message("months", "months", months),
                WORDS.say("whatTheTiresCarryDecides"));
        add(new DueItem(WorkType.WEIGH, List.of(), due, Verdict.UNKNOWN, reason));
    }

    /** By months or miles since a tire last changed places here, where the fleet's policy sets a schedule. */
    private void rotation() {
        Optional<LocalDate> last = vehicle.tires().values().stream()
                .filter(state -> state.position() instanceof Position.OnAxle)
                .flatMap(state -> state.tire().stream())
                .flatMap(tire -> tire.installedOn().stream())
                .max(LocalDate::compareTo);
        int months = policy.days(PolicyNumber.ROTATION_MONTHS);
        double miles = policy.number(PolicyNumber.ROTATION_MILES);
        boolean byMonths = months < PolicyNumber.ROTATION_MONTHS.defaultValue();
        boolean byMiles = miles < PolicyNumber.ROTATION_MILES.defaultValue()
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
        Message every = milesFirst
                ? Message.of("{}", rotagens.core.measure.Distance.miles(Math.round(miles)))
                : WORDS.message("months", "months", months);
        Reason reason = Reason.of(
                Rule.ROTATION,
                WORDS.message("tiresLastChangedPlacesEvery", "last", last.get(), "every", every),
                Message.of("{}", last.get()),
                every,
                WORDS.say("evenWearTakesTurnsPropose"));
        add(new DueItem(WorkType.ROTATE, List.of(), due, Verdict.GOOD, reason));
    }

    private void interval(WorkType kind, TireState state, Optional<LocalDate> last, PolicyNumber everyDays) {
        int days = here(state).days(everyDays);
        Rule rule = kind == WorkType.TREAD_INSPECTION ? Rule.TREAD_CURRENT : Rule.PRESSURE_CURRENT;
        String noSensor =
                everyDays == PolicyNumber.PRESSURE_CHECK_DAYS_NO_SENSOR ? WORDS.say("noWorkingSensorWarnsHere") : "";
        Reason reason = Reason.of(
                rule,
                last.map(on -> WORDS.message("lastReadEveryDays", "on", on, "days", days))
                        .orElse(WORDS.message("neverReadEveryDays", "days", days)),
                last.map(on -> Message.of("{}", on)).orElse(WORDS.message("never")),
                WORDS.message("days", "days", days),
                WORDS.say("goodReadingExpires", "noSensor", noSensor));
        add(kind, state, last.map(on -> on.plusDays(days)).orElse(today), new VerdictReason(Verdict.UNKNOWN, reason));
    }

    private void parked() {
        vehicle.vehicle().parkedSince().ifPresent(since -> {
            int days = policy.days(PolicyNumber.PARKED_DAYS);
            Reason reason = Reason.of(
                    Rule.PARKED_VEHICLE,
                    WORDS.message("parkedSinceMoveItEvery", "since", since, "days", days),
                    Message.of("{}", since),
                    WORDS.message("days", "days", days),
                    vehicle.vehicle().isParkedOutdoors()
                            ? WORDS.say("tiresOfAParkedVehicle2")
                            : WORDS.say("tiresOfAParkedVehicle3"));
            add(new DueItem(WorkType.MOVE_VEHICLE, List.of(), since.plusDays(days), Verdict.WATCH, reason));
        });
    }

    private void add(WorkType kind, TireState state, LocalDate due, VerdictReason verdictReason) {
        add(new DueItem(kind, List.of(state.position()), due, verdictReason.verdict(), verdictReason.reason()));
    }

    /**
     * Nothing is due twice. Of two grounds for the same work one speaks, with its own day: the one that stops the vehicle, else
     * the one that comes first. The other only adds how bad waiting is.
     */
    private void add(DueItem item) {
        items.merge(item.key(), item, (first, next) -> {
            DueItem speaks = SPEAKS_FIRST.compare(first, next) <= 0 ? first : next;
            Verdict worse = first.urgency().compareTo(next.urgency()) >= 0 ? first.urgency() : next.urgency();
            return new DueItem(
                    speaks.workType(), speaks.positions(), speaks.due(), worse, speaks.reason(), speaks.range());
        });
    }

    private static final Comparator<DueItem> SPEAKS_FIRST = Comparator.comparing(
                    (DueItem item) -> item.urgency() != Verdict.DO_NOT_OPERATE)
            .thenComparing(DueItem::due)
            .thenComparing(DueItem::urgency, Comparator.reverseOrder());

    /** One line for tires that share work, day and reason, as far as the horizon reaches. */
    private List<DueItem> shared(LocalDate horizon) {
        record Same(WorkType kind, LocalDate due, Message says) {}
        Map<Same, DueItem> lines = new LinkedHashMap<>();
        for (DueItem item : items.values()) {
            if (item.due().isAfter(horizon)) {
                continue;
            }
            lines.merge(
                    new Same(item.workType(), item.due(), item.reason().statement()),
                    item,
                    (first, next) -> new DueItem(
                            first.workType(),
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
