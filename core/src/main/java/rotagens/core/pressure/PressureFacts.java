package rotagens.core.pressure;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.vehicle.LoadState;
import rotagens.core.weighing.Slip;

/**
 * What is on record about a vehicle's loads and pressures.
 *
 * @param slips newest first
 * @param preset the load state in force
 * @param choice the school a person chose; empty where our own order stands
 * @param trims chalk-line results by axle
 * @param thresholds at which the warning system is set, by axle
 * @param bodyChanged when body or fixed equipment last changed
 */
public record PressureFacts(
        ChartBook book,
        List<Slip> slips,
        Preset preset,
        Optional<Choice> choice,
        Map<Integer, Trim> trims,
        Map<Integer, Threshold> thresholds,
        Optional<LocalDate> bodyChanged) {

    /** The load state in force, why, and until when where it ends. */
    public record Preset(LoadState state, String why, Optional<LocalDate> until) {

        public static final Preset USUAL = new Preset(LoadState.USUAL, "usual", Optional.empty());
    }

    /**
     * A named person's choice for the vehicle.
     *
     * @param belowPlacard a manager allowed the weighed pressure under the placard on a light vehicle
     * @param tires the model on each axle when it was chosen; another one since voids it there
     */
    public record Choice(
            School school, String reason, String by, LocalDate on, boolean belowPlacard, Map<Integer, String> tires) {}

    /**
     * What a chalk-line trial ended at.
     *
     * @param confirmed whether cold readings since have found the axle's tires at it
     */
    public record Trim(Pressure pressure, LoadState state, LocalDate on, String by, String tire, boolean confirmed) {

        /** As the warm trial left it. */
        public Trim(Pressure pressure, LoadState state, LocalDate on, String by, String tire) {
            this(pressure, state, on, by, tire, false);
        }

        Trim confirmedCold() {
            return new Trim(pressure, state, on, by, tire, true);
        }
    }

    /**
     * At which pressure the vehicle's system warns.
     *
     * @param fixed a pressure as set; empty where it is a share
     * @param belowSet the share under the set target, 0.12 for 12 %
     * @param lowered set lower than it once was: a permanent mark
     */
    public record Threshold(
            Optional<Pressure> fixed,
            double belowSet,
            LocalDate on,
            String by,
            String why,
            boolean lowered,
            String tire) {

        /** At which pressure it warns with a target set; empty where it is a share of a target that isn't known. */
        public Optional<Pressure> warnsAt(Optional<Pressure> target) {
            return fixed.or(() -> target.map(goal -> AxleSolver.psi(goal.psi() * (1 - belowSet))));
        }
    }

    public static final PressureFacts NONE = new PressureFacts(
            ChartBook.EMPTY, List.of(), Preset.USUAL, Optional.empty(), Map.of(), Map.of(), Optional.empty());

    public PressureFacts {
        slips = slips.stream().sorted(Comparator.comparing(Slip::on).reversed()).toList();
        trims = Map.copyOf(trims);
        thresholds = Map.copyOf(thresholds);
    }

    /** The same facts with another load state in force. */
    public PressureFacts loaded(LoadState state) {
        return new PressureFacts(
                book,
                slips,
                new Preset(state, state.words(), Optional.empty()),
                choice,
                trims,
                thresholds,
                bodyChanged);
    }

    /** The same facts with the trials confirmed that a condition says cold readings have confirmed. */
    public PressureFacts confirming(java.util.function.BiPredicate<Integer, Trim> confirmedCold) {
        Map<Integer, Trim> now = new java.util.HashMap<>();
        trims.forEach((axle, trim) -> now.put(axle, confirmedCold.test(axle, trim) ? trim.confirmedCold() : trim));
        return new PressureFacts(book, slips, preset, choice, now, thresholds, bodyChanged);
    }

    /** The newest slip of a load state. */
    public Optional<Slip> slip(LoadState state) {
        return slips.stream().filter(slip -> slip.state() == state).findFirst();
    }
}
