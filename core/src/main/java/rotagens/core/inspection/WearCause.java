package rotagens.core.inspection;

import java.util.List;
import rotagens.core.wear.WearPattern.Shape;

/** What can wear a tread into a shape, each with what to check first. */
public enum WearCause {
    /** More pressure than its load asks for. */
    OVER_INFLATION("over-inflation", "Check cold pressure and set it to target."),
    /** The right pressure for another load. */
    LOAD_BELOW_PRESSURE(
            "a pressure set for a load that isn’t carried", "Weigh it again and take the answer of the chart."),
    /** Less pressure than its load asks for. */
    UNDER_INFLATION("under-inflation", "Check cold pressure, inflate to target, then find why it was low."),
    /** It loses air. */
    LEAK("a leak", "Find the leak: valve core, stem, bead, puncture."),
    /** More weight than its tires carry. */
    OVERLOAD("overload", "Weigh it: reduce the load, or install a higher rating."),
    /** Bends taken fast. */
    HARD_CORNERING("hard or fast cornering", "Talk it over with the driver, and look at the route."),
    /** Wheels that don’t run parallel. */
    TOE("toe", "Alignment: toe first, after worn joints are found."),
    /** A wheel that leans. */
    CAMBER("camber, or a bent part", "Alignment: camber, bent or worn parts first."),
    /** An axle that isn’t square to the frame. */
    AXLE_ALIGNMENT("an axle out of line", "Measure the axle’s line against the frame."),
    /** Shock absorbers that no longer damp. */
    SHOCKS("worn shocks", "Test the shocks today: a safety part, replaced at once."),
    /** A wheel heavier on one side. */
    OUT_OF_BALANCE("out of balance", "Balance it, and look how the beads sit."),
    /** A wheel bearing with play. */
    BEARING("a loose bearing", "Check bearing play with the wheel off the ground, on stands."),
    /** A brake that held a wheel. */
    BRAKE("a locked brake", "Check the brake, and judge depth and vibration."),
    /** It stood on one spot for months. */
    LONG_PARKING("long parking", "Move it every month; judge whether the spot rolls out.");

    private final String label;
    private final String firstCheck;

    WearCause(String words, String firstCheck) {
        this.label = words;
        this.firstCheck = firstCheck;
    }

    /**
     * The cause, in words.
     *
     * @return inside a sentence
     */
    public String label() {
        return label;
    }

    /**
     * What to check or do first.
     *
     * @return a sentence
     */
    public String firstCheck() {
        return firstCheck;
    }

    /**
     * The causes of a shape, most likely first before any evidence.
     *
     * @param shape as grooves or signs show it
     * @return none for an even tread
     */
    public static List<WearCause> of(Shape shape) {
        return switch (shape) {
            case EVEN -> List.of();
            case CENTER, EARLY_CENTER -> List.of(OVER_INFLATION, LOAD_BELOW_PRESSURE);
            case BOTH_SHOULDERS, EARLY_SHOULDERS -> List.of(UNDER_INFLATION, LEAK, OVERLOAD, HARD_CORNERING);
            case OUTER_SHOULDER, INNER_SHOULDER -> List.of(CAMBER, TOE, AXLE_ALIGNMENT, HARD_CORNERING);
            case FEATHERING -> List.of(TOE, AXLE_ALIGNMENT);
            case CUPPING -> List.of(SHOCKS, OUT_OF_BALANCE, BEARING, AXLE_ALIGNMENT);
            case FLAT_SPOT -> List.of(BRAKE, LONG_PARKING);
        };
    }
}
