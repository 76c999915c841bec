package rotagens.server.vehicle;

import java.util.List;
import java.util.Map;
import rotagens.core.fact.SuspensionFact;

/** What was measured at steering and suspension, from whoever keeps it. */
public interface SuspensionRecords {

    /**
     * By vehicle, oldest first.
     *
     * @param vehicleId null for every vehicle
     */
    Map<Long, List<SuspensionFact>> suspensionFacts(Long vehicleId);

    /** What was measured in the visit of one job, oldest first. */
    List<SuspensionFact> measuredIn(long jobId);
}
