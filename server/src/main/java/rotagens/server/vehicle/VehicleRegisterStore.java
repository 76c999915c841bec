package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.AXLE;
import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;
import static rotagens.server.storage.generated.Tables.WHEEL;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Load;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.storage.generated.tables.records.VehicleRecord;
import rotagens.server.vehicle.VehicleRegister.AxleOnFile;
import rotagens.server.vehicle.VehicleRegister.Entry;
import rotagens.server.vehicle.VehicleRegister.Retired;
import rotagens.server.vehicle.VehicleRegister.Stored;

/** Vehicles as their form has them, and the yards and classes they are filed under. */
@Repository
class VehicleRegisterStore {

    private final DSLContext db;
    private final AxleLayoutStore layouts;

    VehicleRegisterStore(DSLContext db, AxleLayoutStore layouts) {
        this.db = db;
        this.layouts = layouts;
    }

    /** By name. */
    List<String> yards() {
        return db.select(YARD.NAME).from(YARD).orderBy(YARD.NAME).fetch(YARD.NAME);
    }

    Map<Long, String> yardNames() {
        return db.selectFrom(YARD).fetchMap(YARD.ID, YARD.NAME);
    }

    /** The yard of this name, however it is capitalized. */
    Optional<Long> yard(String name) {
        return db.select(YARD.ID)
                .from(YARD)
                .where(YARD.NAME.equalIgnoreCase(name))
                .fetchOptional(YARD.ID);
    }

    long addYard(String name) {
        return db.insertInto(YARD).set(YARD.NAME, name).returning(YARD.ID).fetchSingle(YARD.ID);
    }

    /** By name. */
    List<String> classes() {
        return db.select(VEHICLE_CLASS.NAME)
                .from(VEHICLE_CLASS)
                .orderBy(VEHICLE_CLASS.NAME)
                .fetch(VEHICLE_CLASS.NAME);
    }

    /** The class of this name, however it is capitalized. */
    Optional<Long> vehicleClass(String name) {
        return db.select(VEHICLE_CLASS.ID)
                .from(VEHICLE_CLASS)
                .where(VEHICLE_CLASS.NAME.equalIgnoreCase(name))
                .fetchOptional(VEHICLE_CLASS.ID);
    }

    long addVehicleClass(String name) {
        return db.insertInto(VEHICLE_CLASS)
                .set(VEHICLE_CLASS.NAME, name)
                .returning(VEHICLE_CLASS.ID)
                .fetchSingle(VEHICLE_CLASS.ID);
    }

    /** Those out of service, the last first. */
    List<Retired> retired() {
        return db.selectFrom(VEHICLE)
                .where(VEHICLE.RETIRED_AT.isNotNull())
                .orderBy(VEHICLE.RETIRED_AT.desc())
                .fetch(row -> new Retired(row.getId(), row.getUnit(), row.getDescription(), row.getRetiredAt()));
    }

    Optional<Long> idOf(String unit) {
        return db.select(VEHICLE.ID)
                .from(VEHICLE)
                .where(VEHICLE.UNIT.equalIgnoreCase(unit))
                .fetchOptional(VEHICLE.ID);
    }

    Map<Long, String> units() {
        return db.select(VEHICLE.ID, VEHICLE.UNIT).from(VEHICLE).fetchMap(VEHICLE.ID, VEHICLE.UNIT);
    }

    /** Adds the vehicle alone; its axles, places and wheels follow. */
    long add(Entry entry, long vehicleClassId, long yardId) {
        VehicleRecord row = db.newRecord(VEHICLE);
        fill(row, entry, vehicleClassId, yardId);
        row.insert();
        return row.getId();
    }

    /** Puts an entry in the place of the one before, with its axles, places and wheels. */
    void change(long id, int version, Entry entry, long vehicleClassId, long yardId) {
        VehicleRecord row = db.selectFrom(VEHICLE).where(VEHICLE.ID.eq(id)).fetchSingle();
        fill(row, entry, vehicleClassId, yardId);
        row.setVersion(version);
        row.update();
        db.deleteFrom(AXLE).where(AXLE.VEHICLE_ID.eq(id)).execute();
        layouts.writeAxles(id, entry);
        layouts.writePlaces(id, entry.layout());
        layouts.writeWheels(id, entry.wheels());
    }

    /** @param at when it goes out of service; null where it comes back. Says whether there is such a vehicle */
    boolean retire(long id, @Nullable Instant at) {
        return db.update(VEHICLE)
                        .set(VEHICLE.RETIRED_AT, at)
                        .set(VEHICLE.VERSION, VEHICLE.VERSION.plus(1))
                        .where(VEHICLE.ID.eq(id))
                        .execute()
                > 0;
    }

