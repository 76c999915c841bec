package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.jobtires.ChosenTires;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.NewJobView;
import rotagens.server.web.ProblemException;

/** Taking jobs off the plan, and putting back what was taken off by mistake. */
@Service
public class Unscheduling {

    private final Jobs jobs;
    private final JobStore store;
    private final DualMates mates;
    private final ChosenTires chosenTires;
    private final BegunWork begun;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    Unscheduling(
            Jobs jobs,
            JobStore store,
            DualMates mates,
            ChosenTires chosenTires,
            BegunWork begun,
            ChangeTracker changeTracker,
            Clock clock) {
        this.jobs = jobs;
        this.store = store;
        this.mates = mates;
        this.chosenTires = chosenTires;
        this.begun = begun;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /**
     * Takes an open job off the plan; its work is due again.
     *
     * @throws ProblemException where work at the vehicle has begun: a wheel may be off
     */
    @Transactional
    public void cancel(long id, int version) {
        changeTracker.only();
        StoredJob job = jobs.open(id, version);
        refuseBegun(id);
        takeOff(job);
    }

    /** Takes a job off the plan whose ground has gone; one that was done stays done, one that has begun is finished. */
    @Transactional
    public void cancelIfOpen(long id) {
        store.get(id)
                .filter(job -> job.completedAt() == null && !begun.isBegun(id))
                .ifPresent(this::takeOff);
    }

    /**
     * Takes some work off an open job that keeps the rest; with it goes the refill of a dual's mate that is no longer let down.
     *
     * @throws ProblemException where the work isn't on this job, where it is all of it, or where work at the vehicle has begun
     */
    @Transactional
    public JobView takeOff(long id, int version, Set<Long> itemIds) {
        changeTracker.only();
        StoredJob job = jobs.open(id, version);
        refuseBegun(id);
        Set<Long> onJob = store.items(List.of(id)).getOrDefault(id, List.of()).stream()
                .map(StoredItem::id)
                .collect(Collectors.toSet());
        if (!onJob.containsAll(itemIds)) {
            throw ProblemException.conflict(WORDS.say("someOfThisWork"));
        }
        itemIds.forEach(this::remove);
        mates.unneeded(id).forEach(this::remove);
        if (store.items(List.of(id)).getOrDefault(id, List.of()).isEmpty()) {
            throw ProblemException.conflict(WORDS.say("thisIsAllTheWork"));
        }
        store.save(job);
        return jobs.get(id);
    }

    private void remove(long itemId) {
        chosenTires.release(itemId);
        store.removeItem(itemId);
    }

    private void refuseBegun(long id) {
        if (begun.isBegun(id)) {
            throw ProblemException.conflict(WORDS.say("workOnThisVehicleHas"));
        }
    }

    private void takeOff(StoredJob job) {
        store.save(job.takenOff(clock.instant()));
    }

    /**
     * Puts a job back on its day, with all its work.
     *
     * @throws ProblemException where the day has passed, or some of its work stands on another job meanwhile
     */
    @Transactional
    public JobView restore(long id) {
        changeTracker.only();
        StoredJob job = store.unscheduled(id).orElseThrow(() -> ProblemException.conflict(WORDS.say("thisJob")));
        if (job.day().isBefore(LocalDate.now(clock))) {
            throw ProblemException.conflict(WORDS.say("dayOfThisJobHas"));
        }
        Map<String, NewJobView> scheduled = store.scheduled();
        for (StoredItem item : store.items(List.of(id)).getOrDefault(id, List.of())) {
            String work = JobStore.work(job.vehicleId(), item.workType().name(), item.code());
            if (scheduled.containsKey(work)) {
                throw ProblemException.conflict(WORDS.say(
                        "standsOnAnotherJobMeanwhile",
                        "workType",
                        item.workType().label(),
                        "item",
                        item.code() == null ? "" : " " + item.code()));
            }
        }
        store.save(job.putBack());
        return jobs.get(id);
    }
}
