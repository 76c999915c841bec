package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.inspection.TireClocks.Clock;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
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
        inspectionDue(one.state(), one.policy())
                .filter(due -> !due.date().isAfter(one.today()))
                .ifPresent(due -> reasons.add(new Judged(Verdict.PLAN, due.reason())));
        return reasons;
    }

    /** When the next yearly professional inspection is due: from the fifth year on, a year after the last. */
    public static Optional<Clock> inspectionDue(TireState state, Policy.ForClass policy) {
        double from = policy.number(PolicyNumber.AGE_INSPECTION_FROM);
        return state.tire().flatMap(tire -> tire.made()).map(made -> {
            LocalDate first = made.reaches(from);
            Optional<LocalDate> last = state.lastProfessional().filter(on -> !on.isBefore(first.minusYears(1)));
            LocalDate due = last.map(on -> on.plusYears(1))
                    .filter(next -> next.isAfter(first))
                    .orElse(first);
            Phrase says = last.isPresent()
                    ? Phrase.of("Professional inspection of {}, next {}", last.get(), due)
                    : Phrase.of("{} years old {}, no professional inspection since", TireClocks.plain(from), first);
            return new Clock(
                    Rule.AGE_INSPECTION,
                    due,
                    Reason.of(
                            Rule.AGE_INSPECTION,
                            says,
                            Phrase.of("DOT {}", made.stamped()),
                            Phrase.of("yearly from {} y", TireClocks.plain(from)),
                            "A qualified tire professional looks inside and out, and the verdict is recorded."));
        });
    }
}
