package rotagens.server.notes;

import static rotagens.server.storage.generated.Tables.NOTE;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.photos.Photos.ReadyPhoto;
import rotagens.server.storage.generated.tables.records.NoteRecord;
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

    private final DSLContext db;
    private final Photos photos;
    private final TireStore tires;
    private final People people;
    private final Clock clock;

    Notes(DSLContext db, Photos photos, TireStore tires, People people, Clock clock) {
        this.tires = tires;
        this.db = db;
        this.photos = photos;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<NoteView> ofVehicle(long vehicleId) {
        return notes(NOTE.VEHICLE_ID.eq(vehicleId));
    }

    @Transactional(readOnly = true)
    List<NoteView> ofTire(long tireId) {
        return notes(NOTE.TIRE_ID.eq(tireId));
    }

    private List<NoteView> notes(Condition of) {
        return db.select(NOTE.ID, NOTE.TEXT, NOTE.FILE, NOTE.RECORDED_AT, PERSON.NAME)
                .from(NOTE)
                .join(PERSON)
                .on(PERSON.ID.eq(NOTE.PERSON_ID))
                .where(of)
                .orderBy(NOTE.ID.desc())
                .limit(MOST)
                .fetch(row ->
                        new NoteView(row.value1(), row.value2(), row.value3() != null, row.value4(), row.value5()));
    }

    @Transactional
    List<NoteView> addToVehicle(long vehicleId, String text) {
        add(NOTE.VEHICLE_ID, vehicleId, said(text), null);
        return ofVehicle(vehicleId);
    }

    @Transactional
    List<NoteView> addToTire(long tireId, String text) {
        add(NOTE.TIRE_ID, tireId, said(text), null);
        return ofTire(tireId);
    }

    private static String said(String text) {
        InputValidator wrong = new InputValidator();
        String said = wrong.text("text", text, LONGEST);
        wrong.unless(!said.isEmpty(), "text", "Write the note first.");
        wrong.refuseIfWrong();
        return said;
    }

    @Transactional
    List<NoteView> photographVehicle(long vehicleId, ReadyPhoto picture) {
        add(NOTE.VEHICLE_ID, vehicleId, "", photos.name(picture));
        return ofVehicle(vehicleId);
    }

    @Transactional
    List<NoteView> photographTire(long tireId, ReadyPhoto picture) {
        add(NOTE.TIRE_ID, tireId, "", photos.name(picture));
        return ofTire(tireId);
    }

    private void add(TableField<NoteRecord, Long> of, long id, String text, String file) {
        if (db.fetchCount(NOTE, of.eq(id)) >= MOST) {
            throw ProblemException.conflict("There are " + MOST + " notes already.");
        }
        db.insertInto(NOTE)
                .set(of, id)
                .set(NOTE.TEXT, text)
                .set(NOTE.FILE, file)
                .set(NOTE.RECORDED_AT, clock.instant())
                .set(NOTE.PERSON_ID, people.me())
                .execute();
    }

    @Transactional(readOnly = true)
    boolean isTire(long tireId) {
        return tires.isOnRecord(tireId);
    }

    /** The picture of a note. */
    @Transactional(readOnly = true)
    byte[] picture(long noteId) {
        return db.select(NOTE.FILE)
                .from(NOTE)
                .where(NOTE.ID.eq(noteId))
                .and(NOTE.FILE.isNotNull())
                .fetchOptional(NOTE.FILE)
                .map(photos::bytes)
                .filter(bytes -> bytes.length > 0)
                .orElseThrow(() -> ProblemException.notFound("There is no such photo."));
    }
}
