package rotagens.server.notes;

import static rotagens.server.storage.generated.Tables.NOTE;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.server.notes.Notes.NoteView;
import rotagens.server.photos.PhotoFiles;

/** Notes of vehicles and tires, only ever added to. */
@Repository
class NoteStore implements PhotoFiles {

    /** Whose notes: a vehicle's or a tire's. */
    record Subject(@Nullable Long vehicleId, @Nullable Long tireId) {

        static Subject vehicle(long id) {
            return new Subject(id, null);
        }

        static Subject tire(long id) {
            return new Subject(null, id);
        }

        private Condition condition() {
            return vehicleId == null ? NOTE.TIRE_ID.eq(tireId) : NOTE.VEHICLE_ID.eq(vehicleId);
        }
    }

    private final DSLContext db;

    NoteStore(DSLContext db) {
        this.db = db;
    }

    /** The newest first. */
    List<NoteView> of(Subject subject, int most) {
        return db.select(NOTE.ID, NOTE.TEXT, NOTE.FILE, NOTE.RECORDED_AT, PERSON.NAME)
                .from(NOTE)
                .join(PERSON)
                .on(PERSON.ID.eq(NOTE.PERSON_ID))
                .where(subject.condition())
                .orderBy(NOTE.ID.desc())
                .limit(most)
                .fetch(row ->
                        new NoteView(row.value1(), row.value2(), row.value3() != null, row.value4(), row.value5()));
    }

    int count(Subject subject) {
        return db.fetchCount(NOTE, subject.condition());
    }

    void add(Subject subject, String text, @Nullable String file, Instant at, long by) {
        db.insertInto(NOTE)
                .set(NOTE.VEHICLE_ID, subject.vehicleId())
                .set(NOTE.TIRE_ID, subject.tireId())
                .set(NOTE.TEXT, text)
                .set(NOTE.FILE, file)
                .set(NOTE.RECORDED_AT, at)
                .set(NOTE.PERSON_ID, by)
                .execute();
    }

    /** The name of a note's picture; empty where it has none. */
    Optional<String> file(long id) {
        return db.select(NOTE.FILE)
                .from(NOTE)
                .where(NOTE.ID.eq(id))
                .and(NOTE.FILE.isNotNull())
                .fetchOptional(NOTE.FILE);
    }

    @Override
    public List<String> photoFiles() {
        return db.select(NOTE.FILE)
                .from(NOTE)
                .where(NOTE.FILE.isNotNull())
                .orderBy(NOTE.ID)
                .fetch(NOTE.FILE);
    }
}
