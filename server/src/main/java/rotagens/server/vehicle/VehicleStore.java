package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.AXLE;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;
import static rotagens.server.storage.generated.Tables.WHEEL;
import static rotagens.server.storage.generated.Tables.YARD;
import static rotagens.server.vehicle.VehicleWords.WORDS;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Load;
import rotagens.core.tire.SpeedSymbol;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;
import rotagens.server.storage.generated.tables.records.AxleRecord;
import rotagens.server.web.ProblemException;

/** The vehicles of the fleet: axles, places, wheels and placards. */
@Service
public class VehicleStore {

    /**
     * A vehicle on file.
     *
     * @param facts what the rules need
     * @param places the id of each position
     */
    public record OnFile(
            long id,
            Vehicle facts,
            String yard,
            String description,
            Map<Position, Long> places,
            Optional<OdometerStore.Odometer> odometer,
            boolean isParkedOutdoors,
            String placardLocation,
            LoadState normalLoadState,
            Optional<Instant> retiredAt) {}

    private final DSLContext db;
    private final SensorStore sensors;
    private final OdometerStore odometerStore;

    VehicleStore(DSLContext db, SensorStore sensors, OdometerStore odometerStore) {
        this.db = db;
        this.sensors = sensors;
        this.odometerStore = odometerStore;
    }

    @Transactional(readOnly = true)
    public List<OnFile> all() {
        return load(VEHICLE.RETIRED_AT.isNull());
    }

    @Transactional(readOnly = true)
    public OnFile get(long id) {
        return load(VEHICLE.ID.eq(id)).stream()
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchVehicle")));
    }

    /** Several at once; one nobody knows is not among them. */
    @Transactional(readOnly = true)
    public List<OnFile> each(Collection<Long> ids) {
        return load(VEHICLE.ID.in(ids));
    }

    @Transactional(readOnly = true)
    public int count() {
        return db.fetchCount(VEHICLE, VEHICLE.RETIRED_AT.isNull());
    }

    private List<OnFile> load(Condition which) {
        Map<Long, List<AxleRecord>> axles = db.selectFrom(AXLE)
                .where(AXLE.VEHICLE_ID.in(DSL.select(VEHICLE.ID).from(VEHICLE).where(which)))
                .orderBy(AXLE.VEHICLE_ID, AXLE.NUMBER)
                .fetchGroups(AxleRecord::getVehicleId, axle -> axle);
        Map<Long, Map<Position, Long>> places = new HashMap<>();
        Map<Long, Map<Position, Vehicle.WheelLimits>> wheelLimits = new HashMap<>();
        db.select(
                        POSITION.VEHICLE_ID,
                        POSITION.ID,
                        POSITION.CODE,
                        WHEEL.ID,
                        WHEEL.PILOT_TYPE,
                        WHEEL.MAXIMUM_PRESSURE,
                        WHEEL.MAXIMUM_LOAD,
                        WHEEL.RIM_DIAMETER_IN)
                .from(POSITION)
                .leftJoin(WHEEL)
                .on(WHEEL.POSITION_ID.eq(POSITION.ID))
                .where(POSITION.VEHICLE_ID.in(
                        DSL.select(VEHICLE.ID).from(VEHICLE).where(which)))
                .and(POSITION.REMOVED_AT.isNull())
                .forEach(row -> {
                    Position position = Position.parse(row.value3());
                    places.computeIfAbsent(row.value1(), id -> new HashMap<>()).put(position, row.value2());
                    if (row.value4() != null) {
                        wheelLimits
                                .computeIfAbsent(row.value1(), id -> new HashMap<>())
                                .put(
                                        position,
                                        new Vehicle.WheelLimits(
                                                Optional.ofNullable(row.value5())
                                                        .map(PilotType::valueOf),
                                                Optional.ofNullable(row.value6()),
                                                Optional.ofNullable(row.value7()),
                                                row.value8() == null
                                                        ? OptionalDouble.empty()
                                                        : OptionalDouble.of(row.value8())));
                    }
                });
        Map<Long, Map<Position, Sensor>> fitted = sensors.of(which);
        Map<Long, List<OdometerStore.Odometer>> odometers = odometerStore.newest(which);
        List<OnFile> vehicles = new ArrayList<>();
        db.select(VEHICLE.asterisk(), YARD.NAME, VEHICLE_CLASS.NAME)
                .from(VEHICLE)
                .join(YARD)
                .on(YARD.ID.eq(VEHICLE.YARD_ID))
                .join(VEHICLE_CLASS)
                .on(VEHICLE_CLASS.ID.eq(VEHICLE.VEHICLE_CLASS_ID))
                .where(which)
                .orderBy(VEHICLE.UNIT)
                .forEach(row -> {
                    long id = row.get(VEHICLE.ID);
                    List<OdometerStore.Odometer> read = odometers.getOrDefault(id, List.of());
                    vehicles.add(new OnFile(
                            id,
                            facts(
                                    row,
                                    axles.getOrDefault(id, List.of()),
                                    wheelLimits.getOrDefault(id, Map.of()),
                                    fitted.getOrDefault(id, Map.of()),
                                    read),
                            row.get(YARD.NAME),
                            row.get(VEHICLE.DESCRIPTION),
                            Map.copyOf(places.getOrDefault(id, Map.of())),
                            read.stream().findFirst(),
                            row.get(VEHICLE.IS_PARKED_OUTDOORS),
                            row.get(VEHICLE.PLACARD_LOCATION),
                            LoadState.valueOf(row.get(VEHICLE.NORMAL_LOAD_STATE)),
                            Optional.ofNullable(row.get(VEHICLE.RETIRED_AT))));
                });
        return vehicles;
    }

