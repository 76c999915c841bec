package rotagens.server.demo;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.job.BeadStep;
import rotagens.core.job.Machine;
import rotagens.core.measure.Length;
import rotagens.core.sensor.RelearnFamilies;
import rotagens.server.machines.Machines;
import rotagens.server.relearn.Relearns;
import rotagens.server.vehicle.Vehicles;

/** What the demo's shop works with: two tire changers, one with its own sheet, and how each class learns its sensors. */
record DemoWorkshop(Machines machines, Vehicles vehicles, Relearns relearns, long coordinator) {

    /** Which ready-made procedure each class uses, by its place in the list. */
    private static final Map<String, Integer> FAMILIES =
            Map.of(DemoFleet.COACH.name(), 1, DemoFleet.VAN.name(), 0, DemoFleet.PICKUP.name(), 2);

    void fill() {
        machines.add(new Machine(
                "Changer 1",
                Machine.Kind.SIDE_SHOVEL,
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
        machines.add(new Machine(
                "Changer 2",
                Machine.Kind.CENTER_CLAMP,
                Optional.of(Length.ofInches(47)),
                OptionalDouble.of(14),
                OptionalDouble.of(24.5),
                Optional.of(Length.ofInches(15)),
                sheet));
        vehicles.all().stream()
                .filter(vehicle -> vehicle.facts().sensorsWork()
                        && FAMILIES.containsKey(vehicle.facts().vehicleClass()))
                .forEach(vehicle -> relearns.noteFor(
                        vehicle.id(),
                        RelearnFamilies.on(vehicle.facts().layout())
                                .get(FAMILIES.get(vehicle.facts().vehicleClass())),
                        coordinator));
    }
}
