package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.ODOMETER_READING;
import static rotagens.server.storage.generated.Tables.ODOMETER_REPLACEMENT;
import static rotagens.server.storage.generated.Tables.ODOMETER_VOID;
import static rotagens.server.storage.generated.Tables.VEHICLE;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.core.vehicle.OdometerHistory.Shown;
import rotagens.server.storage.BatchInsert;
import rotagens.server.storage.generated.tables.records.OdometerReadingRecord;
import rotagens.server.web.ProblemException;

/** The odometers of the fleet, through replaced ones. */
@Service
public class OdometerStore {

    /**
     * An odometer reading.
     *
     * @param reading as the odometer of that time showed it
     * @param drivenMiles counted on through replaced odometers
     */
    public record Odometer(Distance reading, LocalDate on, double drivenMiles) {}

    private static final int ODOMETERS_FOR_USE = 12;

    /** A replaced odometer's last reading stands this much before the new one's first. */
    static final Duration JUST_BEFORE = Duration.ofMillis(1);

    private final DSLContext db;
    private final Clock clock;

    OdometerStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** All odometer readings of one vehicle that count, oldest first. */
    @Transactional(readOnly = true)
    public List<Odometer> all(long vehicleId) {
        OdometerHistory run = history(vehicleId);
        return db.selectFrom(ODOMETER_READING)
                .where(ODOMETER_READING.VEHICLE_ID.eq(vehicleId))
                .and(counts())
                .orderBy(ODOMETER_READING.RECORDED_AT, ODOMETER_READING.ID)
                .fetch(row -> odometer(run, row.getOdometer(), row.getRecordedAt()));
    }

    /**
     * What new readings of these vehicles are held against.
     *
     * @param since the beginning of the first day of which a reading is new
     */
    @Transactional(readOnly = true)
    public Map<Long, OdometerLedger> ledgers(Set<Long> vehicleIds, Instant since) {
        Map<Long, OdometerHistory> runs = histories(ODOMETER_REPLACEMENT.VEHICLE_ID.in(vehicleIds));
        Map<Long, OdometerLedger> ledgers = new HashMap<>();
        vehicleIds.forEach(id ->
                ledgers.put(id, new OdometerLedger(runs.getOrDefault(id, OdometerHistory.ONE), clock.getZone())));
        var before = ODOMETER_READING.as("before");
        var lastBefore = DSL.select(DSL.max(before.RECORDED_AT))
                .from(before)
                .where(before.VEHICLE_ID.eq(ODOMETER_READING.VEHICLE_ID))
                .and(before.RECORDED_AT.lt(since))
                .andNotExists(
                        DSL.selectOne().from(ODOMETER_VOID).where(ODOMETER_VOID.ODOMETER_READING_ID.eq(before.ID)));
        db.select(
                        ODOMETER_READING.VEHICLE_ID,
                        ODOMETER_READING.RECORDED_AT,
                        ODOMETER_READING.ODOMETER,
                        DSL.field(counts()))
                .from(ODOMETER_READING)
                .where(ODOMETER_READING.VEHICLE_ID.in(vehicleIds))
                .and(ODOMETER_READING.RECORDED_AT.ge(DSL.coalesce(DSL.field(lastBefore), DSL.val(since))))
                .orderBy(ODOMETER_READING.RECORDED_AT, ODOMETER_READING.ID)
                .forEach(row -> {
                    OdometerLedger ledger = ledgers.get(row.value1());
                    if (row.value4()) {
                        ledger.add(row.value2(), row.value3());
                    } else {
                        ledger.addVoided(row.value2(), row.value3());
                    }
                });
        return ledgers;
    }

    /** What counts: readings that nobody has voided. */
    static Condition counts() {
        return DSL.notExists(
                DSL.selectOne().from(ODOMETER_VOID).where(ODOMETER_VOID.ODOMETER_READING_ID.eq(ODOMETER_READING.ID)));
    }

    static Condition replacementCounts() {
        return DSL.notExists(DSL.selectOne()
                .from(ODOMETER_VOID)
                .where(ODOMETER_VOID.ODOMETER_REPLACEMENT_ID.eq(ODOMETER_REPLACEMENT.ID)));
    }

    private Odometer odometer(OdometerHistory run, Distance reading, Instant at) {
        return new Odometer(reading, day(at), run.driven(at, reading));
    }

    /** The odometers a vehicle has had. */
    @Transactional(readOnly = true)
    public OdometerHistory history(long vehicleId) {
        return histories(ODOMETER_REPLACEMENT.VEHICLE_ID.eq(vehicleId)).getOrDefault(vehicleId, OdometerHistory.ONE);
    }

