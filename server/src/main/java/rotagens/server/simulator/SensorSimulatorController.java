package rotagens.server.simulator;

import static rotagens.server.simulator.SimulatorWords.WORDS;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.fact.Reading;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnProcedure;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.relearn.RelearnService;
import rotagens.server.web.ProblemException;

/** The simulated sensor system of a vehicle, one for each vehicle it was plugged into. */
@RestController
class SensorSimulatorController {

    /**
     * Plugs the simulated system in.
     *
     * @param dead positions whose sensor doesn't answer, by spaces
     * @param crossed two positions whose sensors are learned at each other's place, by a space
     */
    record ConnectSimulatorRequest(
            @Nullable String dead, @Nullable String swapped, boolean otherOrder, boolean firstEntryFails) {}

    record SimulatorActionRequest(
            @Nullable String position, @Nullable String pressure, RelearnProcedure.@Nullable EntryMethod entryMethod) {}

    record SimulatedCornerView(String position, @Nullable String pressure) {}

    /** The dash of the simulated vehicle. */
    record SimulatorView(
            boolean pluggedIn,
            boolean ignition,
            boolean learning,
            @Nullable String lamp,
            int hornOnce,
            int hornTwice,
            boolean lowPressure,
            List<SimulatedCornerView> corners) {}

    private static final int MOST = 200;

    private final Map<Long, SimulatedSensorSystem> receivers = new ConcurrentHashMap<>();
    private final FleetCache fleet;
    private final RelearnService relearnService;

    SensorSimulatorController(FleetCache fleet, RelearnService relearnService) {
        this.fleet = fleet;
        this.relearnService = relearnService;
    }

    /** What the demo’s sensor system of a vehicle holds. */
    @GetMapping("/api/simulators/sensor-system/{vehicleId}")
    SimulatorView getSimulator(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedSensorSystem receiver = receivers.get(vehicleId);
        if (receiver == null) {
            return new SimulatorView(false, false, false, null, 0, 0, false, List.of());
        }
        return view(receiver, units);
    }

    private static SimulatorView view(SimulatedSensorSystem receiver, Units units) {
        SensorSystem.Dash dash = receiver.dash();
        return new SimulatorView(
                true,
                dash.ignition(),
                dash.learning(),
                dash.lamp().map(Position::code).orElse(null),
                dash.hornOnce(),
                dash.hornTwice(),
                dash.lowPressure(),
                dash.corners().stream()
                        .map(shown -> new SimulatedCornerView(
                                shown.corner().code(),
                                shown.pressure().map(one -> one.format(units)).orElse(null)))
                        .toList());
    }

