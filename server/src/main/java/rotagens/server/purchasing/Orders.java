package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Money;
import rotagens.core.measure.Reason;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.TireModel;
import rotagens.server.fleet.ReasonView;
import rotagens.server.people.People;
import rotagens.server.purchasing.DeliveryComparison.Compared;
import rotagens.server.purchasing.OrderViews.DeliveredTireRequest;
import rotagens.server.purchasing.OrderViews.DeliveryCheckView;
import rotagens.server.purchasing.OrderViews.DeliveryComparisonView;
import rotagens.server.purchasing.OrderViews.DeliveryRequest;
import rotagens.server.purchasing.OrderViews.DeliveryView;
import rotagens.server.purchasing.OrderViews.OrderLineRequest;
import rotagens.server.purchasing.OrderViews.OrderLineView;
import rotagens.server.purchasing.OrderViews.OrderRequest;
import rotagens.server.purchasing.OrderViews.OrderView;
import rotagens.server.purchasing.OrderViews.ReceivedDeliveryView;
import rotagens.server.purchasing.OrderViews.ReceivingRecord;
import rotagens.server.storage.generated.tables.records.DeliveryRecord;
import rotagens.server.storage.generated.tables.records.OrderLineRecord;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.StockLocation;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Orders, and taking deliveries in: each tire is compared with its order line and accepted by name, or refused. */
@Service
public class Orders {

    private static final int MOST_TIRES = 200;

    private final DSLContext db;
    private final TireCatalog tireCatalog;
    private final TireStore tireStore;
    private final VehicleRegister register;
    private final People people;
    private final Clock clock;
    private final ReceivingChecklists sheets;
    private final DeliveryComparison deliveries;

    Orders(
            DSLContext db,
            TireCatalog tireCatalog,
            TireStore tireStore,
            VehicleRegister register,
            People people,
            Clock clock,
            ReceivingChecklists sheets,
            DeliveryComparison deliveries) {
        this.deliveries = deliveries;
        this.sheets = sheets;
        this.db = db;
        this.tireCatalog = tireCatalog;
        this.tireStore = tireStore;
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    /** Orders, the newest first, with all that came against them. */
    @Transactional(readOnly = true)
    public List<OrderView> all() {
        Map<Long, TireModel> models = tireCatalog.byId();
        Map<Long, String> names = db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
        Map<Long, List<DeliveryRecord>> deliveries =
                db.selectFrom(DELIVERY).orderBy(DELIVERY.ID).fetchGroups(DeliveryRecord::getOrderLineId, row -> row);
        Map<Long, List<OrderLineRecord>> lines = db.selectFrom(ORDER_LINE)
                .orderBy(ORDER_LINE.ID)
                .fetchGroups(OrderLineRecord::getTireOrderId, row -> row);
        Map<Long, List<ReceivingRecord>> taken = sheets.byLine();
        return db.select(TIRE_ORDER.asterisk(), YARD.NAME)
                .from(TIRE_ORDER)
                .join(YARD)
                .on(YARD.ID.eq(TIRE_ORDER.YARD_ID))
                .orderBy(TIRE_ORDER.CLOSED_AT.isNotNull(), TIRE_ORDER.ID.desc())
                .limit(200)
                .fetch(row -> new OrderView(
                        row.get(TIRE_ORDER.ID),
                        row.get(TIRE_ORDER.SUPPLIER),
                        row.get(TIRE_ORDER.ORDERED_DATE),
                        row.get(YARD.NAME),
                        row.get(TIRE_ORDER.NOTE),
                        names.get(row.get(TIRE_ORDER.PERSON_ID)),
                        row.get(TIRE_ORDER.CLOSED_AT),
                        lines.getOrDefault(row.get(TIRE_ORDER.ID), List.of()).stream()
                                .map(line -> line(
                                        line,
                                        models,
                                        deliveries.getOrDefault(line.getId(), List.of()),
                                        names,
                                        taken.getOrDefault(line.getId(), List.of())))
                                .toList()));
    }

    private static OrderLineView line(
            OrderLineRecord line,
            Map<Long, TireModel> models,
            List<DeliveryRecord> came,
            Map<Long, String> names,
            List<ReceivingRecord> taken) {
        TireModel model = models.get(line.getTireModelId());
        return new OrderLineView(
                line.getId(),
                line.getTireModelId(),
                model.title(),
                model.sidewall(),
                line.getQuantity(),
                (int) came.stream().filter(DeliveryRecord::getIsAccepted).count(),
                Optional.ofNullable(line.getPriceCents())
                        .map(Money::new)
                        .map(Money::label)
                        .orElse(null),
                came.stream()
                        .map(one -> new DeliveryView(
                                one.getId(),
                                one.getRecordedAt(),
                                names.get(one.getPersonId()),
                                one.getIsAccepted(),
                                one.getTireId(),
                                one.getCode(),
                                one.getDifferences().isEmpty()
                                        ? List.of()
                                        : List.of(one.getDifferences().split("\n")),
                                one.getNote()))
                        .toList(),
                taken);
    }

    @Transactional
    public long order(OrderRequest typed, long by) {
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        String supplier = wrong.text("supplier", typed.supplier(), 80);
        wrong.unless(!supplier.isEmpty(), "supplier", "Enter whom it is ordered from.");
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!yard.isEmpty(), "yard", "Enter the yard it is delivered to.");
        LocalDate day = typed.day() == null ? today : typed.day();
        wrong.unless(!day.isAfter(today), "day", "This day lies ahead. Enter the day it was ordered.");
        String note = wrong.text("note", typed.note(), 500);
        List<OrderLineRequest> lines = typed.lines() == null ? List.of() : typed.lines();
        wrong.unless(!lines.isEmpty(), "lines", "Add at least one line.");
        List<Optional<Money>> prices = new ArrayList<>();
        for (int at = 0; at < lines.size(); at++) {
            OrderLineRequest line = lines.get(at);
            wrong.unless(line.tireModelId() != null, "lines[" + at + "].tireModelId", "Choose the model.");
            wrong.unless(
                    line.quantity() >= 1 && line.quantity() <= MOST_TIRES,
                    "lines[" + at + "].quantity",
                    "Enter how many, 1 to " + MOST_TIRES + ".");
            prices.add(wrong.optional("lines[" + at + "].price", line.price(), Money::parse));
        }
        wrong.refuseIfWrong();
        long id = db.insertInto(TIRE_ORDER)
                .set(TIRE_ORDER.SUPPLIER, supplier)
                .set(TIRE_ORDER.ORDERED_DATE, day)
                .set(TIRE_ORDER.YARD_ID, register.yard(yard))
                .set(TIRE_ORDER.NOTE, note)
                .set(TIRE_ORDER.RECORDED_AT, clock.instant())
                .set(TIRE_ORDER.PERSON_ID, by)
                .returning(TIRE_ORDER.ID)
                .fetchOne(TIRE_ORDER.ID);
        for (int at = 0; at < lines.size(); at++) {
            db.insertInto(ORDER_LINE)
                    .set(ORDER_LINE.TIRE_ORDER_ID, id)
                    .set(ORDER_LINE.TIRE_MODEL_ID, lines.get(at).tireModelId())
                    .set(ORDER_LINE.QUANTITY, lines.get(at).quantity())
                    .set(
                            ORDER_LINE.PRICE_CENTS,
                            prices.get(at).map(Money::cents).orElse(null))
                    .execute();
        }
        return id;
    }

