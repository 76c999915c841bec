package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.SUPPLIER;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.TireAlerts;
import rotagens.core.planning.TireSupply;
import rotagens.core.planning.TireSupply.IncomingTires;
import rotagens.core.policy.Policy;
import rotagens.core.tire.DotCode;
import rotagens.server.inspection.Readings;
import rotagens.server.jobtires.OrderedTires.OrderedLine;
import rotagens.server.jobtires.ReservedTires;
import rotagens.server.policy.PolicyStore;
import rotagens.server.tire.StockPages;
import rotagens.server.tire.TireCatalog;

/** What is on the shelf, what is on its way, and how long the rest would take. */
@Service
public class Purchasing {

    record Supplier(long id, int version, String name, String email, int leadDays, List<String> manufacturers) {}

    private final DSLContext db;
    private final TireCatalog tireCatalog;
    private final StockPages stock;
    private final Readings readings;
    private final PolicyStore policies;
    private final Clock clock;
    private final ReservedTires reserved;

    Purchasing(
            DSLContext db,
            TireCatalog tireCatalog,
            StockPages stock,
            Readings readings,
            PolicyStore policies,
            Clock clock,
            ReservedTires reserved) {
        this.reserved = reserved;
        this.stock = stock;
        this.readings = readings;
        this.policies = policies;
        this.db = db;
        this.tireCatalog = tireCatalog;
        this.clock = clock;
    }

    List<Supplier> suppliers() {
        return db.selectFrom(SUPPLIER)
                .orderBy(SUPPLIER.NAME)
                .fetch(row -> new Supplier(
                        row.getId(),
                        row.getVersion(),
                        row.getName(),
                        row.getEmail(),
                        row.getLeadDays(),
                        row.getManufacturers().isBlank()
                                ? List.of()
                                : List.of(row.getManufacturers().split(" *, *"))));
    }

    /** Who delivers a make soonest. */
    static Optional<Supplier> supplierOf(String maker, List<Supplier> suppliers) {
        return suppliers.stream()
                .filter(one -> one.manufacturers().stream().anyMatch(maker::equalsIgnoreCase))
                .min(java.util.Comparator.comparing(Supplier::leadDays).thenComparing(Supplier::name));
    }

    /** Of each model how many lie there that may be promised: none that is chosen for other work, no retread, none past its age, nothing open against it. */
    private Map<Long, Integer> onShelf() {
        LocalDate today = LocalDate.now(clock);
        Policy.ClassPolicy policy = policies.inForce().of("");
        Set<Long> chosen = reserved.ids();
        List<StockPages.Row> lying = stock.inStock().stream()
                .filter(row -> !chosen.contains(row.id()))
                .toList();
        Map<Long, TireAlerts> alerts =
                readings.alerts(lying.stream().map(StockPages.Row::id).toList());
        return lying.stream()
                .filter(row -> TireSupply.counts(
                        row.retread(),
                        row.dot().map(code -> DotCode.parse(code, today).date()),
                        alerts.getOrDefault(row.id(), TireAlerts.NONE).open(),
                        policy,
                        today))
                .collect(Collectors.toMap(StockPages.Row::modelId, row -> 1, Integer::sum));
    }

