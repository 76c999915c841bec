package rotagens.server.clock;

import static rotagens.server.storage.generated.Tables.CLOCK_CONFIRMATION;
import static rotagens.server.storage.generated.Tables.READING;
import static rotagens.server.storage.generated.Tables.TIRE_MOVEMENT;
import static rotagens.server.storage.generated.Tables.WALK_AROUND;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.storage.generated.tables.records.ClockConfirmationRecord;

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

    private final DSLContext db;
    private final Clock clock;
    private Instant latest;

    ClockMonitor(DSLContext db, Clock clock) {
        this.db = db;
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
        List<ClockConfirmationRecord> words = db.selectFrom(CLOCK_CONFIRMATION).fetch();
        List<Instant> ends = new ArrayList<>();
        for (TableField<?, Instant> at : List.of(READING.READ_AT, TIRE_MOVEMENT.MOVED_AT, WALK_AROUND.STARTED_AT)) {
            db.select(at)
                    .from(at.getTable())
                    .orderBy(at.getTable().field("id").desc())
                    .limit(LAST)
                    .forEach(row -> ends.add(row.value1()));
        }
        return ends.stream()
                .filter(end -> words.stream().noneMatch(word -> covers(word, end)))
                .max(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
    }

    private static boolean covers(ClockConfirmationRecord word, Instant end) {
        return end.isAfter(word.getRecordedAt()) && !end.isAfter(word.getConfirmedFutureAt());
    }

    /** Takes a manager's word that the clock is right now. */
    @Transactional
    public synchronized void isRight(long personId) {
        standsBefore().ifPresent(ahead -> {
            db.insertInto(CLOCK_CONFIRMATION)
                    .set(CLOCK_CONFIRMATION.RECORDED_AT, machine())
                    .set(CLOCK_CONFIRMATION.CONFIRMED_FUTURE_AT, ahead)
                    .set(CLOCK_CONFIRMATION.PERSON_ID, personId)
                    .execute();
            latest = stored();
            standsBefore();
        });
    }
}
