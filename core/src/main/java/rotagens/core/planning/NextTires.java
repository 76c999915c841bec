package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;
import rotagens.core.measure.Money;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Vehicle;

/**
 * When a vehicle is next wanted for tires, for how many, and at what cost: everything that wants another tire within the policy's
 * days of the first of them, in one visit. Source: our own forecast; prices are the catalog's, labor is the fleet's.
 *
 * @param by the day the first of them falls due
 * @param positions where, in the order of their codes
 * @param cents tires and labor together
 * @param unpriced how many have no price in the catalog, and are not in the sum
 */
public record NextTires(LocalDate by, List<Position> positions, long cents, int unpriced) {

    /**
     * The next ones; empty where none falls due by the forecast's horizon.
     *
     * @param due what falls due on the vehicle
     * @param vehicle the vehicle as it is on that day
     * @param price what another tire for a position costs
     * @param policy the fleet's policy
     * @return day, count and price
     */
    public static Optional<NextTires> of(
            List<DueItem> due, Vehicle vehicle, Function<Position, Optional<Money>> price, Policy policy) {
        List<DueItem> tires = due.stream()
                .filter(item -> JobRequirements.takesTire(item.workType()))
                .sorted(Comparator.comparing(DueItem::due))
                .toList();
        if (tires.isEmpty()) {
            return Optional.empty();
        }
        LocalDate first = tires.get(0).due();
        LocalDate last = first.plusDays(policy.of(vehicle.vehicleClass()).days(PolicyNumber.BUNDLE_DAYS));
        List<DueItem> together =
                tires.stream().filter(item -> !item.due().isAfter(last)).toList();
        List<Position> positions = together.stream()
                .flatMap(item -> item.positions().stream())
                .distinct()
                .sorted(Comparator.comparing(Position::code))
                .toList();
        List<Money> prices = positions.stream()
                .flatMap(position -> price.apply(position).stream())
                .toList();
        LaborCosts labor = LaborCosts.on(vehicle, policy);
        int minutes = LaborEstimate.together(together.stream()
                        .map(item -> LaborEstimate.of(item.workType(), item.positions(), vehicle))
                        .toList())
                .minutes(labor);
        return Optional.of(new NextTires(
                first,
                positions,
                prices.stream().mapToLong(Money::cents).sum() + Math.round(labor.dollarsAnHour() * 100 * minutes / 60),
                positions.size() - prices.size()));
    }

    /**
     * In one sentence.
     *
     * @param today a day already past is said to be
     * @return with day, positions and price
     */
    public Message statement(LocalDate today) {
        return WORDS.message(
                "tireByAtAbout",
                "count",
                positions.size(),
                "isAfter",
                by.isAfter(today),
                "by",
                by,
                "positions",
                positions.stream().map(Position::code).collect(Collectors.joining(", ")),
                "cents",
                Money.about(cents),
                "unpriced",
                unpriced);
    }
}
