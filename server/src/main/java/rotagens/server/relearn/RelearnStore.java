package rotagens.server.relearn;

import static rotagens.server.relearn.RelearnWords.WORDS;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.RELEARN;
import static rotagens.server.storage.generated.Tables.RELEARN_EVENT;
import static rotagens.server.storage.generated.Tables.RELEARN_PROCEDURE;
import static rotagens.server.storage.generated.Tables.SENSOR_SWAP;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import rotagens.core.fact.CornerFact;
import rotagens.core.measure.Pressure;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnProcedure;
import rotagens.core.sensor.RelearnProcedure.CornerPrompt;
import rotagens.core.sensor.RelearnProcedure.EndSignal;
import rotagens.core.sensor.RelearnProcedure.EntryMethod;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.vehicle.Position;
import rotagens.server.vehicle.CornerRecords;

/** How vehicles learn their sensors, and what was seen and heard when they did. */
@Repository
class RelearnStore implements CornerRecords {

    /** A procedure with who noted it when. */
    record Noted(long id, RelearnProcedure procedure, Instant at, String by) {}

    /** An event with who saw or heard it when. */
    record Logged(RelearnEvent event, Instant at, String by) {}

    private final DSLContext db;
    private final Clock clock;

    RelearnStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** The name of the newest procedure of every vehicle that has one. */
    Map<Long, String> procedureNames() {
        Map<Long, String> names = new HashMap<>();
        db.select(RELEARN_PROCEDURE.VEHICLE_ID, RELEARN_PROCEDURE.NAME)
                .from(RELEARN_PROCEDURE)
                .orderBy(RELEARN_PROCEDURE.ID)
                .forEach(row -> names.put(row.value1(), row.value2()));
        return names;
    }

    Optional<Noted> procedure(long vehicleId) {
        return db.select(RELEARN_PROCEDURE.asterisk(), PERSON.NAME)
                .from(RELEARN_PROCEDURE)
                .join(PERSON)
                .on(PERSON.ID.eq(RELEARN_PROCEDURE.PERSON_ID))
                .where(RELEARN_PROCEDURE.VEHICLE_ID.eq(vehicleId))
                .orderBy(RELEARN_PROCEDURE.ID.desc())
                .limit(1)
                .fetchOptional(row -> new Noted(
                        row.get(RELEARN_PROCEDURE.ID),
                        new RelearnProcedure(
                                row.get(RELEARN_PROCEDURE.NAME),
                                words(row.get(RELEARN_PROCEDURE.ENTRY_METHODS)).stream()
                                        .map(EntryMethod::valueOf)
                                        .toList(),
                                CornerPrompt.valueOf(row.get(RELEARN_PROCEDURE.CORNER_PROMPT)),
                                Trigger.valueOf(row.get(RELEARN_PROCEDURE.TRIGGER_METHOD)),
                                EndSignal.valueOf(row.get(RELEARN_PROCEDURE.END_SIGNAL)),
                                words(row.get(RELEARN_PROCEDURE.CORNER_ORDER)).stream()
                                        .map(Position::parse)
                                        .toList(),
                                row.get(RELEARN_PROCEDURE.NOTE)),
                        row.get(RELEARN_PROCEDURE.RECORDED_AT),
                        row.get(PERSON.NAME)));
    }

    private static List<String> words(String stored) {
        return Arrays.stream(stored.split(" ")).filter(word -> !word.isEmpty()).toList();
    }

    void note(long vehicleId, RelearnProcedure procedure, Instant at, long by) {
        db.insertInto(RELEARN_PROCEDURE)
                .set(RELEARN_PROCEDURE.VEHICLE_ID, vehicleId)
                .set(RELEARN_PROCEDURE.NAME, procedure.name())
                .set(
                        RELEARN_PROCEDURE.ENTRY_METHODS,
                        procedure.entryMethods().stream().map(Enum::name).collect(Collectors.joining(" ")))
                .set(RELEARN_PROCEDURE.CORNER_PROMPT, procedure.cornerPrompt().name())
                .set(RELEARN_PROCEDURE.TRIGGER_METHOD, procedure.trigger().name())
                .set(RELEARN_PROCEDURE.END_SIGNAL, procedure.end().name())
                .set(
                        RELEARN_PROCEDURE.CORNER_ORDER,
                        procedure.cornerOrder().stream().map(Position::code).collect(Collectors.joining(" ")))
                .set(RELEARN_PROCEDURE.NOTE, procedure.note())
                .set(RELEARN_PROCEDURE.RECORDED_AT, at)
                .set(RELEARN_PROCEDURE.PERSON_ID, by)
                .execute();
    }

    /** A relearn under way. */
    record OpenRelearn(long id, Trigger trigger, boolean practice) {}

    /** A relearn that was brought to an end, and what came of it. */
    record EndedRelearn(Instant startedAt, Instant endedAt, boolean practice, String outcome) {}

    Optional<OpenRelearn> open(long vehicleId) {
        return db.fetchOptional(RELEARN, RELEARN.VEHICLE_ID.eq(vehicleId), RELEARN.ENDED_AT.isNull())
                .map(row -> new OpenRelearn(row.getId(), Trigger.valueOf(row.getTriggerMethod()), row.getIsPractice()));
    }

