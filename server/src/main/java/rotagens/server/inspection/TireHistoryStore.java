package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.JOB_ITEM;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.PROFESSIONAL_INSPECTION;
import static rotagens.server.storage.generated.Tables.READING;
import static rotagens.server.storage.generated.Tables.READING_IN_FORCE;
import static rotagens.server.storage.generated.Tables.READING_VOID;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Distance;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;

/** What was recorded of the tires that are fitted now, at the places where they are. */
@Repository
class TireHistoryStore {

    private static final int READINGS_KEPT_AT_HAND = 12;

    private final DSLContext db;
    private final Clock clock;

    TireHistoryStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** The tires fitted on one vehicle or, with null, on all. */
    List<Long> fitted(@Nullable Long vehicleId) {
        return db.fetchValues(tires(vehicleId));
    }

    /** Those tires, for a statement that asks about them. */
    static Select<Record1<Long>> tires(@Nullable Long vehicleId) {
        return DSL.select(INSTALLATION.TIRE_ID)
                .from(INSTALLATION)
                .join(POSITION)
                .on(POSITION.ID.eq(INSTALLATION.POSITION_ID))
                .where(of(vehicleId));
    }

    private static Condition of(@Nullable Long vehicleId) {
        return vehicleId == null ? DSL.noCondition() : POSITION.VEHICLE_ID.eq(vehicleId);
    }

    /** When each was last found serviceable by a qualified person. */
    Map<Long, Instant> professional(@Nullable Long vehicleId) {
        return db.select(PROFESSIONAL_INSPECTION.TIRE_ID, DSL.max(PROFESSIONAL_INSPECTION.RECORDED_AT))
                .from(PROFESSIONAL_INSPECTION)
                .where(PROFESSIONAL_INSPECTION.IS_SERVICEABLE.isTrue())
                .and(PROFESSIONAL_INSPECTION.TIRE_ID.in(tires(vehicleId)))
                .groupBy(PROFESSIONAL_INSPECTION.TIRE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    /** When the cause of uneven wear was last mended at each one's place. */
    Map<Long, Instant> mended(@Nullable Long vehicleId) {
        return db.select(INSTALLATION.TIRE_ID, DSL.max(JOB.COMPLETED_AT))
                .from(JOB_ITEM)
                .join(JOB)
                .on(JOB.ID.eq(JOB_ITEM.JOB_ID))
                .join(INSTALLATION)
                .on(INSTALLATION.POSITION_ID.eq(JOB_ITEM.POSITION_ID))
                .where(JOB_ITEM.WORK_TYPE.in(
                        WorkType.correctingWear().stream().map(Enum::name).toList()))
                .and(JOB.COMPLETED_AT.isNotNull())
                .and(JOB.COMPLETED_AT.ge(INSTALLATION.INSTALLED_AT))
                .and(INSTALLATION.TIRE_ID.in(tires(vehicleId)))
                .groupBy(INSTALLATION.TIRE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    /** Newest first, the last dozen of each tire taken at the place where it is now. */
    Map<Long, List<Reading>> readings(@Nullable Long vehicleId, Map<Long, OdometerHistory> runs) {
        Map<Long, String> names = db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
        // One short walk along the index a tire; a window over all readings would read years of them to keep a dozen.
        var dozen = READING.as("dozen");
        var newest = DSL.select(dozen.ID)
                .from(dozen)
                .where(dozen.TIRE_ID.eq(INSTALLATION.TIRE_ID))
                .and(dozen.POSITION_ID.eq(INSTALLATION.POSITION_ID))
                .and(dozen.READ_AT.ge(INSTALLATION.INSTALLED_AT))
                .and(DSL.notExists(DSL.selectOne().from(READING_VOID).where(READING_VOID.READING_ID.eq(dozen.ID))))
                .orderBy(dozen.READ_AT.desc(), dozen.ID.desc())
                .limit(READINGS_KEPT_AT_HAND);
        return db.select(
                        READING.TIRE_ID,
                        READING.READ_AT,
                        READING.PERSON_ID,
                        READING.PRESSURE,
                        READING.THERMAL_STATE,
                        READING.DEPTH_OUTER,
                        READING.DEPTH_CENTER,
                        READING.DEPTH_INNER,
                        READING.ODOMETER,
                        READING.TEMPERATURE,
                        READING.IS_INFLATION,
                        READING.LOWEST_DEPTH,
                        READING.TREAD_INTERVAL,
                        READING.DOT_SIDE,
                        POSITION.VEHICLE_ID,
                        READING.TREAD_GRID,
                        READING_IN_FORCE.asterisk())
                .from(INSTALLATION)
                .join(POSITION)
                .on(POSITION.ID.eq(INSTALLATION.POSITION_ID))
                .join(READING)
                .on(READING.ID.in(newest))
                .leftJoin(READING_IN_FORCE)
                .on(READING_IN_FORCE.READING_ID.eq(READING.ID))
                .where(of(vehicleId))
                .orderBy(READING.TIRE_ID, READING.READ_AT.desc(), READING.ID.desc())
                .fetchGroups(
                        row -> row.get(READING.TIRE_ID),
                        row -> new Reading(
                                day(row.get(READING.READ_AT)),
                                names.get(row.get(READING.PERSON_ID)),
                                Optional.ofNullable(row.get(READING.ODOMETER))
                                        .map(shown -> driven(
                                                runs.get(row.get(POSITION.VEHICLE_ID)),
                                                row.get(READING.READ_AT),
                                                shown)),
                                Optional.ofNullable(row.get(READING.PRESSURE)),
                                ThermalState.valueOf(row.get(READING.THERMAL_STATE)),
                                new GrooveDepths(
                                        Optional.ofNullable(row.get(READING.DEPTH_OUTER)),
                                        Optional.ofNullable(row.get(READING.DEPTH_CENTER)),
                                        Optional.ofNullable(row.get(READING.DEPTH_INNER)),
                                        Optional.ofNullable(row.get(READING.LOWEST_DEPTH))),
                                Optional.ofNullable(row.get(READING.TEMPERATURE)),
                                row.get(READING.IS_INFLATION),
                                Optional.ofNullable(row.get(READING.TREAD_INTERVAL))
                                        .map(TreadInterval::valueOf),
                                Readings.facing(row.get(READING.DOT_SIDE)),
                                Readings.grid(row.get(READING.TREAD_GRID)),
                                TireLedgerStore.inForce(row)));
    }

    private static Distance driven(OdometerHistory run, Instant at, Distance shown) {
        return run == null ? shown : Distance.miles(Math.max(0, run.driven(at, shown)));
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
