package rotagens.server.photos;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PhotoController {

    private final Photos photos;

    PhotoController(Photos photos) {
        this.photos = photos;
    }

    /** The picture itself. It never changes, so a browser may keep it for itself. */
    @GetMapping(path = "/api/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> getPhoto(@PathVariable long id, @RequestParam(defaultValue = "false") boolean small) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .header("X-Content-Type-Options", "nosniff")
                .body(photos.picture(id, small));
    }
}
