package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Money;

/** Orders, their lines, and what came of them. A delivery is only ever added. */
@Repository
class OrderStore {

    /** @param closedAt when nothing of it was expected any more; null while it is open */
    record StoredOrder(
            long id,
            String supplier,
            LocalDate ordered,
            long yardId,
            String yard,
            String note,
            long personId,
            @Nullable Instant closedAt) {

        boolean isClosed() {
            return closedAt != null;
        }
    }

    /** @param price of one tire, where one was agreed */
    record StoredLine(long id, long orderId, long modelId, int quantity, Optional<Money> price) {}

    /** A line with its order. */
    record LineOfOrder(StoredLine line, StoredOrder order) {}

    /**
     * One tire that came.
     *
     * @param tireId the tire it became; null where it was refused
     * @param differences what it differs in from its line, a line each
     */
    record StoredDelivery(
            long id,
            long lineId,
            Instant at,
            long personId,
            boolean accepted,
            @Nullable Long tireId,
            long modelId,
            String code,
            String differences,
            String note) {}

    private final DSLContext db;

    OrderStore(DSLContext db) {
        this.db = db;
    }

    /** The open ones first, the newest first. */
    List<StoredOrder> orders(int most) {
        return orders(DSL.noCondition(), most);
    }

    Optional<StoredOrder> order(long id) {
        return orders(TIRE_ORDER.ID.eq(id), 1).stream().findFirst();
    }

    private List<StoredOrder> orders(Condition which, int most) {
        return db.select(TIRE_ORDER.asterisk(), YARD.NAME)
                .from(TIRE_ORDER)
                .join(YARD)
                .on(YARD.ID.eq(TIRE_ORDER.YARD_ID))
                .where(which)
                .orderBy(TIRE_ORDER.CLOSED_AT.isNotNull(), TIRE_ORDER.ID.desc())
                .limit(most)
                .fetch(OrderStore::order);
    }

    private static StoredOrder order(org.jooq.Record row) {
        return new StoredOrder(
                row.get(TIRE_ORDER.ID),
                row.get(TIRE_ORDER.SUPPLIER),
                row.get(TIRE_ORDER.ORDERED_DATE),
                row.get(TIRE_ORDER.YARD_ID),
                row.get(YARD.NAME),
                row.get(TIRE_ORDER.NOTE),
                row.get(TIRE_ORDER.PERSON_ID),
                row.get(TIRE_ORDER.CLOSED_AT));
    }

    private static StoredLine line(org.jooq.Record row) {
        return new StoredLine(
                row.get(ORDER_LINE.ID),
                row.get(ORDER_LINE.TIRE_ORDER_ID),
                row.get(ORDER_LINE.TIRE_MODEL_ID),
                row.get(ORDER_LINE.QUANTITY),
                Optional.ofNullable(row.get(ORDER_LINE.PRICE_CENTS)).map(Money::new));
    }

    /** Every line of every order. */
    List<LineOfOrder> lines() {
        return lines(DSL.noCondition());
    }

    /** The lines of orders that are open. */
    List<LineOfOrder> openLines() {
        return lines(TIRE_ORDER.CLOSED_AT.isNull());
    }

    Optional<StoredLine> line(long id) {
        return lines(ORDER_LINE.ID.eq(id)).stream().findFirst().map(LineOfOrder::line);
    }

    private List<LineOfOrder> lines(Condition which) {
        return db.select(ORDER_LINE.asterisk(), TIRE_ORDER.asterisk(), YARD.NAME)
                .from(ORDER_LINE)
                .join(TIRE_ORDER)
                .on(TIRE_ORDER.ID.eq(ORDER_LINE.TIRE_ORDER_ID))
                .join(YARD)
                .on(YARD.ID.eq(TIRE_ORDER.YARD_ID))
                .where(which)
                .orderBy(ORDER_LINE.ID)
                .fetch(row -> new LineOfOrder(line(row), order(row)));
    }

    /** Everything that came, by order line, the oldest first. */
    Map<Long, List<StoredDelivery>> deliveriesByLine() {
        return deliveries().orderBy(DELIVERY.ID).fetchGroups(DELIVERY.ORDER_LINE_ID, OrderStore::delivery);
    }

    private org.jooq.SelectWhereStep<? extends org.jooq.Record> deliveries() {
        return db.selectFrom(DELIVERY);
    }

    private static StoredDelivery delivery(org.jooq.Record row) {
        return new StoredDelivery(
                row.get(DELIVERY.ID),
                row.get(DELIVERY.ORDER_LINE_ID),
                row.get(DELIVERY.RECORDED_AT),
                row.get(DELIVERY.PERSON_ID),
                row.get(DELIVERY.IS_ACCEPTED),
                row.get(DELIVERY.TIRE_ID),
                row.get(DELIVERY.TIRE_MODEL_ID),
                row.get(DELIVERY.CODE),
                row.get(DELIVERY.DIFFERENCES),
                row.get(DELIVERY.NOTE));
    }

