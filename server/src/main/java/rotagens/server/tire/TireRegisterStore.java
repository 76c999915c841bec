package rotagens.server.tire;

import static rotagens.server.storage.generated.Tables.INSTALLATION;
import static rotagens.server.storage.generated.Tables.STOCK;
import static rotagens.server.storage.generated.Tables.TIRE;
import static rotagens.server.storage.generated.Tables.TIRE_DOT;
import static rotagens.server.storage.generated.Tables.TIRE_MOVEMENT;
import static rotagens.server.storage.generated.Tables.YARD;
import static rotagens.server.tire.TireWords.WORDS;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.web.ProblemException;

/** Reads single tires and the stock straight from their tables, wherever the tire is. */
@Repository
public class TireRegisterStore {

    /** Where a tire lies that is on no vehicle. */
    public record StockedTire(StockState state, Optional<String> yard, String shelf, Instant since) {}

    /** One tire as on file. */
    public record TireOnFile(
            long id,
            long modelId,
            boolean retread,
            Optional<String> number,
            Optional<Money> price,
            Optional<String> dot,
            Optional<String> retreadMark,
            Optional<Long> placeId,
            Optional<Instant> fittedAt,
            Optional<StockedTire> lying) {}

    private final DSLContext db;

    TireRegisterStore(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public TireOnFile get(long id) {
        return find(TIRE.ID.eq(id)).stream()
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchTire")));
    }

    /** Tires that are on no vehicle; scrapped ones only where asked for. */
    @Transactional(readOnly = true)
    public List<TireOnFile> stock(boolean scrappedToo) {
        return find(STOCK.TIRE_ID
                .isNotNull()
                .and(scrappedToo ? DSL.noCondition() : STOCK.STATE.ne(StockState.SCRAPPED.name())));
    }

    private List<TireOnFile> find(org.jooq.Condition which) {
        return db.select(
                        TIRE.asterisk(),
                        newest(DotKind.TIRE).as("dot"),
                        newest(DotKind.RETREAD).as("mark"),
                        INSTALLATION.POSITION_ID,
                        INSTALLATION.INSTALLED_AT,
                        STOCK.STATE,
                        STOCK.SHELF,
                        STOCK.STORED_AT,
                        YARD.NAME)
                .from(TIRE)
                .leftJoin(INSTALLATION)
                .on(INSTALLATION.TIRE_ID.eq(TIRE.ID))
                .leftJoin(STOCK)
                .on(STOCK.TIRE_ID.eq(TIRE.ID))
                .leftJoin(YARD)
                .on(YARD.ID.eq(STOCK.YARD_ID))
                .where(which)
                .fetch(row -> new TireOnFile(
                        row.get(TIRE.ID),
                        row.get(TIRE.TIRE_MODEL_ID),
                        row.get(TIRE.IS_RETREAD),
                        Optional.ofNullable(row.get(TIRE.TIRE_NUMBER)),
                        Optional.ofNullable(row.get(TIRE.PRICE_CENTS)).map(Money::new),
                        Optional.ofNullable(row.get("dot", String.class)),
                        Optional.ofNullable(row.get("mark", String.class)),
                        Optional.ofNullable(row.get(INSTALLATION.POSITION_ID)),
                        Optional.ofNullable(row.get(INSTALLATION.INSTALLED_AT)),
                        Optional.ofNullable(row.get(STOCK.STATE))
                                .map(state -> new StockedTire(
                                        StockState.valueOf(state),
                                        Optional.ofNullable(row.get(YARD.NAME)),
                                        row.get(STOCK.SHELF),
                                        row.get(STOCK.STORED_AT)))));
    }

    private static org.jooq.Field<String> newest(DotKind kind) {
        return DSL.field(DSL.select(TIRE_DOT.CODE)
                .from(TIRE_DOT)
                .where(TIRE_DOT.TIRE_ID.eq(TIRE.ID))
                .and(TIRE_DOT.TYPE.eq(kind.name()))
                .orderBy(TIRE_DOT.ID.desc())
                .limit(1));
    }

    /** The depth noted with the last move of each of these tires. */
    @Transactional(readOnly = true)
    public Map<Long, Map.Entry<Instant, TreadDepth>> lastMoveDepth(List<Long> tireIds) {
        Map<Long, Map.Entry<Instant, TreadDepth>> last = new HashMap<>();
        db.selectFrom(TIRE_MOVEMENT)
                .where(TIRE_MOVEMENT.TIRE_ID.in(tireIds), TIRE_MOVEMENT.LOWEST_DEPTH.isNotNull())
                .orderBy(TIRE_MOVEMENT.MOVED_AT, TIRE_MOVEMENT.ID)
                .forEach(row -> last.put(row.getTireId(), Map.entry(row.getMovedAt(), row.getLowestDepth())));
        return last;
    }
}
