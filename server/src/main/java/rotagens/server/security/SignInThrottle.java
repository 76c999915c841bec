package rotagens.server.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import rotagens.server.people.People;

/**
 * How often a password may be tried: few times for one name from one address, more for the address as a whole, and more for the
 * name as a whole, so that many addresses together don't guess on where one had to stop.
 */
@Component
class SignInThrottle {

    private static final Duration WINDOW = Duration.ofMinutes(5);
    private static final int REMEMBERED = 20_000;

    private final int forOneName;
    private final int forOneAddress;
    private final int forOneNameAnywhere;
    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterAccess(WINDOW.multipliedBy(2))
            .build();

    SignInThrottle(
            @Value("${rotagens.sign-in.tries-for-a-name:8}") int forOneName,
            @Value("${rotagens.sign-in.tries-from-an-address:60}") int forOneAddress,
            @Value("${rotagens.sign-in.tries-for-a-name-anywhere:40}") int forOneNameAnywhere) {
        this.forOneName = forOneName;
        this.forOneAddress = forOneAddress;
        this.forOneNameAnywhere = forOneNameAnywhere;
    }

    /** Counts one try; the seconds to wait where there were too many, else 0. */
    long secondsToWait(String name, String address) {
        // In turn: who is stopped by the address, or by name and address, doesn't use up the name for its owner
        // elsewhere.
        long wait = wait("address " + address, forOneAddress);
        if (wait == 0) {
            wait = wait(key(name, address), forOneName);
        }
        return wait == 0 ? wait("name " + canonical(name), forOneNameAnywhere) : wait;
    }

    private long wait(String key, int tries) {
        ConsumptionProbe probe = bucket(key, tries).tryConsumeAndReturnRemaining(1);
        return probe.isConsumed()
                ? 0
                : Math.max(1, Duration.ofNanos(probe.getNanosToWaitForRefill()).toSeconds());
    }

    /** The right password forgives the wrong ones before it. */
    void forgive(String name, String address) {
        buckets.invalidate(key(name, address));
    }

    private static String key(String name, String address) {
        return "name " + canonical(name) + " at " + address;
    }

    private static String canonical(String name) {
        return People.canonicalName(name);
    }

    private Bucket bucket(String key, int tries) {
        return buckets.get(
                key,
                fresh -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(tries).refillGreedy(tries, WINDOW))
                        .build());
    }
}
