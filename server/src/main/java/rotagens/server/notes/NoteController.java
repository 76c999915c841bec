package rotagens.server.notes;

import static rotagens.server.notes.NotesWords.WORDS;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.fleet.FleetCache;
import rotagens.server.notes.Notes.NoteView;
import rotagens.server.photos.Photos;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.ProblemException;

@RestController
class NoteController {

    private static final String KEY = "Idempotency-Key";

    record NoteRequest(@Nullable String text) {}

    private final Notes notes;
    private final FleetCache fleet;
    private final IdempotentRequests idempotentRequests;

    private final Photos photos;

    NoteController(Notes notes, FleetCache fleet, IdempotentRequests idempotentRequests, Photos photos) {
        this.photos = photos;
        this.notes = notes;
        this.fleet = fleet;
        this.idempotentRequests = idempotentRequests;
    }

    /** Notes on a vehicle, newest first. */
    @GetMapping("/api/vehicles/{id}/notes")
    List<NoteView> listVehicleNotes(@PathVariable long id) {
        return notes.ofVehicle(id);
    }

    /** Writes a note on a vehicle. */
    @PostMapping("/api/vehicles/{id}/notes")
    NoteView[] addVehicleNote(
            @PathVariable long id,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody NoteRequest typed) {
        fleet.get(id);
        return idempotentRequests.write(
                key,
                List.of(WORDS.say("vehicleNote"), id, typed),
                NoteView[].class,
                () -> notes.addToVehicle(id, typed.text()).toArray(NoteView[]::new));
    }

    /** Puts a photo to a vehicle’s note. */
    @PostMapping(
            path = "/api/vehicles/{id}/notes/photos",
            consumes = {"image/jpeg", "image/png"})
    NoteView[] addVehiclePhoto(
            @PathVariable long id,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody byte[] picture) {
        fleet.get(id);
        return photos.with(
                picture,
                ready -> idempotentRequests.write(
                        key,
                        List.of(WORDS.say("vehiclePhoto"), id, picture.length, Arrays.hashCode(picture)),
                        NoteView[].class,
                        () -> notes.photographVehicle(id, ready).toArray(NoteView[]::new)));
    }

    /** Notes on a tire, newest first. */
    @GetMapping("/api/tires/{id}/notes")
    List<NoteView> listTireNotes(@PathVariable long id) {
        return notes.ofTire(id);
    }

    /** Writes a note on a tire. */
    @PostMapping("/api/tires/{id}/notes")
    NoteView[] addTireNote(
            @PathVariable long id,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody NoteRequest typed) {
        return idempotentRequests.write(
                key,
                List.of(WORDS.say("tireNote"), id, typed),
                NoteView[].class,
                () -> notes.addToTire(known(id), typed.text()).toArray(NoteView[]::new));
    }

    /** Puts a photo to a tire’s note. */
    @PostMapping(
            path = "/api/tires/{id}/notes/photos",
            consumes = {"image/jpeg", "image/png"})
    NoteView[] addTirePhoto(
            @PathVariable long id,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody byte[] picture) {
        return photos.with(
                picture,
                ready -> idempotentRequests.write(
                        key,
                        List.of(WORDS.say("tirePhoto"), id, picture.length, Arrays.hashCode(picture)),
                        NoteView[].class,
                        () -> notes.photographTire(known(id), ready).toArray(NoteView[]::new)));
    }

    private long known(long tireId) {
        if (!notes.isTire(tireId)) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchTire"));
        }
        return tireId;
    }

    /** The picture of a note. It never changes. */
    @GetMapping(path = "/api/notes/{id}/photo", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> getNotePhoto(@PathVariable long id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .header("X-Content-Type-Options", "nosniff")
                .body(notes.picture(id));
    }
}
