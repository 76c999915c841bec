package rotagens.server.shop;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.ShopVisit;
import rotagens.core.planning.TireSupply;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ScheduleCheck;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopCost;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.ShopSetup;
import rotagens.core.shop.TimeRange;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetAssessor.VehicleAssessment;
import rotagens.server.fleet.FleetCache;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.shop.Schedule.OpenJob;
import rotagens.server.shop.ShopViews.AcceptedScheduleView;
import rotagens.server.shop.ShopViews.ProposeScheduleRequest;
import rotagens.server.shop.ShopViews.ProposedJob;
import rotagens.server.shop.ShopViews.ScheduleProposalView;
import rotagens.server.shop.ShopViews.UnscheduledWork;
import rotagens.server.shop.solver.ShopSolver;
import rotagens.server.web.ProblemException;

/** Plans the shop's weeks in the background. What it finds is a proposal: nothing is stored until somebody takes it. */
@Service
class ScheduleProposals {

    private static final Logger LOG = LoggerFactory.getLogger(ScheduleProposals.class);
    private static final int USUAL_WEEKS = 8;
    private static final int MOST_WEEKS = 12;

    /** What is being planned. */
    private record Run(
            ShopConstraints rules,
            LocalDate last,
            long seed,
            Map<String, OpenJob> open,
            Map<String, Visit> due,
            List<JobSlot> kept,
            List<ShopJob> jobs,
            List<UnscheduledWork> never) {}

    /** Due work that becomes a job when the plan is taken. */
    private record Visit(VehicleAssessment standing, List<DueItem> items) {}