    /** The newest tires that were taken in. */
    List<StoredDelivery> lastAccepted(int most) {
        return deliveries()
                .where(DELIVERY.IS_ACCEPTED.isTrue())
                .orderBy(DELIVERY.ID.desc())
                .limit(most)
                .fetch(OrderStore::delivery);
    }

    /** The tires that came and are on record, by order line. */
    Map<Long, List<Long>> arrivedByLine() {
        return db.select(DELIVERY.ORDER_LINE_ID, DELIVERY.TIRE_ID)
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue(), DELIVERY.TIRE_ID.isNotNull())
                .fetchGroups(DELIVERY.ORDER_LINE_ID, DELIVERY.TIRE_ID);
    }

    /** How many were taken in, by order line. */
    Map<Long, Integer> acceptedByLine() {
        return db.select(DELIVERY.ORDER_LINE_ID, DSL.count())
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue())
                .groupBy(DELIVERY.ORDER_LINE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    int accepted(long lineId) {
        return db.fetchCount(DELIVERY, DELIVERY.ORDER_LINE_ID.eq(lineId).and(DELIVERY.IS_ACCEPTED.isTrue()));
    }

    /** Whether anything of an order came, accepted or refused. */
    boolean hasDeliveries(long orderId) {
        return db.fetchExists(
                DELIVERY,
                DELIVERY.ORDER_LINE_ID.in(
                        db.select(ORDER_LINE.ID).from(ORDER_LINE).where(ORDER_LINE.TIRE_ORDER_ID.eq(orderId))));
    }

    /** What was paid for tires taken in from one moment up to another, by the moment they came. */
    List<Map.Entry<Instant, Money>> paid(Instant from, Instant to) {
        return db.select(DELIVERY.RECORDED_AT, ORDER_LINE.PRICE_CENTS)
                .from(DELIVERY)
                .join(ORDER_LINE)
                .on(ORDER_LINE.ID.eq(DELIVERY.ORDER_LINE_ID))
                .where(DELIVERY.IS_ACCEPTED.isTrue(), DELIVERY.RECORDED_AT.ge(from), DELIVERY.RECORDED_AT.lt(to))
                .and(ORDER_LINE.PRICE_CENTS.isNotNull())
                .fetch(row -> Map.entry(row.value1(), new Money(row.value2())));
    }

    /** @param closed when it was closed, for one of the past; null for one that is open */
    long add(
            String supplier,
            LocalDate ordered,
            long yardId,
            String note,
            Instant at,
            long by,
            @Nullable Instant closed) {
        return db.insertInto(TIRE_ORDER)
                .set(TIRE_ORDER.SUPPLIER, supplier)
                .set(TIRE_ORDER.ORDERED_DATE, ordered)
                .set(TIRE_ORDER.YARD_ID, yardId)
                .set(TIRE_ORDER.NOTE, note)
                .set(TIRE_ORDER.RECORDED_AT, at)
                .set(TIRE_ORDER.PERSON_ID, by)
                .set(TIRE_ORDER.CLOSED_AT, closed)
                .returning(TIRE_ORDER.ID)
                .fetchSingle(TIRE_ORDER.ID);
    }

    long addLine(long orderId, long modelId, int quantity, Optional<Money> price) {
        return db.insertInto(ORDER_LINE)
                .set(ORDER_LINE.TIRE_ORDER_ID, orderId)
                .set(ORDER_LINE.TIRE_MODEL_ID, modelId)
                .set(ORDER_LINE.QUANTITY, quantity)
                .set(ORDER_LINE.PRICE_CENTS, price.map(Money::cents).orElse(null))
                .returning(ORDER_LINE.ID)
                .fetchSingle(ORDER_LINE.ID);
    }

    /** Adds a tire that came; its number is given here. */
    void add(StoredDelivery came) {
        db.insertInto(DELIVERY)
                .set(DELIVERY.ORDER_LINE_ID, came.lineId())
                .set(DELIVERY.RECORDED_AT, came.at())
                .set(DELIVERY.PERSON_ID, came.personId())
                .set(DELIVERY.IS_ACCEPTED, came.accepted())
                .set(DELIVERY.TIRE_ID, came.tireId())
                .set(DELIVERY.TIRE_MODEL_ID, came.modelId())
                .set(DELIVERY.CODE, came.code())
                .set(DELIVERY.DIFFERENCES, came.differences())
                .set(DELIVERY.NOTE, came.note())
                .execute();
    }

    /** Closes an order that is open; says whether it was. */
    boolean close(long id, Instant at) {
        return db.update(TIRE_ORDER)
                        .set(TIRE_ORDER.CLOSED_AT, at)
                        .where(TIRE_ORDER.ID.eq(id), TIRE_ORDER.CLOSED_AT.isNull())
                        .execute()
                > 0;
    }

    void reopen(long id) {
        db.update(TIRE_ORDER)
                .setNull(TIRE_ORDER.CLOSED_AT)
                .where(TIRE_ORDER.ID.eq(id))
                .execute();
    }

    void note(long id, String note) {
        db.update(TIRE_ORDER)
                .set(TIRE_ORDER.NOTE, note)
                .where(TIRE_ORDER.ID.eq(id))
                .execute();
    }
}
