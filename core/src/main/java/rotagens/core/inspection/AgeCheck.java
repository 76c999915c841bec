package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.TireClocks.Clock;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;

/** Age from the DOT week against the fleet's limits, and the yearly professional inspection. */
public final class AgeCheck {

    private AgeCheck() {}

    static List<Judged> check(Case one) {
        if (one.tire().made().isEmpty()) {
            return List.of(
                    new Judged(
                            Verdict.NOT_KNOWN,
                            Reason.of(
                                    Rule.DOT_DATE,
                                    Phrase.of("DOT date not on file"),
                                    Phrase.of("no DOT date"),
                                    Phrase.of(""),
                                    "The full code stands on one sidewall only, often the inboard one: read the other sidewall.")));
        }
        List<Judged> reasons = new ArrayList<>();
        LocalDate horizon = one.today().plusDays(one.policy().days(PolicyNumber.FORECAST_DAYS));
        for (Clock clock : TireClocks.age(one.vehicle(), one.state(), one.policy(), one.today())) {
            boolean passed = !clock.date().isAfter(one.today());
            if (passed && clock.rule() == Rule.AGE_OVERALL) {
                reasons.add(new Judged(Verdict.DO_NOT_OPERATE, clock.reason()));
            } else if (!clock.date().isAfter(horizon)) {
                reasons.add(new Judged(Verdict.PLAN, clock.reason()));
            }
        }
        TireClocks.inspectionDue(one.state(), one.policy())
                .filter(due -> !due.date().isAfter(one.today()))
                .ifPresent(due -> reasons.add(new Judged(Verdict.PLAN, due.reason())));
        return reasons;
    }
}
