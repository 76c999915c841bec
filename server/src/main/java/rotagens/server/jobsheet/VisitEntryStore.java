package rotagens.server.jobsheet;

import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.VISIT_ENTRY;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.SuspensionFact;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.jobsheet.VisitFigures;
import rotagens.server.photos.PhotoFiles;
import rotagens.server.photos.Photos.OnFile;
import rotagens.server.vehicle.SuspensionRecords;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What is noted of shop visits; the figures among it say how steering and suspension stand. */
@Repository
class VisitEntryStore implements SuspensionRecords, PhotoFiles {

    /**
     * A line of a visit.
     *
     * @param warning what is wrong with its figures; empty where nothing is
     * @param recordedValues its figures as entered
     */
    record Entry(
            long id,
            VisitEntryType type,
            String text,
            String warning,
            Map<String, String> recordedValues,
            @Nullable String file,
            Instant at,
            long personId,
            String by) {}

    private static final TypeReference<Map<String, String>> FIGURES = new TypeReference<>() {};

    private static final List<String> MEASURED = Arrays.stream(VisitEntryType.values())
            .filter(VisitEntryType::isMeasured)
            .map(Enum::name)
            .toList();

    private final DSLContext db;
    private final JsonMapper json;
    private final Clock clock;

    VisitEntryStore(DSLContext db, JsonMapper json, Clock clock) {
        this.db = db;
        this.json = json;
        this.clock = clock;
    }

    /** Oldest first. */
    List<Entry> of(long jobId) {
        return entries(VISIT_ENTRY.JOB_ID.eq(jobId));
    }

    /** Of every visit of a vehicle, oldest first. */
    List<Entry> ofVehicle(long vehicleId) {
        return entries(VISIT_ENTRY.JOB_ID.in(DSL.select(JOB.ID).from(JOB).where(JOB.VEHICLE_ID.eq(vehicleId))));
    }

    /** The figures among them. */
    static VisitFigures figures(List<Entry> oldestFirst) {
        return VisitFigures.of(oldestFirst.stream()
                .map(entry -> new VisitFigures.Line(entry.type(), entry.recordedValues()))
                .toList());
    }

    private List<Entry> entries(Condition which) {
        return db.select(VISIT_ENTRY.asterisk(), PERSON.NAME)
                .from(VISIT_ENTRY)
                .join(PERSON)
                .on(PERSON.ID.eq(VISIT_ENTRY.PERSON_ID))
                .where(which)
                .orderBy(VISIT_ENTRY.ID)
                .fetch(row -> new Entry(
                        row.get(VISIT_ENTRY.ID),
                        VisitEntryType.valueOf(row.get(VISIT_ENTRY.TYPE)),
                        row.get(VISIT_ENTRY.TEXT),
                        row.get(VISIT_ENTRY.WARNING),
                        json.readValue(row.get(VISIT_ENTRY.RECORDED_VALUES), FIGURES),
                        row.get(VISIT_ENTRY.FILE),
                        row.get(VISIT_ENTRY.RECORDED_AT),
                        row.get(VISIT_ENTRY.PERSON_ID),
                        row.get(PERSON.NAME)));
    }

    void add(long jobId, Entry entry) {
        db.insertInto(VISIT_ENTRY)
                .set(VISIT_ENTRY.JOB_ID, jobId)
                .set(VISIT_ENTRY.TYPE, entry.type().name())
                .set(VISIT_ENTRY.TEXT, entry.text())
                .set(VISIT_ENTRY.WARNING, entry.warning())
                .set(VISIT_ENTRY.RECORDED_VALUES, json.writeValueAsString(entry.recordedValues()))
                .set(VISIT_ENTRY.FILE, entry.file())
                .set(VISIT_ENTRY.RECORDED_AT, entry.at())
                .set(VISIT_ENTRY.PERSON_ID, entry.personId())
                .execute();
    }

    Optional<String> file(long jobId, long entryId) {
        return db.select(VISIT_ENTRY.FILE)
                .from(VISIT_ENTRY)
                .where(VISIT_ENTRY.ID.eq(entryId), VISIT_ENTRY.JOB_ID.eq(jobId))
                .fetchOptional(VISIT_ENTRY.FILE);
    }

    @Override
    public Map<Long, List<SuspensionFact>> suspensionFacts(Long vehicleId) {
        return facts(vehicleId == null ? DSL.noCondition() : JOB.VEHICLE_ID.eq(vehicleId));
    }

    @Override
    public List<SuspensionFact> measuredIn(long jobId) {
        return facts(VISIT_ENTRY.JOB_ID.eq(jobId)).values().stream()
                .flatMap(List::stream)
                .toList();
    }

    private Map<Long, List<SuspensionFact>> facts(Condition which) {
        Map<Long, List<SuspensionFact>> facts = new HashMap<>();
        db.select(JOB.VEHICLE_ID, VISIT_ENTRY.TYPE, VISIT_ENTRY.RECORDED_VALUES, VISIT_ENTRY.RECORDED_AT, PERSON.NAME)
                .from(VISIT_ENTRY)
                .join(JOB)
                .on(JOB.ID.eq(VISIT_ENTRY.JOB_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(VISIT_ENTRY.PERSON_ID))
                .where(VISIT_ENTRY.TYPE.in(MEASURED))
                .and(which)
                .orderBy(VISIT_ENTRY.ID)
                .forEach(row -> facts.computeIfAbsent(row.value1(), none -> new ArrayList<>())
                        .addAll(VisitEntryType.valueOf(row.value2())
                                .facts(
                                        json.readValue(row.value3(), FIGURES),
                                        LocalDate.ofInstant(row.value4(), clock.getZone()),
                                        row.value5())));
        return facts;
    }

    @Override
    public List<String> photoFiles() {
        return db.select(VISIT_ENTRY.FILE)
                .from(VISIT_ENTRY)
                .where(VISIT_ENTRY.FILE.isNotNull())
                .orderBy(VISIT_ENTRY.ID)
                .fetch(VISIT_ENTRY.FILE);
    }

    @Override
    public List<OnFile> photosOfVehicle(long vehicleId) {
        return db.select(VISIT_ENTRY.FILE, VISIT_ENTRY.RECORDED_AT, PERSON.NAME)
                .from(VISIT_ENTRY)
                .join(JOB)
                .on(JOB.ID.eq(VISIT_ENTRY.JOB_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(VISIT_ENTRY.PERSON_ID))
                .where(JOB.VEHICLE_ID.eq(vehicleId), VISIT_ENTRY.FILE.isNotNull())
                .fetch(row -> new OnFile(null, row.value1(), row.value2(), row.value3()));
    }
}
