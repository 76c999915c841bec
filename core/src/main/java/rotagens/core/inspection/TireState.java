package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.pressure.PressureLoss;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;
import rotagens.core.wear.WearRate;

/**
 * All that is known about the tire at one position.
 *
 * @param tire empty where no tire is on file there
 * @param readings taken at this position since the tire came there, newest first
 * @param alerts everything wrong with it from its whole ledger, wherever it was, and the standing depth of each groove
 * @param lastProfessional the latest professional inspection that found it sound
 * @param causeCorrectedOn when the cause of a wear pattern was last put right; wear doesn't heal, so the next reading that shows
 *     the pattern raises it again
 * @param asInstalled odometer and lowest depth when it came to its place, where both were recorded
 */
public record TireState(
        Position position,
        Optional<Tire> tire,
        List<Reading> readings,
        TireAlerts alerts,
        Optional<LocalDate> lastProfessional,
        Optional<LocalDate> causeCorrectedOn,
        Optional<WearRate.DepthReading> asInstalled) {

    /**
     * A tire of which these readings and findings are the whole ledger.
     *
     * @param position the position
     * @param tire empty where none is on file
     * @param readings newest first
     * @param open findings nobody has cleared
     * @param lastProfessional when a professional last looked inside and out; empty where never
     * @param causeCorrectedOn when the cause of its wear was last corrected; empty where never
     * @param asInstalled how deep it was when it came to this position; empty where nobody wrote it down
     */
    public TireState(
            Position position,
            Optional<Tire> tire,
            List<Reading> readings,
            List<OpenFinding> open,
            Optional<LocalDate> lastProfessional,
            Optional<LocalDate> causeCorrectedOn,
            Optional<WearRate.DepthReading> asInstalled) {
        this(position, tire, readings, alertsOf(readings, open), lastProfessional, causeCorrectedOn, asInstalled);
    }

    /**
     * What a ledger of just these readings and findings folds to: everything wrong with a tire, wherever it sits. Worked out once for
     * a tire that is looked at in many places.
     *
     * @param newestFirst its readings
     * @param open findings nobody has cleared
     * @return its open alarms
     */
    public static TireAlerts alertsOf(List<Reading> newestFirst, List<OpenFinding> open) {
        List<TireFact> ledger = new ArrayList<>();
        newestFirst.forEach(reading -> ledger.add(0, new TireFact.Read(reading)));
        open.forEach(
                found -> ledger.add(new TireFact.Found(found.finding(), found.sidewall(), found.on(), found.by())));
        return TireAlerts.fold(ledger);
    }

    /**
     * What eye or hand found and nobody has cleared.
     *
     * @return damage, wear signs and doubts of eye or hand
     */
    public List<OpenFinding> open() {
        return alerts.findings();
    }

    /**
     * Nobody recorded what it was fitted with.
     *
     * @param position the position
     * @param tire empty where none is on file
     * @param readings newest first
     * @param open findings nobody has cleared
     * @param lastProfessional when a professional last looked inside and out; empty where never
     * @param causeMended when the cause of its wear was last corrected; empty where never
     */
    public TireState(
            Position position,
            Optional<Tire> tire,
            List<Reading> readings,
            List<OpenFinding> open,
            Optional<LocalDate> lastProfessional,
            Optional<LocalDate> causeMended) {
        this(position, tire, readings, open, lastProfessional, causeMended, Optional.empty());
    }

    /** A figure and the day it was read. */
    public record Dated<T>(T value, LocalDate on, String by) {}

    /**
     * Keeps copies.
     *
     * @param position where it sits
     * @param tire empty where none is on file
     * @param readings newest first
     * @param alerts its open alarms
     * @param lastProfessional when a professional last looked inside and out; empty where never
     * @param causeCorrectedOn when the cause of its wear was last corrected; empty where never
     * @param asInstalled how deep it was when it came to this position; empty where nobody wrote it down
     */
    public TireState {
        readings = List.copyOf(readings);
    }

    /**
     * The same tire with one more reading and its findings on top, as if it had been recorded.
     *
     * @param reading newer than all on record
     * @param found what was found at the same look
     * @return a copy; nothing is stored
     */
    public TireState with(Reading reading, List<OpenFinding> found) {
        List<Reading> more = new ArrayList<>();
        more.add(reading);
        more.addAll(readings);
        TireAlerts now = remembering().after(new TireFact.Read(reading));
        for (OpenFinding one : found) {
            now = now.after(new TireFact.Found(one.finding(), one.sidewall(), one.on(), one.by()));
        }
        return new TireState(position, tire, more, now, lastProfessional, causeCorrectedOn, asInstalled);
    }

    /** The same with one fact more on record and what follows from it. */
    TireState recorded(TireFact fact, TireAlerts after) {
        List<Reading> more = new ArrayList<>(readings);
        if (fact instanceof TireFact.Read read) {
            more.add(0, read.reading());
        }
        Optional<LocalDate> professional = fact instanceof TireFact.Inspected inspected && inspected.isServiceable()
                ? Optional.of(inspected.on())
                : lastProfessional;
        return new TireState(position, tire, more, after, professional, causeCorrectedOn, asInstalled);
    }

    /**
     * Its alerts, ready for one more fact.
     *
     * @return they know what was read before the next fact
     */
    public TireAlerts remembering() {
        return alerts.remembering(oldestFirst());
    }

    /** The readings at hand in the order they were taken. */
    List<Reading> oldestFirst() {
        List<Reading> oldestFirst = new ArrayList<>(readings);
        java.util.Collections.reverse(oldestFirst);
        return oldestFirst;
    }

    /**
     * The target it was driven at before a reading: not the one in force where that was raised and the tire not yet filled.
     *
     * @param reading the one that is judged
     * @return empty where no target was in force
     */
    public Optional<Pressure> drivenAt(Reading reading) {
        return remembering().drivenAt(reading);
    }

    /**
     * The lowest depth that stands on its tread, wherever and however long ago it was read; its day is that reading's.
     *
     * @return empty where no groove was ever read
     */
    public Optional<Dated<TreadDepth>> standingDepth() {
        return alerts.lowest().map(groove -> new Dated<>(groove.depth(), groove.on(), groove.by()));
    }

    /**
     * How it loses air: the whole time since its last fill, and the latest interval.
     *
     * @return nothing lost where there are fewer than two cold readings
     */
    public PressureLoss.Loss loss() {
        return PressureLoss.ofTire(PressureLoss.sinceFill(coldPoints()));
    }

    /**
     * The newest cold pressure.
     *
     * @return empty where it was never read cold
     */
    public Optional<Reading> lastCold() {
        return readings.stream().filter(Reading::hasColdPressure).findFirst();
    }

    /**
     * The newest pressure of any warmth.
     *
     * @return empty where it was never read
     */
    public Optional<Reading> lastPressure() {
        return readings.stream()
                .filter(reading -> reading.pressure().isPresent())
                .findFirst();
    }

    /**
     * The newest depth of each groove; a newer reading that left a groove out clears nothing there. The day is that of the
     * oldest groove among them.
     *
     * @return empty where no groove was ever read
     */
    public Optional<Dated<GrooveDepths>> tread() {
        Optional<Reading> newest =
                readings.stream().filter(reading -> !reading.tread().isEmpty()).findFirst();
        if (newest.isEmpty()) {
            return Optional.empty();
        }
        Optional<Dated<TreadDepth>> outer = newestGroove(GrooveDepths::outer);
        Optional<Dated<TreadDepth>> center = newestGroove(GrooveDepths::center);
        Optional<Dated<TreadDepth>> inner = newestGroove(GrooveDepths::inner);
        LocalDate oldest = java.util.stream.Stream.of(outer, center, inner)
                .flatMap(Optional::stream)
                .map(Dated::on)
                .min(LocalDate::compareTo)
                .orElseThrow();
        GrooveDepths grooveDepths = new GrooveDepths(
                outer.map(Dated::value),
                center.map(Dated::value),
                inner.map(Dated::value),
                newest.get().tread().lowestAnywhere());
        return Optional.of(new Dated<>(grooveDepths, oldest, newest.get().by()));
    }

    /**
     * The newest reading of all three grooves: a shape is only told from grooves read together.
     *
     * @return empty where the grooves were never read together
     */
    public Optional<Dated<GrooveDepths>> completeTread() {
        return readings.stream()
                .filter(reading -> reading.tread().isComplete())
                .findFirst()
                .map(reading -> new Dated<>(reading.tread(), reading.on(), reading.by()));
    }

    /**
     * The strictest thing a wear bar or a coin said since all grooves were last gauged: a later look through kinder eyes takes
     * no alarm back. Empty where a gauge came later.
     *
     * @return with its day
     */
    public Optional<Dated<TreadInterval>> treadInterval() {
        return readings.stream()
                .takeWhile(reading -> !reading.tread().isComplete())
                .filter(reading -> reading.treadInterval().isPresent())
                .max(Comparator.comparing(reading -> reading.treadInterval().orElseThrow()))
                .map(reading -> new Dated<>(reading.treadInterval().orElseThrow(), reading.on(), reading.by()));
    }

    /**
     * Wear since the tire came to this position; empty where the readings don't tell.
     *
     * @return in 32nds by mile
     */
    public Optional<WearRate> wearRate() {
        List<WearRate.DepthReading> depthReadings = readings.stream()
                .filter(reading ->
                        reading.odometer().isPresent() && reading.tread().isComplete())
                .map(reading -> new WearRate.DepthReading(
                        reading.odometer().get().miles(),
                        reading.tread().lowest().orElseThrow().thirtySeconds()))
                .toList();
        return WearRate.of(depthReadings)
                .or(() -> asInstalled.flatMap(fitted ->
                        depthReadings.stream().findFirst().flatMap(newest -> WearRate.sinceInstalled(fitted, newest))));
    }

    /**
     * How fast it loses air, from its cold readings since the last fill; empty where they don't tell.
     *
     * @return a rate with its range
     */
    public Optional<PressureLoss> pressureLoss() {
        return PressureLoss.of(coldPoints());
    }

    /**
     * Its cold readings, newest first.
     *
     * @return pressures, with the temperature where it was read
     */
    public List<PressureLoss.ColdReading> coldPoints() {
        return readings.stream()
                .filter(Reading::hasColdPressure)
                .map(reading -> new PressureLoss.ColdReading(
                        reading.on(),
                        reading.pressure().orElseThrow().psi(),
                        reading.temperature(),
                        reading.isInflation()))
                .toList();
    }

    private Optional<Dated<TreadDepth>> newestGroove(Function<GrooveDepths, Optional<TreadDepth>> groove) {
        return readings.stream()
                .filter(reading -> groove.apply(reading.tread()).isPresent())
                .findFirst()
                .map(reading -> new Dated<>(groove.apply(reading.tread()).get(), reading.on(), reading.by()));
    }
}
