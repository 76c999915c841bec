package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.policy.Policy;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;

/** A vehicle with two axles to work pressures out for, and ways to change one thing about it. */
public final class Rig {

    static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    /** Carries 5,515 lb at 90 psi and 5,755 lb at 95. */
    static final TireModel COACH = tire("Tessaly C2", "275/70R22.5 148/145M H", 6940, 6395, 120);

    static final LoadChart COACH_CHART = chart(
            COACH,
            new double[] {80, 85, 90, 95, 100, 105, 110, 115, 120},
            new double[] {5015, 5265, 5515, 5755, 6000, 6235, 6475, 6710, 6940},
            new double[] {4620, 4850, 5080, 5305, 5530, 5745, 5965, 6180, 6395});

    /** Rated 3,195 lb at 80 psi. */
    static final TireModel LT = tire("Fellgrip", "LT245/75R17 121/118S E", 3195, 2910, 80);

    static final TireModel LT_WIDE = tire("Fellgrip Wide", "LT285/70R17 121/118R E", 3195, 2910, 80);
    static final TireModel PASSENGER = tire("Mull", "P235/70R16 104T SL", 1984, 1984, 44);

    private VehicleType kind = VehicleType.BUS;
    private double gvwr = 38_000;
    private boolean dualRear = true;
    private boolean sensors = true;
    private final Map<Integer, Vehicle.Placard> placards = new HashMap<>();
    private final Map<Integer, Load> gawrs = new HashMap<>();
    private final Map<Position, Vehicle.WheelLimits> wheelLimits = new HashMap<>();
    private final Map<Position, TireModel> fitted = new HashMap<>();
    private final List<LoadChart> charts = new ArrayList<>();
    private final List<TireModel> catalogue = new ArrayList<>(List.of(COACH, LT, LT_WIDE, PASSENGER));
    private final List<ScaleTicket> scaleTickets = new ArrayList<>();
    private final Map<Integer, PressureInputs.ChalkTestResult> chalkTestResults = new HashMap<>();
    private final Map<Integer, PressureInputs.WarningThreshold> warningThresholds = new HashMap<>();
    private Optional<PressureInputs.MethodChoice> methodChoice = Optional.empty();
    private Optional<LocalDate> bodyChanged = Optional.empty();
    private LoadState state = LoadState.NORMAL;

    static TireModel tire(String name, String sidewall, double single, double dual, double molded) {
        SidewallMarking line = SidewallMarking.parse(sidewall);
        return new TireModel(
                "Corvane",
                name,
                line.size(),
                new LoadRatings(line.service(), line.range(), Optional.of(Load.lb(single)), Optional.of(Load.lb(dual))),
                Optional.of(Pressure.psi(molded)),
                Optional.empty(),
                false,
                true);
    }

    static LoadChart chart(TireModel tire, double[] psi, double[] single, double[] dual) {
        List<LoadChart.Row> rows = new ArrayList<>();
        for (int at = 0; at < psi.length; at++) {
            rows.add(new LoadChart.Row(
                    Pressure.psi(psi[at]),
                    Load.lb(single[at]),
                    dual == null ? Optional.empty() : Optional.of(Load.lb(dual[at]))));
        }
        return new LoadChart(
                tire.manufacturer(),
                tire.name(),
                tire.size(),
                tire.ratings().range(),
                rows,
                "manufacturer’s data book");
    }

    /** A coach: steer single, drive dual, placard 110 and 95, its chart on file. */
    static Rig coach() {
        Rig rig = new Rig().fit(1, COACH).fit(2, COACH).placard(1, COACH, 110).placard(2, COACH, 95);
        rig.charts.add(COACH_CHART);
        return rig;
    }

    /** A light pickup on its original tires, no chart. */
    static Rig pickup() {
        Rig rig = new Rig();
        rig.kind = VehicleType.PICKUP;
        rig.gvwr = 9_900;
        rig.dualRear = false;
        return rig.fit(1, LT).fit(2, LT).placard(1, LT, 60).placard(2, LT, 75);
    }

    Rig fit(int axle, TireModel tire) {
        layout().positions().stream()
                .filter(position -> position.code().startsWith(String.valueOf(axle)))
                .forEach(position -> fitted.put(position, tire));
        return this;
    }

    Rig fitAt(String position, TireModel tire) {
        fitted.put(Position.parse(position), tire);
        return this;
    }

    Rig placard(int axle, TireModel original, double psi) {
        placards.put(axle, new Vehicle.Placard(original.size(), Pressure.psi(psi)));
        return this;
    }

    Rig noPlacard() {
        placards.clear();
        return this;
    }

    Rig noChart() {
        charts.clear();
        return this;
    }

