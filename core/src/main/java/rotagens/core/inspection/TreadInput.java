package rotagens.core.inspection;

import java.util.Optional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/** Whether a depth just typed can be right for this model of tire. */
public final class TreadInput {

    private static final double TOLERATED_32NDS = 1;

    private TreadInput() {}

    /**
     * Up to 1/32 above the model's original depth is kept; more asks which of the two is wrong.
     *
     * @param read the depth that was read
     * @param original the model’s depth when new; empty where unknown
     * @param units the reader’s, for the words of a refusal
     * @return the same depth
     * @throws InvalidInputException where it is deeper than the model when new by more than 1/32
     */
    public static TreadDepth plausible(TreadDepth read, Optional<TreadDepth> original, Units units) {
        boolean tooDeep =
                original.isPresent() && read.thirtySeconds() > original.get().thirtySeconds() + TOLERATED_32NDS + 1e-9;
        if (tooDeep) {
            throw new InvalidInputException(read.format(units) + " is deeper than this model has when new ("
                    + original.get().format(units)
                    + "). Which of the two is wrong? Read the groove again, off the wear bars.");
        }
        return read;
    }
}
