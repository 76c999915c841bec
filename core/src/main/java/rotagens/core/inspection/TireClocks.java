package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireState.Dated;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotDate;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.wear.Tread;
import rotagens.core.wear.WearRate;

/** All clocks of a tire, from this one place: tread, age, steer age, the yearly inspection, and its sensor; the earliest counts. */
public final class TireClocks {

    /**
     * One clock.
     *
     * @param date when it runs out; for a forecast the likely day
     * @param range of a forecast; empty where the day is certain
     */
    public record Clock(Rule rule, LocalDate date, Reason reason, Optional<Range> range) {

        public Clock(Rule rule, LocalDate date, Reason reason) {
            this(rule, date, reason, Optional.empty());
        }
    }

    /**
     * Between which days a forecast lies.
     *
     * @param latest empty where the readings are too few to say
     */
    public record Range(LocalDate earliest, Optional<LocalDate> latest) {}

    private static final String OVERALL_MEANS = "Tread never masks age: a good tread on an old casing still comes off.";
    private static final String SPARE_MEANS = "A spare ages unseen: it is hardly ever looked at and never wears.";
    private static final String STEER_MEANS = "Move it back from steer, or retire it. Tread never masks age.";

    private TireClocks() {}

    /** All clocks that can be told for a tire, earliest first. */
    public static List<Clock> of(VehicleState vehicle, TireState state, Policy.ForClass policy, LocalDate today) {
        List<Clock> clocks = new ArrayList<>(age(vehicle.vehicle(), state, policy, today));
        TreadLimits limits = TreadLimits.at(vehicle.vehicle(), state.position(), policy);
        treadReached(state, limits)
                .or(() -> treadPull(vehicle, state, limits, today))
                .ifPresent(clocks::add);
        boundReached(state, limits).ifPresent(clocks::add);
        clocks.sort(java.util.Comparator.comparing(Clock::date));
        return clocks;
    }

    /**
     * What asks for work at a tire's place first: damage that takes it off the road today, else the earliest of its clocks and
     * its sensor's battery. Empty where none is known.
     */
    public static Optional<Clock> limiting(
            VehicleState vehicle, TireState state, Policy.ForClass policy, LocalDate today) {
        return state.open().stream()
                .filter(open -> open.finding().verdict() == Verdict.DO_NOT_OPERATE
                        && open.finding().clearedBy() != Finding.ClearedBy.PUT_RIGHT)
                .min(java.util.Comparator.comparing(OpenFinding::on))
                .map(open -> new Clock(
                        open.finding().rule(),
                        today,
                        Reason.of(
                                open.finding().rule(),
                                Phrase.of("{}, seen {} by {}", open.words(), open.on(), open.by()),
                                Phrase.of(open.words()),
                                Phrase.of(""),
                                open.finding().because())))
                .or(() -> java.util.stream.Stream.concat(
                                of(vehicle, state, policy, today).stream(),
                                sensor(vehicle.vehicle(), state.position(), policy, today).stream())
                        .min(java.util.Comparator.comparing(Clock::date)));
    }

    /** The nearest age limit at a position, in years: the overall one or, on heavy steer axles, the steer limit if lower. */
    public static double ageLimitYears(Vehicle vehicle, Position position, Policy.ForClass policy) {
        double overall = policy.number(PolicyNumber.OVERALL_AGE);
        return hasSteerLimit(vehicle, position) ? Math.min(overall, policy.number(PolicyNumber.STEER_AGE)) : overall;
    }

    /** Whether the steer age counts at a position: on steer axles over 10,000 lb. */
    public static boolean hasSteerLimit(Vehicle vehicle, Position position) {
        return !vehicle.isLight() && vehicle.layout().isSteer(position);
    }

