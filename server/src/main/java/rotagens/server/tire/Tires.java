package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.FITMENT;
import static rotagens.server.storage.generated.Tables.PLACE;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_DOT;
import static rotagens.server.storage.generated.Tables.TIRE_MODEL;
import static rotagens.server.storage.generated.Tables.TIRE_MOVEMENT;

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
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotDate;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireSize;
import rotagens.server.web.ProblemException;

/** The tires, what is molded on them, and where each is: the present fitment and its ledger. */
@Service
public class Tires {

    /** A tire at its place. */
    public record Fitted(long placeId, long vehicleId, long modelId, Tire tire, Optional<String> dotCode) {}

    /** A model on file. */
    public record Model(long id, TireModel model) {}

    /** One line of the ledger. */
    public record Movement(
            long tireId, Instant at, String kind, Long fromPlaceId, Long toPlaceId, long personId, String note) {}

    private final DSLContext db;
    private final Clock clock;

    Tires(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** Every tire on a vehicle, by place; on one vehicle or, with null, on all. */
    @Transactional(readOnly = true)
    public Map<Long, Fitted> fitted(Long vehicleId) {
        Condition which = vehicleId == null ? DSL.noCondition() : PLACE.VEHICLE_ID.eq(vehicleId);
        Map<Long, TireModel> models = new HashMap<>();
        models().forEach(model -> models.put(model.id(), model.model()));
        LocalDate today = LocalDate.now(clock);
        var newestDot = DSL.select(TIRE_DOT.CODE)
                .from(TIRE_DOT)
                .where(TIRE_DOT.TIRE_ID.eq(TIRE.ID))
                .orderBy(TIRE_DOT.ID.desc())
                .limit(1);
        Map<Long, Fitted> byPlace = new HashMap<>();
        db.select(
                        PLACE.ID,
                        PLACE.VEHICLE_ID,
                        TIRE.ID,
                        TIRE.TIRE_MODEL_ID,
                        TIRE.IS_RETREAD,
                        DSL.field(newestDot),
                        FITMENT.AT)
                .from(FITMENT)
                .join(PLACE)
                .on(PLACE.ID.eq(FITMENT.PLACE_ID))
                .join(TIRE)
                .on(TIRE.ID.eq(FITMENT.TIRE_ID))
                .where(which)
                .forEach(row -> {
                    Optional<String> code = Optional.ofNullable(row.value6());
                    Optional<DotDate> made =
                            code.map(molded -> DotCode.parse(molded, today).date());
                    Tire tire = new Tire(
                            row.value3(),
                            models.get(row.value4()),
                            made,
                            row.value5(),
                            Optional.of(LocalDate.ofInstant(row.value7(), clock.getZone())));
                    byPlace.put(row.value1(), new Fitted(row.value1(), row.value2(), row.value4(), tire, code));
                });
        return byPlace;
    }

    @Transactional(readOnly = true)
    public List<Model> models() {
        return db.selectFrom(TIRE_MODEL)
                .orderBy(TIRE_MODEL.MAKER, TIRE_MODEL.NAME, TIRE_MODEL.SIZE)
                .fetch(row -> new Model(
                        row.getId(),
                        new TireModel(
                                row.getMaker(),
                                row.getName(),
                                TireSize.parse(row.getSize()),
                                Optional.ofNullable(row.getMoldedPressure()),
                                Optional.ofNullable(row.getOriginalDepth()),
                                row.getIsDirectional())));
    }

    @Transactional
    public long addModel(TireModel model) {
        return db.insertInto(TIRE_MODEL)
                .set(TIRE_MODEL.MAKER, model.maker())
                .set(TIRE_MODEL.NAME, model.name())
                .set(TIRE_MODEL.SIZE, model.size().molded())
                .set(TIRE_MODEL.MOLDED_PRESSURE, model.molded().orElse(null))
                .set(TIRE_MODEL.ORIGINAL_DEPTH, model.originalDepth().orElse(null))
                .set(TIRE_MODEL.IS_DIRECTIONAL, model.directional())
                .returning(TIRE_MODEL.ID)
                .fetchOne(TIRE_MODEL.ID);
    }

    /** Adds a tire and fits it at an empty place. */
    @Transactional
    public long fitNew(
            long modelId, boolean retread, String dotCode, long placeId, Instant at, long personId, Long jobId) {
        if (!db.fetchExists(TIRE_MODEL, TIRE_MODEL.ID.eq(modelId))) {
            throw ProblemException.field("tireModelId", "Choose the model of the tire fitted.");
        }
        long tireId = db.insertInto(TIRE)
                .set(TIRE.TIRE_MODEL_ID, modelId)
                .set(TIRE.IS_RETREAD, retread)
                .returning(TIRE.ID)
                .fetchOne(TIRE.ID);
        if (dotCode != null) {
            readDot(tireId, dotCode, at, personId);
        }
        db.insertInto(FITMENT)
                .set(FITMENT.TIRE_ID, tireId)
                .set(FITMENT.PLACE_ID, placeId)
                .set(FITMENT.AT, at)
                .execute();
        write(new Movement(tireId, at, "FITTED", null, placeId, personId, ""), jobId);
        return tireId;
    }

    /** Takes the tire off a place, if one is there. */
    @Transactional
    public void takeOff(long placeId, Instant at, long personId, String note, Long jobId) {
        Long tireId = db.select(FITMENT.TIRE_ID)
                .from(FITMENT)
                .where(FITMENT.PLACE_ID.eq(placeId))
                .fetchOne(FITMENT.TIRE_ID);
        if (tireId != null) {
            db.deleteFrom(FITMENT).where(FITMENT.PLACE_ID.eq(placeId)).execute();
            write(new Movement(tireId, at, "TAKEN_OFF", placeId, null, personId, note), jobId);
        }
    }

    /** Records the code read off a tire. */
    @Transactional
    public void readDot(long tireId, String dotCode, Instant at, long personId) {
        db.insertInto(TIRE_DOT)
                .set(TIRE_DOT.TIRE_ID, tireId)
                .set(TIRE_DOT.CODE, dotCode)
                .set(TIRE_DOT.AT, at)
                .set(TIRE_DOT.PERSON_ID, personId)
                .execute();
    }

    /** The ledger of one vehicle's places, newest first. */
    @Transactional(readOnly = true)
    public List<Movement> ledger(long vehicleId) {
        var places = DSL.select(PLACE.ID).from(PLACE).where(PLACE.VEHICLE_ID.eq(vehicleId));
        return db.selectFrom(TIRE_MOVEMENT)
                .where(TIRE_MOVEMENT.FROM_PLACE_ID.in(places).or(TIRE_MOVEMENT.TO_PLACE_ID.in(places)))
                .orderBy(TIRE_MOVEMENT.AT.desc(), TIRE_MOVEMENT.ID.desc())
                .limit(500)
                .fetch(row -> new Movement(
                        row.getTireId(),
                        row.getAt(),
                        row.getKind(),
                        row.getFromPlaceId(),
                        row.getToPlaceId(),
                        row.getPersonId(),
                        row.getNote()));
    }

    private void write(Movement line, Long jobId) {
        db.insertInto(TIRE_MOVEMENT)
                .set(TIRE_MOVEMENT.TIRE_ID, line.tireId())
                .set(TIRE_MOVEMENT.AT, line.at())
                .set(TIRE_MOVEMENT.KIND, line.kind())
                .set(TIRE_MOVEMENT.FROM_PLACE_ID, line.fromPlaceId())
                .set(TIRE_MOVEMENT.TO_PLACE_ID, line.toPlaceId())
                .set(TIRE_MOVEMENT.PERSON_ID, line.personId())
                .set(TIRE_MOVEMENT.NOTE, line.note())
                .set(TIRE_MOVEMENT.JOB_ID, jobId)
                .execute();
    }
}
