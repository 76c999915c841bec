package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rotagens.server.shop.solver.ShopSolver;

/** One proposal being made, from its start to what came of it. Whoever asks sees one state of it, never half of two. */
final class ScheduleRun implements Runnable {

    private static final Logger LOG = LoggerFactory.getLogger(ScheduleRun.class);

    /**
     * How far it is.
     *
     * @param rounds finished of {@link ShopSolver#ROUNDS}
     * @param found the proposal, once it is finished and didn't fail
     * @param failed why there is none, in words
     */
    record Progress(
            boolean running, int rounds, double seconds, Optional<ShopSolver.Found> found, Optional<String> failed) {}

    private final ScheduleProblem problem;
    private final long startedAt = System.nanoTime();
    private volatile Progress progress = new Progress(true, 0, 0, Optional.empty(), Optional.empty());
    private volatile boolean canceled;

    ScheduleRun(ScheduleProblem problem) {
        this.problem = problem;
    }

    ScheduleProblem problem() {
        return problem;
    }

    Progress progress() {
        return progress;
    }

    /** It ends after the round it is in; what it has by then stands. */
    void cancel() {
        canceled = true;
    }

    @Override
    public void run() {
        try {
            ShopSolver.Found found = new ShopSolver(
                            problem.rules(), problem.last(), problem.seed(), ShopSolver.TRIES_PER_JOB)
                    .solve(
                            problem.jobs(),
                            problem.kept(),
                            round ->
                                    progress = new Progress(true, round, seconds(), Optional.empty(), Optional.empty()),
                            () -> canceled);
            progress = new Progress(false, progress.rounds(), seconds(), Optional.of(found), Optional.empty());
        } catch (RuntimeException | OutOfMemoryError e) {
            // Too little memory ends the plan, not the product; whoever waits for it is told.
            LOG.error("The schedule proposal failed", e);
            progress = new Progress(
                    false,
                    progress.rounds(),
                    seconds(),
                    Optional.empty(),
                    Optional.of(WORDS.say("proposalCouldNotBeMade")));
        }
    }

    private double seconds() {
        return (System.nanoTime() - startedAt) / 1e9;
    }
}
