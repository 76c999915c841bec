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
import rotagens.server.relearn.RelearnViews.Compare;
import rotagens.server.relearn.RelearnViews.ComparedView;
import rotagens.server.relearn.RelearnViews.EndRelearn;
import rotagens.server.relearn.RelearnViews.LampAgainstGauge;
import rotagens.server.relearn.RelearnViews.OneOrAllView;
import rotagens.server.relearn.RelearnViews.ProcedureForm;
import rotagens.server.relearn.RelearnViews.RelearnView;
import rotagens.server.relearn.RelearnViews.SeenOrHeard;
import rotagens.server.relearn.RelearnViews.StartRelearn;
import rotagens.server.web.OnceOnly;

@RestController
class RelearnController {

    private final Relearns relearns;
    private final SensorAdvice advice;
    private final OnceOnly onceOnly;

    RelearnController(Relearns relearns, SensorAdvice advice, OnceOnly onceOnly) {
        this.relearns = relearns;
        this.advice = advice;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/vehicles/{id}/relearn")
    RelearnView view(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return relearns.view(id, units);
    }

    @PutMapping("/api/vehicles/{id}/relearn/procedure")
    RelearnView note(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody ProcedureForm typed) {
        return relearns.note(id, typed, units);
    }

    @PostMapping("/api/vehicles/{id}/relearn")
    RelearnView start(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody StartRelearn start) {
        return relearns.start(id, start, units);
    }

    @PostMapping("/api/vehicles/{id}/relearn/events")
    RelearnView event(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody SeenOrHeard typed) {
        return onceOnly.write(
                key, List.of("relearn", id, units, typed), RelearnView.class, () -> relearns.event(id, typed, units));
    }

    @PostMapping("/api/vehicles/{id}/relearn/end")
    RelearnView end(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody EndRelearn end) {
        return relearns.end(id, end.why(), units);
    }

    @PostMapping("/api/vehicles/{id}/dash-against-gauge")
    ComparedView compare(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Compare typed) {
        return relearns.compare(id, typed, units);
    }

    /** Lamp reports that the gauge readings since don't bear out. */
    @GetMapping("/api/vehicles/{id}/lamp-against-gauge")
    List<LampAgainstGauge> lamps(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return advice.lamps(id, units);
    }

    @GetMapping("/api/vehicles/{id}/sensors/{position}/one-or-all")
    OneOrAllView oneOrAll(@PathVariable long id, @PathVariable String position) {
        return advice.oneOrAll(id, position);
    }
}
