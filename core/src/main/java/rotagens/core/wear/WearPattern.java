package rotagens.core.wear;

import static rotagens.core.wear.WearWords.WORDS;

import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Message;
import rotagens.core.measure.TreadDepth;

/**
 * What the shape of the worn tread says. Decided in a fixed order, so that every complete reading falls in exactly one class.
 *
 * @param shape the class it falls in
 * @param second a second sign worth naming
 */
public record WearPattern(Shape shape, Optional<Shape> second) {

    /** The classes, each with its likely causes and the work it asks for. */
    public enum Shape {
        /** No zone differs. */
        EVEN(WORDS.say("even"), "", ""),
        /** The center is low on both sides. */
        CENTER(WORDS.say("centerWorn"), WORDS.say("overInflationOrAPressure"), WORDS.say("reWeighAndReset")),
        /** Both shoulders are low. */
        BOTH_SHOULDERS(
                WORDS.say("bothShouldersWorn"), WORDS.say("underInflationALeak"), WORDS.say("gaugeWorkOutTheLeak")),
        /** The outer shoulder is low. */
        OUTER_SHOULDER(
                WORDS.say("outerShoulderWorn"),
                WORDS.say("camberOrToeABent"),
                WORDS.say("alignmentWornJointsFirstDont")),
        /** The inner shoulder is low. */
        INNER_SHOULDER(
                WORDS.say("innerShoulderWorn"),
                WORDS.say("camberOrToeABent"),
                WORDS.say("alignmentWornJointsFirstDont")),
        /** The center begins to be low. */
        EARLY_CENTER(WORDS.say("earlyCenterWear"), WORDS.say("earlyFormOfCenterWear"), WORDS.say("watchItAndCheck")),
        /** The shoulders begin to be low. */
        EARLY_SHOULDERS(
                WORDS.say("earlyShoulderWear"), WORDS.say("earlyFormOfShoulderWear"), WORDS.say("watchItAndCheck")),
        /** Smooth one way and rough the other, by hand. */
        FEATHERING(
                WORDS.say("feathering"), WORDS.say("toeOrAxleGeometry"), WORDS.say("suspensionAndGeometryCheckShock")),
        /** Scooped out at places round the tire. */
        CUPPING(WORDS.say("cupping"), WORDS.say("wornShocksAnUnbalancedWheel"), WORDS.say("shockTestTodayThenBalance")),
        /** Low at one place round the tire. */
        FLAT_SPOT(
                WORDS.say("flatSpot"), WORDS.say("lockedBrakeOrLongParking"), WORDS.say("judgeDepthAndVibrationCheck"));

        private final String label;
        private final String causes;
        private final String action;

        Shape(String words, String causes, String action) {
            this.label = words;
            this.causes = causes;
            this.action = action;
        }

        /**
         * Its name, for a sentence.
         *
         * @return in lower case
         */
        public String label() {
            return label;
        }

        /**
         * Likely causes, most likely first.
         *
         * @return for a sentence; empty where it is even
         */
        public String causes() {
            return causes;
        }

        /**
         * The work it asks for.
         *
         * @return one or two sentences; empty where there is none
         */
        public String action() {
            return action;
        }

        /**
         * How the depths tell it, in the rule's own figures.
         *
         * @param difference how many 32nds apart make a difference
         * @return a sentence with the figures
         */
        public Message evidence(double difference) {
            TreadDepth apart = TreadDepth.of32nds(difference);
            TreadDepth low = TreadDepth.of32nds(TreadGrid.lowLocation(difference));
            return switch (this) {
                case EVEN -> WORDS.message("noZoneIsLowerThan", "apart", apart);
                case CENTER -> WORDS.message("bothShouldersAreAtLeast", "apart", apart);
                case BOTH_SHOULDERS -> WORDS.message("bothShouldersAreAtLeast2", "apart", apart);
                case OUTER_SHOULDER -> WORDS.message("outerShoulderIsAtLeast", "apart", apart);
                case INNER_SHOULDER -> WORDS.message("innerShoulderIsAtLeast", "apart", apart);
                case EARLY_CENTER -> WORDS.message("centerIsLowAndOnly", "apart", apart);
                case EARLY_SHOULDERS -> WORDS.message("shouldersAreLowAndOnly", "apart", apart);
                case FEATHERING -> WORDS.message("depthsMayBeEven");
                case CUPPING -> WORDS.message("oneRibIsAtLeast", "low", low);
                case FLAT_SPOT -> WORDS.message("oneRibIsAtLeast2", "low", low);
            };
        }

        /**
         * Whether it is an early form of another.
         *
         * @return whether it is watched and nothing is mended yet
         */
        public boolean isEarly() {
            return this == EARLY_CENTER || this == EARLY_SHOULDERS;
        }

        /**
         * Whether there is a cause to mend, not only something to watch.
         *
         * @return false for even and early wear
         */
        public boolean hasCauseToCorrect() {
            return this != EVEN && !isEarly();
        }
    }

    private static final double SLACK = 1e-9;

    /**
     * Classifies a reading.
     *
     * @param difference how many 32nds apart make a difference
     * @param localSigns sawtooth, cupping or flat spot as seen or felt; such a sign wins over the depths
     * @param grooveDepths the depths across the tread
     * @return empty (can't tell) where a groove wasn't measured and no local sign was found
     */
    public static Optional<WearPattern> classify(GrooveDepths grooveDepths, double difference, Set<Shape> localSigns) {
        for (Shape local : new Shape[] {Shape.CUPPING, Shape.FLAT_SPOT, Shape.FEATHERING}) {
            if (localSigns.contains(local)) {
                return Optional.of(new WearPattern(local, Optional.empty()));
            }
        }
        if (!grooveDepths.isComplete()) {
            return Optional.empty();
        }
        double outer = grooveDepths.outer().orElseThrow().thirtySeconds();
        double center = grooveDepths.center().orElseThrow().thirtySeconds();
        double inner = grooveDepths.inner().orElseThrow().thirtySeconds();
        double d = difference - SLACK;
        Optional<Shape> lowerShoulder = Math.abs(outer - inner) >= d
                ? Optional.of(outer < inner ? Shape.OUTER_SHOULDER : Shape.INNER_SHOULDER)
                : Optional.empty();
        if (outer - center >= d && inner - center >= d) {
            return Optional.of(new WearPattern(Shape.CENTER, lowerShoulder));
        }
        if (center - outer >= d && center - inner >= d) {
            return Optional.of(new WearPattern(Shape.BOTH_SHOULDERS, lowerShoulder));
        }
        if (lowerShoulder.isPresent()) {
            boolean centerLowest = center < outer && center < inner;
            return Optional.of(
                    new WearPattern(lowerShoulder.get(), centerLowest ? Optional.of(Shape.CENTER) : Optional.empty()));
        }
        double spread = Math.max(outer, Math.max(center, inner)) - Math.min(outer, Math.min(center, inner));
        if (spread >= d) {
            return Optional.of(new WearPattern(
                    center < (outer + inner) / 2 ? Shape.EARLY_CENTER : Shape.EARLY_SHOULDERS, Optional.empty()));
        }
        return Optional.of(new WearPattern(Shape.EVEN, Optional.empty()));
    }
}
