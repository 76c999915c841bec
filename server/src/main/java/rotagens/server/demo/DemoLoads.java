package rotagens.server.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.inspection.VehicleEvents;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.pressure.LoadChart;
import rotagens.core.pressure.PressureMethod;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.loads.LoadChartStore;
import rotagens.server.loads.PressureStore;
import rotagens.server.loads.ScaleTicketStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicleevent.VehicleEventStore;

/** What the demo fleet weighs, its invented charts, and what people have chosen. Dates are relative to today. */
final class DemoLoads {

    /** Days ago. */
    static final int SP_03_WEIGHED = 52;

    private static final String BOOK = "made-up data book, page ";

    private final LoadChartStore charts;
    private final ScaleTicketStore scaleTicketStore;
    private final PressureStore records;
    private final FleetAssessor fleetAssessor;
    private final VehicleRegister register;
    private final VehicleEventStore history;
    private final LocalDate today;
    private final long coordinator;
    private final long technician;
    private final Map<String, Map<Integer, String>> tires = new HashMap<>();

    DemoLoads(
            LoadChartStore charts,
            ScaleTicketStore scaleTicketStore,
            PressureStore records,
            FleetAssessor fleetAssessor,
            VehicleRegister register,
            VehicleEventStore history,
            Clock clock,
            long coordinator,
            long technician) {
        this.charts = charts;
        this.scaleTicketStore = scaleTicketStore;
        this.records = records;
        this.fleetAssessor = fleetAssessor;
        this.register = register;
        this.history = history;
        this.today = LocalDate.now(clock);
        this.coordinator = coordinator;
        this.technician = technician;
    }

    void fill() {
        charts();
        weights();
        choices();
        events();
    }

    private void events() {
        history.record(
                id("LC-03"), VehicleEvents.Type.ALIGNMENT, today.minusDays(410), "toe 1/8 in out before", technician);
        history.record(
                id("VN-01"),
                VehicleEvents.Type.CURB_STRIKE,
                today.minusDays(70),
                "left front, loading bay",
                technician);
        long pull = history.report(
                id("LC-03"), VehicleEvents.Symptom.PULL_RIGHT, "", "on the highway, since spring", "M. Quill");
        history.review(pull, VehicleEventStore.State.ACCEPTED, "felt it too", coordinator);
        history.report(
                id("VN-05"), VehicleEvents.Symptom.WARNING_LAMP, "1L", "came on this morning in the cold", "J. Arden");
        long lamp = history.report(
                id("LC-04"),
                VehicleEvents.Symptom.WARNING_LAMP,
                "1L",
                "front left, came on twice",
                "S. Varga",
                today.minusDays(16).atTime(8, 0).toInstant(java.time.ZoneOffset.UTC));
        history.review(lamp, VehicleEventStore.State.ACCEPTED, "gauge all corners first", coordinator);
        history.report(id("TR-01"), VehicleEvents.Symptom.NOISE, "2R", "hums when loaded", "");
    }

    private void charts() {
        charts.add(
                chart(
                        DemoFleet.COACH_TIRE,
                        List.of(80, 85, 90, 95, 100, 105, 110, 115, 120),
                        List.of(5015, 5265, 5515, 5755, 6000, 6235, 6475, 6710, 6940),
                        List.of(4620, 4850, 5080, 5305, 5530, 5745, 5965, 6180, 6395),
                        "41"),
                coordinator);
        charts.add(
                chart(
                        DemoFleet.SHUTTLE_TIRE,
                        List.of(50, 55, 60, 65, 70, 75, 80),
                        List.of(1930, 2065, 2190, 2320, 2440, 2560, 2680),
                        List.of(1780, 1900, 2020, 2135, 2250, 2360, 2470),
                        "12"),
                coordinator);
        charts.add(
                chart(
                        DemoFleet.PICKUP_TIRE,
                        List.of(45, 50, 55, 60, 65, 70, 75, 80),
                        List.of(2135, 2300, 2455, 2610, 2760, 2910, 3055, 3195),
                        List.of(1945, 2095, 2235, 2375, 2510, 2650, 2780, 2910),
                        "77"),
                coordinator);
        charts.add(
                chart(
                        DemoFleet.PICKUP_TIRE_CHANGED,
                        List.of(35, 40, 45, 50, 55, 60, 65, 70, 75, 80),
                        List.of(1825, 1995, 2155, 2315, 2470, 2620, 2765, 2910, 3055, 3195),
                        List.of(1660, 1815, 1960, 2105, 2250, 2385, 2515, 2650, 2780, 2910),
                        "78"),
                coordinator);
    }

    private static LoadChart chart(
            TireModel tire, List<Integer> psi, List<Integer> single, List<Integer> dual, String page) {
        List<LoadChart.Row> rows = new ArrayList<>();
        for (int at = 0; at < psi.size(); at++) {
            rows.add(new LoadChart.Row(
                    Pressure.psi(psi.get(at)), Load.lb(single.get(at)), Optional.of(Load.lb(dual.get(at)))));
        }
        return new LoadChart(
                tire.manufacturer(), tire.name(), tire.size(), tire.ratings().range(), rows, BOOK + page);
    }

