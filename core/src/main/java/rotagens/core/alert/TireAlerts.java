package rotagens.core.alert;

import static rotagens.core.alert.AlertWords.WORDS;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.pressure.PressureLoss;
import rotagens.core.pressure.RunFlat;

/**
 * Everything that is or was wrong with one tire, and the depth that stands for each groove: the fold of its ledger, one fact after
 * the other. Nothing else opens an alert or clears one.
 *
 * @param grooves the standing depth of each groove ever measured
 * @param all open and cleared, in the order they were opened
 * @param memory what the next reading is compared with
 */
public record TireAlerts(List<Groove> grooves, List<Alert> all, Memory memory) {

    /** What the next reading is compared with. */
    record Memory(List<PressureLoss.ColdReading> sinceRepair, Optional<Last> last) {

        static final Memory NONE = new Memory(List.of(), Optional.empty());
    }

    /**
     * The last pressure read.
     *
     * @param heldTo the target it was driven at
     * @param target the one in force
     */
    record Last(Pressure read, Optional<Pressure> heldTo, Optional<Pressure> target, Optional<Distance> odometer) {}

    /** Of a tire with nothing on record. */
    public static final TireAlerts NONE = new TireAlerts(List.of(), List.of(), Memory.NONE);

    /** Miles between two readings that show that a vehicle was driven, not moved about. */
    private static final double DRIVEN_MILES = 10;

    /**
     * Keeps copies, so that it never changes.
     *
     * @param grooves the standing depth of each groove ever measured
     * @param all open and cleared, in the order they were opened
     * @param memory what the next reading is compared with
     */
    public TireAlerts {
        grooves = List.copyOf(grooves);
        all = List.copyOf(all);
    }

    /**
     * As stored: what later facts are compared with isn't kept, so nothing may be added but by folding anew.
     *
     * @param grooves the standing depths
     * @param all open and cleared
     * @return ready to be read
     */
    public static TireAlerts stored(List<Groove> grooves, List<Alert> all) {
        return new TireAlerts(grooves, all, Memory.NONE);
    }

    /**
     * A whole ledger.
     *
     * @param ledger every fact of one tire, the oldest first
     * @return what is or was wrong after it
     */
    public static TireAlerts fold(List<TireFact> ledger) {
        TireAlerts alerts = NONE;
        for (TireFact fact : ledger) {
            alerts = alerts.after(fact);
        }
        return alerts;
    }

    /**
     * What is wrong now.
     *
     * @return in the order it was opened
     */
    public List<Alert> open() {
        return all.stream().filter(Alert::isOpen).toList();
    }

    /**
     * What is wrong now of one kind.
     *
     * @param kind which
     * @return the first opened
     */
    public Optional<Alert> open(AlertKind kind) {
        return all.stream()
                .filter(alert -> alert.isOpen() && alert.kind() == kind)
                .findFirst();
    }

    /**
     * What eye or hand found and nobody has cleared.
     *
     * @return with sidewall, day and person
     */
    public List<OpenFinding> findings() {
        return open().stream().flatMap(alert -> alert.finding().stream()).toList();
    }

    /**
     * The lowest depth standing anywhere on the tread, with its day.
     *
     * @return empty where nothing was measured
     */
    public Optional<Groove> lowest() {
        return grooves.stream().min(Comparator.comparing(Groove::depth));
    }

    /**
     * Opened here and not before.
     *
     * @param before how it was
     * @return the new ones
     */
    public List<Alert> openedSince(TireAlerts before) {
        return all.stream()
                .filter(alert -> before.all.stream()
                        .noneMatch(known -> known.is(alert.kind(), alert.key())
                                && known.on().equals(alert.on())))
                .toList();
    }

    /**
     * Open before and cleared here.
     *
     * @param before how it was
     * @return the cleared ones, with how
     */
    public List<Alert> clearedSince(TireAlerts before) {
        return all.stream()
                .filter(alert -> !alert.isOpen())
                .filter(alert -> before.open().stream().anyMatch(known -> known.is(alert.kind(), alert.key())))
                .toList();
    }

