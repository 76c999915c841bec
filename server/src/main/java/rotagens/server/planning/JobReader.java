package rotagens.server.planning;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.planning.JobRequirements;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.jobtires.ChosenTires.ChosenForWork;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.FollowUpView;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;

/** Jobs as they are shown: with unit, names, work and what they follow. */
@Component
class JobReader {

    /** So many vehicles are looked up one by one. */
    private static final int FEW = 3;

    private final JobStore store;
    private final FollowUps followUps;
    private final FleetCache fleet;
    private final People people;
    private final ChosenTires chosenTires;

    JobReader(JobStore store, FollowUps followUps, FleetCache fleet, People people, ChosenTires chosenTires) {
        this.chosenTires = chosenTires;
        this.store = store;
        this.followUps = followUps;
        this.fleet = fleet;
        this.people = people;
    }

    List<JobView> views(List<StoredJob> jobs) {
        Map<Long, List<StoredItem>> items =
                store.items(jobs.stream().map(StoredJob::id).toList());
        Set<Long> ids = jobs.stream().map(StoredJob::vehicleId).collect(Collectors.toSet());
        Map<Long, VehicleAssessment> vehicleAssessments = new HashMap<>();
        if (ids.size() > FEW) {
            fleet.all().forEach(one -> vehicleAssessments.put(one.id(), one));
        }
        // A vehicle retired since has its jobs, too.
        ids.forEach(id -> vehicleAssessments.computeIfAbsent(id, fleet::get));
        Map<Long, FollowUpView> after =
                followUps.of(jobs.stream().map(StoredJob::id).toList());
        Map<Long, ChosenForWork> chosen = chosenTires.of(items.values().stream()
                .flatMap(List::stream)
                .map(StoredItem::id)
                .toList());
        Map<Long, String> names = people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
        return jobs.stream()
                .map(job -> view(
                        job,
                        vehicleAssessments.get(job.vehicleId()),
                        items.getOrDefault(job.id(), List.of()),
                        after.get(job.id()),
                        names,
                        chosen))
                .toList();
    }

    private static JobView view(
            StoredJob job,
            VehicleAssessment vehicleAssessment,
            List<StoredItem> items,
            @Nullable FollowUpView followUp,
            Map<Long, String> names,
            Map<Long, ChosenForWork> chosen) {
        return new JobView(
                job.id(),
                job.version(),
                job.vehicleId(),
                vehicleAssessment.unit(),
                vehicleAssessment.yard(),
                job.day(),
                job.note(),
                names.get(job.createdById()),
                job.completedAt(),
                names.get(job.completedById()),
                followUp,
                items.stream()
                        .map(item -> view(vehicleAssessment, item, Optional.ofNullable(chosen.get(item.id()))))
                        .toList());
    }

    private static JobItemView view(
            VehicleAssessment vehicleAssessment, StoredItem item, Optional<ChosenForWork> chosen) {
        Optional<Position> position = Optional.ofNullable(item.code()).map(Position::parse);
        return new JobItemView(
                item.id(),
                item.workType(),
                item.workType().label(),
                item.code(),
                position.map(here -> vehicleAssessment.layout().nameOf(here)).orElse(null),
                item.reason(),
                item.workType().requiredResult(),
                Optional.ofNullable(item.plannedModelId())
                        .or(() -> chosen.map(ChosenForWork::modelId))
                        .or(() -> position.map(vehicleAssessment.fitted()::get)
                                .map(installedTire -> installedTire.modelId()))
                        .orElse(null),
                chosen.map(ChosenForWork::words).orElse(null),
                chosen.map(ChosenForWork::source).orElse(null),
                item.completionNote().isEmpty() ? null : item.completionNote(),
                item.workType().caution().orElse(null),
                position.filter(here -> item.completionNote().isEmpty()
                                && JobRequirements.takesTire(item.workType())
                                && vehicleAssessment.fitted().containsKey(here))
                        .map(here ->
                                RemovedTire.mayGo(vehicleAssessment.judgements().get(here)))
                        .orElse(List.of()));
    }
}
