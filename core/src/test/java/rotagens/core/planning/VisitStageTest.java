package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.tire;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.alert.SuspensionAlert;
import rotagens.core.inspection.Assessment;
import rotagens.core.inspection.TireAssessor;
import rotagens.core.inspection.VehicleState;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.jobsheet.VisitFigures;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.planning.VisitStage.Stage;
import rotagens.core.planning.VisitStage.State;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;

/** The stages of a visit, and what keeps a vehicle from being handed over. */
class VisitStageTest {

    private static final Map<VisitEntryType, String> AROUND_A_LIFT = Map.of(
            VisitEntryType.DAMAGE, "none", VisitEntryType.ROAD_TEST_AFTER, "straight", VisitEntryType.CLEAN_UP, "");

    private static final VisitFigures NOTHING = VisitFigures.of(List.of());

    private static VisitStage.Facts facts(
            List<WorkType> work, boolean closed, Map<VisitEntryType, String> noted, VehicleState vehicle) {
        return new VisitStage.Facts(
                work, closed, closed ? 0 : 3, noted, NOTHING, Optional.empty(), Optional.empty(), vehicle, Map.of());
    }

    private static List<Stage> gates(VisitStage.Facts facts) {
        return VisitStage.gates(VisitStage.of(facts)).stream()
                .map(VisitStage::stage)
                .toList();
    }

    private static VehicleState sound() {
        return coach().state();
    }

    @Test
    @DisplayName("a tire replaced wants check-in, the work signed off, a road test and everything put back")
    void afterALift() {
        assertThat(gates(facts(List.of(WorkType.REPLACE), false, Map.of(), sound())))
                .containsExactly(Stage.CHECK_IN, Stage.WORK, Stage.ROAD_TEST_AFTER, Stage.CLEAN_UP);
        assertThat(gates(facts(List.of(WorkType.REPLACE), true, AROUND_A_LIFT, sound())))
                .isEmpty();
    }

    @Test
    @DisplayName("steps of the sheet that are open are counted in the words")
    void openSteps() {
        assertThat(VisitStage.gates(VisitStage.of(facts(List.of(WorkType.PRESSURE_CHECK), false, Map.of(), sound()))))
                .singleElement()
                .satisfies(gate -> assertThat(gate.statement().get(0).in(Units.US))
                        .isEqualTo("3 steps of the job sheet are open, and the job is not complete."));
    }

    @Test
    @DisplayName("a pressure check alone wants nothing but its own figures")
    void pressureOnly() {
        assertThat(gates(facts(List.of(WorkType.PRESSURE_CHECK), true, Map.of(), sound())))
                .isEmpty();
    }

    private static VisitFigures.Line toe(VisitEntryType type, String axle) {
        return new VisitFigures.Line(type, Map.of("axle", axle, "toe", "0.1°", "toeMost", "0.2°"));
    }

    private static List<Stage> aligned(VisitFigures.Line... lines) {
        Map<VisitEntryType, String> noted = new HashMap<>(AROUND_A_LIFT);
        noted.put(VisitEntryType.ROAD_TEST_BEFORE, "pulls left");
        return gates(new VisitStage.Facts(
                List.of(WorkType.ALIGN),
                true,
                0,
                noted,
                VisitFigures.of(List.of(lines)),
                Optional.empty(),
                Optional.empty(),
                sound(),
                Map.of()));
    }

    @Test
    @DisplayName("work on the axles wants a road test before and a measured alignment after")
    void axles() {
        assertThat(gates(facts(List.of(WorkType.ALIGN), true, AROUND_A_LIFT, sound())))
                .containsExactly(Stage.ROAD_TEST_BEFORE, Stage.ALIGNMENT);
        assertThat(aligned(toe(VisitEntryType.ALIGNMENT_AFTER, "1"))).isEmpty();
    }

    @Test
    @DisplayName("each axle measured before is measured after; one doesn't stand for the other")
    void eachAxle() {
        VisitFigures.Line[] one = {
            toe(VisitEntryType.ALIGNMENT_BEFORE, "1"),
            toe(VisitEntryType.ALIGNMENT_BEFORE, "2"),
            toe(VisitEntryType.ALIGNMENT_AFTER, "1")
        };
        assertThat(aligned(one)).containsExactly(Stage.ALIGNMENT);
        VisitFigures.Line[] both = java.util.Arrays.copyOf(one, 4);
        both[3] = toe(VisitEntryType.ALIGNMENT_AFTER, "2");
        assertThat(aligned(both)).isEmpty();
    }

    @Test
    @DisplayName("a photo in place of the figures measures nothing, and takes none back")
    void photo() {
        VisitFigures.Line photo = new VisitFigures.Line(VisitEntryType.ALIGNMENT_AFTER, Map.of());
        assertThat(aligned(photo)).containsExactly(Stage.ALIGNMENT);
        assertThat(aligned(toe(VisitEntryType.ALIGNMENT_AFTER, "1"), photo)).isEmpty();
    }

    @Test
    @DisplayName("weighing is done by a scale ticket")
    void weighing() {
        assertThat(gates(facts(List.of(WorkType.WEIGH), true, Map.of(), sound())))
                .containsExactly(Stage.WEIGHING);
        VisitStage.Facts weighed = new VisitStage.Facts(
                List.of(WorkType.WEIGH),
                true,
                0,
                Map.of(),
                NOTHING,
                Optional.of(Message.of("axle 1 12,100 lb")),
                Optional.empty(),
                sound(),
                Map.of());
        assertThat(gates(weighed)).isEmpty();
    }

    @Test
    @DisplayName("a joint over its limit and a tire that must not be operated keep the vehicle in, each named")
    void notFit() {
        VehicleState worn = sound().with(SuspensionAlert.fold(VisitEntryType.JOINT_PLAY.facts(
                Map.of("joint", "Tie rod", "play", "0.08 in", "limit", "0.05 in"), TODAY, "R. Halloran")));
        assertThat(gates(facts(List.of(WorkType.PRESSURE_CHECK), true, Map.of(), worn)))
                .containsExactly(Stage.FIT_TO_LEAVE);
        VehicleState old = coach().fitted("1L", tire("275/70R22.5", "3016")).state();
        Map<Position, Assessment> judged = TireAssessor.judge(old, Policy.DEFAULTS, TODAY);
        VisitStage fit = VisitStage.of(new VisitStage.Facts(
                        List.of(), true, 0, Map.of(), NOTHING, Optional.empty(), Optional.empty(), old, judged))
                .stream()
                .filter(one -> one.stage() == Stage.FIT_TO_LEAVE)
                .findFirst()
                .orElseThrow();
        assertThat(fit.state()).isEqualTo(State.OPEN);
        assertThat(fit.statement().get(0).in(Units.US)).startsWith("1L ");
    }

    @Test
    @DisplayName("signed, it says to whom, and holds nothing more up")
    void signed() {
        VisitStage.Facts signed = new VisitStage.Facts(
                List.of(), true, 0, Map.of(), NOTHING, Optional.empty(), Optional.of("M. Quist"), sound(), Map.of());
        VisitStage last = VisitStage.of(signed).get(VisitStage.of(signed).size() - 1);
        assertThat(last.state()).isEqualTo(State.DONE);
        assertThat(last.statement().get(0).in(Units.US)).isEqualTo("To M. Quist");
    }
}