    /** What still hasn't come is not expected any more. */
    @Transactional
    public void close(long id) {
        int changed = db.update(TIRE_ORDER)
                .set(TIRE_ORDER.CLOSED_AT, clock.instant())
                .where(TIRE_ORDER.ID.eq(id), TIRE_ORDER.CLOSED_AT.isNull())
                .execute();
        if (changed == 0) {
            throw ProblemException.conflict("This order is closed already, or doesn’t exist.");
        }
    }

    /** Compares delivered tires with their line; stores nothing. */
    @Transactional(readOnly = true)
    public DeliveryCheckView check(long lineId, DeliveryRequest typed, Units units) {
        OrderLineRecord line = lineRecord(lineId);
        InputValidator wrong = new InputValidator();
        List<DeliveryComparisonView> deliveryComparisonView =
                deliveries.compare(line.getTireModelId(), typed, wrong).stream()
                        .map(one -> new DeliveryComparisonView(
                                views(one.result().differences(), Verdict.SERVICE_DUE, units),
                                views(one.result().notes(), Verdict.WATCH, units),
                                deliveries.sameCode(one.code())))
                        .toList();
        wrong.refuseIfWrong();
        return new DeliveryCheckView(deliveryComparisonView);
    }

    private static List<ReasonView> views(List<Reason> reasons, Verdict verdict, Units units) {
        return reasons.stream()
                .map(reason -> ReasonView.of(verdict, reason, units))
                .toList();
    }

