package rotagens.server.importexport;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
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
    private final Map<String, Optional<Long>> byName = new HashMap<>();
    private final Map<Long, OnFile> byId = new HashMap<>();

    VehiclesOfFile(VehicleRegister register, VehicleStore store) {
        this.register = register;
        this.store = store;
    }

    Optional<Long> named(String unit) {
        return byName.computeIfAbsent(unit, register::named);
    }

    OnFile get(long id) {
        return byId.computeIfAbsent(id, store::get);
    }
}
