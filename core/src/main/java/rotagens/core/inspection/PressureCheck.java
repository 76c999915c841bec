package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

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
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Load;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.MaximumPressure;
import rotagens.core.pressure.NextCheck;
import rotagens.core.pressure.PressureLoss;
import rotagens.core.pressure.RunFlat;
import rotagens.core.pressure.TargetPressure;

/** Cold pressure against target, maximum and the other tires of the axle. Verdicts compare the reading as read. */
public final class PressureCheck {

    private static final double SLACK = 1e-6;

    private PressureCheck() {}

    static List<VerdictReason> check(TireContext one) {
        List<VerdictReason> reasons = new ArrayList<>();
        TargetPressure targetPressure =
                one.pressures().targetAt(one.position(), one.tire().model(), one.policy());
        if (targetPressure.pressure().isEmpty()) {
            reasons.add(new VerdictReason(Verdict.UNKNOWN, targetPressure.reason()));
        }
        Optional<Reading> last = one.state().lastPressure();
        Optional<Reading> cold = one.state().lastCold();
        Optional<VerdictReason> runFlat = one.state()
                .alerts()
                .open(AlertKind.RUN_FLAT)
                .filter(alert -> alert.value().isPresent())
                .map(alert -> ranLow(
                        (Pressure) alert.value().get(), (Pressure) alert.limit().orElseThrow()))
                // A reading that knows what was in force has opened its alert; one that doesn't is held against today's
                // target.
                .or(() -> last.filter(reading -> reading.inForce().isEmpty())
                        .flatMap(reading -> targetPressure.pressure().flatMap(goal -> runFlat(reading, goal))));
        runFlat.ifPresent(reasons::add);
        overMaximum(one, cold).ifPresent(reasons::add);
        if (targetPressure.pressure().isPresent() && runFlat.isEmpty()) {
            Pressure goal = targetPressure.pressure().get();
            cold.flatMap(reading -> offTarget(one, reading, goal)).ifPresent(reasons::add);
            last.filter(reading -> reading.thermalState() != ThermalState.COLD)
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

    private static Optional<VerdictReason> runFlat(Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        return RunFlat.isRunFlat(read, target) ? Optional.of(ranLow(read, target)) : Optional.empty();
    }

    private static VerdictReason ranLow(Pressure read, Pressure target) {
        String share = String.format(Locale.ROOT, "%.0f", Math.floor(100 * read.psi() / target.psi() + SLACK));
        return new VerdictReason(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.RUN_FLAT,
                        WORDS.message("targetOfTarget", "read", read, "target", target, "share", share),
                        Message.of("{}", read),
                        Message.of("{}", Pressure.psi(RunFlat.SHARE * target.psi())),
                        Finding.RUN_FLAT.explanation()));
    }

    /** By the alert that stands, or by the newest cold reading against today's maximum. */
    private static Optional<VerdictReason> overMaximum(TireContext one, Optional<Reading> cold) {
        Optional<VerdictReason> now = cold.flatMap(reading -> MaximumPressure.at(
                        one.vehicle(), one.position(), one.tire().model(), one.policy())
                .map(MaximumPressure::pressure)
                .filter(reading.pressure().orElseThrow()::isOver)
                .map(maximum -> overMaximum(reading.pressure().get(), maximum)));
        return now.or(() -> one.state()
                .alerts()
                .open(AlertKind.OVER_MAXIMUM)
                .map(alert -> overMaximum((Pressure) alert.value().orElseThrow(), (Pressure)
                        alert.limit().orElseThrow())));
    }

    private static VerdictReason overMaximum(Pressure read, Pressure maximum) {
        return new VerdictReason(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.PRESSURE_MAXIMUM,
                        WORDS.message("coldMaximum", "read", read, "maximum", maximum),
                        Message.of("{}", read),
                        Message.of("{}", maximum),
                        WORDS.say("overWhatTheTire")));
    }

