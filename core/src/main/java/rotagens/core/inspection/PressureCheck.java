package rotagens.core.inspection;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.Target;

/** Cold pressure against target, maximum and the other tires of the axle. Verdicts compare the reading as read. */
public final class PressureCheck {

    /** Share of the target at or under which a tire is treated as run flat (29 CFR 1910.177 for large vehicles). */
    public static final double RUN_FLAT_SHARE = 0.8;

    private static final double SLACK = 1e-6;

    private PressureCheck() {}

    /** At 80 % of target or less, cold or hot, a tire is treated as run flat. */
    public static boolean ranLow(Pressure read, Pressure target) {
        return read.psi() <= RUN_FLAT_SHARE * target.psi() + SLACK;
    }

    static List<Judged> check(Case one) {
        List<Judged> reasons = new ArrayList<>();
        Target target = Target.of(one.vehicle(), one.position(), one.tire());
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
        known(one, cold, last).ifPresent(reasons::add);
        return reasons;
    }

    private static Optional<Judged> runFlat(Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        if (!ranLow(read, target)) {
            return Optional.empty();
        }
        String share = String.format(Locale.ROOT, "%.0f", Math.floor(100 * read.psi() / target.psi() + SLACK));
        return Optional.of(new Judged(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.RUN_FLAT,
                        Phrase.of("{}, target {}: {} % of target", read, target, share),
                        Phrase.of("{}", read),
                        Phrase.of("{}", Pressure.psi(RUN_FLAT_SHARE * target.psi())),
                        Finding.RAN_LOW.because())));
    }

    private static Optional<Judged> overMaximum(Case one, Reading reading) {
        Pressure read = reading.pressure().orElseThrow();
        return Target.maximum(one.vehicle(), one.position(), one.tire())
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