    /** Every line of every order, with what came of it. */
    List<OrderedLine> lines() {
        List<Supplier> suppliers = suppliers();
        Map<Long, List<Long>> arrived = db.select(DELIVERY.ORDER_LINE_ID, DELIVERY.TIRE_ID)
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue(), DELIVERY.TIRE_ID.isNotNull())
                .fetchGroups(DELIVERY.ORDER_LINE_ID, DELIVERY.TIRE_ID);
        Map<Long, Integer> came = received();
        return db.select(ORDER_LINE.asterisk(), TIRE_ORDER.ORDERED_DATE, TIRE_ORDER.SUPPLIER, TIRE_ORDER.CLOSED_AT)
                .from(ORDER_LINE)
                .join(TIRE_ORDER)
                .on(TIRE_ORDER.ID.eq(ORDER_LINE.TIRE_ORDER_ID))
                .orderBy(ORDER_LINE.ID)
                .fetch(row -> new OrderedLine(
                        row.get(ORDER_LINE.ID),
                        row.get(ORDER_LINE.TIRE_MODEL_ID),
                        row.get(TIRE_ORDER.SUPPLIER),
                        row.get(TIRE_ORDER.CLOSED_AT) != null
                                ? 0
                                : row.get(ORDER_LINE.QUANTITY) - came.getOrDefault(row.get(ORDER_LINE.ID), 0),
                        row.get(TIRE_ORDER.ORDERED_DATE).plusDays(leadDays(row.get(TIRE_ORDER.SUPPLIER), suppliers)),
                        arrived.getOrDefault(row.get(ORDER_LINE.ID), List.of())));
    }

    private Map<Long, IncomingTires> onOrder(List<Supplier> suppliers) {
        Map<Long, Integer> came = received();
        Map<Long, IncomingTires> open = new HashMap<>();
        db.select(ORDER_LINE.asterisk(), TIRE_ORDER.ORDERED_DATE, TIRE_ORDER.SUPPLIER)
                .from(ORDER_LINE)
                .join(TIRE_ORDER)
                .on(TIRE_ORDER.ID.eq(ORDER_LINE.TIRE_ORDER_ID))
                .where(TIRE_ORDER.CLOSED_AT.isNull())
                .forEach(row -> {
                    int left = row.get(ORDER_LINE.QUANTITY) - came.getOrDefault(row.get(ORDER_LINE.ID), 0);
                    int lead = leadDays(row.get(TIRE_ORDER.SUPPLIER), suppliers);
                    LocalDate by = row.get(TIRE_ORDER.ORDERED_DATE).plusDays(lead);
                    if (left > 0) {
                        open.merge(row.get(ORDER_LINE.TIRE_MODEL_ID), new IncomingTires(left, by), IncomingTires::and);
                    }
                });
        return open;
    }

    /** An order that should have come by now. */
    public record LateOrder(String supplier, LocalDate ordered, LocalDate expected) {}

    /** Open orders that something is still missing of though their supplier's lead time has passed, the latest first. */
    @Transactional(readOnly = true)
    public List<LateOrder> late() {
        List<Supplier> suppliers = suppliers();
        LocalDate today = LocalDate.now(clock);
        return missing().keySet().stream()
                .map(order -> new LateOrder(
                        order.supplier(),
                        order.ordered(),
                        order.ordered().plusDays(leadDays(order.supplier(), suppliers))))
                .filter(order -> order.expected().isBefore(today))
                .sorted(java.util.Comparator.comparing(LateOrder::expected))
                .toList();
    }

    private record OpenOrder(long id, String supplier, LocalDate ordered) {}

    /** Of every open order that isn't complete, how many tires are missing. */
    private Map<OpenOrder, Integer> missing() {
        Map<OpenOrder, Integer> missing = new HashMap<>();
        Map<Long, Integer> came = received();
        db.select(ORDER_LINE.ID, ORDER_LINE.QUANTITY, TIRE_ORDER.ID, TIRE_ORDER.SUPPLIER, TIRE_ORDER.ORDERED_DATE)
                .from(ORDER_LINE)
                .join(TIRE_ORDER)
                .on(TIRE_ORDER.ID.eq(ORDER_LINE.TIRE_ORDER_ID))
                .where(TIRE_ORDER.CLOSED_AT.isNull())
                .forEach(row -> {
                    int left = row.value2() - came.getOrDefault(row.value1(), 0);
                    if (left > 0) {
                        missing.merge(new OpenOrder(row.value3(), row.value4(), row.value5()), left, Integer::sum);
                    }
                });
        return missing;
    }

    private Map<Long, Integer> received() {
        return db.select(DELIVERY.ORDER_LINE_ID, DSL.count())
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue())
                .groupBy(DELIVERY.ORDER_LINE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    private static int leadDays(String name, List<Supplier> suppliers) {
        return suppliers.stream()
                .filter(one -> one.name().equalsIgnoreCase(name))
                .findFirst()
                .map(Supplier::leadDays)
                .orElse(TireSupply.USUAL_LEAD_DAYS);
    }

    /** What may still be promised while jobs are planned one after the other. */
    @Transactional(readOnly = true)
    public TireSupply supply() {
        List<Supplier> suppliers = suppliers();
        Map<Long, TireSupply.Model> models = new HashMap<>();
        tireCatalog
                .byId()
                .forEach((id, model) -> models.put(
                        id,
                        new TireSupply.Model(
                                model.title(),
                                supplierOf(model.manufacturer(), suppliers)
                                        .map(Supplier::leadDays)
                                        .orElse(TireSupply.USUAL_LEAD_DAYS))));
        return new TireSupply(onShelf(), onOrder(suppliers), models, LocalDate.now(clock));
    }
}
