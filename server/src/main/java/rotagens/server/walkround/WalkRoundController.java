package rotagens.server.walkround;

import java.util.Arrays;
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
import rotagens.core.fact.Finding;
import rotagens.core.inspection.WalkScope;
import rotagens.core.measure.Units;
import rotagens.server.walkround.WalkRoundViews.Choice;
import rotagens.server.walkround.WalkRoundViews.Finish;
import rotagens.server.walkround.WalkRoundViews.Finished;
import rotagens.server.walkround.WalkRoundViews.Input;
import rotagens.server.walkround.WalkRoundViews.PhotoView;
import rotagens.server.walkround.WalkRoundViews.Saved;
import rotagens.server.walkround.WalkRoundViews.Scope;
import rotagens.server.walkround.WalkRoundViews.Start;
import rotagens.server.walkround.WalkRoundViews.WalkRound;
import rotagens.server.web.OnceOnly;
import rotagens.server.web.Version;

@RestController
class WalkRoundController {

    private final WalkRounds walkRounds;
    private final OnceOnly onceOnly;

    WalkRoundController(WalkRounds walkRounds, OnceOnly onceOnly) {
        this.walkRounds = walkRounds;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/findings")
    List<Choice> findings() {
        return Arrays.stream(Finding.values())
                .filter(finding -> finding.where() != Finding.Where.RECORDED)
                .map(finding ->
                        new Choice(finding, finding.where(), finding.words(), finding.verdict(), finding.because()))
                .toList();
    }

    @PostMapping("/api/vehicles/{vehicleId}/walk-rounds")
    WalkRound start(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Start start) {
        WalkScope scope = start.scope() == null ? WalkScope.FULL : start.scope();
        return onceOnly.write(
                key,
                List.of("start", vehicleId, scope),
                WalkRound.class,
                () -> walkRounds.start(vehicleId, scope, units));
    }

    @GetMapping("/api/vehicles/{vehicleId}/walk-sheet")
    WalkRound sheet(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "FULL") WalkScope scope,
            @RequestParam(defaultValue = "US") Units units) {
        return walkRounds.sheet(vehicleId, scope, units);
    }

    @GetMapping("/api/walk-scopes")
    List<Scope> scopes() {
        return Arrays.stream(WalkScope.values())
                .map(scope -> new Scope(scope, scope.title(), scope.covers()))
                .toList();
    }

    @PostMapping(
            path = "/api/walk-rounds/{id}/positions/{position}/photos",
            consumes = {"image/jpeg", "image/png"})
    PhotoView photograph(
            @PathVariable long id,
            @PathVariable String position,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody byte[] picture) {
        return onceOnly.write(
                key,
                List.of("photo", id, position, picture.length, Arrays.hashCode(picture)),
                PhotoView.class,
                () -> walkRounds.photograph(id, position, picture));
    }

    @DeleteMapping("/api/walk-rounds/{id}/photos/{photo}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void dropPhoto(@PathVariable long id, @PathVariable long photo) {
        walkRounds.dropPhoto(id, photo);
    }

    @GetMapping("/api/walk-rounds/{id}")
    WalkRound get(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return walkRounds.get(id, units);
    }

    @PutMapping("/api/walk-rounds/{id}/positions/{position}")
    Saved save(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Input input) {
        int version = Version.seen(seen);
        return onceOnly.write(
                key,
                List.of("save", id, position, version, units, input),
                Saved.class,
                () -> walkRounds.save(id, position, version, input, units));
    }

    @PostMapping("/api/walk-rounds/{id}/finish")
    Finished finish(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Finish finish) {
        return onceOnly.write(
                key, List.of("finish", id, units, finish), Finished.class, () -> walkRounds.finish(id, finish, units));
    }
}
