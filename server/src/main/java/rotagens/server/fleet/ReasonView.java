package rotagens.server.fleet;

import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Judged;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Units;

/** A reason in the reader's units. */
public record ReasonView(
        Verdict verdict,
        String rule,
        String says,
        String figure,
        String limit,
        String because,
        String authority,
        String source) {

    public static ReasonView of(Judged judged, Units units) {
        return of(judged.verdict(), judged.reason(), units);
    }

    public static ReasonView of(Verdict verdict, Reason reason, Units units) {
        return new ReasonView(
                verdict,
                reason.rule().title(),
                reason.says().in(units),
                reason.figure().in(units),
                reason.limit().in(units),
                reason.because().in(units),
                reason.rule().authority().words(),
                reason.rule().source());
    }
}
