package rotagens.server.clock;

import static rotagens.server.storage.generated.Tables.CLOCK_CONFIRMATION;

import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Managers' words that the clock is right. */
@Repository
class ClockConfirmationStore {

    /** @param until the last moment that was stored while the clock ran ahead */
    record Confirmation(Instant at, Instant until) {

        boolean covers(Instant end) {
            return end.isAfter(at) && !end.isAfter(until);
        }
    }

    private final DSLContext db;

    ClockConfirmationStore(DSLContext db) {
        this.db = db;
    }

    List<Confirmation> all() {
        return db.selectFrom(CLOCK_CONFIRMATION)
                .fetch(row -> new Confirmation(row.getRecordedAt(), row.getConfirmedFutureAt()));
    }

    void add(Confirmation word, long by) {
        db.insertInto(CLOCK_CONFIRMATION)
                .set(CLOCK_CONFIRMATION.RECORDED_AT, word.at())
                .set(CLOCK_CONFIRMATION.CONFIRMED_FUTURE_AT, word.until())
                .set(CLOCK_CONFIRMATION.PERSON_ID, by)
                .execute();
    }
}
