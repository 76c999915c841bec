package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.FINDING;
import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.PROFESSIONAL_INSPECTION;
import static rotagens.server.storage.generated.Tables.READING;
import static rotagens.server.storage.generated.Tables.READING_IN_FORCE;
import static rotagens.server.storage.generated.Tables.READING_VOID;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.InForce;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.clock.DatedLedger;
import rotagens.server.inspection.Readings.Entry;
import rotagens.server.inspection.Readings.Line;
import rotagens.server.inspection.Readings.OnFile;
import rotagens.server.inspection.Readings.Values;
import rotagens.server.storage.BatchInsert;
import rotagens.server.storage.generated.tables.records.ReadingInForceRecord;
import rotagens.server.storage.generated.tables.records.ReadingRecord;

/** Readings as they were taken, what was in force when they were, and those taken back. Only ever added to. */
@Repository
class ReadingStore implements DatedLedger {

    private final DSLContext db;

    ReadingStore(DSLContext db) {
        this.db = db;
    }

    List<Long> tiresRead() {
        return db.select(READING.TIRE_ID)
                .from(READING)
                .union(DSL.select(FINDING.TIRE_ID).from(FINDING))
                .union(DSL.select(PROFESSIONAL_INSPECTION.TIRE_ID).from(PROFESSIONAL_INSPECTION))
                .fetch(READING.TIRE_ID);
    }

    Optional<OnFile> reading(long id) {
        return db.select(READING.ID, READING.TIRE_ID, READING.POSITION_ID, READING.READ_AT, READING_VOID.ID)
                .from(READING)
                .leftJoin(READING_VOID)
                .on(READING_VOID.READING_ID.eq(READING.ID))
                .where(READING.ID.eq(id))
                .fetchOptional(row ->
                        new OnFile(row.value1(), row.value2(), row.value3(), row.value4(), row.value5() != null));
    }

    void voidReading(long id, Instant at, long personId, String reason) {
        db.insertInto(READING_VOID)
                .set(READING_VOID.READING_ID, id)
                .set(READING_VOID.VOIDED_AT, at)
                .set(READING_VOID.PERSON_ID, personId)
                .set(READING_VOID.REASON, reason)
                .execute();
    }

    List<OnFile> unstamped(Collection<Long> placeIds) {
        return db.select(READING.ID, READING.TIRE_ID, READING.POSITION_ID, READING.READ_AT)
                .from(READING)
                .leftJoin(READING_IN_FORCE)
                .on(READING_IN_FORCE.READING_ID.eq(READING.ID))
                .where(READING.POSITION_ID.in(placeIds))
                .and(READING_IN_FORCE.READING_ID.isNull())
                .fetch(row -> new OnFile(row.value1(), row.value2(), row.value3(), row.value4(), false));
    }

    void stamp(Map<Long, InForce> byReading) {
        db.batchInsert(byReading.entrySet().stream()
                        .map(one -> stamp(one.getKey(), one.getValue()))
                        .toList())
                .execute();
    }

    private static ReadingInForceRecord stamp(long readingId, InForce then) {
        ReadingInForceRecord row = new ReadingInForceRecord();
        row.setReadingId(readingId);
        row.setTargetPressure(then.target().orElse(null));
        row.setLoadState(then.loadState().name());
        row.setMinimumPressure(then.minimum().orElse(null));
        row.setMaximumPressure(then.maximum().orElse(null));
        row.setDepthLegal(then.legal().orElse(null));
        row.setDepthPull(then.pull().orElse(null));
        row.setLeakHoldDays(then.leakHoldDays());
        return row;
    }

    Map<Long, Map.Entry<Instant, GrooveDepths>> lastTread(Collection<Long> tireIds) {
        Map<Long, Map.Entry<Instant, GrooveDepths>> last = new HashMap<>();
        db.selectFrom(READING)
                .where(READING.TIRE_ID.in(tireIds))
                .and(TireLedgerStore.notVoided())
                .and(READING.DEPTH_OUTER.isNotNull())
                .orderBy(READING.READ_AT)
                .forEach(row -> last.put(
                        row.getTireId(),
                        Map.entry(
                                row.getReadAt(),
                                new GrooveDepths(
                                        Optional.ofNullable(row.getDepthOuter()),
                                        Optional.ofNullable(row.getDepthCenter()),
                                        Optional.ofNullable(row.getDepthInner())))));
        return last;
    }

