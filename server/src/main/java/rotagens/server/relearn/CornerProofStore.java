package rotagens.server.relearn;

import static rotagens.server.relearn.RelearnWords.WORDS;
import static rotagens.server.storage.generated.Tables.DASH_GAUGE_CHECK;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.RELEARN;

import java.time.Instant;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What proves that the dash names the right corners: a relearn brought to its end, or dash and gauge compared at every corner. */
@Repository
public class CornerProofStore {

    /**
     * A record somebody made.
     *
     * @param proves whether dash and gauge agreed at every corner
     */
    public record CornerProof(boolean proves, String statement, Instant at, long personId, String by) {}

    private final DSLContext db;

    CornerProofStore(DSLContext db) {
        this.db = db;
    }

    void compared(long vehicleId, boolean proves, String statement, Instant at, long by) {
        db.insertInto(DASH_GAUGE_CHECK)
                .set(DASH_GAUGE_CHECK.VEHICLE_ID, vehicleId)
                .set(DASH_GAUGE_CHECK.IS_PROOF, proves)
                .set(DASH_GAUGE_CHECK.STATEMENT, statement)
                .set(DASH_GAUGE_CHECK.RECORDED_AT, at)
                .set(DASH_GAUGE_CHECK.PERSON_ID, by)
                .execute();
    }

    /** The last comparison of a vehicle's dash and gauge since a moment. */
    public Optional<CornerProof> comparison(long vehicleId, Instant since) {
        return db.select(DASH_GAUGE_CHECK.asterisk(), PERSON.NAME)
                .from(DASH_GAUGE_CHECK)
                .join(PERSON)
                .on(PERSON.ID.eq(DASH_GAUGE_CHECK.PERSON_ID))
                .where(DASH_GAUGE_CHECK.VEHICLE_ID.eq(vehicleId), DASH_GAUGE_CHECK.RECORDED_AT.ge(since))
                .orderBy(DASH_GAUGE_CHECK.ID.desc())
                .limit(1)
                .fetchOptional(row -> new CornerProof(
                        row.get(DASH_GAUGE_CHECK.IS_PROOF),
                        row.get(DASH_GAUGE_CHECK.STATEMENT),
                        row.get(DASH_GAUGE_CHECK.RECORDED_AT),
                        row.get(DASH_GAUGE_CHECK.PERSON_ID),
                        row.get(PERSON.NAME)));
    }

    /** The last relearn of a vehicle that was proven since a moment; practice proves nothing. */
    public Optional<CornerProof> relearn(long vehicleId, Instant since) {
        return db.select(RELEARN.ENDED_AT, RELEARN.PERSON_ID, PERSON.NAME)
                .from(RELEARN)
                .join(PERSON)
                .on(PERSON.ID.eq(RELEARN.PERSON_ID))
                .where(RELEARN.VEHICLE_ID.eq(vehicleId), RELEARN.IS_PRACTICE.isFalse(), RELEARN.ENDED_AT.ge(since))
                .and(RELEARN.OUTCOME.startsWith(RelearnStore.LEARNED))
                .orderBy(RELEARN.ID.desc())
                .limit(1)
                .fetchOptional(row -> new CornerProof(
                        true, WORDS.say("everyCornerConfirmedOnDash"), row.value1(), row.value2(), row.value3()));
    }
}
