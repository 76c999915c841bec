package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import rotagens.core.measure.InvalidInputException;

/**
 * How many of a small part lie at a yard, and when more are ordered. Source: our own rule, a reorder point and an amount to fill up
 * to; what open jobs take counts as gone.
 *
 * @param count on the shelf; negative where more were used than anybody had counted
 * @param planned what open jobs of the yard will take
 * @param reorderPoint ordered when no more than these are left
 * @param orderUpTo so many are left after the order
 */
public record PartLevel(int count, int planned, int reorderPoint, int orderUpTo) {

    private static final int MOST = 10_000;

    /**
     * @param reorderPoint ordered when no more than these are left
     * @param count on the shelf
     * @param planned what open jobs of the yard will take
     * @param orderUpTo so many are left after the order
     * @throws InvalidInputException where the amount to fill up to is under the reorder point, or a figure is out of bounds
     */
    public PartLevel {
        if (reorderPoint < 0 || orderUpTo > MOST) {
            throw new InvalidInputException(WORDS.say("between0And10000"));
        }
        if (orderUpTo < reorderPoint) {
            throw new InvalidInputException(WORDS.say("fillUpToAtLeast"));
        }
    }

    /**
     * What is left when every open job is done.
     *
     * @return below nothing where open jobs take more than there is
     */
    public int left() {
        return count - planned;
    }

    /**
     * How many to order now.
     *
     * @return 0 while more than the reorder point is left
     */
    public int toOrder() {
        return left() > reorderPoint ? 0 : Math.max(0, orderUpTo - left());
    }
}
