package rotagens.core.inspection;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;

/** A vehicle with what is known of the tire at each of its positions, in the order of the layout. */
public record VehicleState(Vehicle vehicle, Map<Position, TireState> tires) {

    /** Positions without a state get an empty one: no tire on file. */
    public static VehicleState of(Vehicle vehicle, List<TireState> known) {
        Map<Position, TireState> tires = new LinkedHashMap<>();
        for (Position position : vehicle.layout().positions()) {
            tires.put(
                    position,
                    new TireState(
                            position, Optional.empty(), List.of(), List.of(), Optional.empty(), Optional.empty()));
        }
        known.forEach(state -> tires.replace(state.position(), state));
        return new VehicleState(vehicle, tires);
    }

    /** The same vehicle with one tire's state replaced. */
    public VehicleState with(TireState state) {
        Map<Position, TireState> changed = new LinkedHashMap<>(tires);
        changed.put(state.position(), state);
        return new VehicleState(vehicle, changed);
    }

    public TireState at(Position position) {
        return tires.get(position);
    }

    /** The other tires on the axle a position belongs to; none for a spare. */
    public List<TireState> axleMates(Position position) {
        if (!(position instanceof OnAxle here)) {
            return List.of();
        }
        return tires.values().stream()
                .filter(other -> other.position() instanceof OnAxle on && on.axle() == here.axle() && !on.equals(here))
                .toList();
    }

    /** The other tire of the dual a position belongs to. */
    public Optional<TireState> dualMate(Position position) {
        return axleMates(position).stream()
                .filter(other -> ((OnAxle) other.position()).side() == ((OnAxle) position).side())
                .findFirst();
    }
}
