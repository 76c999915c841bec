package rotagens.server.walkround;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.Finding;
import rotagens.core.measure.Units;
import rotagens.server.walkround.WalkRoundViews.Choice;
import rotagens.server.walkround.WalkRoundViews.Finish;
import rotagens.server.walkround.WalkRoundViews.Finished;
import rotagens.server.walkround.WalkRoundViews.Input;
import rotagens.server.walkround.WalkRoundViews.Saved;
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
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return onceOnly.write(
                key, List.of("start", vehicleId), WalkRound.class, () -> walkRounds.start(vehicleId, units));
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
