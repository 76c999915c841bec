package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/** One tire before the judge: where it sits, what is known of it, which policy holds, and which day it is. */
record TireContext(
        VehicleState onVehicle,
        TireState state,
        Tire tire,
        VehiclePressures pressures,
        Policy.ClassPolicy policy,
        LocalDate today) {

    Vehicle vehicle() {
        return onVehicle.vehicle();
    }

    Position position() {
        return state.position();
    }

    String placeWords() {
        return vehicle().layout().isSteer(position()) ? WORDS.say("onSteer") : WORDS.say("here");
    }
}
