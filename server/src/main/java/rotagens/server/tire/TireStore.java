package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.POSITION;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_DOT;
import static rotagens.server.storage.generated.Tables.TIRE_MOVEMENT;
import static rotagens.server.storage.generated.Tables.VEHICLE;
import static rotagens.server.tire.TireWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.Tire;
import rotagens.core.tire.TireModel;
import rotagens.core.wear.WearRate;
import rotagens.server.clock.DatedLedger;
import rotagens.server.storage.generated.tables.records.TireMovementRecord;
import rotagens.server.web.ProblemException;

/**
 * The tires, what is molded on them, and where each is. A tire is in one place, on a vehicle or in stock, and a place holds one
 * tire: the tables' keys see to it whatever two people do at once. Every move writes its line to the ledger.
 */
@Service
public class TireStore implements DatedLedger {

    /**
     * A tire at its place.
     *
     * @param at when it came there
     * @param asFitted what the odometer showed and the lowest depth then, where both were recorded
     */
    public record InstalledTire(
            long placeId,
            long vehicleId,
            long modelId,
            Tire tire,
            Optional<String> dotCode,
            Optional<String> number,
            Instant at,
            Optional<WearRate.DepthReading> asFitted) {}

    /** A tire to be put on record. */
    public record New(long modelId, boolean retread, Optional<String> number, Optional<Money> price) {}

    /** What a code dates. */
    public enum DotKind {
        /** The tire, or the casing of a retread: age runs from it. */
        TIRE,
        /** A retread's own date, never an age. */
        RETREAD
    }

    /** Where a tire is that is not on a vehicle. */
    public enum StockState {
        IN_STOCK(WORDS.say("inStock"), "STORED"),
        RETREAD_CANDIDATE(WORDS.say("setAsideForRetread"), "SET_ASIDE"),
        AT_RETREADER(WORDS.say("atTheRetreader"), "SENT_TO_RETREAD"),
        SCRAPPED(WORDS.say("scrapped"), "SCRAPPED");

        private final String words;
        private final String movement;

        StockState(String words, String movement) {
            this.words = words;
            this.movement = movement;
        }

        /** What the ledger calls bringing a tire there. */
        public String movement() {
            return movement;
        }

        public String words() {
            return words;
        }
    }

    /** Where it lies. */
    public record StockLocation(StockState state, Long yardId, String shelf) {}

    /** Who did it, when, and what was noted or read with it; null where nothing was. */
    public record Line(
            Instant at, long personId, String note, String reason, Distance odometer, TreadDepth depth, Long jobId) {

        public static Line of(Instant at, long personId, String note, Long jobId) {
            return new Line(at, personId, note, "", null, null, jobId);
        }
    }

    /** One line of the ledger. */
    public record Movement(
            long id,
            long tireId,
            Instant at,
            String type,
            Long fromPlaceId,
            Long toPlaceId,
            Long yardId,
            String shelf,
            long personId,
            String note,
            String reason,
            Distance odometer,
            TreadDepth depth,
            Long correctsId) {}

    private final DSLContext db;
    private final TireCatalog tireCatalog;
    private final Clock clock;

    TireStore(DSLContext db, TireCatalog tireCatalog, Clock clock) {
        this.db = db;
        this.tireCatalog = tireCatalog;
        this.clock = clock;
    }

    /** Every tire on a vehicle, by place; on one vehicle or, with null, on all. */
    @Transactional(readOnly = true)
    public Map<Long, InstalledTire> fitted(Long vehicleId) {
        Condition which = vehicleId == null ? DSL.noCondition() : POSITION.VEHICLE_ID.eq(vehicleId);
        Map<Long, TireModel> models = tireCatalog.byId();
        LocalDate today = LocalDate.now(clock);
        Map<Long, InstalledTire> byPlace = new HashMap<>();
        db.select(
                        POSITION.ID,
                        POSITION.VEHICLE_ID,
                        TIRE.ID,
                        TIRE.TIRE_MODEL_ID,
                        TIRE.IS_RETREAD,
                        newestDot(),
                        INSTALLATION.INSTALLED_AT,
                        TIRE.TIRE_NUMBER,
                        asFitted(TIRE_MOVEMENT.ODOMETER),
                        asFitted(TIRE_MOVEMENT.LOWEST_DEPTH))
                .from(INSTALLATION)
                .join(POSITION)
                .on(POSITION.ID.eq(INSTALLATION.POSITION_ID))
                .join(TIRE)
                .on(TIRE.ID.eq(INSTALLATION.TIRE_ID))
                .where(which)
                .forEach(row -> {
                    Optional<String> code = Optional.ofNullable(row.value6());
                    Tire tire = new Tire(
                            row.value3(),
                            models.get(row.value4()),
                            code.map(molded -> date(molded, today)),
                            row.value5(),
                            Optional.of(LocalDate.ofInstant(row.value7(), clock.getZone())));
                    byPlace.put(
                            row.value1(),
                            new InstalledTire(
                                    row.value1(),
                                    row.value2(),
                                    row.value4(),
                                    tire,
                                    code,
                                    Optional.ofNullable(row.value8()),
                                    row.value7(),
                                    row.value9() == null || row.value10() == null
                                            ? Optional.empty()
                                            : Optional.of(new WearRate.DepthReading(
                                                    row.value9().miles(),
                                                    row.value10().thirtySeconds()))));
                });
        return byPlace;
    }

