package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.DueItem;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ScheduleCheck;
import rotagens.core.shop.ShopConstraints;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.shop.Schedule.OpenJob;
import rotagens.server.shop.ScheduleProblem.DueVisit;
import rotagens.server.shop.ShopViews.AcceptedScheduleView;
import rotagens.server.web.ProblemException;

/** Writes an accepted proposal into the calendar, whole or not at all. */
@Component
class ScheduleAcceptance {

    private final Schedule schedule;
    private final JobSlotStore slots;
    private final ShopJobs shopJobs;
    private final ShopSetupStore setups;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final ChangeTracker changeTracker;

    ScheduleAcceptance(
            Schedule schedule,
            JobSlotStore slots,
            ShopJobs shopJobs,
            ShopSetupStore setups,
            Jobs jobs,
            FleetCache fleet,
            ChangeTracker changeTracker) {
        this.schedule = schedule;
        this.slots = slots;
        this.shopJobs = shopJobs;
        this.setups = setups;
        this.jobs = jobs;
        this.fleet = fleet;
        this.changeTracker = changeTracker;
    }

    /**
     * Moves and makes the jobs of a proposal.
     *
     * @throws ProblemException where a job, due work or the shop changed since the proposal was made: nothing is written then
     */
    @Transactional
    public AcceptedScheduleView write(FirstFit.Plan plan, ScheduleProblem problem, Units units) {
        changeTracker.only();
        Map<Long, JobView> now = jobs.open().stream().collect(Collectors.toMap(JobView::id, Function.identity()));
        Map<Long, VehicleAssessment> vehicleAssessments = fleet.all().stream()
                .collect(Collectors.toMap(vehicleAssessment -> vehicleAssessment.id(), Function.identity()));
        plan.unplaced().stream()
                .map(job -> problem.open().get(job.id()))
                .filter(Objects::nonNull)
                .forEach(open -> slots.drop(open.job().id()));
        int made = 0;
        Set<Long> written = new HashSet<>();
        for (JobSlot placed : plan.placed()) {
            OpenJob open = problem.open().get(placed.job().id());
            long jobId;
            if (open != null) {
                jobId = moved(open, placed, now);
            } else {
                jobId = made(problem.due().get(placed.job().id()), placed, vehicleAssessments, units);
                made++;
            }
            written.add(jobId);
            slots.keep(
                    jobId,
                    placed.start(),
                    placed.bay(),
                    placed.assignees(),
                    false,
                    slots.yardOf(placed.job().yard()));
        }
        refuseBrokenRules(written);
        return new AcceptedScheduleView(plan.placed().size(), made);
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
    private long made(DueVisit visit, JobSlot placed, Map<Long, VehicleAssessment> vehicleAssessments, Units units) {
        VehicleAssessment vehicleAssessment =
                vehicleAssessments.get(visit.assessment().id());
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
        return ProblemException.conflict(WORDS.say(
                "somethingChangedSinceTheProposal", "job", placed.job().unit()));
    }
}
