package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.Instant;
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
import rotagens.core.inspection.LimitDates;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueGroup;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.Postponement;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.ReasonView;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.DueItemView;
import rotagens.server.planning.JobViews.JobItemRequest;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.NewJobView;
import rotagens.server.planning.JobViews.PostponementView;
import rotagens.server.planning.JobViews.ScheduleRequest;
import rotagens.server.web.ProblemException;

/** What is due, what is on a day, and moving it about. */
@Service
public class Jobs {

    private static final int DONE_SHOWN = 100;

    private final JobReader reader;
    private final JobStore store;
    private final FleetCache fleet;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final Postponements postponements;
    private final DualMates mates;

    Jobs(
            JobReader reader,
            JobStore store,
            DualMates mates,
            FleetCache fleet,
            People people,
            ChangeTracker changeTracker,
            Clock clock,
            Postponements postponements) {
        this.reader = reader;
        this.postponements = postponements;
        this.mates = mates;
        this.changeTracker = changeTracker;
        this.store = store;
        this.fleet = fleet;
        this.people = people;
        this.clock = clock;
    }

    /** The due work of some vehicles, most urgent first. */
    @Transactional(readOnly = true)
    public List<DueItemView> due(List<VehicleAssessment> vehicleAssessments, Units units) {
        DueList book = book(vehicleAssessments);
        return book.entries().stream().map(entry -> book.view(entry, units)).toList();
    }

    /** The same, not yet in words. */
    @Transactional(readOnly = true)
    public DueList book(List<VehicleAssessment> vehicleAssessments) {
        return book(null, vehicleAssessments);
    }

    /** The same, starting from the book as it was before a change. */
    @Transactional(readOnly = true)
    public DueList book(@Nullable DueList before, List<VehicleAssessment> vehicleAssessments) {
        return new DueList(before, vehicleAssessments, store.scheduled(), postponements.holding());
    }

    static DueItemView line(
            VehicleAssessment vehicleAssessment,
            DueItem item,
            Map<String, NewJobView> newJobView,
            Map<String, Postponement> left,
            Units units) {
        var vehicle = vehicleAssessment.onFile();
        return new DueItemView(
                item.key(),
                vehicle.id(),
                vehicle.facts().unit(),
                vehicle.yard(),
                vehicle.facts().vehicleClass(),
                item.positions().stream().map(Position::code).toList(),
                item.places(vehicleAssessment.fitted().keySet()),
                item.workType(),
                item.workType().label(),
                item.due(),
                ChronoUnit.DAYS.between(vehicleAssessment.today(), item.due()),
                DueGroup.of(item, vehicleAssessment.today()),
                item.needsDecision(vehicleAssessment.today()),
                item.urgency(),
                ReasonView.of(item.urgency(), item.reason(), units),
                item.workType().canBeScheduled(),
                item.range().map(LimitDates.DateRange::earliest).orElse(null),
                item.range().flatMap(LimitDates.DateRange::latest).orElse(null),
                item.workType().consequence(),
                scheduledOn(vehicle.id(), item, newJobView).orElse(null),
                Postponements.of(vehicle.id(), item, left)
                        .map(postponement ->
                                new PostponementView(postponement.until(), postponement.reason(), postponement.by()))
                        .orElse(null));
    }

    /** Due work of a vehicle that is neither on a day nor left until later. */
    @Transactional(readOnly = true)
    public List<DueItem> open(VehicleAssessment vehicleAssessment) {
        return open(vehicleAssessment, store.scheduled(), postponements.holding());
    }

    private static List<DueItem> open(
            VehicleAssessment vehicleAssessment, Map<String, NewJobView> newJobView, Map<String, Postponement> left) {
        long id = vehicleAssessment.id();
        return vehicleAssessment.due().stream()
                .filter(item -> scheduledOn(id, item, newJobView).isEmpty())
                .filter(item -> Postponements.of(id, item, left).isEmpty())
                .toList();
    }

