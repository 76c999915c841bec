package rotagens.server.web;

import static rotagens.server.storage.generated.Tables.IDEMPOTENT_ANSWER;

import java.time.Instant;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What was answered to requests that carry a key. */
@Repository
class IdempotentAnswerStore {

    /** @param requestHash the digest of what was asked; {@code answer} as JSON */
    record Kept(String requestHash, String answer) {}

    private final DSLContext db;

    IdempotentAnswerStore(DSLContext db) {
        this.db = db;
    }

    Optional<Kept> of(String key) {
        return db.selectFrom(IDEMPOTENT_ANSWER)
                .where(IDEMPOTENT_ANSWER.IDEMPOTENCY_KEY.eq(key))
                .fetchOptional(row -> new Kept(row.getRequestHash(), row.getAnswer()));
    }

    void keep(String key, Kept answered, Instant at) {
        db.insertInto(IDEMPOTENT_ANSWER)
                .set(IDEMPOTENT_ANSWER.IDEMPOTENCY_KEY, key)
                .set(IDEMPOTENT_ANSWER.REQUEST_HASH, answered.requestHash())
                .set(IDEMPOTENT_ANSWER.ANSWER, answered.answer())
                .set(IDEMPOTENT_ANSWER.ANSWERED_AT, at)
                .execute();
    }

    void purge(Instant before) {
        db.deleteFrom(IDEMPOTENT_ANSWER)
                .where(IDEMPOTENT_ANSWER.ANSWERED_AT.lt(before))
                .execute();
    }
}
