package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.BOOKING_IMPORT;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_BOOKING;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.shop.ShopViews.VehicleBookingRequest;
import rotagens.server.shop.ShopViews.VehicleBookingView;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** When vehicles are out: entered by hand, or read from somebody's calendar. */
@Service
public class VehicleBookings {

    private static final int LONGEST = 120;
    private static final String CALENDAR = "calendar";

    private final DSLContext db;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    VehicleBookings(DSLContext db, People people, ChangeTracker changeTracker, Clock clock) {
        this.db = db;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Those that haven't ended. */
    List<VehicleBookingView> all() {
        String now = LocalDateTime.ofInstant(clock.instant(), clock.getZone()).toString();
        return db.select(VEHICLE_BOOKING.asterisk(), VEHICLE.UNIT)
                .from(VEHICLE_BOOKING)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(VEHICLE_BOOKING.VEHICLE_ID))
                .where(VEHICLE_BOOKING.ENDS_AT.ge(now))
                .and(VEHICLE_BOOKING.REPLACED_BY_ID.isNull())
                .orderBy(VEHICLE_BOOKING.STARTS_AT, VEHICLE_BOOKING.ID)
                .fetch(row -> new VehicleBookingView(
                        row.get(VEHICLE_BOOKING.ID),
                        row.get(VEHICLE.UNIT),
                        row.get(VEHICLE_BOOKING.STARTS_AT),
                        row.get(VEHICLE_BOOKING.ENDS_AT),
                        row.get(VEHICLE_BOOKING.REASON)));
    }

    @Transactional
    void add(VehicleBookingRequest form) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        Long vehicle = vehicle(form.unit());
        wrong.unless(vehicle != null, "unit", "There is no vehicle of this name.");
        LocalDateTime from = time(wrong, "from", form.from());
        LocalDateTime to = time(wrong, "to", form.to());
        wrong.unless(from == null || to == null || to.isAfter(from), "to", "It comes back after it leaves.");
        String why = wrong.text("reason", form.reason(), LONGEST);
        wrong.refuseIfWrong();
        put(vehicle, from, to, why.isEmpty() ? "booked" : why, "");
    }

    private static LocalDateTime time(InputValidator wrong, String field, String text) {
        try {
            return LocalDateTime.parse(text == null ? "" : text);
        } catch (DateTimeParseException e) {
            wrong.wrong(field, "Enter a day and a time.");
            return null;
        }
    }

    /** The vehicle of a unit; null where there is none. */
    public Long vehicle(String unit) {
        return unit == null
                ? null
                : db.select(VEHICLE.ID)
                        .from(VEHICLE)
                        .where(VEHICLE.UNIT.equalIgnoreCase(unit.strip()))
                        .fetchOne(VEHICLE.ID);
    }

    void put(long vehicle, LocalDateTime from, LocalDateTime to, String why, String source) {
        put(vehicle, from, to, why, source, people.me());
    }

    /** Books a vehicle in the name of somebody who isn't signed in. */
    public void put(long vehicle, LocalDateTime from, LocalDateTime to, String why, String source, long personId) {
        db.insertInto(VEHICLE_BOOKING)
                .set(VEHICLE_BOOKING.VEHICLE_ID, vehicle)
                .set(VEHICLE_BOOKING.STARTS_AT, from.toString())
                .set(VEHICLE_BOOKING.ENDS_AT, to.toString())
                .set(VEHICLE_BOOKING.REASON, why)
                .set(VEHICLE_BOOKING.SOURCE, source)
                .set(VEHICLE_BOOKING.RECORDED_AT, clock.instant())
                .set(VEHICLE_BOOKING.PERSON_ID, personId)
                .execute();
    }

    /** A booking as a calendar file has it. */
    record OfFile(long vehicleId, String unit, LocalDateTime from, LocalDateTime to, String reason) {}

    /** What the last calendar file brought and still stands. */
    @Transactional(readOnly = true)
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

    /**
     * A calendar file brought in replaces what the one before brought, which is kept until the next one so that it can be undone.
     *
     * @return the import's id
     */
    @Transactional
    long bring(List<OfFile> bookings) {
        changeTracker.only();
        long id = db.insertInto(BOOKING_IMPORT)
                .set(BOOKING_IMPORT.RECORDED_AT, clock.instant())
                .set(BOOKING_IMPORT.PERSON_ID, people.me())
                .returning()
                .fetchSingle(BOOKING_IMPORT.ID);
        db.deleteFrom(VEHICLE_BOOKING)
                .where(VEHICLE_BOOKING.REPLACED_BY_ID.isNotNull())
                .execute();
        db.update(VEHICLE_BOOKING)
                .set(VEHICLE_BOOKING.REPLACED_BY_ID, id)
                .where(VEHICLE_BOOKING.SOURCE.eq(CALENDAR))
                .execute();
        bookings.forEach(one -> {
            put(one.vehicleId(), one.from(), one.to(), one.reason(), CALENDAR);
        });
        db.update(VEHICLE_BOOKING)
                .set(VEHICLE_BOOKING.BOOKING_IMPORT_ID, id)
                .where(VEHICLE_BOOKING.SOURCE.eq(CALENDAR))
                .and(VEHICLE_BOOKING.REPLACED_BY_ID.isNull())
                .execute();
        return id;
    }

    /**
     * Takes a file's bookings back and lets what it replaced stand again.
     *
     * @throws ProblemException where another file was brought in since, or it is undone already
     */
    @Transactional
    public void undo(long importId) {
        changeTracker.only();
        Long newest = db.select(DSL.max(BOOKING_IMPORT.ID))
                .from(BOOKING_IMPORT)
                .where(BOOKING_IMPORT.UNDONE_AT.isNull())
                .fetchSingle()
                .value1();
        if (newest == null || newest != importId) {
            throw ProblemException.conflict("Another file was brought in since, or this one is undone already.");
        }
        db.update(BOOKING_IMPORT)
                .set(BOOKING_IMPORT.UNDONE_AT, clock.instant())
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

    @Transactional
    void remove(long id) {
        changeTracker.only();
        if (db.deleteFrom(VEHICLE_BOOKING).where(VEHICLE_BOOKING.ID.eq(id)).execute() == 0) {
            throw ProblemException.notFound("Booking not found.");
        }
    }
}
