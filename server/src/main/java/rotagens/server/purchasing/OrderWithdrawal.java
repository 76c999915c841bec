package rotagens.server.purchasing;

import java.time.Clock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.outbox.Outbox;
import rotagens.server.people.People;
import rotagens.server.purchasing.OrderStore.StoredOrder;
import rotagens.server.web.ProblemException;

/** Taking back an order that was written by mistake, and opening one again that was closed by mistake. */
@Service
public class OrderWithdrawal {

    private static final String WITHDRAWN = "withdrawn";

    private final OrderStore store;
    private final Outbox outbox;
    private final People people;
    private final Clock clock;

    OrderWithdrawal(OrderStore store, Outbox outbox, People people, Clock clock) {
        this.outbox = outbox;
        this.store = store;
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
        StoredOrder order = order(id);
        if (order.isClosed()) {
            throw ProblemException.conflict("This order is closed already.");
        }
        if (store.hasDeliveries(id)) {
            throw ProblemException.conflict("Tires of this order have come already. Close it instead.");
        }
        store.close(id, clock.instant());
        store.note(id, order.note().isBlank() ? WITHDRAWN : order.note() + ", " + WITHDRAWN);
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
        StoredOrder order = order(id);
        if (!order.isClosed()) {
            throw ProblemException.conflict("This order is open.");
        }
        if (order.note().endsWith(WITHDRAWN)) {
            throw ProblemException.conflict("This order was withdrawn. Order anew.");
        }
        store.reopen(id);
    }

    private StoredOrder order(long id) {
        return store.order(id).orElseThrow(() -> ProblemException.notFound("There is no such order."));
    }
}
