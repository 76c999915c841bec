package rotagens.core.inspection;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.LossRate;
import rotagens.core.pressure.Maximum;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.Target;

/** Cold pressure against target, maximum and the other tires of the axle. Verdicts compare the reading as read. */
public final class PressureCheck {

    private static final double SLACK = 1e-6;
    /** A tenth is all a gauge shows; N is shown to a tenth. */
    private static final double NEED_SLACK_PSI = 0.05;

    private PressureCheck() {}

    static List<Judged> check(Case one) {
        List<Judged> reasons = new ArrayList<>();
        Target target = one.pressures().targetAt(one.position(), one.tire().model(), one.policy());
        if (target.pressure().isEmpty()) {
            reasons.add(new Judged(Verdict.NOT_KNOWN, target.reason()));
        }
        Optional<Reading> last = one.state().lastPressure();
        Optional<Reading> cold = one.state().lastCold();
        Optional<Judged> runFlat = last.flatMap(reading -> target.pressure().flatMap(goal -> runFlat(reading, goal)));
        runFlat.ifPresent(reasons::add);
        cold.flatMap(reading -> overMaximum(one, reading)).ifPresent(reasons::add);
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
            cold.flatMap(reading -> underNeed(one, reading)).ifPresent(reasons::add);
            leak(one).ifPresent(reasons::add);
        }
        known(one, cold, last).ifPresent(reasons::add);
        return reasons;
    }

    private static Optional<Judged> runFlat(Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        if (!RunFlat.ranLow(read, target)) {
            return Optional.empty();
        }
        String share = String.format(Locale.ROOT, "%.0f", Math.floor(100 * read.psi() / target.psi() + SLACK));
        return Optional.of(new Judged(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.RUN_FLAT,
                        Phrase.of("{}, target {}: {} % of target", read, target, share),
                        Phrase.of("{}", read),
                        Phrase.of("{}", Pressure.psi(RunFlat.SHARE * target.psi())),
                        Finding.RAN_LOW.because())));
    }

    private static Optional<Judged> overMaximum(Case one, Reading reading) {
        Pressure read = reading.pressure().orElseThrow();
        return Maximum.at(one.vehicle(), one.position(), one.tire().model(), one.policy())
                .map(Maximum::pressure)
                .filter(maximum -> read.psi() > maximum.psi() + SLACK)
                .map(
                        maximum -> new Judged(
                                Verdict.DO_NOT_OPERATE,
                                Reason.of(
                                        Rule.PRESSURE_MAXIMUM,
                                        Phrase.of("{} cold, maximum {}", read, maximum),
                                        Phrase.of("{}", read),
                                        Phrase.of("{}", maximum),
                                        "Over what the tire or the wheel may hold. Bleed it cold, standing clear of the valve’s line.")));
    }

    /** Under what the recorded load needs, by the straight line between the chart's rows. */
    private static Optional<Judged> underNeed(Case one, Reading reading) {
        Pressure read = reading.pressure().orElseThrow();
        return one.pressures()
                .at(one.position())
                .flatMap(axle -> axle.needPsi()
                        .filter(need -> read.psi() < need - NEED_SLACK_PSI)
                        .map(need -> new Judged(
                                Verdict.DO_NOT_OPERATE,
                                Reason.of(
                                        Rule.PRESSURE_NEED,
                                        Phrase.of(
                                                "{} cold, the load of {} needs {}",
                                                read,
                                                Load.lb(Math.rint(axle.load()
                                                        .orElseThrow()
                                                        .perTireLb())),
                                                Pressure.psi(Math.round(need * 10) / 10.0)),
                                        Phrase.of("{}", read),
                                        Phrase.of("{}", Pressure.psi(Math.round(need * 10) / 10.0)),
                                        "Too little air for what it carries. Fill it cold before it rolls."))));
    }

    /** Faster than 5 % a month: watched; planned for today where it reaches the need before the next check. */
    private static Optional<Judged> leak(Case one) {
        Optional<LossRate> rate = one.state().lossRate().filter(LossRate::isLeak);
        Optional<Reading> cold = one.state().lastCold();
        if (rate.isEmpty() || cold.isEmpty()) {
            return Optional.empty();
        }
        int interval = one.policy().days(one.pressures().checkEvery());
        Optional<LocalDate> reaches = NextCheck.of(
                        cold.get().pressure().orElseThrow().psi(),
                        cold.get().on(),
                        one.pressures().at(one.position()).flatMap(axle -> axle.needPsi()),
                        rate,
                        interval)
                .reachesNeed();
        boolean soon = reaches.filter(day -> day.isBefore(cold.get().on().plusDays(interval)))
                .isPresent();
        String percent = String.format(Locale.ROOT, "%.1f", rate.get().low() * 100);
        return Optional.of(new Judged(
                soon ? Verdict.PLAN : Verdict.WATCH,
                new Reason(
                        Rule.LOSS,
                        Phrase.of(
                                "Loses {}{} % a month",
                                rate.get().low() < rate.get().high() - 1e-9 ? "at least " : "", percent),
                        Phrase.of("{} %", percent),
                        Phrase.of("5 %"),
                        soon
                                ? Phrase.of(
                                        "It reaches what its load needs on {}, before the next check. Valve core, stem, bead or puncture: find it today.",
                                        reaches.get())
                                : Phrase.of("A leak: look at valve core, stem, bead, and for a puncture."))));
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
