package rotagens.server.vehicleevent;

import static rotagens.server.storage.generated.Tables.DRIVER_CARD;
import static rotagens.server.storage.generated.Tables.DRIVER_REPORT;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.REPORT_CHECK;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.storage.generated.Tables.VEHICLE_EVENT;
import static rotagens.server.vehicleevent.VehicleeventWords.WORDS;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Triage;
import rotagens.core.inspection.VehicleEvents;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.inspection.VehicleEvents.Type;
import rotagens.server.web.ProblemException;

/** What happened to a vehicle, and what its drivers report. A report counts once a coordinator has let it. */
@Service
public class VehicleEventStore {

    /** Where a report stands. */
    public enum State {
        NEW,
        ACCEPTED,
        DISMISSED
    }

    /** A report on file. */
    public record Reported(
            long id,
            long vehicleId,
            String unit,
            Symptom symptom,
            String corner,
            String note,
            String reporter,
            Instant at,
            State state,
            String reviewNote,
            Optional<String> reviewedBy) {}

    /** What one check came to. */
    public record Checked(boolean found, String note, String by) {}

    /** Something that happened, with who recorded it. */
    public record Happened(Type type, LocalDate on, String note, String by, String corner) {}

    /** Letters and figures nobody mistakes for each other. */
    private static final String LETTERS = "ABCDEFGHJKMNPQRTUVWXYZ2346789";

    private static final int CODE_LENGTH = 12;

    private final DSLContext db;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    VehicleEventStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** What core needs: everything that happened, and the reports that count. */
    @Transactional(readOnly = true)
    public VehicleEvents of(long vehicleId) {
        return new VehicleEvents(
                happened(vehicleId).stream()
                        .map(one -> new VehicleEvents.Event(one.type(), one.on()))
                        .toList(),
                reports(DRIVER_REPORT.VEHICLE_ID.eq(vehicleId).and(DRIVER_REPORT.STATUS.eq(State.ACCEPTED.name())))
                        .stream()
                        .map(one -> new VehicleEvents.DriverReport(
                                one.symptom(), LocalDate.ofInstant(one.at(), clock.getZone())))
                        .toList());
    }

    @Transactional(readOnly = true)
    public List<Happened> happened(long vehicleId) {
        return db.select(VEHICLE_EVENT.asterisk(), PERSON.NAME, POSITION.CODE)
                .from(VEHICLE_EVENT)
                .leftJoin(POSITION)
                .on(POSITION.ID.eq(VEHICLE_EVENT.POSITION_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(VEHICLE_EVENT.PERSON_ID))
                .where(VEHICLE_EVENT.VEHICLE_ID.eq(vehicleId))
                .orderBy(VEHICLE_EVENT.EVENT_DATE.desc())
                .fetch(row -> new Happened(
                        Type.valueOf(row.get(VEHICLE_EVENT.TYPE)),
                        row.get(VEHICLE_EVENT.EVENT_DATE),
                        row.get(VEHICLE_EVENT.NOTE),
                        row.get(PERSON.NAME),
                        row.get(POSITION.CODE) == null ? "" : row.get(POSITION.CODE)));
    }

    @Transactional
    public void record(long vehicleId, Type type, LocalDate on, String note, long personId) {
        record(vehicleId, type, on, null, note, personId);
    }

    /** The same, with the place where somebody knows it. */
    @Transactional
    public void record(long vehicleId, Type type, LocalDate on, Long placeId, String note, long personId) {
        db.insertInto(VEHICLE_EVENT)
                .set(VEHICLE_EVENT.VEHICLE_ID, vehicleId)
                .set(VEHICLE_EVENT.TYPE, type.name())
                .set(VEHICLE_EVENT.EVENT_DATE, on)
                .set(VEHICLE_EVENT.NOTE, note)
                .set(VEHICLE_EVENT.POSITION_ID, placeId)
                .set(VEHICLE_EVENT.RECORDED_AT, clock.instant())
                .set(VEHICLE_EVENT.PERSON_ID, personId)
                .execute();
    }

    /** The reports of one vehicle, or with null those of all that wait for a look; newest first. */
    @Transactional(readOnly = true)
    public List<Reported> reports(Long vehicleId) {
        return reports(
                vehicleId == null ? DRIVER_REPORT.STATUS.eq(State.NEW.name()) : DRIVER_REPORT.VEHICLE_ID.eq(vehicleId));
    }

    private List<Reported> reports(Condition which) {
        return db.select(DRIVER_REPORT.asterisk(), VEHICLE.UNIT, PERSON.NAME)
                .from(DRIVER_REPORT)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(DRIVER_REPORT.VEHICLE_ID))
                .leftJoin(PERSON)
                .on(PERSON.ID.eq(DRIVER_REPORT.PERSON_ID))
                .where(which)
                .orderBy(DRIVER_REPORT.ID.desc())
                .limit(200)
                .fetch(row -> new Reported(
                        row.get(DRIVER_REPORT.ID),
                        row.get(DRIVER_REPORT.VEHICLE_ID),
                        row.get(VEHICLE.UNIT),
                        Symptom.valueOf(row.get(DRIVER_REPORT.SYMPTOM)),
                        row.get(DRIVER_REPORT.CORNER),
                        row.get(DRIVER_REPORT.NOTE),
                        row.get(DRIVER_REPORT.REPORTER),
                        row.get(DRIVER_REPORT.REPORTED_AT),
                        State.valueOf(row.get(DRIVER_REPORT.STATUS)),
                        row.get(DRIVER_REPORT.REVIEW_NOTE),
                        Optional.ofNullable(row.get(PERSON.NAME))));
    }

