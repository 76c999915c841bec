package rotagens.server.rotation;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.Moves;
import rotagens.core.rotation.Purpose;

/** The shapes the rotation bench has on the wire. */
final class RotationViews {

    private RotationViews() {}

    record PurposeView(Purpose code, String words, String means) {}

    /**
     * A tire on the bench.
     *
     * @param share mean depth as a share of the depth when new
     * @param stays what can be told of how long it lasts, in words
     * @param spokenFor the vehicle an open rotation has chosen it for
     */
    record BenchTireView(
            long id,
            String name,
            BenchTire.Source source,
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
            @Nullable String spokenFor) {}

    record PlaceView(
            String position,
            String name,
            @Nullable String wheel,
            @Nullable String torque) {}

    record OverrideView(Rule rule, String title) {}

    record OpenRotation(long jobId, LocalDate day) {}

    record BenchView(
            String unit,
            LocalDate today,
            LocalDate nextVisit,
            List<PurposeView> purposes,
            List<PlaceView> places,
            List<BenchTireView> tires,
            List<OverrideView> overridable,
            ArrangementView now,
            @Nullable OpenRotation open) {}

    /** What a proposal or an evaluation is made under. */
    record Asked(
            @Nullable LocalDate nextVisit,
            @Nullable List<Long> stock,
            boolean buy,
            @Nullable Set<Rule> override) {

        private static final Asked NOTHING = new Asked(null, List.of(), false, Set.of());

        private static Asked orNothing(@Nullable Asked asked) {
            return asked == null ? NOTHING : asked;
        }
    }

    record Propose(Asked asked, @Nullable Purpose purpose) {

        Propose {
            asked = Asked.orNothing(asked);
        }
    }

    /**
     * An arrangement put together by hand.
     *
     * @param places tire by position
     * @param picked the tire whose legal places are asked for
     */
    record Evaluate(
            Asked asked, Map<String, Long> places, @Nullable Long picked) {

        Evaluate {
            asked = Asked.orNothing(asked);
            places = places == null ? Map.of() : places;
        }
    }

    /**
     * An arrangement to become a job.
     *
     * @param before tire by position, as its person saw the vehicle
     * @param reason why rules were overridden, where any were
     */
    record Accept(
            Asked asked,
            @Nullable Purpose purpose,
            Map<String, Long> places,
            Map<String, Long> before,
            @Nullable String reason,
            @Nullable LocalDate day) {

        Accept {
            asked = Asked.orNothing(asked);
            places = places == null ? Map.of() : places;
            before = before == null ? Map.of() : before;
        }
    }

    /** Positions whose tires are to go, everything else staying. */
    record Retire(Asked asked, @Nullable List<String> positions) {

        Retire {
            asked = Asked.orNothing(asked);
        }
    }

    /** One tire for one retired place, and how it matches its neighbours. */
    record FitView(String position, long tireId, String tire, List<String> matches) {}

    /** Tires for the retired places; {@code order} says that one has to be bought. */
    record PickedView(Map<String, Long> places, List<FitView> fits, boolean order) {}

    /** A tire that may not go there. */
    record RefusedView(long tireId, String tire, String position, String title, String says) {}

    /** @param why the best comes before the runner-up */
    record ReplacementView(
            @Nullable PickedView best,
            @Nullable PickedView runnerUp,
            @Nullable String why,
            List<RefusedView> refused) {}

    record ViolationView(
            List<String> positions,
            Rule rule,
            String title,
            String says,
            String because,
            Verdict verdict,
            boolean overridable) {}

    /** One figure, before and after. */
    record FigureView(
            String what,
            String before,
            String after,
            @Nullable Boolean better) {}

    record MoveView(
            long tireId,
            String tire,
            @Nullable String from,
            @Nullable String to,
            Moves.How how,
            String words) {}

    record LiftView(List<String> off, List<String> jackAt, List<MoveView> moves) {}

    /** Whether a place takes the picked tire, and what forbids it. */
    record PickView(String position, boolean allowed, List<String> because) {}

    /**
     * Why nothing legal was found.
     *
     * @param cures what would help, cheapest first
     */
    record ObstacleView(List<String> rules, List<ViolationView> violations, List<String> cures) {}

    /**
     * An arrangement with everything there is to say about it.
     *
     * @param points for its purpose; null where it was put together by hand
     * @param gap by how many points another might still be better; 0 where it is proven best
     * @param obstacle set where no arrangement was found; {@code places} is then how the tires sit today
     */
    record ArrangementView(
            Map<String, Long> places,
            List<ViolationView> violations,
            List<FigureView> figures,
            List<LiftView> lifts,
            List<Long> unused,
            boolean relearn,
            List<String> notes,
            @Nullable Long points,
            @Nullable Long gap,
            List<PickView> picks,
            @Nullable ObstacleView obstacle) {}
}