    List<EndedRelearn> ended(long vehicleId, int most) {
        return db.selectFrom(RELEARN)
                .where(RELEARN.VEHICLE_ID.eq(vehicleId))
                .and(RELEARN.ENDED_AT.isNotNull())
                .orderBy(RELEARN.ID.desc())
                .limit(most)
                .fetch(row ->
                        new EndedRelearn(row.getStartedAt(), row.getEndedAt(), row.getIsPractice(), row.getOutcome()));
    }

    void start(long vehicleId, Trigger trigger, boolean practice, Instant at, long by) {
        db.insertInto(RELEARN)
                .set(RELEARN.VEHICLE_ID, vehicleId)
                .set(RELEARN.TRIGGER_METHOD, trigger.name())
                .set(RELEARN.IS_PRACTICE, practice)
                .set(RELEARN.STARTED_AT, at)
                .set(RELEARN.PERSON_ID, by)
                .execute();
    }

    void end(long relearnId, Instant at, String outcome) {
        db.update(RELEARN)
                .set(RELEARN.ENDED_AT, at)
                .set(RELEARN.OUTCOME, outcome)
                .where(RELEARN.ID.eq(relearnId))
                .execute();
    }

    void log(long relearnId, RelearnEvent event, Long placeId, Instant at, long by) {
        db.insertInto(RELEARN_EVENT)
                .set(RELEARN_EVENT.RELEARN_ID, relearnId)
                .set(RELEARN_EVENT.TYPE, event.type().name())
                .set(RELEARN_EVENT.POSITION_ID, placeId)
                .set(RELEARN_EVENT.PRESSURE, event.pressure().orElse(null))
                .set(RELEARN_EVENT.RECORDED_AT, at)
                .set(RELEARN_EVENT.PERSON_ID, by)
                .execute();
    }

    /** Dash and gauge named different corners. */
    void swapped(long vehicleId, String says, Instant at, long by) {
        db.insertInto(SENSOR_SWAP)
                .set(SENSOR_SWAP.VEHICLE_ID, vehicleId)
                .set(SENSOR_SWAP.STATEMENT, says)
                .set(SENSOR_SWAP.RECORDED_AT, at)
                .set(SENSOR_SWAP.PERSON_ID, by)
                .execute();
    }

    static final String LEARNED = "learned";

    @Override
    public Map<Long, List<Dated>> cornerFacts(Long vehicleId) {
        Map<Long, List<Dated>> facts = new HashMap<>();
        db.select(RELEARN.VEHICLE_ID, RELEARN.ENDED_AT, PERSON.NAME, RELEARN.OUTCOME)
                .from(RELEARN)
                .join(PERSON)
                .on(PERSON.ID.eq(RELEARN.PERSON_ID))
                .where(RELEARN.ENDED_AT.isNotNull(), RELEARN.IS_PRACTICE.isFalse())
                .and(vehicleId == null ? DSL.noCondition() : RELEARN.VEHICLE_ID.eq(vehicleId))
                .forEach(row -> {
                    boolean proven = row.value4().startsWith(LEARNED);
                    add(
                            facts,
                            row.value1(),
                            row.value2(),
                            row.value3(),
                            proven ? CornerFact.Type.PROVEN : CornerFact.Type.ABANDONED,
                            proven ? WORDS.say("relearnFinished") : WORDS.say("relearnAbandoned"));
                });
        db.select(SENSOR_SWAP.VEHICLE_ID, SENSOR_SWAP.RECORDED_AT, PERSON.NAME, SENSOR_SWAP.STATEMENT)
                .from(SENSOR_SWAP)
                .join(PERSON)
                .on(PERSON.ID.eq(SENSOR_SWAP.PERSON_ID))
                .where(vehicleId == null ? DSL.noCondition() : SENSOR_SWAP.VEHICLE_ID.eq(vehicleId))
                .forEach(row ->
                        add(facts, row.value1(), row.value2(), row.value3(), CornerFact.Type.SWAPPED, row.value4()));
        return facts;
    }

    private void add(
            Map<Long, List<Dated>> facts, Long vehicle, Instant at, String by, CornerFact.Type type, String words) {
        LocalDate day = LocalDate.ofInstant(at, clock.getZone());
        facts.computeIfAbsent(vehicle, none -> new ArrayList<>())
                .add(new Dated(at, new CornerFact(day, by, type, words)));
    }

    /** Oldest first. */
    List<Logged> log(long relearnId) {
        return db.select(
                        RELEARN_EVENT.TYPE,
                        POSITION.CODE,
                        RELEARN_EVENT.PRESSURE,
                        RELEARN_EVENT.RECORDED_AT,
                        PERSON.NAME)
                .from(RELEARN_EVENT)
                .join(PERSON)
                .on(PERSON.ID.eq(RELEARN_EVENT.PERSON_ID))
                .leftJoin(POSITION)
                .on(POSITION.ID.eq(RELEARN_EVENT.POSITION_ID))
                .where(RELEARN_EVENT.RELEARN_ID.eq(relearnId))
                .orderBy(RELEARN_EVENT.ID)
                .fetch(row -> new Logged(
                        new RelearnEvent(
                                RelearnEvent.Type.valueOf(row.value1()),
                                Optional.ofNullable(row.value2()).map(Position::parse),
                                Optional.<Pressure>ofNullable(row.value3())),
                        row.value4(),
                        row.value5()));
    }
}