    /**
     * The same, ready for one more fact: what the next reading is compared with comes from the last ones.
     *
     * @param readings the oldest first
     * @return with that memory
     */
    public TireAlerts remembering(List<Reading> readings) {
        Optional<LocalDate> repaired = all.stream()
                .filter(alert -> alert.isOpen() && isLeak(alert))
                .flatMap(alert -> alert.repairedOn().stream())
                .max(Comparator.naturalOrder());
        Memory remembered =
                fold(readings.stream().<TireFact>map(TireFact.Read::new).toList()).memory;
        return with(new Memory(
                remembered.sinceRepair().stream()
                        .filter(coldReading ->
                                repaired.filter(coldReading.on()::isBefore).isEmpty())
                        .toList(),
                remembered.last()));
    }

    /**
     * The target the tire was driven at before this reading: see the alert of running low.
     *
     * @param reading stamped with what was in force
     * @return empty where no target was known
     */
    public Optional<Pressure> drivenAt(Reading reading) {
        return heldTo(reading, reading.inForce().orElse(InForce.UNKNOWN));
    }

    /**
     * What is so once a fact is on record.
     *
     * @param fact one later than all before
     * @return with what it opened and cleared
     */
    public TireAlerts after(TireFact fact) {
        if (fact instanceof TireFact.Read read) {
            return afterBound(read.reading()).afterTread(read.reading()).afterPressure(read.reading());
        }
        if (fact instanceof TireFact.Found found) {
            return afterFinding(found);
        }
        if (fact instanceof TireFact.Fixed right) {
            return clear(
                    alert -> alert.finding()
                            .filter(open -> open.finding() == right.finding()
                                    && open.finding().clearedBy() == Finding.ClearedBy.FIXED)
                            .isPresent(),
                    right.on(),
                    right.by(),
                    right.note().isEmpty() ? WORDS.say("fixedWord") : WORDS.say("fixed", "note", right.note()));
        }
        if (fact instanceof TireFact.Inspected inspected) {
            return afterInspection(inspected);
        }
        if (fact instanceof TireFact.Repaired repaired) {
            return each(TireAlerts::isLeak, alert -> alert.repaired(Optional.of(repaired.on())))
                    .with(new Memory(List.of(), memory.last()));
        }
        return moved();
    }

    private TireAlerts with(Memory other) {
        return new TireAlerts(grooves, all, other);
    }

    private TireAlerts each(Predicate<Alert> which, UnaryOperator<Alert> change) {
        return new TireAlerts(
                grooves,
                all.stream()
                        .map(alert -> alert.isOpen() && which.test(alert) ? change.apply(alert) : alert)
                        .toList(),
                memory);
    }

    private TireAlerts clear(Predicate<Alert> which, LocalDate on, String by, String how) {
        return each(which, alert -> alert.clearedBy(on, by, how));
    }

    /** Opens it, unless it is open: then the newest figure stands, from the day it was first opened. */
    private TireAlerts open(Alert alert) {
        List<Alert> now = new ArrayList<>(all);
        for (int at = 0; at < now.size(); at++) {
            Alert known = now.get(at);
            if (known.isOpen() && known.is(alert.kind(), alert.key())) {
                now.set(
                        at,
                        new Alert(
                                known.kind(),
                                known.key(),
                                known.on(),
                                known.by(),
                                alert.value().or(known::value),
                                alert.limit().or(known::limit),
                                known.topUps(),
                                known.repairedOn(),
                                Optional.empty()));
                return new TireAlerts(grooves, now, memory);
            }
        }
        now.add(alert);
        return new TireAlerts(grooves, now, memory);
    }

    // ---- eye and hand

    private TireAlerts afterFinding(TireFact.Found found) {
        if (found.finding() == Finding.RUN_FLAT) {
            return open(AlertKind.RUN_FLAT).isPresent()
                    ? this
                    : open(Alert.opened(AlertKind.RUN_FLAT, "", found.on(), found.by()));
        }
        if (found.finding() == Finding.FAST_LOSS) {
            // A repair after which air goes fast again didn't hold.
            return open(AlertKind.LEAK).isPresent()
                            || open(AlertKind.SUSPECTED_LEAK).isPresent()
                    ? each(TireAlerts::isLeak, alert -> alert.repaired(Optional.empty()))
                    : open(Alert.opened(AlertKind.SUSPECTED_LEAK, "", found.on(), found.by()));
        }
        AlertKind kind = found.finding() == Finding.CURB_STRIKE ? AlertKind.STRIKE : AlertKind.FINDING;
        return open(Alert.opened(kind, Alert.keyOf(found.finding(), found.sidewall()), found.on(), found.by()));
    }

