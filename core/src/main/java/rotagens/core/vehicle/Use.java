package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.util.Optional;
import java.util.OptionalInt;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Load;
import rotagens.core.tire.SpeedSymbol;

/**
 * What decides, beside its ratings, which rules hold for a vehicle; whatever nobody has recorded is empty and is asked for.
 *
 * @param seats how many people it is built for, the driver included
 * @param forPay whether people ride for pay
 * @param combination gross combination weight rating: the vehicle with what it tows
 * @param speed the symbol its maker asks of the tires
 */
public record Use(
        OptionalInt seats, Optional<Boolean> forPay, Optional<Load> combination, Optional<SpeedSymbol> speed) {

    /** Nobody has recorded anything. */
    public static final Use UNKNOWN =
            new Use(OptionalInt.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    private static final int MOST_SEATS = 120;

    /**
     * Checks the seats.
     *
     * @param seats how many people it is built for, the driver included
     * @param forPay whether people ride for pay
     * @param combination gross combination weight rating
     * @param speed the symbol its maker asks of the tires
     * @throws InvalidInputException for fewer than one seat or more than any coach has
     */
    public Use {
        if (seats.isPresent() && (seats.getAsInt() < 1 || seats.getAsInt() > MOST_SEATS)) {
            throw new InvalidInputException(WORDS.say("vehicleIsBuiltFor1", "mostSeats", MOST_SEATS));
        }
    }
}