    Rig unplacarded(int axle) {
        placards.remove(axle);
        return this;
    }

    Rig with(LoadChart chart) {
        charts.add(chart);
        return this;
    }

    Rig gawr(int axle, double lb) {
        gawrs.put(axle, Load.lb(lb));
        return this;
    }

    Rig wheels(double psi, double lb) {
        layout().positions()
                .forEach(position -> wheelLimits.put(
                        position,
                        new Vehicle.WheelLimits(
                                Optional.empty(), Optional.of(Pressure.psi(psi)), Optional.of(Load.lb(lb)))));
        return this;
    }

    Rig silent() {
        sensors = false;
        return this;
    }

    /** Weighed end by end: left and right of axle 1, left and right of axle 2. */
    Rig weighed(LoadState state, int daysAgo, double... ends) {
        List<AxleWeight> axles = new ArrayList<>();
        for (int axle = 1; axle <= ends.length / 2; axle++) {
            axles.add(AxleWeight.ends(axle, Load.lb(ends[2 * axle - 2]), Load.lb(ends[2 * axle - 1])));
        }
        return slip(
                new ScaleTicket(TODAY.minusDays(daysAgo), state, "Eastbank pads", axles, Optional.empty(), tiresNow()));
    }

    Rig weighedWhole(int daysAgo, double first, double second) {
        return slip(new ScaleTicket(
                TODAY.minusDays(daysAgo),
                LoadState.NORMAL,
                "Eastbank platform",
                List.of(AxleWeight.total(1, Load.lb(first)), AxleWeight.total(2, Load.lb(second))),
                Optional.empty(),
                tiresNow()));
    }

    private Rig slip(ScaleTicket scaleTicket) {
        scaleTickets.add(scaleTicket);
        return this;
    }

    Rig chose(PressureMethod pressureMethod, boolean belowPlacard) {
        methodChoice = Optional.of(new PressureInputs.MethodChoice(
                pressureMethod, "agreed with the drivers", "Ines Okafor", TODAY, belowPlacard, tiresNow()));
        return this;
    }

    Rig trimmed(int axle, double psi) {
        chalkTestResults.put(
                axle,
                new PressureInputs.ChalkTestResult(
                        Pressure.psi(psi),
                        LoadState.NORMAL,
                        TODAY.minusDays(9),
                        "Rafe Halloran",
                        tiresNow().get(axle)));
        return this;
    }

    Rig thresholdPressure(int axle, double psi) {
        return warns(axle, Optional.of(Pressure.psi(psi)), 0, false);
    }

    Rig warnsBelow(int axle, double share) {
        return warns(axle, Optional.empty(), share, false);
    }

    Rig warns(int axle, Optional<Pressure> fixed, double share, boolean lowered) {
        warningThresholds.put(
                axle,
                new PressureInputs.WarningThreshold(
                        fixed,
                        share,
                        TODAY.minusDays(40),
                        "Rafe Halloran",
                        "as delivered",
                        lowered,
                        tiresNow().get(axle)));
        return this;
    }

    Rig bodyChanged(int daysAgo) {
        bodyChanged = Optional.of(TODAY.minusDays(daysAgo));
        return this;
    }

    Rig inForce(LoadState now) {
        state = now;
        return this;
    }

    private AxleLayout layout() {
        return new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, dualRear)), 0);
    }

    Vehicle vehicle() {
        return new Vehicle(
                "LC-07",
                "Clinic coach",
                kind,
                Load.lb(gvwr),
                layout(),
                placards,
                gawrs,
                wheelLimits,
                sensors,
                OptionalDouble.empty(),
                Optional.empty(),
                false,
                Map.of());
    }

    Map<Position, TireModel> fitted() {
        return fitted;
    }

    LoadCharts book() {
        return new LoadCharts(charts, catalogue);
    }

    private Map<Integer, String> tiresNow() {
        return VehiclePressures.of(vehicle(), fitted, PressureInputs.NONE, Policy.DEFAULTS.of(null), TODAY)
                .tires();
    }

    VehiclePressures solve() {
        return solve(Policy.DEFAULTS);
    }

    VehiclePressures solve(Policy policy) {
        PressureInputs facts = new PressureInputs(
                book(),
                scaleTickets,
                new PressureInputs.CurrentLoadState(state, "", Optional.empty()),
                methodChoice,
                chalkTestResults,
                warningThresholds,
                bodyChanged);
        return VehiclePressures.of(vehicle(), fitted, facts, policy.of("Clinic coach"), TODAY);
    }

    AxlePressure axle(int number) {
        return solve().axles().get(number);
    }

    static Optional<LoadRange> range(String letter) {
        return Optional.of(LoadRange.parse(letter));
    }
}