    private TireAlerts afterInspection(TireFact.Inspected inspected) {
        if (!inspected.isServiceable()) {
            return open(Alert.opened(
                    AlertKind.FINDING,
                    Alert.keyOf(Finding.CONDEMNED, Optional.empty()),
                    inspected.on(),
                    inspected.by()));
        }
        return clear(
                alert -> alert.finding()
                        .filter(open -> open.finding().clearedBy() == Finding.ClearedBy.PROFESSIONAL)
                        .isPresent(),
                inspected.on(),
                inspected.by(),
                WORDS.say("foundSound", "professional", inspected.professional()));
    }

    // ---- tread

    /** What bar or coin says for certain stands until every groove is gauged. */
    private TireAlerts afterBound(Reading reading) {
        if (reading.tread().isComplete()) {
            return clear(
                    alert -> alert.is(AlertKind.TREAD, Groove.Zone.BAR.name()),
                    reading.on(),
                    reading.by(),
                    WORDS.say("everyGrooveMeasured"));
        }
        Optional<TreadDepth> broken = reading.treadInterval()
                .flatMap(bound -> reading.inForce()
                        .flatMap(limits -> limits.legal()
                                .filter(bound::isAtOrBelow)
                                .or(() -> limits.pull().filter(bound::isAtOrBelow))));
        return broken.map(limit -> open(Alert.opened(
                        AlertKind.TREAD,
                        Groove.Zone.BAR.name(),
                        reading.on(),
                        reading.by(),
                        reading.treadInterval().orElseThrow().mark(),
                        limit)))
                .orElse(this);
    }

    private TireAlerts afterTread(Reading reading) {
        if (reading.tread().isEmpty()) {
            return this;
        }
        Map<Groove.Zone, Groove> standing = new EnumMap<>(Groove.Zone.class);
        grooves.forEach(groove -> standing.put(groove.zone(), groove));
        List<Groove> measured = Measured.of(reading);
        int everywhere = measured.size() == WHOLE_TREAD
                ? measured.stream().mapToInt(Groove::places).min().orElseThrow()
                : 0;
        for (Groove newer : measured) {
            Groove known = standing.get(newer.zone());
            if (known == null || known.isReplacedBy(newer)) {
                standing.put(newer.zone(), newer);
            }
        }
        // A lowest depth of which nobody kept the groove goes with all three, measured at as many places.
        Groove anywhere = standing.get(Groove.Zone.ANYWHERE);
        if (anywhere != null && !measured.contains(anywhere) && everywhere >= anywhere.places()) {
            standing.remove(Groove.Zone.ANYWHERE);
        }
        TireAlerts now = new TireAlerts(List.copyOf(standing.values()), all, memory);
        for (Groove.Zone zone : MEASURED) {
            now = now.judged(Optional.ofNullable(standing.get(zone)), zone, reading);
        }
        return now;
    }

    private static final int WHOLE_TREAD = 3;
    private static final Set<Groove.Zone> MEASURED = EnumSet.complementOf(EnumSet.of(Groove.Zone.BAR));

    /** Holds a groove's standing depth against the limits of the reading that changed it. */
    private TireAlerts judged(Optional<Groove> groove, Groove.Zone zone, Reading reading) {
        Optional<InForce> then = reading.inForce();
        Optional<TreadDepth> broken = groove.flatMap(one -> then.flatMap(limits -> limits.legal()
                .filter(legal -> one.depth().compareTo(legal) <= 0)
                .or(() -> limits.pull().filter(pull -> one.depth().compareTo(pull) <= 0))));
        if (broken.isPresent()) {
            Groove one = groove.orElseThrow();
            return open(Alert.opened(AlertKind.TREAD, zone.name(), one.on(), one.by(), one.depth(), broken.get()));
        }
        boolean measuredNow =
                groove.filter(one -> one.on().equals(reading.on())).isPresent() || groove.isEmpty();
        return measuredNow && then.isPresent()
                ? clear(
                        alert -> alert.is(AlertKind.TREAD, zone.name()),
                        reading.on(),
                        reading.by(),
                        groove.map(one -> WORDS.say(
                                        "measuredAgain",
                                        "asEntered",
                                        one.depth().asEntered()))
                                .orElse(WORDS.say("measuredAgainAtEveryGroove")))
                : this;
    }

