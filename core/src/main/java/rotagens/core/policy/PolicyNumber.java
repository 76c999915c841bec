package rotagens.core.policy;

import static rotagens.core.policy.PolicyNumber.StricterSide.HIGHER;
import static rotagens.core.policy.PolicyNumber.StricterSide.LOWER;
import static rotagens.core.policy.PolicyWords.WORDS;

import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;

/** Every number a fleet may change, with this product's default and which direction is stricter. */
public enum PolicyNumber {
    /** The depth in 32nds of an inch at which front tires of a vehicle over 10,000 lb come off, before the law’s 4/32 in. */
    PULL_STEER_HEAVY(
            WORDS.say("pullPointFrontWheelsOver"), 5, "/32 in", HIGHER, 4, 15, WORDS.say("oneMarkBeforeTheLegal")),
    /** The depth in 32nds of an inch at which every other tire comes off, before the law’s 2/32 in. */
    PULL_OTHER(WORDS.say("pullPointAllOthers"), 3, "/32 in", HIGHER, 2, 15, WORDS.say("oneMarkBeforeTheLegal")),
    /** Years from the week made after which a tire comes off, whatever its tread. */
    OVERALL_AGE(
            WORDS.say("overallAgeLimit"),
            10,
            WORDS.say("years"),
            LOWER,
            1,
            15,
            WORDS.say("longestAnyTireManufacturerAllows")),
    /** The same for steer axles of a vehicle over 10,000 lb. */
    STEER_AGE(
            WORDS.say("steerAgeLimitOver10"), 5, WORDS.say("years"), LOWER, 1, 15, WORDS.say("practiceOfCoachFleets")),
    /** Years from the week made after which a qualified person looks at a tire every year. */
    AGE_INSPECTION_FROM(
            WORDS.say("yearlyProfessionalInspectionFrom"),
            5,
            WORDS.say("years"),
            LOWER,
            1,
            10,
            WORDS.say("tireManufacturersServiceAdvice")),
    /** How far a cold reading may be off target, in percent of it. */
    PRESSURE_TOLERANCE_SHARE(WORDS.say("coldPressureMayBeOff"), 5, "%", LOWER, 1, 20, WORDS.say("default")),
    /** The least that counts as off target, in psi, where the percentage would be less. */
    PRESSURE_TOLERANCE_MINIMUM(WORDS.say("butAtLeast"), 3, "psi", LOWER, 0, 15, WORDS.say("whatAGoodGaugeCan")),
    /** How far the pressures of one axle may lie apart, in psi. */
    PRESSURE_SPREAD(WORDS.say("pressureSpreadOnAnAxle"), 5, "psi", LOWER, 1, 20, WORDS.say("practice10PsiLow")),
    /** Days from one pressure check to the next. */
    PRESSURE_CHECK_DAYS(
            WORDS.say("pressureCheckAtLeastEvery"), 30, "days", LOWER, 1, 90, WORDS.say("tireManufacturersMonthly")),
    /** The same for a vehicle whose sensors don’t work. */
    PRESSURE_CHECK_DAYS_NO_SENSOR(
            WORDS.say("pressureCheckWithoutWorkingSensors"),
            14,
            "days",
            LOWER,
            1,
            90,
            WORDS.say("defaultHalfTheInterval")),
    /** Days after which a good pressure reading says nothing any more. */
    PRESSURE_VALID_DAYS(
            WORDS.say("goodPressureReadingIsKnown"), 35, "days", LOWER, 1, 120, WORDS.say("intervalAndAFewDays")),
    /** Days a filled tire has to stay above its minimum with the loss that is usual. */
    DAYS_ABOVE_MINIMUM(WORDS.say("targetLeavesAtLeast"), 14, "days", HIGHER, 1, 60, WORDS.say("defaultAGaugeEveryTwo")),
    /** How far a good gauge may be off, in psi: a reading under a minimum by no more asks for a fill today. */
    GAUGE_ACCURACY(WORDS.say("gaugeIsRightWithin"), 2, "psi", LOWER, 0, 5, WORDS.say("whatAGoodGaugeCan2")),
    /** Days within which a suspected leak is looked at again. */
    SUSPECTED_LEAK_DAYS(WORDS.say("suspectedLeakIsCheckedAgain"), 2, "days", LOWER, 1, 7, WORDS.say("default")),
    /** Days a repaired tire has to hold its pressure before the leak counts as mended. */
    LEAK_HOLD_DAYS(WORDS.say("leakRepairIsConfirmed"), 7, "days", HIGHER, 2, 60, WORDS.say("default")),
    /** The pressure in psi under which a light vehicle’s warning must not be set, for a standard-load tire. */
    WARNING_MINIMUM_SL(
            WORDS.say("lightVehicleWarnsAtLeast"), 20, "psi", HIGHER, 10, 60, WORDS.say("fmvss138TableOfMinimum")),
    /** The same for an extra-load tire. */
    WARNING_MINIMUM_XL(WORDS.say("extraLoad"), 23, "psi", HIGHER, 10, 60, WORDS.say("fmvss138TableOfMinimum")),
    /** The same for load range C. */
    WARNING_MINIMUM_C(WORDS.say("loadRangeC"), 29, "psi", HIGHER, 10, 80, WORDS.say("fmvss138TableOfMinimum")),
    /** The same for load range D. */
    WARNING_MINIMUM_D(WORDS.say("loadRangeD"), 35, "psi", HIGHER, 10, 80, WORDS.say("fmvss138TableOfMinimum")),
    /** The same for load range E. */
    WARNING_MINIMUM_E(WORDS.say("loadRangeE"), 35, "psi", HIGHER, 10, 80, WORDS.say("fmvss138TableOfMinimum")),
    /** Days after which a good tread reading says nothing any more. */
    TREAD_VALID_DAYS(WORDS.say("goodTreadReadingIsKnown"), 90, "days", LOWER, 1, 366, WORDS.say("default")),
    /** Days ahead within which a limit makes work due. */
    FORECAST_DAYS(WORDS.say("planAheadForLimitsWithin"), 90, "days", HIGHER, 7, 730, WORDS.say("defaultOneSeason")),
    /** How many 32nds of an inch grooves have to differ by to make a wear pattern. */
    WEAR_DIFFERENCE(WORDS.say("treadDifferenceThatMakes"), 2, "/32 in", LOWER, 1, 8, WORDS.say("practice")),
    /** Months after which a scale ticket is no longer current. */
    SCALE_TICKET_MONTHS(
            WORDS.say("scaleTicketIsCurrent"), 12, WORDS.say("months"), LOWER, 1, 36, WORDS.say("practiceWeighYearly")),
    /** How far axle weights may be off the total of a ticket, in percent. */
    SCALE_TICKET_TOLERANCE(
            WORDS.say("weightsOfAScaleTicket"), 2, "%", LOWER, 0.5, 5, WORDS.say("whatPortableScalesReach")),
    /** How far the two sides of an axle may weigh apart, in percent of the axle. */
    SIDE_DIFFERENCE(WORDS.say("leftAndRight"), 5, WORDS.say("ofIt"), LOWER, 1, 20, WORDS.say("practice")),
    /** How far over the molded pressure a tire may be filled, in psi, where its maker allows it in writing. */
    ABOVE_MOLDED(
            WORDS.say("inflateAboveTheMoldedPressure"), 0, "psi", LOWER, 0, 10, WORDS.say("manufacturersDataOnly")),
    /** Days a vehicle may stand before it is moved. */
    PARKED_DAYS(WORDS.say("moveAParkedVehicleAfter"), 30, "days", LOWER, 1, 180, WORDS.say("practice")),
    /** Months a gauge’s check against a master gauge is good for. */
    CALIBRATION_MONTHS(
            WORDS.say("gaugesCalibrationIsGood"),
            12,
            WORDS.say("months"),
            LOWER,
            1,
            60,
            WORDS.say("gaugeManufacturersYearlySoonerAfter")),
    /** Years from a sensor’s installation after which its battery may end. */
    SENSOR_FORECAST(
            WORDS.say("sensorsBatteryMayEndFrom"),
            7,
            WORDS.say("years"),
            LOWER,
            1,
            20,
            WORDS.say("sensorManufacturers7To10")),
    /** Years after which a sensor is replaced with the next tire work. */
    SENSOR_LIMIT(
            WORDS.say("sensorIsOverdue"), 10, WORDS.say("years"), LOWER, 1, 20, WORDS.say("sensorManufacturers7To10")),
    /** What one sensor with its kit costs. */
    SENSOR_PRICE(
            WORDS.say("sensorWithItsServiceKit"),
            85,
            WORDS.say("money"),
            HIGHER,
            1,
            2000,
            WORDS.say("defaultEnterYourOwnValue")),
    /** What a relearn takes. */
    RELEARN_MINUTES(WORDS.say("relearnTakes"), 20, WORDS.say("minutes"), HIGHER, 1, 240, WORDS.say("ruleOfThumb")),
    /** Degrees a nut may turn at re-torque; farther, the wheel was loose. */
    RETORQUE_TURN(
            WORDS.say("atReTorqueANut"),
            90,
            WORDS.say("degrees"),
            LOWER,
            15,
            180,
            WORDS.say("wheelManufacturersPracticeAQuarter")),
    /** The purity asked of nitrogen, in percent as measured. */
    NITROGEN_PURITY(WORDS.say("nitrogenAfterPurgingAtLeast"), 95, "%", HIGHER, 80, 100, WORDS.say("practice")),
    /** Months from one rotation to the next. */
    ROTATION_MONTHS(
            WORDS.say("rotateAtLeastEvery"),
            120,
            WORDS.say("months"),
            LOWER,
            1,
            120,
            WORDS.say("at120SetsNoScheduleManufacturers")),
    /** Miles from one rotation to the next; whichever of the two comes first. */
    ROTATION_MILES(
            WORDS.say("orAfter"),
            200_000,
            WORDS.say("miles"),
            LOWER,
            1_000,
            200_000,
            WORDS.say("at200000SetsNoSchedule")),
    /** Months a rotation has to last until the tires are moved again. */
    NEXT_VISIT_MONTHS(
            WORDS.say("nextVisitAfterARotation"), 12, WORDS.say("months"), HIGHER, 1, 60, WORDS.say("default")),
    /** Days work may be done early to spare a vehicle a visit. */
    BUNDLE_DAYS(WORDS.say("bringWorkForward"), 30, "days", HIGHER, 0, 180, WORDS.say("defaultOneMonthlyCheck")),
    /** What an hour’s work costs. */
    LABOR_RATE(
            WORDS.say("hourInTheShopCosts"),
            95,
            WORDS.say("money"),
            HIGHER,
            1,
            1000,
            WORDS.say("defaultEnterYourOwnValue")),
    /** What it costs to have the work come to the vehicle. */
    MOBILE_SERVICE_PRICE(
            WORDS.say("visitOfAMobileTire"),
            250,
            WORDS.say("money"),
            HIGHER,
            1,
            5000,
            WORDS.say("defaultEnterYourOwnValue")),
    /** What it costs to bring a vehicle that must not roll to a shop. */
    TOW_PRICE(
            WORDS.say("towToAnotherYardCosts"),
            350,
            WORDS.say("money"),
            HIGHER,
            1,
            10_000,
            WORDS.say("defaultEnterYourOwnValue")),
    /** What prices rise by in a year, in percent, where the years ahead are counted. */
    PRICE_GROWTH(
            WORDS.say("priceIncrease"), 3, WORDS.say("year"), HIGHER, 0, 25, WORDS.say("defaultEnterYourOwnValue")),
    /** The share of tires lost in a year before any limit, in percent. */
    EARLY_FAILURE_RATE(
            WORDS.say("tiresLostToDamageBefore"),
            2,
            WORDS.say("year"),
            HIGHER,
            0,
            50,
            WORDS.say("defaultEnterYourOwnValue")),
    /** How old a new tire is when it comes, in months. */
    NEW_TIRE_MONTHS(
            WORDS.say("newTireIsOnArrival"),
            4,
            WORDS.say("monthsOld"),
            HIGHER,
            0,
            24,
            WORDS.say("defaultUntilDeliveriesShowOtherwise")),
    /** What a rotation of the fleet’s own weights pays for a tire brought in, in points. */
    CUSTOM_BROUGHT_IN(
            WORDS.say("customRotationWeightsATire"),
            4_000,
            WORDS.say("points"),
            HIGHER,
            0,
            1_000_000,
            WORDS.say("default")),
    /** The same for each year of age on a steer axle. */
    CUSTOM_STEER_YEAR(
            WORDS.say("yearOfAgeOnSteer"), 150, WORDS.say("points"), HIGHER, 0, 1_000_000, WORDS.say("default")),
    /** The same for each 32nd between the tires of an axle. */
    CUSTOM_SPREAD(WORDS.say("at132InOfTread"), 60, WORDS.say("points"), HIGHER, 0, 1_000_000, WORDS.say("default")),
    /** The same for each 32nd between the diameters of a dual. */
    CUSTOM_DUAL(WORDS.say("at132InBetween"), 120, WORDS.say("points"), HIGHER, 0, 1_000_000, WORDS.say("default")),
    /** The same for each wheel lifted. */
    CUSTOM_LIFTED(WORDS.say("wheelLifted"), 100, WORDS.say("points"), HIGHER, 0, 1_000_000, WORDS.say("default")),
    /** The same for each tire taken off or put on its wheel. */
    CUSTOM_DEMOUNTED(
            WORDS.say("tireTakenOffOrPut"), 300, WORDS.say("points"), HIGHER, 0, 1_000_000, WORDS.say("default")),
    /** The same for each month of life in a tire taken off. */
    CUSTOM_UNUSED_MONTH(WORDS.say("monthOfLife"), 10, WORDS.say("points"), HIGHER, 0, 1_000_000, WORDS.say("default")),
    /** Months of age at which a delivered tire is remarked on. */
    DELIVERED_AGE_NOTED(WORDS.say("ageOnDeliveryIsNoted"), 6, WORDS.say("months"), LOWER, 0, 36, WORDS.say("practice")),
    /** Months of age at which somebody has to accept a delivered tire by name. */
    DELIVERED_AGE_ACCEPT(WORDS.say("ageOnDeliveryMust"), 12, WORDS.say("months"), LOWER, 1, 60, WORDS.say("practice"));

