package rotagens.server.importexport;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
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

    private final VehicleRegister register;
    private final VehicleStore store;
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

    OnFile get(long id) {
        return byId.computeIfAbsent(id, store::get);
    }
}
