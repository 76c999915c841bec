package rotagens.server.cache;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionExecution;
import rotagens.server.cache.ChangeTracker.Stale;

/** What writes say of themselves, and what has to be worked out anew for it. */
class ChangeTrackerTest {

    private static final TransactionExecution WRITE = new TransactionExecution() {};
    private static final TransactionExecution READ = new TransactionExecution() {
        @Override
        public boolean isReadOnly() {
            return true;
        }
    };

    private final ChangeTracker changeTracker = new ChangeTracker();

    private Stale committed(Runnable said) {
        said.run();
        changeTracker.afterCommit(WRITE, null);
        return changeTracker.take();
    }

    private void takeFirst() {
        assertThat(changeTracker.take().everything())
                .as("nothing is known at first")
                .isTrue();
    }

    @Test
    @DisplayName("a write that says nothing makes everything stale, one that reads makes nothing stale")
    void silent() {
        takeFirst();
        assertThat(committed(() -> {}).everything()).isTrue();
        changeTracker.afterCommit(READ, null);
        Stale stale = changeTracker.take();
        assertThat(stale.everything()).isFalse();
        assertThat(stale.vehicles()).isEmpty();
    }

    @Test
    @DisplayName("a write that names vehicles makes those stale and counts; what several name comes together")
    void named() {
        takeFirst();
        long before = changeTracker.count();
        changeTracker.only(3L);
        changeTracker.only(5L, 3L);
        changeTracker.afterCommit(WRITE, null);
        changeTracker.only(8L);
        changeTracker.afterCommit(WRITE, null);
        assertThat(changeTracker.count()).isEqualTo(before + 2);
        Stale stale = changeTracker.take();
        assertThat(stale.everything()).isFalse();
        assertThat(stale.vehicles()).containsExactlyInAnyOrder(3L, 5L, 8L);
        assertThat(changeTracker.take().vehicles()).as("handed over once").isEmpty();
    }

    @Test
    @DisplayName("drafts are nobody else’s business, unless the same write names a vehicle, too")
    void drafts() {
        takeFirst();
        long before = changeTracker.count();
        assertThat(committed(changeTracker::draftsOnly).vehicles()).isEmpty();
        assertThat(changeTracker.count()).isEqualTo(before);
        assertThat(committed(() -> {
                            changeTracker.draftsOnly();
                            changeTracker.only(4L);
                        })
                        .vehicles())
                .containsExactly(4L);
        assertThat(changeTracker.count()).isEqualTo(before + 1);
    }

    @Test
    @DisplayName("a policy makes judgements stale and no facts")
    void judgements() {
        takeFirst();
        changeTracker.judgementsOnly();
        changeTracker.afterCommit(WRITE, null);
        assertThat(changeTracker.farReaching()).isTrue();
        Stale stale = changeTracker.take();
        assertThat(stale.judgements()).isTrue();
        assertThat(stale.everything()).isFalse();
        assertThat(changeTracker.farReaching()).isFalse();
        assertThat(changeTracker.take().judgements()).isFalse();
    }

    @Test
    @DisplayName("what was rolled back says nothing of the next write")
    void rolledBack() {
        takeFirst();
        changeTracker.draftsOnly();
        changeTracker.afterRollback(WRITE, null);
        assertThat(committed(() -> {}).everything()).isTrue();
    }

    @Test
    @DisplayName("what couldn’t be worked out is stale again, with what came meanwhile")
    void givenBack() {
        takeFirst();
        changeTracker.only(1L);
        changeTracker.afterCommit(WRITE, null);
        changeTracker.judgementsOnly();
        changeTracker.afterCommit(WRITE, null);
        Stale taken = changeTracker.take();
        changeTracker.only(2L);
        changeTracker.afterCommit(WRITE, null);
        changeTracker.giveBack(taken);
        Stale again = changeTracker.take();
        assertThat(again.vehicles()).containsExactlyInAnyOrder(1L, 2L);
        assertThat(again.judgements()).isTrue();
        assertThat(again.everything()).isFalse();
    }
}
