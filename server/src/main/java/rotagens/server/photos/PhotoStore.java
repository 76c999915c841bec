package rotagens.server.photos;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.PHOTO;
import static rotagens.server.storage.generated.Tables.POSITION;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.server.photos.Photos.OnFile;
import rotagens.server.photos.Photos.Photo;

/** Which photo shows which position, taken in which walk-around; the pictures are files beside it. */
@Repository
class PhotoStore {

    /** A photo's file, and the walk-around it was taken in. */
    record Taken(String file, long walkAroundId) {}

    private final DSLContext db;

    PhotoStore(DSLContext db) {
        this.db = db;
    }

    int countAt(long walkAroundId, long placeId) {
        return db.fetchCount(PHOTO, PHOTO.WALK_AROUND_ID.eq(walkAroundId).and(PHOTO.POSITION_ID.eq(placeId)));
    }

    Photo add(long walkAroundId, long placeId, String file, PhotoImage image, Instant at, long by) {
        long id = db.insertInto(PHOTO)
                .set(PHOTO.WALK_AROUND_ID, walkAroundId)
                .set(PHOTO.POSITION_ID, placeId)
                .set(PHOTO.FILE, file)
                .set(PHOTO.WIDTH, image.width())
                .set(PHOTO.HEIGHT, image.height())
                .set(PHOTO.TAKEN_AT, at)
                .set(PHOTO.PERSON_ID, by)
                .returning(PHOTO.ID)
                .fetchSingle(PHOTO.ID);
        return photos(PHOTO.ID.eq(id)).get(0);
    }

    List<Photo> ofWalkAround(long walkAroundId) {
        return photos(PHOTO.WALK_AROUND_ID.eq(walkAroundId));
    }

    List<Photo> ofTire(long tireId) {
        return photos(PHOTO.TIRE_ID.eq(tireId));
    }

    private List<Photo> photos(Condition which) {
        return db.select(PHOTO.asterisk(), PERSON.NAME)
                .from(PHOTO)
                .join(PERSON)
                .on(PERSON.ID.eq(PHOTO.PERSON_ID))
                .where(which)
                .orderBy(PHOTO.ID)
                .fetch(row -> new Photo(
                        row.get(PHOTO.ID),
                        row.get(PHOTO.POSITION_ID),
                        row.get(PHOTO.WIDTH),
                        row.get(PHOTO.HEIGHT),
                        row.get(PHOTO.TAKEN_AT),
                        row.get(PERSON.NAME)));
    }

    void belongTo(long walkAroundId, long placeId, long tireId) {
        db.update(PHOTO)
                .set(PHOTO.TIRE_ID, tireId)
                .where(PHOTO.WALK_AROUND_ID.eq(walkAroundId), PHOTO.POSITION_ID.eq(placeId))
                .execute();
    }

    void remove(long id) {
        db.deleteFrom(PHOTO).where(PHOTO.ID.eq(id)).execute();
    }

    Optional<Taken> taken(long id) {
        return db.select(PHOTO.FILE, PHOTO.WALK_AROUND_ID)
                .from(PHOTO)
                .where(PHOTO.ID.eq(id))
                .fetchOptional(row -> new Taken(row.value1(), row.value2()));
    }

    List<OnFile> ofVehicle(long vehicleId) {
        return db.select(PHOTO.POSITION_ID, PHOTO.FILE, PHOTO.TAKEN_AT, PERSON.NAME)
                .from(PHOTO)
                .join(POSITION)
                .on(POSITION.ID.eq(PHOTO.POSITION_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(PHOTO.PERSON_ID))
                .where(POSITION.VEHICLE_ID.eq(vehicleId))
                .fetch(row -> new OnFile(row.value1(), row.value2(), row.value3(), row.value4()));
    }

    List<String> files() {
        return db.select(PHOTO.FILE).from(PHOTO).orderBy(PHOTO.ID).fetch(PHOTO.FILE);
    }
}
