package rotagens.server.vehicle;

import static rotagens.server.storage.generated.Tables.ODOMETER_READING;
import static rotagens.server.storage.generated.Tables.ODOMETER_REPLACEMENT;
import static rotagens.server.storage.generated.Tables.ODOMETER_VOID;
import static rotagens.server.vehicle.VehicleWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.OdometerHistory;
import rotagens.server.storage.generated.tables.records.OdometerReadingRecord;
import rotagens.server.storage.generated.tables.records.OdometerReplacementRecord;
import rotagens.server.web.ProblemException;

/** Wrong odometer readings: voided by name and reason and written anew; they stay to be seen and count for nothing. */
@Service
class OdometerVoidStore {

    /**
     * A reading as it stands on record.
     *
     * @param isOfReplacement whether it is what an old odometer showed last or a new one first
     */
    record Line(long id, Distance reading, Instant at, long personId, boolean isOfReplacement, Optional<Void> voided) {}

    /** A reading that counts for nothing any more: by whom, when and why. */
    record Void(long personId, Instant at, String reason) {}

    private final DSLContext db;
    private final OdometerStore odometers;
    private final Clock clock;

    OdometerVoidStore(DSLContext db, OdometerStore odometers, Clock clock) {
        this.db = db;
        this.odometers = odometers;
        this.clock = clock;
    }

    /** The newest readings of a vehicle with what became of them, newest first. */
    @Transactional(readOnly = true)
    public List<Line> lines(long vehicleId, int most) {
        List<Instant> replaced = replacements(vehicleId).stream()
                .map(OdometerReplacementRecord::getRecordedAt)
                .toList();
        return db.select(ODOMETER_READING.asterisk(), ODOMETER_VOID.asterisk())
                .from(ODOMETER_READING)
                .leftJoin(ODOMETER_VOID)
                .on(ODOMETER_VOID.ODOMETER_READING_ID.eq(ODOMETER_READING.ID))
                .where(ODOMETER_READING.VEHICLE_ID.eq(vehicleId))
                .orderBy(ODOMETER_READING.RECORDED_AT.desc(), ODOMETER_READING.ID.desc())
                .limit(most)
                .fetch(row -> new Line(
                        row.get(ODOMETER_READING.ID),
                        row.get(ODOMETER_READING.ODOMETER),
                        row.get(ODOMETER_READING.RECORDED_AT),
                        row.get(ODOMETER_READING.PERSON_ID),
                        replaced.stream().anyMatch(at -> isOf(at, row.get(ODOMETER_READING.RECORDED_AT))),
                        Optional.ofNullable(row.get(ODOMETER_VOID.ID))
                                .map(is -> new Void(
                                        row.get(ODOMETER_VOID.PERSON_ID),
                                        row.get(ODOMETER_VOID.VOIDED_AT),
                                        row.get(ODOMETER_VOID.REASON)))));
    }

    private List<OdometerReplacementRecord> replacements(long vehicleId) {
        return db.selectFrom(ODOMETER_REPLACEMENT)
                .where(ODOMETER_REPLACEMENT.VEHICLE_ID.eq(vehicleId))
                .and(OdometerStore.replacementCounts())
                .fetch();
    }

    private static boolean isOf(Instant replaced, Instant read) {
        return read.equals(replaced) || read.equals(replaced.minus(OdometerStore.JUST_BEFORE));
    }

    /**
     * Voids a wrong reading and puts the right one in its place. What an old odometer showed last or a new one first is
     * corrected together with the replacement; without a right figure the replacement never was.
     *
     * @param right the figure it should have been; empty where there is none
     * @param askIn the units to ask in; empty where a person has said that the figure is right
     * @throws ProblemException where it is voided already, or what is left would run backwards
     */
    @Transactional
    public void correct(
            long vehicleId,
            long readingId,
            Optional<Distance> right,
            String reason,
            long personId,
            Optional<Units> askIn) {
        OdometerReadingRecord wrong = db.selectFrom(ODOMETER_READING)
                .where(ODOMETER_READING.ID.eq(readingId), ODOMETER_READING.VEHICLE_ID.eq(vehicleId))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchOdometer")));
        if (!db.fetchExists(ODOMETER_READING, ODOMETER_READING.ID.eq(readingId), OdometerStore.counts())) {
            throw ProblemException.field("reason", WORDS.say("thisReadingIsVoidedAlready"));
        }
        Instant at = wrong.getRecordedAt();
        Optional<OdometerReplacementRecord> replacement = replacements(vehicleId).stream()
                .filter(one -> isOf(one.getRecordedAt(), at))
                .findFirst();
        if (replacement.isEmpty()) {
            voided(readingId, null, reason, personId);
            right.ifPresent(figure -> odometers.read(vehicleId, figure, at, personId, "odometer", askIn));
            return;
        }
        OdometerReplacementRecord was = replacement.get();
        Instant replaced = was.getRecordedAt();
        voided(null, was.getId(), reason, personId);
        db.select(ODOMETER_READING.ID)
                .from(ODOMETER_READING)
                .where(ODOMETER_READING.VEHICLE_ID.eq(vehicleId))
                .and(ODOMETER_READING.RECORDED_AT.in(replaced, replaced.minus(OdometerStore.JUST_BEFORE)))
                .and(OdometerStore.counts())
                .fetch(ODOMETER_READING.ID)
                .forEach(id -> voided(id, null, reason, personId));
        if (right.isEmpty()) {
            refuseBackwards(vehicleId, replaced);
            return;
        }
        boolean isFirst = at.equals(replaced);
        odometers.replace(
                vehicleId,
                new OdometerHistory.Replacement(
                        replaced,
                        isFirst ? was.getLastOdometer() : right.get(),
                        isFirst ? right.get() : was.getFirstOdometer()),
                was.getNote(),
                personId,
                List.of("odometer", "odometer"),
                askIn);
    }

    private void voided(Long readingId, Long replacementId, String reason, long personId) {
        db.insertInto(ODOMETER_VOID)
                .set(ODOMETER_VOID.ODOMETER_READING_ID, readingId)
                .set(ODOMETER_VOID.ODOMETER_REPLACEMENT_ID, replacementId)
                .set(ODOMETER_VOID.REASON, reason)
                .set(ODOMETER_VOID.VOIDED_AT, clock.instant())
                .set(ODOMETER_VOID.PERSON_ID, personId)
                .execute();
    }

    private void refuseBackwards(long vehicleId, Instant at) {
        OdometerHistory run = odometers.history(vehicleId);
        Optional<OdometerReadingRecord> before = odometers.upTo(vehicleId, at);
        odometers
                .after(vehicleId, at)
                .filter(after -> before.isPresent()
                        && run.runsBackwards(OdometerStore.shown(before.get()), OdometerStore.shown(after)))
                .ifPresent(after -> {
                    throw ProblemException.field(
                            "odometer",
                            WORDS.say(
                                    "withoutThisReplacementTheOdometer",
                                    "odometer",
                                    before.get().getOdometer().asEntered(),
                                    "odometer2",
                                    after.getOdometer().asEntered()));
                });
    }
}
