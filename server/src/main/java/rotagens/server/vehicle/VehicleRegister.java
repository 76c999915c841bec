package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.AXLE;
import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_CLASS;
import static rotagens.server.storage.generated.Tables.WHEEL;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleLayoutChange;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.storage.generated.tables.records.VehicleRecord;
import rotagens.server.web.ProblemException;

/** Putting vehicles on file, changing and retiring them. Nothing is deleted, and redrawing a vehicle moves no tire. */
@Service
public class VehicleRegister {

    /** One axle as on file; the placard has both of its parts or counts as not read. */
    public record AxleOnFile(
            Axle axle, Optional<Load> gawr, Optional<TireSize> placardSize, Optional<Pressure> placardPressure) {}

    /** Everything on file about a vehicle but its tires. */
    public record Entry(
            String unit,
            String vehicleClass,
            String yard,
            VehicleType type,
            String description,
            Load gvwr,
            boolean hasWorkingSensors,
            boolean isParkedOutdoors,
            Optional<LocalDate> parkedSince,
            LoadState normalLoadState,
            String placardLocation,
            PlacardLoadBasis placardLoadBasis,
            List<AxleOnFile> axles,
            int spares,
            Map<Position, WheelSpec> wheels,
            Use use) {

        /** Nothing on record about its use. */
        public Entry(
                String unit,
                String vehicleClass,
                String yard,
                VehicleType kind,
                String description,
                Load gvwr,
                boolean sensorsWork,
                boolean outdoors,
                Optional<LocalDate> parkedSince,
                LoadState usualState,
                String placardSpot,
                PlacardLoadBasis placardAssumes,
                List<AxleOnFile> axles,
                int spares,
                Map<Position, WheelSpec> wheels) {
            this(
                    unit,
                    vehicleClass,
                    yard,
                    kind,
                    description,
                    gvwr,
                    sensorsWork,
                    outdoors,
                    parkedSince,
                    usualState,
                    placardSpot,
                    placardAssumes,
                    axles,
                    spares,
                    wheels,
                    Use.UNKNOWN);
        }

        public AxleLayout layout() {
            return new AxleLayout(axles.stream().map(AxleOnFile::axle).toList(), spares);
        }
    }

    /** An entry with the version somebody may change. */
    public record Stored(long id, int version, boolean retired, Entry entry) {}

    /** A vehicle out of service. */
    public record Retired(long id, String unit, String description, Instant at) {}

    /** What a vehicle can be filed under. */
    public record Choices(List<String> yards, List<String> classes, List<Retired> retired) {}

    private final DSLContext db;
    private final AxleLayoutStore layouts;
    private final Clock clock;

