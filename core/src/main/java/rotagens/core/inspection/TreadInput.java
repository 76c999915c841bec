package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

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
            throw new InvalidInputException(WORDS.say(
                    "isDeeperThanThisModel",
                    "read",
                    read.format(units),
                    "original",
                    original.get().format(units)));
        }
        return read;
    }
}
