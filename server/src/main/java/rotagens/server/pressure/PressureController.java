package rotagens.server.pressure;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.pressure.LoadPressureViews.LoadPressure;
import rotagens.server.pressure.LoadPressureViews.TireLoss;
import rotagens.server.pressure.PressureChanges.Book;
import rotagens.server.pressure.PressureChanges.Chalked;
import rotagens.server.pressure.PressureChanges.Changed;
import rotagens.server.pressure.PressureChanges.Choose;
import rotagens.server.pressure.PressureChanges.SetState;
import rotagens.server.pressure.PressureChanges.SetThreshold;
import rotagens.server.pressure.PressureChanges.Trial;
import rotagens.server.pressure.PressureRound.Advice;
import rotagens.server.pressure.PressureRound.Gauged;
import rotagens.server.pressure.PressureRound.Round;
import rotagens.server.web.Entries;
import rotagens.server.web.OnceOnly;

/** Load and pressure of one vehicle. Every write answers with the page as it then stands, or what to do next. */
@RestController
@RequestMapping("/api/vehicles/{id}")
class PressureController {

    private static final String KEY = "Idempotency-Key";

    private final LoadPressurePages pages;
    private final Weighing weighing;
    private final PressureChanges changes;
    private final PressureRound round;
    private final OnceOnly onceOnly;

    PressureController(
            LoadPressurePages pages,
            Weighing weighing,
            PressureChanges changes,
            PressureRound round,
            OnceOnly onceOnly) {
        this.pages = pages;
        this.weighing = weighing;
        this.changes = changes;
        this.round = round;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/load-pressure")
    LoadPressure page(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.page(id, units);
    }

    @GetMapping("/loss")
    List<TireLoss> loss(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.loss(id, units);
    }

    @PostMapping("/slips")
    LoadPressure weigh(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody SlipForm slip) {
        return onceOnly.write(key, List.of("slip", id, units, slip), LoadPressure.class, () -> {
            weighing.add(id, slip, units);
            return pages.page(id, units);
        });
    }

    @PutMapping("/pressure-choice")
    LoadPressure choose(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Choose choose) {
        changes.choose(id, choose);
        return pages.page(id, units);
    }

    @PutMapping("/axles/{axle}/warning")
    LoadPressure threshold(
            @PathVariable long id,
            @PathVariable int axle,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody SetThreshold set) {
        changes.threshold(id, axle, set, units);
        return pages.page(id, units);
    }

    @PutMapping("/load-state")
    LoadPressure state(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody SetState set) {
        changes.state(id, set);
        return pages.page(id, units);
    }

    @PostMapping("/trips")
    LoadPressure book(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody Book trip) {
        return onceOnly.write(key, List.of("trip", id, units, trip), LoadPressure.class, () -> {
            changes.book(id, trip, units);
            return pages.page(id, units);
        });
    }

    @DeleteMapping("/trips/{trip}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable long id, @PathVariable long trip) {
        changes.cancel(id, trip);
    }

    @PostMapping("/body-changes")
    LoadPressure bodyChanged(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Changed changed) {
        changes.bodyChanged(id, changed);
        return pages.page(id, units);
    }

    @GetMapping("/axles/{axle}/chalk-line")
    Trial trial(@PathVariable long id, @PathVariable int axle, @RequestParam(defaultValue = "US") Units units) {
        return changes.trial(id, axle, units);
    }

    @PostMapping("/axles/{axle}/chalk-line")
    Trial chalk(
            @PathVariable long id,
            @PathVariable int axle,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody Chalked pass) {
        return onceOnly.write(
                key, List.of("chalk", id, axle, units, pass), Trial.class, () -> changes.chalk(id, axle, pass, units));
    }

    /** The stops of a round, with what to fill to at the temperatures given. */
    @GetMapping("/pressure-round")
    Round round(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(required = false) @Nullable String air,
            @RequestParam(required = false) @Nullable String coldest) {
        return round.round(id, air, coldest, units);
    }

    @PostMapping("/pressure-round/{position}/advice")
    Advice advise(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody Gauged gauged) {
        return round.advise(id, position, gauged, units);
    }

    @PostMapping("/pressure-round/{position}")
    Advice gauge(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody Gauged gauged) {
        return onceOnly.write(
                key,
                List.of("gauge", id, position, units, gauged),
                Advice.class,
                () -> round.save(id, position, gauged, units));
    }

    /** A printed slip read aloud; nothing is stored. */
    @RestController
    static class SlipReaderController {

        record SlipText(@Nullable String text) {}

        @PostMapping("/api/read/slip")
        SlipForm read(@RequestBody SlipText slip) {
            Entries typed = new Entries();
            var read = typed.attempt("text", () -> SlipForm.parse(slip.text()));
            typed.refuseIfWrong();
            return read.orElseThrow();
        }
    }
}
