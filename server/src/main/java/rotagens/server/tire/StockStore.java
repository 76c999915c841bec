package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_MOVEMENT;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.server.tire.TireStore.StockState;

/** Every tire that isn't gone, flat, as a file lists it. */
@Repository
public class StockStore {

    /** One tire and where it is. */
    public record Row(
            long id,
            long modelId,
            boolean retread,
            Optional<String> number,
            Optional<Money> price,
            Optional<String> dot,
            Optional<TreadDepth> depth,
            Optional<Long> placeId,
            Optional<Instant> fittedAt,
            Optional<StockState> state,
            Optional<String> yard,
            String shelf) {}

    private final DSLContext db;

    StockStore(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public List<Row> present() {
        return find(STOCK.STATE.isNull().or(STOCK.STATE.ne(StockState.SCRAPPED.name())));
    }

    /** Every tire there ever was, scrapped ones too: their numbers stay theirs. */
    @Transactional(readOnly = true)
    public List<Row> all() {
        return find(DSL.noCondition());
    }

    /** What lies in stock, neither set aside nor on a vehicle. */
    @Transactional(readOnly = true)
    public List<Row> inStock() {
        return find(STOCK.STATE.eq(StockState.IN_STOCK.name()));
    }

    @Transactional(readOnly = true)
    public Optional<Row> byNumber(String number) {
        return find(TIRE.TIRE_NUMBER.eq(number)).stream().findFirst();
    }

    @Transactional(readOnly = true)
    public Optional<Row> byId(long id) {
        return find(TIRE.ID.eq(id)).stream().findFirst();
    }

    private List<Row> find(Condition which) {
        var depth = DSL.field(DSL.select(TIRE_MOVEMENT.LOWEST_DEPTH)
                        .from(TIRE_MOVEMENT)
                        .where(TIRE_MOVEMENT.TIRE_ID.eq(TIRE.ID), TIRE_MOVEMENT.LOWEST_DEPTH.isNotNull())
                        .orderBy(TIRE_MOVEMENT.ID.desc())
                        .limit(1))
                .as("depth");
        var dot = TireStore.newestDot().as("dot");
        return db.select(
                        TIRE.asterisk(),
                        dot,
                        depth,
                        INSTALLATION.POSITION_ID,
                        INSTALLATION.INSTALLED_AT,
                        STOCK.STATE,
                        YARD.NAME,
                        STOCK.SHELF)
                .from(TIRE)
                .leftJoin(INSTALLATION)
                .on(INSTALLATION.TIRE_ID.eq(TIRE.ID))
                .leftJoin(STOCK)
                .on(STOCK.TIRE_ID.eq(TIRE.ID))
                .leftJoin(YARD)
                .on(YARD.ID.eq(STOCK.YARD_ID))
                .where(which)
                .orderBy(TIRE.ID)
                .fetch(row -> new Row(
                        row.get(TIRE.ID),
                        row.get(TIRE.TIRE_MODEL_ID),
                        row.get(TIRE.IS_RETREAD),
                        Optional.ofNullable(row.get(TIRE.TIRE_NUMBER)),
                        Optional.ofNullable(row.get(TIRE.PRICE_CENTS)).map(Money::new),
                        Optional.ofNullable(row.get(dot)),
                        Optional.ofNullable(row.get(depth)),
                        Optional.ofNullable(row.get(INSTALLATION.POSITION_ID)),
                        Optional.ofNullable(row.get(INSTALLATION.INSTALLED_AT)),
                        Optional.ofNullable(row.get(STOCK.STATE)).map(StockState::valueOf),
                        Optional.ofNullable(row.get(YARD.NAME)),
                        Optional.ofNullable(row.get(STOCK.SHELF)).orElse("")));
    }
}
