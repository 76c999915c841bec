package rotagens.core.rotation;

import java.util.List;
import rotagens.core.inspection.PositionRules;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.vehicle.Position;

/** A rule an arrangement breaks, where, and the figure that says so. */
public record Violation(List<Position> at, VerdictReason reason) {

    /**
     * Copies what it is given.
     *
     * @param at the positions it concerns
     * @param reason the rule and the figure
     */
    public Violation {
        at = List.copyOf(at);
    }

    /**
     * Whether a manager may let it stand, with a reason.
     *
     * @return false for damage, limits and rules of law
     */
    public boolean overridable() {
        return PositionRules.OVERRIDABLE.contains(reason.reason().rule());
    }
}
