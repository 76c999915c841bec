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
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.policy.Policy;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.cache.ChangeTracker.Stale;

/** The whole fleet as it stands, kept; after a change only the vehicles it touched are loaded and judged again. */
@Service
public class FleetCache {

    private static final int LARGE = 200;

    private final FleetAssessor fleetAssessor;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final TransactionTemplate snapshot;
    private final TreeMap<String, VehicleAssessment> byUnit = new TreeMap<>();
    private final Map<Long, VehicleAssessment> byId = new HashMap<>();
    private final ReentrantLock lock = new ReentrantLock();
    private LocalDate day;

    FleetCache(
            FleetAssessor fleetAssessor,
            ChangeTracker changeTracker,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.fleetAssessor = fleetAssessor;
        this.changeTracker = changeTracker;
        this.clock = clock;
        this.snapshot = new TransactionTemplate(transactions);
        // A snapshot of its own, begun after the changes were taken: an older one would miss them for good.
        snapshot.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        snapshot.setReadOnly(true);
    }

    /** A large fleet takes seconds to judge: it is done before anybody asks. */
    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        if (fleetAssessor.size() >= LARGE) {
            Thread judging = new Thread(this::all, "first judging");
            judging.setDaemon(true);
            judging.start();
        }
    }

    /** Every vehicle, by unit. */
    public List<VehicleAssessment> all() {
        lock.lock();
        try {
            bringUpToDate();
            return List.copyOf(byUnit.values());
        } finally {
            lock.unlock();
        }
    }

    /**
     * One vehicle: as the last commit left it, and inside a write as that write has left it so far. Nobody waits here for the
     * whole fleet: where that has to be judged again, or just is, the one is loaded alone.
     */
    public VehicleAssessment get(long vehicleId) {
        if (!isWriting() && lock.tryLock()) {
            try {
                if (!changeTracker.farReaching() && LocalDate.now(clock).equals(day)) {
                    bringUpToDate();
                    VehicleAssessment known = byId.get(vehicleId);
                    if (known != null) {
                        return known;
                    }
                }
            } finally {
                lock.unlock();
            }
        }
        return fleetAssessor.get(vehicleId);
    }

    /**
     * One vehicle as the last commit left it: for a write that changes nothing of it, as a draft does. What is kept serves where
     * it is up to date, so that the one writer isn't held while a vehicle is loaded and judged; nothing else is judged here.
     */
    public VehicleAssessment asCommitted(long vehicleId) {
        if (lock.tryLock()) {
            try {
                VehicleAssessment known = byId.get(vehicleId);
                if (known != null
                        && changeTracker.isUpToDate(vehicleId)
                        && LocalDate.now(clock).equals(day)) {
                    return known;
                }
            } finally {
                lock.unlock();
            }
        }
        return fleetAssessor.get(vehicleId);
    }

    private static boolean isWriting() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    private void bringUpToDate() {
        Stale stale = changeTracker.take();
        LocalDate today = LocalDate.now(clock);
        try {
            snapshot.executeWithoutResult(status -> refresh(stale.everything() || !today.equals(day), stale));
            day = today;
        } catch (RuntimeException e) {
            changeTracker.giveBack(stale);
            throw e;
        }
    }

    private void refresh(boolean everything, Stale stale) {
        if (everything) {
            List<VehicleAssessment> fresh = fleetAssessor.all();
            byUnit.clear();
            byId.clear();
            fresh.forEach(this::keep);
        } else {
            if (stale.judgements()) {
                List<VehicleAssessment> again = judged(byUnit.values(), fleetAssessor.policy());
                again.parallelStream().forEach(VehicleAssessment::due);
                again.forEach(this::keep);
            }
            stale.vehicles().forEach(id -> keep(fleetAssessor.get(id)));
        }
    }

    /** Every vehicle as another policy would judge it, by unit: nothing of it is kept. */
    public List<VehicleAssessment> under(Policy policy) {
        return judged(all(), policy);
    }

    /** Judging asks the rules and nothing else, so all cores may share it. */
    private static List<VehicleAssessment> judged(Collection<VehicleAssessment> vehicleAssessments, Policy policy) {
        return List.copyOf(vehicleAssessments).parallelStream()
                .map(vehicleAssessment -> vehicleAssessment.under(policy))
                .toList();
    }

    private void keep(VehicleAssessment vehicleAssessment) {
        VehicleAssessment before = byId.put(vehicleAssessment.id(), vehicleAssessment);
        // Under the name it had it would be shown twice; another vehicle may have that name by now.
        if (before != null && byUnit.get(before.unit()) == before) {
            byUnit.remove(before.unit());
        }
        byUnit.put(vehicleAssessment.unit(), vehicleAssessment);
    }
}
