package rotagens.core.inspection;

import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/**
 * The two depths that matter at a position.
 *
 * @param legal 4/32 in on front wheels of buses, trucks and tractors over 10,000 lb, 2/32 elsewhere; at it counts as under it
 * @param pull where this fleet takes a tire off, before the law would
 */
public record TreadLimits(TreadDepth legal, TreadDepth pull) {

    /**
     * The legal limit and the pull limit at a position.
     *
     * @param vehicle whose heavy front rule may hold there
     * @param position the position
     * @param policy the numbers in force there
     * @return 4/32 legal on a heavy front axle, 2/32 elsewhere; the pull limit is the fleet’s
     */
    public static TreadLimits at(Vehicle vehicle, Position position, Policy.ClassPolicy policy) {
        boolean heavyFront = vehicle.hasHeavyFrontRule(position);
        double pull = policy.number(heavyFront ? PolicyNumber.PULL_STEER_HEAVY : PolicyNumber.PULL_OTHER);
        return new TreadLimits(TreadDepth.of32nds(heavyFront ? 4 : 2), TreadDepth.of32nds(pull));
    }
}
