package rotagens.core.rotation;

import java.util.OptionalDouble;
import rotagens.core.measure.Money;

/**
 * What an arrangement gives and costs.
 *
 * @param monthsToPurchase until the first tire on an axle reaches its pull point or the overall age limit; empty where no clock
 *     is known
 * @param steerYears age of the oldest tire on steer; empty where unknown or without a steer axle
 * @param spread32nds largest difference of mean tread between the tires of one axle
 * @param dualInches largest difference in diameter within a dual
 * @param lifted wheels lifted
 * @param dismounted tires taken off or put on a wheel
 * @param bought new tires
 * @param fromStock tires taken from stock
 * @param minutes of labor, by our rule of thumb
 * @param money tires to buy and labor
 * @param monthsLeftOff months of life in the tires taken off
 */
public record Measures(
        OptionalDouble monthsToPurchase,
        OptionalDouble steerYears,
        double spread32nds,
        double dualInches,
        int lifted,
        int dismounted,
        int bought,
        int fromStock,
        int minutes,
        Money money,
        double monthsLeftOff) {}
