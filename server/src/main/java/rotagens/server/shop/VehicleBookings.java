package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_BOOKING;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.jooq.DSLContext;
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

    /** A calendar brought in again replaces what it brought before. */
    void forget(String source) {
        db.deleteFrom(VEHICLE_BOOKING).where(VEHICLE_BOOKING.SOURCE.eq(source)).execute();
    }

    @Transactional
    void remove(long id) {
        changeTracker.only();
        if (db.deleteFrom(VEHICLE_BOOKING).where(VEHICLE_BOOKING.ID.eq(id)).execute() == 0) {
            throw ProblemException.notFound("Booking not found.");
        }
    }
}
