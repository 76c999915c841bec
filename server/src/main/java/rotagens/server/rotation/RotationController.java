package rotagens.server.rotation;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.rotation.RotationViews.ArrangementView;
import rotagens.server.rotation.RotationViews.EvaluateRotationRequest;
import rotagens.server.rotation.RotationViews.FindReplacementRequest;
import rotagens.server.rotation.RotationViews.ProposeRotationRequest;
import rotagens.server.rotation.RotationViews.ReplacementView;
import rotagens.server.rotation.RotationViews.RotationView;
import rotagens.server.rotation.RotationViews.ScheduleRotationRequest;
import rotagens.server.web.IdempotentRequests;

@RestController
class RotationController {

    /** The job an arrangement became. */
    record ScheduledRotationView(long jobId) {}

    private final RotationPages pages;
    private final ReplacementService replacementService;
    private final RotationService rotationService;
    private final IdempotentRequests idempotentRequests;

    RotationController(
            RotationPages pages,
            ReplacementService replacementService,
            RotationService rotationService,
            IdempotentRequests idempotentRequests) {
        this.pages = pages;
        this.replacementService = replacementService;
        this.rotationService = rotationService;
        this.idempotentRequests = idempotentRequests;
    }

    /** What a rotation of this vehicle has to keep to, and its tires now. */
    @GetMapping("/api/vehicles/{id}/rotation")
    RotationView getRotation(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.bench(id, units);
    }

    /** Proposes the best moves with their gain, or says why there are none. */
    @PostMapping("/api/vehicles/{id}/rotation/proposal")
    ArrangementView proposeRotation(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody ProposeRotationRequest asked) {
        return pages.propose(id, asked, units);
    }

    /** Judges moves somebody has laid out. Nothing is stored. */
    @PostMapping("/api/vehicles/{id}/rotation/evaluation")
    ArrangementView evaluateRotation(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody EvaluateRotationRequest asked) {
        return pages.evaluate(id, asked, units);
    }

    /** Finds tires of stock and other vehicles that fit a position. */
    @PostMapping("/api/vehicles/{id}/rotation/replacement")
    ReplacementView findReplacement(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody FindReplacementRequest asked) {
        return replacementService.of(id, asked, units);
    }

    /** Makes a job of a rotation. */
    @PostMapping("/api/vehicles/{id}/rotation")
    ScheduledRotationView scheduleRotation(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody ScheduleRotationRequest scheduleRotationRequest) {
        return idempotentRequests.write(
                key,
                List.of("rotate", id, scheduleRotationRequest),
                ScheduledRotationView.class,
                () -> new ScheduledRotationView(rotationService.accept(id, scheduleRotationRequest, units)));
    }
}
