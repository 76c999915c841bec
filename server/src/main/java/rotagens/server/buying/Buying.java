package rotagens.server.buying;

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
import rotagens.core.planning.Supply;
import rotagens.core.planning.Supply.Coming;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.Tires.StockState;

/** What is on the shelf, what is on its way, and how long the rest would take. */
@Service
public class Buying {

    record Supplier(long id, int version, String name, String mail, int leadDays, List<String> makers) {}

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

    private Map<Long, Integer> onShelf() {
        return db.select(TIRE.TIRE_MODEL_ID, DSL.count())
                .from(STOCK)
                .join(TIRE)
                .on(TIRE.ID.eq(STOCK.TIRE_ID))
                .where(STOCK.STATE.eq(StockState.IN_STOCK.name()))
                .groupBy(TIRE.TIRE_MODEL_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    private Map<Long, Coming> onOrder(List<Supplier> suppliers) {
        Map<Long, Integer> came = db.select(DELIVERY.ORDER_LINE_ID, DSL.count())
                .from(DELIVERY)
                .where(DELIVERY.IS_ACCEPTED.isTrue())
                .groupBy(DELIVERY.ORDER_LINE_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
        Map<Long, Coming> open = new HashMap<>();
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
                            .orElse(Supply.USUAL_LEAD_DAYS);
                    LocalDate by = row.get(TIRE_ORDER.ORDERED_DAY).plusDays(lead);
                    if (left > 0) {
                        open.merge(row.get(ORDER_LINE.TIRE_MODEL_ID), new Coming(left, by), Coming::and);
                    }
                });
        return open;
    }

    /** What may still be promised while jobs are planned one after the other. */
    @Transactional(readOnly = true)
    public Supply supply() {
        List<Supplier> suppliers = suppliers();
        Map<Long, Supply.Model> models = new HashMap<>();
        catalogue
                .byId()
                .forEach((id, model) -> models.put(
                        id,
                        new Supply.Model(
                                model.title(),
                                supplierOf(model.maker(), suppliers)
                                        .map(Supplier::leadDays)
                                        .orElse(Supply.USUAL_LEAD_DAYS))));
        return new Supply(onShelf(), onOrder(suppliers), models, LocalDate.now(clock));
    }
}