    /** The overall age limit and, on heavy steer axles, the steer age limit. */
    static List<Clock> age(Vehicle vehicle, TireState state, Policy.ForClass policy, LocalDate today) {
        Optional<DotDate> made = state.tire().flatMap(tire -> tire.made());
        if (made.isEmpty()) {
            return List.of();
        }
        List<Clock> clocks = new ArrayList<>();
        boolean spare = state.position() instanceof Position.Spare;
        clocks.add(ageClock(
                Rule.AGE_OVERALL,
                spare ? "overall limit of a spare" : "overall limit",
                made.get(),
                policy.inForce(PolicyNumber.OVERALL_AGE),
                spare ? SPARE_MEANS : OVERALL_MEANS,
                today));
        if (hasSteerLimit(vehicle, state.position())) {
            clocks.add(ageClock(
                    Rule.AGE_STEER,
                    "steer limit",
                    made.get(),
                    policy.inForce(PolicyNumber.STEER_AGE),
                    STEER_MEANS,
                    today));
        }
        return clocks;
    }

    private static Clock ageClock(
            Rule rule, String name, DotDate made, Policy.InForce limit, String means, LocalDate today) {
        LocalDate reached = made.reaches(limit.value());
        String years = plain(limit.value());
        boolean passed = !reached.isAfter(today);
        boolean nearToday = DotDate.isWithinItsWeek(reached, today);
        Phrase says = Phrase.of(
                made.isExact()
                        ? passed ? "Age {} y, {} {} y passed {}{}" : "Age {} y, {} {} y on {}{}"
                        : passed ? "Age up to {} y, {} {} y passed by {}{}" : "Age up to {} y, {} {} y on {}{}",
                String.format(java.util.Locale.ROOT, "%.1f", Math.floor(made.ageYears(today) * 10) / 10),
                name,
                years,
                reached,
                nearToday ? " (±1 week)" : "");
        return new Clock(
                rule,
                reached,
                new Reason(
                        rule,
                        says,
                        Phrase.of(
                                "DOT {}, {} y",
                                made.stamped(),
                                String.format(
                                        java.util.Locale.ROOT, "%.1f", Math.floor(made.ageYears(today) * 10) / 10)),
                        Phrase.of("{} y", years),
                        made.isExact()
                                ? Phrase.of("Set by {}. {}", limit.setBy(), means)
                                : Phrase.of(
                                        "DOT {}: {}. Set by {}. {}",
                                        made.stamped(),
                                        made.doubt(),
                                        limit.setBy(),
                                        means)));
    }

    /** The pull point already reached by the gauge: due since the reading. */
    private static Optional<Clock> treadReached(TireState state, TreadLimits limits) {
        return state.standingDepth()
                .filter(known -> known.value().compareTo(limits.pull()) <= 0)
                .map(known -> reached(
                        Phrase.of("{}", known.value()),
                        known.on(),
                        known.value().compareTo(limits.legal()) <= 0,
                        limits,
                        ""));
    }

    /** A wear bar or a coin says for certain that a limit is reached: due since that look. */
    private static Optional<Clock> boundReached(TireState state, TreadLimits limits) {
        return state.bound().flatMap(known -> {
            boolean legal = known.value().surelyAtOrUnder(limits.legal());
            return legal || known.value().surelyAtOrUnder(limits.pull())
                    ? Optional.of(reached(
                            Phrase.of(known.value().words()), known.on(), legal, limits, " By wear bar or coin."))
                    : Optional.empty();
        });
    }

    private static Clock reached(Phrase depth, LocalDate on, boolean legal, TreadLimits limits, String how) {
        TreadDepth limit = legal ? limits.legal() : limits.pull();
        Rule rule = legal ? Rule.TREAD_LIMIT : Rule.TREAD_PULL;
        return new Clock(
                rule,
                on,
                Reason.of(
                        rule,
                        Phrase.of(legal ? "{}, legal limit {}" : "{}, pull point {}", depth, limit),
                        depth,
                        Phrase.of("{}", limit),
                        (legal
                                        ? "At or under the legal limit: take it off now."
                                        : "At the pull point: replace it before the legal limit.")
                                + how));
    }

