package rotagens.server.demo;

import static rotagens.core.vehicle.AxleRole.DRIVE;
import static rotagens.core.vehicle.AxleRole.STEER;
import static rotagens.core.vehicle.AxleRole.TAG;
import static rotagens.core.vehicle.AxleRole.TRAILER;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.Gauge;
import rotagens.core.measure.Load;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.VehicleType;
import rotagens.server.people.Role;
import rotagens.server.tire.TireCatalog;

/**
 * The made-up fleet of Larkmoor Mobile Clinics: three yards, 24 vehicles, low miles, constant heavy equipment. Every rule of
 * the product shows somewhere in it. Makers, models and people are invented.
 */
final class DemoFleet {

    static final List<String> YARDS = List.of("Eastbank", "Millrace", "Northgate");

    static final Map<String, Role> PEOPLE = Map.of(
            "Ines Okafor", Role.COORDINATOR,
            "Rafe Halloran", Role.TECHNICIAN,
            "Tomas Weil", Role.TECHNICIAN,
            "Dana Prestwick", Role.MANAGER,
            "Lio Marsh", Role.VIEWER);

    static final TireModel COACH_TIRE =
            model("Corvane", "Tessaly C2", "275/70R22.5 148/145M H", 6940, 6395, 120, 18, false);
    static final TireModel SHUTTLE_TIRE =
            model("Brantholm", "Stowmere 4", "LT225/75R16 115/112R E", 2680, 2470, 80, 14, false);
    static final TireModel SHUTTLE_TIRE_LUG =
            notOnSteer(model("Brantholm", "Stowmere Lug", "LT225/75R16 115/112N E", 2680, 2470, 80, 16, false));
    static final TireModel PICKUP_TIRE =
            model("Ossiveld", "Fellgrip", "LT245/75R17 121/118S E", 3195, 2910, 80, 15, false);
    static final TireModel PICKUP_TIRE_CHANGED =
            model("Ossiveld", "Fellgrip Wide", "LT285/70R17 121/118R E", 3195, 2910, 80, 16, false);
    /** Another maker's in the same changed size, without a chart on file. */
    static final TireModel PICKUP_TIRE_OTHER =
            model("Brantholm", "Stowmere Wide", "LT285/70R17 121/118R E", 3195, 2910, 80, 16, false);

    static final TireModel VAN_TIRE = model("Quenmark", "Dockhand", "235/65R16C 115/113R D", 2680, 2535, 76, 11, true);
    static final TireModel VAN_TIRE_OTHER =
            model("Quenmark", "Dockhand", "215/65R16C 109/107T D", 2270, 2150, 76, 11, true);
    static final TireModel TRAILER_TIRE =
            model("Brantholm", "Ostler ST", "ST235/80R16 124/120M E", 3520, 3080, 80, 9, false);
    static final List<TireModel> MODELS = List.of(
            COACH_TIRE,
            SHUTTLE_TIRE,
            SHUTTLE_TIRE_LUG,
            PICKUP_TIRE,
            PICKUP_TIRE_CHANGED,
            PICKUP_TIRE_OTHER,
            VAN_TIRE,
            VAN_TIRE_OTHER,
            TRAILER_TIRE);

    /** What the catalogue says beside: plies, snow mark, price. */
    static TireCatalog.Details details(TireModel model) {
        boolean coach = model == COACH_TIRE;
        return new TireCatalog.Details(
                Optional.empty(),
                true,
                coach ? "tread 5 steel, sidewall 1 steel" : "tread 2 polyester 2 steel, sidewall 2 polyester",
                model == SHUTTLE_TIRE_LUG
                        ? TireCatalog.SnowRating.SEVERE_SNOW
                        : model == TRAILER_TIRE ? TireCatalog.SnowRating.NONE : TireCatalog.SnowRating.MUD_AND_SNOW,
                "",
                Optional.of(new Money(coach ? 46_800 : model == TRAILER_TIRE ? 13_950 : 21_450)));
    }