    private void weights() {
        weigh("LC-01", 41, LoadState.NORMAL, ends(6240, 6180, 10_200, 10_050, 5300, 5220));
        weigh("LC-01", 41, LoadState.FULL, ends(6420, 6380, 10_500, 10_400, 5480, 5450));
        weigh("LC-01", 220, LoadState.EMPTY, ends(5300, 5260, 8600, 8500, 4300, 4250));
        weigh("LC-02", 402, LoadState.NORMAL, ends(6180, 6150, 9900, 9800, 5150, 5120));
        weigh("LC-03", 65, LoadState.NORMAL, ends(6150, 6080, 9100, 9900, 5010, 5050));
        weigh("LC-05", 150, LoadState.NORMAL, whole(12_300, 19_800, 10_300));
        weigh("SH-01", 24, LoadState.NORMAL, ends(2160, 2110, 3290, 3250));
        weigh("SH-05", 90, LoadState.NORMAL, ends(2060, 2040, 3120, 3160));
        weigh("SH-06", 33, LoadState.NORMAL, ends(2240, 2200, 4480, 4400));
        weigh("SP-03", SP_03_WEIGHED, LoadState.NORMAL, ends(1900, 1860, 2700, 2640));
        weigh("SP-03", SP_03_WEIGHED, LoadState.TOWING, ends(1780, 1750, 2980, 2930));
        weigh("VN-03", 77, LoadState.FULL, ends(1780, 1760, 2760, 2460));
        weigh("TR-03", 18, LoadState.FULL, ends(2600, 2580, 3150, 3120));
    }

    private static List<AxleWeight> ends(int... leftRight) {
        List<AxleWeight> axles = new ArrayList<>();
        for (int at = 0; at < leftRight.length; at += 2) {
            axles.add(AxleWeight.ends(at / 2 + 1, Load.lb(leftRight[at]), Load.lb(leftRight[at + 1])));
        }
        return axles;
    }

    private static List<AxleWeight> whole(int... axles) {
        List<AxleWeight> weights = new ArrayList<>();
        for (int at = 0; at < axles.length; at++) {
            weights.add(AxleWeight.total(at + 1, Load.lb(axles[at])));
        }
        return weights;
    }

    private void weigh(String unit, int daysAgo, LoadState state, List<AxleWeight> axles) {
        String scale = axles.get(0).hasEnds() ? "portable pads, set 2" : "Northgate platform";
        ScaleTicket scaleTicket =
                new ScaleTicket(today.minusDays(daysAgo), state, scale, axles, Optional.empty(), tires(unit));
        scaleTicketStore.add(id(unit), scaleTicket, "", technician);
    }

    private void choices() {
        choose(
                "LC-03",
                PressureMethod.PLACARD,
                "New suspension settles; back to the placard until it is aligned",
                tires("LC-03"));
        choose("LC-05", PressureMethod.PLACARD, "Parked; only the axles were weighed", tires("LC-05"));
        choose("SH-01", PressureMethod.PLACARD, "Clinic chairs come and go week by week", tires("SH-01"));
        choose("SH-05", PressureMethod.PLACARD, "Clinic chairs come and go week by week", tires("SH-05"));
        choose("SH-06", PressureMethod.PLACARD, "Clinic chairs come and go week by week", tires("SH-06"));
        String before = DemoFleet.PICKUP_TIRE.title() + " " + DemoFleet.PICKUP_TIRE.sidewall();
        choose("SP-04", PressureMethod.PLACARD, "As delivered", Map.of(1, before, 2, before));
        warn("LC-01", 1, Optional.of(84.0), "As the system came", false);
        warn("LC-01", 2, Optional.of(92.0), "Raised by the dealer", false);
        warn("LC-01", 3, Optional.of(86.0), "Raised by the dealer", false);
        for (int axle = 1; axle <= 3; axle++) {
            warn("LC-02", axle, Optional.empty(), "As delivered, 12% under the set pressure", false);
            warn("LC-03", axle, Optional.empty(), "As delivered, 12% under the set pressure", false);
        }
        warn("LC-05", 2, Optional.of(76.0), "Lowered on a false alarm in the cold", true);
        records.trim(
                id("SH-05"),
                1,
                Pressure.psi(70),
                LoadState.NORMAL,
                tires("SH-05").get(1),
                longAgo(),
                technician);
    }

    /** Before the oldest reading of the demo. */
    private java.time.Instant longAgo() {
        return today.minusDays(500)
                .atTime(9, 0)
                .atZone(java.time.ZoneOffset.UTC)
                .toInstant();
    }

    private void choose(String unit, PressureMethod pressureMethod, String reason, Map<Integer, String> tires) {
        records.choose(id(unit), Optional.of(pressureMethod), reason, false, tires, longAgo(), coordinator);
    }

    private void warn(String unit, int axle, Optional<Double> psi, String why, boolean lowered) {
        records.threshold(
                id(unit),
                axle,
                psi.map(Pressure::psi),
                psi.isPresent() ? Optional.empty() : Optional.of(12.0),
                lowered,
                why,
                tires(unit).get(axle),
                longAgo(),
                technician);
    }

    private long id(String unit) {
        return register.idOf(unit).orElseThrow();
    }

    /** Nothing that is done here changes a tire: each vehicle is judged once. */
    private Map<Integer, String> tires(String unit) {
        return tires.computeIfAbsent(
                unit, one -> fleetAssessor.get(id(one)).pressures().tires());
    }
}
