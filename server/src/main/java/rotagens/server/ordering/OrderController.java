package rotagens.server.ordering;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.ordering.OrderViews.Checked;
import rotagens.server.ordering.OrderViews.Delivery;
import rotagens.server.ordering.OrderViews.NewOrder;
import rotagens.server.ordering.OrderViews.Order;
import rotagens.server.ordering.OrderViews.Received;
import rotagens.server.ordering.OrderViews.ReceivingStepView;
import rotagens.server.people.People;
import rotagens.server.web.OnceOnly;

@RestController
class OrderController {

    record Ordered(long id) {}

    private final Orders orders;
    private final People people;
    private final OnceOnly onceOnly;

    OrderController(Orders orders, People people, OnceOnly onceOnly) {
        this.orders = orders;
        this.people = people;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/orders")
    List<Order> orders() {
        return orders.all();
    }

    /** The steps of a receiving inspection. */
    @GetMapping("/api/orders/receiving-steps")
    List<ReceivingStepView> receivingSteps() {
        return ReceivingSheets.steps();
    }

    @PostMapping("/api/orders")
    Ordered order(@RequestHeader(name = "Idempotency-Key", required = false) String key, @RequestBody NewOrder wanted) {
        return onceOnly.write(
                key, List.of("order", wanted), Ordered.class, () -> new Ordered(orders.order(wanted, people.me())));
    }

    @PostMapping("/api/orders/{id}/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable long id) {
        orders.close(id);
    }

    @PostMapping("/api/orders/lines/{id}/check")
    Checked check(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Delivery delivery) {
        return orders.check(id, delivery, units);
    }

    @PostMapping("/api/orders/lines/{id}/deliveries")
    Received deliver(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody Delivery delivery) {
        return onceOnly.write(
                key,
                List.of("deliver", id, units, delivery),
                Received.class,
                () -> orders.deliver(id, delivery, units));
    }
}
