package rotagens.server.shop.solver;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchType;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ScheduleCheck;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopCost;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.TimeRange;
import rotagens.server.shop.solver.PlannedJob.Slot;

/**
 * Improves on first fit. It stops by the number of moves it has tried, never by the clock: the same jobs, rules and seed give
 * the same plan on every machine. What it finds is checked by core's own rules before anybody sees it; a job that would break
 * one has no place, and is named.
 */
public final class ShopSolver {

    /** Rounds of the search; between two of them progress is told and a stop is heard. */
    public static final int ROUNDS = 4;

    /** Moves tried for each job. */
    public static final int TRIES_PER_JOB = 1_000;

    private static final int FEWEST_TRIES = 2_000;
    private static final int MORE_DAYS = 7;
    /** The search moves by half hours; finer ones come from first fit. */
    private static final int SEARCH_GRAIN = 30;

    /** @param firstFit what it started from, to compare */
    public record Found(FirstFit.Plan plan, FirstFit.Plan firstFit) {}

    private final ShopConstraints rules;
    private final LocalDate last;
    private final long seed;
    private final int triesPerJob;
    /** Jobs that share a place share the object, too: a large fleet's jobs have millions of places to choose from. */
    private final Map<Slot, Slot> same = new HashMap<>();

    public ShopSolver(ShopConstraints rules, LocalDate last, long seed, int triesPerJob) {
        this.rules = rules;
        this.last = last;
        this.seed = seed;
        this.triesPerJob = triesPerJob;
    }

    /**
     * Plans jobs around what stays.
     *
     * @param kept pinned placements
     * @param progress is told the round just finished, from 1 to {@link #ROUNDS}
     * @param stop asked between rounds
     */
    public Found solve(Collection<ShopJob> jobs, Collection<JobSlot> kept, IntConsumer progress, BooleanSupplier stop) {
        FirstFit.Plan first = FirstFit.of(jobs, kept, rules, last);
        ShopSchedule plan = problem(jobs, kept, first);
        long tries = Math.max(FEWEST_TRIES, (long) triesPerJob * jobs.size() / ROUNDS);
        for (int round = 1; round <= ROUNDS && !stop.getAsBoolean() && !jobs.isEmpty(); round++) {
            plan = solver(tries, seed + round).solve(plan);
            progress.accept(round);
        }
        FirstFit.Plan found = checked(plan, jobs);
        return new Found(cost(found) < cost(first) ? found : first, first);
    }

    private static long cost(FirstFit.Plan plan) {
        return ShopCost.of(plan.placed(), plan.unplaced());
    }

    private static Solver<ShopSchedule> solver(long tries, long seed) {
        SolverConfig config = new SolverConfig()
                .withSolutionClass(ShopSchedule.class)
                .withEntityClasses(PlannedJob.class)
                .withScoreDirectorFactory(
                        new ScoreDirectorFactoryConfig().withIncrementalScoreCalculatorClass(ShopScore.class))
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(seed)
                .withPhases(new LocalSearchPhaseConfig()
                        .withLocalSearchType(LocalSearchType.LATE_ACCEPTANCE)
                        .withTerminationConfig(new TerminationConfig().withScoreCalculationCountLimit(tries)));
        return SolverFactory.<ShopSchedule>create(config).buildSolver();
    }

    ShopSchedule problem(Collection<ShopJob> jobs, Collection<JobSlot> kept, FirstFit.Plan first) {
        Map<String, JobSlot> placed = new HashMap<>();
        first.placed().forEach(one -> placed.put(one.job().id(), one));
        List<PlannedJob> plans = new ArrayList<>();
        for (ShopJob job : jobs) {
            JobSlot start = placed.get(job.id());
            List<Slot> slots = places(job, start);
            if (start != null && !slots.contains(place(start))) {
                slots.add(place(start));
            }
            if (!slots.isEmpty()) {
                plans.add(new PlannedJob(job, slots, start == null ? null : place(start), false));
            }
        }
        kept.forEach(stays -> plans.add(new PlannedJob(stays.job(), List.of(place(stays)), place(stays), true)));
        return new ShopSchedule(plans, rules);
    }

    private Slot place(JobSlot placed) {
        return shared(new Slot(placed.day(), placed.start(), placed.bay(), placed.assignees()));
    }

    private Slot shared(Slot slot) {
        Slot known = same.putIfAbsent(slot, slot);
        return known == null ? slot : known;
    }

    /**
     * Every place a job may have, as far as its own conditions say. Some days past both its due day and where first fit put it
     * nothing better is to be found.
     */
    private List<Slot> places(ShopJob job, JobSlot first) {
        List<List<String>> crews = FirstFit.crews(job, rules);
        int bays = rules.yard(job.yard()).map(ShopConstraints.Yard::bays).orElse(0);
        ArrayList<Slot> slots = new ArrayList<>();
        LocalDate from = job.earliest().isBefore(rules.today()) ? rules.today() : job.earliest();
        LocalDate until = later(job.due(), first == null ? last : first.day()).plusDays(MORE_DAYS);
        for (LocalDate day = from; !day.isAfter(last) && !day.isAfter(until); day = day.plusDays(1)) {
            TimeRange open = rules.open(job.yard(), day).orElse(null);
            for (int start = open == null ? 0 : open.from();
                    open != null && start + job.minutes() <= open.to();
                    start += SEARCH_GRAIN) {
                if (!ScheduleCheck.when(job, day, start, rules).isEmpty()) {
                    continue;
                }
                for (List<String> crew : crews) {
                    if (rules.work(crew, job.yard(), day, start, start + job.minutes())) {
                        for (int bay = 1; bay <= bays; bay++) {
                            slots.add(shared(new Slot(day, start, bay, crew)));
                        }
                    }
                }
            }
        }
        slots.trimToSize();
        return slots;
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    /** Core's rules have the last word; a job they refuse goes to the first place free, else has none. */
    private FirstFit.Plan checked(ShopSchedule plan, Collection<ShopJob> jobs) {
        List<JobSlot> stands = new ArrayList<>();
        plan.jobs().stream()
                .filter(PlannedJob::pinned)
                .map(PlannedJob::placement)
                .forEach(stands::add);
        List<JobSlot> placed = new ArrayList<>();
        Set<String> there = new HashSet<>();
        for (PlannedJob one : plan.jobs()) {
            if (!one.pinned() && one.place() != null && ScheduleCheck.stands(one.placement(), stands, rules)) {
                stands.add(one.placement());
                placed.add(one.placement());
                there.add(one.job().id());
            }
        }
        FirstFit.Plan rest = FirstFit.of(
                jobs.stream().filter(job -> !there.contains(job.id())).toList(), stands, rules, last);
        placed.addAll(rest.placed());
        return new FirstFit.Plan(placed, rest.unplaced());
    }
}
