package rotagens.server.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** How often somebody may try to sign in: few times for one name from one address, more for the address as a whole. */
@Component
class SignInThrottle {

    private static final Duration WINDOW = Duration.ofMinutes(5);
    private static final int REMEMBERED = 20_000;

    private final int forOneName;
    private final int forOneAddress;
    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterAccess(WINDOW.multipliedBy(2))
            .build();

    SignInThrottle(
            @Value("${rotagens.sign-in.tries-for-a-name:8}") int forOneName,
            @Value("${rotagens.sign-in.tries-from-an-address:60}") int forOneAddress) {
        this.forOneName = forOneName;
        this.forOneAddress = forOneAddress;
    }

    /** Counts one try; the seconds to wait where there were too many, else 0. */
    long secondsToWait(String name, String address) {
        ConsumptionProbe byAddress = bucket(address, forOneAddress).tryConsumeAndReturnRemaining(1);
        ConsumptionProbe byName = bucket(key(name, address), forOneName).tryConsumeAndReturnRemaining(1);
        long wait = Math.max(byAddress.getNanosToWaitForRefill(), byName.getNanosToWaitForRefill());
        return byAddress.isConsumed() && byName.isConsumed()
                ? 0
                : Math.max(1, Duration.ofNanos(wait).toSeconds());
    }

    /** The right password forgives the wrong ones before it. */
    void forgive(String name, String address) {
        buckets.invalidate(key(name, address));
    }

    private static String key(String name, String address) {
        return address + " " + name.strip().toLowerCase(Locale.ROOT);
    }

    private Bucket bucket(String key, int tries) {
        return buckets.get(
                key,
                fresh -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(tries).refillGreedy(tries, WINDOW))
                        .build());
    }
}