    /** The odometers of every vehicle that had more than one. */
    @Transactional(readOnly = true)
    public Map<Long, OdometerHistory> histories() {
        return histories(DSL.noCondition());
    }

    private Map<Long, OdometerHistory> histories(Condition which) {
        Map<Long, OdometerHistory> runs = new HashMap<>();
        db.selectFrom(ODOMETER_REPLACEMENT)
                .where(which)
                .and(replacementCounts())
                .orderBy(ODOMETER_REPLACEMENT.RECORDED_AT, ODOMETER_REPLACEMENT.ID)
                .fetchGroups(
                        ODOMETER_REPLACEMENT.VEHICLE_ID,
                        row -> new OdometerHistory.Replacement(
                                row.getRecordedAt(), row.getLastOdometer(), row.getFirstOdometer()))
                .forEach((vehicle, replacement) -> runs.put(vehicle, new OdometerHistory(replacement)));
        return runs;
    }

    /** Newest first, the last dozen of each vehicle that fits. */
    @Transactional(readOnly = true)
    public Map<Long, List<Odometer>> newest(Condition which) {
        var newest = DSL.rowNumber()
                .over(DSL.partitionBy(ODOMETER_READING.VEHICLE_ID).orderBy(ODOMETER_READING.RECORDED_AT.desc()))
                .as("newest");
        var ranked = DSL.select(
                        ODOMETER_READING.VEHICLE_ID, ODOMETER_READING.ODOMETER, ODOMETER_READING.RECORDED_AT, newest)
                .from(ODOMETER_READING)
                .where(ODOMETER_READING.VEHICLE_ID.in(
                        DSL.select(VEHICLE.ID).from(VEHICLE).where(which)))
                .and(counts())
                .asTable("ranked");
        Map<Long, OdometerHistory> runs = histories();
        return db.select(
                        ranked.field(ODOMETER_READING.VEHICLE_ID),
                        ranked.field(ODOMETER_READING.ODOMETER),
                        ranked.field(ODOMETER_READING.RECORDED_AT))
                .from(ranked)
                .where(ranked.field("newest", Integer.class).le(ODOMETERS_FOR_USE))
                .orderBy(ranked.field(ODOMETER_READING.RECORDED_AT).desc())
                .fetchGroups(
                        row -> row.value1(),
                        row -> odometer(
                                runs.getOrDefault(row.value1(), OdometerHistory.ONE), row.value2(), row.value3()));
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }

    /** In which units an odometer far ahead of the last one is asked about: none once a person has confirmed it. */
    public static Optional<Units> askIn(Boolean confirmed, Units units) {
        return Boolean.TRUE.equals(confirmed) ? Optional.empty() : Optional.of(units);
    }

    /**
     * Records an odometer reading; refuses one that doesn't lie between its neighbors in time, at the given field, and asks about
     * one that is further on than anybody drives.
     *
     * @param askIn the units to ask in; empty where a person has said that the figure is right
     */
    @Transactional
    public void read(long vehicleId, Distance reading, Instant at, long personId, String field, Optional<Units> askIn) {
        OdometerLedger ledger = new OdometerLedger(history(vehicleId), clock.getZone());
        upTo(vehicleId, at).ifPresent(before -> ledger.add(before.getRecordedAt(), before.getOdometer()));
        after(vehicleId, at).ifPresent(later -> ledger.add(later.getRecordedAt(), later.getOdometer()));
        ledger.check(at, reading, field, askIn);
        db.insertInto(ODOMETER_READING)
                .set(ODOMETER_READING.VEHICLE_ID, vehicleId)
                .set(ODOMETER_READING.RECORDED_AT, at)
                .set(ODOMETER_READING.ODOMETER, reading)
                .set(ODOMETER_READING.PERSON_ID, personId)
                .execute();
    }

    /**
     * A reading to be recorded.
     *
     * @param askIn the units to ask in; empty where a person has said that the figure is right
     */
    public record NewReading(long vehicleId, Distance reading, Instant at, Optional<Units> askIn) {}