    /** The positions with a tire on them. */
    Set<Position> occupied(long id) {
        return db.select(POSITION.CODE)
                .from(POSITION)
                .join(INSTALLATION)
                .on(INSTALLATION.POSITION_ID.eq(POSITION.ID))
                .where(POSITION.VEHICLE_ID.eq(id))
                .fetchSet(row -> Position.parse(row.value1()));
    }

    /** The rating of each axle that has one on file. */
    Map<Integer, Load> gawrs(long id) {
        return db.selectFrom(AXLE)
                .where(AXLE.VEHICLE_ID.eq(id), AXLE.GAWR.isNotNull())
                .fetchMap(AXLE.NUMBER, AXLE.GAWR);
    }

    Optional<Stored> stored(long id) {
        return stored(VEHICLE.ID.eq(id)).stream().findFirst();
    }

    /** Retired ones too, by unit number. */
    List<Stored> allStored() {
        return stored(DSL.noCondition());
    }

    private List<Stored> stored(Condition which) {
        Select<Record1<Long>> ids = DSL.select(VEHICLE.ID).from(VEHICLE).where(which);
        Map<Long, List<AxleOnFile>> axles = db.selectFrom(AXLE)
                .where(AXLE.VEHICLE_ID.in(ids))
                .orderBy(AXLE.NUMBER)
                .fetchGroups(
                        AXLE.VEHICLE_ID,
                        axle -> new AxleOnFile(
                                new Axle(AxleRole.valueOf(axle.getRole()), axle.getIsDual()),
                                Optional.ofNullable(axle.getGawr()),
                                Optional.ofNullable(axle.getPlacardSize()).map(TireSize::parse),
                                Optional.ofNullable(axle.getPlacardPressure())));
        Map<Long, Map<Position, WheelSpec>> wheels = new HashMap<>();
        db.select(POSITION.VEHICLE_ID, POSITION.CODE, WHEEL.asterisk())
                .from(POSITION)
                .join(WHEEL)
                .on(WHEEL.POSITION_ID.eq(POSITION.ID))
                .where(POSITION.VEHICLE_ID.in(ids), POSITION.REMOVED_AT.isNull())
                .forEach(wheel -> wheels.computeIfAbsent(wheel.get(POSITION.VEHICLE_ID), id -> new HashMap<>())
                        .put(Position.parse(wheel.get(POSITION.CODE)), AxleLayoutStore.wheel(wheel.into(WHEEL))));
        Map<Long, String> classes = db.selectFrom(VEHICLE_CLASS).fetchMap(VEHICLE_CLASS.ID, VEHICLE_CLASS.NAME);
        Map<Long, String> yards = yardNames();
        return db.selectFrom(VEHICLE)
                .where(which)
                .orderBy(VEHICLE.UNIT)
                .fetch(row -> new Stored(
                        row.getId(),
                        row.getVersion(),
                        row.getRetiredAt() != null,
                        new Entry(
                                row.getUnit(),
                                classes.get(row.getVehicleClassId()),
                                yards.get(row.getYardId()),
                                VehicleType.valueOf(row.getType()),
                                row.getDescription(),
                                row.getGvwr(),
                                row.getHasSensors(),
                                row.getIsParkedOutdoors(),
                                Optional.ofNullable(row.getParkedSince()),
                                LoadState.valueOf(row.getNormalLoadState()),
                                row.getPlacardLocation(),
                                PlacardLoadBasis.valueOf(row.getPlacardLoadBasis()),
                                axles.getOrDefault(row.getId(), List.of()),
                                row.getSpareCount(),
                                wheels.getOrDefault(row.getId(), new HashMap<>()),
                                VehicleStore.use(row))));
    }

    private static void fill(VehicleRecord row, Entry entry, long vehicleClassId, long yardId) {
        row.setUnit(entry.unit());
        row.setVehicleClassId(vehicleClassId);
        row.setYardId(yardId);
        row.setType(entry.type().name());
        row.setDescription(entry.description());
        row.setGvwr(entry.gvwr());
        row.setHasSensors(entry.hasWorkingSensors());
        row.setIsParkedOutdoors(entry.isParkedOutdoors());
        row.setParkedSince(entry.parkedSince().orElse(null));
        row.setNormalLoadState(entry.normalLoadState().name());
        row.setPlacardLocation(entry.placardLocation());
        row.setPlacardLoadBasis(entry.placardLoadBasis().name());
        row.setSpareCount(entry.spares());
        row.setSeats(entry.use().seats().isPresent() ? entry.use().seats().getAsInt() : null);
        row.setIsForPay(entry.use().forPay().orElse(null));
        row.setCombinationRating(entry.use().combination().orElse(null));
        row.setSpeedSymbol(entry.use().speed().map(Enum::name).orElse(null));
    }
}
