package rotagens.core.sensor;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/**
 * What a relearn is led by.
 *
 * @param targets cold, by corner, where known
 * @param batteryFrom by corner, the day from which its sensor's battery may end
 */
public record RelearnInputs(
        Vehicle vehicle,
        RelearnProcedure procedure,
        RelearnProcedure.Trigger trigger,
        Map<Position, Pressure> targets,
        Map<Position, LocalDate> batteryFrom,
        LocalDate today) {

    /**
     * The corners in the order the vehicle asks for them.
     *
     * @return without spares
     */
    public List<Position> corners() {
        return procedure.cornersOn(vehicle.layout());
    }

    /** Whether the battery of a corner's sensor may be empty by its age. */
    boolean oldBattery(Position corner) {
        return Optional.ofNullable(batteryFrom.get(corner))
                .filter(from -> !from.isAfter(today))
                .isPresent();
    }
}
