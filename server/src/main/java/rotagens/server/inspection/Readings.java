package rotagens.server.inspection;

import static rotagens.server.inspection.InspectionWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Repair;
import rotagens.core.fact.Sidewall;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.FactIntake;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;

/** What was read and found on tires, by whom, and what cleared a finding. Only ever added to. */
@Service
public class Readings {

    /** Where and by whom something is recorded; one of walk-around and job may be null. */
    public record Entry(long tireId, long placeId, Instant at, long personId, Long walkAroundId, Long jobId) {}

    /**
     * What was read.
     *
     * @param filled air was added or let out just before
     * @param gas what it was filled with; empty text where nobody said
     */
    public record Values(
            Optional<Pressure> pressure,
            ThermalState thermalState,
            GrooveDepths tread,
            Optional<Distance> odometer,
            Optional<Temperature> temperature,
            boolean filled,
            String gas,
            Look look) {

        /** The same as core reads it, on a day. */
        public Reading asReading(LocalDate on) {
            return new Reading(
                    on,
                    "",
                    odometer,
                    pressure,
                    thermalState,
                    tread,
                    temperature,
                    filled,
                    look.treadInterval(),
                    look.dotOutward(),
                    look.grid(),
                    Optional.empty());
        }

        /** Whether there is any figure, interval or facing. */
        boolean saysSomething() {
            return hasFigures() || !look.saysNothing();
        }

        /** Whether a gauge said anything. */
        public boolean hasFigures() {
            return pressure.isPresent() || !tread.isEmpty();
        }

        /** The same reading, whatever was noted beside its figures, also where they were only converted on their way. */
        public boolean sameFigures(Values other) {
            return thermalState == other.thermalState
                    && filled == other.filled
                    && gas.equals(other.gas)
                    && Arrays.stream(Units.values())
                            .anyMatch(units -> figures(units).equals(other.figures(units)));
        }

        private List<String> figures(Units units) {
            return Stream.of(
                            pressure,
                            tread.outer(),
                            tread.center(),
                            tread.inner(),
                            tread.lowestAnywhere(),
                            odometer,
                            temperature)
                    .map(figure -> figure.map(one -> one.format(units)).orElse(""))
                    .toList();
        }

        /** Nothing noted beside the figures. */
        public Values(
                Optional<Pressure> pressure,
                ThermalState thermalState,
                GrooveDepths grooveDepths,
                Optional<Distance> odometer,
                Optional<Temperature> temperature,
                boolean filled,
                String gas) {
            this(pressure, thermalState, grooveDepths, odometer, temperature, filled, gas, Look.NONE);
        }

        public Values(
                Optional<Pressure> pressure,
                ThermalState thermalState,
                GrooveDepths grooveDepths,
                Optional<Distance> odometer) {
            this(pressure, thermalState, grooveDepths, odometer, Optional.empty(), false, "");
        }
    }

    /**
     * What was noted beside the figures.
     *
     * @param bound what a wear bar or a coin said where no gauge was at hand
     * @param dotOutward whether the sidewall with the full DOT code faced outward; empty where nobody looked
     * @param pressureGauge its id, or null where nobody said which
     * @param treadGauge its id, or null where nobody said which
     * @param grid every depth, where several places or other grooves than three were measured
     * @param purity of nitrogen after a fill, in percent as measured; empty text where nobody did
     */
    public record Look(
            Optional<TreadInterval> treadInterval,
            Optional<Boolean> dotOutward,
            Long pressureGauge,
            Long treadGauge,
            Optional<TreadGrid> grid,
            String purity) {

        public Look(Optional<TreadInterval> bound, Optional<Boolean> dotOutward, Long pressureGauge, Long treadGauge) {
            this(bound, dotOutward, pressureGauge, treadGauge, Optional.empty(), "");
        }

        /** The same with every depth measured. */
        public Look with(Optional<TreadGrid> measured) {
            return new Look(treadInterval, dotOutward, pressureGauge, treadGauge, measured, purity);
        }

        /** The same with the purity measured after a fill. */
        public Look pure(String percent) {
            return new Look(treadInterval, dotOutward, pressureGauge, treadGauge, grid, percent);
        }

        public static final Look NONE = new Look(Optional.empty(), Optional.empty(), null, null);

        static Look of(String bound, String dotFaces, Long pressureGauge, Long treadGauge) {
            return new Look(
                    Optional.ofNullable(bound).map(TreadInterval::valueOf),
                    facing(dotFaces),
                    pressureGauge,
                    treadGauge);
        }

        boolean saysNothing() {
            return treadInterval.isEmpty() && dotOutward.isEmpty();
        }
    }

    /** Which way the DOT code faces, as stored. */
    public static String facing(Optional<Boolean> dotOutward) {
        return dotOutward.map(outward -> outward ? "OUT" : "IN").orElse("");
    }

