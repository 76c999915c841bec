package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.web.IdempotentAnswerStore.Kept;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lets a write that a phone may send twice happen once. The answer is kept with its key in the same transaction as the write;
 * the same key and request again gets the same answer, the same key with another request is refused.
 */
@Component
public class IdempotentRequests {

    private static final int LONGEST_KEY = 100;

    private final IdempotentAnswerStore store;
    private final JsonMapper json;
    private final Clock clock;

    IdempotentRequests(IdempotentAnswerStore store, JsonMapper json, Clock clock) {
        this.store = store;
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
            throw ProblemException.field(
                    "Idempotency-Key", WORDS.say("keyHasAtMostCharacters", "longestKey", LONGEST_KEY));
        }
        String hash = Secrets.digest(json.writeValueAsString(request));
        Optional<Kept> known = store.of(key);
        if (known.isPresent()) {
            if (!known.get().requestHash().equals(hash)) {
                throw ProblemException.field("Idempotency-Key", WORDS.say("thisKeyWasUsed"));
            }
            return json.readValue(known.get().answer(), answerType);
        }
        T answer = write.get();
        store.keep(key, new Kept(hash, json.writeValueAsString(answer)), clock.instant());
        return answer;
    }

    /** Longer than any device keeps what waits to be sent. */
    private static final Duration KEPT = Duration.ofDays(90);

    /** Lets go of answers that no device can ask for any more; a key that comes later still would be a new request. */
    @Scheduled(initialDelayString = "PT20M", fixedDelayString = "P1D")
    @Transactional
    public void purgeOldAnswers() {
        store.purge(clock.instant().minus(KEPT));
    }
}