    /** Which shoulder is which isn't known any more: the lower of the two stands for both until each is measured here. */
    private TireAlerts moved() {
        List<Groove> now = new ArrayList<>(grooves.stream()
                .filter(groove -> groove.zone() != Groove.Zone.OUTER && groove.zone() != Groove.Zone.INNER)
                .toList());
        grooves.stream()
                .filter(groove -> groove.zone() == Groove.Zone.OUTER || groove.zone() == Groove.Zone.INNER)
                .min(Comparator.comparing(Groove::depth))
                .ifPresent(lower -> {
                    now.add(lower.as(Groove.Zone.OUTER, lower.depth()));
                    now.add(lower.as(Groove.Zone.INNER, lower.depth()));
                });
        now.sort(Comparator.comparing(Groove::zone));
        return new TireAlerts(now, all, memory);
    }

    // ---- pressure

    private TireAlerts afterPressure(Reading reading) {
        if (reading.pressure().isEmpty()) {
            return this;
        }
        Pressure read = reading.pressure().get();
        InForce then = reading.inForce().orElse(InForce.UNKNOWN);
        Optional<Pressure> heldTo = heldTo(reading, then);
        TireAlerts now = this;
        if (heldTo.filter(target -> RunFlat.isRunFlat(read, target)).isPresent()) {
            now = now.open(AlertKind.RUN_FLAT).isPresent()
                    ? now
                    : now.open(Alert.opened(
                            AlertKind.RUN_FLAT, "", reading.on(), reading.by(), read, heldTo.orElseThrow()));
        }
        now = now.againstMinimum(reading, read, then).againstMaximum(reading, read, then);
        now = now.with(new Memory(
                now.memory.sinceRepair(), Optional.of(new Last(read, heldTo, then.target(), reading.odometer()))));
        return reading.hasColdPressure() ? now.afterCold(reading, read, then) : now;
    }

    /**
     * The target a tire was driven at. A target that was raised since the last reading, by another load state or another weight,
     * holds only once the tire has been filled for it: raising is work that may be done, never a tire run flat. Until then the
     * target before it holds, or what was read last where there was none, unless the odometer shows that the vehicle was driven
     * so.
     */
    private Optional<Pressure> heldTo(Reading reading, InForce then) {
        Optional<Pressure> target = then.target();
        if (target.isEmpty() || memory.last().isEmpty()) {
            return target;
        }
        Last last = memory.last().get();
        boolean notYetRaised = RunFlat.isRunFlat(last.read(), target.get())
                && (last.heldTo().isEmpty() && last.target().isEmpty()
                        || last.heldTo()
                                .filter(before -> before.psi() < target.get().psi() - 1e-6
                                        && !RunFlat.isRunFlat(last.read(), before))
                                .isPresent());
        boolean drivenSo = last.target().filter(target.get()::equals).isPresent()
                && last.odometer().isPresent()
                && reading.odometer().isPresent()
                && reading.odometer().get().miles() - last.odometer().get().miles() >= DRIVEN_MILES;
        return notYetRaised && !drivenSo ? last.heldTo().or(() -> Optional.of(last.read())) : target;
    }

    private TireAlerts againstMinimum(Reading reading, Pressure read, InForce then) {
        if (then.minimum().isEmpty()) {
            return this;
        }
        Pressure minimum = then.minimum().get();
        boolean cold = reading.thermalState() == ThermalState.COLD;
        if (read.isUnder(minimum)) {
            // A cold figure says it better than a hot one before it.
            TireAlerts now = cold
                    ? clear(
                            alert -> alert.is(AlertKind.UNDER_MINIMUM, Alert.HOT),
                            reading.on(),
                            reading.by(),
                            WORDS.say("checkedCold"))
                    : this;
            return now.open(Alert.opened(
                    AlertKind.UNDER_MINIMUM, cold ? Alert.COLD : Alert.HOT, reading.on(), reading.by(), read, minimum));
        }
        return cold
                ? clear(
                        alert -> alert.kind() == AlertKind.UNDER_MINIMUM,
                        reading.on(),
                        reading.by(),
                        read.asEntered() + WORDS.say("cold"))
                : this;
    }

