package rotagens.core.inspection;

import java.util.Comparator;
import java.util.List;
import rotagens.core.fact.Verdict;

/** The answer for one tire: the worst of its reasons, and all of them, worst first. A fit tire has none. */
public record Assessment(Verdict verdict, List<VerdictReason> reasons) {

    static Assessment of(List<VerdictReason> reasons) {
        List<VerdictReason> worstFirst = reasons.stream()
                .sorted(Comparator.comparing(VerdictReason::verdict).reversed())
                .toList();
        return new Assessment(
                worstFirst.isEmpty() ? Verdict.GOOD : worstFirst.get(0).verdict(), worstFirst);
    }

    /**
     * The worst of many; fit where there is none.
     *
     * @param assessments of several tires
     * @return what holds for all together
     */
    public static Verdict worst(List<Assessment> assessments) {
        return assessments.stream()
                .map(Assessment::verdict)
                .max(Comparator.naturalOrder())
                .orElse(Verdict.GOOD);
    }
}
