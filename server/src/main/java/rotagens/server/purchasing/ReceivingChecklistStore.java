package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.RECEIVING_CHECKLIST;
import static rotagens.server.storage.generated.Tables.RECEIVING_STEP;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.tire.ReceivingStep;

/** The sheets deliveries were taken in by: facts from the moment they are kept. */
@Repository
class ReceivingChecklistStore {

    /** @param summary what was counted, or why the step was left out; empty text where it was simply done */
    record StoredStep(ReceivingStep step, boolean done, String summary) {}

    /** One sheet, its steps in their order. */
    record StoredChecklist(long lineId, Instant at, String by, List<StoredStep> steps) {}

    private final DSLContext db;

    ReceivingChecklistStore(DSLContext db) {
        this.db = db;
    }

    void add(long lineId, Instant at, long by, List<StoredStep> steps) {
        long id = db.insertInto(RECEIVING_CHECKLIST)
                .set(RECEIVING_CHECKLIST.ORDER_LINE_ID, lineId)
                .set(RECEIVING_CHECKLIST.RECORDED_AT, at)
                .set(RECEIVING_CHECKLIST.PERSON_ID, by)
                .returning(RECEIVING_CHECKLIST.ID)
                .fetchSingle(RECEIVING_CHECKLIST.ID);
        steps.forEach(one -> db.insertInto(RECEIVING_STEP)
                .set(RECEIVING_STEP.RECEIVING_CHECKLIST_ID, id)
                .set(RECEIVING_STEP.STEP, one.step().name())
                .set(RECEIVING_STEP.IS_DONE, one.done())
                .set(RECEIVING_STEP.SUMMARY, one.summary())
                .execute());
    }

    /** The sheets by order line, the oldest first. */
    Map<Long, List<StoredChecklist>> byLine() {
        Map<Long, List<StoredStep>> steps = db.selectFrom(RECEIVING_STEP)
                .orderBy(RECEIVING_STEP.ID)
                .fetchGroups(
                        row -> row.getReceivingChecklistId(),
                        row -> new StoredStep(ReceivingStep.valueOf(row.getStep()), row.getIsDone(), row.getSummary()));
        return db
                .select(RECEIVING_CHECKLIST.asterisk(), PERSON.NAME)
                .from(RECEIVING_CHECKLIST)
                .join(PERSON)
                .on(PERSON.ID.eq(RECEIVING_CHECKLIST.PERSON_ID))
                .orderBy(RECEIVING_CHECKLIST.ID)
                .stream()
                .map(row -> new StoredChecklist(
                        row.get(RECEIVING_CHECKLIST.ORDER_LINE_ID),
                        row.get(RECEIVING_CHECKLIST.RECORDED_AT),
                        row.get(PERSON.NAME),
                        steps.getOrDefault(row.get(RECEIVING_CHECKLIST.ID), List.of())))
                .collect(Collectors.groupingBy(StoredChecklist::lineId));
    }
}
