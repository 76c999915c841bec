package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.JOB_SLOT;
import static rotagens.server.storage.generated.Tables.YARD;

import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Where and when jobs stand in the shop. */
@Repository
class JobSlotStore {

    /** @param start minutes after midnight; {@code pinned} whether a plan leaves it where it is */
    record Kept(String yard, int start, int bay, List<String> people, boolean pinned) {}

    private static final TypeReference<List<String>> NAMES = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper json;

    JobSlotStore(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** By job. */
    Map<Long, Kept> all() {
        return db.select(JOB_SLOT.asterisk(), YARD.NAME)
                .from(JOB_SLOT)
                .join(YARD)
                .on(YARD.ID.eq(JOB_SLOT.YARD_ID))
                .fetchMap(
                        row -> row.get(JOB_SLOT.JOB_ID),
                        row -> new Kept(
                                row.get(YARD.NAME),
                                row.get(JOB_SLOT.START_MINUTE),
                                row.get(JOB_SLOT.BAY),
                                json.readValue(row.get(JOB_SLOT.ASSIGNEES), NAMES),
                                row.get(JOB_SLOT.IS_PINNED)));
    }

    long yardOf(String name) {
        return db.select(YARD.ID).from(YARD).where(YARD.NAME.eq(name)).fetchSingle(YARD.ID);
    }

    /** A job without a place keeps its day. */
    void drop(long jobId) {
        db.deleteFrom(JOB_SLOT).where(JOB_SLOT.JOB_ID.eq(jobId)).execute();
    }

    void keep(long jobId, int start, int bay, List<String> people, boolean pinned, long yard) {
        db.insertInto(JOB_SLOT)
                .set(JOB_SLOT.JOB_ID, jobId)
                .set(JOB_SLOT.START_MINUTE, start)
                .set(JOB_SLOT.BAY, bay)
                .set(JOB_SLOT.ASSIGNEES, json.writeValueAsString(people))
                .set(JOB_SLOT.IS_PINNED, pinned)
                .set(JOB_SLOT.YARD_ID, yard)
                .onConflict(JOB_SLOT.JOB_ID)
                .doUpdate()
                .set(JOB_SLOT.START_MINUTE, start)
                .set(JOB_SLOT.BAY, bay)
                .set(JOB_SLOT.ASSIGNEES, json.writeValueAsString(people))
                .set(JOB_SLOT.IS_PINNED, pinned)
                .set(JOB_SLOT.YARD_ID, yard)
                .execute();
    }
}
