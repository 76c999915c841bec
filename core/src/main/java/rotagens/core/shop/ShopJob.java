package rotagens.core.shop;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Message;

/**
 * Work that wants a bay.
 *
 * @param id of the job, or of due work that has none yet
 * @param unit of its vehicle
 * @param vehicleClass of its vehicle
 * @param yard where it is done: the vehicle's own yard unless that can't
 * @param minutes in the bay
 * @param techniciansNeeded at least so many pairs of hands
 * @param requirements equipment it takes
 * @param earliest not before this day
 * @param blockedBy why not before, such as tires on order; empty where it is today
 * @param due the day it has to be done by
 * @param weight what a day late costs: higher where the vehicle must not roll until then
 * @param fit whether the vehicle could be in service meanwhile: one that mustn't roll anyway isn't missed
 * @param travel minutes to bring the vehicle there from its own yard
 * @param window days it is meant for; empty where any day will do
 * @param insteadOfDriving what is open to a vehicle that must not be driven to another yard, with its price, as a phrase
 */
public record ShopJob(
        String id,
        String unit,
        String vehicleClass,
        String yard,
        int minutes,
        int techniciansNeeded,
        Set<Equipment> requirements,
        LocalDate earliest,
        Optional<Message> blockedBy,
        LocalDate due,
        int weight,
        boolean fit,
        int travel,
        Optional<DayWindow> window,
        Optional<Message> insteadOfDriving) {

    /**
     * Work that any day will do for.
     *
     * @param id of the job, or of due work that has none yet
     * @param unit of its vehicle
     * @param vehicleClass of its vehicle
     * @param yard where it is done
     * @param minutes in the bay
     * @param techniciansNeeded at least so many pairs of hands
     * @param requirements equipment it takes
     * @param earliest not before this day
     * @param blockedBy why not before
     * @param due the day it has to be done by
     * @param weight what a day late costs
     * @param fit whether the vehicle could be in service meanwhile
     * @param travel minutes to bring the vehicle there
     */
    public ShopJob(
            String id,
            String unit,
            String vehicleClass,
            String yard,
            int minutes,
            int techniciansNeeded,
            Set<Equipment> requirements,
            LocalDate earliest,
            Optional<Message> blockedBy,
            LocalDate due,
            int weight,
            boolean fit,
            int travel) {
        this(
                id,
                unit,
                vehicleClass,
                yard,
                minutes,
                techniciansNeeded,
                requirements,
                earliest,
                blockedBy,
                due,
                weight,
                fit,
                travel,
                Optional.empty(),
                Optional.empty());
    }

    /**
     * The same work, meant for certain days.
     *
     * @param days those it is meant for; empty where any day will do
     * @return otherwise the same
     */
    public ShopJob within(Optional<DayWindow> days) {
        return new ShopJob(
                id,
                unit,
                vehicleClass,
                yard,
                minutes,
                techniciansNeeded,
                requirements,
                earliest,
                blockedBy,
                due,
                weight,
                fit,
                travel,
                days,
                insteadOfDriving);
    }

    /**
     * The same work, with what is open to its vehicle instead of being driven elsewhere.
     *
     * @param priced as a phrase, with its price
     * @return otherwise the same
     */
    public ShopJob insteadOfDriving(Message priced) {
        return new ShopJob(
                id,
                unit,
                vehicleClass,
                yard,
                minutes,
                techniciansNeeded,
                requirements,
                earliest,
                blockedBy,
                due,
                weight,
                fit,
                travel,
                window,
                Optional.of(priced));
    }

    /**
     * Keeps its own copy.
     *
     * @param id of the job, or of due work that has none yet
     * @param unit of its vehicle
     * @param vehicleClass of its vehicle
     * @param yard where it is done
     * @param minutes in the bay
     * @param techniciansNeeded at least so many pairs of hands
     * @param requirements equipment it takes
     * @param earliest not before this day
     * @param blockedBy why not before
     * @param due the day it has to be done by
     * @param weight what a day late costs
     * @param fit whether the vehicle could be in service meanwhile
     * @param travel minutes to bring the vehicle there
     * @param window days it is meant for
     * @param insteadOfDriving what is open to a vehicle that must not be driven
     */
    public ShopJob {
        requirements = Set.copyOf(requirements);
    }

    /**
     * Whether a vehicle that must not be operated would be driven to another yard for it.
     *
     * @return whether it can’t be done there
     */
    public boolean isDrivenStopped() {
        return !fit && travel > 0;
    }

    /** The same job in another yard's shop. */
    ShopJob at(String other, int minutesThere) {
        return new ShopJob(
                id,
                unit,
                vehicleClass,
                other,
                minutes,
                techniciansNeeded,
                requirements,
                earliest,
                blockedBy,
                due,
                weight,
                fit,
                minutesThere,
                window,
                insteadOfDriving);
    }
}