    /** Which way a number has to move to ask more of the fleet. */
    public enum StricterSide {
        /** More of it asks more, as with a depth. */
        HIGHER,
        /** Less of it asks more, as with days. */
        LOWER
    }

    private static final int CENTS = 100;

    private final String title;
    private final double defaultValue;
    private final String unit;
    private final StricterSide stricterSide;
    private final double min;
    private final double max;
    private final String source;

    PolicyNumber(
            String title,
            double byDefault,
            String unit,
            StricterSide stricterSide,
            double least,
            double most,
            String source) {
        this.title = title;
        this.defaultValue = byDefault;
        this.unit = unit;
        this.stricterSide = stricterSide;
        this.min = least;
        this.max = most;
        this.source = source;
    }

    /**
     * Where default comes from.
     *
     * @return for the screen, beside the number
     */
    public String source() {
        return source;
    }

    /**
     * What the number is called.
     *
     * @return one that begins with … goes on from the number before it
     */
    public String title() {
        return title;
    }

    /**
     * What holds where the fleet has set nothing.
     *
     * @return in its unit
     */
    public double defaultValue() {
        return defaultValue;
    }

    /**
     * What its field is read in; an amount of money has the fleet's own sign.
     *
     * @return behind a figure
     */
    public String unit() {
        return isMoney() ? HouseStyle.inUse().currencySign() : unit;
    }

