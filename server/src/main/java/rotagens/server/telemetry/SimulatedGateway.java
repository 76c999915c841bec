package rotagens.server.telemetry;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.sensor.SensorStream.Sample;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.telemetry.IngestViews.IngestView;
import rotagens.server.telemetry.SensorPlaces.Place;

/**
 * Stands in for a yard’s gateway: rounds of every vehicle with sensors, each a little off its last reading, as a gateway would
 * send them, one when asked or one every few seconds for an hour. Asked to, it lets one tire lose air fast.
 */
@RestController
class SimulatedGateway {

    /**
     * @param yard only vehicles of this yard; null for all
     * @param leaking a unit whose first sensor finds 6 psi less than before
     */
    record SimulatedRoundRequest(
            @Nullable String yard, @Nullable String leaking) {}

    /** What the stream is to do: on or off, and for which yard. */
    record SimulatedStreamRequest(@Nullable String yard, boolean isOn) {}

    /** Whether it streams, and how many samples it has sent. */
    record SimulatedStreamView(boolean isOn, int sent) {}

    /** A stream somebody switched on, in whose name its samples come. */
    private record Running(@Nullable String yard, Instant until, Authentication by) {}

    private static final Duration STREAMS_FOR = Duration.ofHours(1);
    private static final Temperature AIR = Temperature.f(60);
    private static final double LEAK_PSI = 6;

    private final FleetCache fleet;
    private final SensorIngest ingest;
    private final Clock clock;
    private final Random wobble = new Random(7);
    private volatile @Nullable Running running;
    private volatile int sent;

    SimulatedGateway(FleetCache fleet, SensorIngest ingest, Clock clock) {
        this.fleet = fleet;
        this.ingest = ingest;
        this.clock = clock;
    }

    /** Whether the demo’s gateway streams, and how many samples it has sent. */
    @GetMapping("/api/simulators/gateway/stream")
    SimulatedStreamView getSimulatedStream() {
        return new SimulatedStreamView(running != null, sent);
    }

    /** Switches the stream on or off; it ends by itself after an hour. */
    @PostMapping("/api/simulators/gateway/stream")
    SimulatedStreamView setSimulatedStream(@RequestBody SimulatedStreamRequest wish) {
        sent = 0;
        running = wish.isOn()
                ? new Running(
                        wish.yard(),
                        clock.instant().plus(STREAMS_FOR),
                        SecurityContextHolder.getContext().getAuthentication())
                : null;
        return getSimulatedStream();
    }

    /** The next round of a stream that is on. */
    @Scheduled(initialDelayString = "PT15S", fixedDelayString = "PT15S")
    void stream() {
        Running now = running;
        if (now == null) {
            return;
        }
        if (clock.instant().isAfter(now.until())) {
            running = null;
            return;
        }
        SecurityContextHolder.getContext().setAuthentication(now.by());
        try {
            sent += simulateGatewayRound(new SimulatedRoundRequest(now.yard(), null))
                    .taken();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    /** One round of the demo’s gateway; asked to, one tire loses air in it. */
    @PostMapping("/api/simulators/gateway")
    IngestView simulateGatewayRound(@RequestBody SimulatedRoundRequest wish) {
        Instant now = clock.instant();
        int taken = 0;
        for (VehicleAssessment vehicle : fleet.all()) {
            boolean isMeant = wish.yard() == null || wish.yard().equals(vehicle.yard());
            if (!isMeant || !vehicle.vehicle().hasWorkingSensors()) {
                continue;
            }
            boolean leaks = vehicle.unit().equals(wish.leaking());
            for (Position position : vehicle.layout().positions()) {
                Place place = new Place(vehicle.onFile(), position, vehicle.placeId(position));
                Optional<Pressure> last =
                        vehicle.state().at(position).lastPressure().flatMap(one -> one.pressure());
                if (last.isEmpty()) {
                    continue;
                }
                double psi = last.get().psi() + wobble.nextInt(3) * 0.5 - 0.5;
                if (leaks) {
                    ingest.take(place, sample(now.minusSeconds(1200), psi));
                    psi -= LEAK_PSI;
                    leaks = false;
                }
                if (ingest.take(place, sample(now, psi))) {
                    taken++;
                }
            }
            ingest.listen(vehicle.id());
        }
        return new IngestView(taken, 0, java.util.List.of());
    }

    private static Sample sample(Instant at, double psi) {
        return new Sample(at, Pressure.psi(psi), Optional.of(AIR), Optional.empty());
    }
}