    /** The same for several vehicles at once, by vehicle. */
    @Transactional(readOnly = true)
    public Map<Long, List<DueItem>> open(List<VehicleAssessment> vehicleAssessments) {
        Map<String, NewJobView> newJobView = store.scheduled();
        Map<String, Postponement> left = postponements.holding();
        return vehicleAssessments.stream()
                .collect(Collectors.toMap(
                        vehicleAssessment -> vehicleAssessment.id(),
                        vehicleAssessment -> open(vehicleAssessment, newJobView, left)));
    }

    /** The job all of it is on; work with one position missing still has to be scheduled. */
    private static Optional<NewJobView> scheduledOn(long vehicleId, DueItem item, Map<String, NewJobView> newJobView) {
        List<String> codes = item.positions().isEmpty()
                ? java.util.Collections.singletonList(null)
                : item.positions().stream().map(Position::code).toList();
        List<NewJobView> jobs = codes.stream()
                .map(code ->
                        newJobView.get(JobStore.work(vehicleId, item.workType().name(), code)))
                .filter(java.util.Objects::nonNull)
                .toList();
        return jobs.size() == codes.size() ? Optional.of(jobs.get(0)) : Optional.empty();
    }

    /** Puts due work on a day: one job for each vehicle. */
    @Transactional
    public List<JobView> schedule(ScheduleRequest wanted, Units units) {
        changeTracker.only();
        if (wanted.work() == null || wanted.work().isEmpty()) {
            throw ProblemException.field("work", WORDS.say("chooseAtLeastOneThing"));
        }
        if (wanted.note() != null && wanted.note().length() > 500) {
            throw ProblemException.field("note", WORDS.say("noteHasAtMost500"));
        }
        Map<Long, List<JobItemRequest>> byVehicle = wanted.work().stream()
                .collect(Collectors.groupingBy(JobItemRequest::vehicleId, LinkedHashMap::new, Collectors.toList()));
        byVehicle.keySet().stream()
                .filter(vehicleId -> wanted.jobToJoin(vehicleId).isEmpty())
                .forEach(vehicleId -> refuseDay(wanted.dayOf(vehicleId)));
        Map<String, NewJobView> newJobView = store.scheduled();
        List<Long> jobs = new ArrayList<>();
        byVehicle.forEach((vehicleId, work) -> {
            VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
            Map<String, DueItem> due = vehicleAssessment.due().stream()
                    .collect(Collectors.toMap(DueItem::key, Function.identity(), (first, second) -> first));
            long jobId = wanted.jobToJoin(vehicleId)
                    .map(open -> joined(open, vehicleId, wanted.note()))
                    .orElseGet(() -> store.add(
                            vehicleId,
                            wanted.dayOf(vehicleId),
                            wanted.note() == null ? "" : wanted.note().strip(),
                            clock.instant(),
                            people.me()));
            for (JobItemRequest one : work) {
                DueItem item = due.get(one.key());
                if (item == null || !item.workType().canBeScheduled()) {
                    throw ProblemException.conflict(
                            WORDS.say("somethingChosenOnIsNo", "vehicleAssessment", vehicleAssessment.unit()));
                }
                if (scheduledOn(vehicleId, item, newJobView).isPresent()) {
                    throw ProblemException.conflict(WORDS.say(
                            "onIsAlready",
                            "workType",
                            item.workType().label(),
                            "vehicleAssessment",
                            vehicleAssessment.unit()));
                }
                addItems(jobId, vehicleAssessment, item, units);
            }
            mates.complete(jobId, vehicleAssessment);
            jobs.add(jobId);
        });
        return jobs.stream().map(id -> get(id)).toList();
    }

    /** The open job of a vehicle that more work goes onto; whoever has it open sees that it changed. */
    long joined(long jobId, long vehicleId, @Nullable String note) {
        StoredJob job = record(jobId);
        if (job.vehicleId() != vehicleId || !job.isOpen()) {
            throw ProblemException.conflict(WORDS.say("jobToAdd"));
        }
        store.save(note == null || note.isBlank() ? job : job.noting(note.strip()));
        return jobId;
    }

