package rotagens.server.sheets;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.VISIT_LINE;

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
import rotagens.core.job.VisitEntry;
import rotagens.core.job.Want;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.planning.JobViews.DueLine;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;
import rotagens.server.sheets.SheetViews.FieldOption;
import rotagens.server.sheets.SheetViews.FieldView;
import rotagens.server.tire.Tires.Fitted;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A shop visit from booking to hand-over: what is noted beside the work, and the page the vehicle leaves with. */
@Service
class Visits {

    /** Something that may be noted, and what is typed for it. */
    record EntryView(VisitEntry entry, String part, String words, List<FieldView> fields) {}

    /**
     * A line of the visit.
     *
     * @param concern what is wrong with its figures; empty where nothing is
     */
    record LineView(long id, VisitEntry entry, String words, String concern, boolean photo, Instant at, String by) {}

    /** A figure taken before and after the work. */
    record BeforeAfter(String what, String before, String after, String difference) {}

    /** What is on the vehicle at a position when it leaves. */
    record OnVehicle(
            String position,
            String name,
            @Nullable String tire,
            @Nullable String dot,
            @Nullable String age,
            @Nullable String pressure,
            @Nullable String target) {}

    record VisitView(
            long jobId,
            long vehicleId,
            String unit,
            LocalDate day,
            boolean done,
            List<EntryView> entries,
            List<LineView> lines,
            List<BeforeAfter> compared,
            List<OnVehicle> positions,
            List<Job> planned,
            List<DueLine> due) {}

    record VisitNote(@Nullable VisitEntry entry, @Nullable Map<String, String> fields) {}

    private record Stored(LineView line, Map<String, String> figures) {}

    private static final TypeReference<Map<String, String>> FIGURES = new TypeReference<>() {};

    private static final int MOST_LINES = 60;
    private static final int DUE_SHOWN = 12;

    private final DSLContext db;
    private final Jobs jobs;
    private final Fleet fleet;
    private final Photos photos;
    private final People people;
    private final Changes changes;
    private final Clock clock;
    private final JsonMapper json;

