package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import rotagens.core.measure.Units;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.ShopSetup;
import rotagens.server.shop.ShopViews.AcceptedScheduleView;
import rotagens.server.shop.ShopViews.ProposeScheduleRequest;
import rotagens.server.shop.ShopViews.ScheduleProposalView;
import rotagens.server.shop.solver.ShopSolver;
import rotagens.server.web.ProblemException;

/**
 * Plans the shop's weeks in the background, one run at a time. What a run finds is a proposal: nothing is stored until somebody
 * accepts it, and the proposal stays until that is committed.
 */
@Service
class ScheduleProposals {

    private static final int USUAL_WEEKS = 8;
    private static final int MOST_WEEKS = 12;

    private final ScheduleProblemLoader loader;
    private final ScheduleAcceptance acceptance;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "shop-planner");
        thread.setDaemon(true);
        return thread;
    });
    /** The latest run; null before the first and once its proposal was accepted. */
    private final AtomicReference<ScheduleRun> latest = new AtomicReference<>();

    ScheduleProposals(ScheduleProblemLoader loader, ScheduleAcceptance acceptance) {
        this.loader = loader;
        this.acceptance = acceptance;
    }

    @PreDestroy
    void close() {
        stop();
        worker.shutdownNow();
    }

    /**
     * Begins to plan.
     *
     * @throws ProblemException while another run is under way, or where the shop's setup can't be planned by
     */
    ScheduleProposalView start(ProposeScheduleRequest wish, Units units) {
        ScheduleRun before = latest.get();
        refuseWhileRunning(before);
        int weeks = wish.weeks() == null ? USUAL_WEEKS : wish.weeks();
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw ProblemException.field("weeks", WORDS.say("at1ToWeeks", "mostWeeks", MOST_WEEKS));
        }
        ScheduleProblem problem = loader.load(weeks, wish.seed() == null ? 1 : wish.seed(), wish.takeDue());
        List<String> faults = ShopSetup.faults(problem.rules()).stream()
                .map(fault -> fault.in(units))
                .toList();
        if (!faults.isEmpty()) {
            throw ProblemException.field("setup", String.join(" ", faults));
        }
        ScheduleRun run = new ScheduleRun(problem);
        if (!latest.compareAndSet(before, run)) {
            throw alreadyRunning();
        }
        worker.submit(run);
        return ScheduleProposalPages.of(run, units);
    }

    private static void refuseWhileRunning(ScheduleRun run) {
        if (run != null && run.progress().running()) {
            throw alreadyRunning();
        }
    }

    private static ProblemException alreadyRunning() {
        return ProblemException.conflict(WORDS.say("scheduleIsAlreadyBeingProposed"));
    }

    void stop() {
        ScheduleRun run = latest.get();
        if (run != null) {
            run.cancel();
        }
    }

    ScheduleProposalView view(Units units) {
        ScheduleRun run = latest.get();
        return run == null ? ScheduleProposalPages.NONE : ScheduleProposalPages.of(run, units);
    }

    /**
     * Writes the proposal into the calendar.
     *
     * @throws ProblemException where there is none, or a job changed since it was made
     */
    @Transactional
    public AcceptedScheduleView accept(Units units) {
        ScheduleRun run = latest.get();
        FirstFit.Plan plan = run == null
                ? null
                : run.progress().found().map(ShopSolver.Found::plan).orElse(null);
        if (plan == null) {
            throw ProblemException.conflict(WORDS.say("thereIsNoFinishedProposal"));
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                latest.compareAndSet(run, null);
            }
        });
        return acceptance.write(plan, run.problem(), units);
    }
}
