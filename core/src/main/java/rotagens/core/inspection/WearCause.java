package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.List;
import rotagens.core.wear.WearPattern.Shape;

/** What can wear a tread into a shape, each with what to check first. */
public enum WearCause {
    /** More pressure than its load asks for. */
    OVER_INFLATION(WORDS.say("overInflation"), WORDS.say("checkColdPressureAndSet")),
    /** The right pressure for another load. */
    LOAD_BELOW_PRESSURE(WORDS.say("pressureSetForALoad"), WORDS.say("weighItAgainAndTake")),
    /** Less pressure than its load asks for. */
    UNDER_INFLATION(WORDS.say("underInflation"), WORDS.say("checkColdPressureInflate")),
    /** It loses air. */
    LEAK(WORDS.say("leak"), WORDS.say("findTheLeakValveCore")),
    /** More weight than its tires carry. */
    OVERLOAD(WORDS.say("overload"), WORDS.say("weighItReduceTheLoad")),
    /** Bends taken fast. */
    HARD_CORNERING(WORDS.say("hardOrFastCornering"), WORDS.say("talkItOver")),
    /** Wheels that don’t run parallel. */
    TOE(WORDS.say("toe"), WORDS.say("alignmentToeFirstAfterWorn")),
    /** A wheel that leans. */
    CAMBER(WORDS.say("camberOrABentPart"), WORDS.say("alignmentCamberBentOrWorn")),
    /** An axle that isn’t square to the frame. */
    AXLE_ALIGNMENT(WORDS.say("axleOutOfLine"), WORDS.say("measureTheAxlesLineAgainst")),
    /** Shock absorbers that no longer damp. */
    SHOCKS(WORDS.say("wornShocks"), WORDS.say("testTheShocksToday")),
    /** A wheel heavier on one side. */
    OUT_OF_BALANCE(WORDS.say("outOfBalance"), WORDS.say("balanceItAndLookHow")),
    /** A wheel bearing with play. */
    BEARING(WORDS.say("looseBearing"), WORDS.say("checkBearingPlay")),
    /** A brake that held a wheel. */
    BRAKE(WORDS.say("lockedBrake"), WORDS.say("checkTheBrakeAndJudge")),
    /** It stood on one spot for months. */
    LONG_PARKING(WORDS.say("longParking"), WORDS.say("moveItEveryMonthJudge"));

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
