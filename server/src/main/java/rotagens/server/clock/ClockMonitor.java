package rotagens.server.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.clock.ClockConfirmationStore.Confirmation;

/**
 * Notices a machine's clock that stands before what was stored already: a dead battery, or a hand. Ages, due days and the order
 * of the ledger would all be wrong from then on, so nothing is stored until the clock is set, or a manager says that it is
 * right now and ran ahead before.
 */
@Service
class ClockMonitor {

    /** A clock that is corrected over the network may step back a little. */
    private static final Duration STEP = Duration.ofMinutes(10);

    /** Lines looked at from the end of each ledger: some carry the earlier time of a device out of reach. */
    private static final int LAST = 500;

    private final ClockConfirmationStore store;
    private final List<DatedLedger> ledgers;
    private final Clock clock;
    private Instant latest;

    ClockMonitor(ClockConfirmationStore store, List<DatedLedger> ledgers, Clock clock) {
        this.store = store;
        this.ledgers = ledgers;
        this.clock = clock;
    }

    /** The last moment anything was stored, where the clock now stands before it. */
    @Transactional(readOnly = true)
    public synchronized Optional<Instant> standsBefore() {
        Instant now = machine();
        if (latest == null) {
            latest = stored();
        }
        if (now.isBefore(latest.minus(STEP))) {
            if (clock instanceof GuardedClock guarded) {
                guarded.freeze(latest);
            }
            return Optional.of(latest);
        }
        if (clock instanceof GuardedClock guarded) {
            guarded.release();
        }
        latest = now.isAfter(latest) ? now : latest;
        return Optional.empty();
    }

    /** What the machine's own clock says. */
    Instant machine() {
        return clock instanceof GuardedClock guarded ? guarded.machine() : clock.instant();
    }

    private Instant stored() {
        List<Confirmation> words = store.all();
        return ledgers.stream()
                .flatMap(ledger -> ledger.lastStored(LAST).stream())
                .filter(end -> words.stream().noneMatch(word -> word.covers(end)))
                .max(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
    }

    /** Takes a manager's word that the clock is right now. */
    @Transactional
    public synchronized void isRight(long personId) {
        standsBefore().ifPresent(ahead -> {
            store.add(new Confirmation(machine(), ahead), personId);
            latest = stored();
            standsBefore();
        });
    }
}