    /** A class of vehicles: layout, placard per axle, and how they are used. */
    record Kind(
            String name,
            VehicleType type,
            String description,
            int gvwrLb,
            boolean sensors,
            List<Axle> axles,
            int spares,
            List<Integer> placardPsi,
            TireModel tire,
            double milesPerDay,
            double thirtySecondsPer10kMiles,
            Double overallYears,
            Double steerYears) {

        /** The axle ratings on the plate; they add up to a little more than the GVWR. */
        Load gawr(int axle) {
            double share = axles.size() == 3
                    ? List.of(0.30, 0.46, 0.26).get(axle - 1)
                    : axles.get(1).isDual() ? axle == 1 ? 0.36 : 0.68 : axle == 1 ? 0.45 : 0.58;
            return Load.lb(Math.round(gvwrLb * share / 20) * 20);
        }

        String plural() {
            String one = name.toLowerCase(java.util.Locale.ROOT);
            return one.endsWith("ch") ? one + "es" : one + "s";
        }
    }

    static final Kind COACH = new Kind(
            "Clinic coach",
            VehicleType.BUS,
            "Clinic coach, tag axle",
            46_000,
            true,
            List.of(new Axle(STEER, false), new Axle(DRIVE, true), new Axle(TAG, false)),
            0,
            List.of(110, 95, 90),
            COACH_TIRE,
            19,
            2.2,
            8.0,
            4.0);
    static final Kind SHUTTLE = new Kind(
            "Cutaway shuttle",
            VehicleType.BUS,
            "Cutaway shuttle, dual rears",
            14_500,
            false,
            List.of(new Axle(STEER, false), new Axle(DRIVE, true)),
            0,
            List.of(75, 80),
            SHUTTLE_TIRE,
            34,
            2.4,
            9.0,
            3.0);
    static final Kind PICKUP = new Kind(
            "Support pickup",
            VehicleType.PICKUP,
            "3/4-ton support pickup",
            9_900,
            true,
            twoSingle(STEER, DRIVE),
            1,
            List.of(60, 75),
            PICKUP_TIRE,
            28,
            2.5,
            7.0,
            null);
    static final Kind VAN = new Kind(
            "Service van",
            VehicleType.VAN,
            "Service van",
            9_000,
            true,
            twoSingle(STEER, DRIVE),
            0,
            List.of(50, 65),
            VAN_TIRE,
            41,
            2.8,
            7.0,
            null);
    static final Kind EQUIPMENT_TRAILER = new Kind(
            "Equipment trailer",
            VehicleType.TRAILER,
            "Equipment trailer, tandem",
            10_000,
            false,
            twoSingle(TRAILER, TRAILER),
            1,
            List.of(80, 80),
            TRAILER_TIRE,
            7,
            4,
            7.0,
            null);
    static final List<Kind> KINDS = List.of(COACH, SHUTTLE, PICKUP, VAN, EQUIPMENT_TRAILER);

    /** One vehicle: how old its tires are by axle (in years), and when it was last walked round (days ago). */
    record Unit(
            String unit,
            Kind type,
            int yard,
            TireModel fitted,
            List<Double> axleYears,
            int lastWalk,
            Integer parkedDays) {}

