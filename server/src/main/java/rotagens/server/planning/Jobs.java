package rotagens.server.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.TireClocks;
import rotagens.core.measure.Units;
import rotagens.core.planning.Bundles;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueKind;
import rotagens.core.planning.Waiver;
import rotagens.core.vehicle.Position;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.ReasonView;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.BundleView;
import rotagens.server.planning.JobViews.DueLine;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.JobViews.LeftUntil;
import rotagens.server.planning.JobViews.Schedule;
import rotagens.server.planning.JobViews.Scheduled;
import rotagens.server.planning.JobViews.Wanted;
import rotagens.server.storage.generated.tables.records.JobRecord;
import rotagens.server.web.ProblemException;

/** What is due, what is on a day, and moving it about. */
@Service
public class Jobs {

    private static final int YEARS_AHEAD = 2;
    private static final int DONE_SHOWN = 100;

    private final JobStore store;
    private final Fleet fleet;
    private final People people;
    private final Changes changes;
    private final Clock clock;
    private final Waivers waivers;

    Jobs(JobStore store, Fleet fleet, People people, Changes changes, Clock clock, Waivers waivers) {
        this.waivers = waivers;
        this.changes = changes;
        this.store = store;
        this.fleet = fleet;
        this.people = people;
        this.clock = clock;
    }

    /** The due work of some vehicles, most urgent first. */
    @Transactional(readOnly = true)
    public List<DueLine> due(List<Standing> standings, Units units) {
        DueBook book = book(standings);
        return book.entries().stream().map(entry -> book.view(entry, units)).toList();
    }

    /** The same, not yet in words. */
    @Transactional(readOnly = true)
    public DueBook book(List<Standing> standings) {
        return book(null, standings);
    }

    /** The same, starting from the book as it was before a change. */
    @Transactional(readOnly = true)
    public DueBook book(@Nullable DueBook before, List<Standing> standings) {
        return new DueBook(before, standings, store.scheduled(), waivers.holding());
    }

    static DueLine line(
            Standing standing, DueItem item, Map<String, Scheduled> scheduled, Map<String, Waiver> left, Units units) {
        var vehicle = standing.onFile();
        return new DueLine(
                item.key(),
                vehicle.id(),
                vehicle.facts().unit(),
                vehicle.yard(),
                vehicle.facts().vehicleClass(),
                item.positions().stream().map(Position::code).toList(),
                item.kind(),
                item.kind().words(),
                item.due(),
                ChronoUnit.DAYS.between(standing.today(), item.due()),
                item.urgency(),
                ReasonView.of(item.urgency(), item.reason(), units),
                item.kind().canBeScheduled(),
                item.range().map(TireClocks.Range::earliest).orElse(null),
                item.range().flatMap(TireClocks.Range::latest).orElse(null),
                item.kind().waiting(),
                scheduledOn(vehicle.id(), item, scheduled).orElse(null),
                Waivers.of(vehicle.id(), item, left)
                        .map(waiver -> new LeftUntil(waiver.until(), waiver.reason(), waiver.by()))
                        .orElse(null));
    }

    /** Due work of a vehicle that is neither on a day nor left until later. */
    @Transactional(readOnly = true)
    public List<DueItem> open(Standing standing) {
        return open(standing, store.scheduled(), waivers.holding());
    }

    private static List<DueItem> open(Standing standing, Map<String, Scheduled> scheduled, Map<String, Waiver> left) {
        long id = standing.onFile().id();
        return standing.due().stream()
                .filter(item -> scheduledOn(id, item, scheduled).isEmpty())
                .filter(item -> Waivers.of(id, item, left).isEmpty())
                .toList();
    }

    /** The same for several vehicles at once, by vehicle. */
    @Transactional(readOnly = true)
    public Map<Long, List<DueItem>> open(List<Standing> standings) {
        Map<String, Scheduled> scheduled = store.scheduled();
        Map<String, Waiver> left = waivers.holding();
        return standings.stream()
                .collect(Collectors.toMap(
                        standing -> standing.onFile().id(), standing -> open(standing, scheduled, left)));
    }

    /** Visits worth proposing, the most minutes saved first. */
    @Transactional(readOnly = true)
    public List<BundleView> bundles(List<Standing> standings, Units units) {
        Map<Long, List<DueItem>> open = open(standings);
        return standings.stream()
                .flatMap(standing -> Bundles.of(
                        standing.onFile().facts(),
                        open.get(standing.onFile().id()),
                        standing.policy(),
                        standing.today())
                        .map(bundle -> bundle(standing, bundle, units))
                        .stream())
                .sorted(java.util.Comparator.comparing(BundleView::saved).reversed())
                .toList();
    }