    /** Connects to the demo’s sensor system of a vehicle. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}")
    SimulatorView connectSimulator(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody ConnectSimulatorRequest connectSimulatorRequest) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        RelearnProcedure procedure = relearnService.procedure(vehicleId, vehicleAssessment.layout());
        Map<Position, Pressure> pressures = new HashMap<>();
        Map<Position, Pressure> targets = new HashMap<>();
        vehicleAssessment.fitted().forEach((position, installedTire) -> {
            vehicleAssessment
                    .state()
                    .at(position)
                    .lastPressure()
                    .flatMap(Reading::pressure)
                    .ifPresent(read -> pressures.put(position, read));
            vehicleAssessment
                    .target(position, installedTire.tire().model())
                    .pressure()
                    .ifPresent(target -> targets.put(position, target));
        });
        Set<Position> dead = new HashSet<>();
        codes(connectSimulatorRequest.dead()).forEach(code -> dead.add(VehiclePositions.of(vehicleAssessment, code)));
        Map<Position, Position> crossed = new LinkedHashMap<>();
        List<String> pair = codes(connectSimulatorRequest.swapped());
        if (pair.size() == 2) {
            crossed.put(
                    VehiclePositions.of(vehicleAssessment, pair.get(0)),
                    VehiclePositions.of(vehicleAssessment, pair.get(1)));
            crossed.put(
                    VehiclePositions.of(vehicleAssessment, pair.get(1)),
                    VehiclePositions.of(vehicleAssessment, pair.get(0)));
        } else if (!pair.isEmpty()) {
            throw ProblemException.field("swapped", WORDS.say("twoPositionsSuchAs1"));
        }
        if (receivers.size() >= MOST) {
            receivers.clear();
        }
        SimulatedSensorSystem receiver = new SimulatedSensorSystem(
                procedure,
                procedure.cornersOn(vehicleAssessment.layout()),
                pressures,
                targets,
                new SimulatedSensorSystem.Faults(
                        dead,
                        crossed,
                        connectSimulatorRequest.otherOrder(),
                        connectSimulatorRequest.firstEntryFails()));
        receivers.put(vehicleId, receiver);
        return view(receiver, units);
    }

    private static List<String> codes(String text) {
        return text == null
                ? List.of()
                : Arrays.stream(text.strip().toUpperCase(java.util.Locale.ROOT).split("[\\s,]+"))
                        .filter(code -> !code.isEmpty())
                        .toList();
    }

    /** Turns the demo vehicle’s ignition. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}/ignition")
    SimulatorView switchIgnition(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedSensorSystem receiver = receiver(vehicleId);
        receiver.ignition(!receiver.dash().ignition());
        return view(receiver, units);
    }

    /** Puts the demo’s sensor system into learn mode. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}/learn-mode")
    SimulatorView enterLearnMode(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SimulatorActionRequest simulatorActionRequest) {
        SimulatedSensorSystem receiver = receiver(vehicleId);
        if (simulatorActionRequest.entryMethod() == null) {
            throw ProblemException.field("entryMethod", WORDS.say("whichWay"));
        }
        if (!receiver.dash().ignition()) {
            throw ProblemException.conflict(WORDS.say("ignitionIsOff"));
        }
        heard(vehicleId, receiver.enter(simulatorActionRequest.entryMethod()));
        return view(receiver, units);
    }

    /** Wakes a sensor of the demo vehicle as a trigger tool does. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}/trigger")
    SimulatorView triggerSensor(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "TOOL") Trigger by,
            @RequestBody SimulatorActionRequest simulatorActionRequest) {
        SimulatedSensorSystem receiver = receiver(vehicleId);
        Position corner = VehiclePositions.of(
                fleet.get(vehicleId),
                simulatorActionRequest.position() == null ? "" : simulatorActionRequest.position());
        heard(vehicleId, receiver.trigger(corner, by == Trigger.DEFLATION));
        return view(receiver, units);
    }

    /** Lets the demo’s learn mode time out. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}/timeout")
    SimulatorView timeOutLearnMode(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedSensorSystem receiver = receiver(vehicleId);
        heard(vehicleId, receiver.waitTooLong());
        return view(receiver, units);
    }

    /** A tire filled to what the gauge then reads. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}/inflation")
    SimulatorView inflateSimulated(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SimulatorActionRequest simulatorActionRequest) {
        SimulatedSensorSystem receiver = receiver(vehicleId);
        Position corner = VehiclePositions.of(
                fleet.get(vehicleId),
                simulatorActionRequest.position() == null ? "" : simulatorActionRequest.position());
        receiver.filled(corner, Pressure.parse(simulatorActionRequest.pressure(), units));
        return view(receiver, units);
    }

    /** The figures of the dash go into the relearn under way. */
    @PostMapping("/api/simulators/sensor-system/{vehicleId}/reading")
    SimulatorView readSimulatedDash(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedSensorSystem receiver = receiver(vehicleId);
        heard(
                vehicleId,
                receiver.dash().corners().stream()
                        .filter(shown -> shown.pressure().isPresent())
                        .map(shown -> RelearnEvent.reads(
                                RelearnEvent.Type.DASH,
                                shown.corner(),
                                shown.pressure().get()))
                        .toList());
        return view(receiver, units);
    }

    private SimulatedSensorSystem receiver(long vehicleId) {
        SimulatedSensorSystem receiver = receivers.get(vehicleId);
        if (receiver == null) {
            throw ProblemException.conflict(WORDS.say("simulatedSensorSystemIsntPlugged"));
        }
        return receiver;
    }

    private void heard(long vehicleId, List<RelearnEvent> events) {
        relearnService.confirmed(vehicleId, events);
    }
}