    static final List<Unit> UNITS = List.of(
            unit("LC-01", COACH, 0, 6, 1.2, 3.4, 4.6),
            unit("LC-02", COACH, 1, 9, 2.6, 5.6, 8.1),
            unit("LC-03", COACH, 0, 3, 3.85, 5.8, 7.2),
            unit("LC-04", COACH, 2, 12, 0.9, 2.1, 3.9),
            new Unit("LC-05", COACH, 2, COACH_TIRE, List.of(2.2, 4.1, 5.3), 20, 45),
            unit("SH-01", SHUTTLE, 0, 4, 1.4, 2.2),
            unit("SH-02", SHUTTLE, 0, 5, 2.4, 4.3),
            unit("SH-03", SHUTTLE, 1, 7, 1.1, 3.3),
            unit("SH-04", SHUTTLE, 1, 8, 2.1, 2.9),
            unit("SH-05", SHUTTLE, 2, 6, 1.8, 4.4),
            unit("SH-06", SHUTTLE, 2, 2, 3.1, 3.1),
            unit("SP-01", PICKUP, 0, 10, 2.3, 2.3, 3.0),
            unit("SP-02", PICKUP, 1, 118, 3.1, 3.1, 3.5),
            changed("SP-03", 1, 11, 1.5),
            changed("SP-04", 2, 8, 2.7),
            new Unit("SP-05", PICKUP, 0, PICKUP_TIRE_OTHER, List.of(0.8, 0.8, 0.8), 13, null),
            unit("VN-01", VAN, 0, 5, 1.6, 1.6),
            unit("VN-02", VAN, 1, 6, 2.8, 2.8),
            unit("VN-03", VAN, 1, 9, 2.0, 2.0),
            unit("VN-04", VAN, 2, 4, 2.4, 2.4),
            unit("VN-05", VAN, 2, 16, 1.1, 1.1),
            unit("TR-01", EQUIPMENT_TRAILER, 0, 60, 4.2, 4.2, 4.2),
            new Unit("TR-02", EQUIPMENT_TRAILER, 1, TRAILER_TIRE, List.of(7.2, 6.8, 6.8), 9, 38),
            unit("TR-03", EQUIPMENT_TRAILER, 2, 11, 3.7, 3.7, 3.7));

    /** Where the axles are set to something else than the placard, and for how many days. */
    record SetTo(List<Integer> psi, int days) {}

    /** SP-03 runs on what it was weighed for since then, SP-05 has always been so. */
    static final Map<String, SetTo> SET_TO = Map.of(
            "SP-03", new SetTo(List.of(40, 65), DemoLoads.SP_03_WEIGHED), "SP-05", new SetTo(List.of(65, 80), 10_000));

    /** The vehicle that got another odometer, and how long ago. */
    static final String NEW_ODOMETER = "SH-02";

    static final int NEW_ODOMETER_DAYS_AGO = 150;

    /** A gauge and how long ago it was checked; null where nobody knows. */
    record DemoGauge(String name, Gauge.Type type, Integer checkedDaysAgo) {}

    static final List<DemoGauge> GAUGES = List.of(
            new DemoGauge("P-1", Gauge.Type.PRESSURE, 74),
            new DemoGauge("P-2", Gauge.Type.PRESSURE, 391),
            new DemoGauge("T-1", Gauge.Type.TREAD, 74),
            new DemoGauge("T-2", Gauge.Type.TREAD, null),
            new DemoGauge("W-1", Gauge.Type.TORQUE, 212));

    /** Vans turn a lot: their tires change places every year. */
    static final int VANS_ROTATE_MONTHS = 12;

    /** What differs from the ordinary at one position. */
    record Oddity(String unit, String position, What description) {}

    /** One kind of difference. */
    sealed interface What {}

    /** The last pressure read. */
    record LastPressure(double psi, ThermalState thermalState) implements What {}

    /** The last depths read, outer, center, inner, in 32nds. */
    record LastTread(double outer, double center, double inner) implements What {}

    /** The last pressures of a tire that loses air, newest first. */
    record Losing(List<Double> newestFirst) implements What {}

    record Found(Finding finding) implements What {}

    record OtherTire(TireModel model) implements What {}

    /** What one word says. */
    enum Flag implements What {
        NO_DOT,
        RETREAD,
        STUD_PILOTED
    }

