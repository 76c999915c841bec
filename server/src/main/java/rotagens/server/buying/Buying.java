package rotagens.server.buying;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.SUPPLIER;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;
import rotagens.core.tire.TireModel;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.Tires.StockState;

/** What is on the shelf, what is on its way, and how long the rest would take. */
@Service
public class Buying {

    static final int USUAL_LEAD_DAYS = 7;

    /** Tires a job has to wait for. */
    public record Wait(LocalDate from, String says) {}

    record Supplier(long id, int version, String name, String mail, int leadDays, List<String> makers) {}

    /** How many still come of a model, and when at the latest. */
    record OnOrder(int count, LocalDate by) {}

    private final DSLContext db;
    private final Catalogue catalogue;
    private final Clock clock;

    Buying(DSLContext db, Catalogue catalogue, Clock clock) {
        this.db = db;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    List<Supplier> suppliers() {
        return db.selectFrom(SUPPLIER)
                .orderBy(SUPPLIER.NAME)
                .fetch(row -> new Supplier(
                        row.getId(),
                        row.getVersion(),
                        row.getName(),
                        row.getMail(),
                        row.getLeadDays(),
                        row.getMakers().isBlank()
                                ? List.of()
                                : List.of(row.getMakers().split(" *, *"))));
    }

    /** Who delivers a make soonest. */
    static Optional<Supplier> supplierOf(String maker, List<Supplier> suppliers) {
        return suppliers.stream()
                .filter(one -> one.makers().stream().anyMatch(maker::equalsIgnoreCase))
                .min(java.util.Comparator.comparing(Supplier::leadDays).thenComparing(Supplier::name));
    }

    Map<Long, Integer> onShelf() {
        return db.select(TIRE.TIRE_MODEL_ID, DSL.count())
                .from(STOCK)
                .join(TIRE)
                .on(TIRE.ID.eq(STOCK.TIRE_ID))
                .where(STOCK.STATE.eq(StockState.IN_STOCK.name()))
                .groupBy(TIRE.TIRE_MODEL_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    Map<Long, OnOrder> onOrder(List<Supplier> suppliers) {
        Map<Long, Integer> came = db.select(DELIVERY.ORDER_LINE_ID, DSL.count())
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue())
                .groupBy(DELIVERY.ORDER_LINE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
        Map<Long, OnOrder> open = new HashMap<>();
        db.select(ORDER_LINE.asterisk(), TIRE_ORDER.ORDERED_DAY, TIRE_ORDER.SUPPLIER)
                .from(ORDER_LINE)
                .join(TIRE_ORDER)
                .on(TIRE_ORDER.ID.eq(ORDER_LINE.TIRE_ORDER_ID))
                .where(TIRE_ORDER.CLOSED_AT.isNull())
                .forEach(row -> {
                    int left = row.get(ORDER_LINE.QUANTITY) - came.getOrDefault(row.get(ORDER_LINE.ID), 0);
                    int lead = suppliers.stream()
                            .filter(one -> one.name().equalsIgnoreCase(row.get(TIRE_ORDER.SUPPLIER)))
                            .findFirst()
                            .map(Supplier::leadDays)
                            .orElse(USUAL_LEAD_DAYS);
                    LocalDate by = row.get(TIRE_ORDER.ORDERED_DAY).plusDays(lead);
                    if (left > 0) {
                        open.merge(
                                row.get(ORDER_LINE.TIRE_MODEL_ID),
                                new OnOrder(left, by),
                                (one, other) -> new OnOrder(
                                        one.count() + other.count(),
                                        one.by().isAfter(other.by()) ? one.by() : other.by()));
                    }
                });
        return open;
    }

    /** What may still be promised while jobs are planned one after the other. */
    @Transactional(readOnly = true)
    public Availability availability() {
        List<Supplier> suppliers = suppliers();
        return new Availability(
                new HashMap<>(onShelf()), onOrder(suppliers), suppliers, catalogue.byId(), LocalDate.now(clock));
    }

    /** Tires not yet promised; promising some takes them off. */
    public static final class Availability {

        private final Map<Long, Integer> shelf;
        private final Map<Long, OnOrder> coming;
        private final List<Supplier> suppliers;
        private final Map<Long, TireModel> models;
        private final LocalDate today;

        Availability(
                Map<Long, Integer> shelf,
                Map<Long, OnOrder> coming,
                List<Supplier> suppliers,
                Map<Long, TireModel> models,
                LocalDate today) {
            this.shelf = shelf;
            this.coming = coming;
            this.suppliers = suppliers;
            this.models = models;
            this.today = today;
        }

        /** Promises so many of each model; says what a job has to wait for, if for anything. */
        public Optional<Wait> take(Map<Long, Integer> wanted) {
            LocalDate from = today;
            List<String> says = new ArrayList<>();
            for (Map.Entry<Long, Integer> one : wanted.entrySet()) {
                int there = shelf.getOrDefault(one.getKey(), 0);
                int missing = Math.max(0, one.getValue() - there);
                shelf.put(one.getKey(), Math.max(0, there - one.getValue()));
                if (missing == 0) {
                    continue;
                }
                TireModel model = models.get(one.getKey());
                OnOrder order = coming.get(one.getKey());
                boolean ordered = order != null && order.count() >= missing;
                LocalDate by = ordered
                        ? order.by()
                        : today.plusDays(supplierOf(model.maker(), suppliers)
                                .map(Supplier::leadDays)
                                .orElse(USUAL_LEAD_DAYS));
                if (ordered) {
                    coming.put(one.getKey(), new OnOrder(order.count() - missing, order.by()));
                }
                from = by.isAfter(from) ? by : from;
                says.add(String.format(
                        Locale.ROOT,
                        "%d × %s %s, there by %s",
                        missing,
                        model.title(),
                        ordered ? "on order" : "to order today",
                        Phrase.of("{}", by).in(Units.US)));
            }
            return says.isEmpty() ? Optional.empty() : Optional.of(new Wait(from, String.join("; ", says)));
        }
    }
}
