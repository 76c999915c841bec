package rotagens.server.fleet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.policy.Policy;
import rotagens.server.changes.Changes;
import rotagens.server.changes.Changes.Stale;
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
    private final Map<Long, Standing> byId = new HashMap<>();
    private final ReentrantLock lock = new ReentrantLock();
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
    public List<Standing> all() {
        lock.lock();
        try {
            bringUpToDate();
            return List.copyOf(byUnit.values());
        } finally {
            lock.unlock();
        }
    }

    /**
     * One vehicle, as the last commit left it. Nobody waits here for the whole fleet: where that has to be judged again, or just
     * is, the one is loaded alone. A write that has changed the vehicle itself asks {@link Fleet#get}, which sees it.
     */
    public Standing get(long vehicleId) {
        if (lock.tryLock()) {
            try {
                if (!changes.farReaching() && LocalDate.now(clock).equals(day)) {
                    bringUpToDate();
                    Standing known = byId.get(vehicleId);
                    if (known != null) {
                        return known;
                    }
                }
            } finally {
                lock.unlock();
            }
        }
        return fleet.get(vehicleId);
    }

    private void bringUpToDate() {
        Stale stale = changes.take();
        LocalDate today = LocalDate.now(clock);
        try {
            snapshot.executeWithoutResult(status -> refresh(stale.everything() || !today.equals(day), stale));
            day = today;
        } catch (RuntimeException e) {
            changes.giveBack(stale);
            throw e;
        }
    }

    private void refresh(boolean everything, Stale stale) {
        if (everything) {
            List<Standing> fresh = fleet.all();
            byUnit.clear();
            byId.clear();
            fresh.forEach(this::keep);
        } else {
            if (stale.judgements()) {
                List<Standing> again = judged(byUnit.values(), fleet.policy());
                again.parallelStream().forEach(Standing::due);
                again.forEach(this::keep);
            }
            stale.vehicles().forEach(id -> keep(fleet.get(id)));
        }
    }

    /** Every vehicle as another policy would judge it, by unit: nothing of it is kept. */
    public List<Standing> under(Policy policy) {
        return judged(all(), policy);
    }

    /** Judging asks the rules and nothing else, so all cores may share it. */
    private static List<Standing> judged(Collection<Standing> standings, Policy policy) {
        return List.copyOf(standings).parallelStream()
                .map(standing -> standing.under(policy))
                .toList();
    }

    private void keep(Standing standing) {
        byUnit.put(standing.onFile().facts().unit(), standing);
        byId.put(standing.onFile().id(), standing);
    }
}
