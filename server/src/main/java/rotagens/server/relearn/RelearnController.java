package rotagens.server.relearn;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.relearn.RelearnViews.CompareRequest;
import rotagens.server.relearn.RelearnViews.DashGaugeComparisonView;
import rotagens.server.relearn.RelearnViews.EndRelearnRequest;
import rotagens.server.relearn.RelearnViews.ProcedureRequest;
import rotagens.server.relearn.RelearnViews.RelearnEventRequest;
import rotagens.server.relearn.RelearnViews.RelearnView;
import rotagens.server.relearn.RelearnViews.SensorReplacementOptionsView;
import rotagens.server.relearn.RelearnViews.StartRelearnRequest;
import rotagens.server.relearn.RelearnViews.WarningLampComparison;
import rotagens.server.web.IdempotentRequests;

@RestController
class RelearnController {

    private final RelearnService relearnService;
    private final SensorAdvice advice;
    private final IdempotentRequests idempotentRequests;

    RelearnController(RelearnService relearnService, SensorAdvice advice, IdempotentRequests idempotentRequests) {
        this.relearnService = relearnService;
        this.advice = advice;
        this.idempotentRequests = idempotentRequests;
    }

    /** A vehicle’s relearn: its procedure, what was done and what is left. */
    @GetMapping("/api/vehicles/{id}/relearn")
    RelearnView getRelearn(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return relearnService.view(id, units);
    }

    /** Writes down how this vehicle’s sensors are relearned, with its source. */
    @PutMapping("/api/vehicles/{id}/relearn/procedure")
    RelearnView saveRelearnProcedure(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody ProcedureRequest typed) {
        return relearnService.note(id, typed, units);
    }

    /** Begins a relearn. */
    @PostMapping("/api/vehicles/{id}/relearn")
    RelearnView startRelearn(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody StartRelearnRequest start) {
        return relearnService.start(id, start, units);
    }

    /** Records a step of a relearn. */
    @PostMapping("/api/vehicles/{id}/relearn/events")
    RelearnView addRelearnEvent(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody RelearnEventRequest typed) {
        return idempotentRequests.write(
                key,
                List.of("relearn", id, units, typed),
                RelearnView.class,
                () -> relearnService.event(id, typed, units));
    }

    /** Ends a relearn, proven or not. */
    @PostMapping("/api/vehicles/{id}/relearn/end")
    RelearnView endRelearn(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody EndRelearnRequest end) {
        return relearnService.end(id, end.reason(), units);
    }

    /** Records what dash and gauge say of a corner, and judges whether they agree. */
    @PostMapping("/api/vehicles/{id}/dash-gauge-comparison")
    DashGaugeComparisonView compareDashAndGauge(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody CompareRequest typed) {
        return relearnService.compare(id, typed, units);
    }

    /** Lamp reports that the gauge readings since don't bear out. */
    @GetMapping("/api/vehicles/{id}/warning-lamp-comparison")
    List<WarningLampComparison> compareWarningLamps(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return advice.lamps(id, units);
    }

    /** One sensor or all of them: what each costs and why. */
    @GetMapping("/api/vehicles/{id}/sensors/{position}/replacement-options")
    SensorReplacementOptionsView getSensorReplacementOptions(@PathVariable long id, @PathVariable String position) {
        return advice.oneOrAll(id, position);
    }
}