    Visits(
            DSLContext db,
            Jobs jobs,
            Fleet fleet,
            Photos photos,
            People people,
            Changes changes,
            Clock clock,
            JsonMapper json) {
        this.json = json;
        this.db = db;
        this.jobs = jobs;
        this.fleet = fleet;
        this.photos = photos;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    VisitView view(long jobId, Units units) {
        Job job = jobs.get(jobId);
        Standing standing = fleet.get(job.vehicleId());
        List<Stored> lines = lines(jobId);
        return new VisitView(
                jobId,
                job.vehicleId(),
                job.unit(),
                job.day(),
                job.doneAt() != null,
                Arrays.stream(VisitEntry.values())
                        .map(entry -> new EntryView(
                                entry,
                                entry.part(),
                                entry.words(),
                                entry.want().fields().stream()
                                        .map(field -> new FieldView(
                                                field.name(),
                                                field.label(),
                                                field.kind(),
                                                FieldOption.of(field),
                                                null,
                                                null))
                                        .toList()))
                        .toList(),
                lines.stream().map(Stored::line).toList(),
                compared(lines),
                standing.onFile().facts().layout().positions().stream()
                        .map(position -> onVehicle(standing, position, units))
                        .toList(),
                jobs.ofVehicle(job.vehicleId()).stream()
                        .filter(other -> other.doneAt() == null && other.id() != jobId)
                        .toList(),
                jobs.due(List.of(standing), units).stream().limit(DUE_SHOWN).toList());
    }

    private static OnVehicle onVehicle(Standing standing, Position position, Units units) {
        Optional<Fitted> fitted = Optional.ofNullable(standing.fitted().get(position));
        return new OnVehicle(
                position.code(),
                standing.onFile().facts().layout().nameOf(position),
                fitted.map(one -> one.tire().model().title()).orElse(null),
                fitted.flatMap(Fitted::dotCode).orElse(null),
                fitted.flatMap(one -> one.tire().made())
                        .map(made -> String.format(
                                Locale.ROOT, "%.1f y", Math.floor(made.ageYears(standing.today()) * 10) / 10))
                        .orElse(null),
                standing.state()
                        .at(position)
                        .lastPressure()
                        .flatMap(reading -> reading.pressure())
                        .map(pressure -> pressure.in(units))
                        .orElse(null),
                fitted.flatMap(one ->
                                standing.target(position, one.tire().model()).pressure())
                        .map(pressure -> pressure.in(units))
                        .orElse(null));
    }

    /** Figures taken before the work and after it, the newest of each. */
    private static List<BeforeAfter> compared(List<Stored> lines) {
        Map<VisitEntry, Map<String, String>> newest = new HashMap<>();
        lines.forEach(line -> newest.put(line.line().entry(), line.figures()));
        return Arrays.stream(VisitEntry.values())
                .filter(entry -> entry.before().isPresent())
                .flatMap(entry -> entry
                        .changes(
                                newest.getOrDefault(entry.before().get(), Map.of()),
                                newest.getOrDefault(entry, Map.of()))
                        .stream())
                .map(change -> new BeforeAfter(change.label(), change.before(), change.after(), change.difference()))
                .toList();
    }

    private List<Stored> lines(long jobId) {
        return db.select(VISIT_LINE.asterisk(), PERSON.NAME)
                .from(VISIT_LINE)
                .join(PERSON)
                .on(PERSON.ID.eq(VISIT_LINE.PERSON_ID))
                .where(VISIT_LINE.JOB_ID.eq(jobId))
                .orderBy(VISIT_LINE.ID)
                .fetch(row -> new Stored(
                        new LineView(
                                row.get(VISIT_LINE.ID),
                                VisitEntry.valueOf(row.get(VISIT_LINE.KIND)),
                                row.get(VISIT_LINE.WORDS),
                                row.get(VISIT_LINE.CONCERN),
                                row.get(VISIT_LINE.FILE) != null,
                                row.get(VISIT_LINE.AT),
                                row.get(PERSON.NAME)),
                        json.readValue(row.get(VISIT_LINE.FIGURES), FIGURES)));
    }

    /** Notes a line. */
    @Transactional
    VisitView note(long jobId, VisitNote typed, Units units) {
        changes.draftsOnly();
        jobs.get(jobId);
        if (typed.entry() == null) {
            throw ProblemException.field("entry", "Choose what it is.");
        }
        Want.Outcome read = typed.entry().want().read(typed.fields() == null ? Map.of() : typed.fields(), units);
        Entries wrong = new Entries();
        read.faults().forEach(wrong::wrong);
        wrong.refuseIfWrong();
        String says = read.says().in(units);
        add(
                jobId,
                typed.entry(),
                says.equals("done") ? "" : says,
                read.outside().map(phrase -> phrase.in(units)).orElse(""),
                read.kept(),
                null);
        return view(jobId, units);
    }

    /** A photo: damage that was there when the vehicle came, or the evidence of other work. */
    @Transactional
    VisitView photograph(long jobId, VisitEntry entry, byte[] picture, Units units) {
        changes.draftsOnly();
        jobs.get(jobId);
        add(jobId, entry, "", "", Map.of(), photos.keepApart(picture));
        return view(jobId, units);
    }

    private void add(
            long jobId, VisitEntry entry, String words, String concern, Map<String, String> figures, String file) {
        if (db.fetchCount(VISIT_LINE, VISIT_LINE.JOB_ID.eq(jobId)) >= MOST_LINES) {
            throw ProblemException.conflict("This visit has " + MOST_LINES + " lines already.");
        }
        db.insertInto(VISIT_LINE)
                .set(VISIT_LINE.JOB_ID, jobId)
                .set(VISIT_LINE.KIND, entry.name())
                .set(VISIT_LINE.WORDS, words)
                .set(VISIT_LINE.CONCERN, concern)
                .set(VISIT_LINE.FIGURES, json.writeValueAsString(figures))
                .set(VISIT_LINE.FILE, file)
                .set(VISIT_LINE.AT, clock.instant())
                .set(VISIT_LINE.PERSON_ID, people.me())
                .execute();
    }

    /** The picture of a line. */
    @Transactional(readOnly = true)
    byte[] picture(long jobId, long line) {
        return db.select(VISIT_LINE.FILE)
                .from(VISIT_LINE)
                .where(VISIT_LINE.ID.eq(line))
                .and(VISIT_LINE.JOB_ID.eq(jobId))
                .fetchOptional(VISIT_LINE.FILE)
                .map(photos::bytes)
                .filter(bytes -> bytes.length > 0)
                .orElseThrow(() -> ProblemException.notFound("There is no such photo."));
    }
}
