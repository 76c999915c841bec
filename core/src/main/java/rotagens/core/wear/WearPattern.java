package rotagens.core.wear;

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
        EVEN("even", "", ""),
        /** The center is low on both sides. */
        CENTER(
                "center worn",
                "over-inflation, or a pressure set for a load that isn’t carried",
                "Re-weigh and reset the pressure."),
        /** Both shoulders are low. */
        BOTH_SHOULDERS(
                "both shoulders worn",
                "under-inflation, a leak or overload; hard cornering",
                "Gauge, work out the leak rate, re-weigh; a clean pressure history points to driving."),
        /** The outer shoulder is low. */
        OUTER_SHOULDER(
                "outer shoulder worn",
                "camber or toe, a bent part, an axle out of line; fast cornering",
                "Alignment, worn joints first. Don’t leave it to the next service."),
        /** The inner shoulder is low. */
        INNER_SHOULDER(
                "inner shoulder worn",
                "camber or toe, a bent part, an axle out of line; fast cornering",
                "Alignment, worn joints first. Don’t leave it to the next service."),
        /** The center begins to be low. */
        EARLY_CENTER("early center wear", "an early form of center wear", "Watch it and check the pressure."),
        /** The shoulders begin to be low. */
        EARLY_SHOULDERS("early shoulder wear", "an early form of shoulder wear", "Watch it and check the pressure."),
        /** Smooth one way and rough the other, by hand. */
        FEATHERING("feathering", "toe or axle geometry", "Suspension and geometry check, shock test."),
        /** Scooped out at places round the tire. */
        CUPPING(
                "cupping",
                "worn shocks, an unbalanced wheel, a loose bearing or geometry",
                "Shock test today, then balance and alignment."),
        /** Low at one place round the tire. */
        FLAT_SPOT("flat spot", "a locked brake or long parking", "Judge depth and vibration; check the brake.");

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
                case EVEN -> Message.of("No zone is {} lower than another, around the tire or across it.", apart);
                case CENTER -> Message.of("Both shoulders are at least {} deeper than the center.", apart);
                case BOTH_SHOULDERS -> Message.of("Both shoulders are at least {} lower than the center.", apart);
                case OUTER_SHOULDER -> Message.of("The outer shoulder is at least {} lower than the inner.", apart);
                case INNER_SHOULDER -> Message.of("The inner shoulder is at least {} lower than the outer.", apart);
                case EARLY_CENTER ->
                    Message.of("The center is low, and only one shoulder is {} or more deeper.", apart);
                case EARLY_SHOULDERS ->
                    Message.of(
                            "The shoulders are low, and only one of them is {} or more lower than the center.", apart);
                case FEATHERING ->
                    Message.of("The depths may be even: by hand it is smooth one way and rough the other.");
                case CUPPING ->
                    Message.of("One rib is at least {} lower at two or more locations around the tire.", low);
                case FLAT_SPOT -> Message.of("One rib is at least {} lower at one location around the tire.", low);
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
