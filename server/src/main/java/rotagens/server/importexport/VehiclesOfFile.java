package rotagens.server.importexport;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rotagens.server.vehicle.UnitNames;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.OnFile;

/**
 * The vehicles a file names, each loaded once: no row of such a file changes a layout or a position. What a row does change, its
 * odometer and its tires, is not read from here.
 */
final class VehiclesOfFile {

    /** As many as are loaded by one round of questions: a file of thousands doesn’t ask for each alone. */
    private static final int AT_ONCE = 200;

    private final VehicleRegister register;
    private final VehicleStore store;
    private final Set<Long> expected = new LinkedHashSet<>();
    private @Nullable UnitNames unitNames;
    private final Map<Long, OnFile> byId = new HashMap<>();

    VehiclesOfFile(VehicleRegister register, VehicleStore store) {
        this.register = register;
        this.store = store;
    }

    Optional<Long> named(String unit) {
        return unitNames().named(unit);
    }

    /** The unit number as it is on file. */
    String unit(long id) {
        return unitNames().unit(id);
    }

    private UnitNames unitNames() {
        if (unitNames == null) {
            unitNames = register.unitNames();
        }
        return unitNames;
    }

    /** Told all rows first: the vehicles they name are loaded together, when the first of them is asked for. */
    void expect(List<CsvFormat.Cells> rows) {
        rows.forEach(row -> row.get("unit").flatMap(this::named).ifPresent(expected::add));
    }

    OnFile get(long id) {
        if (!byId.containsKey(id)) {
            load(id);
        }
        OnFile found = byId.get(id);
        return found == null ? store.get(id) : found;
    }

    private void load(long wanted) {
        List<Long> next = new ArrayList<>(List.of(wanted));
        expected.remove(wanted);
        Iterator<Long> others = expected.iterator();
        while (next.size() < AT_ONCE && others.hasNext()) {
            next.add(others.next());
            others.remove();
        }
        store.each(next).forEach(vehicle -> byId.put(vehicle.id(), vehicle));
    }
}
