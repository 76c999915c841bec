package rotagens.core.rotation;

import java.util.OptionalDouble;
import rotagens.core.measure.Money;

/**
 * What an arrangement gives and costs.
 *
 * @param monthsToPurchase until the first tire on an axle reaches its pull point or the overall age limit; empty where no clock
 *     is known
 * @param steerYears age of the oldest tire on steer; empty where unknown or without a steer axle
 * @param treadDifference32nds largest difference of mean tread between the tires of one axle
 * @param dualInches largest difference in diameter within a dual
 * @param lifted wheels lifted
 * @param demounted tires taken off or put on a wheel
 * @param purchased new tires
 * @param fromStock tires taken from stock
 * @param minutes of labor, by our rule of thumb
 * @param money tires to buy and labor
 * @param unusedMonths months of life in the tires taken off
 */
public record ArrangementMetrics(
        OptionalDouble monthsToPurchase,
        OptionalDouble steerYears,
        double treadDifference32nds,
        double dualInches,
        int lifted,
        int demounted,
        int purchased,
        int fromStock,
        int minutes,
        Money money,
        double unusedMonths) {}