    /** Puts one kind of work on a day for some positions, whatever is due otherwise. */
    @Transactional
    public long plan(long vehicleId, LocalDate day, String note, WorkType kind, Map<Position, String> reasonAt) {
        refuseDay(day);
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        long jobId = store.add(vehicleId, day, note, clock.instant(), people.me());
        reasonAt.forEach((position, reason) -> store.addItem(jobId, kind, vehicleAssessment.placeId(position), reason));
        mates.complete(jobId, vehicleAssessment);
        return jobId;
    }

    /** Puts one piece of work on an open job. */
    @Transactional
    public void addWork(long jobId, WorkType kind, Long placeId, String reason) {
        store.addItem(jobId, kind, placeId, reason);
    }

    /** All work is on the job: what it lets down beside is put on it, too. */
    @Transactional
    public void completed(long jobId, VehicleAssessment vehicleAssessment) {
        mates.complete(jobId, vehicleAssessment);
    }

    /** A job of its own for work that follows other work, to be filled. */
    @Transactional
    public long start(long vehicleId, LocalDate day, String note) {
        refuseDay(day);
        return store.add(vehicleId, day, note, clock.instant(), people.me());
    }

    private void addItems(long jobId, VehicleAssessment vehicleAssessment, DueItem item, Units units) {
        String reason = item.reason().statement().in(units);
        if (item.positions().isEmpty()) {
            store.addItem(jobId, item.workType(), null, reason);
        }
        item.positions()
                .forEach(
                        position -> store.addItem(jobId, item.workType(), vehicleAssessment.placeId(position), reason));
    }

    private void refuseDay(LocalDate day) {
        JobDay.refuse(day, LocalDate.now(clock));
    }

    @Transactional(readOnly = true)
    public JobView get(long id) {
        StoredJob job = record(id);
        return reader.views(List.of(job)).get(0);
    }

    /** When a job was put on its day. */
    @Transactional(readOnly = true)
    public Instant plannedAt(long id) {
        return record(id).createdAt();
    }

    @Transactional(readOnly = true)
    public List<JobView> open() {
        return reader.views(store.open());
    }

    @Transactional(readOnly = true)
    public List<JobView> done() {
        return reader.views(store.done(DONE_SHOWN));
    }

    /** Every job completed from one moment to before another. */
    @Transactional(readOnly = true)
    public List<JobView> done(Instant from, Instant to) {
        return reader.views(store.done(from, to));
    }

    /** How many jobs were signed off from one moment up to another. */
    @Transactional(readOnly = true)
    public int countDone(Instant from, Instant to) {
        return store.countDone(from, to);
    }

    @Transactional(readOnly = true)
    public List<JobView> ofVehicle(long vehicleId) {
        return reader.views(store.ofVehicle(vehicleId));
    }

    /** A job of its own for some of a vehicle's due work. */
    @Transactional
    public long scheduleItems(VehicleAssessment vehicleAssessment, LocalDate day, List<DueItem> items, Units units) {
        refuseDay(day);
        long jobId = store.add(vehicleAssessment.id(), day, "", clock.instant(), people.me());
        items.forEach(item -> addItems(jobId, vehicleAssessment, item, units));
        mates.complete(jobId, vehicleAssessment);
        return jobId;
    }

    /** Changes nothing of an open job but its version: where it stands in the shop has changed. */
    @Transactional
    public JobView touch(long id, int version) {
        StoredJob job = open(id, version);
        store.save(job);
        return get(id);
    }

    /** Moves an open job to another day. */
    @Transactional
    public JobView move(long id, int version, LocalDate day) {
        changeTracker.only();
        refuseDay(day);
        StoredJob job = open(id, version);
        store.save(job.on(day));
        return get(id);
    }

    /** The job, if it is open and nobody changed it since it was seen. */
    StoredJob open(long id, int version) {
        StoredJob job = record(id);
        if (job.completedAt() != null) {
            throw ProblemException.conflict(WORDS.say("thisJobIsDoneAlready"));
        }
        if (job.version() != version) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedThisJob"), get(id));
        }
        return job;
    }

    private StoredJob record(long id) {
        return store.get(id).orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchJob")));
    }
}
