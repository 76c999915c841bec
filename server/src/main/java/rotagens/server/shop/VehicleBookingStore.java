package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.BOOKING_IMPORT;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_BOOKING;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import rotagens.server.shop.ShopViews.VehicleBookingView;
import rotagens.server.shop.VehicleBookings.OfFile;

/** When vehicles are out, and which calendar file said so. */
@Repository
class VehicleBookingStore {

    private static final String CALENDAR = "calendar";

    private final DSLContext db;

    VehicleBookingStore(DSLContext db) {
        this.db = db;
    }

    /** Those that haven't ended at a local time. */
    List<VehicleBookingView> since(LocalDateTime now) {
        return db.select(VEHICLE_BOOKING.asterisk(), VEHICLE.UNIT)
                .from(VEHICLE_BOOKING)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(VEHICLE_BOOKING.VEHICLE_ID))
                .where(VEHICLE_BOOKING.ENDS_AT.ge(now.toString()))
                .and(VEHICLE_BOOKING.REPLACED_BY_ID.isNull())
                .orderBy(VEHICLE_BOOKING.STARTS_AT, VEHICLE_BOOKING.ID)
                .fetch(row -> new VehicleBookingView(
                        row.get(VEHICLE_BOOKING.ID),
                        row.get(VEHICLE.UNIT),
                        row.get(VEHICLE_BOOKING.STARTS_AT),
                        row.get(VEHICLE_BOOKING.ENDS_AT),
                        row.get(VEHICLE_BOOKING.REASON)));
    }

    void add(OfFile booking, String source, Instant at, long by) {
        db.insertInto(VEHICLE_BOOKING)
                .set(VEHICLE_BOOKING.VEHICLE_ID, booking.vehicleId())
                .set(VEHICLE_BOOKING.STARTS_AT, booking.from().toString())
                .set(VEHICLE_BOOKING.ENDS_AT, booking.to().toString())
                .set(VEHICLE_BOOKING.REASON, booking.reason())
                .set(VEHICLE_BOOKING.SOURCE, source)
                .set(VEHICLE_BOOKING.RECORDED_AT, at)
                .set(VEHICLE_BOOKING.PERSON_ID, by)
                .execute();
    }

    /** What the last calendar file brought and still stands. */
    List<OfFile> ofFile() {
        return db.select(VEHICLE_BOOKING.asterisk(), VEHICLE.UNIT)
                .from(VEHICLE_BOOKING)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(VEHICLE_BOOKING.VEHICLE_ID))
                .where(VEHICLE_BOOKING.SOURCE.eq(CALENDAR))
                .and(VEHICLE_BOOKING.REPLACED_BY_ID.isNull())
                .orderBy(VEHICLE_BOOKING.STARTS_AT, VEHICLE_BOOKING.ID)
                .fetch(row -> new OfFile(
                        row.get(VEHICLE_BOOKING.VEHICLE_ID),
                        row.get(VEHICLE.UNIT),
                        LocalDateTime.parse(row.get(VEHICLE_BOOKING.STARTS_AT)),
                        LocalDateTime.parse(row.get(VEHICLE_BOOKING.ENDS_AT)),
                        row.get(VEHICLE_BOOKING.REASON)));
    }

    /** Puts a calendar file's bookings in the place of those the file before brought, which are kept until the next one. */
    long replace(List<OfFile> bookings, Instant at, long by) {
        long id = db.insertInto(BOOKING_IMPORT)
                .set(BOOKING_IMPORT.RECORDED_AT, at)
                .set(BOOKING_IMPORT.PERSON_ID, by)
                .returning()
                .fetchSingle(BOOKING_IMPORT.ID);
        db.deleteFrom(VEHICLE_BOOKING)
                .where(VEHICLE_BOOKING.REPLACED_BY_ID.isNotNull())
                .execute();
        db.update(VEHICLE_BOOKING)
                .set(VEHICLE_BOOKING.REPLACED_BY_ID, id)
                .where(VEHICLE_BOOKING.SOURCE.eq(CALENDAR))
                .execute();
        bookings.forEach(one -> add(one, CALENDAR, at, by));
        db.update(VEHICLE_BOOKING)
                .set(VEHICLE_BOOKING.BOOKING_IMPORT_ID, id)
                .where(VEHICLE_BOOKING.SOURCE.eq(CALENDAR))
                .and(VEHICLE_BOOKING.REPLACED_BY_ID.isNull())
                .execute();
        return id;
    }

    /** The last calendar file that was brought in and not undone. */
    Optional<Long> newestImport() {
        return Optional.ofNullable(db.select(DSL.max(BOOKING_IMPORT.ID))
                .from(BOOKING_IMPORT)
                .where(BOOKING_IMPORT.UNDONE_AT.isNull())
                .fetchSingle()
                .value1());
    }

    /** Takes a file's bookings back and lets what it replaced stand again. */
    void undo(long importId, Instant at) {
        db.update(BOOKING_IMPORT)
                .set(BOOKING_IMPORT.UNDONE_AT, at)
                .where(BOOKING_IMPORT.ID.eq(importId))
                .execute();
        db.deleteFrom(VEHICLE_BOOKING)
                .where(VEHICLE_BOOKING.BOOKING_IMPORT_ID.eq(importId))
                .and(VEHICLE_BOOKING.REPLACED_BY_ID.isNull())
                .execute();
        db.update(VEHICLE_BOOKING)
                .setNull(VEHICLE_BOOKING.REPLACED_BY_ID)
                .where(VEHICLE_BOOKING.REPLACED_BY_ID.eq(importId))
                .execute();
    }

    /** Says whether there was one. */
    boolean remove(long id) {
        return db.deleteFrom(VEHICLE_BOOKING).where(VEHICLE_BOOKING.ID.eq(id)).execute() > 0;
    }
}
