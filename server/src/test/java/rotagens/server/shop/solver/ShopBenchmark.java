package rotagens.server.shop.solver;

import java.util.List;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopCost;
import rotagens.core.shop.ShopJob;

/** 300 jobs over eight weeks: how long the search takes, and what it gains on first fit. Called by ./rotagens bench. */
public final class ShopBenchmark {

    private ShopBenchmark() {}

    public static void main(String[] args) {
        ShopConstraints rules = Busy.rules(60);
        List<ShopJob> jobs = Busy.jobs(300, 60, 7);
        int tries = args.length > 0 ? Integer.parseInt(args[0]) : ShopSolver.TRIES_PER_JOB;
        System.out.printf(
                "no plan costs less than %,d points: each job alone on its first day%n",
                jobs.stream()
                        .mapToLong(job -> Math.max(
                                0, ShopCost.of(job, job.earliest().isAfter(job.due()) ? job.earliest() : job.due())))
                        .sum());
        for (long seed = 1; seed <= 3; seed++) {
            long from = System.nanoTime();
            ShopSolver.Found found = new ShopSolver(rules, Busy.MONDAY.plusWeeks(8), seed, tries)
                    .solve(jobs, List.of(), round -> {}, () -> false);
            double seconds = (System.nanoTime() - from) / 1e9;
            System.out.printf(
                    "shop schedule, 300 jobs over 8 weeks, seed %d: %.1f s; first fit %s; found %s%n",
                    seed, seconds, words(found.firstFit()), words(found.plan()));
        }
    }

    private static String words(FirstFit.Plan plan) {
        return String.format(
                java.util.Locale.ROOT,
                "%,d points, %d days late, %d without a place",
                ShopCost.of(plan.placed(), plan.unplaced()),
                ShopCost.daysLate(plan.placed()),
                plan.unplaced().size());
    }
}
