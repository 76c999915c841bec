package rotagens.server.cache;

import java.util.HashSet;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/**
 * Knows what committed writes may have changed, so that what was worked out can be kept until then. A write that says nothing
 * may have changed everything; one that knows better says so while it runs. Forgetting to say costs time, never truth.
 */
@Component
public class ChangeTracker implements TransactionExecutionListener {

    /**
     * What has to be worked out anew.
     *
     * @param judgements the facts of all vehicles hold, but they have to be judged again
     */
    public record Stale(boolean everything, boolean judgements, Set<Long> vehicles) {}

    /** What the running write has said of itself. */
    private static final class PendingChange {
        private boolean quiet;
        private boolean judgements;
        private final Set<Long> vehicles = new HashSet<>();
    }

    private final ThreadLocal<PendingChange> pendingChange = new ThreadLocal<>();
    private final Set<Long> staleVehicles = new HashSet<>();
    private boolean staleEverything = true;
    private boolean staleJudgements;
    private long count;

    /** Grows with every committed write that anybody else could notice. */
    public synchronized long count() {
        return count;
    }

    /** The running write only touches drafts: nothing on any other page changes. */
    public void draftsOnly() {
        say().quiet = true;
    }

    /** The running write changes what is known of these vehicles' tires and of no others; none where only jobs change. */
    public void only(Long... vehicleIds) {
        PendingChange now = say();
        now.quiet = false;
        now.vehicles.addAll(Set.of(vehicleIds));
    }

    /** The running write changes how vehicles are judged and no fact about them. */
    public void judgementsOnly() {
        PendingChange now = say();
        now.quiet = false;
        now.judgements = true;
    }

    private PendingChange say() {
        if (pendingChange.get() == null) {
            pendingChange.set(new PendingChange());
        }
        return pendingChange.get();
    }

    /** Hands over what is stale; whoever takes it works it out anew from a snapshot begun afterwards. */
    public synchronized Stale take() {
        Stale stale = new Stale(staleEverything, staleJudgements, Set.copyOf(staleVehicles));
        staleEverything = false;
        staleJudgements = false;
        staleVehicles.clear();
        return stale;
    }

    /** Whether more than some vehicles' facts is stale. */
    public synchronized boolean farReaching() {
        return staleEverything || staleJudgements;
    }

    /** Whether nothing was committed since that touches a vehicle or how it is judged. */
    public synchronized boolean isUpToDate(long vehicleId) {
        return !farReaching() && !staleVehicles.contains(vehicleId);
    }

    /** Gives back what could not be worked out. */
    public synchronized void giveBack(Stale stale) {
        staleEverything |= stale.everything();
        staleJudgements |= stale.judgements();
        staleVehicles.addAll(stale.vehicles());
    }

    @Override
    public void afterCommit(TransactionExecution transaction, Throwable failure) {
        if (transaction.isReadOnly()) {
            return;
        }
        PendingChange now = pendingChange.get();
        pendingChange.remove();
        synchronized (this) {
            if (now == null) {
                staleEverything = true;
                count++;
            } else if (!now.quiet) {
                staleVehicles.addAll(now.vehicles);
                staleJudgements |= now.judgements;
                count++;
            }
        }
    }

    @Override
    public void afterRollback(TransactionExecution transaction, Throwable failure) {
        if (!transaction.isReadOnly()) {
            pendingChange.remove();
        }
    }
}