    /** What the line says that brought a tire to its present place. */
    private static <T> Field<T> asFitted(TableField<TireMovementRecord, T> what) {
        return DSL.field(DSL.select(what)
                .from(TIRE_MOVEMENT)
                .where(TIRE_MOVEMENT.TIRE_ID.eq(TIRE.ID))
                .and(TIRE_MOVEMENT.TO_POSITION_ID.eq(INSTALLATION.POSITION_ID))
                .orderBy(TIRE_MOVEMENT.ID.desc())
                .limit(1));
    }

    /** The code age runs from, as last read. */
    static Field<String> newestDot() {
        return DSL.field(DSL.select(TIRE_DOT.CODE)
                .from(TIRE_DOT)
                .where(TIRE_DOT.TIRE_ID.eq(TIRE.ID))
                .and(TIRE_DOT.TYPE.eq(DotKind.TIRE.name()))
                .orderBy(TIRE_DOT.ID.desc())
                .limit(1));
    }

    static DotWeek date(String code, LocalDate today) {
        return DotCode.parse(code, today).date();
    }

    /** Puts a tire on record; it has no place yet. A number already used is refused: numbers, unlike DOT codes, are ours. */
    @Transactional
    public long add(New tire) {
        if (!tireCatalog.has(tire.modelId())) {
            throw ProblemException.field("tireModelId", WORDS.say("chooseTheModel"));
        }
        tire.number().ifPresent(number -> refuseUsedNumber(number, null));
        return db.insertInto(TIRE)
                .set(TIRE.TIRE_MODEL_ID, tire.modelId())
                .set(TIRE.IS_RETREAD, tire.retread())
                .set(TIRE.TIRE_NUMBER, tire.number().orElse(null))
                .set(TIRE.PRICE_CENTS, tire.price().map(Money::cents).orElse(null))
                .returning(TIRE.ID)
                .fetchOne(TIRE.ID);
    }

    @Transactional
    public void setPrice(long tireId, Money price) {
        db.update(TIRE)
                .set(TIRE.PRICE_CENTS, price.cents())
                .where(TIRE.ID.eq(tireId))
                .execute();
    }

    public void refuseUsedNumber(String number, Long ownTireId) {
        Long other =
                db.select(TIRE.ID).from(TIRE).where(TIRE.TIRE_NUMBER.eq(number)).fetchOne(TIRE.ID);
        if (other != null && !other.equals(ownTireId)) {
            throw ProblemException.field("number", WORDS.say("anotherTireCarriesTheNumber", "number", number));
        }
    }

    /** Adds a tire and fits it at an empty place. */
    @Transactional
    public long fitNew(long modelId, boolean retread, String dotCode, long placeId, Line line) {
        long tireId = add(new New(modelId, retread, Optional.empty(), Optional.empty()));
        if (dotCode != null) {
            readDot(tireId, dotCode, DotKind.TIRE, line.at(), line.personId());
        }
        fit(tireId, placeId, line);
        return tireId;
    }

    /** Fits a tire that is in stock or has no place yet. */
    @Transactional
    public void fit(long tireId, long placeId, Line line) {
        if (db.fetchExists(INSTALLATION, INSTALLATION.POSITION_ID.eq(placeId))) {
            throw ProblemException.field("position", WORDS.say("thisPositionAlreadyHas"));
        }
        if (db.fetchExists(INSTALLATION, INSTALLATION.TIRE_ID.eq(tireId))) {
            throw ProblemException.field("tire", WORDS.say("thisTire"));
        }
        db.deleteFrom(STOCK).where(STOCK.TIRE_ID.eq(tireId)).execute();
        enter(tireId, placeId, line.at());
        write(tireId, "INSTALLED", null, placeId, null, line);
    }