    /** Which way the DOT code faces, from the store. */
    public static Optional<Boolean> facing(String stored) {
        return stored.isEmpty() ? Optional.empty() : Optional.of(stored.equals("OUT"));
    }

    static final String PUT_RIGHT = "PUT_RIGHT";

    /** The single depths as stored: a line a place, grooves between bars. */
    public static String text(TreadGrid grid) {
        return grid.locations().stream()
                .map(place -> place.stream().map(TreadDepth::asEntered).collect(Collectors.joining("|")))
                .collect(Collectors.joining("\n"));
    }

    /** The single depths from the store. */
    public static Optional<TreadGrid> grid(String stored) {
        return stored.isEmpty()
                ? Optional.empty()
                : Optional.of(new TreadGrid(stored.lines()
                        .map(line -> Arrays.stream(line.split("\\|"))
                                .map(depth -> TreadDepth.parse(depth, TreadDepth.Unit.THIRTY_SECONDS))
                                .toList())
                        .toList()));
    }

    private final ReadingStore store;
    private final FindingStore findings;
    private final TireLedgerStore ledger;
    private final TireAlertStore alerts;
    private final Clock clock;

    Readings(ReadingStore store, FindingStore findings, TireLedgerStore ledger, TireAlertStore alerts, Clock clock) {
        this.store = store;
        this.findings = findings;
        this.ledger = ledger;
        this.alerts = alerts;
        this.clock = clock;
    }

    // ---- alerts

    /** Folds the ledgers of some tires anew and keeps what they come to. */
    @Transactional
    public void fold(Collection<Long> tireIds) {
        ledger.of(tireIds).forEach((tire, facts) -> alerts.keep(tire, FactIntake.fold(facts)));
    }

    /** Every tire's alerts as stored; of some tires. */
    @Transactional(readOnly = true)
    public Map<Long, TireAlerts> alerts(Collection<Long> tireIds) {
        return alerts.of(tireIds);
    }

    /** Whether every tire of this data folder has been folded since the program keeps alerts. */
    @Transactional(readOnly = true)
    public boolean isFolded() {
        return alerts.isFolded();
    }

    /** Says that every tire has been. */
    @Transactional
    public void folded() {
        alerts.folded(clock.instant());
    }

