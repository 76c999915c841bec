package rotagens.core.inspection;

import java.util.Comparator;
import java.util.List;
import rotagens.core.fact.Verdict;

/** The answer for one tire: the worst of its reasons, and all of them, worst first. A fit tire has none. */
public record Judgement(Verdict verdict, List<Judged> reasons) {

    static Judgement of(List<Judged> reasons) {
        List<Judged> worstFirst = reasons.stream()
                .sorted(Comparator.comparing(Judged::verdict).reversed())
                .toList();
        return new Judgement(
                worstFirst.isEmpty() ? Verdict.FIT : worstFirst.get(0).verdict(), worstFirst);
    }

    /** The worst of many; fit where there is none. */
    public static Verdict worst(List<Judgement> judgements) {
        return judgements.stream()
                .map(Judgement::verdict)
                .max(Comparator.naturalOrder())
                .orElse(Verdict.FIT);
    }
}
