package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.SUPPLIER;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.planning.TireSupply;
import rotagens.core.planning.TireSupply.IncomingTires;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore.StockState;

/** What is on the shelf, what is on its way, and how long the rest would take. */
@Service
public class Purchasing {

    record Supplier(long id, int version, String name, String email, int leadDays, List<String> manufacturers) {}

    private final DSLContext db;
    private final TireCatalog tireCatalog;
    private final Clock clock;

    Purchasing(DSLContext db, TireCatalog tireCatalog, Clock clock) {
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

    private Map<Long, Integer> onShelf() {
        return db.select(TIRE.TIRE_MODEL_ID, DSL.count())
                .from(STOCK)
                .join(TIRE)
                .on(TIRE.ID.eq(STOCK.TIRE_ID))
                .where(STOCK.STATE.eq(StockState.IN_STOCK.name()))
                .groupBy(TIRE.TIRE_MODEL_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    private Map<Long, IncomingTires> onOrder(List<Supplier> suppliers) {
        Map<Long, Integer> came = db.select(DELIVERY.ORDER_LINE_ID, DSL.count())
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue())
                .groupBy(DELIVERY.ORDER_LINE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
        Map<Long, IncomingTires> open = new HashMap<>();
        db.select(ORDER_LINE.asterisk(), TIRE_ORDER.ORDERED_DATE, TIRE_ORDER.SUPPLIER)
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
                            .orElse(TireSupply.USUAL_LEAD_DAYS);
                    LocalDate by = row.get(TIRE_ORDER.ORDERED_DATE).plusDays(lead);
                    if (left > 0) {
                        open.merge(row.get(ORDER_LINE.TIRE_MODEL_ID), new IncomingTires(left, by), IncomingTires::and);
                    }
                });
        return open;
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
