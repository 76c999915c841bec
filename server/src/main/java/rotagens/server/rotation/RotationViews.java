package rotagens.server.rotation;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;
import rotagens.core.rotation.CandidateTire;
import rotagens.core.rotation.MovePlan;
import rotagens.core.rotation.RotationGoal;

/** The shapes the rotation bench has on the wire. */
final class RotationViews {

    private RotationViews() {}

    record RotationGoalView(RotationGoal code, String label, String means) {}

    /**
     * A tire on the bench.
     *
     * @param share mean depth as a share of the depth when new
     * @param stays what can be told of how long it lasts, in words
     * @param spokenFor the vehicle an open rotation has chosen it for
     */
    record CandidateTireView(
            long id,
            String name,
            CandidateTire.TireSource source,
            @Nullable String at,
            String model,
            String sidewall,
            @Nullable String depth,
            double share,
            @Nullable String age,
            @Nullable String dot,
            boolean retread,
            boolean damaged,
            @Nullable String price,
            @Nullable String where,
            boolean chosen,
            @Nullable String isReserved) {}

    record RotationPositionView(
            String position,
            String name,
            @Nullable String wheel,
            @Nullable String torque) {}

    record OverrideView(Rule rule, String title) {}

    record OpenRotation(long jobId, LocalDate day) {}

    /** @param mostStock how many tires from stock can be considered at a time */
    record RotationView(
            String unit,
            LocalDate today,
            LocalDate nextVisit,
            List<RotationGoalView> goals,
            List<RotationPositionView> positions,
            List<CandidateTireView> tires,
            List<OverrideView> overridable,
            ArrangementView now,
            int mostStock,
            @Nullable OpenRotation open) {}

    /** What a proposal or an evaluation is made under. */
    record RotationOptions(
            @Nullable LocalDate nextVisit,
            @Nullable List<Long> stock,
            boolean buy,
            @Nullable Set<Rule> override) {

        private static final RotationOptions NOTHING = new RotationOptions(null, List.of(), false, Set.of());

        private static RotationOptions orNothing(@Nullable RotationOptions rotationOptions) {
            return rotationOptions == null ? NOTHING : rotationOptions;
        }
    }

    record ProposeRotationRequest(
            RotationOptions options, @Nullable RotationGoal goal) {

        ProposeRotationRequest {
            options = RotationOptions.orNothing(options);
        }
    }

    /**
     * An arrangement put together by hand.
     *
     * @param places tire by position
     * @param picked the tire whose legal places are asked for
     */
    record EvaluateRotationRequest(
            RotationOptions options,
            Map<String, Long> arrangement,
            @Nullable Long picked) {

        EvaluateRotationRequest {
            options = RotationOptions.orNothing(options);
            arrangement = arrangement == null ? Map.of() : arrangement;
        }
    }

    /**
     * An arrangement to become a job.
     *
     * @param before tire by position, as its person saw the vehicle
     * @param reason why rules were overridden, where any were
     */
    record ScheduleRotationRequest(
            RotationOptions options,
            @Nullable RotationGoal goal,
            Map<String, Long> arrangement,
            Map<String, Long> before,
            @Nullable String reason,
            @Nullable LocalDate day) {

        ScheduleRotationRequest {
            options = RotationOptions.orNothing(options);
            arrangement = arrangement == null ? Map.of() : arrangement;
            before = before == null ? Map.of() : before;
        }
    }

    /** Positions whose tires are to go, everything else staying. */
    record FindReplacementRequest(
            RotationOptions options, @Nullable List<String> positions) {

        FindReplacementRequest {
            options = RotationOptions.orNothing(options);
        }
    }

    /** One tire for one retired place, and how it matches its neighbours. */
    record TireMatchView(String position, long tireId, String tire, List<String> matches) {}

    /** Tires for the retired places; {@code order} says that one has to be bought. */
    record InstalledOptionView(Map<String, Long> arrangement, List<TireMatchView> fits, boolean order) {}

    /** A tire that may not go there. */
    record RejectedTireView(long tireId, String tire, String position, String title, String statement) {}

    /** @param why the best comes before the runner-up */
    record ReplacementView(
            @Nullable InstalledOptionView best,
            @Nullable InstalledOptionView runnerUp,
            @Nullable String reason,
            List<RejectedTireView> rejected) {}

    record ViolationView(
            List<String> positions,
            Rule rule,
            String title,
            String statement,
            String explanation,
            Verdict verdict,
            boolean overridable) {}

    /** One figure, before and after. */
    record MetricView(
            String metric,
            String before,
            String after,
            @Nullable Boolean better) {}

    record MoveView(
            long tireId,
            String tire,
            @Nullable String from,
            @Nullable String to,
            MovePlan.MoveMethod method,
            String label) {}

    record LiftView(List<String> off, List<String> jackAt, List<MoveView> moves) {}

    /** Whether a place takes the picked tire, and what forbids it. */
    record ReplacementOptionView(String position, boolean allowed, List<String> explanation) {}

    /**
     * Why nothing legal was found.
     *
     * @param cures what would help, cheapest first
     */
    record InfeasibilityView(List<String> rules, List<ViolationView> violations, List<String> remedies) {}

    /**
     * An arrangement with everything there is to say about it.
     *
     * @param points for its purpose; null where it was put together by hand
     * @param gap by how many points another might still be better; 0 where it is proven best
     * @param obstacle set where no arrangement was found; {@code places} is then how the tires sit today
     */
    record ArrangementView(
            Map<String, Long> arrangement,
            List<ViolationView> violations,
            List<MetricView> metrics,
            List<LiftView> lifts,
            List<Long> unused,
            boolean relearn,
            List<String> notes,
            @Nullable Long points,
            @Nullable Long optimalityGap,
            List<ReplacementOptionView> options,
            @Nullable InfeasibilityView infeasibility) {}
}
