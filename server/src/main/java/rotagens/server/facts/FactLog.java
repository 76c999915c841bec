package rotagens.server.facts;

import static rotagens.server.facts.FactsWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Repair;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.inspection.Readings;
import rotagens.server.inspection.Readings.Entry;
import rotagens.server.inspection.Readings.Found;
import rotagens.server.inspection.Readings.Values;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.ProblemException;

/**
 * The one way by which what is read, found, put right, inspected and repaired comes on record, whoever brings it: walk-around,
 * check and adjust, job sheet, desk, import, relearn, event, report. Every reading gets what was in force on its day; the alerts
 * of each tire touched are folded anew in the same transaction.
 */
@Service
public class FactLog {

    /** A qualified person's verdict. */
    public record Inspected(String professional, boolean sound, String note) {}

    /**
     * Everything one look at one tire brought.
     *
     * @param readings in the order they were taken
     * @param putRight what somebody put right there
     */
    public record Observation(
            Entry where,
            List<Values> readings,
            List<Found> found,
            Set<Finding> fixed,
            String note,
            Optional<Inspected> inspected,
            Optional<Repair> repaired) {

        /** Nothing but readings. */
        public static Observation read(Entry where, Values... readings) {
            return new Observation(
                    where, List.of(readings), List.of(), Set.of(), "", Optional.empty(), Optional.empty());
        }

        /** Something found. */
        public static Observation found(Entry where, Collection<Found> found) {
            return new Observation(
                    where, List.of(), List.copyOf(found), Set.of(), "", Optional.empty(), Optional.empty());
        }

        public Observation with(Collection<Found> more) {
            return new Observation(where, readings, List.copyOf(more), fixed, note, inspected, repaired);
        }

        public Observation puttingRight(Collection<Finding> findings, String words) {
            return new Observation(where, readings, found, Set.copyOf(findings), words, inspected, repaired);
        }

        public Observation inspected(String professional, boolean sound, String words) {
            return new Observation(
                    where,
                    readings,
                    found,
                    fixed,
                    words,
                    Optional.of(new Inspected(professional, sound, words)),
                    repaired);
        }

        public Observation repaired(Repair repair, String words) {
            return new Observation(where, readings, found, fixed, words, inspected, Optional.of(repair));
        }
    }

    private final Readings readings;
    private final FleetAssessor fleetAssessor;
    private final VehicleStore vehicleStore;
    private final Clock clock;

    FactLog(Readings readings, FleetAssessor fleetAssessor, VehicleStore vehicleStore, Clock clock) {
        this.readings = readings;
        this.fleetAssessor = fleetAssessor;
        this.vehicleStore = vehicleStore;
        this.clock = clock;
    }

    /** Records one look. */
    @Transactional
    public void record(Observation observation) {
        record(List.of(observation));
    }

    /** Records many, and folds each tire once. */
    @Transactional
    public void record(List<Observation> observations) {
        Map<Long, Map<LocalDate, Map<Long, InForce>>> known = new HashMap<>();
        List<Readings.Line> lines = new ArrayList<>();
        for (Observation observation : observations) {
            if (!observation.readings().isEmpty()) {
                Optional<InForce> then = Optional.ofNullable(inForce(observation.where(), known)
                        .get(observation.where().placeId()));
                observation
                        .readings()
                        .forEach(values -> lines.add(new Readings.Line(observation.where(), values, then)));
            }
        }
        readings.read(lines);
        observations.forEach(this::rest);
        fold(observations);
    }

    /** Records what made-up fleets bring, thousands of readings at once; {@link #settle()} has to follow. */
    @Transactional
    public void recordUnsettled(List<Observation> observations) {
        readings.read(observations.stream()
                .flatMap(observation -> observation.readings().stream()
                        .map(values -> new Readings.Line(observation.where(), values, Optional.empty())))
                .toList());
        observations.forEach(this::rest);
    }

