package rotagens.server.jobsheet;

import java.util.Arrays;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.measure.Units;
import rotagens.server.jobsheet.ShopVisitViews.HandOverRequest;
import rotagens.server.jobsheet.ShopVisitViews.ShopVisitView;
import rotagens.server.jobsheet.ShopVisitViews.VisitEntryRequest;
import rotagens.server.photos.Photos;
import rotagens.server.web.IdempotentRequests;

@RestController
class ShopVisitController {

    private final ShopVisits shopVisits;
    private final IdempotentRequests idempotentRequests;

    private final Photos photos;

    ShopVisitController(ShopVisits shopVisits, IdempotentRequests idempotentRequests, Photos photos) {
        this.photos = photos;
        this.shopVisits = shopVisits;
        this.idempotentRequests = idempotentRequests;
    }

    /** A vehicle’s visit to the shop, from reception to hand-over. */
    @GetMapping("/api/jobs/{id}/visit")
    ShopVisitView getShopVisit(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return shopVisits.view(id, units);
    }

    /** Records what was found or done in a visit. */
    @PostMapping("/api/jobs/{id}/visit")
    ShopVisitView addVisitEntry(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody VisitEntryRequest typed) {
        return idempotentRequests.write(
                key, List.of("visit", id, units, typed), ShopVisitView.class, () -> shopVisits.note(id, typed, units));
    }

    /** Puts a photo to a visit. */
    @PostMapping(
            path = "/api/jobs/{id}/visit/photos",
            consumes = {"image/jpeg", "image/png"})
    ShopVisitView addVisitPhoto(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "DAMAGE") VisitEntryType entry,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody byte[] picture) {
        return photos.with(
                picture,
                ready -> idempotentRequests.write(
                        key,
                        List.of("visit photo", id, entry, picture.length, Arrays.hashCode(picture)),
                        ShopVisitView.class,
                        () -> shopVisits.photograph(id, entry, ready, units)));
    }

    /** Hands the vehicle over to its driver. */
    @PostMapping("/api/jobs/{id}/visit/hand-over")
    ShopVisitView handOverVehicle(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody HandOverRequest typed) {
        return idempotentRequests.write(
                key,
                List.of("visit hand-over", id, units, typed),
                ShopVisitView.class,
                () -> shopVisits.handOver(id, typed, units));
    }

    /** A photo of a visit. */
    @GetMapping(path = "/api/jobs/{id}/visit/photos/{line}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> getVisitPhoto(@PathVariable long id, @PathVariable long line) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .header("X-Content-Type-Options", "nosniff")
                .body(shopVisits.picture(id, line));
    }
}
