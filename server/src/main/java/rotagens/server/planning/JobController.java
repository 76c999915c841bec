package rotagens.server.planning;

import java.util.List;
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
import rotagens.server.fleet.KeptFleet;
import rotagens.server.planning.JobViews.BundleView;
import rotagens.server.planning.JobViews.Done;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.JobViews.Move;
import rotagens.server.planning.JobViews.Schedule;
import rotagens.server.web.OnceOnly;
import rotagens.server.web.Version;

@RestController
class JobController {

    private final Jobs jobs;
    private final JobCompletion completion;
    private final OnceOnly onceOnly;
    private final Waivers waivers;
    private final KeptFleet fleet;

    JobController(Jobs jobs, JobCompletion completion, OnceOnly onceOnly, Waivers waivers, KeptFleet fleet) {
        this.waivers = waivers;
        this.fleet = fleet;
        this.jobs = jobs;
        this.completion = completion;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/jobs")
    List<Job> open() {
        return jobs.open();
    }

    /** Visits proposed for work that shares wheels. */
    @GetMapping("/api/bundles")
    List<BundleView> bundles(@RequestParam(defaultValue = "US") Units units) {
        return jobs.bundles(fleet.all(), units);
    }

    @PostMapping("/api/vehicles/{id}/waivers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Waivers.Leave wanted) {
        waivers.leave(id, wanted, units);
    }

    @DeleteMapping("/api/vehicles/{id}/waivers/{work}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endWaiver(@PathVariable long id, @PathVariable String work) {
        waivers.end(id, work);
    }

    @GetMapping("/api/jobs/done")
    List<Job> done() {
        return jobs.done();
    }

    @GetMapping("/api/jobs/{id}")
    Job get(@PathVariable long id) {
        return jobs.get(id);
    }

    @GetMapping("/api/vehicles/{vehicleId}/jobs")
    List<Job> ofVehicle(@PathVariable long vehicleId) {
        return jobs.ofVehicle(vehicleId);
    }

    @PostMapping("/api/jobs")
    Job[] schedule(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Schedule schedule) {
        return onceOnly.write(
                key,
                List.of("schedule", schedule),
                Job[].class,
                () -> jobs.schedule(schedule, units).toArray(Job[]::new));
    }

    @PutMapping("/api/jobs/{id}/day")
    Job move(@PathVariable long id, @RequestHeader("If-Match") String seen, @RequestBody Move move) {
        return jobs.move(id, Version.seen(seen), move.day());
    }

    @DeleteMapping("/api/jobs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable long id, @RequestHeader("If-Match") String seen) {
        jobs.cancel(id, Version.seen(seen));
    }

    @PostMapping("/api/jobs/{id}/done")
    Job done(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Done done) {
        return onceOnly.write(
                key,
                List.of("done", id, seen, units, done),
                Job.class,
                () -> completion.done(id, Version.seen(seen), done, units));
    }
}