    /** A tire whose removal was entered by mistake is on its position again, as long as it had been. */
    @Transactional
    public void putBack(long tireId, long placeId, Instant since, Line line) {
        fit(tireId, placeId, line);
        db.update(INSTALLATION)
                .set(INSTALLATION.INSTALLED_AT, since)
                .where(INSTALLATION.TIRE_ID.eq(tireId))
                .execute();
    }

    private void enter(long tireId, long placeId, Instant at) {
        db.insertInto(INSTALLATION)
                .set(INSTALLATION.TIRE_ID, tireId)
                .set(INSTALLATION.POSITION_ID, placeId)
                .set(INSTALLATION.INSTALLED_AT, at)
                .execute();
    }

    /** The tire at a place, if one is there. */
    @Transactional(readOnly = true)
    public Optional<Long> at(long placeId) {
        return db.select(INSTALLATION.TIRE_ID)
                .from(INSTALLATION)
                .where(INSTALLATION.POSITION_ID.eq(placeId))
                .fetchOptional(INSTALLATION.TIRE_ID);
    }

    /** Takes the tire off a place, if one is there, and lays it at the vehicle's yard. */
    @Transactional
    public Optional<Long> takeOff(long placeId, Line line) {
        Long yard = db.select(VEHICLE.YARD_ID)
                .from(POSITION)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .where(POSITION.ID.eq(placeId))
                .fetchOne(VEHICLE.YARD_ID);
        return takeOff(placeId, new StockLocation(StockState.IN_STOCK, yard, ""), line);
    }

    /** Takes the tire off a place, if one is there, and lays it somewhere. */
    @Transactional
    public Optional<Long> takeOff(long placeId, StockLocation to, Line line) {
        Optional<Long> tireId = at(placeId);
        tireId.ifPresent(tire -> {
            db.deleteFrom(INSTALLATION)
                    .where(INSTALLATION.POSITION_ID.eq(placeId))
                    .execute();
            lay(tire, to, line.at());
            write(tire, "REMOVED", placeId, null, to, line);
        });
        return tireId;
    }

    /** Takes the tire off a place, if one is there, and sets it aside, sends it on or scraps it; what stays lies at the vehicle's yard. */
    @Transactional
    public void takeOff(long placeId, StockState to, Line line) {
        takeOff(placeId, line).ifPresent(tireId -> {
            if (to != StockState.IN_STOCK) {
                Long yard = db.select(STOCK.YARD_ID)
                        .from(STOCK)
                        .where(STOCK.TIRE_ID.eq(tireId))
                        .fetchOne(STOCK.YARD_ID);
                StockLocation there = new StockLocation(to, to == StockState.SCRAPPED ? null : yard, "");
                store(tireId, to.movement(), there, line);
            }
        });
    }

    /** One tire of a rearrangement; {@code from} is null for one from stock, {@code to} for one that comes off. */
    public record Step(long tireId, Long from, Long to) {}

    /** Many tires change places at once: all come out, then each goes to its own; a line of the ledger for every one. */
    @Transactional
    public void rearrange(List<Step> steps, Line line) {
        List<Long> places = steps.stream()
                .map(Step::from)
                .filter(java.util.Objects::nonNull)
                .toList();
        Map<Long, Long> yards = db.select(POSITION.ID, VEHICLE.YARD_ID)
                .from(POSITION)
                .join(VEHICLE)
                .on(VEHICLE.ID.eq(POSITION.VEHICLE_ID))
                .where(POSITION.ID.in(places))
                .fetchMap(POSITION.ID, VEHICLE.YARD_ID);
        db.deleteFrom(INSTALLATION).where(INSTALLATION.POSITION_ID.in(places)).execute();
        for (Step step : steps) {
            if (step.to() == null) {
                StockLocation stockLocation = new StockLocation(StockState.IN_STOCK, yards.get(step.from()), "");
                lay(step.tireId(), stockLocation, line.at());
                write(step.tireId(), "REMOVED", step.from(), null, stockLocation, line);
            } else if (step.from() == null) {
                db.deleteFrom(STOCK).where(STOCK.TIRE_ID.eq(step.tireId())).execute();
                enter(step.tireId(), step.to(), line.at());
                write(step.tireId(), "INSTALLED", null, step.to(), null, line);
            } else {
                enter(step.tireId(), step.to(), line.at());
                write(step.tireId(), "MOVED", step.from(), step.to(), null, line);
            }
        }
    }