    Map<Long, String> gas(long vehicleId) {
        Map<Long, String> last = new HashMap<>();
        db.select(READING.TIRE_ID, READING.GAS)
                .from(READING)
                .join(INSTALLATION)
                .on(INSTALLATION.TIRE_ID.eq(READING.TIRE_ID))
                .join(POSITION)
                .on(POSITION.ID.eq(INSTALLATION.POSITION_ID))
                .where(POSITION.VEHICLE_ID.eq(vehicleId))
                .and(TireLedgerStore.notVoided())
                .and(READING.GAS.ne(""))
                .orderBy(READING.READ_AT, READING.ID)
                .forEach(row -> last.put(row.value1(), row.value2()));
        return last;
    }

    void add(List<Line> many) {
        // One writer: nobody else takes a number meanwhile.
        Long highest = db.select(DSL.max(READING.ID)).from(READING).fetchOne(0, Long.class);
        long next = highest == null ? 1 : highest + 1;
        List<ReadingRecord> rows = new ArrayList<>();
        List<ReadingInForceRecord> stamps = new ArrayList<>();
        for (Line line : many) {
            ReadingRecord row = row(line.entry(), line.values());
            row.setId(next);
            rows.add(row);
            long id = next;
            line.inForce().ifPresent(then -> stamps.add(stamp(id, then)));
            next++;
        }
        BatchInsert.into(db, rows);
        BatchInsert.into(db, stamps);
    }

    private static ReadingRecord row(Entry entry, Values values) {
        ReadingRecord row = new ReadingRecord();
        row.setTireId(entry.tireId());
        row.setPositionId(entry.placeId());
        row.setReadAt(entry.at());
        row.setPersonId(entry.personId());
        row.setPressure(values.pressure().orElse(null));
        row.setThermalState(values.thermalState().name());
        row.setDepthOuter(values.tread().outer().orElse(null));
        row.setDepthCenter(values.tread().center().orElse(null));
        row.setDepthInner(values.tread().inner().orElse(null));
        row.setLowestDepth(values.tread().lowestAnywhere().orElse(null));
        row.setOdometer(values.odometer().orElse(null));
        row.setTemperature(values.temperature().orElse(null));
        row.setIsInflation(values.filled());
        row.setGas(values.gas());
        row.setTreadInterval(values.look().treadInterval().map(Enum::name).orElse(null));
        row.setDotSide(Readings.facing(values.look().dotOutward()));
        row.setTreadGrid(values.look().grid().map(Readings::text).orElse(""));
        row.setPurity(values.look().purity().isEmpty() ? null : values.look().purity());
        row.setPressureGaugeId(values.pressure().isPresent() ? values.look().pressureGauge() : null);
        row.setTreadGaugeId(values.tread().isEmpty() ? null : values.look().treadGauge());
        row.setWalkAroundId(entry.walkAroundId());
        row.setJobId(entry.jobId());
        return row;
    }

    int count(Instant from, Instant to) {
        return db.fetchCount(READING, READING.READ_AT.ge(from).and(READING.READ_AT.lt(to)));
    }

    Map<Long, List<Instant>> pressuresRead(Instant since) {
        return db.select(READING.TIRE_ID, READING.READ_AT)
                .from(READING)
                .where(READING.PRESSURE.isNotNull(), READING.READ_AT.ge(since))
                .and(TireLedgerStore.notVoided())
                .fetchGroups(READING.TIRE_ID, READING.READ_AT);
    }

    @Override
    public List<Instant> lastStored(int most) {
        return db.select(READING.READ_AT)
                .from(READING)
                .orderBy(READING.ID.desc())
                .limit(most)
                .fetch(READING.READ_AT);
    }
}