    VehicleRegister(DSLContext db, AxleLayoutStore layouts, Clock clock) {
        this.layouts = layouts;
        this.db = db;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Choices choices() {
        return new Choices(
                db.select(YARD.NAME).from(YARD).orderBy(YARD.NAME).fetch(YARD.NAME),
                db.select(VEHICLE_CLASS.NAME)
                        .from(VEHICLE_CLASS)
                        .orderBy(VEHICLE_CLASS.NAME)
                        .fetch(VEHICLE_CLASS.NAME),
                db.selectFrom(VEHICLE)
                        .where(VEHICLE.RETIRED_AT.isNotNull())
                        .orderBy(VEHICLE.RETIRED_AT.desc())
                        .fetch(row ->
                                new Retired(row.getId(), row.getUnit(), row.getDescription(), row.getRetiredAt())));
    }

    @Transactional(readOnly = true)
    public Optional<Long> idOf(String unit) {
        return db.select(VEHICLE.ID)
                .from(VEHICLE)
                .where(VEHICLE.UNIT.equalIgnoreCase(unit))
                .fetchOptional(VEHICLE.ID);
    }

    /** The vehicle that is meant by a unit number as people write it. */
    @Transactional(readOnly = true)
    public Optional<Long> named(String unit) {
        return idOf(unit.strip()).or(() -> unitNames().named(unit));
    }

    /** Every unit number, read once for whoever looks many up. */
    @Transactional(readOnly = true)
    public UnitNames unitNames() {
        return new UnitNames(db.select(VEHICLE.ID, VEHICLE.UNIT).from(VEHICLE).fetchMap(VEHICLE.ID, VEHICLE.UNIT));
    }

    /** The yard’s id, put on file if it is new. */
    @Transactional
    public long yard(String name) {
        return db.select(YARD.ID)
                .from(YARD)
                .where(YARD.NAME.equalIgnoreCase(name))
                .fetchOptional(YARD.ID)
                .orElseGet(() -> db.insertInto(YARD)
                        .set(YARD.NAME, name)
                        .returning(YARD.ID)
                        .fetchOne(YARD.ID));
    }

    @Transactional(readOnly = true)
    public Map<Long, String> yardNames() {
        return db.selectFrom(YARD).fetchMap(YARD.ID, YARD.NAME);
    }

    /** The class’s id, put on file if it is new. */
    @Transactional
    public long vehicleClass(String name) {
        return db.select(VEHICLE_CLASS.ID)
                .from(VEHICLE_CLASS)
                .where(VEHICLE_CLASS.NAME.equalIgnoreCase(name))
                .fetchOptional(VEHICLE_CLASS.ID)
                .orElseGet(() -> db.insertInto(VEHICLE_CLASS)
                        .set(VEHICLE_CLASS.NAME, name)
                        .returning(VEHICLE_CLASS.ID)
                        .fetchOne(VEHICLE_CLASS.ID));
    }

    /** Adds a vehicle with its axles, places and wheels. */
    @Transactional
    public long add(Entry entry) {
        return addAll(List.of(entry)).get(0);
    }

    /**
     * Adds vehicles with their axles, places and wheels.
     *
     * @return their ids, in the same order
     * @throws ProblemException at the field {@code unit} where one has the unit number of another
     */
    @Transactional
    public List<Long> addAll(List<Entry> entries) {
        Map<String, Long> yards = new HashMap<>();
        Map<String, Long> classes = new HashMap<>();
        Map<Long, Entry> added = new LinkedHashMap<>();
        for (Entry entry : entries) {
            refuseUsedUnit(entry.unit(), null);
            VehicleRecord row = db.newRecord(VEHICLE);
            fill(
                    row,
                    entry,
                    classes.computeIfAbsent(entry.vehicleClass(), this::vehicleClass),
                    yards.computeIfAbsent(entry.yard(), this::yard));
            row.insert();
            added.put(row.getId(), entry);
        }
        layouts.writeNew(added);
        return List.copyOf(added.keySet());
    }

    /**
     * Changes a vehicle.
     *
     * @param confirmed whether the person has read what the changed axles mean for tires that stay on it
     */
    @Transactional
    public void change(long id, int seen, Entry entry, boolean confirmed) {
        VehicleRecord row = record(id);
        if (row.getVersion() != seen) {
            throw ProblemException.changedMeanwhile(
                    "Another user changed this vehicle after you opened it. Compare both versions. Nothing was overwritten.",
                    null);
        }
        refuseUsedUnit(entry.unit(), id);
        refuseLayout(Optional.of(id), stored(id).entry().layout(), entry.layout(), confirmed);
        fill(row, entry, vehicleClass(entry.vehicleClass()), yard(entry.yard()));
        row.setVersion(seen + 1);
        row.update();
        db.deleteFrom(AXLE).where(AXLE.VEHICLE_ID.eq(id)).execute();
        layouts.writeAxles(id, entry);
        layouts.writePlaces(id, entry.layout());
        layouts.writeWheels(id, entry.wheels());
    }

    /**
     * Refuses a layout that would take the position from under a tire; asks about one under which tires that stay count otherwise.
     *
     * @param id of the vehicle; empty for one that is not on file yet, which has no tires
     * @param confirmed whether the person has read what it means
     */
    @Transactional(readOnly = true)
    public void refuseLayout(Optional<Long> id, AxleLayout before, AxleLayout after, boolean confirmed) {
        AxleLayoutChange change =
                AxleLayoutChange.between(before, after, id.map(this::occupied).orElse(Set.of()));
        if (!change.blocked().isEmpty()) {
            throw ProblemException.field(
                    "axles",
                    "There are tires on "
                            + change.blocked().stream().map(Position::code).collect(Collectors.joining(", "))
                            + ", which this layout doesn’t have. Take them off or move them first; redrawing moves no tire.");
        }
        if (!change.effects().isEmpty() && !confirmed) {
            throw ProblemException.field("confirmed", String.join(" ", change.effects()));
        }
    }

    /** What another layout would mean for the tires on the vehicle now. */
    @Transactional(readOnly = true)
    public AxleLayoutChange layoutChange(long id, AxleLayout after) {
        return AxleLayoutChange.between(stored(id).entry().layout(), after, occupied(id));
    }

    private Set<Position> occupied(long id) {
        return db.select(POSITION.CODE)
                .from(POSITION)
                .join(INSTALLATION)
                .on(INSTALLATION.POSITION_ID.eq(POSITION.ID))
                .where(POSITION.VEHICLE_ID.eq(id))
                .fetchSet(row -> Position.parse(row.value1()));
    }

    /** Takes a vehicle out of service, or back in. */
    @Transactional
    public void retire(long id, boolean retired) {
        VehicleRecord row = record(id);
        row.setRetiredAt(retired ? clock.instant() : null);
        row.setVersion(row.getVersion() + 1);
        row.update();
    }

    /** The axle’s rating, where it is on file. */
    @Transactional(readOnly = true)
    public Map<Integer, Load> gawrs(long id) {
        return db.selectFrom(AXLE)
                .where(AXLE.VEHICLE_ID.eq(id), AXLE.GAWR.isNotNull())
                .fetchMap(AXLE.NUMBER, AXLE.GAWR);
    }

    @Transactional(readOnly = true)
    public Stored stored(long id) {
        return stored(VEHICLE.ID.eq(id)).stream()
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound("There is no such vehicle."));
    }

    /** Every vehicle as its form has it, retired ones too, by unit number. */
    @Transactional(readOnly = true)
    public List<Stored> allStored() {
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

    private VehicleRecord record(long id) {
        return db.selectFrom(VEHICLE)
                .where(VEHICLE.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound("There is no such vehicle."));
    }

    private void refuseUsedUnit(String unit, Long own) {
        idOf(unit).filter(other -> !other.equals(own)).ifPresent(other -> {
            throw ProblemException.field("unit", "Another vehicle is called " + unit + " already.");
        });
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
