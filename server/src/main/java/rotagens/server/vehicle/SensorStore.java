package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.SENSOR;
import static rotagens.server.storage.generated.Tables.SENSOR_EVENT;
import static rotagens.server.storage.generated.Tables.SENSOR_SILENCE;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.WHEEL;
import static rotagens.server.vehicle.VehicleWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.CornerFact;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.server.storage.generated.tables.records.SensorRecord;
import rotagens.server.web.ProblemException;

/** The sensors in use, and what happened to each. An inside sensor is on file with its wheel, an outside one with its place. */
@Repository
public class SensorStore implements CornerRecords {

    /** A line of a sensor's history. */
    public record Event(Instant at, String by, String code, String type, String position, String note) {}

    private static final int EVENTS_SHOWN = 100;

    private final DSLContext db;
    private final Clock clock;

    SensorStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** By vehicle and position. */
    Map<Long, Map<Position, Sensor>> of(Condition whichVehicles) {
        Map<Long, Map<Position, Sensor>> all = new HashMap<>();
        db.select(
                        POSITION.VEHICLE_ID,
                        POSITION.CODE,
                        SENSOR.PRINTED_ID,
                        SENSOR.LOCATION,
                        SENSOR.INSTALLED_DATE,
                        SENSOR_SILENCE.SILENT_AT)
                .from(SENSOR)
                .leftJoin(WHEEL)
                .on(WHEEL.ID.eq(SENSOR.WHEEL_ID))
                .join(POSITION)
                .on(POSITION.ID.eq(DSL.coalesce(SENSOR.POSITION_ID, WHEEL.POSITION_ID)))
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .leftJoin(SENSOR_SILENCE)
                .on(SENSOR_SILENCE.POSITION_ID.eq(POSITION.ID))
                .where(SENSOR.REMOVED_AT.isNull())
                .and(POSITION.REMOVED_AT.isNull())
                .and(whichVehicles)
                .forEach(row -> all.computeIfAbsent(row.value1(), id -> new HashMap<>())
                        .put(
                                Position.parse(row.value2()),
                                new Sensor(
                                        row.value3(),
                                        Sensor.Location.valueOf(row.value4()),
                                        Optional.ofNullable(row.value5()),
                                        Optional.ofNullable(row.value6())
                                                .map(at -> LocalDate.ofInstant(at, clock.getZone())))));
        return all;
    }

    /** The place a sensor in use is at, by its printed ID. */
    public Optional<Long> placeOf(String printedId) {
        return db.select(POSITION.ID)
                .from(SENSOR)
                .leftJoin(WHEEL)
                .on(WHEEL.ID.eq(SENSOR.WHEEL_ID))
                .join(POSITION)
                .on(POSITION.ID.eq(DSL.coalesce(SENSOR.POSITION_ID, WHEEL.POSITION_ID)))
                .where(SENSOR.PRINTED_ID.eq(printedId), SENSOR.REMOVED_AT.isNull(), POSITION.REMOVED_AT.isNull())
                .fetchOptional(POSITION.ID);
    }

    /**
     * Notes since when the sensor at a place is silent; empty where it is heard.
     *
     * @return whether that is new
     */
    @Transactional
    public boolean setSilent(long placeId, Optional<Instant> since) {
        boolean isKnown = db.fetchExists(SENSOR_SILENCE, SENSOR_SILENCE.POSITION_ID.eq(placeId));
        if (isKnown == since.isPresent()) {
            return false;
        }
        if (since.isPresent()) {
            db.insertInto(SENSOR_SILENCE)
                    .set(SENSOR_SILENCE.POSITION_ID, placeId)
                    .set(SENSOR_SILENCE.SILENT_AT, since.get())
                    .execute();
        } else {
            db.deleteFrom(SENSOR_SILENCE)
                    .where(SENSOR_SILENCE.POSITION_ID.eq(placeId))
                    .execute();
        }
        return true;
    }

