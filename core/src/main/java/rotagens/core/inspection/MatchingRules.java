package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.measure.TreadDepth;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.DualSlot;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What two tires must have in common to run on one axle: size and construction on all of it, diameters in a dual, pattern and
 * tread across it.
 */
public final class MatchingRules {

    private static final double DUAL_APART_IN = 0.25;
    private static final double LARGER_OUTSIDE_IN = 0.125;
    private static final double ACROSS_32NDS = 4;
    private static final double ACROSS_STEER_32NDS = 2;
    private static final double SLACK = 1e-9;

    private MatchingRules() {}

    /**
     * A tire as worn.
     *
     * @param mean32nds mean depth of its grooves; empty where nobody has measured it
     * @param diameterNew its overall diameter when new, by its maker's data or measured; empty where not on file
     */
    public record WornTire(TireModel model, OptionalDouble mean32nds, Optional<Length> diameterNew) {

        /**
         * As last measured in its place.
         *
         * @param state the tire at its position
         * @return empty where no tire is on file
         */
        public static Optional<WornTire> of(TireState state) {
            return state.tire()
                    .map(Tire::model)
                    .map(model -> new WornTire(
                            model,
                            state.tread()
                                    .map(known ->
                                            OptionalDouble.of(known.value().mean32nds()))
                                    .orElse(OptionalDouble.empty()),
                            Optional.empty()));
        }

        private Optional<Length> diameter() {
            return mean32nds.isEmpty() || model.originalDepth().isEmpty()
                    ? Optional.empty()
                    : diameterNew.map(fresh -> Length.ofInches(fresh.inches()
                            - 2 * (model.originalDepth().get().thirtySeconds() - mean32nds.getAsDouble()) / 32));
        }
    }

    /**
     * One size and construction on an axle.
     *
     * @param here the tire that is judged
     * @param there the tire it is held against
     * @param thereCode the position of the other
     * @return the reason where sizes or constructions differ
     */
    public static Optional<VerdictReason> size(TireModel here, TireModel there, String thereCode) {
        String mine = here.size().molded();
        String other = there.size().molded();
        if (other.equals(mine)) {
            return Optional.empty();
        }
        boolean construction = there.size().construction() != here.size().construction();
        return Optional.of(new VerdictReason(
                Verdict.DO_NOT_OPERATE,
                Reason.of(
                        Rule.AXLE_MATCH,
                        WORDS.message("hereAt", "mine", mine, "other", other, "thereCode", thereCode),
                        Message.of(mine),
                        Message.of(other),
                        construction ? WORDS.say("biasAndRadialNeverShare") : WORDS.say("oneAxleCarriesOneSize"))));
    }

