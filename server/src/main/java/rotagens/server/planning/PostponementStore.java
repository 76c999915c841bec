package rotagens.server.planning;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSTPONEMENT;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Due work left until a day, as it was decided. */
@Repository
class PostponementStore {

    /**
     * One decision.
     *
     * @param key the due work it leaves
     * @param by who decided it
     */
    record Stored(long id, long vehicleId, String key, LocalDate until, String reason, Instant at, String by) {}

    private final DSLContext db;

    PostponementStore(DSLContext db) {
        this.db = db;
    }

    /** Those nobody ended that last until a day or longer, in the order they were decided. */
    List<Stored> lasting(LocalDate day) {
        return those(POSTPONEMENT.ENDED_AT.isNull().and(POSTPONEMENT.UNTIL_DATE.ge(day)));
    }

    /** Those of a vehicle that nobody ended. */
    List<Stored> openOf(long vehicleId) {
        return those(POSTPONEMENT.ENDED_AT.isNull().and(POSTPONEMENT.VEHICLE_ID.eq(vehicleId)));
    }

    /** All of a vehicle, ended ones too. */
    List<Stored> ofVehicle(long vehicleId) {
        return those(POSTPONEMENT.VEHICLE_ID.eq(vehicleId));
    }

    private List<Stored> those(Condition which) {
        return db.select(POSTPONEMENT.asterisk(), PERSON.NAME)
                .from(POSTPONEMENT)
                .join(PERSON)
                .on(PERSON.ID.eq(POSTPONEMENT.PERSON_ID))
                .where(which)
                .orderBy(POSTPONEMENT.ID)
                .fetch(row -> new Stored(
                        row.get(POSTPONEMENT.ID),
                        row.get(POSTPONEMENT.VEHICLE_ID),
                        row.get(POSTPONEMENT.DUE_ITEM_KEY),
                        row.get(POSTPONEMENT.UNTIL_DATE),
                        row.get(POSTPONEMENT.REASON),
                        row.get(POSTPONEMENT.RECORDED_AT),
                        row.get(PERSON.NAME)));
    }

    void add(long vehicleId, String key, LocalDate until, String reason, Instant at, long by) {
        db.insertInto(POSTPONEMENT)
                .set(POSTPONEMENT.VEHICLE_ID, vehicleId)
                .set(POSTPONEMENT.DUE_ITEM_KEY, key)
                .set(POSTPONEMENT.UNTIL_DATE, until)
                .set(POSTPONEMENT.REASON, reason)
                .set(POSTPONEMENT.RECORDED_AT, at)
                .set(POSTPONEMENT.PERSON_ID, by)
                .execute();
    }

    void end(Collection<Long> ids, Instant at) {
        db.update(POSTPONEMENT)
                .set(POSTPONEMENT.ENDED_AT, at)
                .where(POSTPONEMENT.ID.in(ids))
                .execute();
    }
}
