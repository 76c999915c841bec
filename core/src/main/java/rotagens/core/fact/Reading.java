package rotagens.core.fact;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;
import rotagens.core.wear.TreadGrid;

/**
 * What was read off one tire at one time, by whom.
 *
 * @param odometer as driven, counted on through a replaced odometer
 * @param temperature of the air where it stood, for rates of loss
 * @param filled air was added or let out just before: a rate of loss starts anew here
 * @param bound what a wear bar or a coin said where the tread wasn't gauged
 * @param dotOutward whether the sidewall with the full DOT code faced outward; empty where nobody looked
 * @param grid every depth, where several places or other grooves than three were measured; the tread then holds its zones
 * @param inForce what was in force when it was taken; empty where nobody kept it
 */
public record Reading(
        LocalDate on,
        String by,
        Optional<Distance> odometer,
        Optional<Pressure> pressure,
        Warmth warmth,
        Tread tread,
        Optional<Temperature> temperature,
        boolean filled,
        Optional<TreadBound> bound,
        Optional<Boolean> dotOutward,
        Optional<TreadGrid> grid,
        Optional<InForce> inForce) {

    /** Three grooves at one place, and nobody kept what was in force. */
    public Reading(
            LocalDate on,
            String by,
            Optional<Distance> odometer,
            Optional<Pressure> pressure,
            Warmth warmth,
            Tread tread,
            Optional<Temperature> temperature,
            boolean filled,
            Optional<TreadBound> bound,
            Optional<Boolean> dotOutward) {
        this(
                on,
                by,
                odometer,
                pressure,
                warmth,
                tread,
                temperature,
                filled,
                bound,
                dotOutward,
                Optional.empty(),
                Optional.empty());
    }

    /** Read as it was, no thermometer at hand. */
    public Reading(
            LocalDate on,
            String by,
            Optional<Distance> odometer,
            Optional<Pressure> pressure,
            Warmth warmth,
            Tread tread) {
        this(on, by, odometer, pressure, warmth, tread, Optional.empty(), false, Optional.empty(), Optional.empty());
    }

    /** The same, stamped with what was in force. */
    public Reading with(InForce then) {
        return new Reading(
                on,
                by,
                odometer,
                pressure,
                warmth,
                tread,
                temperature,
                filled,
                bound,
                dotOutward,
                grid,
                Optional.of(then));
    }

    public boolean hasColdPressure() {
        return pressure.isPresent() && warmth == Warmth.COLD;
    }
}
