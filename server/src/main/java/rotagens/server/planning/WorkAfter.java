package rotagens.server.planning;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Distance;

/** What a job leaves to be done, however it is signed off; told by whoever knows its sheet. */
public interface WorkAfter {

    /**
     * Looks at an open job before it is signed off.
     *
     * @param odometer as read when the work was done; empty where nobody did
     * @return plans what follows; run once the job is signed off
     */
    Runnable of(long jobId, LocalDate done, Optional<Distance> odometer);
}
