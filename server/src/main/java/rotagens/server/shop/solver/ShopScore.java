package rotagens.server.shop.solver;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.IncrementalScoreCalculator;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ScheduleCheck;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopCost;

/**
 * What a plan is worth: hard what core's rules forbid, medium jobs without a place, soft what core says it costs. Jobs meet only
 * on one day, so moving one asks the rules about two days and nothing else; streams of constraints did the same several times
 * slower.
 */
public class ShopScore implements IncrementalScoreCalculator<ShopSchedule, HardMediumSoftLongScore> {

    private static final long ONE_TOO_MANY = 480;

    private ShopConstraints rules;
    private final Map<LocalDate, List<PlannedJob>> byDay = new HashMap<>();
    private final Map<String, Optional<Integer>> mayBeIn = new HashMap<>();
    private long hard;
    private long medium;
    private long soft;

    @Override
    public void resetWorkingSolution(ShopSchedule plan) {
        rules = plan.rules();
        byDay.clear();
        mayBeIn.clear();
        hard = 0;
        medium = 0;
        soft = 0;
        plan.jobs().forEach(this::insert);
    }

    @Override
    public void beforeVariableChanged(Object entity, String variableName) {
        retract((PlannedJob) entity);
    }

    @Override
    public void afterVariableChanged(Object entity, String variableName) {
        insert((PlannedJob) entity);
    }

    @Override
    public HardMediumSoftLongScore calculateScore() {
        return HardMediumSoftLongScore.of(hard, medium, soft);
    }

    @Override
    public void beforeEntityAdded(Object entity) {
        // All jobs are there from the start.
    }

    @Override
    public void afterEntityAdded(Object entity) {
        insert((PlannedJob) entity);
    }

    @Override
    public void beforeEntityRemoved(Object entity) {
        retract((PlannedJob) entity);
    }

    @Override
    public void afterEntityRemoved(Object entity) {
        // Taken out before.
    }

    private void insert(PlannedJob plan) {
        if (plan.place() == null) {
            medium -= ShopCost.unplaced(plan.job());
            return;
        }
        soft -= Math.max(0, ShopCost.of(plan.job(), plan.day()));
        List<PlannedJob> there = byDay.computeIfAbsent(plan.day(), day -> new ArrayList<>());
        hard += missed(plan, there);
        hard -= against(plan, there);
        there.add(plan);
        hard -= missed(plan, there);
    }

    private void retract(PlannedJob plan) {
        if (plan.place() == null) {
            medium += ShopCost.unplaced(plan.job());
            return;
        }
        soft += Math.max(0, ShopCost.of(plan.job(), plan.day()));
        List<PlannedJob> there = byDay.get(plan.day());
        hard += missed(plan, there);
        there.remove(plan);
        hard -= missed(plan, there);
        hard += against(plan, there);
    }

    /** Minutes two jobs want the same thing, so that moving apart by a little already counts. */
    private long against(PlannedJob plan, List<PlannedJob> there) {
        JobSlot here = plan.placement();
        long minutes = 0;
        for (PlannedJob one : there) {
            JobSlot other = one.placement();
            if (here.overlaps(other)
                    && (ScheduleCheck.collide(here, other) || ScheduleCheck.contend(here, other, rules))) {
                minutes += Math.min(here.end(), other.end()) - Math.max(here.start(), other.start());
            }
        }
        return minutes;
    }

    /** Vehicles of its class too many in the shop that day. */
    private long missed(PlannedJob plan, List<PlannedJob> there) {
        Optional<Integer> most = mayBeIn.computeIfAbsent(plan.job().vehicleClass(), rules::mayBeIn);
        if (most.isEmpty()) {
            return 0;
        }
        List<String> units = new ArrayList<>();
        for (PlannedJob one : there) {
            if (one.job().fit()
                    && one.job().vehicleClass().equals(plan.job().vehicleClass())
                    && !units.contains(one.job().unit())) {
                units.add(one.job().unit());
            }
        }
        return ONE_TOO_MANY * Math.max(0, units.size() - most.get());
    }
}
