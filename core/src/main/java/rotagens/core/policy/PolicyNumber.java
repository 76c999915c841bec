package rotagens.core.policy;

import static rotagens.core.policy.PolicyNumber.StricterSide.HIGHER;
import static rotagens.core.policy.PolicyNumber.StricterSide.LOWER;

import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;

/** Every number a fleet may change, with this product's default and which direction is stricter. */
public enum PolicyNumber {
    PULL_STEER_HEAVY(
            "Pull point, front wheels over 10,000 lb", 5, "/32 in", HIGHER, 4, 15, "one mark before the legal limit"),
    PULL_OTHER("Pull point, all others", 3, "/32 in", HIGHER, 2, 15, "one mark before the legal limit"),
    OVERALL_AGE("Overall age limit", 10, "years", LOWER, 1, 15, "the longest any tire manufacturer allows"),
    STEER_AGE("Steer age limit over 10,000 lb", 5, "years", LOWER, 1, 15, "practice of coach fleets"),
    AGE_INSPECTION_FROM(
            "Yearly professional inspection from", 5, "years", LOWER, 1, 10, "tire manufacturers’ service advice"),
    PRESSURE_TOLERANCE_SHARE("Cold pressure may be off target by", 5, "%", LOWER, 1, 20, "default"),
    PRESSURE_TOLERANCE_MINIMUM("… but at least by", 3, "psi", LOWER, 0, 15, "what a good gauge can tell"),
    PRESSURE_SPREAD("Pressure spread on an axle", 5, "psi", LOWER, 1, 20, "practice: 10 psi low on one side drifts"),
    PRESSURE_CHECK_DAYS("Pressure check at least every", 30, "days", LOWER, 1, 90, "tire manufacturers: monthly"),
    PRESSURE_CHECK_DAYS_NO_SENSOR(
            "Pressure check without working sensors", 14, "days", LOWER, 1, 90, "default, half the interval"),
    PRESSURE_VALID_DAYS(
            "A good pressure reading is known for", 35, "days", LOWER, 1, 120, "the interval and a few days"),
    DAYS_ABOVE_MINIMUM(
            "A target leaves at least", 14, "days", HIGHER, 1, 60, "default: a gauge every two weeks is enough"),
    GAUGE_ACCURACY(
            "A gauge is right within",
            2,
            "psi",
            LOWER,
            0,
            5,
            "what a good gauge can tell; under a minimum by no more: fill today"),
    SUSPECTED_LEAK_DAYS("A suspected leak is checked again within", 2, "days", LOWER, 1, 7, "default"),
    LEAK_HOLD_DAYS("A leak repair is confirmed by a cold reading after", 7, "days", HIGHER, 2, 60, "default"),
    WARNING_MINIMUM_SL(
            "A light vehicle warns at least at, standard load",
            20,
            "psi",
            HIGHER,
            10,
            60,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    WARNING_MINIMUM_XL(
            "… extra load",
            23,
            "psi",
            HIGHER,
            10,
            60,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    WARNING_MINIMUM_C(
            "… load range C",
            29,
            "psi",
            HIGHER,
            10,
            80,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    WARNING_MINIMUM_D(
            "… load range D",
            35,
            "psi",
            HIGHER,
            10,
            80,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    WARNING_MINIMUM_E(
            "… load range E",
            35,
            "psi",
            HIGHER,
            10,
            80,
            "FMVSS 138, table of minimum activation pressures: to be read in the current text"),
    TREAD_VALID_DAYS("A good tread reading is known for", 90, "days", LOWER, 1, 366, "default"),
    FORECAST_DAYS("Plan ahead for limits within", 90, "days", HIGHER, 7, 730, "default: one season"),
    WEAR_DIFFERENCE("Tread difference that makes a pattern", 2, "/32 in", LOWER, 1, 8, "practice"),
    SCALE_TICKET_MONTHS("A scale ticket is current for", 12, "months", LOWER, 1, 36, "practice: weigh yearly"),
    SCALE_TICKET_TOLERANCE(
            "Weights of a scale ticket add up within", 2, "%", LOWER, 0.5, 5, "what portable scales reach"),
    SIDE_DIFFERENCE("Left and right of an axle may differ by", 5, "% of it", LOWER, 1, 20, "practice"),
    ABOVE_MOLDED(
            "Inflate above the molded pressure, where the manufacturer allows it",
            0,
            "psi",
            LOWER,
            0,
            10,
            "manufacturers’ data only"),
    PARKED_DAYS("Move a parked vehicle after", 30, "days", LOWER, 1, 180, "practice"),
    CALIBRATION_MONTHS(
            "A gauge’s calibration is good for",
            12,
            "months",
            LOWER,
            1,
            60,
            "gauge manufacturers: yearly, sooner after a fall"),
    SENSOR_FORECAST("A sensor’s battery may end from", 7, "years", LOWER, 1, 20, "sensor manufacturers: 7 to 10 years"),
    SENSOR_LIMIT("A sensor is overdue at", 10, "years", LOWER, 1, 20, "sensor manufacturers: 7 to 10 years"),
    SENSOR_PRICE("A sensor with its service kit costs", 85, "money", HIGHER, 1, 2000, "default: enter your own value"),
    RELEARN_MINUTES("A relearn takes", 20, "minutes", HIGHER, 1, 240, "rule of thumb"),
    RETORQUE_TURN(
            "At re-torque a nut may turn by up to",
            90,
            "degrees",
            LOWER,
            15,
            180,
            "wheel manufacturers’ practice: a quarter turn; farther, the wheel comes off and is looked at"),
    NITROGEN_PURITY("Nitrogen after purging, at least", 95, "%", HIGHER, 80, 100, "practice"),
    ROTATION_MONTHS(
            "Rotate at least every", 120, "months", LOWER, 1, 120, "120 sets no schedule; manufacturers: yearly"),
    ROTATION_MILES("… or after", 200_000, "miles", LOWER, 1_000, 200_000, "200,000 sets no schedule"),
    NEXT_VISIT_MONTHS("The next visit after a rotation is planned in", 12, "months", HIGHER, 1, 60, "default"),
    BUNDLE_DAYS("Bring work forward to a visit by up to", 30, "days", HIGHER, 0, 180, "default: one monthly check"),
    LABOR_RATE("An hour in the shop costs", 95, "money", HIGHER, 1, 1000, "default: enter your own value"),
    MOBILE_SERVICE_PRICE(
            "A visit of a mobile tire service costs", 250, "money", HIGHER, 1, 5000, "default: enter your own value"),
    TOW_PRICE("A tow to another yard costs", 350, "money", HIGHER, 1, 10_000, "default: enter your own value"),
    PRICE_GROWTH("Price increase", 3, "% a year", HIGHER, 0, 25, "default: enter your own value"),
    EARLY_FAILURE_RATE(
            "Tires lost to damage before any limit", 2, "% a year", HIGHER, 0, 50, "default: enter your own value"),
    NEW_TIRE_MONTHS(
            "A new tire is on arrival", 4, "months old", HIGHER, 0, 24, "default until deliveries show otherwise"),
    CUSTOM_BROUGHT_IN("Custom rotation weights: a tire brought in", 4_000, "points", HIGHER, 0, 1_000_000, "default"),
    CUSTOM_STEER_YEAR("… a year of age on steer", 150, "points", HIGHER, 0, 1_000_000, "default"),
    CUSTOM_SPREAD("… 1/32 in of tread between an axle’s tires", 60, "points", HIGHER, 0, 1_000_000, "default"),
    CUSTOM_DUAL("… 1/32 in between a dual’s diameters", 120, "points", HIGHER, 0, 1_000_000, "default"),
    CUSTOM_LIFTED("… a wheel lifted", 100, "points", HIGHER, 0, 1_000_000, "default"),
    CUSTOM_DEMOUNTED("… a tire taken off or put on a wheel", 300, "points", HIGHER, 0, 1_000_000, "default"),
    CUSTOM_UNUSED_MONTH("… a month of life in a tire taken off", 10, "points", HIGHER, 0, 1_000_000, "default"),
    DELIVERED_AGE_NOTED("Age on delivery is noted from", 6, "months", LOWER, 0, 36, "practice"),
    DELIVERED_AGE_ACCEPT("Age on delivery must be accepted from", 12, "months", LOWER, 1, 60, "practice");

    /** Which way a number has to move to ask more of the fleet. */
    public enum StricterSide {
        HIGHER,
        LOWER
    }

    /** What a number is about: the parts in which a policy is read. */
    public enum Topic {
        PRESSURE("Pressure and load"),
        TREAD("Tread and wear"),
        AGE("Age"),
        ROTATION("Rotation"),
        PLANNING("Planning and prices");

        private final String title;

        Topic(String title) {
            this.title = title;
        }

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

    /** Where default comes from. */
    public String source() {
        return source;
    }

    public String title() {
        return title;
    }

    public double defaultValue() {
        return defaultValue;
    }

    /** What its field is read in; an amount of money has the fleet's own sign. */
    public String unit() {
        return isMoney() ? HouseStyle.inUse().currencySign() : unit;
    }

    private boolean isMoney() {
        return unit.equals("money");
    }

    /** A value of this number as it is read: {@code 5/32 in}, {@code 7.5 years}, {@code $95}. */
    public String label(double value) {
        String figure = value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
        if (isMoney()) {
            return Money.about(Math.round(value * CENTS));
        }
        return figure + (unit.startsWith("/") || unit.startsWith("%") ? unit : " " + unit);
    }

    public StricterSide stricter() {
        return stricterSide;
    }

    /** Refuses a number no fleet can mean; a pull point never lies under the legal limit it has to come before. */
    public void requirePlausible(double value) {
        if (!(value >= min && value <= max)) {
            throw new InvalidInputException(title + " lies between " + label(min) + " and " + label(max) + ".");
        }
    }

    boolean stricter(double candidate, double present) {
        return stricterSide == HIGHER ? candidate > present : candidate < present;
    }

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
