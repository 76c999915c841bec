package rotagens.server.purchasing;

import static rotagens.server.storage.generated.Tables.DELIVERY;
import static rotagens.server.storage.generated.Tables.ORDER_LINE;
import static rotagens.server.storage.generated.Tables.TIRE_ORDER;

import java.time.Clock;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.outbox.Outbox;
import rotagens.server.people.People;
import rotagens.server.storage.generated.tables.records.TireOrderRecord;
import rotagens.server.web.ProblemException;

/** Taking back an order that was written by mistake, and opening one again that was closed by mistake. */
@Service
public class OrderWithdrawal {

    private static final String WITHDRAWN = "withdrawn";

    private final DSLContext db;
    private final Outbox outbox;
    private final People people;
    private final Clock clock;

    OrderWithdrawal(DSLContext db, Outbox outbox, People people, Clock clock) {
        this.outbox = outbox;
        this.db = db;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Nothing of it is expected any more. A supplier who had a mail of the order gets another that takes it back.
     *
     * @throws ProblemException where something of it has come already, or it is closed
     */
    @Transactional
    public void withdraw(long id) {
        TireOrderRecord order = order(id);
        if (order.getClosedAt() != null) {
            throw ProblemException.conflict("This order is closed already.");
        }
        boolean came = db.fetchExists(
                DELIVERY,
                DELIVERY.ORDER_LINE_ID.in(
                        db.select(ORDER_LINE.ID).from(ORDER_LINE).where(ORDER_LINE.TIRE_ORDER_ID.eq(id))));
        if (came) {
            throw ProblemException.conflict("Tires of this order have come already. Close it instead.");
        }
        order.setClosedAt(clock.instant());
        order.setNote(order.getNote().isBlank() ? WITHDRAWN : order.getNote() + ", " + WITHDRAWN);
        db.executeUpdate(order);
        outbox.recipientOf("Order " + id + ",")
                .ifPresent(address -> outbox.add(
                        address,
                        "Order " + id + " is withdrawn",
                        "Please don’t deliver order " + id + ": it was sent by mistake.\n",
                        people.me()));
    }

    /**
     * What still hasn't come is expected again.
     *
     * @throws ProblemException where it is open, or was withdrawn and the supplier told so
     */
    @Transactional
    public void reopen(long id) {
        TireOrderRecord order = order(id);
        if (order.getClosedAt() == null) {
            throw ProblemException.conflict("This order is open.");
        }
        if (order.getNote().endsWith(WITHDRAWN)) {
            throw ProblemException.conflict("This order was withdrawn. Order anew.");
        }
        order.setClosedAt(null);
        db.executeUpdate(order);
    }

    private TireOrderRecord order(long id) {
        return db.selectFrom(TIRE_ORDER)
                .where(TIRE_ORDER.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound("There is no such order."));
    }
}
