package rotagens.server.fleet;

import rotagens.core.fact.Verdict;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Units;

/** A reason in the reader's units. */
public record ReasonView(
        Verdict verdict,
        String rule,
        String statement,
        String figure,
        String limit,
        String explanation,
        String authority,
        String source) {

    public static ReasonView of(VerdictReason verdictReason, Units units) {
        return of(verdictReason.verdict(), verdictReason.reason(), units);
    }

    public static ReasonView of(Verdict verdict, Reason reason, Units units) {
        return new ReasonView(
                verdict,
                reason.rule().title(),
                reason.statement().in(units),
                reason.value().in(units),
                reason.limit().in(units),
                reason.explanation().in(units),
                reason.rule().authority().label(),
                reason.rule().source());
    }
}