    /** Takes a delivery in: accepted tires go to stock, refused ones are written down and sent back. All or nothing. */
    @Transactional
    public ReceivedDeliveryView deliver(long lineId, DeliveryRequest typed, Units units) {
        OrderLineRecord line = lineRecord(lineId);
        var order = db.selectFrom(TIRE_ORDER)
                .where(TIRE_ORDER.ID.eq(line.getTireOrderId()))
                .fetchSingle();
        if (order.getClosedAt() != null) {
            throw ProblemException.conflict("This order is closed. Enter a new one for what came.");
        }
        InputValidator wrong = new InputValidator();
        List<Compared> compared = deliveries.compare(line.getTireModelId(), typed, wrong);
        Optional<TreadDepth> depth = wrong.optional(
                "depth",
                typed.depth(),
                text -> TreadDepth.parse(
                        text, units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM));
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        sheets.check(typed, wrong);
        Set<String> numbers = new HashSet<>();
        for (int at = 0; at < compared.size(); at++) {
            DeliveredTireRequest one = compared.get(at).typed();
            String number = wrong.text("tires[" + at + "].number", one.number(), 24);
            wrong.unless(
                    number.isEmpty() || numbers.add(number),
                    "tires[" + at + "].number",
                    "This number is entered twice in the delivery.");
            wrong.text("tires[" + at + "].note", one.note(), 500);
            wrong.unless(
                    one.accepted() != null
                            || compared.get(at).result().differences().isEmpty(),
                    "tires[" + at + "].dotCode",
                    "The tire differs from the order. Accept it with your name, or refuse it.");
            wrong.unless(
                    one.isAccepted() || !(one.note() == null || one.note().isBlank()),
                    "tires[" + at + "].note",
                    "Enter why it is refused.");
        }
        int accepted =
                (int) compared.stream().filter(one -> one.typed().isAccepted()).count();
        int before = db.fetchCount(DELIVERY, DELIVERY.ORDER_LINE_ID.eq(lineId).and(DELIVERY.IS_ACCEPTED.isTrue()));
        wrong.unless(
                before + accepted <= line.getQuantity(),
                "tires",
                "Only " + (line.getQuantity() - before) + " of " + line.getQuantity()
                        + " are still to come on this line.");
        wrong.refuseIfWrong();
        Instant now = clock.instant();
        List<Long> ids = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        sheets.keep(lineId, typed);
        for (int at = 0; at < compared.size(); at++) {
            Compared one = compared.get(at);
            Long tireId = null;
            if (one.typed().isAccepted()) {
                notes.addAll(deliveries.sameCode(one.code()));
                tireId = takeIn(line, order.getYardId(), shelf, depth, one, at, now);
                ids.add(tireId);
            }
            write(lineId, one, tireId, units, now);
        }
        return new ReceivedDeliveryView(
                ids, compared.size() - ids.size(), notes.stream().distinct().toList());
    }

    private long takeIn(
            OrderLineRecord line,
            long yardId,
            String shelf,
            Optional<TreadDepth> depth,
            Compared one,
            int at,
            Instant now) {
        Optional<Money> paid = Optional.ofNullable(line.getPriceCents())
                .map(Money::new)
                .or(() -> tireCatalog.get(one.modelId()).details().price());
        long tireId;
        try {
            tireId = tireStore.add(new TireStore.New(
                    one.modelId(),
                    false,
                    Optional.ofNullable(one.typed().number()).map(String::strip).filter(text -> !text.isEmpty()),
                    paid));
        } catch (ProblemException e) {
            throw ProblemException.field(
                    "tires[" + at + "]." + e.problem().getFields().get(0).field(),
                    e.problem().getFields().get(0).message());
        }
        tireStore.readDot(tireId, one.code().molded(), DotKind.TIRE, now, people.me());
        TreadDepth fresh = depth.or(() -> tireCatalog.get(one.modelId()).model().originalDepth())
                .orElse(null);
        tireStore.store(
                tireId,
                "RECEIVED",
                new StockLocation(StockState.IN_STOCK, yardId, shelf),
                new TireStore.Line(
                        now,
                        people.me(),
                        one.typed().note() == null ? "" : one.typed().note(),
                        "",
                        null,
                        fresh,
                        null));
        return tireId;
    }

    private void write(long lineId, Compared one, Long tireId, Units units, Instant now) {
        db.insertInto(DELIVERY)
                .set(DELIVERY.ORDER_LINE_ID, lineId)
                .set(DELIVERY.RECORDED_AT, now)
                .set(DELIVERY.PERSON_ID, people.me())
                .set(DELIVERY.IS_ACCEPTED, tireId != null)
                .set(DELIVERY.TIRE_ID, tireId)
                .set(DELIVERY.TIRE_MODEL_ID, one.modelId())
                .set(DELIVERY.CODE, one.code().molded())
                .set(
                        DELIVERY.DIFFERENCES,
                        String.join(
                                "\n",
                                one.result().differences().stream()
                                        .map(reason -> reason.statement().in(units))
                                        .toList()))
                .set(
                        DELIVERY.NOTE,
                        one.typed().note() == null ? "" : one.typed().note())
                .execute();
    }

    private OrderLineRecord lineRecord(long id) {
        return db.selectFrom(ORDER_LINE)
                .where(ORDER_LINE.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound("There is no such order line."));
    }
}
