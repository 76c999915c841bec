package rotagens.core.measure;

import static rotagens.core.measure.Authority.DEFAULT;
import static rotagens.core.measure.Authority.LAW;
import static rotagens.core.measure.Authority.MANUFACTURER;
import static rotagens.core.measure.Authority.STANDARD;

/** Every rule a reason can rest on, with who says so. docs/rules.md explains each under this name. */
public enum Rule {
    /** A tire’s lowest groove against the law’s limit at its position. */
    TREAD_LIMIT("Legal tread limit", LAW, "49 CFR 393.75 for commercial vehicles; state law for others"),
    /** The same against the depth the fleet takes tires off at. */
    PULL_POINT("Pull point", DEFAULT, "fleet policy, one mark before the limit"),
    /** When a limit will be reached at the wear measured so far. */
    TREAD_FORECAST("Tread forecast", DEFAULT, "wear rate of this tire and miles per day of this vehicle"),
    /** A tread reading too old to say anything. */
    TREAD_CURRENT("Tread reading is current", DEFAULT, "fleet policy"),
    /** The gauge a figure was read with was checked not long ago. */
    GAUGE_CALIBRATED("Gauge is calibrated", MANUFACTURER, "gauge manufacturers: checked yearly against a master gauge"),
    /** A wear bar level with the tread. */
    WEAR_BAR("Flush wear bar", LAW, "wear bars are at 2/32 in (49 CFR 571.139); flush means worn out"),
    /** A shape of wear that tells of its cause. */
    WEAR_PATTERN("Wear pattern", MANUFACTURER, "tread reading at outer, center and inner groove"),
    /** Damage that takes a tire out of service, or is watched. */
    DAMAGE("Damage", LAW, "49 CFR 393.75 and trade practice"),
    /** A crack by its depth. */
    SIDEWALL_CRACK("Sidewall crack", MANUFACTURER, "over 2/32 in deep: replace; any: professional inspection"),
    /** What is looked at after a strike. */
    CURB_STRIKE("Curb strike", MANUFACTURER, "look at sidewall, wheel and joints after every strike"),
    /** Core, cap and grommet. */
    SMALL_PARTS("Valve, cap and grommet", MANUFACTURER, "fixed on the spot"),
    /** Cracks, rust, holes and nuts. */
    WHEEL_CONDITION("Wheel and nuts", LAW, "49 CFR 393.205"),
    /** A tire gauged at 80% of its target or less. */
    RUN_FLAT("80% of target", LAW, "29 CFR 1910.177 for large vehicles; our rule for all"),
    /** The highest pressure of tire and wheel. */
    PRESSURE_MAXIMUM("Maximum pressure", MANUFACTURER, "lowest of the tire’s and the wheel’s maximum"),
    /** A cold reading against its target. */
    PRESSURE_TARGET("Cold pressure on target", DEFAULT, "target from the placard; tolerance by fleet policy"),
    /** What a hot reading can tell and what it can’t. */
    PRESSURE_HOT("Hot reading", MANUFACTURER, "a hot tire reads high: hot and below the cold target is certainly low"),
    /** The tires of one axle against each other. */
    PRESSURE_EQUAL("Equal pressure on an axle", MANUFACTURER, "tires of one axle within 5 psi of each other"),
    /** A pressure reading too old to say anything. */
    PRESSURE_CURRENT("Pressure reading is current", DEFAULT, "fleet policy"),
    /** The target from the vehicle maker’s placard. */
    PLACARD("Placard", MANUFACTURER, "vehicle manufacturer’s cold pressure for the original size"),
    /** Age against the longest any tire may run. */
    AGE_OVERALL("Overall age limit", DEFAULT, "fleet policy; counted from the DOT week, a casing’s for a retread"),
    /** Age against the limit on heavy steer axles. */
    AGE_STEER("Steer age limit", DEFAULT, "fleet policy, vehicles over 10,000 lb"),
    /** The yearly look of a qualified person. */
    AGE_INSPECTION(
            "Yearly inspection from 5 years", MANUFACTURER, "a qualified tire professional, every year from the fifth"),
    /** Whether the week it was made is known. */
    DOT_DATE("DOT date on file", STANDARD, "49 CFR 574.5: week and year of making"),
    /** Retreads stay off steer axles. */
    RETREAD_STEER("No retread on steer", LAW, "49 CFR 393.75(d) for buses; our rule for all"),
    /** One size and construction on an axle. */
    AXLE_MATCH(
            "One size and construction on an axle",
            LAW,
            "out of service: mixed construction; manufacturers: mixed size"),
    /** Hub- and stud-piloted parts stay apart. */
    PILOT_MATCH("Wheel pilot types never mixed", MANUFACTURER, "hub- and stud-piloted parts do not interchange"),
    /** The two tires of a dual against each other. */
    DUAL_DIAMETER("Duals of equal diameter", MANUFACTURER, "within 1/4 in; the larger outside over 1/8 in"),
    /** One model on both sides of an axle. */
    PATTERN_MATCH(
            "One pattern across an axle",
            MANUFACTURER,
            "left and right carry the same model; a manager may decide otherwise"),
    /** Tread depths across an axle. */
    TREAD_MATCH(
            "Tread across an axle",
            MANUFACTURER,
            "at most 4/32 in apart, 2/32 on steer; a manager may decide otherwise"),
    /** The speed symbol against what the vehicle asks. */
    SPEED_RATING("Speed symbol", MANUFACTURER, "no slower than the tires the vehicle runs on"),
    /** Which wheels may change places. */
    WHEEL_DATA("Wheel on file", DEFAULT, "a wheel changes place only where both wheels are on file and alike"),
    /** When tires are moved. */
    ROTATION("Rotation schedule", DEFAULT, "fleet policy, by months or miles since the last rotation"),
    /** Models their maker keeps off steer axles. */
    STEER_ALLOWED("Tire allowed on steer", MANUFACTURER, "the tire manufacturer’s data for the model"),
    /** Trailer tires stay on trailers. */
    TRAILER_TIRE(
            "Trailer tire",
            MANUFACTURER,
            "ST in front of the size as molded: special trailer, for trailer service only"),
    /** The parts of a sidewall against each other. */
    SIDEWALL_AGREES("Sidewall parts agree", STANDARD, "load index by ISO 4000-1; letters by size"),
    /** A delivered tire against its order. */
    DELIVERY_MATCHES("Delivery matches the order", DEFAULT, "size, ratings and pattern as ordered"),
    /** How old a delivered tire is. */
    DELIVERY_AGE("Age on delivery", DEFAULT, "fleet policy; up to 6 months is normal"),
    /** A tire against the wheel it goes on. */
    RIM_MATCH(
            "Tire and wheel of one rim diameter",
            LAW,
            "29 CFR 1910.177 for large vehicles: tire and rim matched before mounting; our rule for all"),
    /** A tire that has to run one way round. */
    DIRECTIONAL("Directional tire", MANUFACTURER, "the arrow points the way it rolls"),
    /** A vehicle that has stood long. */
    PARKED_VEHICLE("Move it", MANUFACTURER, "tires of a parked vehicle age faster than tires that roll"),
    /** The target from a weighed load and the tire maker’s chart. */
    WEIGHED_LOAD(
            "Weighed load and chart", MANUFACTURER, "the tire manufacturer’s load-inflation chart at the weighed load"),
    /** The target that carries what the original tire carried. */
    PLACARD_EQUIVALENT("Placard equivalent", DEFAULT, "what the original tire carried at the placard’s pressure"),
    /** The target from the tire’s own rated load. */
    RATED_LOAD("Rated load", MANUFACTURER, "the pressure molded for the maximum load"),
    /** The target from a chalk line, within what load and ratings allow. */
    CHALK_TEST("Chalk test", MANUFACTURER, "chalk-line trial, bounded by need, placard and maximum"),
    /** The least pressure that carries the load. */
    MINIMUM_FOR_LOAD("Need of the load", LAW, "49 CFR 393.75: no less than the pressure for the load carried"),
    /** The load against what the tire can carry at all. */
    LOAD_CAPACITY("Load within the tire’s capacity", LAW, "49 CFR 393.75: no more than the tire’s rating; 571.110"),
    /** Weights against the ratings of axle and vehicle. */
    AXLE_RATING("Axle and vehicle rating", LAW, "GAWR and GVWR on the certification label, 49 CFR 567"),
    /** The load against what the wheel carries. */
    WHEEL_RATING("Wheel’s maximum load", MANUFACTURER, "as marked on the wheel or in its manufacturer’s data"),
    /** A target worked out where no chart is on file. */
    ESTIMATE(
            "Estimated pressure",
            DEFAULT,
            "no chart of this manufacturer on file; load rises with the 0.8th power of pressure"),
    /** A scale ticket too old, or of other tires. */
    WEIGHTS_CURRENT("Weights are current", DEFAULT, "fleet policy; other tires or another body ask again"),
    /** The figures of a ticket against each other. */
    SCALE_TICKET_ADDS_UP("Scale ticket adds up", DEFAULT, "ends to axle, axles to gross, within fleet policy"),
    /** The two ends of an axle against each other. */
    SIDE_DIFFERENCE("Left and right of an axle", MANUFACTURER, "the heavier end decides for the whole axle"),
    /** A target chosen for other tires. */
    TARGET_OUTDATED("Target derived for the installed tires", DEFAULT, "another model, size or load range asks again"),
    /** Where the dash warns, against target and law. */
    WARNING_THRESHOLD("Warning threshold", STANDARD, "FMVSS 138 for light vehicles; others as their system is set"),
    /** The age of a sensor. */
    SENSOR_BATTERY("Sensor battery", MANUFACTURER, "batteries last 7 to 10 years; limits by fleet policy"),
    /** A sensor that isn’t heard any more. */
    SENSOR_SILENT("Sensor is heard", DEFAULT, "an hour without a word while others of the vehicle are heard"),
    /** Figures of steering and suspension against their limits. */
    SUSPENSION_LIMIT(
            "Steering and suspension within limits",
            MANUFACTURER,
            "joint play, shock swings, ride height and alignment against the vehicle manufacturer’s data"),
    /** Whether the dash names the right corner. */
    CORNERS("Sensor corners", MANUFACTURER, "dash and gauge match at every corner after a relearn"),
    /** How fast a tire loses air. */
    PRESSURE_LOSS("Loss of pressure", MANUFACTURER, "up to 5% a month is a normal rate"),
    /** Whether a load chart holds together. */
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
