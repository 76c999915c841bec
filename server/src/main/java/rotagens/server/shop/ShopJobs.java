package rotagens.server.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.inspection.Verdict;
import rotagens.core.planning.BayNeeds;
import rotagens.core.planning.Bundles;
import rotagens.core.planning.DueItem;
import rotagens.core.planning.DueKind;
import rotagens.core.planning.DueWork;
import rotagens.core.rotation.Labor;
import rotagens.core.shop.ShopJob;
import rotagens.core.vehicle.Position;
import rotagens.server.buying.Buying;
import rotagens.server.buying.Buying.Availability;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;

/** Jobs as the shop's calendar sees them: how long, how many hands, which equipment, not before when, due when. */
@Component
class ShopJobs {

    private static final int STOPPED_WEIGHT = 5;

    private final Buying buying;

    ShopJobs(Buying buying) {
        this.buying = buying;
    }

    /** Tires not yet promised to a job while several are looked at. */
    Availability available() {
        return buying.availability();
    }

    ShopJob of(Job job, Standing standing, Availability tires) {
        Map<DueKind, List<Position>> work = new EnumMap<>(DueKind.class);
        for (Item item : job.items()) {
            work.computeIfAbsent(item.kind(), kind -> new ArrayList<>());
            if (item.position() != null) {
                work.get(item.kind()).add(Position.parse(item.position()));
            }
        }
        Map<String, DueItem> due = new HashMap<>();
        DueWork.on(standing.state(), standing.judgements(), standing.policy(), standing.today())
                .forEach(item -> {
                    if (item.positions().isEmpty()) {
                        due.put(item.kind().name(), item);
                    }
                    item.positions().forEach(position -> due.put(item.kind() + " " + position.code(), item));
                });
        List<DueItem> mine = work.entrySet().stream()
                .flatMap(entry -> entry.getValue().isEmpty()
                        ? java.util.stream.Stream.of(entry.getKey().name())
                        : entry.getValue().stream().map(position -> entry.getKey() + " " + position.code()))
                .map(due::get)
                .filter(java.util.Objects::nonNull)
                .distinct()
                .toList();
        LocalDate by = mine.stream().map(DueItem::due).min(LocalDate::compareTo).orElse(job.day());
        boolean stopped = mine.stream().anyMatch(item -> item.urgency() == Verdict.DO_NOT_OPERATE);
        return job(String.valueOf(job.id()), standing, work, by, stopped, tires);
    }

    /** Due work of a vehicle that has no day, as one visit. */
    Optional<ShopJob> of(Standing standing, List<DueItem> items, Availability tires) {
        if (items.isEmpty()) {
            return Optional.empty();
        }
        Map<DueKind, List<Position>> work = new EnumMap<>(DueKind.class);
        items.forEach(item ->
                work.computeIfAbsent(item.kind(), kind -> new ArrayList<>()).addAll(item.positions()));
        LocalDate by =
                items.stream().map(DueItem::due).min(LocalDate::compareTo).orElseThrow();
        boolean stopped = items.stream().anyMatch(item -> item.urgency() == Verdict.DO_NOT_OPERATE);
        return Optional.of(job("due " + standing.onFile().id(), standing, work, by, stopped, tires));
    }

    /** The visit proposed for a vehicle: its bundle, else what is due within the weeks. */
    static List<DueItem> visit(Standing standing, List<DueItem> open, LocalDate last) {
        List<DueItem> within = open.stream()
                .filter(item -> item.kind().canBeScheduled() && !item.due().isAfter(last))
                .toList();
        return Bundles.of(standing.onFile().facts(), within, standing.policy(), standing.today())
                .map(Bundles.Bundle::items)
                .orElse(within);
    }

    private ShopJob job(
            String id,
            Standing standing,
            Map<DueKind, List<Position>> work,
            LocalDate by,
            boolean stopped,
            Availability tires) {
        var vehicle = standing.onFile();
        BayNeeds needs = BayNeeds.of(
                work.entrySet().stream()
                        .map(entry -> new BayNeeds.Work(entry.getKey(), entry.getValue()))
                        .toList(),
                standing.state(),
                position -> standing.state()
                        .at(position)
                        .tire()
                        .flatMap(tire -> standing.target(position, tire.model()).pressure()),
                Labor.on(vehicle.facts(), standing.policy()));
        Map<Long, Integer> wanted = work.entrySet().stream()
                .filter(entry -> BayNeeds.takesTire(entry.getKey()))
                .flatMap(entry -> entry.getValue().stream())
                .distinct()
                .map(position -> standing.fitted().get(position))
                .filter(java.util.Objects::nonNull)
                .collect(Collectors.groupingBy(fitted -> fitted.modelId(), Collectors.summingInt(one -> 1)));
        Optional<Buying.Wait> wait = tires.take(wanted);
        return new ShopJob(
                id,
                vehicle.facts().unit(),
                vehicle.facts().vehicleClass(),
                vehicle.yard(),
                needs.minutes(),
                needs.people(),
                needs.equipment(),
                wait.map(Buying.Wait::from).orElse(standing.today()),
                wait.map(Buying.Wait::says),
                by.isBefore(standing.today()) ? standing.today() : by,
                stopped ? STOPPED_WEIGHT : 1,
                standing.verdict() != Verdict.DO_NOT_OPERATE,
                0);
    }
}
