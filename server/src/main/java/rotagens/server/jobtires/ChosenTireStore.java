package rotagens.server.jobtires;

import static rotagens.server.storage.generated.Tables.CHOSEN_TIRE;
import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.JOB_ITEM;

import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The tires chosen for pieces of work. */
@Repository
class ChosenTireStore {

    /** @param tireId one in stock, or null; {@code orderLineId} one that is on its way, or null; else one to buy */
    record Chosen(
            long itemId, @Nullable Long tireId, @Nullable Long orderLineId, long modelId) {}

    private final DSLContext db;

    ChosenTireStore(DSLContext db) {
        this.db = db;
    }

    Map<Long, Chosen> of(Collection<Long> itemIds) {
        return db.selectFrom(CHOSEN_TIRE)
                .where(CHOSEN_TIRE.JOB_ITEM_ID.in(itemIds))
                .fetchMap(
                        CHOSEN_TIRE.JOB_ITEM_ID,
                        row -> new Chosen(
                                row.getJobItemId(), row.getTireId(), row.getOrderLineId(), row.getTireModelId()));
    }

    /** What open work has chosen, by piece of work. */
    Map<Long, Chosen> open() {
        return db.select(CHOSEN_TIRE.asterisk())
                .from(CHOSEN_TIRE)
                .join(JOB_ITEM)
                .on(JOB_ITEM.ID.eq(CHOSEN_TIRE.JOB_ITEM_ID))
                .join(JOB)
                .on(JOB.ID.eq(JOB_ITEM.JOB_ID))
                .where(JOB.COMPLETED_AT.isNull())
                .and(JOB.UNSCHEDULED_AT.isNull())
                .fetchMap(
                        row -> row.get(CHOSEN_TIRE.JOB_ITEM_ID),
                        row -> new Chosen(
                                row.get(CHOSEN_TIRE.JOB_ITEM_ID),
                                row.get(CHOSEN_TIRE.TIRE_ID),
                                row.get(CHOSEN_TIRE.ORDER_LINE_ID),
                                row.get(CHOSEN_TIRE.TIRE_MODEL_ID)));
    }

    void put(Chosen chosen, Instant at, long by) {
        db.insertInto(CHOSEN_TIRE)
                .set(CHOSEN_TIRE.JOB_ITEM_ID, chosen.itemId())
                .set(CHOSEN_TIRE.TIRE_ID, chosen.tireId())
                .set(CHOSEN_TIRE.ORDER_LINE_ID, chosen.orderLineId())
                .set(CHOSEN_TIRE.TIRE_MODEL_ID, chosen.modelId())
                .set(CHOSEN_TIRE.CHOSEN_AT, at)
                .set(CHOSEN_TIRE.PERSON_ID, by)
                .onDuplicateKeyUpdate()
                .set(CHOSEN_TIRE.TIRE_ID, chosen.tireId())
                .set(CHOSEN_TIRE.ORDER_LINE_ID, chosen.orderLineId())
                .set(CHOSEN_TIRE.TIRE_MODEL_ID, chosen.modelId())
                .set(CHOSEN_TIRE.CHOSEN_AT, at)
                .set(CHOSEN_TIRE.PERSON_ID, by)
                .execute();
    }

    void remove(long itemId) {
        db.deleteFrom(CHOSEN_TIRE).where(CHOSEN_TIRE.JOB_ITEM_ID.eq(itemId)).execute();
    }

    Optional<Chosen> of(long itemId) {
        return Optional.ofNullable(of(java.util.List.of(itemId)).get(itemId));
    }
}
