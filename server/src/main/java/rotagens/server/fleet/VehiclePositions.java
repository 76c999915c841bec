package rotagens.server.fleet;

import static rotagens.server.fleet.FleetWords.WORDS;

import rotagens.core.vehicle.Position;
import rotagens.server.web.ProblemException;

/** Positions as a request names them. */
public final class VehiclePositions {

    private static final int LONGEST_REPEATED = 8;

    private VehiclePositions() {}

    /**
     * The position of a vehicle with a code.
     *
     * @throws ProblemException where the vehicle has no such position
     */
    public static Position of(VehicleAssessment vehicleAssessment, String code) {
        return vehicleAssessment
                .position(code)
                .orElseThrow(() -> ProblemException.notFound(WORDS.say(
                        "thisVehicleHasNoPosition",
                        "code",
                        code == null || code.length() > LONGEST_REPEATED ? WORDS.say("withThatName") : code)));
    }
}
