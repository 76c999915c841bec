package rotagens.core.inspection;

import java.util.List;
import rotagens.core.fact.Verdict;
import rotagens.core.pressure.AxlePressure;
import rotagens.core.pressure.Notice;

/** What an axle's weights say of each tire on it: overload, and doubts that shake the certainty. */
final class LoadCheck {

    private LoadCheck() {}

    static List<VerdictReason> check(TireContext one) {
        return one.pressures().at(one.position()).map(AxlePressure::notices).stream()
                .flatMap(List::stream)
                .filter(notice -> notice.severity() != Notice.Severity.NOTE)
                .map(notice -> new VerdictReason(verdict(notice.severity()), notice.reason()))
                .toList();
    }

    private static Verdict verdict(Notice.Severity severity) {
        return switch (severity) {
            case NOTE -> Verdict.GOOD;
            case UNKNOWN -> Verdict.UNKNOWN;
            case WATCH -> Verdict.WATCH;
            case SERVICE_DUE -> Verdict.SERVICE_DUE;
            case DO_NOT_OPERATE -> Verdict.DO_NOT_OPERATE;
        };
    }
}
