package rotagens.server.simulator;

import static rotagens.server.simulator.SimulatorWords.WORDS;

import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import rotagens.core.fact.Reading;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.people.People;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.ProblemException;

/** The simulated devices that ship with the product. */
@RestController
class SimulatorController {

    record SimulatedWeighingRequest(
            long vehicleId, @Nullable LoadState state, SimulatedScale.@Nullable Kind type) {}

    /**
     * The gauge held on a valve.
     *
     * @param towards what somebody has just filled to; blank for what is in the tire now
     * @param groove the groove a tread gauge is set into: outer, center or inner; null for the valve
     * @param isAnalyzer whether the nitrogen analyzer is held there instead
     */
    record SimulatedReadingRequest(
            long vehicleId,
            String position,
            @Nullable String towards,
            @Nullable String groove,
            @Nullable Boolean isAnalyzer) {}

    private static final Random HAND = new Random();

    private final SimulatedScale scale;
    private final SimulatedGauge gauge;
    private final VehicleStore vehicleStore;
    private final FleetCache fleet;
    private final People people;

    SimulatorController(
            SimulatedScale scale, SimulatedGauge gauge, VehicleStore vehicleStore, FleetCache fleet, People people) {
        this.scale = scale;
        this.gauge = gauge;
        this.vehicleStore = vehicleStore;
        this.fleet = fleet;
        this.people = people;
    }

    /** A weighing by the demo’s scale. */
    @PostMapping("/api/simulators/scale")
    SimulatedScale.SimulatedWeighingView simulateWeighing(
            @RequestBody SimulatedWeighingRequest simulatedWeighingRequest) {
        return scale.weigh(
                vehicleStore.get(simulatedWeighingRequest.vehicleId()).facts(),
                simulatedWeighingRequest.state() == null ? LoadState.NORMAL : simulatedWeighingRequest.state(),
                simulatedWeighingRequest.type() == null
                        ? SimulatedScale.Kind.PLATFORM
                        : simulatedWeighingRequest.type());
    }

    /** Pairs a gauge with this page; figures come as events. */
    @GetMapping(value = "/api/gauge/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter pairGauge() {
        return gauge.pair(people.me());
    }

    /** Holds the demo’s gauge or analyzer where the field with focus asks. */
    @PostMapping("/api/simulators/gauge/reading")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void simulateReading(
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SimulatedReadingRequest simulatedReadingRequest) {
        VehicleAssessment vehicleAssessment = fleet.get(simulatedReadingRequest.vehicleId());
        Position position = VehiclePositions.of(vehicleAssessment, simulatedReadingRequest.position());
        if (Boolean.TRUE.equals(simulatedReadingRequest.isAnalyzer())) {
            show("9" + (5 + HAND.nextInt(3)) + " %");
            return;
        }
        if (simulatedReadingRequest.groove() != null) {
            show(depth(vehicleAssessment.state().at(position), simulatedReadingRequest.groove(), units));
            return;
        }
        Optional<Pressure> filled = Optional.ofNullable(simulatedReadingRequest.towards())
                .filter(text -> !text.isBlank())
                .map(text -> Pressure.parse(text, units));
        double psi = filled.or(() ->
                        vehicleAssessment.state().at(position).lastPressure().flatMap(Reading::pressure))
                .map(Pressure::psi)
                .orElse(80.0);
        // A gauge of this class repeats within half a psi, and a tire read again later is never above what it was.
        double shown = Math.round((psi - (filled.isPresent() ? 0 : HAND.nextInt(2) * 0.5)) * 2) / 2.0;
        String figure = units == Units.US
                ? Pressure.psi(shown).format(Units.US)
                : new Pressure(java.math.BigDecimal.valueOf(Math.round(shown * 6.894757)), Pressure.Unit.KPA)
                        .format(units);
        show(figure);
    }

    private void show(String figure) {
        if (!gauge.press(people.me(), figure)) {
            throw ProblemException.conflict(WORDS.say("gaugeIsntPaired"));
        }
    }

    /** A tread gauge set into a groove: what was read there last, or a little less; one never measured reads half worn. */
    private static String depth(TireState tire, String groove, Units units) {
        GrooveDepths last = tire.tread().map(TireState.Dated::value).orElse(GrooveDepths.of32nds(9, 9, 9));
        TreadDepth there = (groove.equals("outer")
                        ? last.outer()
                        : groove.equals("inner") ? last.inner() : last.center())
                .orElse(TreadDepth.of32nds(9));
        double worn = HAND.nextInt(4) == 0 ? 0.5 : 0;
        return TreadDepth.of32nds(Math.max(1, there.thirtySeconds() - worn)).format(units);
    }

    /** Lets the demo’s gauge drop out. */
    @PostMapping("/api/simulators/gauge/disconnect")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void disconnectGauge() {
        gauge.dropOut(people.me());
    }
}
