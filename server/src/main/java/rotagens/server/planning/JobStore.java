package rotagens.server.planning;

import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.JOB_ITEM;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.ROTATION_MOVE;
import static rotagens.server.storage.generated.Tables.ROTATION_PLAN;

import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.planning.WorkType;
import rotagens.core.rotation.MovePlan.MoveMethod;
import rotagens.server.storage.generated.tables.records.JobRecord;

/** Jobs and the work they are for. */
@Repository
class JobStore {

    /**
     * One piece of work; {@code placeId} and {@code code} are null where it concerns the vehicle.
     *
     * @param plannedModelId the model of the new tire a rotation wants there; null for all other work
     */
    record StoredItem(
            long id,
            long jobId,
            WorkType workType,
            Long placeId,
            String code,
            String reason,
            String completionNote,
            Long plannedModelId) {}

    private final DSLContext db;

    JobStore(DSLContext db) {
        this.db = db;
    }

    Optional<StoredJob> get(long id) {
        return db.selectFrom(JOB)
                .where(JOB.ID.eq(id))
                .and(JOB.UNSCHEDULED_AT.isNull())
                .fetchOptional(JobStore::job);
    }

    /** A job that was taken off the plan. */
    Optional<StoredJob> unscheduled(long id) {
        return db.selectFrom(JOB)
                .where(JOB.ID.eq(id))
                .and(JOB.UNSCHEDULED_AT.isNotNull())
                .fetchOptional(JobStore::job);
    }

    List<StoredJob> open() {
        return db.selectFrom(JOB)
                .where(JOB.COMPLETED_AT.isNull())
                .and(JOB.UNSCHEDULED_AT.isNull())
                .orderBy(JOB.SCHEDULED_DATE, JOB.ID)
                .fetch(JobStore::job);
    }

    List<StoredJob> done(int most) {
        return db.selectFrom(JOB)
                .where(JOB.COMPLETED_AT.isNotNull())
                .orderBy(JOB.COMPLETED_AT.desc(), JOB.ID.desc())
                .limit(most)
                .fetch(JobStore::job);
    }

    List<StoredJob> done(Instant from, Instant to) {
        return db.selectFrom(JOB)
                .where(JOB.COMPLETED_AT.ge(from))
                .and(JOB.COMPLETED_AT.lt(to))
                .fetch(JobStore::job);
    }

    int countDone(Instant from, Instant to) {
        return db.fetchCount(JOB, JOB.COMPLETED_AT.ge(from).and(JOB.COMPLETED_AT.lt(to)));
    }

    List<StoredJob> ofVehicle(long vehicleId) {
        return db.selectFrom(JOB)
                .where(JOB.VEHICLE_ID.eq(vehicleId))
                .and(JOB.UNSCHEDULED_AT.isNull())
                .orderBy(JOB.COMPLETED_AT.isNotNull(), JOB.SCHEDULED_DATE.desc())
                .limit(200)
                .fetch(JobStore::job);
    }

    Map<Long, List<StoredItem>> items(List<Long> jobIds) {
        return items(JOB_ITEM.JOB_ID.in(jobIds));
    }

    private Map<Long, List<StoredItem>> items(Condition which) {
        return db.select(
                        JOB_ITEM.ID,
                        JOB_ITEM.JOB_ID,
                        JOB_ITEM.WORK_TYPE,
                        JOB_ITEM.POSITION_ID,
                        POSITION.CODE,
                        JOB_ITEM.REASON,
                        JOB_ITEM.COMPLETION_NOTE,
                        ROTATION_MOVE.TIRE_MODEL_ID)
                .from(JOB_ITEM)
                .leftJoin(POSITION)
                .on(POSITION.ID.eq(JOB_ITEM.POSITION_ID))
                .leftJoin(ROTATION_PLAN)
                .on(ROTATION_PLAN.JOB_ID.eq(JOB_ITEM.JOB_ID))
                .leftJoin(ROTATION_MOVE)
                .on(ROTATION_MOVE.ROTATION_PLAN_ID.eq(ROTATION_PLAN.ID))
                .and(ROTATION_MOVE.TO_POSITION_ID.eq(JOB_ITEM.POSITION_ID))
                .and(ROTATION_MOVE.METHOD.eq(MoveMethod.PURCHASED.name()))
                .where(which)
                .orderBy(JOB_ITEM.ID)
                .fetchGroups(
                        row -> row.value2(),
                        row -> new StoredItem(
                                row.value1(),
                                row.value2(),
                                WorkType.valueOf(row.value3()),
                                row.value4(),
                                row.value5(),
                                row.value6(),
                                row.value7(),
                                row.value8()));
    }

