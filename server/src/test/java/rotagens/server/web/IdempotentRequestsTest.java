package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.server.storage.generated.Tables.IDEMPOTENT_ANSWER;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicInteger;
import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.ServerTest;

@ServerTest
class IdempotentRequestsTest {

    @Autowired
    IdempotentRequests onceOnly;

    @Autowired
    DSLContext db;

    @Autowired
    Clock clock;

    @Autowired
    PlatformTransactionManager transactions;

    private final AtomicInteger written = new AtomicInteger();

    private int write(String key) {
        return onceOnly.write(key, "options", Integer.class, written::incrementAndGet);
    }

    private void kept(String key, Duration ago) {
        Instant at = clock.instant().minus(ago);
        new TransactionTemplate(transactions)
                .executeWithoutResult(status -> db.update(IDEMPOTENT_ANSWER)
                        .set(IDEMPOTENT_ANSWER.ANSWERED_AT, at)
                        .where(IDEMPOTENT_ANSWER.IDEMPOTENCY_KEY.eq(key))
                        .execute());
    }

    @Test
    @DisplayName("a request sent again gets the same answer for ninety days, and no answer is kept for longer")
    void letGo() {
        assertThat(write("young")).isEqualTo(1);
        assertThat(write("old")).isEqualTo(2);
        kept("young", Duration.ofDays(89));
        kept("old", Duration.ofDays(91));
        onceOnly.purgeOldAnswers();
        assertThat(write("young")).as("written once").isEqualTo(1);
        assertThat(db.fetchCount(IDEMPOTENT_ANSWER, IDEMPOTENT_ANSWER.IDEMPOTENCY_KEY.eq("old")))
                .isZero();
    }
}
