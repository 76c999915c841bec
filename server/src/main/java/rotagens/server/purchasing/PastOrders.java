package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.server.vehicle.VehicleRegister;

/** Orders of before a fleet kept them here: what was bought, of whom, and when it came. */
@Service
public class PastOrders {

    /** Tires of one model that came together, each on record already. */
    public record PastOrder(
            String supplier,
            LocalDate ordered,
            Instant came,
            String yard,
            long modelId,
            Money price,
            List<Tire> tires) {}

    /** A tire that came, with its DOT code; the code is empty where it wasn't read. */
    public record Tire(long id, String code) {}

    private final DSLContext db;
    private final VehicleRegister register;
    private final Clock clock;

    PastOrders(DSLContext db, VehicleRegister register, Clock clock) {
        this.db = db;
        this.register = register;
        this.clock = clock;
    }

    /** Writes an order down as closed, with everything of it received. */
    @Transactional
    public void record(PastOrder past, long personId) {
        if (past.came().isAfter(clock.instant())) {
            throw new IllegalArgumentException("an order of the past has come");
        }
        long order = db.insertInto(TIRE_ORDER)
                .set(TIRE_ORDER.SUPPLIER, past.supplier())
                .set(TIRE_ORDER.ORDERED_DATE, past.ordered())
                .set(TIRE_ORDER.YARD_ID, register.yard(past.yard()))
                .set(TIRE_ORDER.NOTE, "")
                .set(TIRE_ORDER.RECORDED_AT, past.came())
                .set(TIRE_ORDER.PERSON_ID, personId)
                .set(TIRE_ORDER.CLOSED_AT, past.came())
                .returning(TIRE_ORDER.ID)
                .fetchSingle(TIRE_ORDER.ID);
        long line = db.insertInto(ORDER_LINE)
                .set(ORDER_LINE.TIRE_ORDER_ID, order)
                .set(ORDER_LINE.TIRE_MODEL_ID, past.modelId())
                .set(ORDER_LINE.QUANTITY, past.tires().size())
                .set(ORDER_LINE.PRICE_CENTS, past.price().cents())
                .returning(ORDER_LINE.ID)
                .fetchSingle(ORDER_LINE.ID);
        past.tires()
                .forEach(tire -> db.insertInto(DELIVERY)
                        .set(DELIVERY.ORDER_LINE_ID, line)
                        .set(DELIVERY.RECORDED_AT, past.came())
                        .set(DELIVERY.PERSON_ID, personId)
                        .set(DELIVERY.IS_ACCEPTED, true)
                        .set(DELIVERY.TIRE_ID, tire.id())
                        .set(DELIVERY.TIRE_MODEL_ID, past.modelId())
                        .set(DELIVERY.CODE, tire.code())
                        .execute());
    }
}
