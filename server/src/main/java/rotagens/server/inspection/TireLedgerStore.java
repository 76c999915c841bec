package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.FINDING;
import static rotagens.server.storage.generated.Tables.FINDING_CLEARANCE;
import static rotagens.server.storage.generated.Tables.LEAK_REPAIR;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.PROFESSIONAL_INSPECTION;
import static rotagens.server.storage.generated.Tables.READING;
import static rotagens.server.storage.generated.Tables.READING_IN_FORCE;
import static rotagens.server.storage.generated.Tables.READING_VOID;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Repair;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.vehicle.LoadState;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;

/** Everything that was ever read, seen and done on tires, as core folds it: oldest first, without what was voided. */
@Component
class TireLedgerStore {

    /** Order of facts of one moment: what was read comes before what was concluded from it. */
    private record Dated(Instant at, int rank, long id, TireFact fact, long placeId) {}

    private final DSLContext db;
    private final Clock clock;

    TireLedgerStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** The ledgers of some tires. */
    Map<Long, List<TireFact>> of(Collection<Long> tireIds) {
        Map<Long, String> names = db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
        Map<Long, List<Dated>> all = new HashMap<>();
        readings(tireIds, names, all);
        findings(tireIds, names, all);
        clearances(tireIds, names, all);
        inspections(tireIds, names, all);
        repairs(tireIds, names, all);
        Map<Long, List<TireFact>> ledgers = new HashMap<>();
        tireIds.forEach(tire -> ledgers.put(tire, ordered(all.getOrDefault(tire, List.of()))));
        return ledgers;
    }

    private static List<TireFact> ordered(List<Dated> facts) {
        List<TireFact> ledger = new ArrayList<>();
        long place = 0;
        for (Dated one : facts.stream()
                .sorted(Comparator.comparing(Dated::at)
                        .thenComparing(Dated::rank)
                        .thenComparing(Dated::id))
                .toList()) {
            if (one.fact() instanceof TireFact.Read) {
                if (place != 0 && place != one.placeId()) {
                    ledger.add(new TireFact.Moved(one.fact().on(), one.fact().by()));
                }
                place = one.placeId();
            }
            ledger.add(one.fact());
        }
        return ledger;
    }

    private void readings(Collection<Long> tireIds, Map<Long, String> names, Map<Long, List<Dated>> all) {
        db.select(READING.asterisk(), READING_IN_FORCE.asterisk())
                .from(READING)
                .leftJoin(READING_IN_FORCE)
                .on(READING_IN_FORCE.READING_ID.eq(READING.ID))
                .where(READING.TIRE_ID.in(tireIds))
                .and(notVoided())
                .forEach(row -> add(
                        all,
                        row.get(READING.TIRE_ID),
                        new Dated(
                                row.get(READING.READ_AT),
                                0,
                                row.get(READING.ID),
                                new TireFact.Read(reading(row, names)),
                                row.get(READING.POSITION_ID))));
    }

    /** Readings nobody has taken back. */
    static org.jooq.Condition notVoided() {
        return DSL.notExists(DSL.selectOne().from(READING_VOID).where(READING_VOID.READING_ID.eq(READING.ID)));
    }

    private Reading reading(Record row, Map<Long, String> names) {
        return new Reading(
                day(row.get(READING.READ_AT)),
                names.get(row.get(READING.PERSON_ID)),
                Optional.ofNullable(row.get(READING.ODOMETER)),
                Optional.ofNullable(row.get(READING.PRESSURE)),
                ThermalState.valueOf(row.get(READING.THERMAL_STATE)),
                new GrooveDepths(
                        Optional.ofNullable(row.get(READING.DEPTH_OUTER)),
                        Optional.ofNullable(row.get(READING.DEPTH_CENTER)),
                        Optional.ofNullable(row.get(READING.DEPTH_INNER)),
                        Optional.ofNullable(row.get(READING.LOWEST_DEPTH))),
                Optional.ofNullable(row.get(READING.TEMPERATURE)),
                row.get(READING.IS_INFLATION),
                Optional.ofNullable(row.get(READING.TREAD_INTERVAL)).map(TreadInterval::valueOf),
                Readings.facing(row.get(READING.DOT_SIDE)),
                grid(row.get(READING.TREAD_GRID)),
                inForce(row));
    }

