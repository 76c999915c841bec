package rotagens.core.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The plan a careful person makes by hand: what is due first gets the first place free. It is what a better plan is measured
 * against, and where the solver begins.
 */
public final class FirstFit {

    /** Places are a quarter of an hour apart. */
    public static final int GRAIN = 15;

    private final ShopConstraints rules;
    private final LocalDate last;
    private final Map<LocalDate, List<JobSlot>> byDay = new HashMap<>();

    private FirstFit(ShopConstraints rules, LocalDate last) {
        this.rules = rules;
        this.last = last;
    }

    /**
     * What came of it.
     *
     * @param placed where each job stands
     * @param unplaced those no place was found for
     */
    public record Plan(List<JobSlot> placed, List<ShopJob> unplaced) {}

    /**
     * Places jobs by due date around what is there already.
     *
     * @param kept placements that stay
     * @param last the last day to plan
     * @param jobs those that want a place
     * @param rules of the shops
     * @return each job placed or not
     */
    public static Plan of(Collection<ShopJob> jobs, Collection<JobSlot> kept, ShopConstraints rules, LocalDate last) {
        return placed(jobs, kept, Comparator.comparing(ShopJob::due).thenComparing(ShopJob::id), rules, last);
    }

    /**
     * The day each new job could be done on, the most pressing first, spread over days by the hours that are left in the shop.
     *
     * @param jobs new ones, in the order in which they may choose
     * @param kept placements that stay
     * @param onTheirDay open jobs that have a day and no hour yet: each takes the first free place on its day
     * @param last the last day to look at
     * @param rules of the shops
     * @return each new job placed or not
     */
    public static Plan around(
            List<ShopJob> jobs,
            Collection<JobSlot> kept,
            Map<ShopJob, LocalDate> onTheirDay,
            ShopConstraints rules,
            LocalDate last) {
        List<JobSlot> there = new ArrayList<>(kept);
        onTheirDay.forEach((job, day) -> {
            List<JobSlot> thatDay =
                    there.stream().filter(slot -> slot.day().equals(day)).toList();
            on(job, day, thatDay, rules).ifPresent(there::add);
        });
        return placed(jobs, there, Comparator.comparing(jobs::indexOf), rules, last);
    }

    private static Plan placed(
            Collection<ShopJob> jobs,
            Collection<JobSlot> kept,
            Comparator<ShopJob> order,
            ShopConstraints rules,
            LocalDate last) {
        FirstFit fit = new FirstFit(rules, last);
        kept.forEach(fit::keep);
        List<JobSlot> placed = new ArrayList<>();
        List<ShopJob> unplaced = new ArrayList<>();
        jobs.stream()
                .sorted(order)
                .forEach(job -> fit.first(job)
                        .ifPresentOrElse(
                                found -> {
                                    fit.keep(found);
                                    placed.add(found);
                                },
                                () -> unplaced.add(job)));
        return new Plan(placed, unplaced);
    }

    private void keep(JobSlot placed) {
        byDay.computeIfAbsent(placed.day(), day -> new ArrayList<>()).add(placed);
    }

    private Optional<JobSlot> first(ShopJob job) {
        LocalDate from = job.earliest().isBefore(rules.today()) ? rules.today() : job.earliest();
        for (LocalDate day = from; !day.isAfter(last); day = day.plusDays(1)) {
            Optional<JobSlot> here = on(job, day, byDay.getOrDefault(day, List.of()), rules);
            if (here.isPresent()) {
                return here;
            }
        }
        return Optional.empty();
    }

    /** The first free place for a job on a day beside what is there; empty where there is none. */
    static Optional<JobSlot> on(ShopJob job, LocalDate day, List<JobSlot> there, ShopConstraints rules) {
        Optional<TimeRange> open = rules.open(job.yard(), day);
        if (open.isEmpty()) {
            return Optional.empty();
        }
        int bays = rules.yard(job.yard()).map(ShopConstraints.Yard::bays).orElse(0);
        List<List<String>> crews = crews(job, rules);
        for (int start = open.get().from(); start + job.minutes() <= open.get().to(); start += GRAIN) {
            if (!ScheduleCheck.when(job, day, start, rules).isEmpty()) {
                continue;
            }
            for (int bay = 1; bay <= bays; bay++) {
                for (List<String> crew : crews) {
                    JobSlot candidate = new JobSlot(job, day, start, bay, crew);
                    if (ScheduleCheck.stands(candidate, there, rules)) {
                        return Optional.of(candidate);
                    }
                }
            }
        }
        return Optional.empty();
    }

    /**
     * Who may do a job together: everybody at its yard, one or two at a time.
     *
     * @param job whose yard it is
     * @param rules of the shops
     * @return names; empty where too few work there
     */
    public static List<List<String>> crews(ShopJob job, ShopConstraints rules) {
        List<String> names = rules.technicians().stream()
                .filter(technician -> technician.yard().equals(job.yard()))
                .map(ShopConstraints.Technician::name)
                .toList();
        List<List<String>> crews = new ArrayList<>();
        for (int one = 0; one < names.size(); one++) {
            if (job.techniciansNeeded() <= 1) {
                crews.add(List.of(names.get(one)));
            } else {
                for (int other = one + 1; other < names.size(); other++) {
                    crews.add(List.of(names.get(one), names.get(other)));
                }
            }
        }
        return crews;
    }
}
