package rotagens.core.measure;

import static rotagens.core.measure.Authority.DEFAULT;
import static rotagens.core.measure.Authority.LAW;
import static rotagens.core.measure.Authority.MANUFACTURER;
import static rotagens.core.measure.Authority.STANDARD;
import static rotagens.core.measure.MeasureWords.WORDS;

/** Every rule a reason can rest on, with who says so. docs/rules.md explains each under this name. */
public enum Rule {
    /** A tire’s lowest groove against the law’s limit at its position. */
    TREAD_LIMIT(WORDS.say("legalTreadLimit"), LAW, WORDS.say("at49Cfr39375")),
    /** The same against the depth the fleet takes tires off at. */
    PULL_POINT(WORDS.say("pullPoint"), DEFAULT, WORDS.say("fleetPolicyOneMarkBefore")),
    /** When a limit will be reached at the wear measured so far. */
    TREAD_FORECAST(WORDS.say("treadForecast"), DEFAULT, WORDS.say("wearRateOfThisTire")),
    /** A tread reading too old to say anything. */
    TREAD_CURRENT(WORDS.say("treadReadingIsCurrent"), DEFAULT, WORDS.say("fleetPolicy")),
    /** The gauge a figure was read with was checked not long ago. */
    GAUGE_CALIBRATED(WORDS.say("gaugeIsCalibrated"), MANUFACTURER, WORDS.say("gaugeManufacturersCheckedYearlyAgainst")),
    /** A wear bar level with the tread. */
    WEAR_BAR(WORDS.say("flushWearBar"), LAW, WORDS.say("wearBarsAreAt2")),
    /** A shape of wear that tells of its cause. */
    WEAR_PATTERN(WORDS.say("wearPattern"), MANUFACTURER, WORDS.say("treadReadingAtOuterCenter")),
    /** Damage that takes a tire out of service, or is watched. */
    DAMAGE(WORDS.say("damage"), LAW, WORDS.say("at49Cfr393752")),
    /** A crack by its depth. */
    SIDEWALL_CRACK(WORDS.say("sidewallCrack"), MANUFACTURER, WORDS.say("over232InDeep")),
    /** What is looked at after a strike. */
    CURB_STRIKE(WORDS.say("curbStrike"), MANUFACTURER, WORDS.say("lookAtSidewallWheel")),
    /** Core, cap and grommet. */
    SMALL_PARTS(WORDS.say("valveCapAndGrommet"), MANUFACTURER, WORDS.say("fixedOnTheSpot")),
    /** Cracks, rust, holes and nuts. */
    WHEEL_CONDITION(WORDS.say("wheelAndNuts"), LAW, WORDS.say("at49Cfr393205")),
    /** A tire gauged at 80% of its target or less. */
    RUN_FLAT(WORDS.say("at80OfTarget"), LAW, WORDS.say("at29Cfr1910177")),
    /** The highest pressure of tire and wheel. */
    PRESSURE_MAXIMUM(WORDS.say("maximumPressure"), MANUFACTURER, WORDS.say("lowestOfTheTires")),
    /** A cold reading against its target. */
    PRESSURE_TARGET(WORDS.say("coldPressureOnTarget"), DEFAULT, WORDS.say("targetFromThePlacardTolerance")),
    /** What a hot reading can tell and what it can’t. */
    PRESSURE_HOT(WORDS.say("hotReading"), MANUFACTURER, WORDS.say("hotTireReadsHighHot")),
    /** The tires of one axle against each other. */
    PRESSURE_EQUAL(WORDS.say("equalPressureOnAnAxle"), MANUFACTURER, WORDS.say("tiresOfOneAxleWithin")),
    /** A pressure reading too old to say anything. */
    PRESSURE_CURRENT(WORDS.say("pressureReadingIsCurrent"), DEFAULT, WORDS.say("fleetPolicy")),
    /** The target from the vehicle maker’s placard. */
    PLACARD(WORDS.say("placard"), MANUFACTURER, WORDS.say("vehicleManufacturersColdPressure")),
    /** Age against the longest any tire may run. */
    AGE_OVERALL(WORDS.say("overallAgeLimit"), DEFAULT, WORDS.say("fleetPolicyCountedFrom")),
    /** Age against the limit on heavy steer axles. */
    AGE_STEER(WORDS.say("steerAgeLimit"), DEFAULT, WORDS.say("fleetPolicyVehiclesOver10")),
    /** The yearly look of a qualified person. */
    AGE_INSPECTION(
            WORDS.say("yearlyInspectionFrom5Years"), MANUFACTURER, WORDS.say("qualifiedTireProfessionalEveryYear")),
    /** Whether the week it was made is known. */
    DOT_DATE(WORDS.say("dotDateOnFile"), STANDARD, WORDS.say("at49Cfr5745Week")),
    /** Retreads stay off steer axles. */
    RETREAD_STEER(WORDS.say("noRetreadOnSteer"), LAW, WORDS.say("at49Cfr39375D")),
    /** One size and construction on an axle. */
    AXLE_MATCH(WORDS.say("oneSizeAndConstruction"), LAW, WORDS.say("outOfServiceMixedConstruction")),
    /** Hub- and stud-piloted parts stay apart. */
    PILOT_MATCH(WORDS.say("wheelPilotTypesNeverMixed"), MANUFACTURER, WORDS.say("hubAndStudPilotedParts")),
    /** The two tires of a dual against each other. */
    DUAL_DIAMETER(WORDS.say("dualsOfEqualDiameter"), MANUFACTURER, WORDS.say("within14")),
    /** One model on both sides of an axle. */
    PATTERN_MATCH(WORDS.say("onePatternAcrossAnAxle"), MANUFACTURER, WORDS.say("leftAndRightCarry")),
    /** Tread depths across an axle. */
    TREAD_MATCH(WORDS.say("treadAcrossAnAxle"), MANUFACTURER, WORDS.say("atMost432")),
    /** The speed symbol against what the vehicle asks. */
    SPEED_RATING(WORDS.say("speedSymbol"), MANUFACTURER, WORDS.say("noSlowerThanTheTires")),
    /** Which wheels may change places. */
    WHEEL_DATA(WORDS.say("wheelOnFile"), DEFAULT, WORDS.say("wheelChangesPlaceOnlyWhere")),
    /** When tires are moved. */
    ROTATION(WORDS.say("rotationSchedule"), DEFAULT, WORDS.say("fleetPolicyByMonths")),
    /** Models their maker keeps off steer axles. */
    STEER_ALLOWED(WORDS.say("tireAllowedOnSteer"), MANUFACTURER, WORDS.say("tireManufacturersData")),
    /** Trailer tires stay on trailers. */
    TRAILER_TIRE(WORDS.say("trailerTire"), MANUFACTURER, WORDS.say("stInFront")),
    /** The parts of a sidewall against each other. */
    SIDEWALL_AGREES(WORDS.say("sidewallPartsAgree"), STANDARD, WORDS.say("loadIndexByIso4000")),
    /** A delivered tire against its order. */
    DELIVERY_MATCHES(WORDS.say("deliveryMatchesTheOrder"), DEFAULT, WORDS.say("sizeRatingsAndPattern")),
    /** How old a delivered tire is. */
    DELIVERY_AGE(WORDS.say("ageOnDelivery"), DEFAULT, WORDS.say("fleetPolicyUpTo6")),
    /** A tire against the wheel it goes on. */
    RIM_MATCH(WORDS.say("tireAndWheelOfOne"), LAW, WORDS.say("at29Cfr19101772")),
    /** A tire that has to run one way round. */
    DIRECTIONAL(WORDS.say("directionalTire"), MANUFACTURER, WORDS.say("arrowPointsTheWay")),
    /** A vehicle that has stood long. */
    PARKED_VEHICLE(WORDS.say("moveIt"), MANUFACTURER, WORDS.say("tiresOfAParkedVehicle")),
    /** The target from a weighed load and the tire maker’s chart. */
    WEIGHED_LOAD(WORDS.say("weighedLoadAndChart"), MANUFACTURER, WORDS.say("tireManufacturersLoadInflationChart")),
    /** The target that carries what the original tire carried. */
    PLACARD_EQUIVALENT(WORDS.say("placardEquivalent"), DEFAULT, WORDS.say("whatTheOriginalTireCarried")),
    /** The target from the tire’s own rated load. */
    RATED_LOAD(WORDS.say("ratedLoad"), MANUFACTURER, WORDS.say("pressureMoldedForTheMaximum")),
    /** The target from a chalk line, within what load and ratings allow. */
    CHALK_TEST(WORDS.say("chalkTest"), MANUFACTURER, WORDS.say("chalkLineTrialBounded")),
    /** The least pressure that carries the load. */
    MINIMUM_FOR_LOAD(WORDS.say("needOfTheLoad"), LAW, WORDS.say("at49Cfr39375No")),
    /** The load against what the tire can carry at all. */
    LOAD_CAPACITY(WORDS.say("loadWithinTheTiresCapacity"), LAW, WORDS.say("at49Cfr39375No2")),
    /** Weights against the ratings of axle and vehicle. */
    AXLE_RATING(WORDS.say("axleAndVehicleRating"), LAW, WORDS.say("gawrAndGvwr")),
    /** The load against what the wheel carries. */
    WHEEL_RATING(WORDS.say("wheelsMaximumLoad"), MANUFACTURER, WORDS.say("asMarkedOnTheWheel")),
    /** A target worked out where no chart is on file. */
    ESTIMATE(WORDS.say("estimatedPressure"), DEFAULT, WORDS.say("noChartOfThisManufacturer")),
    /** A scale ticket too old, or of other tires. */
    WEIGHTS_CURRENT(WORDS.say("weightsAreCurrent"), DEFAULT, WORDS.say("fleetPolicyOtherTires")),
    /** The figures of a ticket against each other. */
    SCALE_TICKET_ADDS_UP(WORDS.say("scaleTicketAddsUp"), DEFAULT, WORDS.say("endsToAxleAxles")),
    /** The two ends of an axle against each other. */
    SIDE_DIFFERENCE(WORDS.say("leftAndRight"), MANUFACTURER, WORDS.say("heavierEndDecides")),
    /** A target chosen for other tires. */
    TARGET_OUTDATED(WORDS.say("targetDerivedForTheInstalled"), DEFAULT, WORDS.say("anotherModelSizeOrLoad")),
    /** Where the dash warns, against target and law. */
    WARNING_THRESHOLD(WORDS.say("warningThreshold"), STANDARD, WORDS.say("fmvss138ForLightVehicles")),
    /** The age of a sensor. */
    SENSOR_BATTERY(WORDS.say("sensorBattery"), MANUFACTURER, WORDS.say("batteriesLast7To10")),
    /** A sensor that isn’t heard any more. */
    SENSOR_SILENT(WORDS.say("sensorIsHeard"), DEFAULT, WORDS.say("hourWithoutAWordWhile")),
    /** Figures of steering and suspension against their limits. */
    SUSPENSION_LIMIT(
            WORDS.say("steeringAndSuspensionWithinLimits"), MANUFACTURER, WORDS.say("jointPlayShockSwingsRide")),
    /** Whether the dash names the right corner. */
    CORNERS(WORDS.say("sensorCorners"), MANUFACTURER, WORDS.say("dashAndGaugeMatch")),
    /** How fast a tire loses air. */
    PRESSURE_LOSS(WORDS.say("lossOfPressure"), MANUFACTURER, WORDS.say("upTo5AMonth")),
    /** Whether a load chart holds together. */
    CHART_VALID(WORDS.say("chartHoldsTogether"), MANUFACTURER, WORDS.say("loadsRiseWithPressureDual"));

    private final String title;
    private final Authority authority;
    private final String source;

    Rule(String title, Authority authority, String source) {
        this.title = title;
        this.authority = authority;
        this.source = source;
    }

    /**
     * What it is called.
     *
     * @return for a heading
     */
    public String title() {
        return title;
    }

    /**
     * Who says so.
     *
     * @return where two rules disagree, the higher one wins
     */
    public Authority authority() {
        return authority;
    }

    /**
     * Law, standard or practice the rule comes from.
     *
     * @return for the screen
     */
    public String source() {
        return source;
    }
}
