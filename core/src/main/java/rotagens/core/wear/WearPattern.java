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
        EVEN("even", "", ""),
        CENTER(
                "center worn",
                "over-inflation, or a pressure set for a load that isn’t carried",
                "Re-weigh and reset the pressure."),
        BOTH_SHOULDERS(
                "both shoulders worn",
                "under-inflation, a leak or overload; hard cornering",
                "Gauge, work out the leak rate, re-weigh; a clean pressure history points to driving."),
        OUTER_SHOULDER(
                "outer shoulder worn",
                "camber or toe, a bent part, an axle out of line; fast cornering",
                "Alignment, worn joints first. Don’t leave it to the next service."),
        INNER_SHOULDER(
                "inner shoulder worn",
                "camber or toe, a bent part, an axle out of line; fast cornering",
                "Alignment, worn joints first. Don’t leave it to the next service."),
        EARLY_CENTER("early center wear", "an early form of center wear", "Watch it and check the pressure."),
        EARLY_SHOULDERS("early shoulder wear", "an early form of shoulder wear", "Watch it and check the pressure."),
        FEATHERING("feathering", "toe or axle geometry", "Suspension and geometry check, shock test."),
        CUPPING(
                "cupping",
                "worn shocks, an unbalanced wheel, a loose bearing or geometry",
                "Shock test today, then balance and alignment."),
        FLAT_SPOT("flat spot", "a locked brake or long parking", "Judge depth and vibration; check the brake.");

        private final String label;
        private final String causes;
        private final String action;

        Shape(String words, String causes, String action) {
            this.label = words;
            this.causes = causes;
            this.action = action;
        }

        public String label() {
            return label;
        }

        /** Likely causes, most likely first. */
        public String causes() {
            return causes;
        }

        public String action() {
            return action;
        }

        /**
         * How the depths tell it, in the rule's own figures.
         *
         * @param difference how many 32nds apart make a difference
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

        public boolean isEarly() {
            return this == EARLY_CENTER || this == EARLY_SHOULDERS;
        }

        /** Whether there is a cause to mend, not only something to watch. */
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
