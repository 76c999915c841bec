package rotagens.server.purchasing;

import static rotagens.server.purchasing.PurchasingWords.WORDS;

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
            throw ProblemException.conflict(WORDS.say("thisOrderIsClosedAlready"));
        }
        if (store.hasDeliveries(id)) {
            throw ProblemException.conflict(WORDS.say("tiresOfThisOrderHave"));
        }
        store.close(id, clock.instant());
        store.note(id, order.note().isBlank() ? WITHDRAWN : order.note() + ", " + WITHDRAWN);
        outbox.recipientOf(WORDS.say("order", "id", id))
                .ifPresent(address -> outbox.add(
                        address,
                        WORDS.say("orderIsWithdrawn", "id", id),
                        WORDS.say("pleaseDontDeliverOrder", "id", id),
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
            throw ProblemException.conflict(WORDS.say("thisOrderIsOpen"));
        }
        if (order.note().endsWith(WITHDRAWN)) {
            throw ProblemException.conflict(WORDS.say("thisOrderWasWithdrawnOrder"));
        }
        store.reopen(id);
    }

    private StoredOrder order(long id) {
        return store.order(id).orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchOrder")));
    }
}
