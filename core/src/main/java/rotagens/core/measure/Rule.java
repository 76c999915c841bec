package rotagens.core.measure;

import static rotagens.core.measure.Authority.DEFAULT;
import static rotagens.core.measure.Authority.LAW;
import static rotagens.core.measure.Authority.MANUFACTURER;
import static rotagens.core.measure.Authority.STANDARD;

/** Every rule a reason can rest on, with who says so. docs/rules.md explains each under this name. */
public enum Rule {
    TREAD_LIMIT("Legal tread limit", LAW, "49 CFR 393.75 for commercial vehicles; state law for others"),
    PULL_POINT("Pull point", DEFAULT, "fleet policy, one mark before the limit"),
    TREAD_FORECAST("Tread forecast", DEFAULT, "wear rate of this tire and miles per day of this vehicle"),
    TREAD_CURRENT("Tread reading is current", DEFAULT, "fleet policy"),
    GAUGE_CALIBRATED("Gauge is calibrated", MANUFACTURER, "gauge manufacturers: checked yearly against a master gauge"),
    WEAR_BAR("Flush wear bar", LAW, "wear bars are at 2/32 in (49 CFR 571.139); flush means worn out"),
    WEAR_PATTERN("Wear pattern", MANUFACTURER, "tread reading at outer, center and inner groove"),
    DAMAGE("Damage", LAW, "49 CFR 393.75 and trade practice"),
    SIDEWALL_CRACK("Sidewall crack", MANUFACTURER, "over 2/32 in deep: replace; any: professional inspection"),
    CURB_STRIKE("Curb strike", MANUFACTURER, "look at sidewall, wheel and joints after every strike"),
    SMALL_PARTS("Valve, cap and grommet", MANUFACTURER, "fixed on the spot"),
    WHEEL_CONDITION("Wheel and nuts", LAW, "49 CFR 393.205"),
    RUN_FLAT("80% of target", LAW, "29 CFR 1910.177 for large vehicles; our rule for all"),
    PRESSURE_MAXIMUM("Maximum pressure", MANUFACTURER, "lowest of the tire’s and the wheel’s maximum"),
    PRESSURE_TARGET("Cold pressure on target", DEFAULT, "target from the placard; tolerance by fleet policy"),
    PRESSURE_HOT("Hot reading", MANUFACTURER, "a hot tire reads high: hot and below the cold target is certainly low"),
    PRESSURE_EQUAL("Equal pressure on an axle", MANUFACTURER, "tires of one axle within 5 psi of each other"),
    PRESSURE_CURRENT("Pressure reading is current", DEFAULT, "fleet policy"),
    PLACARD("Placard", MANUFACTURER, "vehicle manufacturer’s cold pressure for the original size"),
    AGE_OVERALL("Overall age limit", DEFAULT, "fleet policy; counted from the DOT week, a casing’s for a retread"),
    AGE_STEER("Steer age limit", DEFAULT, "fleet policy, vehicles over 10,000 lb"),
    AGE_INSPECTION(
            "Yearly inspection from 5 years", MANUFACTURER, "a qualified tire professional, every year from the fifth"),
    DOT_DATE("DOT date on file", STANDARD, "49 CFR 574.5: week and year of making"),
    RETREAD_STEER("No retread on steer", LAW, "49 CFR 393.75(d) for buses; our rule for all"),
    AXLE_MATCH(
            "One size and construction on an axle",
            LAW,
            "out of service: mixed construction; manufacturers: mixed size"),
    PILOT_MATCH("Wheel pilot types never mixed", MANUFACTURER, "hub- and stud-piloted parts do not interchange"),
    DUAL_DIAMETER("Duals of equal diameter", MANUFACTURER, "within 1/4 in; the larger outside over 1/8 in"),
    PATTERN_MATCH(
            "One pattern across an axle",
            MANUFACTURER,
            "left and right carry the same model; a manager may decide otherwise"),
    TREAD_MATCH(
            "Tread across an axle",
            MANUFACTURER,
            "at most 4/32 in apart, 2/32 on steer; a manager may decide otherwise"),
    SPEED_RATING("Speed symbol", MANUFACTURER, "no slower than the tires the vehicle runs on"),
    WHEEL_DATA("Wheel on file", DEFAULT, "a wheel changes place only where both wheels are on file and alike"),
    ROTATION("Rotation schedule", DEFAULT, "fleet policy, by months or miles since the last rotation"),
    STEER_ALLOWED("Tire allowed on steer", MANUFACTURER, "the tire manufacturer’s data for the model"),
    TRAILER_TIRE(
            "Trailer tire",
            MANUFACTURER,
            "ST in front of the size as molded: special trailer, for trailer service only"),
    SIDEWALL_AGREES("Sidewall parts agree", STANDARD, "load index by ISO 4000-1; letters by size"),
    DELIVERY_MATCHES("Delivery matches the order", DEFAULT, "size, ratings and pattern as ordered"),
    DELIVERY_AGE("Age on delivery", DEFAULT, "fleet policy; up to 6 months is normal"),
    RIM_MATCH(
            "Tire and wheel of one rim diameter",
            LAW,
            "29 CFR 1910.177 for large vehicles: tire and rim matched before mounting; our rule for all"),
    DIRECTIONAL("Directional tire", MANUFACTURER, "the arrow points the way it rolls"),
    PARKED_VEHICLE("Move it", MANUFACTURER, "tires of a parked vehicle age faster than tires that roll"),
    WEIGHED_LOAD(
            "Weighed load and chart", MANUFACTURER, "the tire manufacturer’s load-inflation chart at the weighed load"),
    PLACARD_EQUIVALENT("Placard equivalent", DEFAULT, "what the original tire carried at the placard’s pressure"),
    RATED_LOAD("Rated load", MANUFACTURER, "the pressure molded for the maximum load"),
    CHALK_TEST("Chalk test", MANUFACTURER, "chalk-line trial, bounded by need, placard and maximum"),
    MINIMUM_FOR_LOAD("Need of the load", LAW, "49 CFR 393.75: no less than the pressure for the load carried"),
    LOAD_CAPACITY("Load within the tire’s capacity", LAW, "49 CFR 393.75: no more than the tire’s rating; 571.110"),
    AXLE_RATING("Axle and vehicle rating", LAW, "GAWR and GVWR on the certification label, 49 CFR 567"),
    WHEEL_RATING("Wheel’s maximum load", MANUFACTURER, "as marked on the wheel or in its manufacturer’s data"),
    ESTIMATE(
            "Estimated pressure",
            DEFAULT,
            "no chart of this manufacturer on file; load rises with the 0.8th power of pressure"),
    WEIGHTS_CURRENT("Weights are current", DEFAULT, "fleet policy; other tires or another body ask again"),
    SCALE_TICKET_ADDS_UP("Scale ticket adds up", DEFAULT, "ends to axle, axles to gross, within fleet policy"),
    SIDE_DIFFERENCE("Left and right of an axle", MANUFACTURER, "the heavier end decides for the whole axle"),
    TARGET_OUTDATED("Target derived for the installed tires", DEFAULT, "another model, size or load range asks again"),
    WARNING_THRESHOLD("Warning threshold", STANDARD, "FMVSS 138 for light vehicles; others as their system is set"),
    SENSOR_BATTERY("Sensor battery", MANUFACTURER, "batteries last 7 to 10 years; limits by fleet policy"),
    SENSOR_SILENT("Sensor is heard", DEFAULT, "an hour without a word while others of the vehicle are heard"),
    SUSPENSION_LIMIT(
            "Steering and suspension within limits",
            MANUFACTURER,
            "joint play, shock swings, ride height and alignment against the vehicle manufacturer’s data"),
    CORNERS("Sensor corners", MANUFACTURER, "dash and gauge match at every corner after a relearn"),
    PRESSURE_LOSS("Loss of pressure", MANUFACTURER, "up to 5% a month is a normal rate"),
    CHART_VALID(
            "Chart holds together",
            MANUFACTURER,
            "loads rise with pressure, dual under single, rated load at the molded pressure");

    private final String title;
    private final Authority authority;
    private final String source;

    Rule(String title, Authority authority, String source) {
        this.title = title;
        this.authority = authority;
        this.source = source;
    }

    public String title() {
        return title;
    }

    public Authority authority() {
        return authority;
    }

    /** Law, standard or practice the rule comes from. */
    public String source() {
        return source;
    }
}
