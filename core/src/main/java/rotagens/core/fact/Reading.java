package rotagens.core.fact;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;

/**
 * What was read off one tire at one time, by whom.
 *
 * @param odometer as driven, counted on through a replaced odometer
 * @param temperature of the air where it stood, for rates of loss
 * @param isInflation air was added or let out just before: a rate of loss starts anew here
 * @param treadInterval what a wear bar or a coin said where the tread wasn't gauged
 * @param dotSideOut whether the sidewall with the full DOT code faced outward; empty where nobody looked
 * @param treadGrid every depth, where several places or other grooves than three were measured; the tread then holds its zones
 * @param inForce what was in force when it was taken; empty where nobody kept it
 */
public record Reading(
        LocalDate on,
        String by,
        Optional<Distance> odometer,
        Optional<Pressure> pressure,
        ThermalState thermalState,
        GrooveDepths tread,
        Optional<Temperature> temperature,
        boolean isInflation,
        Optional<TreadInterval> treadInterval,
        Optional<Boolean> dotSideOut,
        Optional<TreadGrid> treadGrid,
        Optional<InForce> inForce) {

    /**
     * Three grooves at one place, and nobody kept what was in force.
     *
     * @param on the day it was taken
     * @param by who took it
     * @param odometer as driven; empty where nobody read it
     * @param pressure empty where it wasn’t gauged
     * @param thermalState how warm the tire was
     * @param grooveDepths what was gauged of the tread
     * @param temperature of the air where it stood; empty without a thermometer
     * @param filled air was added or let out just before
     * @param bound what a wear bar or a coin said
     * @param dotOutward whether the side with the full DOT code faced outward; empty where nobody looked
     */
    public Reading(
            LocalDate on,
            String by,
            Optional<Distance> odometer,
            Optional<Pressure> pressure,
            ThermalState thermalState,
            GrooveDepths grooveDepths,
            Optional<Temperature> temperature,
            boolean filled,
            Optional<TreadInterval> bound,
            Optional<Boolean> dotOutward) {
        this(
                on,
                by,
                odometer,
                pressure,
                thermalState,
                grooveDepths,
                temperature,
                filled,
                bound,
                dotOutward,
                Optional.empty(),
                Optional.empty());
    }

    /**
     * Read as it was, no thermometer at hand.
     *
     * @param on the day it was taken
     * @param by who took it
     * @param odometer as driven; empty where nobody read it
     * @param pressure empty where it wasn’t gauged
     * @param thermalState how warm the tire was
     * @param grooveDepths what was gauged of the tread
     */
    public Reading(
            LocalDate on,
            String by,
            Optional<Distance> odometer,
            Optional<Pressure> pressure,
            ThermalState thermalState,
            GrooveDepths grooveDepths) {
        this(
                on,
                by,
                odometer,
                pressure,
                thermalState,
                grooveDepths,
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }

    /**
     * The same, stamped with what was in force.
     *
     * @param then what was in force when it was taken
     * @return the reading that later changes don’t reach
     */
    public Reading with(InForce then) {
        return new Reading(
                on,
                by,
                odometer,
                pressure,
                thermalState,
                tread,
                temperature,
                isInflation,
                treadInterval,
                dotSideOut,
                treadGrid,
                Optional.of(then));
    }

    /**
     * Whether the pressure was gauged on a cold tire.
     *
     * @return whether it may be held against a cold target
     */
    public boolean hasColdPressure() {
        return pressure.isPresent() && thermalState == ThermalState.COLD;
    }
}
