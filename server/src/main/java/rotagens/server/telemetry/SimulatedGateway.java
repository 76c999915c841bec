package rotagens.server.telemetry;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.sensor.SensorStream.Sample;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.telemetry.IngestViews.IngestView;
import rotagens.server.telemetry.SensorPlaces.Place;

/**
 * Stands in for a yard’s gateway: one round of every vehicle with sensors, each a little off its last reading, as a gateway would
 * send it. Asked to, it lets one tire lose air fast, or one sensor fall silent.
 */
@RestController
class SimulatedGateway {

    /**
     * @param yard only vehicles of this yard; null for all
     * @param leaking a unit whose first sensor finds 6 psi less than before
     */
    record SimulatedRoundRequest(
            @Nullable String yard, @Nullable String leaking) {}

    private static final Temperature AIR = Temperature.f(60);
    private static final double LEAK_PSI = 6;

    private final FleetCache fleet;
    private final SensorIngest ingest;
    private final Clock clock;
    private final Random wobble = new Random(7);

    SimulatedGateway(FleetCache fleet, SensorIngest ingest, Clock clock) {
        this.fleet = fleet;
        this.ingest = ingest;
        this.clock = clock;
    }

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
            for (var place : vehicle.onFile().places().entrySet()) {
                Optional<Pressure> last =
                        vehicle.state().at(place.getKey()).lastPressure().flatMap(one -> one.pressure());
                if (last.isEmpty()) {
                    continue;
                }
                double psi = last.get().psi() + wobble.nextInt(3) * 0.5 - 0.5;
                if (leaks) {
                    ingest.take(
                            new Place(vehicle.onFile(), place.getKey(), place.getValue()),
                            sample(now.minusSeconds(1200), psi));
                    psi -= LEAK_PSI;
                    leaks = false;
                }
                if (ingest.take(new Place(vehicle.onFile(), place.getKey(), place.getValue()), sample(now, psi))) {
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
