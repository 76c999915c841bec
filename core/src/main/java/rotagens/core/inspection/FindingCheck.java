package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;

/** Findings of eye and hand: each brings its own verdict until it is cleared. */
final class FindingCheck {

    private FindingCheck() {}

    static List<VerdictReason> check(TireContext one) {
        List<VerdictReason> reasons = new ArrayList<>();
        Set<String> told = new HashSet<>();
        for (OpenFinding open : one.state().open()) {
            Finding finding = open.finding();
            boolean byTreadCheck = finding.wearShape().isPresent();
            if (byTreadCheck || !told.add(open.label())) {
                continue;
            }
            Verdict verdict = verdict(finding, one);
            if (verdict == Verdict.GOOD) {
                continue;
            }
            reasons.add(new VerdictReason(
                    verdict,
                    Reason.of(
                            finding.rule(),
                            WORDS.message("seenBy", "open", open.label(), "on", open.on(), "by", open.by()),
                            Message.of(finding.label()),
                            Message.of(""),
                            finding == Finding.RETREAD_IDENTIFIED
                                    ? WORDS.say("retreadNeverRolls")
                                    : finding.explanation()),
                    java.util.Optional.of(finding)));
        }
        return reasons;
    }

    private static Verdict verdict(Finding finding, TireContext one) {
        boolean retreadOnSteer =
                finding == Finding.RETREAD_IDENTIFIED && one.vehicle().layout().isSteer(one.position());
        return retreadOnSteer ? Verdict.DO_NOT_OPERATE : finding.verdict();
    }
}
