package rotagens.core.policy;

import static rotagens.core.policy.PolicyNumber.StricterSide.HIGHER;
import static rotagens.core.policy.PolicyNumber.StricterSide.LOWER;

import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;

/** Every number a fleet may change, with this product's default and which direction is stricter. */
public enum PolicyNumber {
    /** The depth in 32nds of an inch at which front tires of a vehicle over 10,000 lb come off, before the law’s 4/32 in. */
    PULL_STEER_HEAVY(
            "Pull point, front wheels over 10,000 lb", 5, "/32 in", HIGHER, 4, 15, "one mark before the legal limit"),
    /** The depth in 32nds of an inch at which every other tire comes off, before the law’s 2/32 in. */
    PULL_OTHER("Pull point, all others", 3, "/32 in", HIGHER, 2, 15, "one mark before the legal limit"),
    /** Years from the week made after which a tire comes off, whatever its tread. */
    OVERALL_AGE("Overall age limit", 10, "years", LOWER, 1, 15, "the longest any tire manufacturer allows"),
    /** The same for steer axles of a vehicle over 10,000 lb. */
    STEER_AGE("Steer age limit over 10,000 lb", 5, "years", LOWER, 1, 15, "practice of coach fleets"),
    /** Years from the week made after which a qualified person looks at a tire every year. */
    AGE_INSPECTION_FROM(
            "Yearly professional inspection from", 5, "years", LOWER, 1, 10, "tire manufacturers’ service advice"),
    /** How far a cold reading may be off target, in percent of it. */
    PRESSURE_TOLERANCE_SHARE("Cold pressure may be off target by", 5, "%", LOWER, 1, 20, "default"),
    /** The least that counts as off target, in psi, where the percentage would be less. */
    PRESSURE_TOLERANCE_MINIMUM("… but at least by", 3, "psi", LOWER, 0, 15, "what a good gauge can tell"),
    /** How far the pressures of one axle may lie apart, in psi. */
    PRESSURE_SPREAD("Pressure spread on an axle", 5, "psi", LOWER, 1, 20, "practice: 10 psi low on one side drifts"),
    /** Days from one pressure check to the next. */
    PRESSURE_CHECK_DAYS("Pressure check at least every", 30, "days", LOWER, 1, 90, "tire manufacturers: monthly"),
    /** The same for a vehicle whose sensors don’t work. */
    PRESSURE_CHECK_DAYS_NO_SENSOR(
            "Pressure check without working sensors", 14, "days", LOWER, 1, 90, "default, half the interval"),
    /** Days after which a good pressure reading says nothing any more. */
    PRESSURE_VALID_DAYS(
            "A good pressure reading is known for", 35, "days", LOWER, 1, 120, "the interval and a few days"),
    /** Days a filled tire has to stay above its minimum with the loss that is usual. */
    DAYS_ABOVE_MINIMUM(
            "A target leaves at least", 14, "days", HIGHER, 1, 60, "default: a gauge every two weeks is enough"),
    /** How far a good gauge may be off, in psi: a reading under a minimum by no more asks for a fill today. */
    GAUGE_ACCURACY(
            "A gauge is right within",
            2,
            "psi",
            LOWER,
            0,
            5,
            "what a good gauge can tell; under a minimum by no more: fill today"),
    /** Days within which a suspected leak is looked at again. */
    SUSPECTED_LEAK_DAYS("A suspected leak is checked again within", 2, "days", LOWER, 1, 7, "default"),
    /** Days a repaired tire has to hold its pressure before the leak counts as mended. */
    LEAK_HOLD_DAYS("A leak repair is confirmed by a cold reading after", 7, "days", HIGHER, 2, 60, "default"),
    /** The pressure in psi under which a light vehicle’s warning must not be set, for a standard-load tire. */
    WARNING_MINIMUM_SL(
            "A light vehicle warns at least at, standard load",
            20,
            "psi",
            HIGHER,
            10,
            60,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    /** The same for an extra-load tire. */
    WARNING_MINIMUM_XL(
            "… extra load",
            23,
            "psi",
            HIGHER,
            10,
            60,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    /** The same for load range C. */
    WARNING_MINIMUM_C(
            "… load range C",
            29,
            "psi",
            HIGHER,
            10,
            80,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    /** The same for load range D. */
    WARNING_MINIMUM_D(
            "… load range D",
            35,
            "psi",
            HIGHER,
            10,
            80,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    /** The same for load range E. */
    WARNING_MINIMUM_E(
            "… load range E",
            35,
            "psi",
            HIGHER,
            10,
            80,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    /** Days after which a good tread reading says nothing any more. */
    TREAD_VALID_DAYS("A good tread reading is known for", 90, "days", LOWER, 1, 366, "default"),
    /** Days ahead within which a limit makes work due. */
    FORECAST_DAYS("Plan ahead for limits within", 90, "days", HIGHER, 7, 730, "default: one season"),
    /** How many 32nds of an inch grooves have to differ by to make a wear pattern. */
    WEAR_DIFFERENCE("Tread difference that makes a pattern", 2, "/32 in", LOWER, 1, 8, "practice"),
    /** Months after which a scale ticket is no longer current. */
    SCALE_TICKET_MONTHS("A scale ticket is current for", 12, "months", LOWER, 1, 36, "practice: weigh yearly"),
    /** How far axle weights may be off the total of a ticket, in percent. */
    SCALE_TICKET_TOLERANCE(
            "Weights of a scale ticket add up within", 2, "%", LOWER, 0.5, 5, "what portable scales reach"),
    /** How far the two sides of an axle may weigh apart, in percent of the axle. */
    SIDE_DIFFERENCE("Left and right of an axle may differ by", 5, "% of it", LOWER, 1, 20, "practice"),
    /** How far over the molded pressure a tire may be filled, in psi, where its maker allows it in writing. */
    ABOVE_MOLDED(
            "Inflate above the molded pressure, where the manufacturer allows it",
            0,
            "psi",
            LOWER,
            0,
            10,
            "manufacturers’ data only"),
    /** Days a vehicle may stand before it is moved. */
    PARKED_DAYS("Move a parked vehicle after", 30, "days", LOWER, 1, 180, "practice"),
    /** Months a gauge’s check against a master gauge is good for. */
    CALIBRATION_MONTHS(
            "A gauge’s calibration is good for",
            12,
            "months",
            LOWER,
            1,
            60,
            "gauge manufacturers: yearly, sooner after a fall"),
    /** Years from a sensor’s installation after which its battery may end. */
    SENSOR_FORECAST("A sensor’s battery may end from", 7, "years", LOWER, 1, 20, "sensor manufacturers: 7 to 10 years"),
    /** Years after which a sensor is replaced with the next tire work. */
    SENSOR_LIMIT("A sensor is overdue at", 10, "years", LOWER, 1, 20, "sensor manufacturers: 7 to 10 years"),
    /** What one sensor with its kit costs. */
    SENSOR_PRICE("A sensor with its service kit costs", 85, "money", HIGHER, 1, 2000, "default: enter your own value"),
    /** What a relearn takes. */
    RELEARN_MINUTES("A relearn takes", 20, "minutes", HIGHER, 1, 240, "rule of thumb"),
    /** Degrees a nut may turn at re-torque; farther, the wheel was loose. */
    RETORQUE_TURN(
            "At re-torque a nut may turn by up to",
            90,
            "degrees",
            LOWER,
            15,
            180,
            "wheel manufacturers’ practice: a quarter turn; farther, the wheel comes off and is looked at"),
    /** The purity asked of nitrogen, in percent as measured. */
    NITROGEN_PURITY("Nitrogen after purging, at least", 95, "%", HIGHER, 80, 100, "practice"),
    /** Months from one rotation to the next. */
    ROTATION_MONTHS(
            "Rotate at least every", 120, "months", LOWER, 1, 120, "120 sets no schedule; manufacturers: yearly"),
    /** Miles from one rotation to the next; whichever of the two comes first. */
    ROTATION_MILES("… or after", 200_000, "miles", LOWER, 1_000, 200_000, "200,000 sets no schedule"),
    /** Months a rotation has to last until the tires are moved again. */
    NEXT_VISIT_MONTHS("The next visit after a rotation is planned in", 12, "months", HIGHER, 1, 60, "default"),
    /** Days work may be done early to spare a vehicle a visit. */
    BUNDLE_DAYS("Bring work forward to a visit by up to", 30, "days", HIGHER, 0, 180, "default: one monthly check"),
    /** What an hour’s work costs. */
    LABOR_RATE("An hour in the shop costs", 95, "money", HIGHER, 1, 1000, "default: enter your own value"),
    /** What it costs to have the work come to the vehicle. */
    MOBILE_SERVICE_PRICE(
            "A visit of a mobile tire service costs", 250, "money", HIGHER, 1, 5000, "default: enter your own value"),
    /** What it costs to bring a vehicle that must not roll to a shop. */
    TOW_PRICE("A tow to another yard costs", 350, "money", HIGHER, 1, 10_000, "default: enter your own value"),
    /** What prices rise by in a year, in percent, where the years ahead are counted. */
    PRICE_GROWTH("Price increase", 3, "% a year", HIGHER, 0, 25, "default: enter your own value"),
    /** The share of tires lost in a year before any limit, in percent. */
    EARLY_FAILURE_RATE(
            "Tires lost to damage before any limit", 2, "% a year", HIGHER, 0, 50, "default: enter your own value"),
    /** How old a new tire is when it comes, in months. */
    NEW_TIRE_MONTHS(
            "A new tire is on arrival", 4, "months old", HIGHER, 0, 24, "default until deliveries show otherwise"),
    /** What a rotation of the fleet’s own weights pays for a tire brought in, in points. */
    CUSTOM_BROUGHT_IN("Custom rotation weights: a tire brought in", 4_000, "points", HIGHER, 0, 1_000_000, "default"),
    /** The same for each year of age on a steer axle. */
    CUSTOM_STEER_YEAR("… a year of age on steer", 150, "points", HIGHER, 0, 1_000_000, "default"),
    /** The same for each 32nd between the tires of an axle. */
    CUSTOM_SPREAD("… 1/32 in of tread between an axle’s tires", 60, "points", HIGHER, 0, 1_000_000, "default"),
    /** The same for each 32nd between the diameters of a dual. */
    CUSTOM_DUAL("… 1/32 in between a dual’s diameters", 120, "points", HIGHER, 0, 1_000_000, "default"),
    /** The same for each wheel lifted. */
    CUSTOM_LIFTED("… a wheel lifted", 100, "points", HIGHER, 0, 1_000_000, "default"),
    /** The same for each tire taken off or put on its wheel. */
    CUSTOM_DEMOUNTED("… a tire taken off or put on a wheel", 300, "points", HIGHER, 0, 1_000_000, "default"),
    /** The same for each month of life in a tire taken off. */
    CUSTOM_UNUSED_MONTH("… a month of life in a tire taken off", 10, "points", HIGHER, 0, 1_000_000, "default"),
    /** Months of age at which a delivered tire is remarked on. */
    DELIVERED_AGE_NOTED("Age on delivery is noted from", 6, "months", LOWER, 0, 36, "practice"),
    /** Months of age at which somebody has to accept a delivered tire by name. */
    DELIVERED_AGE_ACCEPT("Age on delivery must be accepted from", 12, "months", LOWER, 1, 60, "practice");

    /** Which way a number has to move to ask more of the fleet. */
    public enum StricterSide {
        /** More of it asks more, as with a depth. */
        HIGHER,
        /** Less of it asks more, as with days. */
        LOWER
    }

    /** What a number is about: the parts in which a policy is read. */
    public enum Topic {
        /** Pressures, loads, gauges and leaks. */
        PRESSURE("Pressure and load"),
        /** Depths and patterns. */
        TREAD("Tread and wear"),
        /** Ages of tires and sensors. */
        AGE("Age"),
        /** When tires are moved, and what is weighed. */
        ROTATION("Rotation"),
        /** Days ahead, minutes and money. */
        PLANNING("Planning and prices");

        private final String title;

        Topic(String title) {
            this.title = title;
        }

        /**
         * What the part is called.
         *
         * @return for a heading
         */
        public String title() {
            return title;
        }
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
            throw new InvalidInputException(title + " lies between " + label(min) + " and " + label(max) + ".");
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
    public Topic topic() {
        return switch (this) {
            case PRESSURE_TOLERANCE_SHARE,
                    PRESSURE_TOLERANCE_MINIMUM,
                    PRESSURE_SPREAD,
                    PRESSURE_CHECK_DAYS,
                    PRESSURE_CHECK_DAYS_NO_SENSOR,
                    PRESSURE_VALID_DAYS,
                    DAYS_ABOVE_MINIMUM,
                    GAUGE_ACCURACY,
                    SUSPECTED_LEAK_DAYS,
                    LEAK_HOLD_DAYS,
                    WARNING_MINIMUM_SL,
                    WARNING_MINIMUM_XL,
                    WARNING_MINIMUM_C,
                    WARNING_MINIMUM_D,
                    WARNING_MINIMUM_E,
                    SCALE_TICKET_MONTHS,
                    SCALE_TICKET_TOLERANCE,
                    SIDE_DIFFERENCE,
                    ABOVE_MOLDED,
                    CALIBRATION_MONTHS,
                    NITROGEN_PURITY -> Topic.PRESSURE;
            case PULL_STEER_HEAVY, PULL_OTHER, TREAD_VALID_DAYS, WEAR_DIFFERENCE -> Topic.TREAD;
            case OVERALL_AGE,
                    STEER_AGE,
                    AGE_INSPECTION_FROM,
                    PARKED_DAYS,
                    SENSOR_FORECAST,
                    SENSOR_LIMIT,
                    DELIVERED_AGE_NOTED,
                    DELIVERED_AGE_ACCEPT,
                    NEW_TIRE_MONTHS -> Topic.AGE;
            case ROTATION_MONTHS,
                    RETORQUE_TURN,
                    ROTATION_MILES,
                    NEXT_VISIT_MONTHS,
                    CUSTOM_BROUGHT_IN,
                    CUSTOM_STEER_YEAR,
                    CUSTOM_SPREAD,
                    CUSTOM_DUAL,
                    CUSTOM_LIFTED,
                    CUSTOM_DEMOUNTED,
                    CUSTOM_UNUSED_MONTH -> Topic.ROTATION;
            case FORECAST_DAYS,
                    SENSOR_PRICE,
                    RELEARN_MINUTES,
                    BUNDLE_DAYS,
                    LABOR_RATE,
                    MOBILE_SERVICE_PRICE,
                    TOW_PRICE,
                    PRICE_GROWTH,
                    EARLY_FAILURE_RATE -> Topic.PLANNING;
        };
    }
}
