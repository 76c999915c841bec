package rotagens.server.fleet;

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
public class Changes implements TransactionExecutionListener {

    /** What has to be worked out anew. */
    public record Stale(boolean everything, Set<Long> vehicles) {}

    /** What the running write has said of itself. */
    private static final class Said {
        private boolean quiet;
        private final Set<Long> vehicles = new HashSet<>();
    }

    private final ThreadLocal<Said> said = new ThreadLocal<>();
    private final Set<Long> staleVehicles = new HashSet<>();
    private boolean staleEverything = true;
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
        Said now = say();
        now.quiet = false;
        now.vehicles.addAll(Set.of(vehicleIds));
    }

    private Said say() {
        if (said.get() == null) {
            said.set(new Said());
        }
        return said.get();
    }

    /** Hands over what is stale; whoever takes it works it out anew from a snapshot begun afterwards. */
    synchronized Stale take() {
        Stale stale = new Stale(staleEverything, Set.copyOf(staleVehicles));
        staleEverything = false;
        staleVehicles.clear();
        return stale;
    }

    /** Gives back what could not be worked out. */
    synchronized void giveBack(Stale stale) {
        staleEverything |= stale.everything();
        staleVehicles.addAll(stale.vehicles());
    }

    @Override
    public void afterCommit(TransactionExecution transaction, Throwable failure) {
        if (transaction.isReadOnly()) {
            return;
        }
        Said now = said.get();
        said.remove();
        synchronized (this) {
            if (now == null) {
                staleEverything = true;
                count++;
            } else if (!now.quiet) {
                staleVehicles.addAll(now.vehicles);
                count++;
            }
        }
    }

    @Override
    public void afterRollback(TransactionExecution transaction, Throwable failure) {
        if (!transaction.isReadOnly()) {
            said.remove();
        }
    }
}