    /**
     * Records many readings at once, each held against those before it; what was recorded meanwhile isn't recorded again.
     *
     * @param field where one of them is refused
     * @throws ProblemException for the first that doesn't lie between its neighbors in time
     */
    @Transactional
    public void readAll(List<NewReading> readings, long personId, String field) {
        Set<Long> vehicleIds = readings.stream().map(NewReading::vehicleId).collect(Collectors.toSet());
        Optional<Instant> first = readings.stream().map(NewReading::at).min(Comparator.naturalOrder());
        if (first.isEmpty()) {
            return;
        }
        Map<Long, OdometerLedger> ledgers = ledgers(
                vehicleIds, day(first.get()).atStartOfDay(clock.getZone()).toInstant());
        List<OdometerReadingRecord> rows = new ArrayList<>();
        for (NewReading one : readings) {
            OdometerLedger ledger = ledgers.get(one.vehicleId());
            if (ledger.isKnown(day(one.at()), one.reading())) {
                continue;
            }
            ledger.check(one.at(), one.reading(), field, one.askIn());
            ledger.add(one.at(), one.reading());
            OdometerReadingRecord row = db.newRecord(ODOMETER_READING);
            row.setVehicleId(one.vehicleId());
            row.setRecordedAt(one.at());
            row.setOdometer(one.reading());
            row.setPersonId(personId);
            rows.add(row);
        }
        BatchInsert.into(db, rows);
    }

    /** Records that the odometer was replaced or set anew: what the old one showed last, and what the new one began with. */
    @Transactional
    public void replace(
            long vehicleId,
            Distance last,
            Distance first,
            Instant at,
            String note,
            long personId,
            Optional<Units> askIn) {
        replace(
                vehicleId,
                new OdometerHistory.Replacement(at, last, first),
                note,
                personId,
                List.of("last", "first"),
                askIn);
    }

    /** @param fields at which the old one's last and the new one's first figure are refused */
    void replace(
            long vehicleId,
            OdometerHistory.Replacement replacement,
            String note,
            long personId,
            List<String> fields,
            Optional<Units> askIn) {
        Instant at = replacement.at();
        read(vehicleId, replacement.last(), at.minus(JUST_BEFORE), personId, fields.get(0), askIn);
        db.insertInto(ODOMETER_REPLACEMENT)
                .set(ODOMETER_REPLACEMENT.VEHICLE_ID, vehicleId)
                .set(ODOMETER_REPLACEMENT.RECORDED_AT, at)
                .set(ODOMETER_REPLACEMENT.LAST_ODOMETER, replacement.last())
                .set(ODOMETER_REPLACEMENT.FIRST_ODOMETER, replacement.first())
                .set(ODOMETER_REPLACEMENT.NOTE, note)
                .set(ODOMETER_REPLACEMENT.PERSON_ID, personId)
                .execute();
        read(vehicleId, replacement.first(), at, personId, fields.get(1), Optional.empty());
    }

    /** The odometer at an instant, on the line between the readings before and after it; the last one where none came after. */
    @Transactional(readOnly = true)
    public Optional<Distance> at(long vehicleId, Instant at) {
        Optional<OdometerReadingRecord> before = upTo(vehicleId, at);
        Optional<OdometerReadingRecord> after = after(vehicleId, at);
        if (before.isEmpty()) {
            return Optional.empty();
        }
        if (after.isEmpty()) {
            return before.map(OdometerReadingRecord::getOdometer); // a replacement reads the new one at once
        }
        double span = Duration.between(before.get().getRecordedAt(), after.get().getRecordedAt())
                .toSeconds();
        double share = span == 0
                ? 0
                : Duration.between(before.get().getRecordedAt(), at).toSeconds() / span;
        OdometerHistory run = history(vehicleId);
        double from = run.driven(before.get().getRecordedAt(), before.get().getOdometer());
        double to = run.driven(after.get().getRecordedAt(), after.get().getOdometer());
        return Optional.of(Distance.miles(Math.max(0, Math.rint(run.shown(at, from + share * (to - from))))));
    }

    static Shown shown(OdometerReadingRecord row) {
        return new Shown(row.getRecordedAt(), row.getOdometer());
    }

    /** The last reading that counts up to an instant. */
    Optional<OdometerReadingRecord> upTo(long vehicleId, Instant at) {
        return neighbor(vehicleId, ODOMETER_READING.RECORDED_AT.le(at), ODOMETER_READING.RECORDED_AT.desc());
    }

    /** The first reading that counts after an instant. */
    Optional<OdometerReadingRecord> after(long vehicleId, Instant at) {
        return neighbor(vehicleId, ODOMETER_READING.RECORDED_AT.gt(at), ODOMETER_READING.RECORDED_AT.asc());
    }

    private Optional<OdometerReadingRecord> neighbor(
            long vehicleId, Condition when, org.jooq.SortField<Instant> nearest) {
        return db.selectFrom(ODOMETER_READING)
                .where(ODOMETER_READING.VEHICLE_ID.eq(vehicleId))
                .and(counts())
                .and(when)
                .orderBy(nearest)
                .limit(1)
                .fetchOptional();
    }
}
