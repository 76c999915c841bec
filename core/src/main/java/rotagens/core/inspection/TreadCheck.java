package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.alert.AlertKind;
import rotagens.core.alert.Groove;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireState.Dated;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;
import rotagens.core.wear.WearPattern;
import rotagens.core.wear.WearPattern.Shape;

/** Tread depth against its limits, its forecast, its shape, and whether it is known at all. */
final class TreadCheck {

    private TreadCheck() {}

    static List<VerdictReason> check(TireContext one) {
        List<VerdictReason> reasons = new ArrayList<>(pattern(one));
        TreadLimits limits = TreadLimits.at(one.vehicle(), one.position(), one.policy());
        one.state()
                .treadInterval()
                .flatMap(known -> bound(known, limits, one))
                .or(() -> standingBound(one))
                .ifPresent(reasons::add);
        Optional<Dated<GrooveDepths>> known = one.state().tread();
        Optional<VerdictReason> broken = one.state().standingDepth().flatMap(depth -> atLimits(depth, limits, one));
        broken.ifPresent(reasons::add);
        if (known.isEmpty()) {
            reasons.add(notKnown(
                    one.state().treadInterval().isPresent()
                            ? WORDS.say("treadNotMeasured")
                            : WORDS.say("treadNeverMeasured"),
                    WORDS.say("notMeasured"),
                    WORDS.say("measureOuterCenterAndInner")));
            return reasons;
        }
        GrooveDepths grooveDepths = known.get().value();
        if (broken.filter(verdictReason -> verdictReason.verdict() == Verdict.DO_NOT_OPERATE)
                .isPresent()) {
            return reasons;
        }
        if (broken.isEmpty()) {
            forecast(one, limits).ifPresent(reasons::add);
        }
        if (!grooveDepths.isComplete()) {
            reasons.add(notKnown(
                    WORDS.say("treadNotMeasuredAtEvery"), "incomplete", WORDS.say("measureOuterCenterAndInner")));
        }
        staleness(one, known.get().on()).ifPresent(reasons::add);
        return reasons;
    }

    /** The depth that stands against both limits; a later reading that left its groove or its place out took nothing back. */
    private static Optional<VerdictReason> atLimits(Dated<TreadDepth> depth, TreadLimits limits, TireContext one) {
        if (depth.value().compareTo(limits.legal()) <= 0) {
            return Optional.of(new VerdictReason(
                    Verdict.DO_NOT_OPERATE,
                    atLimit(
                            Rule.TREAD_LIMIT,
                            "limit",
                            depth.value(),
                            limits.legal(),
                            one,
                            WORDS.say("atTheLimitCounts"))));
        }
        return depth.value().compareTo(limits.pull()) <= 0
                ? Optional.of(new VerdictReason(
                        Verdict.SERVICE_DUE,
                        atLimit(
                                Rule.PULL_POINT,
                                WORDS.say("pullPoint"),
                                depth.value(),
                                limits.pull(),
                                one,
                                WORDS.say("atThePullPointSchedule"))))
                : Optional.empty();
    }

    /** What bar or coin said before the readings at hand. */
    private static Optional<VerdictReason> standingBound(TireContext one) {
        return one.state().alerts().open().stream()
                .filter(alert -> alert.kind() == AlertKind.TREAD && alert.key().equals(Groove.Zone.BAR.name()))
                .findFirst()
                .map(alert -> new VerdictReason(
                        Verdict.DO_NOT_OPERATE,
                        new Reason(
                                Rule.TREAD_LIMIT,
                                WORDS.message("on", "alert", alert.statement(), "on", alert.on()),
                                Message.of("{}", alert.value().orElseThrow()),
                                Message.of("{}", alert.limit().orElseThrow()),
                                WORDS.message("byWearBarOrCoin"))));
    }

    /** What bar or coin says for certain: it raises an alarm, and where it can't tell it asks for the gauge. */
    private static Optional<VerdictReason> bound(Dated<TreadInterval> known, TreadLimits limits, TireContext one) {
        TreadInterval bound = known.value();
        if (bound.isAtOrBelow(limits.legal())) {
            return Optional.of(new VerdictReason(
                    Verdict.DO_NOT_OPERATE,
                    statement(Rule.TREAD_LIMIT, known, "limit", limits.legal(), one, WORDS.say("byWearBarOrCoin2"))));
        }
        if (bound.isAtOrBelow(limits.pull())) {
            return Optional.of(new VerdictReason(
                    Verdict.SERVICE_DUE,
                    statement(
                            Rule.PULL_POINT,
                            known,
                            WORDS.say("pullPoint"),
                            limits.pull(),
                            one,
                            WORDS.say("byWearBarOrCoin3"))));
        }
        if (bound.isAbove(limits.pull())) {
            return Optional.empty();
        }
        return Optional.of(new VerdictReason(
                Verdict.UNKNOWN,
                statement(
                        Rule.TREAD_CURRENT,
                        known,
                        WORDS.say("pullPoint"),
                        limits.pull(),
                        one,
                        WORDS.say("wearBarOrCoinCant"))));
    }

