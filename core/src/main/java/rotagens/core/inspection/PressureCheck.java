package rotagens.core.inspection;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.alert.Alert;
import rotagens.core.alert.AlertKind;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Verdict;
import rotagens.core.fact.Warmth;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.LossRate;
import rotagens.core.pressure.Maximum;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.Target;

/** Cold pressure against target, maximum and the other tires of the axle. Verdicts compare the reading as read. */
public final class PressureCheck {

    private static final double SLACK = 1e-6;

    private PressureCheck() {}

    static List<Judged> check(Case one) {
        List<Judged> reasons = new ArrayList<>();
        Target target = one.pressures().targetAt(one.position(), one.tire().model(), one.policy());
        if (target.pressure().isEmpty()) {
            reasons.add(new Judged(Verdict.NOT_KNOWN, target.reason()));
        }
        Optional<Reading> last = one.state().lastPressure();
        Optional<Reading> cold = one.state().lastCold();
        Optional<Judged> runFlat = one.state()
                .alerts()
                .open(AlertKind.RAN_LOW)
                .filter(alert -> alert.figure().isPresent())
                .map(alert -> ranLow((Pressure) alert.figure().get(), (Pressure)
                        alert.limit().orElseThrow()))
                // A reading that knows what was in force has opened its alert; one that doesn't is held against today's
                // target.
                .or(() -> last.filter(reading -> reading.inForce().isEmpty())
                        .flatMap(reading -> target.pressure().flatMap(goal -> runFlat(reading, goal))));
        runFlat.ifPresent(reasons::add);
        overMaximum(one, cold).ifPresent(reasons::add);
        if (target.pressure().isPresent() && runFlat.isEmpty()) {
            Pressure goal = target.pressure().get();
            cold.flatMap(reading -> offTarget(one, reading, goal)).ifPresent(reasons::add);
            last.filter(reading -> reading.warmth() != Warmth.COLD)
                    .flatMap(reading -> hotAndLow(reading, goal))
                    .ifPresent(reasons::add);
        }
        if (runFlat.isEmpty()) {
            cold.flatMap(reading -> unequalAxle(one, reading)).ifPresent(reasons::add);
        }
        if (runFlat.isEmpty()) {
            underMinimum(one, cold, last).ifPresent(reasons::add);
            leak(one).ifPresent(reasons::add);
        }
        known(one, cold, last).ifPresent(reasons::add);
        return reasons;
    }

    private static Optional<Judged> runFlat(Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        return RunFlat.ranLow(read, target) ? Optional.of(ranLow(read, target)) : Optional.empty();
    }