    /**
     * Under what the recorded load needs: by the newest cold reading, by a hot one (which reads high, so the tire is certainly
     * under), or by an alert that nothing has cleared.
     */
    private static Optional<VerdictReason> underMinimum(
            TireContext one, Optional<Reading> cold, Optional<Reading> last) {
        Optional<VerdictReason> now = one.pressures()
                .at(one.position())
                .flatMap(axle -> axle.minimumForLoadPsi().flatMap(need -> {
                    Pressure minimum = Pressure.psi(Math.round(need * 10) / 10.0);
                    Message load = WORDS.message(
                            "loadOfNeeds",
                            "perTireLb",
                            Load.lb(Math.rint(axle.load().orElseThrow().perTireLb())),
                            "minimum",
                            minimum);
                    return cold.filter(
                                    reading -> reading.pressure().orElseThrow().isUnder(minimum))
                            .map(reading -> underMinimum(one, reading.pressure().get(), minimum, load, false))
                            .or(() -> last.filter(reading -> reading.thermalState() != ThermalState.COLD
                                            && reading.pressure().orElseThrow().isUnder(minimum))
                                    .map(reading ->
                                            underMinimum(one, reading.pressure().get(), minimum, load, true)));
                }));
        Optional<VerdictReason> before = one.state()
                .alerts()
                .open(AlertKind.UNDER_MINIMUM)
                .map(alert -> underMinimum(
                        one,
                        (Pressure) alert.value().orElseThrow(),
                        (Pressure) alert.limit().orElseThrow(),
                        WORDS.message("loadNeeds", "alert", alert.limit().get()),
                        alert.byHotReading()));
        return Stream.concat(now.stream(), before.stream()).max(Comparator.comparing(VerdictReason::verdict));
    }

