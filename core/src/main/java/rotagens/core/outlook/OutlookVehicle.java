package rotagens.core.outlook;

import static rotagens.core.outlook.OutlookWords.WORDS;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.TreadDepth;
import rotagens.core.vehicle.Position;

/**
 * A vehicle as the years ahead depend on it.
 *
 * @param liftMinutes off, on and torqued, each wheel
 * @param mountMinutes a tire off its wheel and another on
 */
public record OutlookVehicle(
        long id,
        String unit,
        String vehicleClass,
        String yard,
        List<InstalledTire> spots,
        int liftMinutes,
        int mountMinutes,
        OutlookPolicy policy) {

    /**
     * A position with the tire that is on it now.
     *
     * @param size tires change places only within one size
     * @param made the Sunday of its DOT week; empty where nobody has read it
     * @param depth the lowest of it in 32nds; empty where not measured
     * @param fresh depth of a new one in 32nds
     * @param perDay 32nds it loses a day; zero where not known or where it doesn't roll
     * @param spread of that rate as a share, half the range
     * @param pull depth at which it goes
     * @param steerLimit whether the steer age counts here
     * @param sensor the day its sensor's battery is overdue; empty without one
     * @param cents a new tire's price today
     */
    public record InstalledTire(
            Position position,
            String size,
            Optional<LocalDate> made,
            Optional<Double> depth,
            double fresh,
            double perDay,
            double spread,
            double pull,
            boolean steerLimit,
            Optional<LocalDate> sensor,
            long cents) {}

    /**
     * Keeps the tires as they are.
     *
     * @param id of the vehicle
     * @param unit its name in the fleet
     * @param vehicleClass its class
     * @param yard where it stands
     * @param spots its positions with their tires
     * @param liftMinutes to lift it
     * @param mountMinutes for a tire
     * @param policy the fleet’s numbers for it
     */
    public OutlookVehicle {
        spots = List.copyOf(spots);
    }

    /**
     * Why its years can't be played.
     *
     * @return what would have to change; empty where they can be played
     */
    public Optional<Message> impossible() {
        return policy.impossible()
                .or(() -> spots.stream()
                        .filter(installedTire -> installedTire.fresh() <= installedTire.pull())
                        .findFirst()
                        .map(installedTire -> WORDS.message(
                                "newTireHasOfTread",
                                "unit",
                                unit,
                                "position",
                                installedTire.position().code(),
                                "fresh",
                                TreadDepth.of32nds(installedTire.fresh()),
                                "pull",
                                TreadDepth.of32nds(installedTire.pull()))));
    }
}