    private static BundleView bundle(Standing standing, Bundles.Bundle bundle, Units units) {
        return new BundleView(
                standing.onFile().id(),
                standing.onFile().facts().unit(),
                bundle.day(),
                bundle.items().stream().map(DueItem::key).toList(),
                bundle.items().stream()
                        .map(item -> words(item) + ": " + item.reason().says().in(units))
                        .toList(),
                bundle.forward().stream()
                        .map(item -> words(item) + ", due "
                                + rotagens.core.measure.Phrase.of("{}", item.due())
                                        .in(units))
                        .toList(),
                bundle.lifted(),
                bundle.minutes(),
                bundle.saved());
    }

    private static String words(DueItem item) {
        return (item.positions().stream().map(Position::code).collect(Collectors.joining(" ")) + " "
                        + item.kind().words())
                .strip();
    }

    /** The job all of it is on; work with one position missing still has to be scheduled. */
    private static Optional<Scheduled> scheduledOn(long vehicleId, DueItem item, Map<String, Scheduled> scheduled) {
        List<String> codes = item.positions().isEmpty()
                ? java.util.Collections.singletonList(null)
                : item.positions().stream().map(Position::code).toList();
        List<Scheduled> jobs = codes.stream()
                .map(code -> scheduled.get(JobStore.work(vehicleId, item.kind().name(), code)))
                .filter(java.util.Objects::nonNull)
                .toList();
        return jobs.size() == codes.size() ? Optional.of(jobs.get(0)) : Optional.empty();
    }

    /** Puts due work on a day: one job for each vehicle. */
    @Transactional
    public List<Job> schedule(Schedule wanted, Units units) {
        changes.only();
        refuseDay(wanted.day());
        if (wanted.work() == null || wanted.work().isEmpty()) {
            throw ProblemException.field("work", "Choose at least one thing to do.");
        }
        if (wanted.note() != null && wanted.note().length() > 500) {
            throw ProblemException.field("note", "A note has at most 500 characters.");
        }
        Map<Long, List<Wanted>> byVehicle = wanted.work().stream()
                .collect(Collectors.groupingBy(Wanted::vehicleId, LinkedHashMap::new, Collectors.toList()));
        Map<String, Scheduled> scheduled = store.scheduled();
        List<Long> jobs = new ArrayList<>();
        byVehicle.forEach((vehicleId, work) -> {
            Standing standing = fleet.get(vehicleId);
            Map<String, DueItem> due = standing.due().stream()
                    .collect(Collectors.toMap(DueItem::key, Function.identity(), (first, second) -> first));
            long jobId = store.add(
                    vehicleId,
                    wanted.day(),
                    wanted.note() == null ? "" : wanted.note().strip(),
                    clock.instant(),
                    people.me());
            for (Wanted one : work) {
                DueItem item = due.get(one.key());
                if (item == null || !item.kind().canBeScheduled()) {
                    throw ProblemException.conflict("Something chosen on "
                            + standing.onFile().facts().unit() + " is no longer due. Look at the list again.");
                }
                if (scheduledOn(vehicleId, item, scheduled).isPresent()) {
                    throw ProblemException.conflict(item.kind().words() + " on "
                            + standing.onFile().facts().unit() + " is already on a day. Look at the list again.");
                }
                addItems(jobId, standing, item, units);
            }
            jobs.add(jobId);
        });
        return jobs.stream().map(id -> get(id)).toList();
    }

    /** Puts one kind of work on a day for some positions, whatever is due otherwise. */
    @Transactional
    public long plan(long vehicleId, LocalDate day, String note, DueKind kind, Map<Position, String> reasonAt) {
        refuseDay(day);
        Standing standing = fleet.get(vehicleId);
        long jobId = store.add(vehicleId, day, note, clock.instant(), people.me());
        reasonAt.forEach((position, reason) -> store.addItem(jobId, kind, standing.placeId(position), reason));
        return jobId;
    }

    /** Puts one piece of work on an open job. */
    @Transactional
    public void addWork(long jobId, DueKind kind, Long placeId, String reason) {
        store.addItem(jobId, kind, placeId, reason);
    }

    /** A job of its own, to be filled with work. */
    @Transactional
    public long start(long vehicleId, LocalDate day, String note) {
        refuseDay(day);
        return store.add(vehicleId, day, note, clock.instant(), people.me());
    }

    private void addItems(long jobId, Standing standing, DueItem item, Units units) {
        String reason = item.reason().says().in(units);
        if (item.positions().isEmpty()) {
            store.addItem(jobId, item.kind(), null, reason);
        }
        item.positions().forEach(position -> store.addItem(jobId, item.kind(), standing.placeId(position), reason));
    }

