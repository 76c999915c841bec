package rotagens.server.notes;

import static rotagens.server.notes.NotesWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.notes.NoteStore.Subject;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.photos.Photos.ReadyPhoto;
import rotagens.server.tire.TireStore;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Notes of vehicles and tires, newest first. Nobody changes one: who knows better writes another. */
@Service
class Notes {

    /** @param photo whether a picture belongs to it */
    record NoteView(long id, String text, boolean photo, Instant at, String by) {}

    private static final int LONGEST = 2000;
    private static final int MOST = 500;

    private final NoteStore store;
    private final Photos photos;
    private final TireStore tires;
    private final People people;
    private final Clock clock;

    Notes(NoteStore store, Photos photos, TireStore tires, People people, Clock clock) {
        this.tires = tires;
        this.store = store;
        this.photos = photos;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<NoteView> ofVehicle(long vehicleId) {
        return store.of(Subject.vehicle(vehicleId), MOST);
    }

    @Transactional(readOnly = true)
    List<NoteView> ofTire(long tireId) {
        return store.of(Subject.tire(tireId), MOST);
    }

    @Transactional
    List<NoteView> addToVehicle(long vehicleId, String text) {
        add(Subject.vehicle(vehicleId), said(text), null);
        return ofVehicle(vehicleId);
    }

    @Transactional
    List<NoteView> addToTire(long tireId, String text) {
        add(Subject.tire(tireId), said(text), null);
        return ofTire(tireId);
    }

    private static String said(String text) {
        InputValidator wrong = new InputValidator();
        String said = wrong.text("text", text, LONGEST);
        wrong.unless(!said.isEmpty(), "text", WORDS.say("writeTheNoteFirst"));
        wrong.refuseIfWrong();
        return said;
    }

    @Transactional
    List<NoteView> photographVehicle(long vehicleId, ReadyPhoto picture) {
        add(Subject.vehicle(vehicleId), "", photos.name(picture));
        return ofVehicle(vehicleId);
    }

    @Transactional
    List<NoteView> photographTire(long tireId, ReadyPhoto picture) {
        add(Subject.tire(tireId), "", photos.name(picture));
        return ofTire(tireId);
    }

    private void add(Subject subject, String text, @Nullable String file) {
        if (store.count(subject) >= MOST) {
            throw ProblemException.conflict(WORDS.say("thereAreNotesAlready", "most", MOST));
        }
        store.add(subject, text, file, clock.instant(), people.me());
    }

    @Transactional(readOnly = true)
    boolean isTire(long tireId) {
        return tires.isOnRecord(tireId);
    }

    /** The picture of a note. */
    @Transactional(readOnly = true)
    byte[] picture(long noteId) {
        return store.file(noteId)
                .map(photos::bytes)
                .filter(bytes -> bytes.length > 0)
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchPhoto")));
    }
}
