package rotagens.server.demo;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.jobsheet.BeadStep;
import rotagens.core.jobsheet.TireChanger;
import rotagens.core.measure.Length;
import rotagens.core.sensor.RelearnTemplates;
import rotagens.server.relearn.RelearnService;
import rotagens.server.tirechanger.TireChangerStore;
import rotagens.server.vehicle.VehicleStore;

/** What the demo's shop works with: two tire changers, one with its own sheet, and how each class learns its sensors. */
record DemoWorkshop(TireChangerStore machines, VehicleStore vehicles, RelearnService relearns, long coordinator) {

    /** Which ready-made procedure each class uses, by its place in the list. */
    private static final Map<String, Integer> FAMILIES =
            Map.of(DemoFleet.COACH.name(), 1, DemoFleet.VAN.name(), 0, DemoFleet.PICKUP.name(), 2);

    void fill() {
        machines.add(new TireChanger(
                "Changer 1",
                TireChanger.TireChangerType.SIDE_SHOVEL,
                Optional.of(Length.ofInches(36)),
                OptionalDouble.of(12),
                OptionalDouble.of(20),
                Optional.of(Length.ofInches(12)),
                Map.of()));
        Map<BeadStep, Integer> sheet = new EnumMap<>(BeadStep.class);
        sheet.put(BeadStep.DEMOUNT_TOP, 30);
        sheet.put(BeadStep.DEMOUNT_BOTTOM, 30);
        sheet.put(BeadStep.MOUNT_BOTTOM, 150);
        sheet.put(BeadStep.MOUNT_TOP, 150);
        machines.add(new TireChanger(
                "Changer 2",
                TireChanger.TireChangerType.CENTER_CLAMP,
                Optional.of(Length.ofInches(47)),
                OptionalDouble.of(14),
                OptionalDouble.of(24.5),
                Optional.of(Length.ofInches(15)),
                sheet));
        vehicles.all().stream()
                .filter(vehicle -> vehicle.facts().hasWorkingSensors()
                        && FAMILIES.containsKey(vehicle.facts().vehicleClass()))
                .forEach(vehicle -> relearns.noteFor(
                        vehicle.id(),
                        RelearnTemplates.on(vehicle.facts().layout())
                                .get(FAMILIES.get(vehicle.facts().vehicleClass())),
                        coordinator));
    }
}
