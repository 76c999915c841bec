package rotagens.server.wear;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Finding;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.server.facts.FactLog;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.inspection.Readings;

/**
 * A strike by an event or a driver's report opens the same alert as one found on a walk-around: at its corner, or at every wheel
 * where nobody knows the corner.
 */
@Component
class Strikes {

    private final FactLog facts;

    Strikes(FactLog facts) {
        this.facts = facts;
    }

    /** @param corner code of the position; empty text where it isn't known */
    void record(VehicleAssessment vehicleAssessment, String corner, Instant at, long personId) {
        facts.record(vehicleAssessment.fitted().entrySet().stream()
                .filter(one -> corner.isEmpty()
                        ? one.getKey() instanceof OnAxle
                        : one.getKey().code().equals(corner))
                .map(one -> FactLog.Observation.found(
                        new Readings.Entry(
                                one.getValue().tire().id(), one.getValue().placeId(), at, personId, null, null),
                        List.of(new Readings.Found(Finding.CURB_STRIKE, Optional.empty()))))
                .toList());
    }
}
