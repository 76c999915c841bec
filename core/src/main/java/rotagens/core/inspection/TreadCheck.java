package rotagens.core.inspection;

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
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;
import rotagens.core.wear.WearPattern;
import rotagens.core.wear.WearPattern.Shape;

/** Tread depth against its limits, its forecast, its shape, and whether it is known at all. */
final class TreadCheck {

    private TreadCheck() {}

    static List<Judged> check(Case one) {
        List<Judged> reasons = new ArrayList<>(pattern(one));
        TreadLimits limits = TreadLimits.at(one.vehicle(), one.position(), one.policy());
        one.state()
                .bound()
                .flatMap(known -> bound(known, limits, one))
                .or(() -> standingBound(one))
                .ifPresent(reasons::add);
        Optional<Dated<Tread>> known = one.state().tread();
        Optional<Judged> broken = one.state().standingDepth().flatMap(depth -> atLimits(depth, limits, one));
        broken.ifPresent(reasons::add);
        if (known.isEmpty()) {
            reasons.add(notKnown(
                    one.state().bound().isPresent() ? "Tread never gauged" : "Tread never measured",
                    "not measured",
                    "Measure outer, center and inner groove."));
            return reasons;
        }
        Tread tread = known.get().value();
        if (broken.filter(judged -> judged.verdict() == Verdict.DO_NOT_OPERATE).isPresent()) {
            return reasons;
        }
        if (broken.isEmpty()) {
            forecast(one, limits).ifPresent(reasons::add);
        }
        if (!tread.isComplete()) {
            reasons.add(notKnown(
                    "Tread not measured at every groove", "incomplete", "Measure outer, center and inner groove."));
        }
        staleness(one, known.get().on()).ifPresent(reasons::add);
        return reasons;
    }

    /** The depth that stands against both limits; a later reading that left its groove or its place out took nothing back. */
    private static Optional<Judged> atLimits(Dated<TreadDepth> depth, TreadLimits limits, Case one) {
        if (depth.value().compareTo(limits.legal()) <= 0) {
            return Optional.of(new Judged(
                    Verdict.DO_NOT_OPERATE,
                    atLimit(
                            Rule.TREAD_LIMIT,
                            "limit",
                            depth.value(),
                            limits.legal(),
                            one,
                            "At the limit counts as under it. Take it off now.")));
        }
        return depth.value().compareTo(limits.pull()) <= 0
                ? Optional.of(new Judged(
                        Verdict.PLAN,
                        atLimit(
                                Rule.TREAD_PULL,
                                "pull point",
                                depth.value(),
                                limits.pull(),
                                one,
                                "At the pull point: plan its replacement before it reaches the legal limit.")))
                : Optional.empty();
    }

    /** What bar or coin said before the readings at hand. */
    private static Optional<Judged> standingBound(Case one) {
        return one.state().alerts().open().stream()
                .filter(alert -> alert.kind() == AlertKind.TREAD && alert.key().equals(Groove.Zone.BAR.name()))
                .findFirst()
                .map(alert -> new Judged(
                        Verdict.DO_NOT_OPERATE,
                        new Reason(
                                Rule.TREAD_LIMIT,
                                Phrase.of("{} on {}", alert.says(), alert.on()),
                                Phrase.of("{}", alert.figure().orElseThrow()),
                                Phrase.of("{}", alert.limit().orElseThrow()),
                                Phrase.of("By wear bar or coin. Gauge every groove, or take it off now."))));
    }

    /** What bar or coin says for certain: it raises an alarm, and where it can't tell it asks for the gauge. */
    private static Optional<Judged> bound(Dated<TreadBound> known, TreadLimits limits, Case one) {
        TreadBound bound = known.value();
        if (bound.surelyAtOrUnder(limits.legal())) {
            return Optional.of(new Judged(
                    Verdict.DO_NOT_OPERATE,
                    says(
                            Rule.TREAD_LIMIT,
                            known,
                            "limit",
                            limits.legal(),
                            one,
                            "By wear bar or coin. At the limit counts as under it. Take it off now.")));
        }
        if (bound.surelyAtOrUnder(limits.pull())) {
            return Optional.of(new Judged(
                    Verdict.PLAN,
                    says(
                            Rule.TREAD_PULL,
                            known,
                            "pull point",
                            limits.pull(),
                            one,
                            "By wear bar or coin. Gauge it for the figure, and plan its replacement.")));
        }
        if (bound.surelyOver(limits.pull())) {
            return Optional.empty();
        }
        return Optional.of(new Judged(
                Verdict.NOT_KNOWN,
                says(
                        Rule.TREAD_CURRENT,
                        known,
                        "pull point",
                        limits.pull(),
                        one,
                        "Wear bar or coin can’t tell whether that is reached. Measure it with a gauge.")));
    }

