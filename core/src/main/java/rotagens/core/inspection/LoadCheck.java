package rotagens.core.inspection;

import java.util.List;
import rotagens.core.fact.Verdict;
import rotagens.core.pressure.AxleAnswer;
import rotagens.core.pressure.Concern;

/** What an axle's weights say of each tire on it: overload, and doubts that shake the certainty. */
final class LoadCheck {

    private LoadCheck() {}

    static List<Judged> check(Case one) {
        return one.pressures().at(one.position()).map(AxleAnswer::concerns).stream()
                .flatMap(List::stream)
                .filter(concern -> concern.weight() != Concern.Weight.NOTE)
                .map(concern -> new Judged(verdict(concern.weight()), concern.reason()))
                .toList();
    }

    private static Verdict verdict(Concern.Weight weight) {
        return switch (weight) {
            case NOTE -> Verdict.FIT;
            case UNKNOWN -> Verdict.NOT_KNOWN;
            case WATCH -> Verdict.WATCH;
            case PLAN -> Verdict.PLAN;
            case STOP -> Verdict.DO_NOT_OPERATE;
        };
    }
}
