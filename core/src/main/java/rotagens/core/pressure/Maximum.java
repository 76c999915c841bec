package rotagens.core.pressure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** The most a tire may be filled to cold, and what sets it: the wheel, or what is molded on the tire. */
public record Maximum(Pressure pressure, Phrase setBy) {

    /** At one position; empty where neither limit is on file. */
    public static Optional<Maximum> at(Vehicle vehicle, Position position, TireModel tire, Policy.ForClass policy) {
        List<Maximum> all = new ArrayList<>();
        double above = tire.isPassenger() ? 0 : policy.at(null, tire.maker()).number(PolicyNumber.ABOVE_MOLDED);
        tire.molded()
                .ifPresent(molded -> all.add(new Maximum(
                        above > 0 ? Pressure.psi(molded.psi() + above) : molded,
                        tire.isPassenger()
                                ? Phrase.of("the maximum molded on the tire")
                                : Phrase.of("the tire’s pressure for its maximum load"))));
        vehicle.wheelAt(position)
                .flatMap(Vehicle.Wheel::maximum)
                .ifPresent(wheel -> all.add(new Maximum(wheel, Phrase.of("the wheel at {}", position.code()))));
        return lowest(all);
    }

    static Optional<Maximum> lowest(List<Maximum> of) {
        return of.stream().min(Comparator.comparingDouble(one -> one.pressure().psi()));
    }
}
