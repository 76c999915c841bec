package rotagens.server.planning;

import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.fleet.FleetCache;
import rotagens.server.planning.JobViews.BundleView;
import rotagens.server.planning.JobViews.CompleteJobRequest;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.RescheduleRequest;
import rotagens.server.planning.JobViews.ScheduleRequest;
import rotagens.server.planning.WishedWork.WishedWorkOption;
import rotagens.server.planning.WishedWork.WishedWorkRequest;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.IdempotentRequests;

@RestController
class JobController {

    private final Jobs jobs;
    private final JobCompletion completion;
    private final IdempotentRequests idempotentRequests;
    private final Postponements postponements;
    private final FleetCache fleet;
    private final CombinedVisits combinedVisits;
    private final Unscheduling unscheduling;
    private final WishedWork wishedWork;
    private final TiresOfNewJobs tires;

    JobController(
            Jobs jobs,
            JobCompletion completion,
            IdempotentRequests idempotentRequests,
            Postponements postponements,
            FleetCache fleet,
            CombinedVisits combinedVisits,
            Unscheduling unscheduling,
            WishedWork wishedWork,
            TiresOfNewJobs tires) {
        this.tires = tires;
        this.wishedWork = wishedWork;
        this.unscheduling = unscheduling;
        this.combinedVisits = combinedVisits;
        this.postponements = postponements;
        this.fleet = fleet;
        this.jobs = jobs;
        this.completion = completion;
        this.idempotentRequests = idempotentRequests;
    }

    /** Jobs planned or begun, soonest first. */
    @GetMapping("/api/jobs")
    List<JobView> listOpenJobs() {
        return jobs.open();
    }

    /** Visits proposed for work that shares wheels. */
    @GetMapping("/api/bundles")
    List<BundleView> listCombinedVisits(@RequestParam(defaultValue = "US") Units units) {
        return combinedVisits.of(fleet.all(), units);
    }

    /** Postpones due work to a day, by name and reason; a hazard can’t be postponed. */
    @PostMapping("/api/vehicles/{id}/postponements")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void postponeDueItem(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody Postponements.PostponeRequest wanted) {
        postponements.leave(id, wanted, units);
    }

    /** Ends a postponement; the work is due again. */
    @DeleteMapping("/api/vehicles/{id}/postponements/{work}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endPostponement(@PathVariable long id, @PathVariable String work) {
        postponements.end(id, work);
    }

    /** Jobs done, newest first. */
    @GetMapping("/api/jobs/done")
    List<JobView> listCompletedJobs() {
        return jobs.done();
    }

    /** One job with its work, tires, parts and day. */
    @GetMapping("/api/jobs/{id}")
    JobView getJob(@PathVariable long id) {
        return jobs.get(id);
    }

    /** The jobs of a vehicle, open and done. */
    @GetMapping("/api/vehicles/{vehicleId}/jobs")
    List<JobView> listVehicleJobs(@PathVariable long vehicleId) {
        return jobs.ofVehicle(vehicleId);
    }

    /** Makes jobs from due work on a day, joined by vehicle, with the tires chosen for them. */
    @PostMapping("/api/jobs")
    JobView[] scheduleJobs(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody ScheduleRequest scheduleRequest) {
        return idempotentRequests.write(key, List.of("schedule", scheduleRequest), JobView[].class, () -> {
            List<JobView> made = jobs.schedule(scheduleRequest, units);
            made.forEach(job -> tires.choose(job, scheduleRequest.tiresOf(job.vehicleId()), units));
            return made.toArray(JobView[]::new);
        });
    }

    /** Work that may be asked for whether or not it falls due. */
    @GetMapping("/api/wished-work")
    List<WishedWorkOption> listWishedWork() {
        return wishedWork.options();
    }

    /** Books work nobody’s rule asks for, on its own day or onto a visit. */
    @PostMapping("/api/wished-work")
    JobView bookWishedWork(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody WishedWorkRequest wished) {
        return idempotentRequests.write(
                key, List.of("wished work", wished), JobView.class, () -> wishedWork.book(wished, units));
    }

    /** Moves a job to another day; the version it was read in goes with it. */
    @PutMapping("/api/jobs/{id}/date")
    JobView rescheduleJob(
            @PathVariable long id,
            @RequestHeader("If-Match") String seen,
            @RequestBody RescheduleRequest rescheduleRequest) {
        return jobs.move(id, EntityVersion.seen(seen), rescheduleRequest.day());
    }

    /** Takes a job that hasn’t begun off the plan. */
    @DeleteMapping("/api/jobs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unscheduleJob(@PathVariable long id, @RequestHeader("If-Match") String seen) {
        unscheduling.cancel(id, EntityVersion.seen(seen));
    }

    /** Takes some work off an open job that keeps the rest. */
    @DeleteMapping("/api/jobs/{id}/items")
    JobView removeJobItems(
            @PathVariable long id, @RequestHeader("If-Match") String seen, @RequestParam Set<Long> item) {
        return unscheduling.takeOff(id, EntityVersion.seen(seen), item);
    }

    /** Puts back on its day a job that was taken off the plan by mistake. */
    @PostMapping("/api/jobs/{id}/restore")
    JobView restoreJob(@PathVariable long id) {
        return unscheduling.restore(id);
    }

    /** Records what was found and done, item by item; what has no proof stays due. */
    @PostMapping("/api/jobs/{id}/completion")
    JobView completeJob(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody CompleteJobRequest completeJobRequest) {
        return idempotentRequests.write(
                key,
                List.of("done", id, seen, units, completeJobRequest),
                JobView.class,
                () -> completion.done(id, EntityVersion.seen(seen), completeJobRequest, units));
    }
}
