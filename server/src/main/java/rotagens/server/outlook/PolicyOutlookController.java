package rotagens.server.outlook;

import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.fleet.FleetCache;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.policy.PolicySettingRequest;
import rotagens.server.policy.PolicyStore;

/** What a change of policy would do to the next fifteen years, before it is kept. */
@RestController
class PolicyOutlookController {

    private final FleetCache fleet;
    private final PolicyStore policyStore;
    private final OutlookService outlookService;

    PolicyOutlookController(FleetCache fleet, PolicyStore policyStore, OutlookService outlookService) {
        this.fleet = fleet;
        this.policyStore = policyStore;
        this.outlookService = outlookService;
    }

    /** The whole fleet, everything run to its limit; stores nothing. */
    @PostMapping("/api/policy/{number}/outlook")
    @Transactional(readOnly = true)
    public DifferenceView comparePolicyOutlook(
            @PathVariable PolicyNumber number,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody PolicySettingRequest typed) {
        PolicySettingRequest.Read read = typed.read(number, false);
        return outlookService.between(
                fleet.all(), fleet.under(policyStore.with(number, read.scope(), read.value())), units);
    }
}
