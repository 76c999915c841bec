package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * When something that was not taken is tried again: after a longer while each time, and in the end not any more.
 *
 * @param waits after the first try, the second, and so on
 */
public record Retries(List<Duration> waits) {

    /** For mail and messages to other systems: some three days in all. */
    public static final Retries OVER_DAYS = new Retries(List.of(
            Duration.ofSeconds(30),
            Duration.ofMinutes(2),
            Duration.ofMinutes(10),
            Duration.ofHours(1),
            Duration.ofHours(4),
            Duration.ofHours(12),
            Duration.ofHours(24),
            Duration.ofHours(24)));

    /** When it is tried next after so many tries before this one; empty where it isn't any more. */
    public Optional<Instant> next(int triesBefore, Instant now) {
        return triesBefore < waits.size() ? Optional.of(now.plus(waits.get(triesBefore))) : Optional.empty();
    }

    /** What is said of it where it is looked at. */
    public String problem(int triesBefore, String said) {
        return triesBefore < waits.size() ? said : WORDS.say("itIsNotTriedAgain", "said", said);
    }
}
