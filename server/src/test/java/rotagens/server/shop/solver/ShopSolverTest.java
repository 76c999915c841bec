package rotagens.server.shop.solver;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.shop.FirstFit;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ScheduleCheck;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopCost;
import rotagens.core.shop.ShopJob;

class ShopSolverTest {

    private static final LocalDate LAST = Busy.MONDAY.plusWeeks(8);
    private final ShopConstraints rules = Busy.rules(30);
    private final List<ShopJob> jobs = Busy.jobs(45, 30, 3);

    private ShopSolver.Found solve(List<JobSlot> kept, long seed) {
        return new ShopSolver(rules, LAST, seed, 200).solve(jobs, kept, round -> {}, () -> false);
    }

    @Test
    @DisplayName("the plan breaks no rule, is no worse than first fit, and is the same again for the same seed")
    void holds() {
        ShopSolver.Found found = solve(List.of(), 11);
        List<JobSlot> all = found.plan().placed();
        for (JobSlot one : all) {
            assertThat(ScheduleCheck.violations(one, all, rules)).as("%s", one).isEmpty();
        }
        assertThat(all.size() + found.plan().unplaced().size()).isEqualTo(jobs.size());
        assertThat(ShopCost.of(all, found.plan().unplaced()))
                .isLessThanOrEqualTo(
                        ShopCost.of(found.firstFit().placed(), found.firstFit().unplaced()));
        assertThat(solve(List.of(), 11).plan()).isEqualTo(found.plan());
    }

    @Test
    @DisplayName("what is pinned stays where it is, and the rest goes round it")
    void pins() {
        ShopJob pinned = new ShopJob(
                "P",
                "V99",
                "Van",
                "Yard 0",
                570,
                1,
                Set.of(),
                Busy.MONDAY,
                java.util.Optional.empty(),
                Busy.MONDAY,
                1,
                true,
                0);
        List<JobSlot> kept = new ArrayList<>();
        kept.add(new JobSlot(pinned, Busy.MONDAY, 420, 1, List.of("Hand 00")));
        ShopSolver.Found found = solve(kept, 5);
        List<JobSlot> all = new ArrayList<>(found.plan().placed());
        assertThat(all).doesNotContainAnyElementsOf(kept);
        all.addAll(kept);
        for (JobSlot one : all) {
            assertThat(ScheduleCheck.violations(one, all, rules)).isEmpty();
        }
    }

    @Test
    @DisplayName("a stop is heard between rounds, and what was found until then stands")
    void stop() {
        int[] rounds = {0};
        ShopSolver.Found found = new ShopSolver(rules, LAST, 1, 200)
                .solve(jobs, List.of(), round -> rounds[0] = round, () -> rounds[0] >= 2);
        assertThat(rounds[0]).isEqualTo(2);
        assertThat(found.plan().placed()).isNotEmpty();
    }

    @Test
    @DisplayName(
            "a place that many jobs may have is one object, so that a large fleet's plan fits in the memory there is")
    void placesAreShared() {
        List<PlannedJob.Slot> all = new ShopSolver(rules, LAST, 1, 200)
                .problem(jobs, List.of(), FirstFit.of(jobs, List.of(), rules, LAST)).jobs().stream()
                        .flatMap(job -> job.getPlaces().stream())
                        .toList();
        Set<PlannedJob.Slot> objects = Collections.newSetFromMap(new IdentityHashMap<>());
        objects.addAll(all);
        assertThat(objects).hasSameSizeAs(Set.copyOf(all)).hasSizeLessThan(all.size() / 2);
    }
}
