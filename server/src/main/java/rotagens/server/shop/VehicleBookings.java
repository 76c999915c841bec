package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.shop.ShopViews.VehicleBookingRequest;
import rotagens.server.shop.ShopViews.VehicleBookingView;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** When vehicles are out: entered by hand, or read from somebody's calendar. */
@Service
public class VehicleBookings {

    private static final int LONGEST = 120;

    private final VehicleBookingStore store;
    private final VehicleStore vehicles;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    VehicleBookings(
            VehicleBookingStore store, VehicleStore vehicles, People people, ChangeTracker changeTracker, Clock clock) {
        this.store = store;
        this.vehicles = vehicles;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Those that haven't ended. */
    List<VehicleBookingView> all() {
        return store.since(LocalDateTime.ofInstant(clock.instant(), clock.getZone()));
    }

    @Transactional
    void add(VehicleBookingRequest form) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        Long vehicle = vehicle(form.unit());
        wrong.unless(vehicle != null, "unit", WORDS.say("thereIsNoVehicle"));
        LocalDateTime from = time(wrong, "from", form.from());
        LocalDateTime to = time(wrong, "to", form.to());
        wrong.unless(from == null || to == null || to.isAfter(from), "to", WORDS.say("itComesBackAfter"));
        String why = wrong.text("reason", form.reason(), LONGEST);
        wrong.refuseIfWrong();
        put(vehicle, from, to, why.isEmpty() ? WORDS.say("booked") : why, "");
    }

    private static LocalDateTime time(InputValidator wrong, String field, String text) {
        try {
            return LocalDateTime.parse(text == null ? "" : text);
        } catch (DateTimeParseException e) {
            wrong.wrong(field, WORDS.say("enterADay"));
            return null;
        }
    }

    /** The vehicle of a unit; null where there is none. */
    public Long vehicle(String unit) {
        return unit == null ? null : vehicles.ofUnit(unit.strip()).orElse(null);
    }

    void put(long vehicle, LocalDateTime from, LocalDateTime to, String why, String source) {
        put(vehicle, from, to, why, source, people.me());
    }

    /** Books a vehicle in the name of somebody who isn't signed in. */
    public void put(long vehicle, LocalDateTime from, LocalDateTime to, String why, String source, long personId) {
        store.add(new OfFile(vehicle, "", from, to, why), source, clock.instant(), personId);
    }

    /** A booking as a calendar file has it. */
    record OfFile(long vehicleId, String unit, LocalDateTime from, LocalDateTime to, String reason) {}

    /** What the last calendar file brought and still stands. */
    @Transactional(readOnly = true)
    List<OfFile> ofFile() {
        return store.ofFile();
    }

    /**
     * A calendar file brought in replaces what the one before brought, which is kept until the next one so that it can be undone.
     *
     * @return the import's id
     */
    @Transactional
    long bring(List<OfFile> bookings) {
        changeTracker.only();
        return store.replace(bookings, clock.instant(), people.me());
    }

    /**
     * Takes a file's bookings back and lets what it replaced stand again.
     *
     * @throws ProblemException where another file was brought in since, or it is undone already
     */
    @Transactional
    public void undo(long importId) {
        changeTracker.only();
        if (store.newestImport().filter(newest -> newest == importId).isEmpty()) {
            throw ProblemException.conflict(WORDS.say("anotherFileWasBrought"));
        }
        store.undo(importId, clock.instant());
    }

    @Transactional
    void remove(long id) {
        changeTracker.only();
        if (!store.remove(id)) {
            throw ProblemException.notFound(WORDS.say("bookingNotFound"));
        }
    }
}
