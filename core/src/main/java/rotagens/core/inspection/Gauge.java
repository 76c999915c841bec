package rotagens.core.inspection;

import static rotagens.core.inspection.InspectionWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Message;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;

/**
 * A gauge by the name painted on it.
 *
 * @param calibrated when it was last checked against a master gauge; empty where nobody knows
 */
public record Gauge(String name, Type type, Optional<LocalDate> calibrated) {

    private static final int SOON_DAYS = 30;

    /** What it reads. */
    public enum Type {
        /** For cold and hot pressures. */
        PRESSURE(WORDS.say("pressure")),
        /** For grooves, in 32nds of an inch. */
        TREAD(WORDS.say("treadDepth")),
        /** For wheel nuts, in ft·lb. */
        TORQUE(WORDS.say("torque"));

        private final String label;

        Type(String words) {
            this.label = words;
        }

        /**
         * What it measures, in words.
         *
         * @return for a choice or a heading
         */
        public String label() {
            return label;
        }
    }

    /**
     * When it is due at the master gauge again; a gauge never checked is due today.
     *
     * @param policy how many months a calibration stands, for this class
     * @param today the day it is due where it was never calibrated
     * @return the day
     */
    public LocalDate due(Policy.ClassPolicy policy, LocalDate today) {
        return calibrated
                .map(on -> on.plusMonths(policy.days(PolicyNumber.CALIBRATION_MONTHS)))
                .orElse(today);
    }

    /**
     * Whether it has to be at the master gauge within a month: work to plan like any other.
     *
     * @param policy how many months a calibration stands, for this class
     * @param today the day it is judged on
     * @return whether it is due within a month
     */
    public boolean dueSoon(Policy.ClassPolicy policy, LocalDate today) {
        return !due(policy, today).isAfter(today.plusDays(SOON_DAYS));
    }

    /**
     * Why its figures are less than certain today; empty while its calibration stands.
     *
     * @param policy how many months a calibration stands, for this class
     * @param today the day it is judged on
     * @return never more than a note: a gauge out of date hides no alarm
     */
    public Optional<VerdictReason> doubt(Policy.ClassPolicy policy, LocalDate today) {
        LocalDate due = due(policy, today);
        if (due.isAfter(today)) {
            return Optional.empty();
        }
        Message says = calibrated
                .map(on -> WORDS.message("wasCalibratedDueAgain", "name", name, "on", on, "due", due))
                .orElse(WORDS.message("hasNoCalibrationOnFile", "name", name));
        return Optional.of(new VerdictReason(
                Verdict.WATCH,
                Reason.of(
                        Rule.GAUGE_CALIBRATED,
                        says,
                        calibrated.map(on -> Message.of("{}", on)).orElse(WORDS.message("never")),
                        WORDS.message("months", "calibrationMonths", policy.days(PolicyNumber.CALIBRATION_MONTHS)),
                        WORDS.say("checkItAgainstAMaster"))));
    }
}
