package rotagens.server.fleet;

import java.util.List;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Assessment;
import rotagens.core.measure.Units;

/** The answer for one tire in the reader's units, worst reason first. */
public record AssessmentView(Verdict verdict, List<ReasonView> reasons) {

    public static AssessmentView of(Assessment assessment, Units units) {
        return new AssessmentView(
                assessment.verdict(),
                assessment.reasons().stream()
                        .map(verdictReason -> ReasonView.of(verdictReason, units))
                        .toList());
    }
}