    /** When the tread is forecast to reach the pull point; empty where wear rate or miles per day aren't known. */
    static Optional<Clock> treadPull(VehicleState vehicle, TireState state, TreadLimits limits, LocalDate today) {
        Optional<Dated<Tread>> known = state.tread();
        Optional<WearRate> rate = state.wearRate();
        if (known.isEmpty() || rate.isEmpty() || vehicle.vehicle().milesPerDay().isEmpty()) {
            return Optional.empty();
        }
        double milesPerDay = vehicle.vehicle().milesPerDay().getAsDouble();
        TreadDepth lowest = known.get().value().lowest().orElseThrow();
        if (milesPerDay <= 0) {
            return Optional.empty();
        }
        WearRate.Reach reach = rate.get()
                .reach(
                        lowest.thirtySeconds(),
                        limits.pull().thirtySeconds(),
                        milesPerDay,
                        known.get().on());
        LocalDate date = reach.likely().isBefore(today) ? today : reach.likely();
        return Optional.of(new Clock(
                Rule.TREAD_FORECAST,
                date,
                new Reason(
                        Rule.TREAD_FORECAST,
                        Phrase.of("{} now, pull point {} about {}", lowest, limits.pull(), reach.likely()),
                        Phrase.of("{}", lowest),
                        Phrase.of("{}", limits.pull()),
                        reach.latest().isPresent()
                                ? Phrase.of(
                                        "At its own wear rate it gets there between {} and {}.",
                                        reach.earliest(),
                                        reach.latest().get())
                                : Phrase.of(
                                        "At its own wear rate it gets there {} at the earliest.", reach.earliest())),
                Optional.of(new Range(reach.earliest(), reach.latest()))));
    }

    static String plain(double years) {
        return years == Math.rint(years) ? String.valueOf((long) years) : String.valueOf(years);
    }

    /** The day a sensor's battery is overdue; empty without a sensor or without the day it was fitted. */
    public static Optional<Clock> sensor(Vehicle vehicle, Position position, Policy.ForClass policy, LocalDate today) {
        return vehicle.sensorAt(position)
                .flatMap(sensor -> sensor.fittedOn().map(fitted -> {
                    Policy.InForce limit = policy.inForce(PolicyNumber.SENSOR_LIMIT);
                    LocalDate from = batteryMayEndFrom(fitted, policy);
                    LocalDate over = after(fitted, limit.value());
                    return new Clock(
                            Rule.SENSOR_BATTERY,
                            over,
                            new Reason(
                                    Rule.SENSOR_BATTERY,
                                    Phrase.of(
                                            over.isAfter(today)
                                                    ? "Sensor {} fitted {}, battery may end from {}"
                                                    : "Sensor {} fitted {}, battery overdue since {}",
                                            sensor.code(),
                                            fitted,
                                            over.isAfter(today) ? from : over),
                                    Phrase.of("{}", fitted),
                                    Phrase.of("{} y", plain(limit.value())),
                                    Phrase.of(
                                            "Overdue at {} y, set by {}. The bead has to be broken for an inside sensor: fit a new one when the tire is off anyway.",
                                            plain(limit.value()),
                                            limit.setBy())));
                }));
    }

    /** From this day its battery may end any time. */
    public static LocalDate batteryMayEndFrom(LocalDate fitted, Policy.ForClass policy) {
        return after(fitted, policy.number(PolicyNumber.SENSOR_FORECAST));
    }

    private static LocalDate after(LocalDate fitted, double years) {
        return fitted.plusMonths(Math.round(years * 12));
    }

    /** When the next yearly professional inspection is due: from the fifth year on, a year after the last. */
    public static Optional<Clock> inspectionDue(TireState state, Policy.ForClass policy) {
        double from = policy.number(PolicyNumber.AGE_INSPECTION_FROM);
        return state.tire().flatMap(tire -> tire.made()).map(made -> {
            LocalDate first = made.reaches(from);
            Optional<LocalDate> last = state.lastProfessional().filter(on -> !on.isBefore(first.minusYears(1)));
            LocalDate due = last.map(on -> on.plusYears(1))
                    .filter(next -> next.isAfter(first))
                    .orElse(first);
            Phrase says = last.isPresent()
                    ? Phrase.of("Professional inspection of {}, next {}", last.get(), due)
                    : Phrase.of("{} years old {}, no professional inspection since", plain(from), first);
            return new Clock(
                    Rule.AGE_INSPECTION,
                    due,
                    Reason.of(
                            Rule.AGE_INSPECTION,
                            says,
                            Phrase.of("DOT {}", made.stamped()),
                            Phrase.of("yearly from {} y", plain(from)),
                            "A qualified tire professional looks inside and out, and the verdict is recorded."));
        });
    }
}
