package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** The most a tire may be filled to cold, and what sets it: the wheel, or what is molded on the tire. */
public record MaximumPressure(Pressure pressure, Message limitedBy) {

    /**
     * At one position; empty where neither limit is on file.
     *
     * @param vehicle the vehicle
     * @param position where on it
     * @param tire the model there
     * @param policy what the fleet allows over the molded pressure
     * @return the lower one of tire and wheel, and which it is
     */
    public static Optional<MaximumPressure> at(
            Vehicle vehicle, Position position, TireModel tire, Policy.ClassPolicy policy) {
        List<MaximumPressure> all = new ArrayList<>();
        double above =
                tire.isPassenger() ? 0 : policy.at(null, tire.manufacturer()).number(PolicyNumber.ABOVE_MOLDED);
        tire.moldedPressure()
                .ifPresent(molded -> all.add(new MaximumPressure(
                        above > 0 ? Pressure.psi(molded.psi() + above) : molded,
                        tire.isPassenger()
                                ? WORDS.message("maximumMoldedOnTheTire")
                                : WORDS.message("tiresPressureForItsMaximum"))));
        vehicle.wheelAt(position)
                .flatMap(Vehicle.WheelLimits::maximum)
                .ifPresent(wheel ->
                        all.add(new MaximumPressure(wheel, WORDS.message("wheelAt", "position", position.code()))));
        return lowest(all);
    }

    static Optional<MaximumPressure> lowest(List<MaximumPressure> of) {
        return of.stream().min(Comparator.comparingDouble(one -> one.pressure().psi()));
    }
}