    @Transactional(readOnly = true)
    public boolean isOnRecord(long tireId) {
        return db.fetchExists(TIRE, TIRE.ID.eq(tireId));
    }

    @Transactional(readOnly = true)
    public boolean isInStock(long tireId) {
        return db.fetchExists(STOCK, STOCK.TIRE_ID.eq(tireId).and(STOCK.STATE.eq(StockState.IN_STOCK.name())));
    }

    /** Two tires change places. */
    @Transactional
    public void swap(long placeId, long otherPlaceId, Line line, Distance otherOdometer) {
        Optional<Long> here = at(placeId);
        Optional<Long> there = at(otherPlaceId);
        db.deleteFrom(INSTALLATION)
                .where(INSTALLATION.POSITION_ID.in(placeId, otherPlaceId))
                .execute();
        Line otherLine = new Line(
                line.at(), line.personId(), line.note(), line.reason(), otherOdometer, line.depth(), line.jobId());
        here.ifPresent(tire -> {
            enter(tire, otherPlaceId, line.at());
            write(tire, "MOVED", placeId, otherPlaceId, null, otherLine);
        });
        there.ifPresent(tire -> {
            enter(tire, placeId, line.at());
            write(tire, "MOVED", otherPlaceId, placeId, null, line);
        });
    }

    /** Lays a tire somewhere that is on no vehicle: received, moved in stock, sent to retread, scrapped. */
    @Transactional
    public void store(long tireId, String kind, StockLocation to, Line line) {
        if (db.fetchExists(INSTALLATION, INSTALLATION.TIRE_ID.eq(tireId))) {
            throw ProblemException.field("tire", WORDS.say("thisTire2"));
        }
        db.deleteFrom(STOCK).where(STOCK.TIRE_ID.eq(tireId)).execute();
        lay(tireId, to, line.at());
        write(tireId, kind, null, null, to, line);
    }

    private void lay(long tireId, StockLocation to, Instant at) {
        db.insertInto(STOCK)
                .set(STOCK.TIRE_ID, tireId)
                .set(STOCK.STATE, to.state().name())
                .set(STOCK.YARD_ID, to.yardId())
                .set(STOCK.SHELF, to.shelf())
                .set(STOCK.STORED_AT, at)
                .execute();
    }

    /** Records the code read off a tire; the newest of its kind counts. */
    @Transactional
    public void readDot(long tireId, String dotCode, DotKind kind, Instant at, long personId) {
        db.insertInto(TIRE_DOT)
                .set(TIRE_DOT.TIRE_ID, tireId)
                .set(TIRE_DOT.CODE, dotCode)
                .set(TIRE_DOT.TYPE, kind.name())
                .set(TIRE_DOT.RECORDED_AT, at)
                .set(TIRE_DOT.PERSON_ID, personId)
                .execute();
    }

    /** The other tires that carry the same whole code. Codes aren't serial numbers: worth a word, never a refusal. */
    @Transactional(readOnly = true)
    public List<Long> sameDot(String dotCode, Long ownTireId) {
        return dotCode.length() <= 4
                ? List.of()
                : db.selectDistinct(TIRE_DOT.TIRE_ID)
                        .from(TIRE_DOT)
                        .where(TIRE_DOT.CODE.eq(dotCode))
                        .and(ownTireId == null ? DSL.noCondition() : TIRE_DOT.TIRE_ID.ne(ownTireId))
                        .fetch(TIRE_DOT.TIRE_ID);
    }

    /** The ledger of one vehicle's places, newest first. */
    @Transactional(readOnly = true)
    public List<Movement> ledger(long vehicleId) {
        var places = DSL.select(POSITION.ID).from(POSITION).where(POSITION.VEHICLE_ID.eq(vehicleId));
        return movements(TIRE_MOVEMENT.FROM_POSITION_ID.in(places).or(TIRE_MOVEMENT.TO_POSITION_ID.in(places)), 500);
    }

    /** The whole of it, for whoever has to show all there is. */
    @Transactional(readOnly = true)
    public List<Movement> wholeLedger(long vehicleId) {
        var places = DSL.select(POSITION.ID).from(POSITION).where(POSITION.VEHICLE_ID.eq(vehicleId));
        return movements(
                TIRE_MOVEMENT.FROM_POSITION_ID.in(places).or(TIRE_MOVEMENT.TO_POSITION_ID.in(places)),
                Integer.MAX_VALUE);
    }