    private static Vehicle facts(
            Record row,
            List<AxleRecord> axles,
            Map<Position, Vehicle.WheelLimits> wheelLimits,
            Map<Position, Sensor> sensors,
            List<OdometerStore.Odometer> odometers) {
        Map<Integer, Vehicle.Placard> placards = new HashMap<>();
        Map<Integer, Load> gawrs = new HashMap<>();
        for (AxleRecord axle : axles) {
            if (axle.getGawr() != null) {
                gawrs.put(axle.getNumber(), axle.getGawr());
            }
            if (axle.getPlacardSize() != null && axle.getPlacardPressure() != null) {
                placards.put(
                        axle.getNumber(),
                        new Vehicle.Placard(TireSize.parse(axle.getPlacardSize()), axle.getPlacardPressure()));
            }
        }
        AxleLayout axleLayout = new AxleLayout(
                axles.stream()
                        .map(axle -> new Axle(AxleRole.valueOf(axle.getRole()), axle.getIsDual()))
                        .toList(),
                row.get(VEHICLE.SPARE_COUNT));
        return new Vehicle(
                row.get(VEHICLE.UNIT),
                row.get(VEHICLE_CLASS.NAME),
                VehicleType.valueOf(row.get(VEHICLE.TYPE)),
                row.get(VEHICLE.GVWR),
                axleLayout,
                placards,
                gawrs,
                wheelLimits,
                row.get(VEHICLE.HAS_SENSORS),
                milesPerDay(odometers),
                Optional.ofNullable(row.get(VEHICLE.PARKED_SINCE)),
                row.get(VEHICLE.IS_PARKED_OUTDOORS),
                sensors,
                use(row));
    }

    /** What decides which rules hold beside the ratings. */
    static Use use(Record row) {
        return new Use(
                row.get(VEHICLE.SEATS) == null ? OptionalInt.empty() : OptionalInt.of(row.get(VEHICLE.SEATS)),
                Optional.ofNullable(row.get(VEHICLE.IS_FOR_PAY)),
                Optional.ofNullable(row.get(VEHICLE.COMBINATION_RATING)),
                Optional.ofNullable(row.get(VEHICLE.SPEED_SYMBOL)).map(SpeedSymbol::valueOf));
    }

    /** The vehicle of a unit name, however it is capitalized. */
    @Transactional(readOnly = true)
    public Optional<Long> ofUnit(String unit) {
        return db.select(VEHICLE.ID)
                .from(VEHICLE)
                .where(VEHICLE.UNIT.equalIgnoreCase(unit))
                .fetchOptional(VEHICLE.ID);
    }

