package rotagens.core.planning;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.inspection.VehicleState;
import rotagens.core.jobsheet.WheelTask;
import rotagens.core.measure.Length;
import rotagens.core.measure.Pressure;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.shop.Equipment;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/**
 * What a visit needs of a shop: minutes, pairs of hands, equipment. Source: our rule of thumb for the minutes; the cage over
 * 40 psi is 29 CFR 1910.177 for large vehicles and our rule for all.
 */
public record JobRequirements(int minutes, int people, Set<Equipment> equipment) {

    private static final double CAGE_OVER_PSI = 40;
    private static final double LARGE_OVER_INCHES = 40;

    /** A piece of work and where. */
    public record Work(WorkType kind, List<Position> positions) {}

    /** One tire's cold target, where it is known. */
    public interface TargetLookup {
        /**
         * The cold target of the tire at a position.
         *
         * @param position the position
         * @return empty where it is unknown
         */
        Optional<Pressure> at(Position position);
    }

    /**
     * What the shop has to have free for the work of one visit.
     *
     * @param work each piece with its positions
     * @param state the vehicle with its tires, whose size and target decide about cage and second person
     * @param targetLookup each tire’s cold target
     * @param laborCosts minutes by wheel, of the fleet’s policy
     * @return minutes in the bay, people and machines
     */
    public static JobRequirements of(
            List<Work> work, VehicleState state, TargetLookup targetLookup, LaborCosts laborCosts) {
        Vehicle vehicle = state.vehicle();
        LaborEstimate time = LaborEstimate.together(work.stream()
                .map(one -> LaborEstimate.of(one.kind(), one.positions(), vehicle))
                .toList());
        List<Position> mates = unplannedMates(work, time, vehicle);
        if (!mates.isEmpty()) {
            time = time.with(LaborEstimate.of(WorkType.SET_PRESSURE, mates, vehicle));
        }
        Set<Equipment> equipment = EnumSet.noneOf(Equipment.class);
        for (Work one : work) {
            if (one.kind().needsRack()) {
                equipment.add(Equipment.RACK);
            }
            if (one.kind() == WorkType.WEIGH || one.kind() == WorkType.REDUCE_LOAD) {
                equipment.add(Equipment.SCALE);
            }
        }
        for (Position position : time.broken()) {
            boolean large = state.at(position)
                    .tire()
                    .map(Tire::model)
                    .flatMap(model -> model.size().overallDiameter())
                    .map(Length::inches)
                    .filter(inches -> inches > LARGE_OVER_INCHES)
                    .isPresent();
            equipment.add(large ? Equipment.LARGE_CHANGER : Equipment.CHANGER);
            // A target nobody knows is taken for a high one.
            if (targetLookup.at(position).map(Pressure::psi).orElse(CAGE_OVER_PSI + 1) > CAGE_OVER_PSI) {
                equipment.add(Equipment.CAGE);
            }
        }
        boolean heavy = !vehicle.isLight() && !time.lifted().isEmpty();
        return new JobRequirements(time.minutes(laborCosts), heavy ? 2 : 1, equipment);
    }

    /** Dual mates that are let down and filled again, where that is no work of its own yet. */
    private static List<Position> unplannedMates(List<Work> work, LaborEstimate time, Vehicle vehicle) {
        Set<Position> filled = work.stream()
                .filter(one -> one.kind() == WorkType.SET_PRESSURE)
                .flatMap(one -> one.positions().stream())
                .collect(Collectors.toSet());
        return WheelTasks.mates(time.lifted(), vehicle.layout().positions()).stream()
                .filter(mate -> !filled.contains(mate))
                .toList();
    }

    /**
     * Whether a piece of work takes a tire that has to be there.
     *
     * @param kind of work
     * @return true where a tire goes on that isn’t on the vehicle now
     */
    public static boolean takesTire(WorkType kind) {
        return WheelTasks.of(kind, Optional.empty(), false) == WheelTask.NEW_TIRE;
    }
}
