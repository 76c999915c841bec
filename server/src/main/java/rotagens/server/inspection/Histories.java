package rotagens.server.inspection;

import static rotagens.server.storage.generated.Tables.FINDING;
import static rotagens.server.storage.generated.Tables.FITMENT;
import static rotagens.server.storage.generated.Tables.JOB;
import static rotagens.server.storage.generated.Tables.JOB_ITEM;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.PLACE;
import static rotagens.server.storage.generated.Tables.PROFESSIONAL_INSPECTION;
import static rotagens.server.storage.generated.Tables.READING;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Warmth;
import rotagens.core.measure.Distance;
import rotagens.core.vehicle.OdometerRun;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;

/** What the rules ask of each fitted tire's past. */
@Service
public class Histories {

    /** All that was recorded of one tire at its present place. */
    public record History(
            List<Reading> readings,
            List<OpenFinding> open,
            Optional<LocalDate> lastProfessional,
            Optional<LocalDate> causeMended) {

        public static final History NONE = new History(List.of(), List.of(), Optional.empty(), Optional.empty());
    }

    private static final int READINGS_KEPT_AT_HAND = 12;

    private final DSLContext db;
    private final Readings recorded;
    private final Clock clock;

    Histories(DSLContext db, Readings recorded, Clock clock) {
        this.db = db;
        this.recorded = recorded;
        this.clock = clock;
    }

    /**
     * The history of every fitted tire, by tire; on one vehicle or, with null, on all.
     *
     * @param runs of vehicles whose odometer was replaced
     */
    @Transactional(readOnly = true)
    public Map<Long, History> ofFitted(Long vehicleId, Map<Long, OdometerRun> runs) {
        Map<Long, String> names = db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
        Condition which = vehicleId == null ? DSL.noCondition() : PLACE.VEHICLE_ID.eq(vehicleId);
        var fitted = DSL.select(FITMENT.TIRE_ID)
                .from(FITMENT)
                .join(PLACE)
                .on(PLACE.ID.eq(FITMENT.PLACE_ID))
                .where(which);
        Map<Long, List<Reading>> readings = readings(vehicleId, names, runs);
        Map<Long, List<OpenFinding>> open = recorded.open(FINDING.TIRE_ID.in(fitted), names);
        Map<Long, Instant> professional = db.select(
                        PROFESSIONAL_INSPECTION.TIRE_ID, DSL.max(PROFESSIONAL_INSPECTION.AT))
                .from(PROFESSIONAL_INSPECTION)
                .where(PROFESSIONAL_INSPECTION.IS_SOUND.isTrue())
                .and(PROFESSIONAL_INSPECTION.TIRE_ID.in(fitted))
                .groupBy(PROFESSIONAL_INSPECTION.TIRE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
        Map<Long, Instant> mended = db.select(FITMENT.TIRE_ID, DSL.max(JOB.DONE_AT))
                .from(JOB_ITEM)
                .join(JOB)
                .on(JOB.ID.eq(JOB_ITEM.JOB_ID))
                .join(FITMENT)
                .on(FITMENT.PLACE_ID.eq(JOB_ITEM.PLACE_ID))
                .where(JOB_ITEM.KIND.eq("MEND_WEAR_CAUSE"))
                .and(JOB.DONE_AT.isNotNull())
                .and(JOB.DONE_AT.ge(FITMENT.AT))
                .and(FITMENT.TIRE_ID.in(fitted))
                .groupBy(FITMENT.TIRE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
        Map<Long, History> histories = new HashMap<>();
        for (long tireId : db.fetchValues(fitted)) {
            histories.put(
                    tireId,
                    new History(
                            readings.getOrDefault(tireId, List.of()),
                            open.getOrDefault(tireId, List.of()),
                            Optional.ofNullable(professional.get(tireId)).map(this::day),
                            Optional.ofNullable(mended.get(tireId)).map(this::day)));
        }
        return histories;
    }

    /** Newest first, the last dozen of each tire taken at the place where it is now. */
    private Map<Long, List<Reading>> readings(Long vehicleId, Map<Long, String> names, Map<Long, OdometerRun> runs) {
        Condition which = vehicleId == null ? DSL.noCondition() : PLACE.VEHICLE_ID.eq(vehicleId);
        // One short walk along the index a tire; a window over all readings would read years of them to keep a dozen.
        var dozen = READING.as("dozen");
        var newest = DSL.select(dozen.ID)
                .from(dozen)
                .where(dozen.TIRE_ID.eq(FITMENT.TIRE_ID))
                .and(dozen.PLACE_ID.eq(FITMENT.PLACE_ID))
                .and(dozen.AT.ge(FITMENT.AT))
                .orderBy(dozen.AT.desc(), dozen.ID.desc())
                .limit(READINGS_KEPT_AT_HAND);
        return db.select(
                        READING.TIRE_ID,
                        READING.AT,
                        READING.PERSON_ID,
                        READING.PRESSURE,
                        READING.WARMTH,
                        READING.DEPTH_OUTER,
                        READING.DEPTH_CENTER,
                        READING.DEPTH_INNER,
                        READING.ODOMETER,
                        READING.TEMPERATURE,
                        READING.IS_FILL,
                        READING.DEPTH_LOWEST,
                        READING.BOUND,
                        READING.DOT_FACES,
                        PLACE.VEHICLE_ID)
                .from(FITMENT)
                .join(PLACE)
                .on(PLACE.ID.eq(FITMENT.PLACE_ID))
                .join(READING)
                .on(READING.ID.in(newest))
                .where(which)
                .orderBy(READING.TIRE_ID, READING.AT.desc(), READING.ID.desc())
                .fetchGroups(
                        row -> row.value1(),
                        row -> new Reading(
                                day(row.value2()),
                                names.get(row.value3()),
                                Optional.ofNullable(row.value9())
                                        .map(shown -> driven(runs.get(row.value15()), row.value2(), shown)),
                                Optional.ofNullable(row.value4()),
                                Warmth.valueOf(row.value5()),
                                new Tread(
                                        Optional.ofNullable(row.value6()),
                                        Optional.ofNullable(row.value7()),
                                        Optional.ofNullable(row.value8()),
                                        Optional.ofNullable(row.value12())),
                                Optional.ofNullable(row.value10()),
                                row.value11(),
                                Optional.ofNullable(row.value13()).map(TreadBound::valueOf),
                                Readings.facing(row.value14())));
    }

    private static Distance driven(OdometerRun run, Instant at, Distance shown) {
        return run == null ? shown : Distance.miles(Math.max(0, run.driven(at, shown)));
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }
}