    private static Reason says(
            Rule rule, Dated<TreadBound> known, String name, TreadDepth limit, Case one, String because) {
        return Reason.of(
                rule,
                Phrase.of("{} on {}, {} {} {}", known.value().words(), known.on(), name, limit, one.placeWords()),
                Phrase.of("{}", known.value().words()),
                Phrase.of("{}", limit),
                because);
    }

    private static Optional<Judged> forecast(Case one, TreadLimits limits) {
        int horizon = one.policy().days(PolicyNumber.FORECAST_DAYS);
        return TireClocks.treadPull(one.onVehicle(), one.state(), limits, one.today())
                .filter(clock -> !clock.date().isAfter(one.today().plusDays(horizon)))
                .map(clock -> new Judged(Verdict.PLAN, clock.reason()));
    }

    private static List<Judged> pattern(Case one) {
        Set<Shape> signs = one.state().open().stream()
                .flatMap(open -> open.finding().wearShape().stream())
                .collect(Collectors.toSet());
        Tread tread = one.state().completeTread().map(Dated::value).orElse(Tread.UNMEASURED);
        double difference = one.policy().number(PolicyNumber.WEAR_DIFFERENCE);
        return WearPattern.classify(tread, difference, signs).stream()
                .filter(pattern -> pattern.shape() != Shape.EVEN)
                .map(pattern -> new Judged(
                        pattern.shape().isLeaning() || mended(one) ? Verdict.WATCH : Verdict.PLAN,
                        shapeReason(pattern, tread)))
                .toList();
    }

    /** The cause was put right after the reading that shows the shape, and no sign of eye or hand is open. */
    private static boolean mended(Case one) {
        boolean signOpen = one.state().open().stream()
                .anyMatch(open -> open.finding().wearShape().isPresent());
        return !signOpen
                && one.state().causeMended().isPresent()
                && one.state()
                        .completeTread()
                        .filter(known ->
                                known.on().isAfter(one.state().causeMended().get()))
                        .isEmpty();
    }

    private static Reason shapeReason(WearPattern pattern, Tread tread) {
        Shape shape = pattern.shape();
        Phrase depths = tread.isComplete()
                ? Phrase.of(
                        "{} · {} · {}",
                        tread.outer().get(),
                        tread.center().get(),
                        tread.inner().get())
                : Phrase.of("seen or felt");
        Phrase second = pattern.second()
                .map(sign -> Phrase.of("; also {}", sign.words()))
                .orElse(Phrase.of(""));
        return new Reason(
                Rule.WEAR_PATTERN,
                Phrase.of("Wear: {}{} ({})", shape.words(), second, depths),
                depths,
                Phrase.of(""),
                Phrase.of("Likely {}. {}", shape.causes(), shape.action()));
    }

    private static Optional<Judged> staleness(Case one, LocalDate readOn) {
        int days = one.policy().days(PolicyNumber.TREAD_KNOWN_DAYS);
        long old = ChronoUnit.DAYS.between(readOn, one.today());
        if (old <= days) {
            return Optional.empty();
        }
        return Optional.of(new Judged(
                Verdict.NOT_KNOWN,
                Reason.of(
                        Rule.TREAD_CURRENT,
                        Phrase.of("Tread last read {}, {} days ago", readOn, old),
                        Phrase.of("{} days", old),
                        Phrase.of("{} days", days),
                        "A good reading grows old. Measure again.")));
    }

    private static Reason atLimit(
            Rule rule, String name, TreadDepth lowest, TreadDepth limit, Case one, String because) {
        return Reason.of(
                rule,
                Phrase.of("{}, {} {} {}", lowest, name, limit, one.placeWords()),
                Phrase.of("{}", lowest),
                Phrase.of("{}", limit),
                because);
    }

    private static Judged notKnown(String says, String figure, String because) {
        return new Judged(
                Verdict.NOT_KNOWN,
                Reason.of(Rule.TREAD_CURRENT, Phrase.of(says), Phrase.of(figure), Phrase.of(""), because));
    }
}
