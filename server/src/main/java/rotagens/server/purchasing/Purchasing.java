package rotagens.server.purchasing;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.TireAlerts;
import rotagens.core.measure.Money;
import rotagens.core.planning.TireSupply;
import rotagens.core.planning.TireSupply.IncomingTires;
import rotagens.core.policy.Policy;
import rotagens.core.tire.DotCode;
import rotagens.server.inspection.Readings;
import rotagens.server.jobtires.OrderedTires.OrderedLine;
import rotagens.server.jobtires.ReservedTires;
import rotagens.server.policy.PolicyStore;
import rotagens.server.purchasing.OrderStore.LineOfOrder;
import rotagens.server.purchasing.OrderStore.StoredOrder;
import rotagens.server.tire.StockStore;
import rotagens.server.tire.TireCatalog;

/** What is on the shelf, what is on its way, and how long the rest would take. */
@Service
public class Purchasing {

    record Supplier(long id, int version, String name, String email, int leadDays, List<String> manufacturers) {}

    private final OrderStore orders;
    private final SupplierStore supplierStore;
    private final TireCatalog tireCatalog;
    private final StockStore stock;
    private final Readings readings;
    private final PolicyStore policies;
    private final Clock clock;
    private final ReservedTires reserved;

    Purchasing(
            OrderStore orders,
            SupplierStore supplierStore,
            TireCatalog tireCatalog,
            StockStore stock,
            Readings readings,
            PolicyStore policies,
            Clock clock,
            ReservedTires reserved) {
        this.reserved = reserved;
        this.stock = stock;
        this.readings = readings;
        this.policies = policies;
        this.orders = orders;
        this.supplierStore = supplierStore;
        this.tireCatalog = tireCatalog;
        this.clock = clock;
    }

    List<Supplier> suppliers() {
        return supplierStore.all().stream()
                .map(one -> new Supplier(
                        one.id(),
                        one.version(),
                        one.name(),
                        one.email(),
                        one.leadDays(),
                        one.manufacturers().isBlank()
                                ? List.of()
                                : List.of(one.manufacturers().split(" *, *"))))
                .toList();
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
        List<StockStore.Row> lying = stock.inStock().stream()
                .filter(row -> !chosen.contains(row.id()))
                .toList();
        Map<Long, TireAlerts> alerts =
                readings.alerts(lying.stream().map(StockStore.Row::id).toList());
        return lying.stream()
                .filter(row -> TireSupply.counts(
                        row.retread(),
                        row.dot().map(code -> DotCode.parse(code, today).date()),
                        alerts.getOrDefault(row.id(), TireAlerts.NONE).open(),
                        policy,
                        today))
                .collect(Collectors.toMap(StockStore.Row::modelId, row -> 1, Integer::sum));
    }

    /** Every line of every order, with what came of it. */
    List<OrderedLine> lines() {
        List<Supplier> suppliers = suppliers();
        Map<Long, List<Long>> arrived = orders.arrivedByLine();
        Map<Long, Integer> came = orders.acceptedByLine();
        return orders.lines().stream()
                .map(one -> new OrderedLine(
                        one.line().id(),
                        one.line().modelId(),
                        one.order().supplier(),
                        one.order().isClosed() ? 0 : left(one, came),
                        expected(one.order(), suppliers),
                        arrived.getOrDefault(one.line().id(), List.of())))
                .toList();
    }

    private static int left(LineOfOrder one, Map<Long, Integer> came) {
        return one.line().quantity() - came.getOrDefault(one.line().id(), 0);
    }

    private static LocalDate expected(StoredOrder order, List<Supplier> suppliers) {
        return order.ordered().plusDays(leadDays(order.supplier(), suppliers));
    }

    private Map<Long, IncomingTires> onOrder(List<Supplier> suppliers) {
        Map<Long, Integer> came = orders.acceptedByLine();
        Map<Long, IncomingTires> open = new HashMap<>();
        orders.openLines().stream()
                .filter(one -> left(one, came) > 0)
                .forEach(one -> open.merge(
                        one.line().modelId(),
                        new IncomingTires(left(one, came), expected(one.order(), suppliers)),
                        IncomingTires::and));
        return open;
    }

    /** An order that should have come by now. */
    public record LateOrder(String supplier, LocalDate ordered, LocalDate expected) {}

    /** Open orders that something is still missing of though their supplier's lead time has passed, the latest first. */
    @Transactional(readOnly = true)
    public List<LateOrder> late() {
        List<Supplier> suppliers = suppliers();
        LocalDate today = LocalDate.now(clock);
        Map<Long, Integer> came = orders.acceptedByLine();
        return orders.openLines().stream()
                .filter(one -> left(one, came) > 0)
                .map(LineOfOrder::order)
                .distinct()
                .map(order -> new LateOrder(order.supplier(), order.ordered(), expected(order, suppliers)))
                .filter(order -> order.expected().isBefore(today))
                .sorted(java.util.Comparator.comparing(LateOrder::expected))
                .toList();
    }

    /** What was paid for tires taken in from one moment up to another, by the moment they came. */
    @Transactional(readOnly = true)
    public List<Map.Entry<Instant, Money>> paid(Instant from, Instant to) {
        return orders.paid(from, to);
    }

    /** A tire that came: when, and what its DOT code was read as. */
    public record Arrived(Instant at, String code) {}

    /** The newest tires that were taken in. */
    @Transactional(readOnly = true)
    public List<Arrived> lastArrived(int most) {
        return orders.lastAccepted(most).stream()
                .map(one -> new Arrived(one.at(), one.code()))
                .toList();
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
