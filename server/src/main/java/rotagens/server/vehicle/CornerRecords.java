package rotagens.server.vehicle;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import rotagens.core.fact.CornerFact;

/** What is on record about which sensor the dash takes for which corner, from whoever keeps it. */
public interface CornerRecords {

    /** A fact with the instant it is put in order by. */
    record Dated(Instant at, CornerFact fact) {}

    /**
     * By vehicle, in any order.
     *
     * @param vehicleId null for every vehicle
     */
    Map<Long, List<Dated>> cornerFacts(Long vehicleId);
}
