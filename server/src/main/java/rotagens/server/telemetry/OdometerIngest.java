package rotagens.server.telemetry;

import static rotagens.server.telemetry.TelemetryWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.telemetry.IngestViews.OdometerRow;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.ProblemException;

/** Odometers a telematics system sends; one far from the last is refused, and waits for a person to enter it. */
@Service
class OdometerIngest {

    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final ChangeTracker changeTracker;
    private final People people;
    private final Clock clock;

    OdometerIngest(
            OdometerStore odometerStore,
            VehicleRegister register,
            ChangeTracker changeTracker,
            People people,
            Clock clock) {
        this.odometerStore = odometerStore;
        this.register = register;
        this.changeTracker = changeTracker;
        this.people = people;
        this.clock = clock;
    }

    /** @return false where this very reading is on file */
    @Transactional
    public boolean take(OdometerRow row) {
        long vehicleId = register.named(row.unit() == null ? "" : row.unit())
                .orElseThrow(() -> ProblemException.field("unit", WORDS.say("noVehicleOnFile", "row", row.unit())));
        if (row.at() == null || row.at().isAfter(clock.instant())) {
            throw ProblemException.field("at", WORDS.say("sayWhenItWasRead"));
        }
        String text = row.odometer() == null ? "" : row.odometer();
        if (text.strip().matches("[0-9.,\\s]*")) {
            throw ProblemException.field("odometer", WORDS.say("sendTheFigure"));
        }
        Distance reading = Distance.parse(text, Distance.Unit.MILES);
        LocalDate day = LocalDate.ofInstant(row.at(), clock.getZone());
        changeTracker.only(vehicleId);
        Instant midnight = day.atStartOfDay(clock.getZone()).toInstant();
        boolean isKnown = odometerStore
                .ledgers(Set.of(vehicleId), midnight)
                .get(vehicleId)
                .isKnown(day, reading);
        if (isKnown) {
            return false;
        }
        odometerStore.read(vehicleId, reading, row.at(), people.me(), "odometer", Optional.of(Units.US));
        return true;
    }
}
