package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.fact.Verdict;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.JobParts;
import rotagens.core.planning.JobRequirements;
import rotagens.core.planning.ShopVisit;
import rotagens.core.planning.TireAtWheel;
import rotagens.core.planning.TireSupply;
import rotagens.core.planning.WorkType;
import rotagens.core.shop.ShopJob;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.FollowUps;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.purchasing.Purchasing;
import rotagens.server.tire.TireStore.InstalledTire;

/** Puts jobs and due work together as the shop's calendar takes them. */
@Component
public class ShopJobs {

    private final Purchasing purchasing;

    ShopJobs(Purchasing purchasing) {
        this.purchasing = purchasing;
    }

    /** Tires not yet promised to a job while several are looked at. */
    TireSupply supply() {
        return purchasing.supply();
    }

    /** Minutes a job takes or took in the shop, by the shop's own times and the vehicle as it is. */
    public int minutes(JobView jobView, VehicleAssessment vehicle) {
        ShopVisit visit = ShopVisit.of(workOf(jobView), jobView.day(), List.of());
        return job(String.valueOf(jobView.id()), vehicle, visit, Optional.empty())
                .minutes();
    }

    /** The small parts a job uses up and the wheels its wrench is for. */
    public static JobParts parts(JobView jobView, VehicleAssessment vehicle) {
        return JobParts.of(
                workOf(jobView).entrySet().stream()
                        .map(one -> new JobRequirements.Work(one.getKey(), one.getValue()))
                        .toList(),
                vehicle.vehicle());
    }

    private static Map<WorkType, List<Position>> workOf(JobView jobView) {
        Map<WorkType, List<Position>> work = new EnumMap<>(WorkType.class);
        for (JobItemView jobItemView : jobView.items()) {
            List<Position> where = work.computeIfAbsent(jobItemView.workType(), kind -> new ArrayList<>());
            if (jobItemView.position() != null) {
                where.add(Position.parse(jobItemView.position()));
            }
        }
        return work;
    }

    ShopJob of(JobView jobView, VehicleAssessment vehicleAssessment, TireSupply tires) {
        Map<WorkType, List<Position>> work = workOf(jobView);
        // The job may put another model on than the one there now; one chosen from stock is waited for by nobody.
        Map<Long, Integer> wanted = jobView.items().stream()
                .filter(jobItemView -> JobRequirements.takesTire(jobItemView.workType()))
                .filter(jobItemView -> jobItemView.tireSource() != TireAtWheel.Source.STOCK)
                .map(JobItemView::tireModelId)
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(Function.identity(), Collectors.summingInt(one -> 1)));
        ShopVisit visit = ShopVisit.of(work, jobView.day(), vehicleAssessment.due());
        return job(String.valueOf(jobView.id()), vehicleAssessment, visit, tires.take(wanted))
                .within(FollowUps.window(jobView));
    }

    /** Due work of a vehicle that has no day, as one visit. */
    ShopJob of(VehicleAssessment vehicleAssessment, List<DueItem> items, TireSupply tires) {
        ShopVisit visit = ShopVisit.of(items);
        Map<Long, Integer> wanted = visit.takesTires().stream()
                .map(vehicleAssessment.fitted()::get)
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(InstalledTire::modelId, Collectors.summingInt(one -> 1)));
        return job(WORDS.say("due", "id", vehicleAssessment.id()), vehicleAssessment, visit, tires.take(wanted));
    }

    private static ShopJob job(
            String id,
            VehicleAssessment vehicleAssessment,
            ShopVisit visit,
            Optional<TireSupply.SupplyDelay> supplyDelay) {
        return visit.job(
                id,
                vehicleAssessment.state(),
                vehicleAssessment.yard(),
                vehicleAssessment.verdict() != Verdict.DO_NOT_OPERATE,
                position -> vehicleAssessment
                        .state()
                        .at(position)
                        .tire()
                        .flatMap(tire ->
                                vehicleAssessment.target(position, tire.model()).pressure()),
                vehicleAssessment.policy(),
                supplyDelay,
                vehicleAssessment.today());
    }
}
