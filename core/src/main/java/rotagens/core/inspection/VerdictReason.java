package rotagens.core.inspection;

import java.util.Optional;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Reason;

/** One reason and the verdict it brings; where it rests on a finding of eye or hand, which. */
public record VerdictReason(Verdict verdict, Reason reason, Optional<Finding> finding) {

    /**
     * A reason without a way out.
     *
     * @param verdict what it comes to
     * @param reason why
     */
    public VerdictReason(Verdict verdict, Reason reason) {
        this(verdict, reason, Optional.empty());
    }
}
