package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rotagens.core.jobsheet.WheelJob;
import rotagens.core.planning.WheelTasks;
import rotagens.core.planning.WorkType;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.JobStore.StoredItem;

/** Work on one tire of a dual lets the other one down: its refill is work of the same job. */
@Component
class DualMates {

    private static final String LET_DOWN = WORDS.say("letDownWithTheOther");

    private final JobStore store;

    DualMates(JobStore store) {
        this.store = store;
    }

    /** Puts the refill of every mate that the job lets down on the job, where nothing of it fills that tire yet. */
    void complete(long jobId, VehicleAssessment vehicle) {
        List<StoredItem> items = store.items(List.of(jobId)).getOrDefault(jobId, List.of());
        Map<Boolean, Set<Position>> lifted = items.stream()
                .filter(item -> item.code() != null)
                .collect(Collectors.partitioningBy(
                        item -> WheelTasks.lifts(item.workType()),
                        Collectors.mapping(item -> Position.parse(item.code()), Collectors.toSet())));
        Set<String> filled = items.stream()
                .filter(item -> item.workType() == WorkType.SET_PRESSURE)
                .map(StoredItem::code)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        WheelTasks.mates(lifted.get(true), vehicle.fitted().keySet()).stream()
                .filter(mate -> !filled.contains(mate.code()))
                .forEach(mate -> store.addItem(jobId, WorkType.SET_PRESSURE, vehicle.placeId(mate), LET_DOWN));
    }

    /** Refills that stand on a job for a mate which nothing on it lets down any more. */
    List<Long> unneeded(long jobId) {
        List<StoredItem> items = store.items(List.of(jobId)).getOrDefault(jobId, List.of());
        Set<Position> lifted = items.stream()
                .filter(item -> item.code() != null && WheelTasks.lifts(item.workType()))
                .map(item -> Position.parse(item.code()))
                .collect(Collectors.toSet());
        return items.stream()
                .filter(item -> item.workType() == WorkType.SET_PRESSURE
                        && item.reason().equals(LET_DOWN))
                .filter(item -> WheelJob.mate(Position.parse(item.code()))
                        .filter(lifted::contains)
                        .isEmpty())
                .map(StoredItem::id)
                .toList();
    }
}
