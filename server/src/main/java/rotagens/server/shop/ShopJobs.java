package rotagens.server.shop;

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
import rotagens.core.planning.BayNeeds;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueKind;
import rotagens.core.planning.ShopVisit;
import rotagens.core.planning.Supply;
import rotagens.core.shop.ShopJob;
import rotagens.core.vehicle.Position;
import rotagens.server.buying.Buying;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.tire.Tires.Fitted;

/** Puts jobs and due work together as the shop's calendar takes them. */
@Component
class ShopJobs {

    private final Buying buying;

    ShopJobs(Buying buying) {
        this.buying = buying;
    }

    /** Tires not yet promised to a job while several are looked at. */
    Supply supply() {
        return buying.supply();
    }

    ShopJob of(Job job, Standing standing, Supply tires) {
        Map<DueKind, List<Position>> work = new EnumMap<>(DueKind.class);
        for (Item item : job.items()) {
            List<Position> where = work.computeIfAbsent(item.kind(), kind -> new ArrayList<>());
            if (item.position() != null) {
                where.add(Position.parse(item.position()));
            }
        }
        // The job may plan another model than the one there now.
        Map<Long, Integer> wanted = job.items().stream()
                .filter(item -> BayNeeds.takesTire(item.kind()))
                .map(Item::tireModelId)
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(Function.identity(), Collectors.summingInt(one -> 1)));
        ShopVisit visit = ShopVisit.of(work, job.day(), standing.due());
        return job(String.valueOf(job.id()), standing, visit, tires.take(wanted));
    }

    /** Due work of a vehicle that has no day, as one visit. */
    ShopJob of(Standing standing, List<DueItem> items, Supply tires) {
        ShopVisit visit = ShopVisit.of(items);
        Map<Long, Integer> wanted = visit.takesTires().stream()
                .map(standing.fitted()::get)
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(Fitted::modelId, Collectors.summingInt(one -> 1)));
        return job("due " + standing.onFile().id(), standing, visit, tires.take(wanted));
    }

    private static ShopJob job(String id, Standing standing, ShopVisit visit, Optional<Supply.Wait> wait) {
        return visit.job(
                id,
                standing.state(),
                standing.onFile().yard(),
                standing.verdict() != Verdict.DO_NOT_OPERATE,
                position -> standing.state()
                        .at(position)
                        .tire()
                        .flatMap(tire -> standing.target(position, tire.model()).pressure()),
                standing.policy(),
                wait,
                standing.today());
    }
}
