package rotagens.server.people;

import static rotagens.server.people.PeopleWords.WORDS;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import rotagens.server.web.ProblemException;

/**
 * Hashes that are slow on purpose, and few at a time: a hundred people guessing passwords at once wait for each other, and
 * whoever saves a reading meanwhile doesn't wait for them.
 */
@Component
class PasswordHashes {

    private static final long WAITS_SECONDS = 5;

    private final PasswordEncoder encoder;
    private final Semaphore places;
    private final String nobodysHash;

    PasswordHashes(PasswordEncoder encoder, @Value("${rotagens.sign-in.hashes-at-once:2}") int atOnce) {
        this.encoder = encoder;
        this.places = new Semaphore(atOnce, true);
        this.nobodysHash = encoder.encode(WORDS.say("nobodysPassword"));
    }

    /** @throws ProblemException 503 where too many wait for theirs already */
    String encode(String password) {
        return inTurn(() -> encoder.encode(password));
    }

    /**
     * Whether a password belongs to a hash; without a hash it takes as long and is wrong.
     *
     * @throws ProblemException 503 where too many wait for theirs already
     */
    boolean matches(String password, @Nullable String hash) {
        return inTurn(() -> encoder.matches(password, hash == null ? nobodysHash : hash)) && hash != null;
    }

    private <T> T inTurn(Supplier<T> slow) {
        boolean hasPlace;
        try {
            hasPlace = places.tryAcquire(WAITS_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            hasPlace = false;
        }
        if (!hasPlace) {
            throw ProblemException.busy(WORDS.say("manyPasswordsAreBeingChecked"));
        }
        try {
            return slow.get();
        } finally {
            places.release();
        }
    }
}
