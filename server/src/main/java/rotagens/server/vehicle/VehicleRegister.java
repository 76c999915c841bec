package rotagens.server.vehicle;

import static rotagens.server.vehicle.VehicleWords.WORDS;

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
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleLayoutChange;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;
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

    private final VehicleRegisterStore store;
    private final AxleLayoutStore layouts;
    private final Clock clock;

    VehicleRegister(VehicleRegisterStore store, AxleLayoutStore layouts, Clock clock) {
        this.layouts = layouts;
        this.store = store;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Choices choices() {
        return new Choices(store.yards(), store.classes(), store.retired());
    }

    @Transactional(readOnly = true)
    public Optional<Long> idOf(String unit) {
        return store.idOf(unit);
    }

    /** The vehicle that is meant by a unit number as people write it. */
    @Transactional(readOnly = true)
    public Optional<Long> named(String unit) {
        return idOf(unit.strip()).or(() -> unitNames().named(unit));
    }

    /** Every unit number, read once for whoever looks many up. */
    @Transactional(readOnly = true)
    public UnitNames unitNames() {
        return new UnitNames(store.units());
    }

    /** The yard of this name; empty where there is none. */
    @Transactional(readOnly = true)
    public Optional<Long> knownYard(String name) {
        return store.yard(name);
    }

    /** The yard’s id, put on file if it is new. */
    @Transactional
    public long yard(String name) {
        return store.yard(name).orElseGet(() -> store.addYard(name));
    }

    @Transactional(readOnly = true)
    public Map<Long, String> yardNames() {
        return store.yardNames();
    }

    /** The class’s id, put on file if it is new. */
    @Transactional
    public long vehicleClass(String name) {
        return store.vehicleClass(name).orElseGet(() -> store.addVehicleClass(name));
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
            long id = store.add(
                    entry,
                    classes.computeIfAbsent(entry.vehicleClass(), this::vehicleClass),
                    yards.computeIfAbsent(entry.yard(), this::yard));
            added.put(id, entry);
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
        Stored before = stored(id);
        if (before.version() != seen) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedThisVehicle"), null);
        }
        refuseUsedUnit(entry.unit(), id);
        refuseLayout(Optional.of(id), before.entry().layout(), entry.layout(), confirmed);
        store.change(id, seen + 1, entry, vehicleClass(entry.vehicleClass()), yard(entry.yard()));
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
                AxleLayoutChange.between(before, after, id.map(store::occupied).orElse(Set.of()));
        if (!change.blocked().isEmpty()) {
            throw ProblemException.field(
                    "axles",
                    WORDS.say(
                            "thereAreTiresOnWhich",
                            "blocked",
                            change.blocked().stream().map(Position::code).collect(Collectors.joining(", "))));
        }
        if (!change.effects().isEmpty() && !confirmed) {
            throw ProblemException.field("confirmed", String.join(" ", change.effects()));
        }
    }

    /** What another layout would mean for the tires on the vehicle now. */
    @Transactional(readOnly = true)
    public AxleLayoutChange layoutChange(long id, AxleLayout after) {
        return AxleLayoutChange.between(stored(id).entry().layout(), after, store.occupied(id));
    }

    /** Takes a vehicle out of service, or back in. */
    @Transactional
    public void retire(long id, boolean retired) {
        if (!store.retire(id, retired ? clock.instant() : null)) {
            throw unknown();
        }
    }

    /** The axle’s rating, where it is on file. */
    @Transactional(readOnly = true)
    public Map<Integer, Load> gawrs(long id) {
        return store.gawrs(id);
    }

    @Transactional(readOnly = true)
    public Stored stored(long id) {
        return store.stored(id).orElseThrow(VehicleRegister::unknown);
    }

    /** Every vehicle as its form has it, retired ones too, by unit number. */
    @Transactional(readOnly = true)
    public List<Stored> allStored() {
        return store.allStored();
    }

    private static ProblemException unknown() {
        return ProblemException.notFound(WORDS.say("thereIsNoSuchVehicle"));
    }

    private void refuseUsedUnit(String unit, Long own) {
        idOf(unit).filter(other -> !other.equals(own)).ifPresent(other -> {
            throw ProblemException.field("unit", WORDS.say("anotherVehicleIsCalledAlready", "unit", unit));
        });
    }
}