    /**
     * How much larger one tire of a dual is than the other, in inches of diameter: by their tread within one model, else by
     * diameters on file. Empty where neither tells.
     *
     * @param here the tire that is judged
     * @param there the tire it is held against
     * @return over 0 where the first is larger
     */
    public static OptionalDouble larger(WornTire here, WornTire there) {
        if (here.model().title().equals(there.model().title())) {
            return here.mean32nds().isEmpty() || there.mean32nds().isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(2
                            * (here.mean32nds().getAsDouble()
                                    - there.mean32nds().getAsDouble())
                            / 32);
        }
        return here.diameter().isEmpty() || there.diameter().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        here.diameter().get().inches() - there.diameter().get().inches());
    }

    /**
     * Duals within 1/4 in, the larger outside over 1/8 in; two models without diameters on file are not known.
     *
     * @param here the tire that is judged
     * @param position where the tire that is judged sits
     * @param there the tire it is held against
     * @param matePosition where the other of the dual sits
     * @return the reason where they don’t match
     */
    public static Optional<VerdictReason> dual(
            WornTire here, Position position, WornTire there, Position matePosition) {
        String mateCode = matePosition.code();
        OptionalDouble known = larger(here, there);
        if (known.isEmpty()) {
            return here.model().title().equals(there.model().title())
                    ? Optional.empty()
                    : Optional.of(new VerdictReason(
                            Verdict.UNKNOWN,
                            Reason.of(
                                    Rule.DUAL_DIAMETER,
                                    WORDS.message(
                                            "hereAtDiametersNotCompared",
                                            "model",
                                            here.model().title(),
                                            "mateModel",
                                            there.model().title(),
                                            "mateCode",
                                            mateCode),
                                    WORDS.message("twoModels"),
                                    Message.of("{}", Length.ofInches(DUAL_APART_IN)),
                                    WORDS.say("differentModelsDifferInDiameter"))));
        }
        double larger = known.getAsDouble();
        double apart = Math.abs(larger);
        Length difference = Length.ofInches(apart);
        if (apart > DUAL_APART_IN + SLACK) {
            return Optional.of(dualReason(
                    Verdict.DO_NOT_OPERATE,
                    WORDS.message(
                            "largerInDiameterThan",
                            "difference",
                            difference,
                            "isMore",
                            larger > 0,
                            "mateCode",
                            mateCode),
                    difference,
                    DUAL_APART_IN,
                    WORDS.say("tallerTireOfADual")));
        }
        boolean inner = ((OnAxle) position).dualSlot() == DualSlot.INNER;
        boolean largerInside = (larger > 0) == inner;
        if (apart > LARGER_OUTSIDE_IN + SLACK && largerInside) {
            return Optional.of(dualReason(
                    Verdict.WATCH,
                    WORDS.message(
                            "largerTireInside", "inner", inner ? position.code() : mateCode, "difference", difference),
                    difference,
                    LARGER_OUTSIDE_IN,
                    WORDS.say("largerTireOfADual")));
        }
        return Optional.empty();
    }

    private static VerdictReason dualReason(
            Verdict verdict, Message says, Length figure, double limitInches, String because) {
        return new VerdictReason(
                verdict,
                Reason.of(
                        Rule.DUAL_DIAMETER,
                        says,
                        Message.of("{}", figure),
                        Message.of("{}", Length.ofInches(limitInches)),
                        because));
    }

    /**
     * Pattern and tread of a tire against the one across the axle: 4/32 apart at most, 2/32 on steer.
     *
     * @param here the tire that is judged
     * @param there the tire it is held against
     * @param thereCode the position of the other
     * @param steer whether it is a steer axle, which is stricter
     * @return worst first; empty where they match
     */
    public static List<VerdictReason> across(WornTire here, WornTire there, String thereCode, boolean steer) {
        List<VerdictReason> reasons = new ArrayList<>();
        if (!here.model().title().equals(there.model().title())) {
            reasons.add(new VerdictReason(
                    Verdict.DO_NOT_OPERATE,
                    Reason.of(
                            Rule.PATTERN_MATCH,
                            WORDS.message(
                                    "hereAt2",
                                    "model",
                                    here.model().title(),
                                    "otherModel",
                                    there.model().title(),
                                    "thereCode",
                                    thereCode),
                            Message.of(here.model().title()),
                            Message.of(there.model().title()),
                            WORDS.say("leftAndRight"))));
        }
        if (here.mean32nds().isPresent() && there.mean32nds().isPresent()) {
            double apart =
                    Math.abs(here.mean32nds().getAsDouble() - there.mean32nds().getAsDouble());
            double limit = steer ? ACROSS_STEER_32NDS : ACROSS_32NDS;
            if (apart > limit + SLACK) {
                TreadDepth figure = TreadDepth.of32nds(Math.round(apart * 10) / 10.0);
                reasons.add(new VerdictReason(
                        Verdict.DO_NOT_OPERATE,
                        Reason.of(
                                Rule.TREAD_MATCH,
                                WORDS.message("treadApartFrom", "figure", figure, "thereCode", thereCode),
                                Message.of("{}", figure),
                                Message.of("{}", TreadDepth.of32nds(limit)),
                                WORDS.say("acrossAnAxleTreadDiffers"))));
            }
        }
        return reasons;
    }
}
