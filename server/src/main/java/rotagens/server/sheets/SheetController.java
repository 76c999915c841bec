package rotagens.server.sheets;

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
import rotagens.server.planning.JobViews.Job;
import rotagens.server.sheets.SheetViews.CloseSheet;
import rotagens.server.sheets.SheetViews.HandSheetTo;
import rotagens.server.sheets.SheetViews.SheetChoice;
import rotagens.server.sheets.SheetViews.SheetView;
import rotagens.server.sheets.SheetViews.SkipStep;
import rotagens.server.sheets.SheetViews.StepReadings;
import rotagens.server.web.OnceOnly;
import rotagens.server.web.Version;

@RestController
class SheetController {

    private final Sheets sheets;
    private final SheetWatchers watchers;
    private final OnceOnly onceOnly;

    SheetController(Sheets sheets, SheetWatchers watchers, OnceOnly onceOnly) {
        this.sheets = sheets;
        this.watchers = watchers;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/jobs/{id}/sheet")
    SheetView sheet(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return sheets.view(id, units);
    }

    /** Tells a page when somebody marks a step. */
    @GetMapping(value = "/api/jobs/{id}/sheet/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watch(@PathVariable long id) {
        return watchers.watch(id);
    }

    @PutMapping("/api/jobs/{id}/sheet")
    SheetView choose(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody SheetChoice chosen) {
        return sheets.choose(id, chosen, units);
    }

    @PostMapping("/api/jobs/{id}/sheet/steps/{step}")
    SheetView done(
            @PathVariable long id,
            @PathVariable String step,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody StepReadings typed) {
        return onceOnly.write(
                key,
                List.of("step", id, step, units, typed),
                SheetView.class,
                () -> sheets.done(id, step, typed.fields(), units));
    }

    @PostMapping("/api/jobs/{id}/sheet/steps/{step}/skip")
    SheetView skip(
            @PathVariable long id,
            @PathVariable String step,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SkipStep skip) {
        return sheets.skip(id, step, skip.reason(), units);
    }

    @PostMapping("/api/jobs/{id}/sheet/steps/{step}/undo")
    SheetView undo(@PathVariable long id, @PathVariable String step, @RequestParam(defaultValue = "US") Units units) {
        return sheets.undo(id, step, units);
    }

    @PostMapping("/api/jobs/{id}/sheet/hand-over")
    SheetView handOver(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody HandSheetTo to) {
        return sheets.handOver(id, to.to(), units);
    }

    @PostMapping("/api/jobs/{id}/sheet/close")
    Job close(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody CloseSheet close) {
        return onceOnly.write(
                key,
                List.of("close", id, seen, units, close),
                Job.class,
                () -> sheets.close(id, Version.seen(seen), close.day(), units));
    }
}
