package rotagens.server.purchasing;

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
import rotagens.server.people.People;
import rotagens.server.purchasing.OrderViews.DeliveryCheckView;
import rotagens.server.purchasing.OrderViews.DeliveryRequest;
import rotagens.server.purchasing.OrderViews.OrderRequest;
import rotagens.server.purchasing.OrderViews.OrderView;
import rotagens.server.purchasing.OrderViews.ReceivedDeliveryView;
import rotagens.server.purchasing.OrderViews.ReceivingStepView;
import rotagens.server.web.IdempotentRequests;

@RestController
class OrderController {

    record NewOrderView(long id) {}

    private final Orders listOrders;
    private final OrderWithdrawal withdrawal;
    private final People people;
    private final IdempotentRequests idempotentRequests;

    OrderController(Orders orders, OrderWithdrawal withdrawal, People people, IdempotentRequests idempotentRequests) {
        this.withdrawal = withdrawal;
        this.listOrders = orders;
        this.people = people;
        this.idempotentRequests = idempotentRequests;
    }

    /** Orders with what came of them. */
    @GetMapping("/api/orders")
    List<OrderView> listOrders() {
        return listOrders.all();
    }

    /** The steps of a receiving inspection. */
    @GetMapping("/api/orders/receiving-steps")
    List<ReceivingStepView> listReceivingSteps() {
        return ReceivingChecklists.steps();
    }

    /** Orders tires. */
    @PostMapping("/api/orders")
    NewOrderView addOrder(
            @RequestHeader(name = "Idempotency-Key", required = false) String key, @RequestBody OrderRequest wanted) {
        return idempotentRequests.write(
                key,
                List.of("order", wanted),
                NewOrderView.class,
                () -> new NewOrderView(listOrders.order(wanted, people.me())));
    }

    /** Closes an order that brings nothing more. */
    @PostMapping("/api/orders/{id}/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void closeOrder(@PathVariable long id) {
        listOrders.close(id);
    }

    /** Opens an order again that was closed by mistake. */
    @PostMapping("/api/orders/{id}/reopen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reopenOrder(@PathVariable long id) {
        withdrawal.reopen(id);
    }

    /** Takes back an order that was written by mistake; its supplier is told where a mail had gone out. */
    @PostMapping("/api/orders/{id}/withdraw")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdrawOrder(@PathVariable long id) {
        withdrawal.withdraw(id);
    }

    /** Judges what a delivery brings before it is taken in. Nothing is stored. */
    @PostMapping("/api/orders/lines/{id}/check")
    DeliveryCheckView checkDelivery(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody DeliveryRequest deliveryRequest) {
        return listOrders.check(id, deliveryRequest, units);
    }

    /** Takes a delivery in, tire by tire. */
    @PostMapping("/api/orders/lines/{id}/deliveries")
    ReceivedDeliveryView receiveDelivery(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody DeliveryRequest deliveryRequest) {
        return idempotentRequests.write(
                key,
                List.of("deliver", id, units, deliveryRequest),
                ReceivedDeliveryView.class,
                () -> listOrders.deliver(id, deliveryRequest, units));
    }
}