    private boolean isMoney() {
        return unit.equals("money");
    }

    /**
     * A value of this number as it is read: {@code 5/32 in}, {@code 7.5 years}, {@code $95}.
     *
     * @param value in its unit
     * @return with its unit
     */
    public String label(double value) {
        String figure = value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
        if (isMoney()) {
            return Money.about(Math.round(value * CENTS));
        }
        return figure + (unit.startsWith("/") || unit.startsWith("%") ? unit : " " + unit);
    }

    /**
     * Which way asks more.
     *
     * @return where several settings apply, the one farthest to this side wins
     */
    public StricterSide stricter() {
        return stricterSide;
    }

    /**
     * Refuses a number no fleet can mean; a pull point never lies under the legal limit it has to come before.
     *
     * @param value in its unit
     * @throws InvalidInputException where it lies outside what a fleet can mean, with both ends
     */
    public void requirePlausible(double value) {
        if (!(value >= min && value <= max)) {
            throw new InvalidInputException(
                    WORDS.say("liesBetween", "title", title, "min", label(min), "max", label(max)));
        }
    }

    boolean stricter(double candidate, double present) {
        return stricterSide == HIGHER ? candidate > present : candidate < present;
    }

    /**
     * What it is about.
     *
     * @return the part of the policy it is read in
     */
    public PolicyTopic topic() {
        return PolicyTopic.of(this);
    }
}