    private void rest(Observation observation) {
        if (!observation.fixed().isEmpty()) {
            readings.clear(observation.where(), observation.fixed(), "PUT_RIGHT", observation.note());
        }
        observation.inspected().ifPresent(verdict -> {
            readings.professional(observation.where(), verdict.professional(), verdict.sound(), verdict.note());
            if (verdict.sound()) {
                readings.clear(
                        observation.where(),
                        Finding.clearedBy(Finding.ClearedBy.PROFESSIONAL),
                        "PROFESSIONAL",
                        verdict.professional() + (verdict.note().isEmpty() ? "" : ": " + verdict.note()));
            }
        });
        observation.repaired().ifPresent(repair -> readings.repaired(observation.where(), repair, observation.note()));
        readings.found(observation.where(), observation.found());
    }

    private Map<Long, InForce> inForce(Entry where, Map<Long, Map<LocalDate, Map<Long, InForce>>> known) {
        long vehicleId = vehicleStore.ofPlace(where.placeId());
        LocalDate day = day(where.at());
        return known.computeIfAbsent(vehicleId, id -> new HashMap<>())
                .computeIfAbsent(day, on -> fleetAssessor.inForce(vehicleId, on));
    }

    private void fold(List<Observation> observations) {
        Set<Long> tires = new LinkedHashSet<>();
        observations.forEach(observation -> tires.add(observation.where().tireId()));
        readings.fold(tires);
    }

    /**
     * Takes a mistyped reading back, by name and reason. It stays on file, struck out; what it alone had opened goes with it.
     *
     * @return the tire it was read on
     */
    @Transactional
    public long voidReading(long readingId, String reason, long personId) {
        Readings.OnFile reading =
                readings.reading(readingId).orElseThrow(() -> ProblemException.notFound(WORDS.say("readingNotFound")));
        if (reading.isVoided()) {
            throw ProblemException.conflict(WORDS.say("thisReadingIsVoidedAlready"));
        }
        readings.voidReading(readingId, clock.instant(), personId, reason);
        readings.fold(List.of(reading.tireId()));
        return reading.tireId();
    }

    /**
     * Gives every reading that came without it what was in force on its day, and folds every tire anew: after an upgrade, an
     * import of a whole fleet, or a made-up one.
     */
    @Transactional
    public void settle() {
        for (VehicleStore.OnFile vehicle : vehicleStore.all()) {
            stamp(vehicle);
        }
        List<Long> tires = readings.tiresRead();
        for (int from = 0; from < tires.size(); from += FOLDED_AT_ONCE) {
            readings.fold(tires.subList(from, Math.min(tires.size(), from + FOLDED_AT_ONCE)));
        }
        readings.folded();
    }

    private static final int FOLDED_AT_ONCE = 200;

    private void stamp(VehicleStore.OnFile vehicle) {
        Map<LocalDate, List<Readings.OnFile>> byDay = new java.util.TreeMap<>();
        readings.unstamped(vehicle.places().values())
                .forEach(one -> byDay.computeIfAbsent(day(one.at()), on -> new ArrayList<>())
                        .add(one));
        if (byDay.isEmpty()) {
            return;
        }
        Map<Long, InForce> byReading = new HashMap<>();
        fleetAssessor.inForce(
                vehicle.id(),
                byDay.keySet(),
                (on, then) -> byDay.get(on)
                        .forEach(one -> Optional.ofNullable(then.get(one.placeId()))
                                .ifPresent(there -> byReading.put(one.id(), there))));
        readings.stamp(byReading);
    }

    /** Tires whose kept alerts aren't what their ledger comes to; none, if all is well. */
    @Transactional(readOnly = true)
    public List<Long> notAsFolded() {
        List<Long> tires = readings.tiresRead();
        List<Long> wrong = new ArrayList<>();
        for (int from = 0; from < tires.size(); from += FOLDED_AT_ONCE) {
            wrong.addAll(readings.notAsFolded(tires.subList(from, Math.min(tires.size(), from + FOLDED_AT_ONCE))));
        }
        return wrong;
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
