package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

/** The coordinator's standing questions. */
public enum Question {
    /** What may not roll, with every reason. */
    DO_NOT_OPERATE(WORDS.say("whichVehiclesMustNotOperate"), WORDS.say("firstQuestionOfTheMorning")),
    /** Tires that reach an age by a day. */
    PASSES_AGE(WORDS.say("whichTiresPassAnAge"), WORDS.say("countedFromEachDotWeek")),
    /** Vehicles nobody has weighed. */
    NEVER_WEIGHED(WORDS.say("neverWeighed"), WORDS.say("targetPressuresAreBased")),
    /** Axles on another size than the placard’s. */
    PLACARD_NO_LONGER_FITS(WORDS.say("placardNoLongerApplies"), WORDS.say("anotherSizeThanThePlacards")),
    /** Tires nobody has read the DOT week of. */
    UNKNOWN_DOT(WORDS.say("dotDateNotRead2"), WORDS.say("theirAgeLimitsCant")),
    /** Wheels nobody knows the pilot of. */
    UNKNOWN_WHEEL(WORDS.say("wheelDataMissing"), WORDS.say("howTheWheelIsPiloted")),
    /** Sensors that aren’t on file. */
    UNKNOWN_SENSOR(WORDS.say("sensorDataMissing"), WORDS.say("vehicleWarnsBySensorsBut")),
    /** Weights that would make it a commercial vehicle. */
    COMMERCIAL_USE(WORDS.say("whatWouldMake"), WORDS.say("seatsPayAndWhat")),
    /** What to measure first. */
    MEASURE_NEXT(WORDS.say("oneMeasurementThatWouldHelp"), WORDS.say("whatMostOfAVehicles")),
    /** What to ask a supplier for. */
    WHAT_TO_ORDER(WORDS.say("orderSpecifications"), WORDS.say("forEveryPositionWhoseTire")),
    /** Which tire of the stock fits beside one of a dual. */
    DUAL_MATCH(WORDS.say("whichStockTirePairsBest"), WORDS.say("whereOneTire")),
    /** How its sensors are taught. */
    RELEARN_PROCEDURE(WORDS.say("whichRelearnApplies"), WORDS.say("procedureOnFile")),
    /** Where to read the placard. */
    PLACARD_LOCATION(WORDS.say("whereIsThePlacard"), WORDS.say("whereItWasFound")),
    /** What it may carry at what its tires hold now. */
    CAPACITY_NOW(WORDS.say("whatThePressures"), WORDS.say("fromTodaysColdReadings")),
    /** What changed after the last scale ticket. */
    CHANGED_SINCE_WEIGHING(WORDS.say("whatChangedSinceItWas"), WORDS.say("scaleTicketDoesNotCover")),
    /** Work that other work asked for. */
    OPEN_FOLLOW_UPS(WORDS.say("whichFollowUpsAreOpen"), WORDS.say("workThatOtherWorkAsked"));

    private final String title;
    private final String about;

    Question(String title, String about) {
        this.title = title;
        this.about = about;
    }

    /**
     * The question, as it is chosen.
     *
     * @return for a choice or a heading
     */
    public String title() {
        return title;
    }

    /**
     * What it is good for, in a sentence.
     *
     * @return a sentence
     */
    public String about() {
        return about;
    }

    /**
     * Whether it answers for an age and a day that are asked for with it.
     *
     * @return only for the one about age
     */
    public boolean asksForAge() {
        return this == PASSES_AGE;
    }
}
