package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.ScaleTicket;

/**
 * What is on record about a vehicle's loads and pressures.
 *
 * @param scaleTickets newest first
 * @param currentLoadState the load state in force
 * @param choice the school a person chose; empty where our own order stands
 * @param chalkTestResults chalk-line results by axle
 * @param thresholds at which the warning system is set, by axle
 * @param bodyChanged when body or fixed equipment last changed
 */
public record PressureInputs(
        LoadCharts charts,
        List<ScaleTicket> scaleTickets,
        CurrentLoadState currentLoadState,
        Optional<MethodChoice> choice,
        Map<Integer, ChalkTestResult> chalkTestResults,
        Map<Integer, WarningThreshold> thresholds,
        Optional<LocalDate> bodyChanged) {

    /** The load state in force, why, and until when where it ends. */
    public record CurrentLoadState(LoadState state, String reason, Optional<LocalDate> until) {

        /** As a vehicle mostly travels, where nobody set anything. */
        public static final CurrentLoadState USUAL = new CurrentLoadState(LoadState.NORMAL, "usual", Optional.empty());
    }

    /**
     * A named person's choice for the vehicle.
     *
     * @param allowsBelowPlacard a manager allowed the weighed pressure under the placard on a light vehicle
     * @param tires the model on each axle when it was chosen; another one since voids it there
     */
    public record MethodChoice(
            PressureMethod method,
            String reason,
            String by,
            LocalDate on,
            boolean allowsBelowPlacard,
            Map<Integer, String> tires) {}

    /**
     * What a chalk-line trial ended at.
     *
     * @param confirmed whether cold readings since have found the axle's tires at it
     */
    public record ChalkTestResult(
            Pressure pressure, LoadState state, LocalDate on, String by, String tire, boolean confirmed) {

        /**
         * As the warm trial left it.
         *
         * @param pressure found by chalk
         * @param state the load it was found with
         * @param on the day
         * @param by who did it
         * @param tire the model it was found with
         */
        public ChalkTestResult(Pressure pressure, LoadState state, LocalDate on, String by, String tire) {
            this(pressure, state, on, by, tire, false);
        }

        ChalkTestResult confirmedCold() {
            return new ChalkTestResult(pressure, state, on, by, tire, true);
        }
    }

    /**
     * At which pressure the vehicle's system warns.
     *
     * @param fixed a pressure as set; empty where it is a share
     * @param belowSet the share under the set target, 0.12 for 12 %
     * @param lowered set lower than it once was: a permanent mark
     */
    public record WarningThreshold(
            Optional<Pressure> fixed,
            double belowSet,
            LocalDate on,
            String by,
            String reason,
            boolean lowered,
            String tire) {

        /**
         * At which pressure it warns with a target set; empty where it is a share of a target that isn't known.
         *
         * @param target the cold target; empty where there is none
         * @return cold
         */
        public Optional<Pressure> thresholdPressure(Optional<Pressure> target) {
            return fixed.or(() -> target.map(goal -> AxlePressureCalculator.psi(goal.psi() * (1 - belowSet))));
        }
    }

    /** Nothing on record. */
    public static final PressureInputs NONE = new PressureInputs(
            LoadCharts.EMPTY,
            List.of(),
            CurrentLoadState.USUAL,
            Optional.empty(),
            Map.of(),
            Map.of(),
            Optional.empty());

    /**
     * Keeps its own copies, the newest scale ticket first.
     *
     * @param charts those on file
     * @param scaleTickets in any order; kept newest first
     * @param currentLoadState the load state in force
     * @param choice the method a person chose
     * @param chalkTestResults by axle
     * @param thresholds by axle
     * @param bodyChanged when body or fixed equipment last changed
     */
    public PressureInputs {
        scaleTickets = scaleTickets.stream()
                .sorted(Comparator.comparing(ScaleTicket::on).reversed())
                .toList();
        chalkTestResults = Map.copyOf(chalkTestResults);
        thresholds = Map.copyOf(thresholds);
    }

    /**
     * The same facts with another load state in force.
     *
     * @param state how it travels
     * @return otherwise the same
     */
    public PressureInputs loaded(LoadState state) {
        return new PressureInputs(
                charts,
                scaleTickets,
                new CurrentLoadState(state, state.label(), Optional.empty()),
                choice,
                chalkTestResults,
                thresholds,
                bodyChanged);
    }

    /**
     * The same facts with the trials confirmed that a condition says cold readings have confirmed.
     *
     * @param confirmedCold says of an axle’s trial whether cold readings have confirmed it
     * @return otherwise the same
     */
    public PressureInputs confirming(java.util.function.BiPredicate<Integer, ChalkTestResult> confirmedCold) {
        Map<Integer, ChalkTestResult> now = new java.util.HashMap<>();
        chalkTestResults.forEach((axle, chalkTestResult) -> now.put(
                axle, confirmedCold.test(axle, chalkTestResult) ? chalkTestResult.confirmedCold() : chalkTestResult));
        return new PressureInputs(charts, scaleTickets, currentLoadState, choice, now, thresholds, bodyChanged);
    }

    /**
     * The newest slip of a load state.
     *
     * @param state how it traveled when it was weighed
     * @return empty where it never was
     */
    public Optional<ScaleTicket> scaleTicket(LoadState state) {
        return scaleTickets.stream()
                .filter(scaleTicket -> scaleTicket.state() == state)
                .findFirst();
    }
}
