package rotagens.server.pressure;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Load;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.AirTemperature;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.Margin;
import rotagens.core.pressure.PressureFacts;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.Ratings;
import rotagens.core.tire.SidewallLine;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleKind;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.Slip;
import rotagens.server.loads.LoadCharts;
import rotagens.server.policy.Policies;
import rotagens.server.pressure.LoadPressureViews.AxleSheet;
import rotagens.server.pressure.LoadPressureViews.CarryView;
import rotagens.server.web.Entries;

/** The same arithmetic for a tire and a load that aren't on file. Nothing is stored. */
@RestController
class CalculatorController {

    /** What is typed in; all of it stands in the page's address. */
    record Question(
            @Nullable String sidewall,
            @Nullable String maker,
            @Nullable String model,
            @Nullable String molded,
            @Nullable String single,
            @Nullable String dualLoad,
            boolean dual,
            boolean heavy,
            boolean car,
            @Nullable String left,
            @Nullable String right,
            @Nullable String axle,
            @Nullable String wheelMaximum,
            @Nullable String placardSize,
            @Nullable String placard,
            @Nullable String bay,
            @Nullable String coldest) {}

    record Worked(
            AxleSheet sheet,
            @Nullable String fill,
            @Nullable String fillSays) {}

    private final LoadCharts charts;
    private final Policies policies;
    private final Clock clock;

    CalculatorController(LoadCharts charts, Policies policies, Clock clock) {
        this.charts = charts;
        this.policies = policies;
        this.clock = clock;
    }

    @PostMapping("/api/read/pressure")
    Worked work(@RequestParam(defaultValue = "US") Units units, @RequestBody Question asked) {
        Entries typed = new Entries();
        LocalDate today = LocalDate.now(clock);
        Optional<TireModel> tire = tire(asked, typed, units);
        Optional<Pressure> wheel =
                typed.optional("wheelMaximum", asked.wheelMaximum(), text -> Pressure.parse(text, units));
        Optional<TireSize> placardSize = typed.optional("placardSize", asked.placardSize(), TireSize::parse);
        Optional<Pressure> placard = typed.optional("placard", asked.placard(), text -> Pressure.parse(text, units));
        Optional<Load> left = typed.optional("left", asked.left(), text -> Load.parse(text, units));
        Optional<Load> right = typed.optional("right", asked.right(), text -> Load.parse(text, units));
        Optional<Load> whole = typed.optional("axle", asked.axle(), text -> Load.parse(text, units));
        Optional<Temperature> bay = typed.optional("bay", asked.bay(), text -> Temperature.parse(text, units));
        Optional<Temperature> coldest =
                typed.optional("coldest", asked.coldest(), text -> Temperature.parse(text, units));
        typed.attempt("coldest", () -> {
            AirTemperature.refuseHalf(bay, coldest);
            return true;
        });
        boolean weighed = left.isPresent() || right.isPresent() || whole.isPresent();
        Optional<AxleWeight> weight =
                weighed ? typed.attempt("left", () -> new AxleWeight(1, left, right, whole)) : Optional.empty();
        typed.refuseIfWrong();
        Vehicle vehicle = vehicle(asked, tire.orElseThrow(), placardSize, placard, wheel);
        Map<Position, TireModel> fitted = new HashMap<>();
        vehicle.layout().positions().forEach(position -> fitted.put(position, tire.get()));
        List<Slip> slips = weight.map(
                        one -> List.of(new Slip(today, LoadState.USUAL, "", List.of(one), Optional.empty(), Map.of())))
                .orElse(List.of());
        PressureFacts facts = new PressureFacts(
                charts.book(),
                slips,
                PressureFacts.Preset.USUAL,
                Optional.empty(),
                Map.of(),
                Map.of(),
                Optional.empty());
        Policy.ForClass policy = policies.inForce().of(null);
        AxleAnswer answer = VehiclePressures.of(vehicle, fitted, facts, policy, today)
                .axles()
                .get(1);
        Optional<AirTemperature.Fill> fill = bay.flatMap(here -> answer.target()
                .pressure()
                .map(goal -> AirTemperature.fill(
                        goal, here, coldest.orElseThrow(), answer.maximum().map(most -> most.pressure()))));
        return new Worked(
                LoadPressurePages.sheet(
                        AxleRole.DRIVE,
                        answer,
                        Margin.of(vehicle, answer),
                        new CarryView(null, null, Phrase.of("").in(units)),
                        List.of(),
                        units),
                fill.map(one -> one.pressure().in(units)).orElse(null),
                fill.map(one -> one.says().in(units)).orElse(null));
    }

    private static Optional<TireModel> tire(Question asked, Entries typed, Units units) {
        Optional<SidewallLine> line = typed.required("sidewall", asked.sidewall(), SidewallLine::parse);
        Optional<Pressure> molded = typed.optional("molded", asked.molded(), text -> Pressure.parse(text, units));
        Optional<Load> single = typed.optional("single", asked.single(), text -> Load.parse(text, units));
        Optional<Load> dual = typed.optional("dualLoad", asked.dualLoad(), text -> Load.parse(text, units));
        String maker = typed.text("maker", asked.maker(), 60);
        String model = typed.text("model", asked.model(), 80);
        return line.map(read -> new TireModel(
                maker,
                model,
                read.size(),
                new Ratings(read.service(), read.range(), single, dual),
                molded,
                Optional.empty(),
                false,
                true));
    }

    private static Vehicle vehicle(
            Question asked,
            TireModel tire,
            Optional<TireSize> placardSize,
            Optional<Pressure> placard,
            Optional<Pressure> wheelMaximum) {
        Layout layout = new Layout(List.of(new Axle(AxleRole.DRIVE, asked.dual())), 0);
        Map<Position, Vehicle.Wheel> wheels = new HashMap<>();
        wheelMaximum.ifPresent(most -> layout.positions()
                .forEach(position -> wheels.put(position, new Vehicle.Wheel(Optional.empty(), Optional.of(most)))));
        return new Vehicle(
                "typed in",
                "",
                asked.car() ? VehicleKind.CAR : VehicleKind.TRUCK,
                Load.lb(asked.heavy() ? 26_000 : 9_900),
                layout,
                placard.map(pressure -> Map.of(1, new Vehicle.Placard(placardSize.orElse(tire.size()), pressure)))
                        .orElse(Map.of()),
                Map.of(),
                wheels,
                false,
                OptionalDouble.empty(),
                Optional.empty(),
                false,
                Map.of());
    }
}
