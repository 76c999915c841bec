package rotagens.server.purchasing;

import static rotagens.server.purchasing.PurchasingWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
import rotagens.server.purchasing.OrderStore.LineOfOrder;
import rotagens.server.purchasing.OrderStore.StoredDelivery;
import rotagens.server.purchasing.OrderStore.StoredLine;
import rotagens.server.purchasing.OrderStore.StoredOrder;
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
    private static final int SHOWN = 200;

    private final OrderStore store;
    private final TireCatalog tireCatalog;
    private final TireStore tireStore;
    private final VehicleRegister register;
    private final People people;
    private final Clock clock;
    private final ReceivingChecklists sheets;
    private final DeliveryComparison deliveries;

    Orders(
            OrderStore store,
            TireCatalog tireCatalog,
            TireStore tireStore,
            VehicleRegister register,
            People people,
            Clock clock,
            ReceivingChecklists sheets,
            DeliveryComparison deliveries) {
        this.deliveries = deliveries;
        this.sheets = sheets;
        this.store = store;
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
        Map<Long, String> names = people.names();
        Map<Long, List<StoredDelivery>> deliveries = store.deliveriesByLine();
        Map<Long, List<LineOfOrder>> lines = store.lines().stream()
                .collect(Collectors.groupingBy(one -> one.order().id()));
        Map<Long, List<ReceivingRecord>> taken = sheets.byLine();
        return store.orders(SHOWN).stream()
                .map(order -> new OrderView(
                        order.id(),
                        order.supplier(),
                        order.ordered(),
                        order.yard(),
                        order.note(),
                        names.get(order.personId()),
                        order.closedAt(),
                        lines.getOrDefault(order.id(), List.of()).stream()
                                .map(LineOfOrder::line)
                                .map(line -> line(
                                        line,
                                        models,
                                        deliveries.getOrDefault(line.id(), List.of()),
                                        names,
                                        taken.getOrDefault(line.id(), List.of())))
                                .toList()))
                .toList();
    }

    private static OrderLineView line(
            StoredLine line,
            Map<Long, TireModel> models,
            List<StoredDelivery> came,
            Map<Long, String> names,
            List<ReceivingRecord> taken) {
        TireModel model = models.get(line.modelId());
        return new OrderLineView(
                line.id(),
                line.modelId(),
                model.title(),
                model.sidewall(),
                line.quantity(),
                (int) came.stream().filter(StoredDelivery::accepted).count(),
                line.price().map(Money::label).orElse(null),
                came.stream()
                        .map(one -> new DeliveryView(
                                one.id(),
                                one.at(),
                                names.get(one.personId()),
                                one.accepted(),
                                one.tireId(),
                                one.code(),
                                one.differences().isEmpty()
                                        ? List.of()
                                        : List.of(one.differences().split("\n")),
                                one.note()))
                        .toList(),
                taken);
    }

    @Transactional
    public long order(OrderRequest typed, long by) {
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        String supplier = wrong.text("supplier", typed.supplier(), 80);
        wrong.unless(!supplier.isEmpty(), "supplier", WORDS.say("enterWhomItIsOrdered"));
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!yard.isEmpty(), "yard", WORDS.say("enterTheYard"));
        LocalDate day = typed.day() == null ? today : typed.day();
        wrong.unless(!day.isAfter(today), "day", WORDS.say("thisDayLiesAheadEnter"));
        String note = wrong.text("note", typed.note(), 500);
        List<OrderLineRequest> lines = typed.lines() == null ? List.of() : typed.lines();
        wrong.unless(!lines.isEmpty(), "lines", WORDS.say("addAtLeastOneLine"));
        List<Optional<Money>> prices = new ArrayList<>();
        for (int at = 0; at < lines.size(); at++) {
            OrderLineRequest line = lines.get(at);
            wrong.unless(line.tireModelId() != null, "lines[" + at + "].tireModelId", WORDS.say("chooseTheModel"));
            wrong.unless(
                    line.quantity() >= 1 && line.quantity() <= MOST_TIRES,
                    "lines[" + at + "].quantity",
                    WORDS.say("enterHowMany1", "mostTires", MOST_TIRES));
            prices.add(wrong.optional("lines[" + at + "].price", line.price(), Money::parse));
        }
        wrong.refuseIfWrong();
        long id = store.add(supplier, day, register.yard(yard), note, clock.instant(), by, null);
        for (int at = 0; at < lines.size(); at++) {
            store.addLine(id, lines.get(at).tireModelId(), lines.get(at).quantity(), prices.get(at));
        }
        return id;
    }

    /** What still hasn't come is not expected any more. */
    @Transactional
    public void close(long id) {
        if (!store.close(id, clock.instant())) {
            throw ProblemException.conflict(WORDS.say("thisOrderIsClosedAlready2"));
        }
    }

    /** Compares delivered tires with their line; stores nothing. */
    @Transactional(readOnly = true)
    public DeliveryCheckView check(long lineId, DeliveryRequest typed, Units units) {
        StoredLine line = lineOnFile(lineId);
        InputValidator wrong = new InputValidator();
        List<DeliveryComparisonView> deliveryComparisonView = deliveries.compare(line.modelId(), typed, wrong).stream()
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
        StoredLine line = lineOnFile(lineId);
        StoredOrder order = store.order(line.orderId()).orElseThrow();
        if (order.isClosed()) {
            throw ProblemException.conflict(WORDS.say("thisOrderIsClosedEnter"));
        }
        InputValidator wrong = new InputValidator();
        List<Compared> compared = deliveries.compare(line.modelId(), typed, wrong);
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
                    WORDS.say("thisNumberIsEnteredTwice"));
            wrong.text("tires[" + at + "].note", one.note(), 500);
            wrong.unless(
                    one.accepted() != null
                            || compared.get(at).result().differences().isEmpty(),
                    "tires[" + at + "].dotCode",
                    WORDS.say("tireDiffersFromTheOrder"));
            wrong.unless(
                    one.isAccepted() || !(one.note() == null || one.note().isBlank()),
                    "tires[" + at + "].note",
                    WORDS.say("enterWhyItIsRefused"));
        }
        int accepted =
                (int) compared.stream().filter(one -> one.typed().isAccepted()).count();
        int before = store.accepted(lineId);
        wrong.unless(
                before + accepted <= line.quantity(),
                "tires",
                WORDS.say("onlyOfAreStill", "left", line.quantity() - before, "ordered", line.quantity()));
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
                tireId = takeIn(line, order.yardId(), shelf, depth, one, at, now);
                ids.add(tireId);
            }
            write(lineId, one, tireId, units, now);
        }
        return new ReceivedDeliveryView(
                ids, compared.size() - ids.size(), notes.stream().distinct().toList());
    }

    private long takeIn(
            StoredLine line, long yardId, String shelf, Optional<TreadDepth> depth, Compared one, int at, Instant now) {
        Optional<Money> paid =
                line.price().or(() -> tireCatalog.get(one.modelId()).details().price());
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
        store.add(new StoredDelivery(
                0,
                lineId,
                now,
                people.me(),
                tireId != null,
                tireId,
                one.modelId(),
                one.code().molded(),
                one.result().differences().stream()
                        .map(reason -> reason.statement().in(units))
                        .collect(Collectors.joining("\n")),
                one.typed().note() == null ? "" : one.typed().note()));
    }

    private StoredLine lineOnFile(long id) {
        return store.line(id).orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchOrder2")));
    }
}
