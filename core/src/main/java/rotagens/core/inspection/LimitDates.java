package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireState.Dated;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.WearRate;

/** All clocks of a tire, from this one place: tread, age, steer age, the yearly inspection, and its sensor; the earliest counts. */
public final class LimitDates {

    /**
     * One clock.
     *
     * @param date when it runs out; for a forecast the likely day
     * @param range of a forecast; empty where the day is certain
     */
    public record LimitDate(Rule rule, LocalDate date, Reason reason, Optional<DateRange> range) {

        /**
         * A date that rests on one figure alone.
         *
         * @param rule the rule that sets it
         * @param date the day it is reached
         * @param reason why that day
         */
        public LimitDate(Rule rule, LocalDate date, Reason reason) {
            this(rule, date, reason, Optional.empty());
        }
    }

    /**
     * Between which days a forecast lies.
     *
     * @param latest empty where the readings are too few to say
     */
    public record DateRange(LocalDate earliest, Optional<LocalDate> latest) {}

    private static final String OVERALL_MEANS = WORDS.say("treadNeverMasksAge");
    private static final String SPARE_MEANS = WORDS.say("spareAgesUnseen");
    private static final String STEER_MEANS = WORDS.say("moveItBackFromSteer");

    private LimitDates() {}

    /**
     * All clocks that can be told for a tire, earliest first.
     *
     * @param vehicle the vehicle as it is on that day
     * @param state the tire there, with what is on record about it
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return age, tread and the bound of a wear bar, each with its day and its reason
     */
    public static List<LimitDate> of(
            VehicleState vehicle, TireState state, Policy.ClassPolicy policy, LocalDate today) {
        List<LimitDate> limitDates = new ArrayList<>(age(vehicle.vehicle(), state, policy, today));
        TreadLimits limits = TreadLimits.at(vehicle.vehicle(), state.position(), policy);
        treadReached(state, limits)
                .or(() -> treadPull(vehicle, state, limits, today))
                .ifPresent(limitDates::add);
        boundReached(state, limits).ifPresent(limitDates::add);
        limitDates.sort(java.util.Comparator.comparing(LimitDate::date));
        return limitDates;
    }

    /**
     * What asks for work at a tire's place first: damage that takes it off the road today, else the earliest of its clocks and
     * its sensor's battery. Empty where none is known.
     *
     * @param vehicle the vehicle as it is on that day
     * @param state the tire there, with what is on record about it
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return the first of them
     */
    public static Optional<LimitDate> nextLimit(
            VehicleState vehicle, TireState state, Policy.ClassPolicy policy, LocalDate today) {
        return state.open().stream()
                .filter(open -> open.finding().verdict() == Verdict.DO_NOT_OPERATE
                        && open.finding().clearedBy() != Finding.ClearedBy.FIXED)
                .min(java.util.Comparator.comparing(OpenFinding::on))
                .map(open -> new LimitDate(
                        open.finding().rule(),
                        today,
                        Reason.of(
                                open.finding().rule(),
                                WORDS.message("seenBy", "open", open.label(), "on", open.on(), "by", open.by()),
                                Message.of(open.label()),
                                Message.of(""),
                                open.finding().explanation())))
                .or(() -> java.util.stream.Stream.concat(
                                of(vehicle, state, policy, today).stream(),
                                SensorBattery.overdue(vehicle.vehicle(), state.position(), policy, today).stream())
                        .min(java.util.Comparator.comparing(LimitDate::date)));
    }

    /**
     * The nearest age limit at a position, in years: the overall one or, on heavy steer axles, the steer limit if lower.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @param policy the fleet's policy
     * @return years from the week it was made
     */
    public static double ageLimitYears(Vehicle vehicle, Position position, Policy.ClassPolicy policy) {
        double overall = policy.number(PolicyNumber.OVERALL_AGE);
        return hasSteerLimit(vehicle, position) ? Math.min(overall, policy.number(PolicyNumber.STEER_AGE)) : overall;
    }

    /**
     * Whether the steer age counts at a position: on steer axles over 10,000 lb.
     *
     * @param vehicle the vehicle as it is on that day
     * @param position the position
     * @return false for a spare and on light vehicles
     */
    public static boolean hasSteerLimit(Vehicle vehicle, Position position) {
        return !vehicle.isLight() && vehicle.layout().isSteer(position);
    }

