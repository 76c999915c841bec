package rotagens.server.standin;

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
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.relearn.Relearns;
import rotagens.server.web.ProblemException;

/** The simulated sensor system of a vehicle, one for each vehicle it was plugged into. */
@RestController
class ReceiverController {

    /**
     * Plugs the simulated system in.
     *
     * @param dead positions whose sensor doesn't answer, by spaces
     * @param crossed two positions whose sensors are learned at each other's place, by a space
     */
    record Plug(@Nullable String dead, @Nullable String crossed, boolean otherOrder, boolean firstWayFails) {}

    record Act(@Nullable String position, @Nullable String pressure, RelearnProcedure.@Nullable Way way) {}

    record ShownView(String position, @Nullable String pressure) {}

    /** The dash of the simulated vehicle. */
    record DashView(
            boolean pluggedIn,
            boolean ignition,
            boolean learning,
            @Nullable String lamp,
            int hornOnce,
            int hornTwice,
            boolean lowPressure,
            List<ShownView> corners) {}

    private static final int MOST = 200;

    private final Map<Long, SimulatedReceiver> receivers = new ConcurrentHashMap<>();
    private final Fleet fleet;
    private final Relearns relearns;

    ReceiverController(Fleet fleet, Relearns relearns) {
        this.fleet = fleet;
        this.relearns = relearns;
    }

    @GetMapping("/api/stand-ins/receiver/{vehicleId}")
    DashView dash(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedReceiver receiver = receivers.get(vehicleId);
        if (receiver == null) {
            return new DashView(false, false, false, null, 0, 0, false, List.of());
        }
        return view(receiver, units);
    }

    private static DashView view(SimulatedReceiver receiver, Units units) {
        SensorReceiver.Dash dash = receiver.dash();
        return new DashView(
                true,
                dash.ignition(),
                dash.learning(),
                dash.lamp().map(Position::code).orElse(null),
                dash.hornOnce(),
                dash.hornTwice(),
                dash.lowPressure(),
                dash.corners().stream()
                        .map(shown -> new ShownView(
                                shown.corner().code(),
                                shown.pressure().map(one -> one.in(units)).orElse(null)))
                        .toList());
    }

    @PostMapping("/api/stand-ins/receiver/{vehicleId}")
    DashView plug(
            @PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units, @RequestBody Plug plug) {
        Standing standing = fleet.get(vehicleId);
        RelearnProcedure procedure =
                relearns.procedure(vehicleId, standing.onFile().facts().layout());
        Map<Position, Pressure> pressures = new HashMap<>();
        Map<Position, Pressure> targets = new HashMap<>();
        standing.fitted().forEach((position, fitted) -> {
            standing.state()
                    .at(position)
                    .lastPressure()
                    .flatMap(Reading::pressure)
                    .ifPresent(read -> pressures.put(position, read));
            standing.target(position, fitted.tire().model())
                    .pressure()
                    .ifPresent(target -> targets.put(position, target));
        });
        Set<Position> dead = new HashSet<>();
        codes(plug.dead()).forEach(code -> dead.add(standing.position(code)));
        Map<Position, Position> crossed = new LinkedHashMap<>();
        List<String> pair = codes(plug.crossed());
        if (pair.size() == 2) {
            crossed.put(standing.position(pair.get(0)), standing.position(pair.get(1)));
            crossed.put(standing.position(pair.get(1)), standing.position(pair.get(0)));
        } else if (!pair.isEmpty()) {
            throw ProblemException.field("crossed", "Two positions, such as 1R 2R.");
        }
        if (receivers.size() >= MOST) {
            receivers.clear();
        }
        SimulatedReceiver receiver = new SimulatedReceiver(
                procedure,
                procedure.cornersOn(standing.onFile().facts().layout()),
                pressures,
                targets,
                new SimulatedReceiver.Faults(dead, crossed, plug.otherOrder(), plug.firstWayFails()));
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

    @PostMapping("/api/stand-ins/receiver/{vehicleId}/ignition")
    DashView ignition(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedReceiver receiver = receiver(vehicleId);
        receiver.ignition(!receiver.dash().ignition());
        return view(receiver, units);
    }

    @PostMapping("/api/stand-ins/receiver/{vehicleId}/enter")
    DashView enter(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units, @RequestBody Act act) {
        SimulatedReceiver receiver = receiver(vehicleId);
        if (act.way() == null) {
            throw ProblemException.field("way", "Which way in?");
        }
        if (!receiver.dash().ignition()) {
            throw ProblemException.conflict("The ignition is off.");
        }
        heard(vehicleId, receiver.enter(act.way()));
        return view(receiver, units);
    }

    @PostMapping("/api/stand-ins/receiver/{vehicleId}/trigger")
    DashView trigger(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "TOOL") Trigger by,
            @RequestBody Act act) {
        SimulatedReceiver receiver = receiver(vehicleId);
        Position corner = fleet.get(vehicleId).position(act.position() == null ? "" : act.position());
        heard(vehicleId, receiver.trigger(corner, by == Trigger.DEFLATION));
        return view(receiver, units);
    }

    @PostMapping("/api/stand-ins/receiver/{vehicleId}/wait")
    DashView waitTooLong(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedReceiver receiver = receiver(vehicleId);
        heard(vehicleId, receiver.waitTooLong());
        return view(receiver, units);
    }

    /** A tire filled to what the gauge then reads. */
    @PostMapping("/api/stand-ins/receiver/{vehicleId}/fill")
    DashView fill(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units, @RequestBody Act act) {
        SimulatedReceiver receiver = receiver(vehicleId);
        Position corner = fleet.get(vehicleId).position(act.position() == null ? "" : act.position());
        receiver.filled(corner, Pressure.parse(act.pressure(), units));
        return view(receiver, units);
    }

    /** The figures of the dash go into the relearn under way. */
    @PostMapping("/api/stand-ins/receiver/{vehicleId}/read")
    DashView read(@PathVariable long vehicleId, @RequestParam(defaultValue = "US") Units units) {
        SimulatedReceiver receiver = receiver(vehicleId);
        heard(
                vehicleId,
                receiver.dash().corners().stream()
                        .filter(shown -> shown.pressure().isPresent())
                        .map(shown -> RelearnEvent.reads(
                                RelearnEvent.Kind.DASH,
                                shown.corner(),
                                shown.pressure().get()))
                        .toList());
        return view(receiver, units);
    }

    private SimulatedReceiver receiver(long vehicleId) {
        SimulatedReceiver receiver = receivers.get(vehicleId);
        if (receiver == null) {
            throw ProblemException.conflict("The simulated sensor system isn’t plugged into this vehicle. Plug it in.");
        }
        return receiver;
    }

    private void heard(long vehicleId, List<RelearnEvent> events) {
        relearns.heard(vehicleId, events);
    }
}
