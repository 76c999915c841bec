package rotagens.core.weighing;

import static rotagens.core.weighing.WeighingWords.WORDS;

import java.util.Optional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.vehicle.Side;

/**
 * What one axle weighed: both ends from wheel pads, the whole from a platform, or both for comparison. An end weighed alone is
 * half a slip and refused.
 *
 * @param axle its number from the front, from 1
 * @param left the left end on pads
 * @param right the right end on pads
 * @param total the axle as a platform shows it
 */
public record AxleWeight(int axle, Optional<Load> left, Optional<Load> right, Optional<Load> total) {

    /**
     * Half an axle is refused.
     *
     * @param axle its number from the front, from 1
     * @param left the left end on pads
     * @param right the right end on pads
     * @param total the axle as a platform shows it
     * @throws InvalidInputException where only one end was weighed, or nothing
     */
    public AxleWeight {
        if (left.isPresent() != right.isPresent()) {
            throw new InvalidInputException(WORDS.say("axleHasOnlyItsLeft", "axle", axle, "hasLeft", left.isPresent()));
        }
        if (left.isEmpty() && total.isEmpty()) {
            throw new InvalidInputException(WORDS.say("axleHasNoWeightWeigh", "axle", axle));
        }
    }

    /**
     * From a platform.
     *
     * @param axle its number from the front, from 1
     * @param whole what the platform shows
     * @return the weight, its ends unknown
     */
    public static AxleWeight total(int axle, Load whole) {
        return new AxleWeight(axle, Optional.empty(), Optional.empty(), Optional.of(whole));
    }

    /**
     * From wheel pads.
     *
     * @param axle its number from the front, from 1
     * @param left the left end
     * @param right the right end
     * @return the weight with both ends
     */
    public static AxleWeight ends(int axle, Load left, Load right) {
        return new AxleWeight(axle, Optional.of(left), Optional.of(right), Optional.empty());
    }

    /**
     * Without its ends an axle's heavier end isn't known: half of it is less certain.
     *
     * @return whether both ends were weighed
     */
    public boolean hasEnds() {
        return left.isPresent();
    }

    /**
     * The axle, the sum of its ends where they were weighed.
     *
     * @return in lb
     */
    public double lb() {
        return hasEnds() ? left.get().lb() + right.get().lb() : total.get().lb();
    }

    /**
     * The heavier end; half the axle where only the whole was weighed.
     *
     * @return in lb
     */
    public double heavierEndLb() {
        return hasEnds() ? Math.max(left.get().lb(), right.get().lb()) : lb() / 2;
    }

    /**
     * What one tire of the heavier end carries.
     *
     * @param dual whether two tires share the end
     * @return in lb
     */
    public double perTireLb(boolean dual) {
        return heavierEndLb() / (dual ? 2 : 1);
    }

    /**
     * The side that carries more; the left where both are even or nobody weighed the ends.
     *
     * @return left or right
     */
    public Side heavierSide() {
        return hasEnds() && right.get().lb() > left.get().lb() ? Side.RIGHT : Side.LEFT;
    }

    /**
     * How far the ends are apart.
     *
     * @return as a share of the axle; 0 where the ends weren't weighed
     */
    public double sideDifference() {
        return hasEnds() ? Math.abs(left.get().lb() - right.get().lb()) / lb() : 0;
    }

    /**
     * How much weight moved to the lighter side makes the ends equal.
     *
     * @return in lb
     */
    public double loadToShiftLb() {
        return sideDifference() * lb() / 2;
    }
}
