package rotagens.server.fleet;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/** Counts committed write transactions, so that what was worked out can be kept until something changes. */
@Component
public class Changes implements TransactionExecutionListener {

    private final AtomicLong count = new AtomicLong();

    /** Grows with every committed write. */
    public long count() {
        return count.get();
    }

    @Override
    public void afterCommit(TransactionExecution transaction, Throwable failure) {
        if (!transaction.isReadOnly()) {
            count.incrementAndGet();
        }
    }
}