    private static VerdictReason underMinimum(
            TireContext one, Pressure read, Pressure minimum, Message load, boolean hot) {
        double accuracy = one.policy().number(PolicyNumber.GAUGE_ACCURACY);
        boolean withinGauge = !hot && minimum.psi() - read.psi() <= accuracy + SLACK;
        return new VerdictReason(
                withinGauge ? Verdict.SERVICE_DUE : Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.MINIMUM_FOR_LOAD,
                        Message.of("{} {}, {}", read, hot ? WORDS.say("hot") : WORDS.say("cold"), load),
                        Message.of("{}", read),
                        Message.of("{}", minimum),
                        hot
                                ? WORDS.say("hotTireReadsHighCold")
                                : withinGauge ? WORDS.say("underTheMinimumByNo") : WORDS.say("tooLittleAirForWhat")));
    }

    /**
     * A leak stays one until it is repaired and a cold reading held: watched; planned for today where it reaches the minimum
     * before the next check. A drop too quick to be told from is planned: gauge again.
     */
    private static Optional<VerdictReason> leak(TireContext one) {
        Optional<Alert> known = one.state()
                .alerts()
                .open(AlertKind.LEAK)
                .or(() -> one.state().alerts().open(AlertKind.SUSPECTED_LEAK));
        PressureLoss.Loss loss = one.state().loss();
        if (known.isEmpty() && !loss.isLeak()) {
            return Optional.empty();
        }
        if (known.filter(alert -> alert.kind() == AlertKind.SUSPECTED_LEAK).isPresent()) {
            return known.map(alert -> new VerdictReason(
                    Verdict.SERVICE_DUE,
                    new Reason(
                            Rule.PRESSURE_LOSS,
                            alert.statement(),
                            alert.limit().map(read -> Message.of("{}", read)).orElse(WORDS.message("fast")),
                            Message.of("5%"),
                            WORDS.message(
                                    "tooQuickADrop2",
                                    "suspectedLeakDays",
                                    one.policy().days(PolicyNumber.SUSPECTED_LEAK_DAYS)))));
        }
        Optional<Reading> cold = one.state().lastCold();
        int interval = one.policy().days(one.pressures().checkIntervalDays());
        Optional<LocalDate> reaches = cold.flatMap(last -> NextCheck.of(
                        last.pressure().orElseThrow().psi(),
                        last.on(),
                        one.pressures().at(one.position()).flatMap(AxlePressure::minimumForLoadPsi),
                        loss.expected(),
                        interval)
                .reachesMinimum());
        boolean soon = reaches.filter(
                        day -> day.isBefore(cold.orElseThrow().on().plusDays(interval)))
                .isPresent();
        Optional<PressureLoss> worst = Stream.concat(loss.whole().stream(), loss.latest().stream())
                .filter(PressureLoss::isLeak)
                .max(Comparator.comparing(PressureLoss::low));
        Message says = worst.map(rate -> known.filter(alert -> alert.topUps() > 0)
                        .map(alert -> Message.of("{}; {}", loses(rate), alert.statement()))
                        .orElse(loses(rate)))
                .orElseGet(() -> known.orElseThrow().statement());
        return Optional.of(new VerdictReason(
                soon ? Verdict.SERVICE_DUE : Verdict.WATCH,
                new Reason(
                        Rule.PRESSURE_LOSS,
                        says,
                        worst.map(rate -> Message.of("{}%", percent(rate))).orElse(WORDS.message("notRepaired")),
                        Message.of("5%"),
                        soon
                                ? WORDS.message("itReachesWhatItsLoad", "reaches", reaches.get())
                                : WORDS.message("leakLookAtValveCore2"))));
    }

    private static Message loses(PressureLoss rate) {
        return WORDS.message("losesAtLeastAMonth", "isLess", rate.low() < rate.high() - 1e-9, "rate", percent(rate));
    }

    private static String percent(PressureLoss rate) {
        return String.format(Locale.ROOT, "%.1f", rate.low() * 100);
    }

    private static Optional<VerdictReason> offTarget(TireContext one, Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        double share = one.policy().number(PolicyNumber.PRESSURE_TOLERANCE_SHARE) / 100 * target.psi();
        double allowed = Math.max(share, one.policy().number(PolicyNumber.PRESSURE_TOLERANCE_MINIMUM));
        double off = read.psi() - target.psi();
        if (Math.abs(off) <= allowed + SLACK) {
            return Optional.empty();
        }
        return Optional.of(new VerdictReason(
                Verdict.WATCH,
                new Reason(
                        Rule.PRESSURE_TARGET,
                        WORDS.message(
                                "coldTargetLow",
                                "read",
                                read,
                                "target",
                                target,
                                "difference",
                                difference(off),
                                "isLess",
                                off < 0),
                        Message.of("{}", read),
                        Message.of("{}", target),
                        (off < 0
                                ? WORDS.message("offByMoreThanAdd", "difference", difference(allowed))
                                : WORDS.message("offByMoreThanRelease", "difference", difference(allowed))))));
    }

    private static Optional<VerdictReason> hotAndLow(Reading reading, Pressure target) {
        Pressure read = reading.pressure().orElseThrow();
        if (read.psi() >= target.psi() - SLACK) {
            return Optional.empty();
        }
        return Optional.of(new VerdictReason(
                Verdict.WATCH,
                Reason.of(
                        Rule.PRESSURE_HOT,
                        WORDS.message("hotBelowTheColdTarget", "read", read, "target", target),
                        Message.of("{}", read),
                        Message.of("{}", target),
                        WORDS.say("hotAndBelowTheCold"))));
    }

    /** Only against the tires read on the same day or later knowledge: each mate's newest cold figure. */
    private static Optional<VerdictReason> unequalAxle(TireContext one, Reading reading) {
        double allowed = one.policy().number(PolicyNumber.PRESSURE_SPREAD);
        double here = reading.pressure().orElseThrow().psi();
        return one.onVehicle().axleMates(one.position()).stream()
                .filter(mate -> mate.lastCold().isPresent())
                .filter(mate -> mate.lastCold().get().pressure().get().psi() - here > allowed + SLACK)
                .max(java.util.Comparator.comparingDouble(
                        mate -> mate.lastCold().get().pressure().get().psi()))
                .map(mate -> new VerdictReason(
                        Verdict.WATCH,
                        Reason.of(
                                Rule.PRESSURE_EQUAL,
                                WORDS.message(
                                        "hereAtMoreThanApart",
                                        "pressure",
                                        reading.pressure().get(),
                                        "there",
                                        mate.lastCold().get().pressure().get(),
                                        "position",
                                        mate.position().code(),
                                        "allowed",
                                        Pressure.psi(allowed)),
                                Message.of(
                                        "{}",
                                        difference(mate.lastCold()
                                                        .get()
                                                        .pressure()
                                                        .get()
                                                        .psi()
                                                - here)),
                                Message.of("{}", Pressure.psi(allowed)),
                                WORDS.say("allTiresOfOneAxle"))));
    }

    private static Optional<VerdictReason> known(TireContext one, Optional<Reading> cold, Optional<Reading> last) {
        if (cold.isEmpty()) {
            String says = last.isPresent() ? WORDS.say("noColdReading2") : WORDS.say("pressureNeverRead");
            return Optional.of(notKnown(
                    Message.of(says), WORDS.message("notRead"), Message.of(""), WORDS.say("checkColdPressureParked")));
        }
        int days = one.policy().days(PolicyNumber.PRESSURE_VALID_DAYS);
        long old = ChronoUnit.DAYS.between(cold.get().on(), one.today());
        if (old <= days) {
            return Optional.empty();
        }
        return Optional.of(notKnown(
                WORDS.message("coldPressureLastReadDays", "on", cold.get().on(), "old", old),
                WORDS.message("days", "old", old),
                WORDS.message("days2", "days", days),
                WORDS.say("goodReadingExpiresCheckCold")));
    }

    private static VerdictReason notKnown(Message says, Message figure, Message limit, String because) {
        return new VerdictReason(Verdict.UNKNOWN, Reason.of(Rule.PRESSURE_CURRENT, says, figure, limit, because));
    }

    private static Pressure difference(double psi) {
        return Pressure.psi(Math.round(Math.abs(psi) * 10) / 10.0);
    }
}
