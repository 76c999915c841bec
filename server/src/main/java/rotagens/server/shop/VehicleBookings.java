package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.AWAY;
import static rotagens.server.storage.generated.Tables.VEHICLE;

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
class VehicleBookings {

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
        return db.select(AWAY.asterisk(), VEHICLE.UNIT)
                .from(AWAY)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(AWAY.VEHICLE_ID))
                .where(AWAY.ENDS.ge(now))
                .orderBy(AWAY.STARTS, AWAY.ID)
                .fetch(row -> new VehicleBookingView(
                        row.get(AWAY.ID),
                        row.get(VEHICLE.UNIT),
                        row.get(AWAY.STARTS),
                        row.get(AWAY.ENDS),
                        row.get(AWAY.WHY)));
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
        String why = wrong.text("why", form.why(), LONGEST);
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
    Long vehicle(String unit) {
        return unit == null
                ? null
                : db.select(VEHICLE.ID)
                        .from(VEHICLE)
                        .where(VEHICLE.UNIT.equalIgnoreCase(unit.strip()))
                        .fetchOne(VEHICLE.ID);
    }

    void put(long vehicle, LocalDateTime from, LocalDateTime to, String why, String source) {
        db.insertInto(AWAY)
                .set(AWAY.VEHICLE_ID, vehicle)
                .set(AWAY.STARTS, from.toString())
                .set(AWAY.ENDS, to.toString())
                .set(AWAY.WHY, why)
                .set(AWAY.SOURCE, source)
                .set(AWAY.AT, clock.instant())
                .set(AWAY.PERSON_ID, people.me())
                .execute();
    }

    /** A calendar brought in again replaces what it brought before. */
    void forget(String source) {
        db.deleteFrom(AWAY).where(AWAY.SOURCE.eq(source)).execute();
    }

    @Transactional
    void remove(long id) {
        changeTracker.only();
        if (db.deleteFrom(AWAY).where(AWAY.ID.eq(id)).execute() == 0) {
            throw ProblemException.notFound("There is no such booking.");
        }
    }
}
