package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.Optional;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;

/**
 * How a tire behaves at the tire changer, as far as its sidewall tells. Source: practice of the trade; where the sidewall doesn't tell,
 * the hand does, and both sentences are said.
 *
 * @param stiffSidewall no higher than half its width: on much lubricant it can turn on its wheel; empty where unknown
 * @param thickBeads load range F and over, or a truck rim: the press arm and a bar for a start; empty where unknown
 */
public record BeadBuild(Optional<Boolean> stiffSidewall, Optional<Boolean> thickBeads) {

    private static final int LOW_PERCENT = 50;
    private static final double TRUCK_RIM_INCHES = 19.5;

    /**
     * Of a tire whose model may not be known.
     *
     * @param model the tire’s model; empty where it isn’t on file
     * @return how stiff its beads are, as far as the figures tell
     */
    public static BeadBuild of(Optional<TireModel> model) {
        return new BeadBuild(
                model.map(TireModel::size).flatMap(BeadBuild::isLow),
                model.flatMap(known -> known.size().rimInches() >= TRUCK_RIM_INCHES
                        ? Optional.of(true)
                        : known.ratings().range().map(range -> range.compareTo(LoadRange.F) >= 0)));
    }

    private static Optional<Boolean> isLow(TireSize size) {
        return size instanceof TireSize.Metric metric
                ? Optional.of(metric.aspect() <= LOW_PERCENT)
                : size instanceof TireSize.Flotation ? Optional.empty() : Optional.of(false);
    }

    /** How much lubricant. */
    String lubricant() {
        return stiffSidewall
                .map(stiff -> stiff ? WORDS.say("sparingASidewallThisLow") : WORDS.say("generousForTightBeads"))
                .orElse(WORDS.say("generousForTightBeadsSparing"));
    }

    /** How a bead is started over the flange. */
    String start() {
        return thickBeads
                .map(thick -> thick ? WORDS.say("thickBeadsThePressArm") : WORDS.say("neverForce"))
                .orElse(WORDS.say("thickBeadsWantThePress"));
    }
}
