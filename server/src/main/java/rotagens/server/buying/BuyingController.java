package rotagens.server.buying;

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
import rotagens.server.buying.OrderList.SupplierList;
import rotagens.server.buying.Suppliers.MailView;
import rotagens.server.buying.Suppliers.ProgramForm;
import rotagens.server.buying.Suppliers.ProgramView;
import rotagens.server.buying.Suppliers.SendOrder;
import rotagens.server.buying.Suppliers.SentOrder;
import rotagens.server.buying.Suppliers.SupplierForm;
import rotagens.server.buying.Suppliers.SupplierView;
import rotagens.server.exchange.CsvText;
import rotagens.server.paper.Paper;
import rotagens.server.web.OnceOnly;

@RestController
class BuyingController {

    private final OrderList list;
    private final Suppliers suppliers;
    private final OnceOnly onceOnly;

    BuyingController(OrderList list, Suppliers suppliers, OnceOnly onceOnly) {
        this.list = list;
        this.suppliers = suppliers;
        this.onceOnly = onceOnly;
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
        return Paper.answer("order-list", list.pdf(units));
    }

    @PostMapping("/api/order-list/send")
    SentOrder send(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody SendOrder wanted) {
        return onceOnly.write(key, List.of("send order", wanted), SentOrder.class, () -> suppliers.send(wanted, units));
    }

    @GetMapping("/api/suppliers")
    List<SupplierView> suppliers() {
        return suppliers.all();
    }

    @PostMapping("/api/suppliers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void save(@RequestBody SupplierForm form) {
        suppliers.save(form);
    }

    @GetMapping("/api/discount-programs")
    List<ProgramView> programs(@RequestParam(defaultValue = "US") Units units) {
        return suppliers.programs(units);
    }

    @PostMapping("/api/discount-programs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addProgram(@RequestBody ProgramForm form) {
        suppliers.addProgram(form);
    }

    /** Mail that would go out: the stand-in for a mail service. */
    @GetMapping("/api/outbox")
    List<MailView> outbox() {
        return suppliers.outbox();
    }
}
