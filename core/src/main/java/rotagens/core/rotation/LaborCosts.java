package rotagens.core.rotation;

import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.vehicle.Vehicle;

/**
 * How long wheels take, by our rule of thumb: a shop that measures its own times changes the hour's price accordingly.
 *
 * @param liftMinutes off, on and torqued, each wheel
 * @param mountMinutes a tire off its wheel and another on
 */
public record LaborCosts(int liftMinutes, int mountMinutes, double dollarsAnHour) {

    /**
     * As the fleet's policy prices it for a vehicle.
     *
     * @param vehicle light or heavy: its wheels take less or more
     * @param policy for what an hour of labor costs in its class
     * @return minutes and dollars
     */
    public static LaborCosts on(Vehicle vehicle, Policy policy) {
        double dollars = policy.of(vehicle.vehicleClass()).number(PolicyNumber.LABOR_RATE);
        return vehicle.isLight() ? new LaborCosts(8, 12, dollars) : new LaborCosts(15, 25, dollars);
    }

    int minutes(int lifted, int dismounted) {
        return lifted * liftMinutes + dismounted * mountMinutes;
    }

    long cents(int minutes) {
        return Math.round(dollarsAnHour * minutes / 60 * 100);
    }
}