    private static Judged ranLow(Pressure read, Pressure target) {
        String share = String.format(Locale.ROOT, "%.0f", Math.floor(100 * read.psi() / target.psi() + SLACK));
        return new Judged(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.RUN_FLAT,
                        Phrase.of("{}, target {}: {} % of target", read, target, share),
                        Phrase.of("{}", read),
                        Phrase.of("{}", Pressure.psi(RunFlat.SHARE * target.psi())),
                        Finding.RAN_LOW.because()));
    }

    /** By the alert that stands, or by the newest cold reading against today's maximum. */
    private static Optional<Judged> overMaximum(Case one, Optional<Reading> cold) {
        Optional<Judged> now = cold.flatMap(
                reading -> Maximum.at(one.vehicle(), one.position(), one.tire().model(), one.policy())
                        .map(Maximum::pressure)
                        .filter(reading.pressure().orElseThrow()::isOver)
                        .map(maximum -> overMaximum(reading.pressure().get(), maximum)));
        return now.or(() -> one.state()
                .alerts()
                .open(AlertKind.OVER_MAXIMUM)
                .map(alert -> overMaximum((Pressure) alert.figure().orElseThrow(), (Pressure)
                        alert.limit().orElseThrow())));
    }

    private static Judged overMaximum(Pressure read, Pressure maximum) {
        return new Judged(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.PRESSURE_MAXIMUM,
                        Phrase.of("{} cold, maximum {}", read, maximum),
                        Phrase.of("{}", read),
                        Phrase.of("{}", maximum),
                        "Over what the tire or the wheel may hold. Bleed it cold, standing clear of the valve’s line."));
    }

    /**
     * Under what the recorded load needs: by the newest cold reading, by a hot one (which reads high, so the tire is certainly
     * under), or by an alert that nothing has cleared.
     */
    private static Optional<Judged> underMinimum(Case one, Optional<Reading> cold, Optional<Reading> last) {
        Optional<Judged> now = one.pressures()
                .at(one.position())
                .flatMap(axle -> axle.needPsi().flatMap(need -> {
                    Pressure minimum = Pressure.psi(Math.round(need * 10) / 10.0);
                    Phrase load = Phrase.of(
                            "the load of {} needs {}",
                            Load.lb(Math.rint(axle.load().orElseThrow().perTireLb())),
                            minimum);
                    return cold.filter(
                                    reading -> reading.pressure().orElseThrow().isUnder(minimum))
                            .map(reading -> underMinimum(one, reading.pressure().get(), minimum, load, false))
                            .or(() -> last.filter(reading -> reading.warmth() != Warmth.COLD
                                            && reading.pressure().orElseThrow().isUnder(minimum))
                                    .map(reading ->
                                            underMinimum(one, reading.pressure().get(), minimum, load, true)));
                }));
        Optional<Judged> before = one.state()
                .alerts()
                .open(AlertKind.UNDER_MINIMUM)
                .map(alert -> underMinimum(
                        one,
                        (Pressure) alert.figure().orElseThrow(),
                        (Pressure) alert.limit().orElseThrow(),
                        Phrase.of("the load needs {}", alert.limit().get()),
                        alert.byHotReading()));
        return Stream.concat(now.stream(), before.stream()).max(Comparator.comparing(Judged::verdict));
    }

    private static Judged underMinimum(Case one, Pressure read, Pressure minimum, Phrase load, boolean hot) {
        double accuracy = one.policy().number(PolicyNumber.GAUGE_ACCURACY);
        boolean withinGauge = !hot && minimum.psi() - read.psi() <= accuracy + SLACK;
        return new Judged(
                withinGauge ? Verdict.PLAN : Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.PRESSURE_NEED,
                        Phrase.of("{} {}, {}", read, hot ? "hot" : "cold", load),
                        Phrase.of("{}", read),
                        Phrase.of("{}", minimum),
                        hot
                                ? "A hot tire reads high: cold it holds less still. Let it stand 3 hours, gauge it and fill it before it rolls."
                                : withinGauge
                                        ? "Under the minimum by no more than a gauge is off: fill it today."
                                        : "Too little air for what it carries. Fill it cold before it rolls."));
    }

    /**
     * A leak stays one until it is repaired and a cold reading held: watched; planned for today where it reaches the minimum
     * before the next check. A drop too quick to be told from is planned: gauge again.
     */
    private static Optional<Judged> leak(Case one) {
        Optional<Alert> known = one.state()
                .alerts()
                .open(AlertKind.LEAK)
                .or(() -> one.state().alerts().open(AlertKind.SUSPECTED_LEAK));
        LossRate.Loss loss = one.state().loss();
        if (known.isEmpty() && !loss.isLeak()) {
            return Optional.empty();
        }
        if (known.filter(alert -> alert.kind() == AlertKind.SUSPECTED_LEAK).isPresent()) {
            return known.map(alert -> new Judged(
                    Verdict.PLAN,
                    new Reason(
                            Rule.LOSS,
                            alert.says(),
                            Phrase.of("{}", alert.limit().orElseThrow()),
                            Phrase.of("5 %"),
                            Phrase.of(
                                    "Too quick a drop to be called normal. Gauge it again within {} days; look at core, stem, bead, and for a puncture.",
                                    one.policy().days(PolicyNumber.SUSPECTED_LEAK_DAYS)))));
        }
        Optional<Reading> cold = one.state().lastCold();
        int interval = one.policy().days(one.pressures().checkEvery());
        Optional<LocalDate> reaches = cold.flatMap(last -> NextCheck.of(
                        last.pressure().orElseThrow().psi(),
                        last.on(),
                        one.pressures().at(one.position()).flatMap(AxleAnswer::needPsi),
                        loss.expected(),
                        interval)
                .reachesNeed());
        boolean soon = reaches.filter(
                        day -> day.isBefore(cold.orElseThrow().on().plusDays(interval)))
                .isPresent();
        Optional<LossRate> worst = Stream.concat(loss.whole().stream(), loss.latest().stream())
                .filter(LossRate::isLeak)
                .max(Comparator.comparing(LossRate::low));
        Phrase says = worst.map(rate -> known.filter(alert -> alert.topUps() > 0)
                        .map(alert -> Phrase.of("{}; {}", loses(rate), alert.says()))
                        .orElse(loses(rate)))
                .orElseGet(() -> known.orElseThrow().says());
        return Optional.of(
                new Judged(
                        soon ? Verdict.PLAN : Verdict.WATCH,
                        new Reason(
                                Rule.LOSS,
                                says,
                                worst.map(rate -> Phrase.of("{} %", percent(rate)))
                                        .orElse(Phrase.of("not repaired")),
                                Phrase.of("5 %"),
                                soon
                                        ? Phrase.of(
                                                "It reaches what its load needs on {}, before the next check. Valve core, stem, bead or puncture: find it today.",
                                                reaches.get())
                                        : Phrase.of(
                                                "A leak: look at valve core, stem, bead, and for a puncture. More air doesn’t cure it."))));
    }

    private static Phrase loses(LossRate rate) {
        return Phrase.of("Loses {}{} % a month", rate.low() < rate.high() - 1e-9 ? "at least " : "", percent(rate));
    }

    private static String percent(LossRate rate) {
        return String.format(Locale.ROOT, "%.1f", rate.low() * 100);
    }

    private static Optional<Judged> offTarget(Case one, Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        double share = one.policy().number(PolicyNumber.PRESSURE_TOLERANCE_SHARE) / 100 * target.psi();
        double allowed = Math.max(share, one.policy().number(PolicyNumber.PRESSURE_TOLERANCE_LEAST));
        double off = read.psi() - target.psi();
        if (Math.abs(off) <= allowed + SLACK) {
            return Optional.empty();
        }
        return Optional.of(new Judged(
                Verdict.WATCH,
                new Reason(
                        Rule.PRESSURE_TARGET,
                        Phrase.of("{} cold, target {}: {} {}", read, target, difference(off), off < 0 ? "low" : "high"),
                        Phrase.of("{}", read),
                        Phrase.of("{}", target),
                        Phrase.of(
                                off < 0
                                        ? "Off by more than {}. Add air cold, then look for why it was low."
                                        : "Off by more than {}. Release air cold; a hot tire is never bled down.",
                                difference(allowed)))));
    }

    private static Optional<Judged> hotAndLow(Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        if (read.psi() >= target.psi() - SLACK) {
            return Optional.empty();
        }
        return Optional.of(new Judged(
                Verdict.WATCH,
                Reason.of(
                        Rule.PRESSURE_HOT,
                        Phrase.of("{} hot, below the cold target {}", read, target),
                        Phrase.of("{}", read),
                        Phrase.of("{}", target),
                        "Hot and below the cold target is certainly low. Let it stand 3 hours and gauge it cold.")));
    }

    /** Only against the tires read on the same day or later knowledge: each mate's newest cold figure. */
    private static Optional<Judged> unequalAxle(Case one, Reading reading) {
        double allowed = one.policy().number(PolicyNumber.PRESSURE_SPREAD);
        double here = reading.pressure().orElseThrow().psi();
        return one.onVehicle().axleMates(one.position()).stream()
                .filter(mate -> mate.lastCold().isPresent())
                .filter(mate -> mate.lastCold().get().pressure().get().psi() - here > allowed + SLACK)
                .max(java.util.Comparator.comparingDouble(
                        mate -> mate.lastCold().get().pressure().get().psi()))
                .map(
                        mate -> new Judged(
                                Verdict.WATCH,
                                Reason.of(
                                        Rule.PRESSURE_EQUAL,
                                        Phrase.of(
                                                "{} here, {} at {}: more than {} apart",
                                                reading.pressure().get(),
                                                mate.lastCold().get().pressure().get(),
                                                mate.position().code(),
                                                Pressure.psi(allowed)),
                                        Phrase.of(
                                                "{}",
                                                difference(mate.lastCold()
                                                                .get()
                                                                .pressure()
                                                                .get()
                                                                .psi()
                                                        - here)),
                                        Phrase.of("{}", Pressure.psi(allowed)),
                                        "All tires of one axle carry the same pressure; 10 psi low on one side makes a vehicle drift.")));
    }

    private static Optional<Judged> known(Case one, Optional<Reading> cold, Optional<Reading> last) {
        if (cold.isEmpty()) {
            String says = last.isPresent() ? "Never gauged cold" : "Pressure never read";
            return Optional.of(notKnown(
                    Phrase.of(says), Phrase.of("not read"), Phrase.of(""), "Gauge it cold, parked at least 3 hours."));
        }
        int days = one.policy().days(PolicyNumber.PRESSURE_KNOWN_DAYS);
        long old = ChronoUnit.DAYS.between(cold.get().on(), one.today());
        if (old <= days) {
            return Optional.empty();
        }
        return Optional.of(notKnown(
                Phrase.of("Cold pressure last read {}, {} days ago", cold.get().on(), old),
                Phrase.of("{} days", old),
                Phrase.of("{} days", days),
                "A good reading grows old. Gauge it cold again."));
    }

    private static Judged notKnown(Phrase says, Phrase figure, Phrase limit, String because) {
        return new Judged(Verdict.NOT_KNOWN, Reason.of(Rule.PRESSURE_CURRENT, says, figure, limit, because));
    }

    private static Pressure difference(double psi) {
        return Pressure.psi(Math.round(Math.abs(psi) * 10) / 10.0);
    }
}
