package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;

/**
 * A gauge by the name painted on it.
 *
 * @param calibrated when it was last checked against a master gauge; empty where nobody knows
 */
public record Gauge(String name, Kind kind, Optional<LocalDate> calibrated) {

    private static final int SOON_DAYS = 30;

    /** What it reads. */
    public enum Kind {
        PRESSURE("pressure"),
        TREAD("tread depth"),
        TORQUE("torque");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** When it is due at the master gauge again; a gauge never checked is due today. */
    public LocalDate due(Policy.ForClass policy, LocalDate today) {
        return calibrated
                .map(on -> on.plusMonths(policy.days(PolicyNumber.CALIBRATION_MONTHS)))
                .orElse(today);
    }

    /** Whether it has to be at the master gauge within a month: work to plan like any other. */
    public boolean dueSoon(Policy.ForClass policy, LocalDate today) {
        return !due(policy, today).isAfter(today.plusDays(SOON_DAYS));
    }

    /** Why its figures are less than certain today; empty while its calibration stands. */
    public Optional<Judged> doubt(Policy.ForClass policy, LocalDate today) {
        LocalDate due = due(policy, today);
        if (due.isAfter(today)) {
            return Optional.empty();
        }
        Phrase says = calibrated
                .map(on -> Phrase.of("{} was calibrated {}, due again {}", name, on, due))
                .orElse(Phrase.of("{} has no calibration on file", name));
        return Optional.of(new Judged(
                Verdict.WATCH,
                Reason.of(
                        Rule.GAUGE_CALIBRATED,
                        says,
                        calibrated.map(on -> Phrase.of("{}", on)).orElse(Phrase.of("never")),
                        Phrase.of("{} months", policy.days(PolicyNumber.CALIBRATION_MONTHS)),
                        "Check it against a master gauge. Its figures are kept, with its name and this doubt.")));
    }
}
