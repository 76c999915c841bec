package rotagens.core.inspection;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.wear.Tread;
import rotagens.core.wear.TreadBound;

/**
 * What was read off one tire at one time, by whom.
 *
 * @param odometer as driven, counted on through a replaced odometer
 * @param temperature of the air where it stood, for rates of loss
 * @param filled air was added or let out just before: a rate of loss starts anew here
 * @param bound what a wear bar or a coin said where the tread wasn't gauged
 * @param dotOutward whether the sidewall with the full DOT code faced outward; empty where nobody looked
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
        Optional<Boolean> dotOutward) {

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

    public boolean hasColdPressure() {
        return pressure.isPresent() && warmth == Warmth.COLD;
    }
}
