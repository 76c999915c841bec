package rotagens.server.purchasing;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvText;
import rotagens.server.outbox.Outbox;
import rotagens.server.outbox.Outbox.OutboxMessageView;
import rotagens.server.pdf.PdfRenderer;
import rotagens.server.purchasing.OrderNeeds.SupplierList;
import rotagens.server.purchasing.Suppliers.DiscountProgramRequest;
import rotagens.server.purchasing.Suppliers.DiscountProgramView;
import rotagens.server.purchasing.Suppliers.SendOrderRequest;
import rotagens.server.purchasing.Suppliers.SentOrderView;
import rotagens.server.purchasing.Suppliers.SupplierRequest;
import rotagens.server.purchasing.Suppliers.SupplierView;
import rotagens.server.web.IdempotentRequests;

@RestController
class BuyingController {

    private final OrderNeeds listOrderNeeds;
    private final Suppliers listSuppliers;
    private final Outbox outbox;
    private final IdempotentRequests idempotentRequests;

    BuyingController(OrderNeeds list, Suppliers suppliers, Outbox outbox, IdempotentRequests idempotentRequests) {
        this.listOrderNeeds = list;
        this.listSuppliers = suppliers;
        this.outbox = outbox;
        this.idempotentRequests = idempotentRequests;
    }

    /** What has to be ordered, from whom and by when. */
    @GetMapping("/api/order-needs")
    List<SupplierList> listOrderNeeds(@RequestParam(defaultValue = "US") Units units) {
        return listOrderNeeds.of(units);
    }

    /** What has to be ordered as CSV. */
    @GetMapping("/api/order-needs.csv")
    ResponseEntity<byte[]> exportOrderNeeds(@RequestParam(defaultValue = "US") Units units) {
        return CsvText.answer("order-list", listOrderNeeds.csv(units));
    }

    /** What has to be ordered on paper. */
    @GetMapping(value = "/api/order-needs.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> printOrderNeeds(@RequestParam(defaultValue = "US") Units units) {
        return PdfRenderer.answer("order-list", listOrderNeeds.pdf(units));
    }

    /** Sends an order by mail. */
    @PostMapping("/api/orders/from-needs")
    SentOrderView sendOrder(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody SendOrderRequest wanted) {
        return idempotentRequests.write(
                key, List.of("send order", wanted), SentOrderView.class, () -> listSuppliers.send(wanted, units));
    }

    /** Suppliers with their delivery times. */
    @GetMapping("/api/suppliers")
    List<SupplierView> listSuppliers() {
        return listSuppliers.all();
    }

    /** Adds or changes a supplier. */
    @PostMapping("/api/suppliers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void saveSupplier(@RequestBody SupplierRequest form) {
        listSuppliers.save(form);
    }

    /** Discount programs and what they save. */
    @GetMapping("/api/discount-programs")
    List<DiscountProgramView> listDiscountPrograms(@RequestParam(defaultValue = "US") Units units) {
        return listSuppliers.programs(units);
    }

    /** Adds a discount program. */
    @PostMapping("/api/discount-programs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addDiscountProgram(@RequestBody DiscountProgramRequest form) {
        listSuppliers.addProgram(form);
    }

    /** Mail that would go out: the stand-in for a mail service. */
    @GetMapping("/api/outbox")
    List<OutboxMessageView> listOutbox() {
        return outbox.all();
    }
}
