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
import rotagens.core.outlook.ReplacementStrategy;
import rotagens.server.importexport.CsvText;
import rotagens.server.outlook.OutlookViews.OutlookJobsView;
import rotagens.server.outlook.OutlookViews.OutlookRequest;
import rotagens.server.outlook.OutlookViews.OutlookView;
import rotagens.server.outlook.OutlookViews.VehicleTimelinesView;
import rotagens.server.web.IdempotentRequests;

@RestController
class OutlookController {

    private final OutlookService outlookService;
    private final OutlookScheduling plan;
    private final IdempotentRequests idempotentRequests;

    OutlookController(OutlookService outlookService, OutlookScheduling plan, IdempotentRequests idempotentRequests) {
        this.plan = plan;
        this.outlookService = outlookService;
        this.idempotentRequests = idempotentRequests;
    }

    /** Works the years out; stores nothing. */
    @PostMapping("/api/outlook")
    OutlookView calculateOutlook(@RequestParam(defaultValue = "US") Units units, @RequestBody OutlookRequest ask) {
        return outlookService.of(ask, units);
    }

    /** One vehicle's tires as ribbons; stores nothing. */
    @PostMapping("/api/outlook/vehicles/{id}/timelines")
    VehicleTimelinesView getTimelines(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody OutlookRequest ask) {
        return outlookService.timelines(id, ask, units);
    }

    /** The outlook as CSV. */
    @GetMapping("/api/outlook.csv")
    ResponseEntity<byte[]> exportOutlook(
            @RequestParam(defaultValue = "RUN_TO_LIMIT") ReplacementStrategy strategy,
            @RequestParam(required = false) String vehicleClass,
            @RequestParam(required = false) String yard,
            @RequestParam(defaultValue = "US") Units units) {
        String csv = outlookService.csv(new OutlookRequest(strategy, vehicleClass, yard, null, null), units);
        return CsvText.answer("outlook", csv);
    }

    /** The next two years of a strategy become jobs. */
    @PostMapping("/api/outlook/accept")
    OutlookJobsView createOutlookJobs(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody OutlookRequest ask) {
        return idempotentRequests.write(
                key, List.of("accept outlook", ask), OutlookJobsView.class, () -> plan.accept(ask, units));
    }
}
