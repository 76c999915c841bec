package rotagens.server.fleet;

import java.util.List;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judgement;
import rotagens.core.measure.Units;

/** The answer for one tire in the reader's units, worst reason first. */
public record JudgementView(Verdict verdict, List<ReasonView> reasons) {

    public static JudgementView of(Judgement judgement, Units units) {
        return new JudgementView(
                judgement.verdict(),
                judgement.reasons().stream()
                        .map(judged -> ReasonView.of(judged, units))
                        .toList());
    }
}
