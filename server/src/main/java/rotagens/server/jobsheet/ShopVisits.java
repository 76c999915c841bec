package rotagens.server.jobsheet;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.VISIT_ENTRY;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.JobSheetViews.FieldOption;
import rotagens.server.jobsheet.JobSheetViews.FieldView;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.planning.JobViews.DueItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A shop visit from booking to hand-over: what is noted beside the work, and the page the vehicle leaves with. */
@Service
class ShopVisits {

    /** Something that may be noted, and what is typed for it. */
    record VisitEntryOption(VisitEntryType entry, String part, String label, List<FieldView> fields) {}

    /**
     * A line of the visit.
     *
     * @param concern what is wrong with its figures; empty where nothing is
     */
    record VisitEntryView(
            long id, VisitEntryType entry, String label, String warning, boolean photo, Instant at, String by) {}

    /** A figure taken before and after the work. */
    record BeforeAfterView(String description, String before, String after, String difference) {}

    /** What is on the vehicle at a position when it leaves. */
    record InstalledTireView(
            String position,
            String name,
            @Nullable String tire,
            @Nullable String dot,
            @Nullable String age,
            @Nullable String pressure,
            @Nullable String target) {}

    record ShopVisitView(
            long jobId,
            long vehicleId,
            String unit,
            LocalDate day,
            boolean done,
            List<VisitEntryOption> entries,
            List<VisitEntryView> lines,
            List<BeforeAfterView> compared,
            List<InstalledTireView> positions,
            List<JobView> planned,
            List<DueItemView> due) {}

    record VisitEntryRequest(
            @Nullable VisitEntryType entry, @Nullable Map<String, String> fields) {}

    private record Stored(VisitEntryView line, Map<String, String> figures) {}

    private static final TypeReference<Map<String, String>> FIGURES = new TypeReference<>() {};

    private static final int MOST_LINES = 60;
    private static final int DUE_SHOWN = 12;

    private final DSLContext db;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final Photos photos;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final JsonMapper json;