    /** Sensors that came to another corner, and sensors that came after another one: the dash has yet to learn them. */
    @Override
    public Map<Long, List<Dated>> cornerFacts(Long vehicleId) {
        var before = SENSOR_EVENT.as("before");
        Map<Long, List<Dated>> facts = new HashMap<>();
        db.select(POSITION.VEHICLE_ID, SENSOR_EVENT.RECORDED_AT, PERSON.NAME, SENSOR_EVENT.TYPE, POSITION.CODE)
                .from(SENSOR_EVENT)
                .join(POSITION)
                .on(POSITION.ID.eq(SENSOR_EVENT.POSITION_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(SENSOR_EVENT.PERSON_ID))
                .where(SENSOR_EVENT
                        .TYPE
                        .eq("MOVED")
                        .or(SENSOR_EVENT
                                .TYPE
                                .eq("INSTALLED")
                                .and(SENSOR_EVENT
                                        .JOB_ID
                                        .isNotNull()
                                        .or(DSL.exists(DSL.selectOne()
                                                .from(before)
                                                .where(before.POSITION_ID.eq(SENSOR_EVENT.POSITION_ID))
                                                .and(before.TYPE.eq("REMOVED"))
                                                .and(before.RECORDED_AT.le(SENSOR_EVENT.RECORDED_AT)))))))
                .and(vehicleId == null ? DSL.noCondition() : POSITION.VEHICLE_ID.eq(vehicleId))
                .forEach(row -> facts.computeIfAbsent(row.value1(), none -> new ArrayList<>())
                        .add(new Dated(
                                row.value2(),
                                new CornerFact(
                                        LocalDate.ofInstant(row.value2(), clock.getZone()),
                                        row.value3(),
                                        CornerFact.Type.CHANGED,
                                        row.value4().equals("MOVED")
                                                ? WORDS.say("sensorMoved", "position", row.value5())
                                                : WORDS.say("sensorReplaced", "position", row.value5())))));
        return facts;
    }

    /** Puts a sensor on record at a place, instead of the one there. */
    public void put(long placeId, Sensor sensor, Instant at, long by, String note, Long jobId) {
        refuseUsed(placeId, sensor.sensorId());
        takeOff(placeId, at, by, note, jobId);
        SensorRecord row = db.newRecord(SENSOR);
        row.setPrintedId(sensor.sensorId());
        row.setLocation(sensor.location().name());
        row.setInstalledDate(sensor.installedOn().orElse(null));
        if (sensor.location().travelsWithWheel()) {
            row.setWheelId(wheelAt(placeId));
        } else {
            row.setPositionId(placeId);
        }
        row.insert();
        event(row.getId(), "INSTALLED", placeId, at, by, note, jobId);
    }

    /** The same, unless that very sensor is on record there: its job noted it when it went in. */
    public void putIfOther(long placeId, Sensor sensor, Instant at, long by, String note, Long jobId) {
        if (at(placeId)
                .filter(row -> row.getPrintedId().equals(sensor.sensorId()))
                .isEmpty()) {
            put(placeId, sensor, at, by, note, jobId);
        }
    }

    /** Takes the sensor at a place out of use, if there is one. */
    public void takeOff(long placeId, Instant at, long by, String note, Long jobId) {
        at(placeId).ifPresent(row -> {
            row.setRemovedAt(at);
            row.update();
            // Another sensor there isn't silent before anybody has listened to it.
            setSilent(placeId, Optional.empty());
            event(row.getId(), "REMOVED", placeId, at, by, note, jobId);
        });
    }

    /** A wheel came to another place, and the sensor in it with it. */
    void wheelMoved(long wheelId, long placeId, Instant at, long by, Long jobId) {
        db.select(SENSOR.ID)
                .from(SENSOR)
                .where(SENSOR.WHEEL_ID.eq(wheelId), SENSOR.REMOVED_AT.isNull())
                .forEach(row -> event(row.value1(), "MOVED", placeId, at, by, WORDS.say("withItsWheel"), jobId));
    }

    private Optional<SensorRecord> at(long placeId) {
        return db.select(SENSOR.asterisk())
                .from(SENSOR)
                .leftJoin(WHEEL)
                .on(WHEEL.ID.eq(SENSOR.WHEEL_ID))
                .where(SENSOR.REMOVED_AT.isNull())
                .and(DSL.coalesce(SENSOR.POSITION_ID, WHEEL.POSITION_ID).eq(placeId))
                .fetchOptional(row -> row.into(SENSOR));
    }

    private void refuseUsed(long placeId, String code) {
        usedElsewhere(placeId, code).ifPresent(where -> {
            throw ProblemException.field("sensorId", where);
        });
    }

    /** Why a sensor of this ID can't be the one that is at a place: where it is on file; empty where it may be. */
    public Optional<String> usedElsewhere(long placeId, String code) {
        return db.select(VEHICLE.UNIT, POSITION.CODE, POSITION.ID)
                .from(SENSOR)
                .leftJoin(WHEEL)
                .on(WHEEL.ID.eq(SENSOR.WHEEL_ID))
                .leftJoin(POSITION)
                .on(POSITION.ID.eq(DSL.coalesce(SENSOR.POSITION_ID, WHEEL.POSITION_ID)))
                .leftJoin(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .where(SENSOR.PRINTED_ID.eq(code), SENSOR.REMOVED_AT.isNull())
                .fetchOptional()
                .filter(row -> !Objects.equals(row.value3(), placeId))
                .map(row -> row.value1() == null
                        ? WORDS.say("thisIdIsOnFile")
                        : WORDS.say("thisIdIsOnFile2", "unit", row.value1(), "position", row.value2()));
    }

    private long wheelAt(long placeId) {
        return db.select(WHEEL.ID)
                .from(WHEEL)
                .where(WHEEL.POSITION_ID.eq(placeId))
                .fetchOptional(WHEEL.ID)
                .orElseGet(() -> db.insertInto(WHEEL)
                        .set(WHEEL.POSITION_ID, placeId)
                        .returning(WHEEL.ID)
                        .fetchOne(WHEEL.ID));
    }

    private void event(long sensorId, String kind, long placeId, Instant at, long by, String note, Long jobId) {
        db.insertInto(SENSOR_EVENT)
                .set(SENSOR_EVENT.SENSOR_ID, sensorId)
                .set(SENSOR_EVENT.TYPE, kind)
                .set(SENSOR_EVENT.POSITION_ID, placeId)
                .set(SENSOR_EVENT.RECORDED_AT, at)
                .set(SENSOR_EVENT.PERSON_ID, by)
                .set(SENSOR_EVENT.NOTE, note)
                .set(SENSOR_EVENT.JOB_ID, jobId)
                .execute();
    }

    /** What happened to the sensors of a vehicle's places, newest first. */
    public List<Event> history(long vehicleId) {
        return new ArrayList<>(db.select(
                        SENSOR_EVENT.RECORDED_AT,
                        PERSON.NAME,
                        SENSOR.PRINTED_ID,
                        SENSOR_EVENT.TYPE,
                        POSITION.CODE,
                        SENSOR_EVENT.NOTE)
                .from(SENSOR_EVENT)
                .join(SENSOR)
                .on(SENSOR.ID.eq(SENSOR_EVENT.SENSOR_ID))
                .join(POSITION)
                .on(POSITION.ID.eq(SENSOR_EVENT.POSITION_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(SENSOR_EVENT.PERSON_ID))
                .where(POSITION.VEHICLE_ID.eq(vehicleId))
                .orderBy(SENSOR_EVENT.ID.desc())
                .limit(EVENTS_SHOWN)
                .fetch(row ->
                        new Event(row.value1(), row.value2(), row.value3(), row.value4(), row.value5(), row.value6())));
    }
}
