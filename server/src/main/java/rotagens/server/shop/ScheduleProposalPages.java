package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Units;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ShopCost;
import rotagens.core.shop.TimeRange;
import rotagens.server.shop.Schedule.OpenJob;
import rotagens.server.shop.ScheduleRun.Progress;
import rotagens.server.shop.ShopViews.ProposedJob;
import rotagens.server.shop.ShopViews.ScheduleProposalView;
import rotagens.server.shop.ShopViews.UnscheduledWork;
import rotagens.server.shop.solver.ShopSolver;

/** How a proposal looks, under way or finished. */
final class ScheduleProposalPages {

    static final ScheduleProposalView NONE =
            new ScheduleProposalView(false, 0, ShopSolver.ROUNDS, 0, 1, null, List.of(), List.of(), 0, 0, 0, 0, null);

    private ScheduleProposalPages() {}

    static ScheduleProposalView of(ScheduleRun run, Units units) {
        ScheduleProblem problem = run.problem();
        Progress progress = run.progress();
        Optional<FirstFit.Plan> plan = progress.found().map(ShopSolver.Found::plan);
        Optional<FirstFit.Plan> firstFit = progress.found().map(ShopSolver.Found::firstFit);
        return new ScheduleProposalView(
                progress.running(),
                progress.rounds(),
                ShopSolver.ROUNDS,
                Math.round(progress.seconds() * 10) / 10.0,
                problem.seed(),
                problem.last(),
                plan.map(found -> proposed(found, problem)).orElse(List.of()),
                unscheduled(plan, problem, units),
                plan.map(found -> ShopCost.of(found.placed(), found.unplaced())).orElse(0L),
                plan.map(found -> ShopCost.daysLate(found.placed())).orElse(0L),
                firstFit.map(found -> ShopCost.of(found.placed(), found.unplaced()))
                        .orElse(0L),
                firstFit.map(found -> ShopCost.daysLate(found.placed())).orElse(0L),
                progress.failed().orElse(null));
    }

    private static List<ProposedJob> proposed(FirstFit.Plan plan, ScheduleProblem problem) {
        return plan.placed().stream()
                .sorted(Comparator.comparing(JobSlot::day).thenComparing(JobSlot::start))
                .map(placed -> proposed(placed, problem))
                .toList();
    }

    private static ProposedJob proposed(JobSlot placed, ScheduleProblem problem) {
        String id = placed.job().id();
        OpenJob open = problem.open().get(id);
        return new ProposedJob(
                open == null ? null : open.job().id(),
                placed.job().unit(),
                placed.job().yard(),
                placed.day(),
                TimeRange.clock(placed.start()),
                placed.bay(),
                placed.assignees(),
                problem.work(id),
                placed.job().due(),
                open == null
                        ? null
                        : open.placement()
                                .map(before -> before.day() + " " + TimeRange.clock(before.start()))
                                .orElse(open.job().day().toString()));
    }

    private static List<UnscheduledWork> unscheduled(
            Optional<FirstFit.Plan> plan, ScheduleProblem problem, Units units) {
        List<UnscheduledWork> unscheduled = new ArrayList<>();
        problem.never()
                .forEach(one -> unscheduled.add(new UnscheduledWork(
                        one.job().unit(),
                        problem.work(one.job().id()),
                        one.reason().in(units))));
        plan.ifPresent(found -> found.unplaced()
                .forEach(job -> unscheduled.add(
                        new UnscheduledWork(job.unit(), problem.work(job.id()), WORDS.say("noPlaceFreeUntil")))));
        return unscheduled;
    }
}
