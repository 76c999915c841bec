package rotagens.server.pressure;

import static rotagens.server.pressure.PressureWords.WORDS;

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
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.RatingMargin;
import rotagens.core.pressure.TemperatureCorrection;
import rotagens.core.pressure.VehiclePressures;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;
import rotagens.server.loads.LoadChartStore;
import rotagens.server.policy.PolicyStore;
import rotagens.server.pressure.LoadPressureViews.AxlePressureView;
import rotagens.server.pressure.LoadPressureViews.CurrentCapacityView;
import rotagens.server.web.InputValidator;

/** The same arithmetic for a tire and a load that aren't on file. Nothing is stored. */
@RestController
class CalculatorController {

    /** What is typed in; all of it stands in the page's address. */
    record CalculatorRequest(
            @Nullable String sidewall,
            @Nullable String manufacturer,
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

    record CalculatorView(
            AxlePressureView axlePressure,
            @Nullable String fill,
            @Nullable String fillStatement) {}

    private final LoadChartStore charts;
    private final PolicyStore policyStore;
    private final Clock clock;

    CalculatorController(LoadChartStore charts, PolicyStore policyStore, Clock clock) {
        this.charts = charts;
        this.policyStore = policyStore;
        this.clock = clock;
    }

    /** Works out a pressure, load or correction from typed figures; nothing is stored. */
    @PostMapping("/api/calculator")
    CalculatorView calculate(@RequestParam(defaultValue = "US") Units units, @RequestBody CalculatorRequest asked) {
        InputValidator typed = new InputValidator();
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
            TemperatureCorrection.refuseHalf(bay, coldest);
            return true;
        });
        boolean weighed = left.isPresent() || right.isPresent() || whole.isPresent();
        Optional<AxleWeight> weight =
                weighed ? typed.attempt("left", () -> new AxleWeight(1, left, right, whole)) : Optional.empty();
        typed.refuseIfWrong();
        Vehicle vehicle = vehicle(asked, tire.orElseThrow(), placardSize, placard, wheel);
        Map<Position, TireModel> fitted = new HashMap<>();
        vehicle.layout().positions().forEach(position -> fitted.put(position, tire.get()));
        List<ScaleTicket> scaleTickets = weight.map(one ->
                        List.of(new ScaleTicket(today, LoadState.NORMAL, "", List.of(one), Optional.empty(), Map.of())))
                .orElse(List.of());
        PressureInputs facts = new PressureInputs(
                charts.book(),
                scaleTickets,
                PressureInputs.CurrentLoadState.USUAL,
                Optional.empty(),
                Map.of(),
                Map.of(),
                Optional.empty());
        Policy.ClassPolicy policy = policyStore.inForce().of(null);
        AxlePressure answer = VehiclePressures.of(vehicle, fitted, facts, policy, today)
                .axles()
                .get(1);
        Optional<TemperatureCorrection.CorrectedPressure> correctedPressure = bay.flatMap(here -> answer.target()
                .pressure()
                .map(goal -> TemperatureCorrection.fill(
                        goal, here, coldest.orElseThrow(), answer.maximum().map(most -> most.pressure()))));
        return new CalculatorView(
                LoadPressurePages.sheet(
                        AxleRole.DRIVE,
                        answer,
                        RatingMargin.of(vehicle, answer),
                        new CurrentCapacityView(null, null, Message.of("").in(units)),
                        List.of(),
                        units),
                correctedPressure.map(one -> one.pressure().format(units)).orElse(null),
                correctedPressure.map(one -> one.statement().in(units)).orElse(null));
    }

    private static Optional<TireModel> tire(CalculatorRequest asked, InputValidator typed, Units units) {
        Optional<SidewallMarking> line = typed.required("sidewall", asked.sidewall(), SidewallMarking::parse);
        Optional<Pressure> molded = typed.optional("molded", asked.molded(), text -> Pressure.parse(text, units));
        Optional<Load> single = typed.optional("single", asked.single(), text -> Load.parse(text, units));
        Optional<Load> dual = typed.optional("dualLoad", asked.dualLoad(), text -> Load.parse(text, units));
        String maker = typed.text("manufacturer", asked.manufacturer(), 60);
        String model = typed.text("model", asked.model(), 80);
        return line.map(read -> new TireModel(
                maker,
                model,
                read.size(),
                new LoadRatings(read.service(), read.range(), single, dual),
                molded,
                Optional.empty(),
                false,
                true));
    }

    private static Vehicle vehicle(
            CalculatorRequest asked,
            TireModel tire,
            Optional<TireSize> placardSize,
            Optional<Pressure> placard,
            Optional<Pressure> wheelMaximum) {
        AxleLayout axleLayout = new AxleLayout(List.of(new Axle(AxleRole.DRIVE, asked.dual())), 0);
        Map<Position, Vehicle.WheelLimits> wheelLimits = new HashMap<>();
        wheelMaximum.ifPresent(most -> axleLayout
                .positions()
                .forEach(position ->
                        wheelLimits.put(position, new Vehicle.WheelLimits(Optional.empty(), Optional.of(most)))));
        return new Vehicle(
                WORDS.say("typedIn"),
                "",
                asked.car() ? VehicleType.CAR : VehicleType.TRUCK,
                Load.lb(asked.heavy() ? 26_000 : 9_900),
                axleLayout,
                placard.map(pressure -> Map.of(1, new Vehicle.Placard(placardSize.orElse(tire.size()), pressure)))
                        .orElse(Map.of()),
                Map.of(),
                wheelLimits,
                false,
                OptionalDouble.empty(),
                Optional.empty(),
                false,
                Map.of());
    }
}