    /** The overall age limit and, on heavy steer axles, the steer age limit. */
    static List<LimitDate> age(Vehicle vehicle, TireState state, Policy.ClassPolicy policy, LocalDate today) {
        Optional<DotWeek> made = state.tire().flatMap(tire -> tire.dotWeek());
        if (made.isEmpty()) {
            return List.of();
        }
        List<LimitDate> limitDates = new ArrayList<>();
        boolean spare = state.position() instanceof Position.Spare;
        limitDates.add(ageClock(
                Rule.AGE_OVERALL,
                spare ? WORDS.say("overallLimitOfASpare") : WORDS.say("overallLimit"),
                made.get(),
                policy.inForce(PolicyNumber.OVERALL_AGE),
                spare ? SPARE_MEANS : OVERALL_MEANS,
                today));
        if (hasSteerLimit(vehicle, state.position())) {
            limitDates.add(ageClock(
                    Rule.AGE_STEER,
                    WORDS.say("steerLimit"),
                    made.get(),
                    policy.inForce(PolicyNumber.STEER_AGE),
                    STEER_MEANS,
                    today));
        }
        return limitDates;
    }

    private static LimitDate ageClock(
            Rule rule, String name, DotWeek made, Policy.EffectiveSetting limit, String means, LocalDate today) {
        LocalDate reached = made.reaches(limit.value());
        String years = plain(limit.value());
        boolean passed = !reached.isAfter(today);
        boolean nearToday = DotWeek.isWithinItsWeek(reached, today);
        Message says = WORDS.message(
                "ageAgainstItsLimit",
                "isExact",
                made.isExact(),
                "passed",
                passed,
                "ageYears",
                String.format(java.util.Locale.ROOT, "%.1f", Math.floor(made.ageYears(today) * 10) / 10),
                "name",
                name,
                "years",
                years,
                "reached",
                reached,
                "nearToday",
                nearToday);
        return new LimitDate(
                rule,
                reached,
                new Reason(
                        rule,
                        says,
                        WORDS.message(
                                "dotY",
                                "marked",
                                made.marked(),
                                "ageYears",
                                String.format(
                                        java.util.Locale.ROOT, "%.1f", Math.floor(made.ageYears(today) * 10) / 10)),
                        Message.of("{} y", years),
                        made.isExact()
                                ? WORDS.message("setBy", "setBy", limit.setBy(), "means", means)
                                : WORDS.message(
                                        "dotSet",
                                        "marked",
                                        made.marked(),
                                        "doubt",
                                        made.doubt(),
                                        "setBy",
                                        limit.setBy(),
                                        "means",
                                        means)));
    }

    /** The pull point already reached by the gauge: due since the reading. */
    private static Optional<LimitDate> treadReached(TireState state, TreadLimits limits) {
        return state.standingDepth()
                .filter(known -> known.value().compareTo(limits.pull()) <= 0)
                .map(known -> reached(
                        Message.of("{}", known.value()),
                        known.on(),
                        known.value().compareTo(limits.legal()) <= 0,
                        limits,
                        ""));
    }

    /** A wear bar or a coin says for certain that a limit is reached: due since that look. */
    private static Optional<LimitDate> boundReached(TireState state, TreadLimits limits) {
        return state.treadInterval().flatMap(known -> {
            boolean legal = known.value().isAtOrBelow(limits.legal());
            return legal || known.value().isAtOrBelow(limits.pull())
                    ? Optional.of(reached(
                            Message.of(known.value().label()),
                            known.on(),
                            legal,
                            limits,
                            WORDS.say("byWearBarOrCoin4")))
                    : Optional.empty();
        });
    }

    private static LimitDate reached(Message depth, LocalDate on, boolean legal, TreadLimits limits, String how) {
        TreadDepth limit = legal ? limits.legal() : limits.pull();
        Rule rule = legal ? Rule.TREAD_LIMIT : Rule.PULL_POINT;
        return new LimitDate(
                rule,
                on,
                Reason.of(
                        rule,
                        (legal
                                ? WORDS.message("legalLimit2", "depth", depth, "limit", limit)
                                : WORDS.message("pullPoint2", "depth", depth, "limit", limit)),
                        depth,
                        Message.of("{}", limit),
                        WORDS.say("atOrUnderTheLegal", "legal", legal, "how", how)));
    }

