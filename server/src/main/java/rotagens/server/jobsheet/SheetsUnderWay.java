package rotagens.server.jobsheet;

import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Whether hands are on a vehicle, as the steps of its sheets tell. */
@Component
public class SheetsUnderWay {

    private final JobSheetStore store;

    SheetsUnderWay(JobSheetStore store) {
        this.store = store;
    }

    /** When, up to an instant, a step of a sheet still open was recorded last; empty where no sheet of the vehicle was begun. */
    public Optional<Instant> lastStepOfOpen(long vehicleId, Instant until) {
        return store.lastStep(vehicleId, until, true);
    }

    /** When, up to an instant, a step was recorded last on the vehicle, on whatever sheet. */
    public Optional<Instant> lastStep(long vehicleId, Instant until) {
        return store.lastStep(vehicleId, until, false);
    }
}
