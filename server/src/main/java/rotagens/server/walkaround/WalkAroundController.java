package rotagens.server.walkaround;

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
import rotagens.core.inspection.WalkAroundScope;
import rotagens.core.measure.Units;
import rotagens.server.photos.Photos;
import rotagens.server.walkaround.WalkAroundViews.FindingOption;
import rotagens.server.walkaround.WalkAroundViews.FinishWalkAroundRequest;
import rotagens.server.walkaround.WalkAroundViews.FinishedWalkAroundView;
import rotagens.server.walkaround.WalkAroundViews.PhotoView;
import rotagens.server.walkaround.WalkAroundViews.SavedEntryView;
import rotagens.server.walkaround.WalkAroundViews.StartWalkAroundRequest;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundEntryRequest;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundScopeView;
import rotagens.server.walkaround.WalkAroundViews.WalkAroundView;
import rotagens.server.web.EntityVersion;
import rotagens.server.web.IdempotentRequests;

@RestController
class WalkAroundController {

    private final WalkArounds walkArounds;
    private final IdempotentRequests idempotentRequests;

    private final Photos photos;

    WalkAroundController(WalkArounds walkArounds, IdempotentRequests idempotentRequests, Photos photos) {
        this.photos = photos;
        this.walkArounds = walkArounds;
        this.idempotentRequests = idempotentRequests;
    }

    /** What can be found on a tire or wheel, in words. */
    @GetMapping("/api/findings")
    List<FindingOption> listFindingOptions() {
        return Arrays.stream(Finding.values())
                .filter(finding -> finding.area() != Finding.Area.RECORDED)
                .map(finding -> new FindingOption(
                        finding, finding.area(), finding.label(), finding.verdict(), finding.explanation()))
                .toList();
    }

    /** Begins a walk-around of a vehicle, or goes on with an open one. */
    @PostMapping("/api/vehicles/{vehicleId}/walk-arounds")
    WalkAroundView startWalkAround(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody StartWalkAroundRequest startWalkAroundRequest) {
        WalkAroundScope scope =
                startWalkAroundRequest.scope() == null ? WalkAroundScope.FULL : startWalkAroundRequest.scope();
        return idempotentRequests.write(
                key,
                List.of("start", vehicleId, scope),
                WalkAroundView.class,
                () -> walkArounds.start(vehicleId, scope, units));
    }

    /** The open walk-around of a vehicle, if there is one. */
    @GetMapping("/api/vehicles/{vehicleId}/walk-around-draft")
    WalkAroundView getWalkAroundDraft(
            @PathVariable long vehicleId,
            @RequestParam(defaultValue = "FULL") WalkAroundScope scope,
            @RequestParam(defaultValue = "US") Units units) {
        return walkArounds.sheet(vehicleId, scope, units);
    }

    /** What a walk-around may cover. */
    @GetMapping("/api/walk-around-scopes")
    List<WalkAroundScopeView> listWalkAroundScopes() {
        return Arrays.stream(WalkAroundScope.values())
                .map(scope -> new WalkAroundScopeView(scope, scope.title(), scope.covers()))
                .toList();
    }

    /** Puts a photo to what was found on a walk-around. */
    @PostMapping(
            path = "/api/walk-arounds/{id}/positions/{position}/photos",
            consumes = {"image/jpeg", "image/png"})
    PhotoView addWalkAroundPhoto(
            @PathVariable long id,
            @PathVariable String position,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody byte[] picture) {
        return photos.with(
                picture,
                ready -> idempotentRequests.write(
                        key,
                        List.of("photo", id, position, picture.length, Arrays.hashCode(picture)),
                        PhotoView.class,
                        () -> walkArounds.photograph(id, position, ready)));
    }

    /** Takes a photo off an open walk-around. */
    @DeleteMapping("/api/walk-arounds/{id}/photos/{photo}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteWalkAroundPhoto(@PathVariable long id, @PathVariable long photo) {
        walkArounds.dropPhoto(id, photo);
    }

    /** A walk-around with what is recorded of it. */
    @GetMapping("/api/walk-arounds/{id}")
    WalkAroundView getWalkAround(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return walkArounds.get(id, units);
    }

    /** Records what was read and seen at one position, and answers with what it means. */
    @PutMapping("/api/walk-arounds/{id}/positions/{position}")
    SavedEntryView saveWalkAroundEntry(
            @PathVariable long id,
            @PathVariable String position,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody WalkAroundEntryRequest walkAroundEntryRequest) {
        int version = EntityVersion.seen(seen);
        return idempotentRequests.write(
                key,
                List.of("save", id, position, version, units, walkAroundEntryRequest),
                SavedEntryView.class,
                () -> walkArounds.save(id, position, version, walkAroundEntryRequest, units));
    }

    /** Finishes a walk-around: its readings go on record and alerts follow. */
    @PostMapping("/api/walk-arounds/{id}/finish")
    FinishedWalkAroundView finishWalkAround(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody FinishWalkAroundRequest finishWalkAroundRequest) {
        return idempotentRequests.write(
                key,
                List.of("finish", id, units, finishWalkAroundRequest),
                FinishedWalkAroundView.class,
                () -> walkArounds.finish(id, finishWalkAroundRequest, units));
    }
}