    static final List<Oddity> ODDITIES = List.of(
            cold("LC-01", "2LO", 91),
            cold("LC-01", "2RI", 98),
            found("LC-02", "1R", Finding.CAP_MISSING),
            found("LC-03", "3R", Finding.BULGE),
            cold("LC-03", "2RO", 76),
            tread("LC-03", "1R", 9, 11, 12),
            cold("LC-04", "3L", 84),
            new Oddity("LC-04", "1R", new Losing(List.of(98.0, 104.0, 110.0))),
            cold("SH-06", "2RI", 68),
            new Oddity("LC-05", "3L", Flag.STUD_PILOTED),
            found("LC-05", "2LI", Finding.CRACK_SHALLOW),
            found("LC-05", "2RO", Finding.NUT_RUST_STREAK),
            new Oddity("SH-01", "1L", new LastPressure(72, ThermalState.HOT)),
            tread("SH-01", "2RI", 12, 12, 12),
            tread("SH-01", "2RO", 9, 9, 9),
            tread("SH-02", "1L", 4, 5, 5),
            new Oddity("SH-02", "1R", Flag.RETREAD),
            found("SH-03", "1R", Finding.CURB_STRIKE),
            tread("SH-03", "2LO", 12, 12, 12),
            tread("SH-03", "2LI", 7, 7, 7),
            tread("SH-04", "1R", 5, 6, 6),
            cold("SH-04", "2LI", 73),
            found("SH-05", "2LO", Finding.GROMMET_AGED),
            tread("SH-05", "1L", 9, 6, 9),
            new Oddity("SH-06", "1R", new OtherTire(SHUTTLE_TIRE_LUG)),
            tread("SP-04", "2R", 8, 11, 8),
            found("SP-05", "1R", Finding.INDENTATION),
            tread("VN-01", "1L", 8, 7, 6),
            cold("VN-01", "2R", 59),
            tread("VN-02", "2L", 4, 3, 4),
            cold("VN-03", "2L", 79),
            new Oddity("VN-03", "2R", new OtherTire(VAN_TIRE_OTHER)),
            found("VN-03", "1R", Finding.INSTALLED_BACKWARD),
            tread("VN-04", "1L", 4, 4, 4),
            tread("VN-04", "1R", 4, 4, 4),
            new Oddity("VN-05", "2R", Flag.NO_DOT),
            found("TR-01", "2R", Finding.CUPPING),
            found("TR-02", "1L", Finding.WEAR_BAR_FLUSH),
            found("TR-03", "1R", Finding.CRACK_DEEP),
            found("TR-03", "2R", Finding.FEATHERING));

    private DemoFleet() {}

    private static List<Axle> twoSingle(AxleRole front, AxleRole rear) {
        return List.of(new Axle(front, false), new Axle(rear, false));
    }

    private static TireModel model(
            String maker,
            String name,
            String sidewall,
            double single,
            double dual,
            double molded,
            double depth,
            boolean directional) {
        SidewallMarking line = SidewallMarking.parse(sidewall);
        return new TireModel(
                maker,
                name,
                line.size(),
                new LoadRatings(line.service(), line.range(), Optional.of(Load.lb(single)), Optional.of(Load.lb(dual))),
                Optional.of(Pressure.psi(molded)),
                Optional.of(TreadDepth.of32nds(depth)),
                directional,
                true);
    }

    private static TireModel notOnSteer(TireModel model) {
        return new TireModel(
                model.manufacturer(),
                model.name(),
                model.size(),
                model.ratings(),
                model.moldedPressure(),
                model.originalDepth(),
                model.isDirectional(),
                false);
    }

    private static Unit unit(String unit, Kind kind, int yard, int lastWalk, Double... axleYears) {
        return new Unit(unit, kind, yard, kind.tire(), List.of(axleYears), lastWalk, null);
    }

    private static Unit changed(String unit, int yard, int lastWalk, double years) {
        return new Unit(unit, PICKUP, yard, PICKUP_TIRE_CHANGED, List.of(years, years, years), lastWalk, null);
    }

    private static Oddity cold(String unit, String position, double psi) {
        return new Oddity(unit, position, new LastPressure(psi, ThermalState.COLD));
    }

    private static Oddity tread(String unit, String position, double outer, double center, double inner) {
        return new Oddity(unit, position, new LastTread(outer, center, inner));
    }

    private static Oddity found(String unit, String position, Finding finding) {
        return new Oddity(unit, position, new Found(finding));
    }
}
