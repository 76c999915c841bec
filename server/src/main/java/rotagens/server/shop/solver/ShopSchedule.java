package rotagens.server.shop.solver;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.List;
import rotagens.core.shop.ShopConstraints;

/** All jobs of a planning run, and the rules they are planned by. */
@PlanningSolution
public class ShopSchedule {

    @PlanningEntityCollectionProperty
    private List<PlannedJob> jobs;

    @ProblemFactProperty
    private ShopConstraints rules;

    @PlanningScore
    private HardMediumSoftLongScore score;

    /** For the solver. */
    public ShopSchedule() {}

    ShopSchedule(List<PlannedJob> jobs, ShopConstraints rules) {
        this.jobs = jobs;
        this.rules = rules;
    }

    ShopConstraints rules() {
        return rules;
    }

    List<PlannedJob> jobs() {
        return jobs;
    }
}
