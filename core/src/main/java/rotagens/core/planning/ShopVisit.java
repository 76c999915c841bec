package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Message;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.shop.ShopJob;
import rotagens.core.vehicle.Position;

/**
 * A vehicle's work as the shop's calendar takes it: what it needs, when it is due, how much a day late weighs.
 *
 * @param work kinds with the positions they concern; none where they concern the vehicle
 * @param due the earliest day any of it falls due
 * @param stopped whether the vehicle must not roll until it is done
 */
public record ShopVisit(Map<WorkType, List<Position>> work, LocalDate due, boolean stopped) {

    /** A day late weighs so much more where the vehicle must not roll meanwhile. Source: our own scale. */
    private static final int STOPPED_WEIGHT = 5;

    /**
     * A visit for due work that has no day yet.
     *
     * @param items the due work, one at least
     * @return its work, its earliest day and whether it stops the vehicle
     */
    public static ShopVisit of(List<DueItem> items) {
        Map<WorkType, List<Position>> work = new EnumMap<>(WorkType.class);
        items.forEach(item ->
                work.computeIfAbsent(item.workType(), kind -> new ArrayList<>()).addAll(item.positions()));
        return new ShopVisit(work, earliest(items).orElseThrow(), stops(items));
    }

    /**
     * A visit for a job: due with the due work it does, by its planned day where none of it is due.
     *
     * @param work the kinds of work with their positions
     * @param planned the day of the job
     * @param all what falls due on the vehicle
     * @return its work, its earliest day and whether it stops the vehicle
     */
    public static ShopVisit of(Map<WorkType, List<Position>> work, LocalDate planned, List<DueItem> all) {
        List<DueItem> mine = all.stream()
                .filter(item -> work.containsKey(item.workType())
                        && (item.positions().isEmpty()
                                || item.positions().stream().anyMatch(work.get(item.workType())::contains)))
                .toList();
        return new ShopVisit(work, earliest(mine).orElse(planned), stops(mine));
    }

    private static Optional<LocalDate> earliest(List<DueItem> items) {
        return items.stream().map(DueItem::due).min(LocalDate::compareTo);
    }

    private static boolean stops(List<DueItem> items) {
        return items.stream().anyMatch(item -> item.urgency() == Verdict.DO_NOT_OPERATE);
    }

    /**
     * The due work a vehicle's next visit takes along: its bundle, else all that is due until a day.
     *
     * @param vehicle the vehicle as it is on that day
     * @param open due work that is on no job
     * @param policy the fleet's policy
     * @param today the day it is judged on
     * @param last the last day that is taken along
     * @return empty where nothing can be scheduled
     */
    public static List<DueItem> proposed(
            VehicleState vehicle, List<DueItem> open, Policy policy, LocalDate today, LocalDate last) {
        List<DueItem> within = open.stream()
                .filter(item -> item.workType().canBeScheduled() && !item.due().isAfter(last))
                .toList();
        return Bundles.of(vehicle.vehicle(), within, policy, today)
                .map(Bundles.Bundle::items)
                .orElse(within);
    }

    /**
     * Whether more work had better go onto a visit the vehicle has already: not where it would wait longer for that visit than
     * for a day of its own, unless it isn't due before it.
     *
     * @param visit the day of the visit there is
     * @param own the next day the work could be done by itself; empty where there is none
     * @param due the day the work has to be done by
     * @return whether it goes onto that visit
     */
    public static boolean takesAlong(LocalDate visit, Optional<LocalDate> own, LocalDate due) {
        return own.isEmpty() || !visit.isAfter(own.get()) || !visit.isAfter(due);
    }

    /**
     * The positions that get a tire that has to be there.
     *
     * @return each once
     */
    public List<Position> takesTires() {
        return work.entrySet().stream()
                .filter(one -> JobRequirements.takesTire(one.getKey()))
                .flatMap(one -> one.getValue().stream())
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /**
     * As the shop's calendar takes it.
     *
     * @param id names the job in the shop’s plan
     * @param vehicle the vehicle as it is on that day
     * @param yard where the vehicle stands
     * @param fit whether the vehicle could be in service meanwhile
     * @param targetLookup each tire’s cold target, for cage and second person
     * @param policy the fleet's policy
     * @param supplyDelay tires it waits for; empty where all are there
     * @param today the day it is judged on
     * @return the job with its minutes, people, machines and days
     */
    public ShopJob job(
            String id,
            VehicleState vehicle,
            String yard,
            boolean fit,
            JobRequirements.TargetLookup targetLookup,
            Policy policy,
            Optional<TireSupply.SupplyDelay> supplyDelay,
            LocalDate today) {
        JobRequirements needs = JobRequirements.of(
                work.entrySet().stream()
                        .map(one -> new JobRequirements.Work(one.getKey(), one.getValue()))
                        .toList(),
                vehicle,
                targetLookup,
                LaborCosts.on(vehicle.vehicle(), policy));
        return new ShopJob(
                        id,
                        vehicle.vehicle().unit(),
                        vehicle.vehicle().vehicleClass(),
                        yard,
                        needs.minutes(),
                        needs.people(),
                        needs.equipment(),
                        supplyDelay.map(TireSupply.SupplyDelay::from).orElse(today),
                        supplyDelay.map(TireSupply.SupplyDelay::statement),
                        Stream.of(due, today).max(LocalDate::compareTo).orElseThrow(),
                        stopped ? STOPPED_WEIGHT : 1,
                        fit,
                        0)
                .insteadOfDriving(
                        insteadOfDriving(yard, policy.of(vehicle.vehicle().vehicleClass())));
    }

    /** Mobile work where it stands, or a tow, with what either costs by the fleet's own figures. */
    private static Message insteadOfDriving(String yard, Policy.ClassPolicy policy) {
        return WORDS.message(
                "mobileServiceAtAbout",
                "yard",
                yard,
                "mobileServicePrice",
                PolicyNumber.MOBILE_SERVICE_PRICE.label(policy.number(PolicyNumber.MOBILE_SERVICE_PRICE)),
                "towPrice",
                PolicyNumber.TOW_PRICE.label(policy.number(PolicyNumber.TOW_PRICE)));
    }
}
