package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.LoadCharts;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.sample.ReadingBuilder;
import rotagens.core.sample.TireBuilder;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Use;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;

/** A coach with a tag axle whose tires are all fit on 23 November 2026, and ways to change one thing about it. */
public final class Sample {

    public static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final double[] PLACARD = {110, 95, 90};

    private final Map<Position, TireState> tires = new HashMap<>();
    private VehicleType kind = VehicleType.BUS;
    private double gvwr = 46_000;
    private boolean sensors = true;
    private OptionalDouble milesPerDay = OptionalDouble.of(20);
    private Optional<LocalDate> parkedSince = Optional.empty();
    private boolean outdoors;
    private final Map<Position, Vehicle.WheelLimits> wheelLimits = new HashMap<>();
    private final Map<Position, Sensor> sensorAt = new HashMap<>();
    private final AxleLayout axleLayout = new AxleLayout(
            List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true), new Axle(AxleRole.TAG, false)), 0);

    private final Map<Integer, Load> gawrs = new HashMap<>();
    private PressureInputs facts = PressureInputs.NONE;
    private Use use = Use.UNKNOWN;

    public static Sample coach() {
        Sample sample = new Sample();
        for (Position position : sample.axleLayout.positions()) {
            sample.tires.put(position, sample.fit(position));
        }
        return sample;
    }

    private TireState fit(Position position) {
        int axle = position.code().charAt(0) - '1';
        return new TireState(
                position,
                Optional.of(tire("275/70R22.5", "2325")),
                List.of(reading(3, PLACARD[axle], 14, 14, 14)),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    public static Tire tire(String size, String dot) {
        return TireBuilder.size(size).dot(dot, TODAY).build();
    }

    public static Reading reading(int daysAgo, double psi, double outer, double center, double inner) {
        return ReadingBuilder.read(TODAY.minusDays(daysAgo), "R. Halloran")
                .miles(50_000 - daysAgo * 20)
                .pressure(psi, ThermalState.COLD)
                .grooves(outer, center, inner)
                .build();
    }

    public static Reading hot(int daysAgo, double psi) {
        return ReadingBuilder.read(TODAY.minusDays(daysAgo), "R. Halloran")
                .pressure(psi, ThermalState.HOT)
                .build();
    }

    /** Rated, weighed in some load states with this much on each end of the steer axle, and traveling in one of them. */
    public Sample weighed(Map<LoadState, Double> steerEnds, LoadState traveling) {
        List<ScaleTicket> scaleTickets = steerEnds.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(slip -> new ScaleTicket(
                        TODAY.minusDays(20),
                        slip.getKey(),
                        "pads",
                        List.of(
                                AxleWeight.ends(1, Load.lb(slip.getValue()), Load.lb(slip.getValue())),
                                AxleWeight.ends(2, Load.lb(9000), Load.lb(9000)),
                                AxleWeight.ends(3, Load.lb(4000), Load.lb(4000))),
                        Optional.empty(),
                        Map.of()))
                .toList();
        return rated().facts(new PressureInputs(
                        LoadCharts.EMPTY,
                        scaleTickets,
                        PressureInputs.CurrentLoadState.USUAL,
                        Optional.empty(),
                        Map.of(),
                        Map.of(),
                        Optional.empty())
                .loaded(traveling));
    }

    /** Both ends of the axle read alike, so that nothing across it speaks. */
    public Sample readAcross(String position, Reading... newestFirst) {
        return read(position, newestFirst)
                .read(Position.parse(position).opposite().code(), newestFirst);
    }

    public Sample read(String position, Reading... newestFirst) {
        return change(
                position,
                state -> new TireState(
                        state.position(),
                        state.tire(),
                        List.of(newestFirst),
                        state.open(),
                        state.lastProfessional(),
                        state.causeCorrectedOn()));
    }

    /** One more reading on top of what is there. */
    public Sample readAlso(String position, Reading newer) {
        return change(position, state -> state.with(newer, List.of()));
    }

    /** One open finding more, as it is. */
    public Sample found(String position, OpenFinding open) {
        return change(position, state -> {
            List<OpenFinding> all = new ArrayList<>(state.open());
            all.add(open);
            return new TireState(
                    state.position(),
                    state.tire(),
                    state.readings(),
                    all,
                    state.lastProfessional(),
                    state.causeCorrectedOn());
        });
    }

    public Sample found(String position, int daysAgo, Finding... findings) {
        List<OpenFinding> open = new ArrayList<>();
        Arrays.stream(findings)
                .forEach(finding -> open.add(new OpenFinding(finding, TODAY.minusDays(daysAgo), "R. Halloran")));
        return change(
                position,
                state -> new TireState(
                        state.position(),
                        state.tire(),
                        state.readings(),
                        open,
                        state.lastProfessional(),
                        state.causeCorrectedOn()));
    }

    public Sample fitted(String position, Tire tire) {
        return change(
                position,
                state -> new TireState(
                        state.position(),
                        Optional.ofNullable(tire),
                        state.readings(),
                        state.open(),
                        state.lastProfessional(),
                        state.causeCorrectedOn()));
    }

    public Sample inspected(String position, LocalDate on) {
        return change(
                position,
                state -> new TireState(
                        state.position(),
                        state.tire(),
                        state.readings(),
                        state.open(),
                        Optional.of(on),
                        state.causeCorrectedOn()));
    }

    public Sample mended(String position, LocalDate on) {
        return change(
                position,
                state -> new TireState(
                        state.position(),
                        state.tire(),
                        state.readings(),
                        state.open(),
                        state.lastProfessional(),
                        Optional.of(on)));
    }

    public Sample light() {
        kind = VehicleType.PICKUP;
        gvwr = 10_000;
        return this;
    }

    public Sample facts(PressureInputs given) {
        facts = given;
        return this;
    }

    /** All tires rated 6,940 lb single and 6,395 dual at 120 psi. */
    public Sample rated() {
        tires.replaceAll((position, state) -> {
            TireModel model = state.tire().orElseThrow().model();
            LoadRatings loadRatings = new LoadRatings(
                    Optional.empty(), Optional.empty(), Optional.of(Load.lb(6940)), Optional.of(Load.lb(6395)));
            Tire tire = state.tire().get();
            TireModel rated = new TireModel(
                    model.manufacturer(),
                    model.name(),
                    model.size(),
                    loadRatings,
                    model.moldedPressure(),
                    model.originalDepth(),
                    false,
                    true);
            return new TireState(
                    position,
                    Optional.of(new Tire(tire.id(), rated, tire.dotWeek(), tire.isRetread(), tire.installedOn())),
                    state.readings(),
                    state.open(),
                    state.lastProfessional(),
                    state.causeCorrectedOn());
        });
        return this;
    }

    /** Another kind of vehicle with another rating, used as said. */
    public Sample as(VehicleType what, double gvwrLb, Use how) {
        kind = what;
        gvwr = gvwrLb;
        use = how;
        return this;
    }

    public Sample gawr(int axle, double lb) {
        gawrs.put(axle, Load.lb(lb));
        return this;
    }

    public Sample withoutSensors() {
        sensors = false;
        return this;
    }

    public Sample outdoors() {
        outdoors = true;
        return this;
    }

    public Sample parkedSince(LocalDate day) {
        parkedSince = Optional.of(day);
        return this;
    }

    public Sample sensor(String position, LocalDate fitted) {
        sensorAt.put(
                Position.parse(position), new Sensor("8A41" + position, Sensor.Location.INSIDE, Optional.of(fitted)));
        return this;
    }

    public Sample wheel(String position, Vehicle.WheelLimits wheelLimits) {
        this.wheelLimits.put(Position.parse(position), wheelLimits);
        return this;
    }

    private Sample change(String position, java.util.function.UnaryOperator<TireState> how) {
        tires.compute(Position.parse(position), (at, state) -> how.apply(state));
        return this;
    }

    public VehicleState state() {
        Map<Integer, Vehicle.Placard> placards = new HashMap<>();
        for (int axle = 1; axle <= 3; axle++) {
            placards.put(axle, new Vehicle.Placard(TireSize.parse("275/70R22.5"), Pressure.psi(PLACARD[axle - 1])));
        }
        Vehicle vehicle = new Vehicle(
                "LC-07",
                "Clinic coach",
                kind,
                Load.lb(gvwr),
                axleLayout,
                placards,
                gawrs,
                wheelLimits,
                sensors,
                milesPerDay,
                parkedSince,
                outdoors,
                sensorAt,
                use);
        return VehicleState.of(vehicle, List.copyOf(tires.values()), facts);
    }

    public Assessment judge(String position) {
        return judge(position, TODAY);
    }

    public Assessment judge(String position, LocalDate today) {
        return TireAssessor.judge(state(), Position.parse(position), Policy.DEFAULTS, today);
    }

    /** The reasons in words, worst first. */
    public static List<String> statement(Assessment assessment) {
        return assessment.reasons().stream()
                .map(verdictReason -> verdictReason.reason().statement().in(Units.US))
                .toList();
    }
}
