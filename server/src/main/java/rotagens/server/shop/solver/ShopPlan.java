package rotagens.server.shop.solver;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.List;
import rotagens.core.shop.ShopRules;

/** All jobs of a planning run, and the rules they are planned by. */
@PlanningSolution
public class ShopPlan {

    @PlanningEntityCollectionProperty
    private List<JobPlan> jobs;

    @ProblemFactProperty
    private ShopRules rules;

    @PlanningScore
    private HardMediumSoftLongScore score;

    /** For the solver. */
    public ShopPlan() {}

    ShopPlan(List<JobPlan> jobs, ShopRules rules) {
        this.jobs = jobs;
        this.rules = rules;
    }

    ShopRules rules() {
        return rules;
    }

    List<JobPlan> jobs() {
        return jobs;
    }
}
