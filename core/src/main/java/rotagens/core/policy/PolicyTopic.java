package rotagens.core.policy;

import static rotagens.core.policy.PolicyWords.WORDS;

/** What a number is about: the parts in which a policy is read. */
public enum PolicyTopic {
    /** Pressures, loads, gauges and leaks. */
    PRESSURE(WORDS.say("pressureAndLoad")),
    /** Depths and patterns. */
    TREAD(WORDS.say("treadAndWear")),
    /** Ages of tires and sensors. */
    AGE(WORDS.say("age")),
    /** When tires are moved, and what is weighed. */
    ROTATION(WORDS.say("rotation")),
    /** Days ahead, minutes and money. */
    PLANNING(WORDS.say("planningAndPrices"));

    private final String title;

    PolicyTopic(String title) {
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

    /** The part a number belongs in; a new number doesn't compile until it has one. */
    static PolicyTopic of(PolicyNumber number) {
        return switch (number) {
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
                    NITROGEN_PURITY -> PolicyTopic.PRESSURE;
            case PULL_STEER_HEAVY, PULL_OTHER, TREAD_VALID_DAYS, WEAR_DIFFERENCE -> PolicyTopic.TREAD;
            case OVERALL_AGE,
                    STEER_AGE,
                    AGE_INSPECTION_FROM,
                    PARKED_DAYS,
                    SENSOR_FORECAST,
                    SENSOR_LIMIT,
                    DELIVERED_AGE_NOTED,
                    DELIVERED_AGE_ACCEPT,
                    NEW_TIRE_MONTHS -> PolicyTopic.AGE;
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
                    CUSTOM_UNUSED_MONTH -> PolicyTopic.ROTATION;
            case FORECAST_DAYS,
                    SENSOR_PRICE,
                    RELEARN_MINUTES,
                    BUNDLE_DAYS,
                    LABOR_RATE,
                    MOBILE_SERVICE_PRICE,
                    TOW_PRICE,
                    PRICE_GROWTH,
                    EARLY_FAILURE_RATE -> PolicyTopic.PLANNING;
        };
    }
}