    /** The ledger of one tire, newest first. */
    @Transactional(readOnly = true)
    public List<Movement> ledgerOfTire(long tireId) {
        return movements(TIRE_MOVEMENT.TIRE_ID.eq(tireId), 1000);
    }

    @Transactional(readOnly = true)
    public Movement movement(long id) {
        return movements(TIRE_MOVEMENT.ID.eq(id), 1).stream()
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thisEntryIsNot")));
    }

    /** A new line that puts an older one right; the old one stays. */
    @Transactional
    public void correct(Movement old, Line line) {
        TireMovementRecord row = newLine(old.tireId(), "CORRECTED", line);
        row.setCorrectsId(old.id());
        row.setFromPositionId(old.fromPlaceId());
        row.setToPositionId(old.toPlaceId());
        row.insert();
    }

    private List<Movement> movements(Condition which, int most) {
        return db.selectFrom(TIRE_MOVEMENT)
                .where(which)
                .orderBy(TIRE_MOVEMENT.MOVED_AT.desc(), TIRE_MOVEMENT.ID.desc())
                .limit(most)
                .fetch(row -> new Movement(
                        row.getId(),
                        row.getTireId(),
                        row.getMovedAt(),
                        row.getType(),
                        row.getFromPositionId(),
                        row.getToPositionId(),
                        row.getYardId(),
                        row.getShelf(),
                        row.getPersonId(),
                        row.getNote(),
                        row.getReason(),
                        row.getOdometer(),
                        row.getLowestDepth(),
                        row.getCorrectsId()));
    }

    private void write(long tireId, String kind, Long fromPlaceId, Long toPlaceId, StockLocation to, Line line) {
        TireMovementRecord row = newLine(tireId, kind, line);
        row.setFromPositionId(fromPlaceId);
        row.setToPositionId(toPlaceId);
        if (to != null) {
            row.setYardId(to.yardId());
            row.setShelf(to.shelf());
        }
        row.insert();
    }

    TireMovementRecord newLine(long tireId, String kind, Line line) {
        TireMovementRecord row = db.newRecord(TIRE_MOVEMENT);
        row.setTireId(tireId);
        row.setMovedAt(line.at());
        row.setType(kind);
        row.setPersonId(line.personId());
        row.setNote(line.note());
        row.setReason(line.reason());
        row.setOdometer(line.odometer());
        row.setLowestDepth(line.depth());
        row.setJobId(line.jobId());
        return row;
    }

    /** The number painted on a tire, and what it cost. */
    public void setNumbers(long tireId, Optional<String> number, Optional<Money> price) {
        db.update(TIRE)
                .set(TIRE.TIRE_NUMBER, number.orElse(null))
                .set(TIRE.PRICE_CENTS, price.map(Money::cents).orElse(null))
                .where(TIRE.ID.eq(tireId))
                .execute();
    }

    /** The casing wears another tread from now on. */
    public void setRetreaded(long tireId, long modelId) {
        db.update(TIRE)
                .set(TIRE.IS_RETREAD, true)
                .set(TIRE.TIRE_MODEL_ID, modelId)
                .where(TIRE.ID.eq(tireId))
                .execute();
    }

    @Override
    @Transactional(readOnly = true)
    public List<Instant> lastStored(int most) {
        return db.select(TIRE_MOVEMENT.MOVED_AT)
                .from(TIRE_MOVEMENT)
                .orderBy(TIRE_MOVEMENT.ID.desc())
                .limit(most)
                .fetch(TIRE_MOVEMENT.MOVED_AT);
    }

    /** Why tires were scrapped from one moment up to another: the reason as noted, or empty text, and how many. */
    @Transactional(readOnly = true)
    public Map<String, Integer> scrapReasons(Instant from, Instant to) {
        var reason = DSL.coalesce(TIRE_MOVEMENT.REASON, "");
        return db.select(reason, DSL.count())
                .from(TIRE_MOVEMENT)
                .where(
                        TIRE_MOVEMENT.TYPE.eq("SCRAPPED"),
                        TIRE_MOVEMENT.MOVED_AT.ge(from),
                        TIRE_MOVEMENT.MOVED_AT.lt(to))
                .groupBy(reason)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }
}
