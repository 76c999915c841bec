package rotagens.server.fleet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.TreeMap;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.fleet.Changes.Stale;
import rotagens.server.fleet.Fleet.Standing;

/** The whole fleet as it stands, kept; after a change only the vehicles it touched are loaded and judged again. */
@Service
public class KeptFleet {

    private static final int LARGE = 200;

    private final Fleet fleet;
    private final Changes changes;
    private final Clock clock;
    private final TransactionTemplate snapshot;
    private final TreeMap<String, Standing> byUnit = new TreeMap<>();
    private LocalDate day;

    KeptFleet(Fleet fleet, Changes changes, Clock clock, PlatformTransactionManager transactions) {
        this.fleet = fleet;
        this.changes = changes;
        this.clock = clock;
        this.snapshot = new TransactionTemplate(transactions);
        // A snapshot of its own, begun after the changes were taken: an older one would miss them for good.
        snapshot.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        snapshot.setReadOnly(true);
    }

    /** A large fleet takes seconds to judge: it is done before anybody asks. */
    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        if (fleet.size() >= LARGE) {
            Thread judging = new Thread(this::all, "first judging");
            judging.setDaemon(true);
            judging.start();
        }
    }

    /** Every vehicle, by unit. */
    public synchronized List<Standing> all() {
        Stale stale = changes.take();
        LocalDate today = LocalDate.now(clock);
        try {
            snapshot.executeWithoutResult(status -> refresh(stale.everything() || !today.equals(day), stale));
            day = today;
        } catch (RuntimeException e) {
            changes.giveBack(stale);
            throw e;
        }
        return List.copyOf(byUnit.values());
    }

    private void refresh(boolean everything, Stale stale) {
        if (everything) {
            List<Standing> fresh = fleet.all();
            byUnit.clear();
            fresh.forEach(this::keep);
        } else {
            stale.vehicles().forEach(id -> keep(fleet.get(id)));
        }
    }

    private void keep(Standing standing) {
        byUnit.put(standing.onFile().facts().unit(), standing);
    }
}
