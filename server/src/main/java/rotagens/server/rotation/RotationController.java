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
import rotagens.server.rotation.RotationViews.Accept;
import rotagens.server.rotation.RotationViews.ArrangementView;
import rotagens.server.rotation.RotationViews.BenchView;
import rotagens.server.rotation.RotationViews.Evaluate;
import rotagens.server.rotation.RotationViews.Propose;
import rotagens.server.rotation.RotationViews.ReplacementView;
import rotagens.server.rotation.RotationViews.Retire;
import rotagens.server.web.OnceOnly;

@RestController
class RotationController {

    /** The job an arrangement became. */
    record Accepted(long jobId) {}

    private final RotationPages pages;
    private final Replacements replacements;
    private final Rotations rotations;
    private final OnceOnly onceOnly;

    RotationController(RotationPages pages, Replacements replacements, Rotations rotations, OnceOnly onceOnly) {
        this.pages = pages;
        this.replacements = replacements;
        this.rotations = rotations;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/vehicles/{id}/rotation")
    BenchView bench(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.bench(id, units);
    }

    @PostMapping("/api/vehicles/{id}/rotation/proposal")
    ArrangementView propose(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Propose asked) {
        return pages.propose(id, asked, units);
    }

    @PostMapping("/api/vehicles/{id}/rotation/evaluation")
    ArrangementView evaluate(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Evaluate asked) {
        return pages.evaluate(id, asked, units);
    }

    @PostMapping("/api/vehicles/{id}/rotation/replacement")
    ReplacementView replace(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Retire asked) {
        return replacements.of(id, asked, units);
    }

    @PostMapping("/api/vehicles/{id}/rotation")
    Accepted accept(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Accept accept) {
        return onceOnly.write(
                key,
                List.of("rotate", id, accept),
                Accepted.class,
                () -> new Accepted(rotations.accept(id, accept, units)));
    }
}
