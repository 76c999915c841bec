package rotagens.core.policy;

import static rotagens.core.policy.PolicyNumber.Stricter.HIGHER;
import static rotagens.core.policy.PolicyNumber.Stricter.LOWER;

import rotagens.core.measure.InvalidEntry;

/** Every number a fleet may change, with this product's default and which direction is stricter. */
public enum PolicyNumber {
    PULL_STEER_HEAVY("Pull point, front wheels over 10,000 lb", 5, "/32 in", HIGHER, 4, 15),
    PULL_OTHER("Pull point, all others", 3, "/32 in", HIGHER, 2, 15),
    OVERALL_AGE("Overall age limit", 10, "years", LOWER, 1, 15),
    STEER_AGE("Steer age limit over 10,000 lb", 5, "years", LOWER, 1, 15),
    AGE_INSPECTION_FROM("Yearly professional inspection from", 5, "years", LOWER, 1, 10),
    PRESSURE_TOLERANCE_SHARE("Cold pressure may be off target by", 5, "%", LOWER, 1, 20),
    PRESSURE_TOLERANCE_LEAST("… but at least by", 3, "psi", LOWER, 0, 15),
    PRESSURE_SPREAD("Pressure spread on an axle", 5, "psi", LOWER, 1, 20),
    PRESSURE_CHECK_DAYS("Pressure check at least every", 30, "days", LOWER, 1, 90),
    PRESSURE_CHECK_DAYS_NO_SENSOR("Pressure check without working sensors", 14, "days", LOWER, 1, 90),
    PRESSURE_KNOWN_DAYS("A good pressure reading is known for", 35, "days", LOWER, 1, 120),
    TREAD_KNOWN_DAYS("A good tread reading is known for", 90, "days", LOWER, 1, 366),
    FORECAST_DAYS("Plan ahead for limits within", 90, "days", HIGHER, 7, 730),
    WEAR_DIFFERENCE("Tread difference that makes a pattern", 2, "/32 in", LOWER, 1, 8),
    PARKED_DAYS("Move a parked vehicle after", 30, "days", LOWER, 1, 180),
    DELIVERED_AGE_NOTED("Age on delivery is noted from", 6, "months", LOWER, 0, 36),
    DELIVERED_AGE_ASK("Age on delivery must be accepted from", 12, "months", LOWER, 1, 60);

    /** Which way a number has to move to ask more of the fleet. */
    public enum Stricter {
        HIGHER,
        LOWER
    }

    private final String title;
    private final double byDefault;
    private final String unit;
    private final Stricter stricter;
    private final double least;
    private final double most;

    PolicyNumber(String title, double byDefault, String unit, Stricter stricter, double least, double most) {
        this.title = title;
        this.byDefault = byDefault;
        this.unit = unit;
        this.stricter = stricter;
        this.least = least;
        this.most = most;
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

    /** A value of this number as it is read: {@code 5/32 in}, {@code 7.5 years}. */
    public String words(double value) {
        String figure = value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
        return figure + (unit.startsWith("/") ? unit : " " + unit);
    }

    public Stricter stricter() {
        return stricter;
    }

    /** Refuses a number no fleet can mean; a pull point never lies under the legal limit it has to come before. */
    public void refuseImplausible(double value) {
        if (!(value >= least && value <= most)) {
            throw new InvalidEntry(title + " lies between " + words(least) + " and " + words(most) + ".");
        }
    }

    boolean stricter(double candidate, double present) {
        return stricter == HIGHER ? candidate > present : candidate < present;
    }
}