    private TireAlerts againstMaximum(Reading reading, Pressure read, InForce then) {
        if (then.maximum().isEmpty() || reading.thermalState() != ThermalState.COLD) {
            return this;
        }
        Pressure maximum = then.maximum().get();
        return read.isOver(maximum)
                ? open(Alert.opened(AlertKind.OVER_MAXIMUM, "", reading.on(), reading.by(), read, maximum))
                : clear(
                        alert -> alert.kind() == AlertKind.OVER_MAXIMUM,
                        reading.on(),
                        reading.by(),
                        read.asEntered() + WORDS.say("cold"));
    }

    // ---- leaks

    private static boolean isLeak(Alert alert) {
        return alert.kind() == AlertKind.LEAK || alert.kind() == AlertKind.SUSPECTED_LEAK;
    }

    private TireAlerts afterCold(Reading reading, Pressure read, InForce then) {
        List<PressureLoss.ColdReading> coldReadings = new ArrayList<>(memory.sinceRepair());
        coldReadings.add(
                new PressureLoss.ColdReading(reading.on(), read.psi(), reading.temperature(), reading.isInflation()));
        // What lies before the last fill tells nothing of the present rate.
        List<PressureLoss.ColdReading> newestFirst = new ArrayList<>(coldReadings);
        Collections.reverse(newestFirst);
        List<PressureLoss.ColdReading> since = PressureLoss.sinceFill(newestFirst);
        boolean toppedUp = coldReadings.size() > 1
                && (reading.isInflation() || since.size() == 1)
                && read.psi() > coldReadings.get(coldReadings.size() - 2).psi();
        TireAlerts now = with(new Memory(since, memory.last()));
        if (toppedUp) {
            now = now.each(TireAlerts::isLeak, Alert::toppedUp);
        }
        PressureLoss.Loss loss = PressureLoss.ofTire(since);
        if (loss.isLeak()) {
            now = now.clear(
                            alert -> alert.kind() == AlertKind.SUSPECTED_LEAK,
                            reading.on(),
                            reading.by(),
                            WORDS.say("itIsALeak"))
                    .leaks(AlertKind.LEAK, reading, loss, read);
        } else if (loss.isSuspected() && now.open(AlertKind.LEAK).isEmpty()) {
            now = now.leaks(AlertKind.SUSPECTED_LEAK, reading, loss, read);
        } else if (!loss.isSuspected()) {
            now = now.held(reading, then, since);
        }
        return now;
    }

    /** Opens it, or says that a repair didn't hold. */
    private TireAlerts leaks(AlertKind kind, Reading reading, PressureLoss.Loss loss, Pressure read) {
        Optional<Alert> known = open(kind);
        return known.isPresent()
                ? each(
                        alert -> alert.kind() == kind,
                        alert -> alert.repaired(Optional.empty()).reads(read))
                : open(Alert.opened(kind, "", reading.on(), reading.by(), Pressure.psi(tenth(loss.fromPsi())), read));
    }

    private static double tenth(double psi) {
        return Math.round(psi * 10) / 10.0;
    }

    /** A cold reading long enough after the repair, at a normal rate since one taken after it, clears a leak. */
    private TireAlerts held(Reading reading, InForce then, List<PressureLoss.ColdReading> since) {
        return clear(
                alert -> isLeak(alert)
                        && alert.repairedOn()
                                .filter(day -> ChronoUnit.DAYS.between(day, reading.on()) >= then.leakHoldDays())
                                .filter(day -> since.size() > 1
                                        && !since.get(0).on().isBefore(day)
                                        && since.get(0).on().isBefore(reading.on())
                                        && PressureLoss.ofTire(since).isNormal())
                                .isPresent(),
                reading.on(),
                reading.by(),
                WORDS.say("repairedAndAColdReading"));
    }
}
