package rotagens.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;

/**
 * Lets others go first. The pool gives the one writer back to whoever asks soonest, and work that goes on part by part would
 * always be soonest; it asks here between its parts.
 */
@Component
public class WriterQueue {

    private static final long LOOKS_NANOS = TimeUnit.MICROSECONDS.toNanos(500);
    private static final long MOST_NANOS = TimeUnit.SECONDS.toNanos(2);

    private final HikariDataSource writer;

    WriterQueue(@Qualifier("writer") HikariDataSource writer) {
        this.writer = writer;
    }

    /** Waits until nobody waits for the writer, two seconds at most; outside any transaction. */
    public void letOthersGo() {
        long since = System.nanoTime();
        while (waiting() > 0 && System.nanoTime() - since < MOST_NANOS) {
            LockSupport.parkNanos(LOOKS_NANOS);
        }
    }

    /** How many wait to save at this moment. */
    int waiting() {
        return writer.getHikariPoolMXBean().getThreadsAwaitingConnection();
    }
}
