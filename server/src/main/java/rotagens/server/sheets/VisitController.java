package rotagens.server.sheets;

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
import rotagens.core.job.VisitEntry;
import rotagens.core.measure.Units;
import rotagens.server.sheets.Visits.VisitNote;
import rotagens.server.sheets.Visits.VisitView;
import rotagens.server.web.OnceOnly;

@RestController
class VisitController {

    private final Visits visits;
    private final OnceOnly onceOnly;

    VisitController(Visits visits, OnceOnly onceOnly) {
        this.visits = visits;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/jobs/{id}/visit")
    VisitView visit(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return visits.view(id, units);
    }

    @PostMapping("/api/jobs/{id}/visit")
    VisitView note(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody VisitNote typed) {
        return onceOnly.write(
                key, List.of("visit", id, units, typed), VisitView.class, () -> visits.note(id, typed, units));
    }

    @PostMapping(
            path = "/api/jobs/{id}/visit/photos",
            consumes = {"image/jpeg", "image/png"})
    VisitView photograph(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestParam(defaultValue = "DAMAGE") VisitEntry entry,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody byte[] picture) {
        return onceOnly.write(
                key,
                List.of("visit photo", id, entry, picture.length, Arrays.hashCode(picture)),
                VisitView.class,
                () -> visits.photograph(id, entry, picture, units));
    }

    @GetMapping(path = "/api/jobs/{id}/visit/photos/{line}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable long line) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .header("X-Content-Type-Options", "nosniff")
                .body(visits.picture(id, line));
    }
}
