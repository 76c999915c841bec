package rotagens.server.changes;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionExecution;
import rotagens.server.changes.Changes.Stale;

/** What writes say of themselves, and what has to be worked out anew for it. */
class ChangesTest {

    private static final TransactionExecution WRITE = new TransactionExecution() {};
    private static final TransactionExecution READ = new TransactionExecution() {
        @Override
        public boolean isReadOnly() {
            return true;
        }
    };

    private final Changes changes = new Changes();

    private Stale committed(Runnable said) {
        said.run();
        changes.afterCommit(WRITE, null);
        return changes.take();
    }

    private void takeFirst() {
        assertThat(changes.take().everything()).as("nothing is known at first").isTrue();
    }

    @Test
    @DisplayName("a write that says nothing makes everything stale, one that reads makes nothing stale")
    void silent() {
        takeFirst();
        assertThat(committed(() -> {}).everything()).isTrue();
        changes.afterCommit(READ, null);
        Stale stale = changes.take();
        assertThat(stale.everything()).isFalse();
        assertThat(stale.vehicles()).isEmpty();
    }

    @Test
    @DisplayName("a write that names vehicles makes those stale and counts; what several name comes together")
    void named() {
        takeFirst();
        long before = changes.count();
        changes.only(3L);
        changes.only(5L, 3L);
        changes.afterCommit(WRITE, null);
        changes.only(8L);
        changes.afterCommit(WRITE, null);
        assertThat(changes.count()).isEqualTo(before + 2);
        Stale stale = changes.take();
        assertThat(stale.everything()).isFalse();
        assertThat(stale.vehicles()).containsExactlyInAnyOrder(3L, 5L, 8L);
        assertThat(changes.take().vehicles()).as("handed over once").isEmpty();
    }

    @Test
    @DisplayName("drafts are nobody else’s business, unless the same write names a vehicle, too")
    void drafts() {
        takeFirst();
        long before = changes.count();
        assertThat(committed(changes::draftsOnly).vehicles()).isEmpty();
        assertThat(changes.count()).isEqualTo(before);
        assertThat(committed(() -> {
                            changes.draftsOnly();
                            changes.only(4L);
                        })
                        .vehicles())
                .containsExactly(4L);
        assertThat(changes.count()).isEqualTo(before + 1);
    }

    @Test
    @DisplayName("a policy makes judgements stale and no facts")
    void judgements() {
        takeFirst();
        changes.judgementsOnly();
        changes.afterCommit(WRITE, null);
        assertThat(changes.farReaching()).isTrue();
        Stale stale = changes.take();
        assertThat(stale.judgements()).isTrue();
        assertThat(stale.everything()).isFalse();
        assertThat(changes.farReaching()).isFalse();
        assertThat(changes.take().judgements()).isFalse();
    }

    @Test
    @DisplayName("what was rolled back says nothing of the next write")
    void rolledBack() {
        takeFirst();
        changes.draftsOnly();
        changes.afterRollback(WRITE, null);
        assertThat(committed(() -> {}).everything()).isTrue();
    }

    @Test
    @DisplayName("what couldn’t be worked out is stale again, with what came meanwhile")
    void givenBack() {
        takeFirst();
        changes.only(1L);
        changes.afterCommit(WRITE, null);
        changes.judgementsOnly();
        changes.afterCommit(WRITE, null);
        Stale taken = changes.take();
        changes.only(2L);
        changes.afterCommit(WRITE, null);
        changes.giveBack(taken);
        Stale again = changes.take();
        assertThat(again.vehicles()).containsExactlyInAnyOrder(1L, 2L);
        assertThat(again.judgements()).isTrue();
        assertThat(again.everything()).isFalse();
    }
}
