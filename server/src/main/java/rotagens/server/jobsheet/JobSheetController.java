package rotagens.server.jobsheet;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import rotagens.core.measure.Units;
import rotagens.server.jobsheet.JobSheetViews.CompleteJobSheetRequest;
import rotagens.server.jobsheet.JobSheetViews.HandOverRequest;
import rotagens.server.jobsheet.JobSheetViews.JobSheetOptionsRequest;
import rotagens.server.jobsheet.JobSheetViews.JobSheetView;
import rotagens.server.jobsheet.JobSheetViews.SkipStepRequest;
import rotagens.server.jobsheet.JobSheetViews.StepInputRequest;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.IdempotentRequests;

@RestController
class JobSheetController {

    private final JobSheets jobSheets;
    private final JobSheetEvents watchers;
    private final IdempotentRequests idempotentRequests;

    private final Jobs jobs;
    private final People people;

    JobSheetController(
            JobSheets jobSheets,
            JobSheetEvents watchers,
            IdempotentRequests idempotentRequests,
            Jobs jobs,
            People people) {
        this.jobs = jobs;
        this.people = people;
        this.jobSheets = jobSheets;
        this.watchers = watchers;
        this.idempotentRequests = idempotentRequests;
    }

    /** A job sheet: its steps in order, each with its caution, limits and state. */
    @GetMapping("/api/jobs/{id}/sheet")
    JobSheetView getJobSheet(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return jobSheets.view(id, units);
    }

    /** Tells a page when somebody marks a step. */
    @GetMapping(value = "/api/jobs/{id}/sheet/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watchJobSheet(@PathVariable long id) {
        jobs.get(id);
        return watchers.watch(id, people.me());
    }

    /** Chooses how a sheet is worked: machine, nitrogen, sensor service. */
    @PutMapping("/api/jobs/{id}/sheet")
    JobSheetView chooseJobSheetOptions(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody JobSheetOptionsRequest chosen) {
        return jobSheets.choose(id, chosen, units);
    }

    /** Records a step with its figures; one out of its limits is not done. */
    @PostMapping("/api/jobs/{id}/sheet/steps/{step}")
    JobSheetView recordStep(
            @PathVariable long id,
            @PathVariable String step,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody StepInputRequest typed) {
        return idempotentRequests.write(
                key,
                List.of("step", id, step, units, typed),
                JobSheetView.class,
                () -> jobSheets.done(id, step, typed.fields(), units));
    }

    /** Skips a step, by name and reason. */
    @PostMapping("/api/jobs/{id}/sheet/steps/{step}/skip")
    JobSheetView skipStep(
            @PathVariable long id,
            @PathVariable String step,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SkipStepRequest skip) {
        return jobSheets.skip(id, step, skip.reason(), units);
    }

    /** Takes the last record of a step back. */
    @PostMapping("/api/jobs/{id}/sheet/steps/{step}/undo")
    JobSheetView undoStep(
            @PathVariable long id, @PathVariable String step, @RequestParam(defaultValue = "US") Units units) {
        return jobSheets.undo(id, step, units);
    }

    /** Hands a sheet over to another person. */
    @PostMapping("/api/jobs/{id}/sheet/hand-over")
    JobSheetView handOverJobSheet(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody HandOverRequest to) {
        return jobSheets.handOver(id, to.to(), units);
    }

    /** Closes a sheet: what it proves goes on record. */
    @PostMapping("/api/jobs/{id}/sheet/completion")
    JobView completeJobSheet(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody CompleteJobSheetRequest close) {
        return idempotentRequests.write(
                key,
                List.of("close", id, seen, units, close),
                JobView.class,
                () -> jobSheets.close(id, EntityVersion.seen(seen), close.day(), units));
    }
}
