package rotagens.core.rotation;

import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyChoice;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;

/** Where a rotation for even wear moves the vehicle's own tires: the fleet's school, see {@link PolicyChoice#EVEN_WEAR_SWAP}. */
enum SwapScope {
    ANYWHERE,
    WITHIN_AXLES,
    BETWEEN_AXLES;

    static SwapScope of(Policy.ClassPolicy policy) {
        return valueOf(policy.chosen(PolicyChoice.EVEN_WEAR_SCOPE).code());
    }

    /** A tire that stays, and one that comes from elsewhere or from a spare's place, may always. */
    boolean allows(CandidateTire tire, Position to) {
        if (tire.at().isEmpty()
                || tire.at().get().equals(to)
                || !(tire.at().get() instanceof OnAxle from)
                || !(to instanceof OnAxle there)) {
            return true;
        }
        return switch (this) {
            case ANYWHERE -> true;
            case WITHIN_AXLES -> from.axle() == there.axle();
            case BETWEEN_AXLES -> from.axle() != there.axle();
        };
    }
}