    /** What places are called, by id. */
    @Transactional(readOnly = true)
    public Map<Long, PlaceName> placeNames(Collection<Long> placeIds) {
        return db.select(POSITION.ID, POSITION.VEHICLE_ID, VEHICLE.UNIT, POSITION.CODE)
                .from(POSITION)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .where(POSITION.ID.in(placeIds))
                .fetchMap(row -> row.value1(), row -> new PlaceName(row.value2(), row.value3(), row.value4()));
    }

    /** A place by its vehicle and its position on it. */
    public record PlaceName(long vehicleId, String unit, String code) {

        /** As people say it, for example T-101 2LO. */
        public String label() {
            return unit + " " + code;
        }
    }

    /** The vehicle a place belongs to. */
    @Transactional(readOnly = true)
    public long ofPlace(long placeId) {
        return db.select(POSITION.VEHICLE_ID)
                .from(POSITION)
                .where(POSITION.ID.eq(placeId))
                .fetchSingle(POSITION.VEHICLE_ID);
    }

    /** What a place is called on its vehicle; empty where there is none of that number. */
    @Transactional(readOnly = true)
    public Optional<String> codeOf(long placeId) {
        return db.select(POSITION.CODE)
                .from(POSITION)
                .where(POSITION.ID.eq(placeId))
                .fetchOptional(POSITION.CODE);
    }

    /** The places of one vehicle. */
    @Transactional(readOnly = true)
    public Map<Position, Long> places(long vehicleId) {
        Map<Position, Long> places = new HashMap<>();
        db.selectFrom(POSITION)
                .where(POSITION.VEHICLE_ID.eq(vehicleId), POSITION.REMOVED_AT.isNull())
                .forEach(row -> places.put(Position.parse(row.getCode()), row.getId()));
        return places;
    }

    /** The average between the oldest and the newest of the last dozen odometer readings. */
    private static OptionalDouble milesPerDay(List<OdometerStore.Odometer> newestFirst) {
        if (newestFirst.size() < 2) {
            return OptionalDouble.empty();
        }
        OdometerStore.Odometer newest = newestFirst.get(0);
        OdometerStore.Odometer oldest = newestFirst.get(newestFirst.size() - 1);
        long days = java.time.temporal.ChronoUnit.DAYS.between(oldest.on(), newest.on());
        return days < 1
                ? OptionalDouble.empty()
                : OptionalDouble.of((newest.drivenMiles() - oldest.drivenMiles()) / days);
    }

    /** A parked vehicle was moved: the days count from here again. */
    @Transactional
    public void moved(long vehicleId, LocalDate on) {
        db.update(VEHICLE)
                .set(VEHICLE.PARKED_SINCE, on)
                .where(VEHICLE.ID.eq(vehicleId))
                .and(VEHICLE.PARKED_SINCE.isNotNull())
                .execute();
    }

    /**
     * Wheels change places, each with the sensor inside it.
     *
     * @param fromByTo the place a wheel comes from, by the place it goes to
     */
    @Transactional
    public void moveWheels(Map<Long, Long> fromByTo, Instant at, long by, Long jobId) {
        Map<Long, Long> wheelIds = db.select(WHEEL.POSITION_ID, WHEEL.ID)
                .from(WHEEL)
                .where(WHEEL.POSITION_ID.in(fromByTo.values()))
                .fetchMap(WHEEL.POSITION_ID, WHEEL.ID);
        db.update(WHEEL)
                .setNull(WHEEL.POSITION_ID)
                .where(WHEEL.ID.in(wheelIds.values()))
                .execute();
        fromByTo.forEach((to, from) -> {
            Long wheel = wheelIds.get(from);
            if (wheel != null) {
                db.update(WHEEL)
                        .set(WHEEL.POSITION_ID, to)
                        .where(WHEEL.ID.eq(wheel))
                        .execute();
                sensors.wheelMoved(wheel, to, at, by, jobId);
            }
        });
    }

    /** Another wheel at a place: its pilot type is known, the rest has to be read afresh. */
    @Transactional
    public void changeWheel(long placeId, PilotType pilot) {
        db.update(WHEEL)
                .setNull(WHEEL.POSITION_ID)
                .where(WHEEL.POSITION_ID.eq(placeId))
                .execute();
        db.insertInto(WHEEL)
                .set(WHEEL.POSITION_ID, placeId)
                .set(WHEEL.PILOT_TYPE, pilot == null ? null : pilot.name())
                .execute();
    }
}
