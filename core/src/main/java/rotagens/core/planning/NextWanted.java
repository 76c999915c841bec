package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;
import rotagens.core.vehicle.Position;

/**
 * When a vehicle is next wanted: its first planned job, or the due work that nobody has planned, whichever comes first.
 *
 * @param day the job's, or the day the work falls due
 * @param isPlanned whether it is a job
 * @param work in words
 */
public record NextWanted(LocalDate day, boolean isPlanned, String work) {

    /** A job that is open. */
    public record PlannedJob(LocalDate day, String work) {}

    /**
     * The next; empty where nothing is planned or due. On one day the job comes first.
     *
     * @param planned open jobs with their days
     * @param unplanned due work that is on no job
     * @return the first of all
     */
    public static Optional<NextWanted> of(List<PlannedJob> planned, List<DueItem> unplanned) {
        Optional<NextWanted> job = planned.stream()
                .min(Comparator.comparing(PlannedJob::day))
                .map(one -> new NextWanted(one.day(), true, one.work()));
        Optional<NextWanted> work = unplanned.stream()
                .min(Comparator.comparing(DueItem::due))
                .map(item -> new NextWanted(
                        item.due(),
                        false,
                        item.positions().isEmpty()
                                ? item.workType().label()
                                : item.positions().stream().map(Position::code).collect(Collectors.joining(" "))
                                        + " "
                                        + item.workType().label()));
        return job.isPresent()
                        && work.filter(due -> due.day().isBefore(job.get().day()))
                                .isEmpty()
                ? job
                : work;
    }

    /**
     * In one line; what should have been done by today is called overdue.
     *
     * @param today the day it is read
     * @return with the day and the work
     */
    public Message statement(LocalDate today) {
        String late = day.isBefore(today) ? WORDS.say("overdueSince") : "";
        return (isPlanned
                ? WORDS.message("planned", "late", late, "day", day, "work", work)
                : Message.of("{}{}: {}", late, day, work));
    }
}