    /** When the tread is forecast to reach the pull point; empty where wear rate or miles per day aren't known. */
    static Optional<LimitDate> treadPull(VehicleState vehicle, TireState state, TreadLimits limits, LocalDate today) {
        Optional<Dated<GrooveDepths>> known = state.tread();
        Optional<WearRate> rate = state.wearRate();
        if (known.isEmpty() || rate.isEmpty() || vehicle.vehicle().milesPerDay().isEmpty()) {
            return Optional.empty();
        }
        double milesPerDay = vehicle.vehicle().milesPerDay().getAsDouble();
        TreadDepth lowest = known.get().value().lowest().orElseThrow();
        if (milesPerDay <= 0) {
            return Optional.empty();
        }
        WearRate.ReachDates reachDates = rate.get()
                .reachDates(
                        lowest.thirtySeconds(),
                        limits.pull().thirtySeconds(),
                        milesPerDay,
                        known.get().on());
        LocalDate date = reachDates.likely().isBefore(today) ? today : reachDates.likely();
        return Optional.of(new LimitDate(
                Rule.TREAD_FORECAST,
                date,
                new Reason(
                        Rule.TREAD_FORECAST,
                        WORDS.message(
                                "nowPullPointAbout",
                                "lowest",
                                lowest,
                                "pull",
                                limits.pull(),
                                "likely",
                                reachDates.likely()),
                        Message.of("{}", lowest),
                        Message.of("{}", limits.pull()),
                        reachDates.latest().isPresent()
                                ? WORDS.message(
                                        "atItsOwnWearRate",
                                        "earliest",
                                        reachDates.earliest(),
                                        "latest",
                                        reachDates.latest().get())
                                : WORDS.message("atItsOwnWearRate2", "earliest", reachDates.earliest())),
                Optional.of(new DateRange(reachDates.earliest(), reachDates.latest()))));
    }

    /**
     * When a new tire at a position is likely to go: by age, or by tread at the rate the one there wears, whichever comes first.
     *
     * @param vehicle the vehicle as it is on that day
     * @param state the tire there now, whose wear rate is taken
     * @param fresh the model that goes on, as made today
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @return a forecast, never a promise
     */
    public static LocalDate newTireUntil(
            VehicleState vehicle, TireState state, TireModel fresh, Policy.ClassPolicy policy, LocalDate today) {
        LocalDate byAge = after(today, ageLimitYears(vehicle.vehicle(), state.position(), policy));
        if (state.wearRate().isEmpty()
                || fresh.originalDepth().isEmpty()
                || vehicle.vehicle().milesPerDay().isEmpty()
                || vehicle.vehicle().milesPerDay().getAsDouble() <= 0) {
            return byAge;
        }
        LocalDate byTread = state.wearRate()
                .get()
                .reachDates(
                        fresh.originalDepth().get().thirtySeconds(),
                        TreadLimits.at(vehicle.vehicle(), state.position(), policy)
                                .pull()
                                .thirtySeconds(),
                        vehicle.vehicle().milesPerDay().getAsDouble(),
                        today)
                .likely();
        return byTread.isBefore(byAge) ? byTread : byAge;
    }

    static String plain(double years) {
        return years == Math.rint(years) ? String.valueOf((long) years) : String.valueOf(years);
    }

    private static LocalDate after(LocalDate from, double years) {
        return from.plusMonths(Math.round(years * 12));
    }

    /**
     * When the next yearly professional inspection is due: from the fifth year on, a year after the last.
     *
     * @param state the tire, with its date and its last inspection
     * @param policy the fleet's policy
     * @return empty without a DOT date
     */
    public static Optional<LimitDate> inspectionDue(TireState state, Policy.ClassPolicy policy) {
        double from = policy.number(PolicyNumber.AGE_INSPECTION_FROM);
        return state.tire().flatMap(tire -> tire.dotWeek()).map(made -> {
            LocalDate first = made.reaches(from);
            Optional<LocalDate> last = state.lastProfessional().filter(on -> !on.isBefore(first.minusYears(1)));
            LocalDate due = last.map(on -> on.plusYears(1))
                    .filter(next -> next.isAfter(first))
                    .orElse(first);
            Message says = last.isPresent()
                    ? WORDS.message("professionalInspectionOfNext", "last", last.get(), "due", due)
                    : WORDS.message("yearsOldNoProfessionalInspection", "from", plain(from), "first", first);
            return new LimitDate(
                    Rule.AGE_INSPECTION,
                    due,
                    Reason.of(
                            Rule.AGE_INSPECTION,
                            says,
                            WORDS.message("dot", "marked", made.marked()),
                            WORDS.message("yearlyFromY", "from", plain(from)),
                            WORDS.say("qualifiedTireProfessionalLooksInside")));
        });
    }
}
