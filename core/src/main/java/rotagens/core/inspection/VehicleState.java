package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.alert.CornerAlert;
import rotagens.core.alert.SuspensionAlert;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Vehicle;

/**
 * A vehicle with what is known of the tire at each of its positions, in the order of the layout, and of its loads and
 * pressures.
 *
 * @param corners why the dash may name the wrong corner, while that is open
 * @param suspension what is over its limit at steering and suspension
 */
public record VehicleState(
        Vehicle vehicle,
        Map<Position, TireState> tires,
        PressureInputs facts,
        Optional<CornerAlert> corners,
        List<SuspensionAlert> suspension) {

    /**
     * Keeps copies, in the order of the layout.
     *
     * @param vehicle what is on file about it
     * @param tires each position’s tire
     * @param facts what is on record about its loads and pressures
     * @param corners what stands against the dash
     * @param suspension what is over its limit at steering and suspension
     */
    public VehicleState {
        suspension = List.copyOf(suspension);
    }

    /**
     * With nothing against the dash, and nothing over its limit.
     *
     * @param vehicle the vehicle as it is on that day
     * @param tires each position’s tire
     * @param facts what is on record about its loads and pressures
     */
    public VehicleState(Vehicle vehicle, Map<Position, TireState> tires, PressureInputs facts) {
        this(vehicle, tires, facts, Optional.empty(), List.of());
    }

    /**
     * Nothing on record about its loads.
     *
     * @param vehicle the vehicle as it is on that day
     * @param known tires by what is on record; positions left out have none
     * @return the vehicle with every position of its layout
     */
    public static VehicleState of(Vehicle vehicle, List<TireState> known) {
        return of(vehicle, known, PressureInputs.NONE);
    }

    /**
     * Positions without a state get an empty one: no tire on file.
     *
     * @param vehicle the vehicle as it is on that day
     * @param known tires by what is on record; positions left out have none
     * @param facts what is on record about its loads and pressures
     * @return the vehicle with every position of its layout
     */
    public static VehicleState of(Vehicle vehicle, List<TireState> known, PressureInputs facts) {
        Map<Position, TireState> tires = new LinkedHashMap<>();
        for (Position position : vehicle.layout().positions()) {
            tires.put(
                    position,
                    new TireState(
                            position, Optional.empty(), List.of(), List.of(), Optional.empty(), Optional.empty()));
        }
        known.forEach(state -> tires.replace(state.position(), state));
        return new VehicleState(vehicle, tires, facts);
    }

    /**
     * The same vehicle with one tire's state replaced.
     *
     * @param state the tire that takes the place of the one there
     * @return a copy
     */
    public VehicleState with(TireState state) {
        Map<Position, TireState> changed = new LinkedHashMap<>(tires);
        changed.put(state.position(), state);
        return new VehicleState(vehicle, changed, facts, corners, suspension);
    }

    /**
     * The same tires with other facts about load and pressure.
     *
     * @param other what is on record about its loads and pressures
     * @return a copy
     */
    public VehicleState with(PressureInputs other) {
        return new VehicleState(vehicle, tires, other, corners, suspension);
    }

    /**
     * The same with what stands against the dash; nothing where no sensor works.
     *
     * @param against the open doubt about the corners the dash names
     * @return a copy
     */
    public VehicleState with(Optional<CornerAlert> against) {
        return new VehicleState(
                vehicle, tires, facts, against.filter(alert -> vehicle.hasWorkingSensors()), suspension);
    }

    /**
     * The same with what is over its limit at steering and suspension.
     *
     * @param open figures over their limits
     * @return a copy
     */
    public VehicleState with(List<SuspensionAlert> open) {
        return new VehicleState(vehicle, tires, facts, corners, open);
    }

    /**
     * The model fitted at each position that has one.
     *
     * @return positions without a tire are left out
     */
    public Map<Position, TireModel> models() {
        Map<Position, TireModel> models = new LinkedHashMap<>();
        tires.forEach((position, state) -> state.tire().ifPresent(tire -> models.put(position, tire.model())));
        return models;
    }

    /**
     * Every axle's pressures as they stand on a day.
     *
     * @param policy the fleet's policy
     * @param today the day they are worked out for
     * @return targets, methods and capacities, axle by axle
     */
    public VehiclePressures pressures(Policy policy, LocalDate today) {
        Policy.ClassPolicy here = policy.of(vehicle.vehicleClass());
        return VehiclePressures.of(vehicle, models(), confirmed(here), here, today);
    }

    /** A chalk-line result is confirmed once every tire of the axle was found at it cold, on or after the day of the trial. */
    private PressureInputs confirmed(Policy.ClassPolicy policy) {
        if (facts.chalkTestResults().isEmpty()) {
            return facts;
        }
        double within = policy.number(PolicyNumber.GAUGE_ACCURACY);
        return facts.confirming((axle, chalkTestResult) -> {
            List<TireState> there = tires.values().stream()
                    .filter(state -> state.position() instanceof OnAxle on && on.axle() == axle)
                    .toList();
            return !there.isEmpty()
                    && there.stream()
                            .allMatch(state -> state.readings().stream()
                                    .anyMatch(reading -> reading.hasColdPressure()
                                            && !reading.on().isBefore(chalkTestResult.on())
                                            && Math.abs(reading.pressure()
                                                                    .orElseThrow()
                                                                    .psi()
                                                            - chalkTestResult
                                                                    .pressure()
                                                                    .psi())
                                                    <= within + 1e-6));
        });
    }

    /**
     * The policy as it holds for one tire: its class, what its axle does, and who made it.
     *
     * @param policy the fleet's policy
     * @param state the tire it is for
     * @return the numbers in force there
     */
    public Policy.ClassPolicy policyAt(Policy policy, TireState state) {
        String axle = state.position() instanceof OnAxle on
                ? vehicle.layout().axles().get(on.axle() - 1).role().label()
                : null;
        return policy.of(vehicle.vehicleClass())
                .at(axle, state.tire().map(tire -> tire.model().manufacturer()).orElse(null));
    }

    /**
     * The tire at a position.
     *
     * @param position one of the layout
     * @return also where no tire is on file
     */
    public TireState at(Position position) {
        return tires.get(position);
    }

    /**
     * The other tires on the axle a position belongs to; none for a spare.
     *
     * @param position the position
     * @return in the order of the layout
     */
    public List<TireState> axleMates(Position position) {
        if (!(position instanceof OnAxle here)) {
            return List.of();
        }
        return tires.values().stream()
                .filter(other -> other.position() instanceof OnAxle on && on.axle() == here.axle() && !on.equals(here))
                .toList();
    }

    /**
     * The tire at the same place on the other side of the axle; none for a spare.
     *
     * @param position the position
     * @return empty for a spare
     */
    public Optional<TireState> opposite(Position position) {
        return Optional.ofNullable(position.opposite()).map(tires::get);
    }

    /**
     * The other tire of the dual a position belongs to.
     *
     * @param position the position
     * @return empty on a single
     */
    public Optional<TireState> dualMate(Position position) {
        return axleMates(position).stream()
                .filter(other -> ((OnAxle) other.position()).side() == ((OnAxle) position).side())
                .findFirst();
    }
}
