package rotagens.server.web;

import static rotagens.server.storage.generated.Tables.IDEMPOTENT_ANSWER;

import java.time.Clock;
import java.time.Duration;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lets a write that a phone may send twice happen once. The answer is kept with its key in the same transaction as the write;
 * the same key and request again gets the same answer, the same key with another request is refused.
 */
@Component
public class IdempotentRequests {

    private static final int LONGEST_KEY = 100;

    private final DSLContext db;
    private final JsonMapper json;
    private final Clock clock;

    IdempotentRequests(DSLContext db, JsonMapper json, Clock clock) {
        this.db = db;
        this.json = json;
        this.clock = clock;
    }

    /**
     * @param key the request’s {@code Idempotency-Key}; without one the write simply happens
     * @param request what was asked, address included
     */
    @Transactional
    public <T> T write(String key, Object request, Class<T> answerType, Supplier<T> write) {
        if (key == null || key.isBlank()) {
            return write.get();
        }
        if (key.length() > LONGEST_KEY) {
            throw ProblemException.field("Idempotency-Key", "A key has at most " + LONGEST_KEY + " characters.");
        }
        String hash = Secrets.digest(json.writeValueAsString(request));
        var known = db.selectFrom(IDEMPOTENT_ANSWER)
                .where(IDEMPOTENT_ANSWER.IDEMPOTENCY_KEY.eq(key))
                .fetchOne();
        if (known != null) {
            if (!known.getRequestHash().equals(hash)) {
                throw ProblemException.field("Idempotency-Key", "This key was used for another request.");
            }
            return json.readValue(known.getAnswer(), answerType);
        }
        T answer = write.get();
        db.insertInto(IDEMPOTENT_ANSWER)
                .set(IDEMPOTENT_ANSWER.IDEMPOTENCY_KEY, key)
                .set(IDEMPOTENT_ANSWER.REQUEST_HASH, hash)
                .set(IDEMPOTENT_ANSWER.ANSWER, json.writeValueAsString(answer))
                .set(IDEMPOTENT_ANSWER.ANSWERED_AT, clock.instant())
                .execute();
        return answer;
    }

    /** Longer than any device keeps what waits to be sent. */
    private static final Duration KEPT = Duration.ofDays(90);

    /** Lets go of answers that no device can ask for any more; a key that comes later still would be a new request. */
    @Scheduled(initialDelayString = "PT20M", fixedDelayString = "P1D")
    @Transactional
    public void purgeOldAnswers() {
        db.deleteFrom(IDEMPOTENT_ANSWER)
                .where(IDEMPOTENT_ANSWER.ANSWERED_AT.lt(clock.instant().minus(KEPT)))
                .execute();
    }
}