    private static Reason statement(
            Rule rule, Dated<TreadInterval> known, String name, TreadDepth limit, TireContext one, String because) {
        return Reason.of(
                rule,
                WORDS.message(
                        "on2",
                        "known",
                        known.value().label(),
                        "on",
                        known.on(),
                        "name",
                        name,
                        "limit",
                        limit,
                        "placeWords",
                        one.placeWords()),
                Message.of("{}", known.value().label()),
                Message.of("{}", limit),
                because);
    }

    private static Optional<VerdictReason> forecast(TireContext one, TreadLimits limits) {
        int horizon = one.policy().days(PolicyNumber.FORECAST_DAYS);
        return LimitDates.treadPull(one.onVehicle(), one.state(), limits, one.today())
                .filter(limitDate -> !limitDate.date().isAfter(one.today().plusDays(horizon)))
                .map(limitDate -> new VerdictReason(Verdict.SERVICE_DUE, limitDate.reason()));
    }

    private static List<VerdictReason> pattern(TireContext one) {
        Set<Shape> signs = one.state().open().stream()
                .flatMap(open -> open.finding().wearShape().stream())
                .collect(Collectors.toSet());
        GrooveDepths grooveDepths =
                one.state().completeTread().map(Dated::value).orElse(GrooveDepths.UNMEASURED);
        double difference = one.policy().number(PolicyNumber.WEAR_DIFFERENCE);
        return WearPattern.classify(grooveDepths, difference, signs).stream()
                .filter(pattern -> pattern.shape() != Shape.EVEN)
                .map(pattern -> new VerdictReason(
                        pattern.shape().isEarly() || mended(one) ? Verdict.WATCH : Verdict.SERVICE_DUE,
                        shapeReason(pattern, grooveDepths)))
                .toList();
    }

    /** The cause was put right after the reading that shows the shape, and no sign of eye or hand is open. */
    private static boolean mended(TireContext one) {
        boolean signOpen = one.state().open().stream()
                .anyMatch(open -> open.finding().wearShape().isPresent());
        return !signOpen
                && one.state().causeCorrectedOn().isPresent()
                && one.state()
                        .completeTread()
                        .filter(known -> known.on()
                                .isAfter(one.state().causeCorrectedOn().get()))
                        .isEmpty();
    }

    private static Reason shapeReason(WearPattern pattern, GrooveDepths grooveDepths) {
        Shape shape = pattern.shape();
        Message depths = grooveDepths.isComplete()
                ? Message.of(
                        "{} · {} · {}",
                        grooveDepths.outer().get(),
                        grooveDepths.center().get(),
                        grooveDepths.inner().get())
                : WORDS.message("seenOrFelt");
        Message second = pattern.second()
                .map(sign -> WORDS.message("also", "sign", sign.label()))
                .orElse(Message.of(""));
        return new Reason(
                Rule.WEAR_PATTERN,
                WORDS.message("wear", "shape", shape.label(), "second", second, "depths", depths),
                depths,
                Message.of(""),
                WORDS.message("likely", "causes", shape.causes(), "action", shape.action()));
    }

    private static Optional<VerdictReason> staleness(TireContext one, LocalDate readOn) {
        int days = one.policy().days(PolicyNumber.TREAD_VALID_DAYS);
        long old = ChronoUnit.DAYS.between(readOn, one.today());
        if (old <= days) {
            return Optional.empty();
        }
        return Optional.of(new VerdictReason(
                Verdict.UNKNOWN,
                Reason.of(
                        Rule.TREAD_CURRENT,
                        WORDS.message("treadLastReadDaysAgo", "readOn", readOn, "old", old),
                        WORDS.message("days", "old", old),
                        WORDS.message("days2", "days", days),
                        WORDS.say("goodReadingExpiresMeasureAgain"))));
    }

    private static Reason atLimit(
            Rule rule, String name, TreadDepth lowest, TreadDepth limit, TireContext one, String because) {
        return Reason.of(
                rule,
                Message.of("{}, {} {} {}", lowest, name, limit, one.placeWords()),
                Message.of("{}", lowest),
                Message.of("{}", limit),
                because);
    }

    private static VerdictReason notKnown(String says, String figure, String because) {
        return new VerdictReason(
                Verdict.UNKNOWN,
                Reason.of(Rule.TREAD_CURRENT, Message.of(says), Message.of(figure), Message.of(""), because));
    }
}
