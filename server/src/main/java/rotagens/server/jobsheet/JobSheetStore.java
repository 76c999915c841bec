package rotagens.server.jobsheet;

import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.JOB_SHEET;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.STEP_RECORD;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.core.jobsheet.StepRecords;
import rotagens.core.jobsheet.StepRecords.Status;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Which sheet a job has, and who marked which step when. Marks are facts: taking one back is another mark. */
@Repository
class JobSheetStore {

    /** @param recordedValues what was read, by field, as entered */
    record StepRecord(
            String step,
            Status type,
            Map<String, String> recordedValues,
            String statement,
            Instant at,
            long personId,
            String person)
            implements StepRecords.StepRecord {}

    private static final TypeReference<Map<String, String>> FIELDS = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper json;

    JobSheetStore(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /**
     * What is kept of a sheet beside its marks.
     *
     * @param startedAt when the first step was begun; null while nobody has
     * @param tireChangerId the machine it is worked on; null until one is chosen
     * @param demountedForSensor whether the tire comes off its wheel for the sensor alone
     */
    record SheetOnFile(
            @Nullable Instant startedAt,
            @Nullable Long startedById,
            @Nullable Long tireChangerId,
            boolean nitrogen,
            boolean demountedForSensor) {

        static final SheetOnFile FRESH = new SheetOnFile(null, null, null, false, false);
    }

    /** What is kept of a job's sheet; nothing chosen yet where nobody has opened it. */
    SheetOnFile get(long jobId) {
        return db.fetchOptional(JOB_SHEET, JOB_SHEET.JOB_ID.eq(jobId))
                .map(row -> new SheetOnFile(
                        row.getStartedAt(),
                        row.getStartedById(),
                        row.getTireChangerId(),
                        row.getIsNitrogen(),
                        row.getIsTireDemountedForSensor()))
                .orElse(SheetOnFile.FRESH);
    }

    void start(long jobId, Instant at, long by) {
        db.insertInto(JOB_SHEET)
                .set(JOB_SHEET.JOB_ID, jobId)
                .set(JOB_SHEET.STARTED_AT, at)
                .set(JOB_SHEET.STARTED_BY_ID, by)
                .onConflictDoNothing()
                .execute();
    }

    void choose(long jobId, Long machineId, boolean nitrogen, boolean sensorDismount) {
        db.update(JOB_SHEET)
                .set(JOB_SHEET.TIRE_CHANGER_ID, machineId)
                .set(JOB_SHEET.IS_NITROGEN, nitrogen)
                .set(JOB_SHEET.IS_TIRE_DEMOUNTED_FOR_SENSOR, sensorDismount)
                .where(JOB_SHEET.JOB_ID.eq(jobId))
                .execute();
    }

    void mark(long jobId, String step, Status status, Map<String, String> kept, String says, Instant at, long by) {
        db.insertInto(STEP_RECORD)
                .set(STEP_RECORD.JOB_ID, jobId)
                .set(STEP_RECORD.STEP, step)
                .set(STEP_RECORD.STATUS, status.name())
                .set(STEP_RECORD.RECORDED_VALUES, json.writeValueAsString(kept))
                .set(STEP_RECORD.SUMMARY, says)
                .set(STEP_RECORD.RECORDED_AT, at)
                .set(STEP_RECORD.PERSON_ID, by)
                .execute();
    }

    /** Oldest first. */
    List<StepRecord> marks(long jobId) {
        return marks(STEP_RECORD.JOB_ID.eq(jobId));
    }

    /** Of every sheet of a vehicle, oldest first. */
    List<StepRecord> marksOfVehicle(long vehicleId) {
        return marks(STEP_RECORD.JOB_ID.in(DSL.select(JOB.ID).from(JOB).where(JOB.VEHICLE_ID.eq(vehicleId))));
    }

    private List<StepRecord> marks(Condition which) {
        return db.select(
                        STEP_RECORD.STEP,
                        STEP_RECORD.STATUS,
                        STEP_RECORD.RECORDED_VALUES,
                        STEP_RECORD.SUMMARY,
                        STEP_RECORD.RECORDED_AT,
                        STEP_RECORD.PERSON_ID,
                        PERSON.NAME)
                .from(STEP_RECORD)
                .join(PERSON)
                .on(PERSON.ID.eq(STEP_RECORD.PERSON_ID))
                .where(which)
                .orderBy(STEP_RECORD.ID)
                .fetch(row -> new StepRecord(
                        row.value1(),
                        Status.valueOf(row.value2()),
                        json.readValue(row.value3(), FIELDS),
                        row.value4(),
                        row.value5(),
                        row.value6(),
                        row.value7()));
    }

    /** When, up to an instant, a step was recorded last on a vehicle, on sheets of jobs still open only where that is asked. */
    Optional<Instant> lastStep(long vehicleId, Instant until, boolean isOpen) {
        return Optional.ofNullable(db.select(DSL.max(STEP_RECORD.RECORDED_AT))
                .from(STEP_RECORD)
                .join(JOB)
                .on(JOB.ID.eq(STEP_RECORD.JOB_ID))
                .where(JOB.VEHICLE_ID.eq(vehicleId))
                .and(STEP_RECORD.RECORDED_AT.le(until))
                .and(isOpen ? JOB.COMPLETED_AT.isNull() : DSL.noCondition())
                .fetchSingle()
                .value1());
    }
}