    /** Which open job has which work: vehicle, kind and position code, to job. */
    Map<String, JobViews.NewJobView> scheduled() {
        Map<String, JobViews.NewJobView> byWork = new HashMap<>();
        db.select(JOB.ID, JOB.SCHEDULED_DATE, JOB.VEHICLE_ID, JOB_ITEM.WORK_TYPE, POSITION.CODE)
                .from(JOB_ITEM)
                .join(JOB)
                .on(JOB.ID.eq(JOB_ITEM.JOB_ID))
                .leftJoin(POSITION)
                .on(POSITION.ID.eq(JOB_ITEM.POSITION_ID))
                .where(JOB.COMPLETED_AT.isNull())
                .and(JOB.UNSCHEDULED_AT.isNull())
                .forEach(row -> byWork.put(
                        work(row.value3(), row.value4(), row.value5()),
                        new JobViews.NewJobView(row.value1(), row.value2())));
        return byWork;
    }

    static String work(long vehicleId, String kind, String code) {
        return vehicleId + " " + kind + " " + (code == null ? "" : code);
    }

    long add(long vehicleId, LocalDate day, String note, Instant at, long by) {
        return db.insertInto(JOB)
                .set(JOB.VEHICLE_ID, vehicleId)
                .set(JOB.SCHEDULED_DATE, day)
                .set(JOB.NOTE, note)
                .set(JOB.CREATED_AT, at)
                .set(JOB.CREATED_BY_ID, by)
                .returning(JOB.ID)
                .fetchOne(JOB.ID);
    }

    void addItem(long jobId, WorkType kind, Long placeId, String reason) {
        db.insertInto(JOB_ITEM)
                .set(JOB_ITEM.JOB_ID, jobId)
                .set(JOB_ITEM.WORK_TYPE, kind.name())
                .set(JOB_ITEM.POSITION_ID, placeId)
                .set(JOB_ITEM.REASON, reason)
                .execute();
    }

    void removeItem(long itemId) {
        db.deleteFrom(JOB_ITEM).where(JOB_ITEM.ID.eq(itemId)).execute();
    }

    void itemDone(long itemId, String note) {
        db.update(JOB_ITEM)
                .set(JOB_ITEM.COMPLETION_NOTE, note)
                .where(JOB_ITEM.ID.eq(itemId))
                .execute();
    }

    /** Keeps a job as it now is, one version on. */
    void save(StoredJob job) {
        db.update(JOB)
                .set(JOB.SCHEDULED_DATE, job.day())
                .set(JOB.NOTE, job.note())
                .set(JOB.COMPLETED_AT, job.completedAt())
                .set(JOB.COMPLETED_BY_ID, job.completedById())
                .set(JOB.UNSCHEDULED_AT, job.unscheduledAt())
                .set(JOB.VERSION, job.version() + 1)
                .where(JOB.ID.eq(job.id()))
                .execute();
    }

    private static StoredJob job(JobRecord row) {
        return new StoredJob(
                row.getId(),
                row.getVehicleId(),
                row.getScheduledDate(),
                row.getNote(),
                row.getCreatedAt(),
                row.getCreatedById(),
                row.getCompletedAt(),
                row.getCompletedById(),
                row.getUnscheduledAt(),
                row.getVersion());
    }
}
