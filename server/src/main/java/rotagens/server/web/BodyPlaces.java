package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Places for bodies that are on their way: so many of one address and so many in all, each with a time to arrive in. Fewer in
 * all than the server has threads: somebody who only reads is always served.
 */
@Component
class BodyPlaces {

    static final Problem FULL =
            Problem.of(HttpStatus.SERVICE_UNAVAILABLE, Problem.BUSY, WORDS.say("tooMuchIsBeingSent"));

    static final Problem SLOW =
            Problem.of(HttpStatus.REQUEST_TIMEOUT, WORDS.say("itTookTooLong"), WORDS.say("connectionIsTooSlowJust"));

    /** What every body has to arrive in, however short. */
    private static final Duration TIME = Duration.ofSeconds(20);
    /** The slowest line that is still served: 8 kB in a second. */
    private static final long BYTES_A_SECOND = 8 * 1024;

    private final int inAll;
    private final int ofOneAddress;
    private final LongSupplier nanos;
    private final Semaphore all;
    private final Map<String, Integer> byAddress = new ConcurrentHashMap<>();

    @Autowired
    BodyPlaces(
            @Value("${rotagens.bodies.in-all:24}") int inAll,
            @Value("${rotagens.bodies.of-one-address:12}") int ofOneAddress) {
        this(inAll, ofOneAddress, System::nanoTime);
    }

    BodyPlaces(int inAll, int ofOneAddress, LongSupplier nanos) {
        this.inAll = inAll;
        this.ofOneAddress = ofOneAddress;
        this.nanos = nanos;
        this.all = new Semaphore(inAll);
    }

    /** Nothing is taken before the first byte is asked for: most requests have no body. */
    Place of(String address) {
        return new Place(address);
    }

    /** Bodies under way. */
    int underWay() {
        return inAll - all.availablePermits();
    }

    /** A body that can't be taken. */
    static final class NotTaken extends IOException {
        private static final long serialVersionUID = 1L;

        private final transient Problem problem;

        NotTaken(Problem problem) {
            super(problem.getTitle());
            this.problem = problem;
        }

        Problem problem() {
            return problem;
        }
    }

    /** One request's place; used by its thread only. */
    final class Place {
        private final String address;
        private boolean isHeld;
        private boolean isLeft;
        private long since;

        private Place(String address) {
            this.address = address;
        }

        /** @throws NotTaken where the address, or all together, have too many under way */
        void enter() throws NotTaken {
            if (isHeld || isLeft) {
                return;
            }
            int here = byAddress.merge(address, 1, Integer::sum);
            if (here > ofOneAddress || !all.tryAcquire()) {
                oneLess();
                isLeft = true;
                throw new NotTaken(FULL);
            }
            isHeld = true;
            since = nanos.getAsLong();
        }

        /**
         * So much has come.
         *
         * @throws NotTaken where that took too long
         */
        void goesOn(long bytes) throws NotTaken {
            if (isHeld && nanos.getAsLong() - since > TIME.toNanos() + bytes * 1_000_000_000L / BYTES_A_SECOND) {
                leave();
                throw new NotTaken(SLOW);
            }
        }

        void leave() {
            isLeft = true;
            if (isHeld) {
                isHeld = false;
                all.release();
                oneLess();
            }
        }

        private void oneLess() {
            byAddress.computeIfPresent(address, (key, count) -> count > 1 ? count - 1 : null);
        }
    }
}
