package rotagens.server.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.shop.JobSlot;
import rotagens.server.planning.Jobs;

/** The shop's open jobs as entries of a calendar. */
@Service
public class CalendarEvents {

    /**
     * A job on its day.
     *
     * @param start minute of the day; empty where it has a day and no hour
     */
    public record Entry(
            long jobId,
            int version,
            Instant plannedAt,
            String unit,
            String yard,
            LocalDate day,
            @Nullable Integer start,
            int end,
            @Nullable Integer bay,
            List<String> people,
            List<String> work) {}

    private final Schedule schedule;
    private final ShopJobs shopJobs;
    private final Jobs jobs;

    CalendarEvents(Schedule schedule, ShopJobs shopJobs, Jobs jobs) {
        this.jobs = jobs;
        this.schedule = schedule;
        this.shopJobs = shopJobs;
    }

    @Transactional(readOnly = true)
    public List<Entry> all() {
        return schedule.all(shopJobs.supply()).stream()
                .map(one -> new Entry(
                        one.job().id(),
                        one.job().version(),
                        jobs.plannedAt(one.job().id()),
                        one.job().unit(),
                        one.shop().yard(),
                        one.job().day(),
                        one.placement().map(JobSlot::start).orElse(null),
                        one.placement().map(JobSlot::end).orElse(0),
                        one.placement().map(JobSlot::bay).orElse(null),
                        one.placement().map(JobSlot::assignees).orElse(List.of()),
                        Schedule.work(one.job())))
                .toList();
    }
}
