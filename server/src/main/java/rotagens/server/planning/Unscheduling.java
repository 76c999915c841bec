package rotagens.server.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.planning.JobStore.StoredItem;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.JobViews.NewJobView;
import rotagens.server.storage.generated.tables.records.JobRecord;
import rotagens.server.web.ProblemException;

/** Taking jobs off the plan, and putting back what was taken off by mistake. */
@Service
public class Unscheduling {

    private final Jobs jobs;
    private final JobStore store;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    Unscheduling(Jobs jobs, JobStore store, ChangeTracker changeTracker, Clock clock) {
        this.jobs = jobs;
        this.store = store;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    /** Takes an open job off the plan; its work is due again. */
    @Transactional
    public void cancel(long id, int version) {
        changeTracker.only();
        takeOff(jobs.open(id, version));
    }

    /** Takes a job off the plan whose ground has gone; one that was done stays done. */
    @Transactional
    public void cancelIfOpen(long id) {
        store.get(id).filter(job -> job.getCompletedAt() == null).ifPresent(this::takeOff);
    }

    private void takeOff(JobRecord job) {
        job.setUnscheduledAt(clock.instant());
        store.save(job);
    }

    /**
     * Puts a job back on its day, with all its work.
     *
     * @throws ProblemException where the day has passed, or some of its work stands on another job meanwhile
     */
    @Transactional
    public JobView restore(long id) {
        changeTracker.only();
        JobRecord job = store.unscheduled(id)
                .orElseThrow(() -> ProblemException.conflict("This job is on the plan already, or doesn’t exist."));
        if (job.getScheduledDate().isBefore(LocalDate.now(clock))) {
            throw ProblemException.conflict("The day of this job has passed. Schedule its work again.");
        }
        Map<String, NewJobView> scheduled = store.scheduled();
        for (StoredItem item : store.items(List.of(id)).getOrDefault(id, List.of())) {
            String work = JobStore.work(job.getVehicleId(), item.workType().name(), item.code());
            if (scheduled.containsKey(work)) {
                throw ProblemException.conflict(item.workType().label() + (item.code() == null ? "" : " " + item.code())
                        + " stands on another job meanwhile.");
            }
        }
        job.setUnscheduledAt(null);
        store.save(job);
        return jobs.get(id);
    }
}