    /** Every depth, as stored. */
    static Optional<TreadGrid> grid(String stored) {
        return Readings.grid(stored);
    }

    /** What was in force; empty where nobody kept it. */
    static Optional<InForce> inForce(Record row) {
        return Optional.ofNullable(row.get(READING_IN_FORCE.LOAD_STATE))
                .map(state -> new InForce(
                        Optional.ofNullable(row.get(READING_IN_FORCE.TARGET_PRESSURE)),
                        LoadState.valueOf(state),
                        Optional.ofNullable(row.get(READING_IN_FORCE.MINIMUM_PRESSURE)),
                        Optional.ofNullable(row.get(READING_IN_FORCE.MAXIMUM_PRESSURE)),
                        Optional.ofNullable(row.get(READING_IN_FORCE.DEPTH_LEGAL)),
                        Optional.ofNullable(row.get(READING_IN_FORCE.DEPTH_PULL)),
                        row.get(READING_IN_FORCE.LEAK_HOLD_DAYS)));
    }

    private void findings(Collection<Long> tireIds, Map<Long, String> names, Map<Long, List<Dated>> all) {
        db.selectFrom(FINDING)
                .where(FINDING.TIRE_ID.in(tireIds))
                .forEach(row -> add(
                        all,
                        row.getTireId(),
                        new Dated(
                                row.getFoundAt(),
                                1,
                                row.getId(),
                                new TireFact.Found(
                                        Finding.valueOf(row.getType()),
                                        Readings.sidewall(row.getSidewall()),
                                        day(row.getFoundAt()),
                                        names.get(row.getPersonId())),
                                row.getPositionId())));
    }

    private void clearances(Collection<Long> tireIds, Map<Long, String> names, Map<Long, List<Dated>> all) {
        db.select(FINDING_CLEARANCE.asterisk(), FINDING.TIRE_ID, FINDING.TYPE, FINDING.POSITION_ID)
                .from(FINDING_CLEARANCE)
                .join(FINDING)
                .on(FINDING.ID.eq(FINDING_CLEARANCE.FINDING_ID))
                .where(FINDING.TIRE_ID.in(tireIds))
                .and(FINDING_CLEARANCE.CLEARED_BY.eq(Readings.PUT_RIGHT))
                .forEach(row -> add(
                        all,
                        row.get(FINDING.TIRE_ID),
                        new Dated(
                                row.get(FINDING_CLEARANCE.RECORDED_AT),
                                2,
                                row.get(FINDING_CLEARANCE.ID),
                                new TireFact.Fixed(
                                        Finding.valueOf(row.get(FINDING.TYPE)),
                                        day(row.get(FINDING_CLEARANCE.RECORDED_AT)),
                                        names.get(row.get(FINDING_CLEARANCE.PERSON_ID)),
                                        row.get(FINDING_CLEARANCE.NOTE)),
                                row.get(FINDING.POSITION_ID))));
    }

    private void inspections(Collection<Long> tireIds, Map<Long, String> names, Map<Long, List<Dated>> all) {
        db.selectFrom(PROFESSIONAL_INSPECTION)
                .where(PROFESSIONAL_INSPECTION.TIRE_ID.in(tireIds))
                .forEach(row -> add(
                        all,
                        row.getTireId(),
                        new Dated(
                                row.getRecordedAt(),
                                3,
                                row.getId(),
                                new TireFact.Inspected(
                                        row.getIsServiceable(),
                                        row.getProfessional(),
                                        day(row.getRecordedAt()),
                                        names.get(row.getPersonId())),
                                0)));
    }

    private void repairs(Collection<Long> tireIds, Map<Long, String> names, Map<Long, List<Dated>> all) {
        db.selectFrom(LEAK_REPAIR)
                .where(LEAK_REPAIR.TIRE_ID.in(tireIds))
                .forEach(row -> add(
                        all,
                        row.getTireId(),
                        new Dated(
                                row.getRecordedAt(),
                                // The fill after a repair is what the holding reading is compared with.
                                -1,
                                row.getId(),
                                new TireFact.Repaired(
                                        Repair.valueOf(row.getRepair()),
                                        day(row.getRecordedAt()),
                                        names.get(row.getPersonId())),
                                row.getPositionId())));
    }

    private static void add(Map<Long, List<Dated>> all, long tireId, Dated fact) {
        all.computeIfAbsent(tireId, id -> new ArrayList<>()).add(fact);
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