    /** One report. */
    @Transactional(readOnly = true)
    public Reported report(long id) {
        return reports(DRIVER_REPORT.ID.eq(id)).stream()
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("reportNotFound")));
    }

    /** What the checks of a report came to; of one made again, what it came to last. */
    @Transactional(readOnly = true)
    public Map<Triage.Check, Checked> checks(long reportId) {
        Map<Triage.Check, Checked> made = new EnumMap<>(Triage.Check.class);
        db.select(REPORT_CHECK.CHECK_MADE, REPORT_CHECK.IS_FOUND, REPORT_CHECK.NOTE, PERSON.NAME)
                .from(REPORT_CHECK)
                .join(PERSON)
                .on(PERSON.ID.eq(REPORT_CHECK.PERSON_ID))
                .where(REPORT_CHECK.DRIVER_REPORT_ID.eq(reportId))
                .orderBy(REPORT_CHECK.ID)
                .forEach(row -> made.put(
                        Triage.Check.valueOf(row.get(REPORT_CHECK.CHECK_MADE)),
                        new Checked(row.get(REPORT_CHECK.IS_FOUND), row.get(REPORT_CHECK.NOTE), row.get(PERSON.NAME))));
        return made;
    }

    /** Keeps what one check came to. */
    @Transactional
    public void checked(long reportId, Triage.Check check, boolean found, String note, long personId) {
        report(reportId);
        db.insertInto(REPORT_CHECK)
                .set(REPORT_CHECK.DRIVER_REPORT_ID, reportId)
                .set(REPORT_CHECK.CHECK_MADE, check.name())
                .set(REPORT_CHECK.IS_FOUND, found)
                .set(REPORT_CHECK.NOTE, note)
                .set(REPORT_CHECK.PERSON_ID, personId)
                .set(REPORT_CHECK.RECORDED_AT, clock.instant())
                .execute();
    }

    @Transactional
    public long report(long vehicleId, Symptom symptom, String corner, String note, String reporter) {
        return report(vehicleId, symptom, corner, note, reporter, clock.instant());
    }

    /** A report that came earlier. */
    @Transactional
    public long report(long vehicleId, Symptom symptom, String corner, String note, String reporter, Instant at) {
        return db.insertInto(DRIVER_REPORT)
                .set(DRIVER_REPORT.VEHICLE_ID, vehicleId)
                .set(DRIVER_REPORT.SYMPTOM, symptom.name())
                .set(DRIVER_REPORT.CORNER, corner)
                .set(DRIVER_REPORT.NOTE, note)
                .set(DRIVER_REPORT.REPORTER, reporter)
                .set(DRIVER_REPORT.REPORTED_AT, at)
                .returning(DRIVER_REPORT.ID)
                .fetchOne(DRIVER_REPORT.ID);
    }

    /** Lets a report count, or not; once decided it stays. */
    @Transactional
    public Reported review(long id, State state, String note, long personId) {
        int changed = db.update(DRIVER_REPORT)
                .set(DRIVER_REPORT.STATUS, state.name())
                .set(DRIVER_REPORT.REVIEW_NOTE, note)
                .set(DRIVER_REPORT.REVIEWED_AT, clock.instant())
                .set(DRIVER_REPORT.PERSON_ID, personId)
                .where(DRIVER_REPORT.ID.eq(id), DRIVER_REPORT.STATUS.eq(State.NEW.name()))
                .execute();
        return reports(DRIVER_REPORT.ID.eq(id)).stream()
                .filter(one -> changed > 0)
                .findFirst()
                .orElseThrow(() -> ProblemException.conflict(WORDS.say("reportNotFoundOrAlready")));
    }

    /** The code of a vehicle's card, made when first asked for. */
    @Transactional
    public String code(long vehicleId) {
        return db.select(DRIVER_CARD.CODE)
                .from(DRIVER_CARD)
                .where(DRIVER_CARD.VEHICLE_ID.eq(vehicleId))
                .fetchOptional(DRIVER_CARD.CODE)
                .orElseGet(() -> newCode(vehicleId));
    }

    /** A new code; cards printed before no longer open anything. */
    @Transactional
    public String newCode(long vehicleId) {
        StringBuilder code = new StringBuilder();
        random.ints(CODE_LENGTH, 0, LETTERS.length()).forEach(at -> code.append(LETTERS.charAt(at)));
        db.insertInto(DRIVER_CARD)
                .set(DRIVER_CARD.VEHICLE_ID, vehicleId)
                .set(DRIVER_CARD.CODE, code.toString())
                .onConflict(DRIVER_CARD.VEHICLE_ID)
                .doUpdate()
                .set(DRIVER_CARD.CODE, code.toString())
                .execute();
        return code.toString();
    }

    @Transactional(readOnly = true)
    public Optional<Long> vehicleOf(String code) {
        return db.select(DRIVER_CARD.VEHICLE_ID)
                .from(DRIVER_CARD)
                .where(DRIVER_CARD.CODE.eq(code))
                .fetchOptional(DRIVER_CARD.VEHICLE_ID);
    }
}
