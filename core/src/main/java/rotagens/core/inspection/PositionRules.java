package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.LimitDates.LimitDate;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What keeps a tire off a position, whatever runs beside it, from today until the vehicle is next worked on: by then it must
 * not have passed a limit it can be seen to pass.
 */
public final class PositionRules {

    /** What a manager may override with a reason; nobody may override anything else. */
    public static final Set<Rule> OVERRIDABLE =
            EnumSet.of(Rule.AGE_STEER, Rule.PULL_POINT, Rule.PATTERN_MATCH, Rule.TREAD_MATCH);

    private PositionRules() {}

    /**
     * Everything that speaks against it. Nothing unknown passes: a missing DOT date or tread depth is a reason of its own.
     *
     * @param vehicle the vehicle as it is on that day
     * @param tire the tire as it would sit there
     * @param pressures of the vehicle with this model on that axle
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @param nextVisit the day the vehicle is likely to be worked on next
     * @param perMonth 32nds of tread it loses in a month there; empty where nobody knows
     * @return worst first; empty where it may sit there
     */
    public static List<VerdictReason> violations(
            VehicleState vehicle,
            TireState tire,
            VehiclePressures pressures,
            Policy policy,
            LocalDate today,
            LocalDate nextVisit,
            OptionalDouble perMonth) {
        Policy.ClassPolicy here = vehicle.policyAt(policy, tire);
        TireContext one = new TireContext(vehicle, tire, tire.tire().orElseThrow(), pressures, here, today);
        List<VerdictReason> against = new ArrayList<>();
        FindingCheck.check(one).stream()
                .filter(verdictReason -> verdictReason.verdict() == Verdict.DO_NOT_OPERATE
                        && verdictReason.reason().rule() != Rule.DIRECTIONAL)
                .forEach(against::add);
        against.addAll(age(one, nextVisit));
        against.addAll(tread(one, nextVisit, perMonth));
        if (tire.position() instanceof OnAxle) {
            against.addAll(AxleMatchCheck.alone(vehicle.vehicle(), one.tire(), tire.position()));
            LoadCheck.check(one).stream()
                    .filter(verdictReason -> verdictReason.verdict() == Verdict.DO_NOT_OPERATE
                            && verdictReason.reason().rule() == Rule.LOAD_CAPACITY)
                    .forEach(against::add);
        }
        return against;
    }

    private static List<VerdictReason> age(TireContext one, LocalDate nextVisit) {
        if (one.tire().dotWeek().isEmpty()) {
            return List.of(new VerdictReason(
                    Verdict.UNKNOWN,
                    Reason.of(
                            Rule.DOT_DATE,
                            WORDS.message("dotDateNotOnFile"),
                            WORDS.message("noDotDate"),
                            Message.of(""),
                            WORDS.say("howLongItMayStay"))));
        }
        return LimitDates.age(one.vehicle(), one.state(), one.policy(), one.today()).stream()
                .filter(limitDate -> !limitDate.date().isAfter(nextVisit))
                .map(LimitDate::reason)
                .map(reason -> new VerdictReason(
                        Verdict.DO_NOT_OPERATE,
                        new Reason(
                                reason.rule(),
                                reason.statement(),
                                reason.value(),
                                reason.limit(),
                                WORDS.message(
                                        "itHasToLastUntil",
                                        "nextVisit",
                                        nextVisit,
                                        "explanation",
                                        reason.explanation()))))
                .toList();
    }

    private static List<VerdictReason> tread(TireContext one, LocalDate nextVisit, OptionalDouble perMonth) {
        Optional<TreadDepth> lowest =
                one.state().tread().flatMap(known -> known.value().lowest());
        if (lowest.isEmpty()) {
            return List.of(new VerdictReason(
                    Verdict.UNKNOWN,
                    Reason.of(
                            Rule.TREAD_CURRENT,
                            WORDS.message("treadNotMeasured"),
                            WORDS.message("noDepth"),
                            Message.of(""),
                            WORDS.say("howLongItMayStay2"))));
        }
        TreadLimits limits = TreadLimits.at(one.vehicle(), one.position(), one.policy());
        boolean rolls = one.position() instanceof OnAxle;
        double months = Math.max(0, one.today().until(nextVisit, java.time.temporal.ChronoUnit.DAYS) / MONTH_DAYS);
        double now = lowest.get().thirtySeconds();
        double then = rolls ? now - perMonth.orElse(0) * months : now;
        TreadDepth limit = then <= limits.legal().thirtySeconds() ? limits.legal() : limits.pull();
        if (then > limits.pull().thirtySeconds() || !rolls && limit == limits.pull()) {
            return List.of();
        }
        boolean alreadyThere = now <= limit.thirtySeconds();
        TreadDepth about = TreadDepth.of32nds(Math.max(0, Math.round(then * 10) / 10.0));
        String name = limit == limits.legal() ? WORDS.say("legalLimit") : WORDS.say("pullPoint");
        return List.of(new VerdictReason(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        limit == limits.legal() ? Rule.TREAD_LIMIT : Rule.PULL_POINT,
                        alreadyThere
                                ? Message.of("{}, {} {} {}", lowest.get(), name, limit, one.placeWords())
                                : WORDS.message(
                                        "nowAbout",
                                        "lowest",
                                        lowest.get(),
                                        "about",
                                        about,
                                        "nextVisit",
                                        nextVisit,
                                        "name",
                                        name,
                                        "limit",
                                        limit,
                                        "placeWords",
                                        one.placeWords()),
                        Message.of("{}", lowest.get()),
                        Message.of("{}", limit),
                        WORDS.say("tireMustLast"))));
    }

    /** Mean length of a month. */
    public static final double MONTH_DAYS = 30.4375;
}
