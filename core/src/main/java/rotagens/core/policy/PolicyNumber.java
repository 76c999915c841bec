package rotagens.core.policy;

import static rotagens.core.policy.PolicyNumber.Stricter.HIGHER;
import static rotagens.core.policy.PolicyNumber.Stricter.LOWER;

/** Every number a fleet may change, with this product's default and which direction is stricter. */
public enum PolicyNumber {
    PULL_STEER_HEAVY("Pull point, front wheels over 10,000 lb", 5, "1/32 in", HIGHER),
    PULL_OTHER("Pull point, all others", 3, "1/32 in", HIGHER),
    OVERALL_AGE("Overall age limit", 10, "years", LOWER),
    STEER_AGE("Steer age limit over 10,000 lb", 5, "years", LOWER),
    AGE_INSPECTION_FROM("Yearly professional inspection from", 5, "years", LOWER),
    PRESSURE_TOLERANCE_SHARE("Cold pressure may be off target by", 5, "%", LOWER),
    PRESSURE_TOLERANCE_LEAST("… but at least by", 3, "psi", LOWER),
    PRESSURE_SPREAD("Pressure spread on an axle", 5, "psi", LOWER),
    PRESSURE_CHECK_DAYS("Pressure check at least every", 30, "days", LOWER),
    PRESSURE_CHECK_DAYS_NO_SENSOR("Pressure check without working sensors", 14, "days", LOWER),
    PRESSURE_KNOWN_DAYS("A good pressure reading is known for", 35, "days", LOWER),
    TREAD_KNOWN_DAYS("A good tread reading is known for", 90, "days", LOWER),
    FORECAST_DAYS("Plan ahead for limits within", 90, "days", HIGHER),
    WEAR_DIFFERENCE("Tread difference that makes a pattern", 2, "1/32 in", LOWER),
    PARKED_DAYS("Move a parked vehicle after", 30, "days", LOWER),
    DELIVERED_AGE_NOTED("Age on delivery is noted from", 6, "months", LOWER),
    DELIVERED_AGE_ASK("Age on delivery must be accepted from", 12, "months", LOWER);

    /** Which way a number has to move to ask more of the fleet. */
    public enum Stricter {
        HIGHER,
        LOWER
    }

    private final String title;
    private final double byDefault;
    private final String unit;
    private final Stricter stricter;

    PolicyNumber(String title, double byDefault, String unit, Stricter stricter) {
        this.title = title;
        this.byDefault = byDefault;
        this.unit = unit;
        this.stricter = stricter;
    }

    public String title() {
        return title;
    }

    public double byDefault() {
        return byDefault;
    }

    public String unit() {
        return unit;
    }

    boolean stricter(double candidate, double present) {
        return stricter == HIGHER ? candidate > present : candidate < present;
    }
}
