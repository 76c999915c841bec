package rotagens.server.clock;

import java.time.Instant;
import java.util.List;

/** A ledger whose lines carry the time they were stored at: what a machine's clock is held against. */
public interface DatedLedger {

    /** The times of the last lines, as they were added. */
    List<Instant> lastStored(int most);
}