    private final Schedule schedule;
    private final ShopJobs shopJobs;
    private final ShopSetupStore setups;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final TransactionTemplate reading;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "shop-planner");
        thread.setDaemon(true);
        return thread;
    });

    private Run run;
    private boolean running;
    private boolean stop;
    private int done;
    private double seconds;
    private ShopSolver.Found found;
    private String failed;

    ScheduleProposals(
            Schedule schedule,
            ShopJobs shopJobs,
            ShopSetupStore setups,
            Jobs jobs,
            FleetCache fleet,
            ChangeTracker changeTracker,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.schedule = schedule;
        this.shopJobs = shopJobs;
        this.setups = setups;
        this.jobs = jobs;
        this.fleet = fleet;
        this.changeTracker = changeTracker;
        this.clock = clock;
        this.reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    @PreDestroy
    void close() {
        stop();
        worker.shutdownNow();
    }

    /** Begins to plan; one run at a time. */
    synchronized ScheduleProposalView start(ProposeScheduleRequest wish, Units units) {
        if (running) {
            throw ProblemException.conflict("A schedule is already being proposed. Wait for it, or cancel it.");
        }
        int weeks = wish.weeks() == null ? USUAL_WEEKS : wish.weeks();
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw ProblemException.field("weeks", "1 to " + MOST_WEEKS + " weeks.");
        }
        Run next =
                reading.execute(status -> gather(weeks, wish.seed() == null ? 1 : wish.seed(), wish.takeDue(), units));
        List<String> faults = ShopSetup.faults(next.rules()).stream()
                .map(fault -> fault.in(units))
                .toList();
        if (!faults.isEmpty()) {
            throw ProblemException.field("setup", String.join(" ", faults));
        }
        run = next;
        running = true;
        stop = false;
        done = 0;
        found = null;
        failed = null;
        worker.submit(() -> work(next));
        return view(units);
    }

    private void work(Run what) {
        long from = System.nanoTime();
        try {
            ShopSolver.Found result = new ShopSolver(what.rules(), what.last(), what.seed(), ShopSolver.TRIES_PER_JOB)
                    .solve(what.jobs(), what.kept(), round -> told(round, from), this::stopped);
            finished(result, null, from);
        } catch (RuntimeException | OutOfMemoryError e) {
            // Too little memory ends the plan, not the product; whoever waits for it is told.
            LOG.error("The schedule proposal failed", e);
            finished(
                    null,
                    "The proposal could not be made. Nothing was changed. Try again, or with another seed.",
                    from);
        }
    }

    private synchronized void told(int round, long from) {
        done = round;
        seconds = (System.nanoTime() - from) / 1e9;
    }

    private synchronized boolean stopped() {
        return stop;
    }

    private synchronized void finished(ShopSolver.Found result, String why, long from) {
        found = result;
        failed = why;
        seconds = (System.nanoTime() - from) / 1e9;
        running = false;
    }

    /** The run ends after the round it is in; what it has by then stands. */
    synchronized void stop() {
        stop = true;
    }

    private Run gather(int weeks, long seed, boolean takeDue, Units units) {
        ShopConstraints rules = setups.rules();
        LocalDate today = LocalDate.now(clock);
        LocalDate last = today.plusWeeks(weeks).minusDays(1);
        TireSupply tires = shopJobs.supply();
        List<OpenJob> all = schedule.all(tires);
        Map<String, OpenJob> open = new HashMap<>();
        List<JobSlot> kept = new ArrayList<>();
        List<ShopJob> wanted = new ArrayList<>();
        List<UnscheduledWork> never = new ArrayList<>();
        for (OpenJob one : all) {
            open.put(one.shop().id(), one);
            boolean later = one.job().day().isAfter(last);
            if (one.placement().isPresent() && (one.pinned() || later)) {
                kept.add(one.placement().get());
            } else if (!later) {
                // What is planned for after these weeks isn't pulled into them.
                wanted.add(ShopSetup.somewhere(one.alone(), rules));
            }
        }
        Map<String, Visit> due = new HashMap<>();
        if (takeDue) {
            List<VehicleAssessment> vehicleAssessments = fleet.all();
            Map<Long, List<DueItem>> left = jobs.open(vehicleAssessments);
            for (VehicleAssessment vehicleAssessment : vehicleAssessments) {
                List<DueItem> items = ShopVisit.proposed(
                        vehicleAssessment.state(),
                        left.get(vehicleAssessment.onFile().id()),
                        vehicleAssessment.policy(),
                        today,
                        last);
                if (!items.isEmpty()) {
                    ShopJob job = shopJobs.of(vehicleAssessment, items, tires);
                    due.put(job.id(), new Visit(vehicleAssessment, items));
                    wanted.add(ShopSetup.somewhere(job, rules));
                }
            }
        }
        List<ShopJob> possible = new ArrayList<>();
        for (ShopJob job : wanted) {
            var faults = ShopSetup.never(job, rules);
            if (faults.isEmpty()) {
                possible.add(job);
            } else {
                // Somebody may have put it somewhere all the same: the plan goes round it.
                Optional.ofNullable(open.get(job.id()))
                        .flatMap(OpenJob::placement)
                        .ifPresent(kept::add);
                never.add(new UnscheduledWork(
                        job.unit(), work(job.id(), open, due), faults.get(0).in(units)));
            }
        }
        return new Run(rules, last, seed, open, due, kept, possible, never);
    }

    synchronized ScheduleProposalView view(Units units) {
        if (run == null) {
            return new ScheduleProposalView(
                    false, 0, ShopSolver.ROUNDS, 0, 1, null, List.of(), List.of(), 0, 0, 0, 0, null);
        }
        List<ProposedJob> proposed = found == null
                ? List.of()
                : found.plan().placed().stream()
                        .sorted(java.util.Comparator.comparing(JobSlot::day).thenComparing(JobSlot::start))
                        .map(this::proposed)
                        .toList();
        List<UnscheduledWork> unscheduledWork = new ArrayList<>(run.never());
        if (found != null) {
            found.plan()
                    .unplaced()
                    .forEach(job -> unscheduledWork.add(new UnscheduledWork(
                            job.unit(), work(job.id()), "No place free until the last day planned.")));
        }
        return new ScheduleProposalView(
                running,
                done,
                ShopSolver.ROUNDS,
                Math.round(seconds * 10) / 10.0,
                run.seed(),
                run.last(),
                proposed,
                unscheduledWork,
                found == null
                        ? 0
                        : ShopCost.of(found.plan().placed(), found.plan().unplaced()),
                found == null ? 0 : ShopCost.daysLate(found.plan().placed()),
                found == null
                        ? 0
                        : ShopCost.of(
                                found.firstFit().placed(), found.firstFit().unplaced()),
                found == null ? 0 : ShopCost.daysLate(found.firstFit().placed()),
                failed);
    }

    private List<String> work(String id) {
        return work(id, run.open(), run.due());
    }

    private static List<String> work(String id, Map<String, OpenJob> open, Map<String, Visit> due) {
        if (open.containsKey(id)) {
            return Schedule.work(open.get(id).job());
        }
        return due.get(id).items().stream()
                .map(item -> (item.positions().stream().map(Position::code).collect(Collectors.joining(" ")) + " "
                                + item.workType().label())
                        .strip())
                .toList();
    }

    private ProposedJob proposed(JobSlot placed) {
        String id = placed.job().id();
        OpenJob open = run.open().get(id);
        return new ProposedJob(
                open == null ? null : open.job().id(),
                placed.job().unit(),
                placed.job().yard(),
                placed.day(),
                TimeRange.clock(placed.start()),
                placed.bay(),
                placed.assignees(),
                work(id),
                placed.job().due(),
                open == null
                        ? null
                        : open.placement()
                                .map(before -> before.day() + " " + TimeRange.clock(before.start()))
                                .orElse(open.job().day().toString()));
    }

    /** Writes the proposal into the calendar; refused where a job changed since it was planned. */
    synchronized AcceptedScheduleView accept(TransactionTemplate writing, Units units) {
        if (found == null || running) {
            throw ProblemException.conflict("There is no finished proposal. Propose a schedule first.");
        }
        ShopSolver.Found taken = found;
        Run what = run;
        AcceptedScheduleView accepted = writing.execute(status -> write(taken, what, units));
        found = null;
        run = null;
        return accepted;
    }

    private AcceptedScheduleView write(ShopSolver.Found taken, Run what, Units units) {
        changeTracker.only();
        Map<Long, JobView> now = jobs.open().stream().collect(Collectors.toMap(JobView::id, Function.identity()));
        Map<Long, VehicleAssessment> vehicleAssessments = fleet.all().stream()
                .collect(Collectors.toMap(
                        vehicleAssessment -> vehicleAssessment.onFile().id(), Function.identity()));
        int made = 0;
        Set<Long> written = new HashSet<>();
        taken.plan().unplaced().stream()
                .map(job -> what.open().get(job.id()))
                .filter(Objects::nonNull)
                .forEach(open -> schedule.drop(open.job().id()));
        for (JobSlot placed : taken.plan().placed()) {
            OpenJob open = what.open().get(placed.job().id());
            long jobId;
            if (open != null) {
                jobId = moved(open, placed, now);
            } else {
                jobId = made(what.due().get(placed.job().id()), placed, vehicleAssessments, units);
                made++;
            }
            written.add(jobId);
            schedule.keep(
                    jobId,
                    placed.start(),
                    placed.bay(),
                    placed.assignees(),
                    false,
                    schedule.yardOf(placed.job().yard()));
        }
        refuseBrokenRules(written);
        return new AcceptedScheduleView(taken.plan().placed().size(), made);
    }

    private long moved(OpenJob open, JobSlot placed, Map<Long, JobView> now) {
        JobView jobView = now.get(open.job().id());
        if (jobView == null || jobView.version() != open.job().version()) {
            throw outOfDate(placed);
        }
        return jobView.day().equals(placed.day())
                ? jobs.touch(jobView.id(), jobView.version()).id()
                : jobs.move(jobView.id(), jobView.version(), placed.day()).id();
    }

    /** Due work becomes a job if all of it is still due and on no other day: nothing is due twice. */
    private long made(Visit visit, JobSlot placed, Map<Long, VehicleAssessment> vehicleAssessments, Units units) {
        VehicleAssessment vehicleAssessment =
                vehicleAssessments.get(visit.standing().onFile().id());
        Set<String> open = vehicleAssessment == null
                ? Set.of()
                : jobs.open(vehicleAssessment).stream().map(DueItem::key).collect(Collectors.toSet());
        if (!visit.items().stream().map(DueItem::key).allMatch(open::contains)) {
            throw outOfDate(placed);
        }
        return jobs.scheduleItems(vehicleAssessment, placed.day(), visit.items(), units);
    }

    /** The setup, a booking or a pinned job may have changed since: a plan that no longer holds isn't stored. */
    private void refuseBrokenRules(Set<Long> written) {
        ShopConstraints rules = setups.rules();
        List<JobSlot> all = Schedule.placements(schedule.all(shopJobs.supply()));
        all.stream()
                .filter(one -> written.contains(Long.valueOf(one.job().id())))
                .filter(one -> !ScheduleCheck.stands(one, all, rules))
                .findFirst()
                .ifPresent(one -> {
                    throw outOfDate(one);
                });
    }

    private static ProblemException outOfDate(JobSlot placed) {
        return ProblemException.conflict(
                placed.job().unit() + ": something changed since the proposal was made. Propose again.");
    }
}
