package rotagens.server.outlook;

import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.outlook.Strategy;
import rotagens.server.exchange.CsvText;
import rotagens.server.outlook.OutlookViews.AcceptedOutlook;
import rotagens.server.outlook.OutlookViews.OutlookAsk;
import rotagens.server.outlook.OutlookViews.OutlookView;
import rotagens.server.outlook.OutlookViews.RibbonsView;
import rotagens.server.web.OnceOnly;

@RestController
class OutlookController {

    private final Outlooks outlooks;
    private final OutlookPlan plan;
    private final OnceOnly onceOnly;

    OutlookController(Outlooks outlooks, OutlookPlan plan, OnceOnly onceOnly) {
        this.plan = plan;
        this.outlooks = outlooks;
        this.onceOnly = onceOnly;
    }

    /** Works the years out; stores nothing. */
    @PostMapping("/api/outlook")
    OutlookView outlook(@RequestParam(defaultValue = "US") Units units, @RequestBody OutlookAsk ask) {
        return outlooks.of(ask, units);
    }

    /** One vehicle's tires as ribbons; stores nothing. */
    @PostMapping("/api/outlook/vehicles/{id}")
    RibbonsView ribbons(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody OutlookAsk ask) {
        return outlooks.ribbons(id, ask, units);
    }

    @GetMapping("/api/outlook.csv")
    ResponseEntity<byte[]> csv(
            @RequestParam(defaultValue = "RUN_TO_LIMIT") Strategy strategy,
            @RequestParam(required = false) String vehicleClass,
            @RequestParam(required = false) String yard,
            @RequestParam(defaultValue = "US") Units units) {
        String csv = outlooks.csv(new OutlookAsk(strategy, vehicleClass, yard, null, null), units);
        return CsvText.answer("outlook", csv);
    }

    /** The next two years of a strategy become jobs. */
    @PostMapping("/api/outlook/accept")
    AcceptedOutlook accept(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody OutlookAsk ask) {
        return onceOnly.write(
                key, List.of("accept outlook", ask), AcceptedOutlook.class, () -> plan.accept(ask, units));
    }
}
