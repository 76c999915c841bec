package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.LimitDates.LimitDate;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.PolicyNumber;

/** Age from the DOT week against the fleet's limits, and the yearly professional inspection. */
public final class AgeCheck {

    private AgeCheck() {}

    static List<VerdictReason> check(TireContext one) {
        if (one.tire().dotWeek().isEmpty()) {
            return List.of(new VerdictReason(
                    Verdict.UNKNOWN,
                    Reason.of(
                            Rule.DOT_DATE,
                            WORDS.message("dotDateNotOnFile"),
                            WORDS.message("noDotDate"),
                            Message.of(""),
                            WORDS.say("fullCodeIsOnOne"))));
        }
        List<VerdictReason> reasons = new ArrayList<>();
        LocalDate horizon = one.today().plusDays(one.policy().days(PolicyNumber.FORECAST_DAYS));
        for (LimitDate limitDate : LimitDates.age(one.vehicle(), one.state(), one.policy(), one.today())) {
            boolean passed = !limitDate.date().isAfter(one.today());
            if (passed && limitDate.rule() == Rule.AGE_OVERALL) {
                reasons.add(new VerdictReason(Verdict.DO_NOT_OPERATE, limitDate.reason()));
            } else if (!limitDate.date().isAfter(horizon)) {
                reasons.add(new VerdictReason(Verdict.SERVICE_DUE, limitDate.reason()));
            }
        }
        LimitDates.inspectionDue(one.state(), one.policy())
                .filter(due -> !due.date().isAfter(one.today()))
                .ifPresent(due -> reasons.add(new VerdictReason(Verdict.SERVICE_DUE, due.reason())));
        return reasons;
    }
}
