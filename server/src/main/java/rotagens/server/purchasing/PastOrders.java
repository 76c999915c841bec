package rotagens.server.purchasing;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Money;
import rotagens.server.purchasing.OrderStore.StoredDelivery;
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

    private final OrderStore store;
    private final VehicleRegister register;
    private final Clock clock;

    PastOrders(OrderStore store, VehicleRegister register, Clock clock) {
        this.store = store;
        this.register = register;
        this.clock = clock;
    }

    /** Writes an order down as closed, with everything of it received. */
    @Transactional
    public void record(PastOrder past, long personId) {
        if (past.came().isAfter(clock.instant())) {
            throw new IllegalArgumentException("an order of the past has come");
        }
        Instant came = past.came();
        long order = store.add(past.supplier(), past.ordered(), register.yard(past.yard()), "", came, personId, came);
        long line = store.addLine(order, past.modelId(), past.tires().size(), Optional.of(past.price()));
        past.tires()
                .forEach(tire -> store.add(new StoredDelivery(
                        0, line, came, personId, true, tire.id(), past.modelId(), tire.code(), "", "")));
    }
}