    ShopVisits(
            DSLContext db,
            Jobs jobs,
            FleetCache fleet,
            Photos photos,
            People people,
            ChangeTracker changeTracker,
            Clock clock,
            JsonMapper json) {
        this.json = json;
        this.db = db;
        this.jobs = jobs;
        this.fleet = fleet;
        this.photos = photos;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ShopVisitView view(long jobId, Units units) {
        JobView jobView = jobs.get(jobId);
        VehicleAssessment vehicleAssessment = fleet.get(jobView.vehicleId());
        List<Stored> lines = lines(jobId);
        return new ShopVisitView(
                jobId,
                jobView.vehicleId(),
                jobView.unit(),
                jobView.day(),
                jobView.doneAt() != null,
                Arrays.stream(VisitEntryType.values())
                        .map(entry -> new VisitEntryOption(
                                entry,
                                entry.part(),
                                entry.label(),
                                entry.input().fields().stream()
                                        .map(inputField -> new FieldView(
                                                inputField.name(),
                                                inputField.label(),
                                                inputField.type(),
                                                FieldOption.of(inputField),
                                                null,
                                                null))
                                        .toList()))
                        .toList(),
                lines.stream().map(Stored::line).toList(),
                compared(lines),
                vehicleAssessment.layout().positions().stream()
                        .map(position -> onVehicle(vehicleAssessment, position, units))
                        .toList(),
                jobs.ofVehicle(jobView.vehicleId()).stream()
                        .filter(other -> other.doneAt() == null && other.id() != jobId)
                        .toList(),
                jobs.due(List.of(vehicleAssessment), units).stream()
                        .limit(DUE_SHOWN)
                        .toList());
    }

    private static InstalledTireView onVehicle(VehicleAssessment vehicleAssessment, Position position, Units units) {
        Optional<InstalledTire> installedTire =
                Optional.ofNullable(vehicleAssessment.fitted().get(position));
        return new InstalledTireView(
                position.code(),
                vehicleAssessment.layout().nameOf(position),
                installedTire.map(one -> one.tire().model().title()).orElse(null),
                installedTire.flatMap(InstalledTire::dotCode).orElse(null),
                installedTire
                        .flatMap(one -> one.tire().dotWeek())
                        .map(made -> String.format(
                                Locale.ROOT, "%.1f y", Math.floor(made.ageYears(vehicleAssessment.today()) * 10) / 10))
                        .orElse(null),
                vehicleAssessment
                        .state()
                        .at(position)
                        .lastPressure()
                        .flatMap(reading -> reading.pressure())
                        .map(pressure -> pressure.format(units))
                        .orElse(null),
                installedTire
                        .flatMap(one -> vehicleAssessment
                                .target(position, one.tire().model())
                                .pressure())
                        .map(pressure -> pressure.format(units))
                        .orElse(null));
    }

    /** Figures taken before the work and after it, the newest of each. */
    private static List<BeforeAfterView> compared(List<Stored> lines) {
        Map<VisitEntryType, Map<String, String>> newest = new HashMap<>();
        lines.forEach(line -> newest.put(line.line().entry(), line.figures()));
        return Arrays.stream(VisitEntryType.values())
                .filter(entry -> entry.before().isPresent())
                .flatMap(entry -> entry
                        .changes(
                                newest.getOrDefault(entry.before().get(), Map.of()),
                                newest.getOrDefault(entry, Map.of()))
                        .stream())
                .map(beforeAfter -> new BeforeAfterView(
                        beforeAfter.label(), beforeAfter.before(), beforeAfter.after(), beforeAfter.difference()))
                .toList();
    }

    private List<Stored> lines(long jobId) {
        return db.select(VISIT_ENTRY.asterisk(), PERSON.NAME)
                .from(VISIT_ENTRY)
                .join(PERSON)
                .on(PERSON.ID.eq(VISIT_ENTRY.PERSON_ID))
                .where(VISIT_ENTRY.JOB_ID.eq(jobId))
                .orderBy(VISIT_ENTRY.ID)
                .fetch(row -> new Stored(
                        new VisitEntryView(
                                row.get(VISIT_ENTRY.ID),
                                VisitEntryType.valueOf(row.get(VISIT_ENTRY.TYPE)),
                                row.get(VISIT_ENTRY.TEXT),
                                row.get(VISIT_ENTRY.WARNING),
                                row.get(VISIT_ENTRY.FILE) != null,
                                row.get(VISIT_ENTRY.RECORDED_AT),
                                row.get(PERSON.NAME)),
                        json.readValue(row.get(VISIT_ENTRY.RECORDED_VALUES), FIGURES)));
    }

    /** Notes a line. */
    @Transactional
    ShopVisitView note(long jobId, VisitEntryRequest typed, Units units) {
        changeTracker.draftsOnly();
        jobs.get(jobId);
        if (typed.entry() == null) {
            throw ProblemException.field("entry", "Choose what it is.");
        }
        StepInput.InputResult read =
                typed.entry().input().read(typed.fields() == null ? Map.of() : typed.fields(), units);
        InputValidator wrong = new InputValidator();
        read.errors().forEach(wrong::wrong);
        wrong.refuseIfWrong();
        String says = read.statement().in(units);
        add(
                jobId,
                typed.entry(),
                says.equals("done") ? "" : says,
                read.outside().map(message -> message.in(units)).orElse(""),
                read.recordedValues(),
                null);
        return view(jobId, units);
    }

    /** A photo: damage that was there when the vehicle came, or the evidence of other work. */
    @Transactional
    ShopVisitView photograph(long jobId, VisitEntryType entry, byte[] picture, Units units) {
        changeTracker.draftsOnly();
        jobs.get(jobId);
        add(jobId, entry, "", "", Map.of(), photos.keepApart(picture));
        return view(jobId, units);
    }

    private void add(
            long jobId, VisitEntryType entry, String words, String concern, Map<String, String> figures, String file) {
        if (db.fetchCount(VISIT_ENTRY, VISIT_ENTRY.JOB_ID.eq(jobId)) >= MOST_LINES) {
            throw ProblemException.conflict("This visit has " + MOST_LINES + " lines already.");
        }
        db.insertInto(VISIT_ENTRY)
                .set(VISIT_ENTRY.JOB_ID, jobId)
                .set(VISIT_ENTRY.TYPE, entry.name())
                .set(VISIT_ENTRY.TEXT, words)
                .set(VISIT_ENTRY.WARNING, concern)
                .set(VISIT_ENTRY.RECORDED_VALUES, json.writeValueAsString(figures))
                .set(VISIT_ENTRY.FILE, file)
                .set(VISIT_ENTRY.RECORDED_AT, clock.instant())
                .set(VISIT_ENTRY.PERSON_ID, people.me())
                .execute();
    }

    /** The picture of a line. */
    @Transactional(readOnly = true)
    byte[] picture(long jobId, long line) {
        return db.select(VISIT_ENTRY.FILE)
                .from(VISIT_ENTRY)
                .where(VISIT_ENTRY.ID.eq(line))
                .and(VISIT_ENTRY.JOB_ID.eq(jobId))
                .fetchOptional(VISIT_ENTRY.FILE)
                .map(photos::bytes)
                .filter(bytes -> bytes.length > 0)
                .orElseThrow(() -> ProblemException.notFound("There is no such photo."));
    }
}
