package rotagens.core.weighing;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.measure.Load;
import rotagens.core.vehicle.LoadState;

/**
 * One weighing of a vehicle as it travels.
 *
 * @param on the day
 * @param state how it was loaded
 * @param scale which scale, for example <i>Eastbank platform</i>
 * @param axles in the order of the vehicle
 * @param gross the vehicle as a whole, where it was weighed so
 * @param tires the model fitted to each axle that day; another one since makes the slip old for that axle
 */
public record ScaleTicket(
        LocalDate on,
        LoadState state,
        String scale,
        List<AxleWeight> axles,
        Optional<Load> gross,
        Map<Integer, String> tires) {

    /**
     * Keeps copies, so that a slip never changes.
     *
     * @param on the day
     * @param state how it was loaded
     * @param scale which scale
     * @param axles in the order of the vehicle
     * @param gross the vehicle as a whole, where it was weighed so
     * @param tires the model fitted to each axle that day
     */
    public ScaleTicket {
        axles = List.copyOf(axles);
        tires = Map.copyOf(tires);
    }

    /**
     * What one axle weighed.
     *
     * @param number from the front, from 1
     * @return empty where it isn't on the slip
     */
    public Optional<AxleWeight> axle(int number) {
        return axles.stream().filter(one -> one.axle() == number).findFirst();
    }

    /**
     * The vehicle: the gross as weighed, else the sum of its axles.
     *
     * @return in lb
     */
    public double lb() {
        return gross.map(Load::lb)
                .orElseGet(() -> axles.stream().mapToDouble(AxleWeight::lb).sum());
    }
}
