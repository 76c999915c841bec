package rotagens.server.overview;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judgement;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.policy.Policies;
import rotagens.server.policy.PolicyEntry;

/** What a change of policy would do to today's verdicts, before it is kept. */
@RestController
class PolicyPreviewController {

    /** @param headline the worst reason then; null where the tire would be fit */
    record Turned(
            long vehicleId,
            String unit,
            String position,
            Verdict before,
            Verdict after,
            @Nullable String headline) {}

    private final KeptFleet fleet;
    private final Policies policies;

    PolicyPreviewController(KeptFleet fleet, Policies policies) {
        this.fleet = fleet;
        this.policies = policies;
    }

    @PostMapping("/api/policy/{number}/preview")
    List<Turned> preview(
            @PathVariable PolicyNumber number,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody PolicyEntry typed) {
        PolicyEntry.Read read = typed.read(number, false);
        Map<Long, Standing> now = fleet.all().stream()
                .collect(Collectors.toMap(one -> one.onFile().id(), Function.identity()));
        List<Turned> turned = new ArrayList<>();
        for (Standing then : fleet.under(policies.with(number, read.scope(), read.value()))) {
            then.judgements().forEach((position, judged) -> {
                Judgement before = now.get(then.onFile().id()).judgements().get(position);
                if (before.verdict() != judged.verdict()) {
                    turned.add(new Turned(
                            then.onFile().id(),
                            then.onFile().facts().unit(),
                            position.code(),
                            before.verdict(),
                            judged.verdict(),
                            judged.reasons().stream()
                                    .findFirst()
                                    .map(one -> one.reason().says().in(units))
                                    .orElse(null)));
                }
            });
        }
        return turned;
    }
}
