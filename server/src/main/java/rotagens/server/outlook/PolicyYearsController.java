package rotagens.server.outlook;

import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.outlook.OutlookViews.DifferenceView;
import rotagens.server.policy.Policies;
import rotagens.server.policy.PolicyEntry;

/** What a change of policy would do to the next fifteen years, before it is kept. */
@RestController
class PolicyYearsController {

    private final KeptFleet fleet;
    private final Policies policies;
    private final Outlooks outlooks;

    PolicyYearsController(KeptFleet fleet, Policies policies, Outlooks outlooks) {
        this.fleet = fleet;
        this.policies = policies;
        this.outlooks = outlooks;
    }

    /** The whole fleet, everything run to its limit; stores nothing. */
    @PostMapping("/api/policy/{number}/years")
    @Transactional(readOnly = true)
    public DifferenceView years(
            @PathVariable PolicyNumber number,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody PolicyEntry typed) {
        PolicyEntry.Read read = typed.read(number, false);
        return outlooks.between(fleet.all(), fleet.under(policies.with(number, read.scope(), read.value())), units);
    }
}
