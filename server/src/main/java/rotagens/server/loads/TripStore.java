package rotagens.server.loads;

import static rotagens.server.loads.LoadsWords.WORDS;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.TRIP;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.pressure.LoadStates;
import rotagens.core.vehicle.LoadState;
import rotagens.server.storage.generated.tables.records.TripRecord;
import rotagens.server.web.ProblemException;

/** Trips booked with another load than usual, and the jobs planned for them. */
@Service
public class TripStore {

    private final DSLContext db;
    private final Clock clock;

    TripStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** A booked trip. */
    public record StoredTrip(long id, LoadStates.Trip trip, String note) {}

    /** Trips not over yet, the next first; of one vehicle. */
    @Transactional(readOnly = true)
    public List<StoredTrip> trips(long vehicleId) {
        LocalDate today = LocalDate.now(clock);
        return all(vehicleId, names()).getOrDefault(vehicleId, List.of()).stream()
                .filter(one -> !one.trip().until().isBefore(today))
                .toList();
    }

    /** Every trip not canceled, by vehicle; with a null vehicle those of all. */
    Map<Long, List<StoredTrip>> all(Long vehicleId, Map<Long, String> names) {
        Map<Long, List<StoredTrip>> trips = new HashMap<>();
        db.selectFrom(TRIP)
                .where(of(TRIP.VEHICLE_ID, vehicleId))
                .and(TRIP.CANCELLED_AT.isNull())
                .orderBy(TRIP.FROM_DATE)
                .forEach(row -> trips.computeIfAbsent(row.getVehicleId(), id -> new ArrayList<>())
                        .add(new StoredTrip(
                                row.getId(),
                                new LoadStates.Trip(
                                        LoadState.valueOf(row.getLoadState()),
                                        row.getFromDate(),
                                        row.getUntilDate(),
                                        names.get(row.getPersonId())),
                                row.getNote())));
        return trips;
    }

    /** Books a trip, with the jobs that raise the pressure for it and restore it after. */
    @Transactional
    public long book(long vehicleId, LoadStates.Trip trip, String note, Long raiseJob, Long restoreJob, long personId) {
        return db.insertInto(TRIP)
                .set(TRIP.VEHICLE_ID, vehicleId)
                .set(TRIP.LOAD_STATE, trip.state().name())
                .set(TRIP.FROM_DATE, trip.from())
                .set(TRIP.UNTIL_DATE, trip.until())
                .set(TRIP.NOTE, note)
                .set(TRIP.RAISE_JOB_ID, raiseJob)
                .set(TRIP.RESTORE_JOB_ID, restoreJob)
                .set(TRIP.RECORDED_AT, clock.instant())
                .set(TRIP.PERSON_ID, personId)
                .returning(TRIP.ID)
                .fetchOne(TRIP.ID);
    }

    /** Cancels a trip; gives back the jobs that were planned for it. */
    @Transactional
    public List<Long> cancel(long vehicleId, long tripId) {
        TripRecord trip = db.selectFrom(TRIP)
                .where(TRIP.ID.eq(tripId), TRIP.VEHICLE_ID.eq(vehicleId), TRIP.CANCELLED_AT.isNull())
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchTrip")));
        trip.setCancelledAt(clock.instant());
        trip.update();
        return Stream.of(trip.getRaiseJobId(), trip.getRestoreJobId())
                .filter(Objects::nonNull)
                .toList();
    }

    private static Condition of(TableField<?, Long> column, Long vehicleId) {
        return vehicleId == null ? DSL.noCondition() : column.eq(vehicleId);
    }

    private Map<Long, String> names() {
        return db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
    }
}
