package rotagens.core.rotation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rotagens.core.alert.TireAlerts;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.TireState;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Load;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.rotation.CandidateTire.TireSource;
import rotagens.core.sample.ReadingBuilder;
import rotagens.core.sample.TireBuilder;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;

/** A vehicle on stands with its tires laid out, and a shelf beside it, on 23 November 2026. */
final class Rack {

    static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    static final TireModel RIB = model("Tessaly C2", "121/118S", false);
    static final TireModel LUG = model("Orrin D1", "121/118S", false);
    static final TireModel ARROW = model("Veer A", "121/118S", true);
    static final TireModel SLOW = model("Tessaly C2", "121/118J", false);

    private final AxleLayout axleLayout;
    private final Map<Position, TireState> fitted = new LinkedHashMap<>();
    private final Map<Position, Vehicle.WheelLimits> wheelLimits = new HashMap<>();
    private final Map<Position, Sensor> sensors = new HashMap<>();
    private final List<CandidateTire> hand = new ArrayList<>();
    private final Map<Integer, List<CandidateTire>> toBuy = new HashMap<>();
    private final Set<Rule> overridden = EnumSet.noneOf(Rule.class);
    private Policy policy = Policy.DEFAULTS;
    private long nextId = 1;

    private Rack(AxleLayout axleLayout) {
        this.axleLayout = axleLayout;
        axleLayout
                .positions()
                .forEach(position -> wheelLimits.put(
                        position, new Vehicle.WheelLimits(Optional.of(PilotType.HUB), Optional.empty())));
    }

    /** Steer 2, drive 4 as duals. */
    static Rack shuttle() {
        return new Rack(new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true)), 0));
    }

    /** Steer 2, drive 2. */
    static Rack van(int spares) {
        return new Rack(
                new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), spares));
    }

    static Rack of(AxleLayout axleLayout) {
        return new Rack(axleLayout);
    }

    static TireModel model(String name, String service, boolean directional) {
        return TireBuilder.size("225/75R16")
                .name(name)
                .service(service)
                .moldedPsi(80)
                .new32nds(16)
                .directional(directional)
                .model();
    }

    Rack fit(String code, TireModel model, String dot, double depth) {
        Position position = Position.parse(code);
        return put(position, tire(model, dot, false), depth, List.of());
    }

    Rack retread(String code, TireModel model, String dot, double depth) {
        return put(Position.parse(code), tire(model, dot, true), depth, List.of());
    }

    Rack damaged(String code, TireModel model, String dot, double depth) {
        return put(
                Position.parse(code),
                tire(model, dot, false),
                depth,
                List.of(new OpenFinding(Finding.BULGE, TODAY.minusDays(1), "R. Halloran")));
    }

    private Rack put(Position position, Tire tire, double depth, List<OpenFinding> open) {
        List<Reading> readings = readings(depth);
        fitted.put(
                position,
                new TireState(position, Optional.of(tire), readings, open, Optional.empty(), Optional.empty()));
        hand.add(new CandidateTire(
                tire.id(),
                position.code(),
                tire,
                TireSource.ON_VEHICLE,
                Optional.of(position),
                readings,
                TireState.alertsOf(readings, open),
                Optional.empty(),
                Optional.empty()));
        return this;
    }

    /** Two readings 10,000 miles apart, so that a wear rate is known: so many 32nds on those miles. */
    Rack wears(String code, double thirtySeconds) {
        Position position = Position.parse(code);
        TireState state = fitted.get(position);
        double now = state.tread().orElseThrow().value().lowest().orElseThrow().thirtySeconds();
        fitted.put(
                position,
                new TireState(
                        position,
                        state.tire(),
                        List.of(reading(0, 50_000, now), reading(500, 40_000, now + thirtySeconds)),
                        state.open(),
                        Optional.empty(),
                        Optional.empty()));
        return this;
    }

    Rack stock(TireModel model, String dot, double depth) {
        return shelf(tire(model, dot, false), depth);
    }

    Rack stockRetread(TireModel model, String dot, double depth) {
        return shelf(tire(model, dot, true), depth);
    }

    private Rack shelf(Tire tire, double depth) {
        hand.add(new CandidateTire(
                tire.id(),
                "LM" + tire.id(),
                tire,
                TireSource.STOCK,
                Optional.empty(),
                depth == 0 ? List.of() : readings(depth),
                TireAlerts.NONE,
                Optional.empty(),
                Optional.of(new Money(20_000))));
        return this;
    }

    Rack canBuy(TireModel model) {
        for (int axle = 1; axle <= axleLayout.axles().size(); axle++) {
            Tire tire =
                    TireBuilder.size("225/75R16").id(-axle).dot("2226", TODAY).of(model);
            toBuy.put(
                    axle,
                    List.of(new CandidateTire(
                            -axle,
                            "new " + model.name(),
                            tire,
                            TireSource.TO_BUY,
                            Optional.empty(),
                            readings(16),
                            TireAlerts.NONE,
                            Optional.empty(),
                            Optional.of(new Money(25_000)))));
        }
        return this;
    }

    Rack wheel(String code, Vehicle.WheelLimits wheelLimits) {
        if (wheelLimits == null) {
            this.wheelLimits.remove(Position.parse(code));
        } else {
            this.wheelLimits.put(Position.parse(code), wheelLimits);
        }
        return this;
    }

    Rack sensor(String code, Sensor.Location location) {
        sensors.put(Position.parse(code), new Sensor("8A41" + code, location, Optional.empty()));
        return this;
    }

    Rack override(Rule... rules) {
        overridden.addAll(List.of(rules));
        return this;
    }

    Rack under(Policy other) {
        policy = other;
        return this;
    }

    RotationProblem bench() {
        return new RotationProblem(
                new RotationProblem.Inputs(vehicle(), hand, toBuy, policy, TODAY, TODAY.plusMonths(12), overridden));
    }

    VehicleState vehicle() {
        Map<Integer, Vehicle.Placard> placards = new HashMap<>();
        for (int axle = 1; axle <= axleLayout.axles().size(); axle++) {
            placards.put(axle, new Vehicle.Placard(TireSize.parse("225/75R16"), Pressure.psi(70)));
        }
        Vehicle vehicle = new Vehicle(
                "SH-01",
                "Shuttle",
                VehicleType.BUS,
                Load.lb(14_500),
                axleLayout,
                placards,
                Map.of(),
                wheelLimits,
                true,
                OptionalDouble.of(20),
                Optional.empty(),
                false,
                sensors);
        return VehicleState.of(vehicle, List.copyOf(fitted.values()));
    }

    private Tire tire(TireModel model, String dot, boolean retread) {
        return TireBuilder.size("225/75R16")
                .id(nextId++)
                .dot(dot, TODAY)
                .retread(retread)
                .of(model);
    }

    private static List<Reading> readings(double depth) {
        return List.of(reading(3, 50_000, depth));
    }

    private static Reading reading(int daysAgo, double miles, double depth) {
        return ReadingBuilder.read(TODAY.minusDays(daysAgo), "R. Halloran")
                .miles(miles)
                .pressure(70, ThermalState.COLD)
                .grooves(depth, depth, depth)
                .build();
    }
}
