package rotagens.server.integration;

import static rotagens.server.storage.generated.Tables.COLDEST_MORNING;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.LocalDate;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Temperature;

/** The mornings a forecast tells, by yard. */
@Repository
class ColdestMorningStore {

    /** How cold it is expected to be. */
    record Morning(LocalDate day, Temperature temperature) {}

    private final DSLContext db;

    ColdestMorningStore(DSLContext db) {
        this.db = db;
    }

    /** Those of a yard from one day up to another. */
    List<Morning> of(String yard, LocalDate from, LocalDate to) {
        return db.select(COLDEST_MORNING.MORNING_DATE, COLDEST_MORNING.TEMPERATURE)
                .from(COLDEST_MORNING)
                .join(YARD)
                .on(YARD.ID.eq(COLDEST_MORNING.YARD_ID))
                .where(YARD.NAME.eq(yard), COLDEST_MORNING.MORNING_DATE.ge(from), COLDEST_MORNING.MORNING_DATE.lt(to))
                .fetch(row -> new Morning(row.value1(), row.value2()));
    }

    List<Long> yards() {
        return db.select(YARD.ID).from(YARD).fetch(YARD.ID);
    }

    /** A newer forecast of a morning takes the place of the one before. */
    void put(long yardId, Morning morning) {
        db.insertInto(COLDEST_MORNING)
                .set(COLDEST_MORNING.YARD_ID, yardId)
                .set(COLDEST_MORNING.MORNING_DATE, morning.day())
                .set(COLDEST_MORNING.TEMPERATURE, morning.temperature())
                .onConflict(COLDEST_MORNING.YARD_ID, COLDEST_MORNING.MORNING_DATE)
                .doUpdate()
                .set(COLDEST_MORNING.TEMPERATURE, morning.temperature())
                .execute();
    }
}