    private void refuseDay(LocalDate day) {
        LocalDate today = LocalDate.now(clock);
        if (day == null) {
            throw ProblemException.field("day", "Choose a day.");
        }
        if (day.isBefore(today)) {
            throw ProblemException.field("day", "This day has passed. Choose today or later.");
        }
        if (day.isAfter(today.plusYears(YEARS_AHEAD))) {
            throw ProblemException.field("day", "More than two years ahead. Check the year.");
        }
    }

    @Transactional(readOnly = true)
    public Job get(long id) {
        JobRecord job = record(id);
        return views(List.of(job)).get(0);
    }

    @Transactional(readOnly = true)
    public List<Job> open() {
        return views(store.open());
    }

    @Transactional(readOnly = true)
    public List<Job> done() {
        return views(store.done(DONE_SHOWN));
    }

    @Transactional(readOnly = true)
    public List<Job> ofVehicle(long vehicleId) {
        return views(store.ofVehicle(vehicleId));
    }

    /** A job of its own for some of a vehicle's due work. */
    @Transactional
    public long scheduleItems(Standing standing, LocalDate day, List<DueItem> items, Units units) {
        refuseDay(day);
        long jobId = store.add(standing.onFile().id(), day, "", clock.instant(), people.me());
        items.forEach(item -> addItems(jobId, standing, item, units));
        return jobId;
    }

    /** Changes nothing of an open job but its version: where it stands in the shop has changed. */
    @Transactional
    public Job touch(long id, int version) {
        JobRecord job = open(id, version);
        store.save(job);
        return get(id);
    }

    /** Moves an open job to another day. */
    @Transactional
    public Job move(long id, int version, LocalDate day) {
        changes.only();
        refuseDay(day);
        JobRecord job = open(id, version);
        job.setPlannedDay(day);
        store.save(job);
        return get(id);
    }

    /** Takes an open job off the plan; its work is due again. */
    @Transactional
    public void cancel(long id, int version) {
        changes.only();
        JobRecord job = open(id, version);
        job.setCancelledAt(clock.instant());
        store.save(job);
    }

    /** Takes a job off the plan whose ground has gone; one that was done stays done. */
    @Transactional
    public void cancelIfOpen(long id) {
        JobRecord job = record(id);
        if (job.getDoneAt() == null && job.getCancelledAt() == null) {
            job.setCancelledAt(clock.instant());
            store.save(job);
        }
    }

    /** The job, if it is open and nobody changed it since it was seen. */
    JobRecord open(long id, int version) {
        JobRecord job = record(id);
        if (job.getDoneAt() != null) {
            throw ProblemException.conflict("This job is done already.");
        }
        if (job.getVersion() != version) {
            throw ProblemException.changedMeanwhile("Somebody changed this job since you opened it.", get(id));
        }
        return job;
    }

    private JobRecord record(long id) {
        return store.get(id).orElseThrow(() -> ProblemException.notFound("There is no such job."));
    }

    private List<Job> views(List<JobRecord> jobs) {
        Map<Long, List<StoredItem>> items =
                store.items(jobs.stream().map(JobRecord::getId).toList());
        Map<Long, Standing> standings =
                jobs.stream().map(JobRecord::getVehicleId).distinct().count() > 3
                        ? fleet.all().stream()
                                .collect(Collectors.toMap(one -> one.onFile().id(), Function.identity()))
                        : jobs.stream()
                                .map(JobRecord::getVehicleId)
                                .distinct()
                                .collect(Collectors.toMap(Function.identity(), fleet::get));
        Map<Long, String> names = people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
        return jobs.stream()
                .map(job ->
                        view(job, standings.get(job.getVehicleId()), items.getOrDefault(job.getId(), List.of()), names))
                .toList();
    }

    private static Job view(JobRecord job, Standing standing, List<StoredItem> items, Map<Long, String> names) {
        return new Job(
                job.getId(),
                job.getVersion(),
                job.getVehicleId(),
                standing.onFile().facts().unit(),
                standing.onFile().yard(),
                job.getPlannedDay(),
                job.getNote(),
                names.get(job.getCreatedById()),
                job.getDoneAt(),
                names.get(job.getDoneById()),
                items.stream().map(item -> view(standing, item)).toList());
    }

    private static Item view(Standing standing, StoredItem item) {
        Optional<Position> position = Optional.ofNullable(item.code()).map(Position::parse);
        return new Item(
                item.id(),
                item.kind(),
                item.kind().words(),
                item.code(),
                position.map(here -> standing.onFile().facts().layout().nameOf(here))
                        .orElse(null),
                item.reason(),
                item.kind().after(),
                Optional.ofNullable(item.plannedModelId())
                        .or(() -> position.map(standing.fitted()::get).map(fitted -> fitted.modelId()))
                        .orElse(null),
                item.doneNote().isEmpty() ? null : item.doneNote(),
                item.kind().caution().orElse(null));
    }
}
