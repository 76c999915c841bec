package rotagens.core.shop;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a fleet's shops can do: yards with their hours, bays and equipment, people, holidays, vehicles that are away, and how
 * many of a class stay in service.
 *
 * @param today the day it is asked on
 * @param yards those with a shop
 * @param technicians who works where and when
 * @param closures days nobody works
 * @param bookings when vehicles are away
 * @param minimums how many of a class stay in service
 * @param inService by class, how many vehicles are fit to roll at all
 * @param travelTimes between yards, as far as somebody gave them
 */
public record ShopConstraints(
        LocalDate today,
        List<Yard> yards,
        List<Technician> technicians,
        List<Closure> closures,
        List<VehicleBooking> bookings,
        List<MinimumInService> minimums,
        Map<String, Integer> inService,
        List<TravelTime> travelTimes) {

    /** Between two yards nobody has given a figure for, by our rule of thumb. */
    public static final int USUAL_TRAVEL_MINUTES = 45;

    /**
     * A yard with a shop.
     *
     * @param name of the yard
     * @param open its hours by day of the week; a day it is closed is missing
     * @param bays how many jobs it holds at a time
     * @param equipment how many it has of each
     */
    public record Yard(String name, Map<DayOfWeek, TimeRange> open, int bays, Map<Equipment, Integer> equipment) {

        /**
         * How many of it the yard has.
         *
         * @param one a kind of equipment
         * @return 0 where it has none
         */
        public int has(Equipment one) {
            return equipment.getOrDefault(one, 0);
        }

        /**
         * The longest day it is open, in minutes.
         *
         * @return 0 where it is never open
         */
        public int longestDay() {
            return open.values().stream().mapToInt(TimeRange::minutes).max().orElse(0);
        }
    }

    /**
     * Somebody who works in a yard's shop on some days of the week.
     *
     * @param name of the person
     * @param yard where they work
     * @param days of the week
     * @param hours on those days
     */
    public record Technician(String name, String yard, Set<DayOfWeek> days, TimeRange hours) {

        boolean works(String at, LocalDate day, int start, int end) {
            return yard.equals(at) && days.contains(day.getDayOfWeek()) && hours.holds(start, end);
        }
    }

    /**
     * Days nobody works; of one yard, or of all.
     *
     * @param yard empty for all
     * @param from the first day
     * @param to the last day
     * @param reason in words
     */
    public record Closure(Optional<String> yard, LocalDate from, LocalDate to, String reason) {

        boolean closes(String at, LocalDate day) {
            return yard.map(at::equals).orElse(true) && !day.isBefore(from) && !day.isAfter(to);
        }
    }

    /**
     * A vehicle that is out and can't be in the shop.
     *
     * @param unit of the vehicle
     * @param from when it leaves
     * @param to when it is back
     * @param reason in words
     */
    public record VehicleBooking(String unit, LocalDateTime from, LocalDateTime to, String reason) {

        boolean keeps(String vehicle, LocalDate day, int start, int end) {
            return unit.equals(vehicle)
                    && from.isBefore(day.atStartOfDay().plusMinutes(end))
                    && to.isAfter(day.atStartOfDay().plusMinutes(start));
        }
    }

    /**
     * At least so many vehicles of a class stay in service every day.
     *
     * @param vehicleClass the class
     * @param minimum how many
     */
    public record MinimumInService(String vehicleClass, int minimum) {}

    /**
     * What it takes to bring a vehicle from one yard to the other's shop, either way.
     *
     * @param one a yard
     * @param other another
     * @param minutes either way
     */
    public record TravelTime(String one, String other, int minutes) {

        boolean joins(String here, String there) {
            return one.equals(here) && other.equals(there) || one.equals(there) && other.equals(here);
        }
    }

    /**
     * Keeps its own copies.
     *
     * @param today the day it is asked on
     * @param yards those with a shop
     * @param technicians who works where and when
     * @param closures days nobody works
     * @param bookings when vehicles are away
     * @param minimums how many of a class stay in service
     * @param inService by class, how many are fit to roll
     * @param travelTimes between yards
     */
    public ShopConstraints {
        travelTimes = List.copyOf(travelTimes);
        yards = List.copyOf(yards);
        technicians = List.copyOf(technicians);
        closures = List.copyOf(closures);
        bookings = List.copyOf(bookings);
        minimums = List.copyOf(minimums);
        inService = Map.copyOf(inService);
    }

    /**
     * A yard’s shop.
     *
     * @param name of the yard
     * @return empty where it has no shop
     */
    public Optional<Yard> yard(String name) {
        for (Yard yard : yards) {
            if (yard.name().equals(name)) {
                return Optional.of(yard);
            }
        }
        return Optional.empty();
    }

    /**
     * Minutes to bring a vehicle from one yard to another's shop; none within a yard.
     *
     * @param from the vehicle’s own yard
     * @param to the yard of the shop
     * @return the usual time where nobody gave one
     */
    public int travel(String from, String to) {
        if (from.equals(to)) {
            return 0;
        }
        return travelTimes.stream()
                .filter(travelTime -> travelTime.joins(from, to))
                .mapToInt(TravelTime::minutes)
                .findFirst()
                .orElse(USUAL_TRAVEL_MINUTES);
    }

    /**
     * The hours a yard's shop is open on a day; empty where it isn't.
     *
     * @param yard its name
     * @param day any day
     * @return the hours of that day
     */
    public Optional<TimeRange> open(String yard, LocalDate day) {
        if (closures.stream().anyMatch(closure -> closure.closes(yard, day))) {
            return Optional.empty();
        }
        return yard(yard).map(shop -> shop.open().get(day.getDayOfWeek()));
    }

    /**
     * Why a yard's shop isn't open on a day: the closure's own words, or nothing more than closed; empty where it is open.
     *
     * @param yard its name
     * @param day any day
     * @return for the calendar
     */
    public Optional<String> closed(String yard, LocalDate day) {
        if (open(yard, day).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(closures.stream()
                .filter(closure -> closure.closes(yard, day))
                .findFirst()
                .map(Closure::reason)
                .orElse("closed"));
    }

    /**
     * Whether all of a crew work at a yard then.
     *
     * @param people their names
     * @param yard where
     * @param day which day
     * @param start minutes from midnight
     * @param end minutes from midnight
     * @return whether each of them is there all that time
     */
    public boolean work(List<String> people, String yard, LocalDate day, int start, int end) {
        for (String name : people) {
            boolean works = false;
            for (Technician technician : technicians) {
                works |= technician.name().equals(name) && technician.works(yard, day, start, end);
            }
            if (!works) {
                return false;
            }
        }
        return true;
    }

    /**
     * How many vehicles of a class may be in the shop on a day; empty where nothing limits it.
     *
     * @param vehicleClass the class
     * @return the least of what its minimums leave
     */
    public Optional<Integer> mayBeIn(String vehicleClass) {
        Optional<Integer> least = Optional.empty();
        for (MinimumInService rule : minimums) {
            if (rule.vehicleClass().equals(vehicleClass)) {
                int spare = Math.max(0, inService.getOrDefault(vehicleClass, 0) - rule.minimum());
                least = Optional.of(Math.min(spare, least.orElse(spare)));
            }
        }
        return least;
    }
}
