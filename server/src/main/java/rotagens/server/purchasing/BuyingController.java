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
import rotagens.server.pdf.PdfRenderer;
import rotagens.server.purchasing.OrderNeeds.SupplierList;
import rotagens.server.purchasing.Suppliers.DiscountProgramRequest;
import rotagens.server.purchasing.Suppliers.DiscountProgramView;
import rotagens.server.purchasing.Suppliers.OutboxMessageView;
import rotagens.server.purchasing.Suppliers.SendOrderRequest;
import rotagens.server.purchasing.Suppliers.SentOrderView;
import rotagens.server.purchasing.Suppliers.SupplierRequest;
import rotagens.server.purchasing.Suppliers.SupplierView;
import rotagens.server.web.IdempotentRequests;

@RestController
class BuyingController {

    private final OrderNeeds list;
    private final Suppliers suppliers;
    private final IdempotentRequests idempotentRequests;

    BuyingController(OrderNeeds list, Suppliers suppliers, IdempotentRequests idempotentRequests) {
        this.list = list;
        this.suppliers = suppliers;
        this.idempotentRequests = idempotentRequests;
    }

    @GetMapping("/api/order-list")
    List<SupplierList> list(@RequestParam(defaultValue = "US") Units units) {
        return list.of(units);
    }

    @GetMapping("/api/order-list.csv")
    ResponseEntity<byte[]> csv(@RequestParam(defaultValue = "US") Units units) {
        return CsvText.answer("order-list", list.csv(units));
    }

    @GetMapping(value = "/api/order-list.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> pdf(@RequestParam(defaultValue = "US") Units units) {
        return PdfRenderer.answer("order-list", list.pdf(units));
    }

    @PostMapping("/api/order-list/send")
    SentOrderView send(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody SendOrderRequest wanted) {
        return idempotentRequests.write(
                key, List.of("send order", wanted), SentOrderView.class, () -> suppliers.send(wanted, units));
    }

    @GetMapping("/api/suppliers")
    List<SupplierView> suppliers() {
        return suppliers.all();
    }

    @PostMapping("/api/suppliers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void save(@RequestBody SupplierRequest form) {
        suppliers.save(form);
    }

    @GetMapping("/api/discount-programs")
    List<DiscountProgramView> programs(@RequestParam(defaultValue = "US") Units units) {
        return suppliers.programs(units);
    }

    @PostMapping("/api/discount-programs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addProgram(@RequestBody DiscountProgramRequest form) {
        suppliers.addProgram(form);
    }

    /** Mail that would go out: the stand-in for a mail service. */
    @GetMapping("/api/outbox")
    List<OutboxMessageView> outbox() {
        return suppliers.outbox();
    }
}