    /** Tires whose stored alerts aren't what their ledger comes to: none, if all is well. */
    @Transactional(readOnly = true)
    public List<Long> notAsFolded(Collection<Long> tireIds) {
        Map<Long, TireAlerts> stored = alerts.of(tireIds);
        return ledger.of(tireIds).entrySet().stream()
                .filter(one -> !words(FactIntake.fold(one.getValue()))
                        .equals(words(stored.getOrDefault(one.getKey(), TireAlerts.NONE))))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    /** What two folds are compared by: everything of every alert and groove, figures as stored. */
    private static String words(TireAlerts all) {
        return all.all().stream()
                        .map(alert -> alert.kind() + "/" + alert.key() + "/" + alert.on() + "/" + alert.by() + "/"
                                + alert.value().map(one -> one.format(Units.US)).orElse("") + "/"
                                + alert.limit().map(one -> one.format(Units.US)).orElse("") + "/" + alert.topUps() + "/"
                                + alert.repairedOn() + "/" + alert.cleared())
                        .collect(Collectors.joining("\n"))
                + all.grooves().stream()
                        .map(groove -> groove.zone() + "/" + groove.depth().format(Units.US) + "/" + groove.grooves()
                                + "/" + groove.places() + "/" + groove.on() + "/" + groove.by())
                        .sorted()
                        .collect(Collectors.joining("\n"));
    }

    /** How many readings were taken from one moment up to another. */
    @Transactional(readOnly = true)
    public int count(Instant from, Instant to) {
        return store.count(from, to);
    }

    /** When each tire's pressure was read since a moment, by tire; readings taken back don't count. */
    @Transactional(readOnly = true)
    public Map<Long, List<Instant>> pressuresRead(Instant since) {
        return store.pressuresRead(since);
    }

    /** Every tire with anything in its ledger. */
    @Transactional(readOnly = true)
    public List<Long> tiresRead() {
        return store.tiresRead();
    }

    /** What eye or hand found on each of these tires and nobody has cleared, wherever they are. */
    @Transactional(readOnly = true)
    public Map<Long, List<OpenFinding>> open(Collection<Long> tireIds) {
        Map<Long, List<OpenFinding>> open = new HashMap<>();
        alerts.of(tireIds).forEach((tire, known) -> {
            if (!known.findings().isEmpty()) {
                open.put(tire, known.findings());
            }
        });
        return open;
    }

    /** A line of the ledger that a person may take back. */
    public record OnFile(long id, long tireId, long placeId, Instant at, boolean isVoided) {}

    /** One reading; empty where there is none of that number. */
    @Transactional(readOnly = true)
    public Optional<OnFile> reading(long id) {
        return store.reading(id);
    }

    /** Takes a mistyped reading out of all judging; it stays on file, struck out, with who and why. */
    @Transactional
    public void voidReading(long id, Instant at, long personId, String reason) {
        store.voidReading(id, at, personId, reason);
    }

    /** Records what was done about a leak. */
    @Transactional
    public void repaired(Entry entry, Repair repair, String note) {
        findings.repaired(entry, repair, note);
    }

    /** Readings of which nobody kept what was in force, with when and where they were taken; of tires at these places. */
    @Transactional(readOnly = true)
    public List<OnFile> unstamped(Collection<Long> placeIds) {
        return store.unstamped(placeIds);
    }

    /** Keeps what was in force for readings that came without. */
    @Transactional
    public void stamp(Map<Long, InForce> byReading) {
        store.stamp(byReading);
    }

    /** The last tread measured on a tire, wherever it was; its pressure belongs to the place it was at. */
    @Transactional(readOnly = true)
    public Optional<Reading> lastReading(long tireId) {
        return Optional.ofNullable(lastTread(List.of(tireId)).get(tireId))
                .map(last -> new Reading(
                        day(last.getKey()),
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        ThermalState.UNKNOWN,
                        last.getValue()));
    }

    /** The last tread measured on each of these tires, with its instant. */
    @Transactional(readOnly = true)
    public Map<Long, Map.Entry<Instant, GrooveDepths>> lastTread(Collection<Long> tireIds) {
        return store.lastTread(tireIds);
    }

    /** What each fitted tire of a vehicle was last filled with, where somebody said. */
    @Transactional(readOnly = true)
    public Map<Long, String> gas(long vehicleId) {
        return store.gas(vehicleId);
    }

    /** Reads what a tire is filled with: air, nitrogen, or nothing said. */
    public static String gasOf(String text) {
        String gas = text == null ? "" : text.strip().toUpperCase(java.util.Locale.ROOT);
        if (!Set.of("", "AIR", "NITROGEN").contains(gas)) {
            throw new rotagens.core.measure.InvalidInputException(WORDS.say("writeAirOrNitrogen"));
        }
        return gas;
    }

    /** Reads how pure nitrogen was, in percent; only nitrogen has a purity. */
    public static String purityOf(String text, String gas) {
        String percent =
                text == null ? "" : text.replace("%", "").replace(',', '.').strip();
        if (percent.isEmpty()) {
            return "";
        }
        if (!gas.equals("NITROGEN")) {
            throw new rotagens.core.measure.InvalidInputException(WORDS.say("onlyNitrogenHasAPurity"));
        }
        if (!percent.matches("[0-9]{1,3}(\\.[0-9]{1,2})?") || Double.parseDouble(percent) > 100) {
            throw new rotagens.core.measure.InvalidInputException(WORDS.say("typeTheShareOfNitrogen"));
        }
        return percent;
    }

    /** A reading to be added, with what was in force; empty where that is worked out later. */
    public record Line(Entry entry, Values values, Optional<InForce> inForce) {}

    /** Adds readings; one without any figure, interval or facing is nothing and isn't kept. */
    @Transactional
    public void read(List<Line> many) {
        store.add(many.stream().filter(line -> line.values().saysSomething()).toList());
    }

    /** One thing found, and on which sidewall where that was said. */
    public record Found(Finding finding, Optional<Sidewall> sidewall) {

        String stored() {
            return sidewall.map(Enum::name).orElse("");
        }
    }

    /** Adds findings that aren't open already; one on each sidewall counts as two. */
    @Transactional
    public void found(Entry entry, List<Found> many) {
        if (many.isEmpty()) {
            return;
        }
        Set<Found> open = findings.open(entry.tireId());
        for (Found found : many) {
            // Air that goes fast again after a repair is told again: the leak is what stays open, not this.
            if (open.add(found) || found.finding() == Finding.FAST_LOSS) {
                findings.found(entry, found);
            }
        }
    }

    static Optional<Sidewall> sidewall(String stored) {
        return stored.isEmpty() ? Optional.empty() : Optional.of(Sidewall.valueOf(stored));
    }

    /** Clears the open findings of some kinds on a tire. */
    @Transactional
    public void clear(Entry entry, Collection<Finding> kinds, String how, String note) {
        findings.clear(entry, kinds, how, note);
    }

    /** Records a qualified person's verdict on a tire. */
    @Transactional
    public void professional(Entry entry, String professional, boolean sound, String note) {
        findings.professional(entry, professional, sound, note);
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
