package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Diagnosed.diagnose;
import static rotagens.core.inspection.Diagnosed.happened;
import static rotagens.core.inspection.Diagnosed.reported;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Finding;
import rotagens.core.inspection.Diagnosis.RankedCause;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.inspection.VehicleEvents.Type;
import rotagens.core.measure.Load;
import rotagens.core.measure.Units;
import rotagens.core.pressure.LoadCharts;
import rotagens.core.pressure.PressureInputs;
import rotagens.core.pressure.PressureMethod;
import rotagens.core.vehicle.LoadState;
import rotagens.core.wear.WearPattern.Shape;
import rotagens.core.weighing.AxleWeight;
import rotagens.core.weighing.ScaleTicket;

class DiagnosisTest {

    private static RankedCause cause(Diagnosis diagnosis, WearCause cause) {
        return diagnosis.causes().stream()
                .filter(one -> one.cause() == cause)
                .findFirst()
                .orElseThrow();
    }

    private static List<String> statement(List<rotagens.core.measure.Message> evidence) {
        return evidence.stream().map(one -> one.in(Units.US)).toList();
    }

    private static Sample worn(String position, double psi, double outer, double center, double inner) {
        return coach().read(
                        position,
                        reading(3, psi, outer, center, inner),
                        reading(31, psi, outer, center, inner),
                        reading(59, psi, outer, center, inner));
    }

    @Test
    @DisplayName("one steer tire worn inside while the other is even points to camber, with toe ruled down")
    void camber() {
        Diagnosis diagnosis = diagnose(worn("1R", 110, 12, 11, 9), "1R", VehicleEvents.NONE);
        assertThat(diagnosis.pattern().shape()).isEqualTo(Shape.INNER_SHOULDER);
        assertThat(diagnosis.causes().get(0).cause()).isEqualTo(WearCause.CAMBER);
        assertThat(statement(cause(diagnosis, WearCause.CAMBER).evidenceFor()))
                .containsExactly("1L across the axle is even");
        assertThat(statement(cause(diagnosis, WearCause.TOE).evidenceAgainst()))
                .containsExactly("1L across the axle is even");
        assertThat(diagnosis.unknown()).contains("When it was last aligned.");
    }

    @Test
    @DisplayName("both steer tires worn inside point to toe, and a driver's report of a pull adds to it")
    void toe() {
        Sample both = worn("1R", 110, 12, 11, 9).read("1L", reading(3, 110, 12, 11, 9));
        Diagnosis diagnosis = diagnose(both, "1R", reported(Symptom.STEERING_WHEEL_OFF_CENTER, 20));
        assertThat(diagnosis.causes().get(0).cause()).isEqualTo(WearCause.TOE);
        assertThat(statement(diagnosis.causes().get(0).evidenceFor()))
                .contains("1L is worn on the same edge", "A driver reported on Nov 3, 2026: steering wheel off center");
    }

    @Test
    @DisplayName("a pull with one side 10 psi low is pressure until proven otherwise")
    void pull() {
        Sample low = worn("1R", 98, 12, 11, 9).read("1L", reading(3, 110, 12, 11, 9));
        assertThat(statement(cause(diagnose(low, "1R", reported(Symptom.PULL_RIGHT, 5)), WearCause.TOE)
                        .evidenceAgainst()))
                .contains("It pulls, but one side is 10 psi low: pressure until proven otherwise");
    }

    @Test
    @DisplayName(
            "center wear with readings over the target is over-inflation; on target it is the load that isn't carried")
    void center() {
        Diagnosis high = diagnose(worn("2LO", 103, 12, 9, 12), "2LO", VehicleEvents.NONE);
        assertThat(high.causes().get(0).cause()).isEqualTo(WearCause.OVER_INFLATION);
        assertThat(statement(high.causes().get(0).evidenceFor()))
                .containsExactly("3 of 3 cold readings over the target 95 psi");
        PressureInputs light = new PressureInputs(
                LoadCharts.EMPTY,
                List.of(new ScaleTicket(
                        TODAY.minusDays(30),
                        LoadState.NORMAL,
                        "pads",
                        List.of(
                                AxleWeight.ends(1, Load.lb(5000), Load.lb(5000)),
                                AxleWeight.ends(2, Load.lb(6000), Load.lb(6000)),
                                AxleWeight.ends(3, Load.lb(4000), Load.lb(4000))),
                        Optional.empty(),
                        Map.of())),
                PressureInputs.CurrentLoadState.USUAL,
                Optional.of(new PressureInputs.MethodChoice(
                        PressureMethod.PLACARD, "as made", "Ines", TODAY, false, Map.of())),
                Map.of(),
                Map.of(),
                Optional.empty());
        Diagnosis onTarget = diagnose(worn("2LO", 95, 12, 9, 12).rated().facts(light), "2LO", VehicleEvents.NONE);
        assertThat(onTarget.causes().get(0).cause()).isEqualTo(WearCause.LOAD_BELOW_PRESSURE);
        assertThat(statement(onTarget.causes().get(0).evidenceFor()))
                .containsExactly(
                        "All 3 cold readings on the target 95 psi", "3,000 lb weighed, the target carries 5,304 lb");
        assertThat(statement(cause(onTarget, WearCause.OVER_INFLATION).evidenceAgainst()))
                .isNotEmpty();
        assertThat(onTarget.conflict()).isEmpty();
    }

    @Test
    @DisplayName("both shoulders with low readings are under-inflation; with a clean history hard cornering moves up")
    void shoulders() {
        assertThat(diagnose(worn("3L", 80, 9, 12, 9), "3L", VehicleEvents.NONE)
                        .causes()
                        .get(0)
                        .cause())
                .isEqualTo(WearCause.UNDER_INFLATION);
        assertThat(diagnose(worn("3L", 90, 9, 12, 9), "3L", VehicleEvents.NONE)
                        .causes()
                        .get(0)
                        .cause())
                .isEqualTo(WearCause.HARD_CORNERING);
    }

    @Test
    @DisplayName(
            "aligned long before the tread was read speaks against toe and camber; just before, it says nothing yet")
    void aligned() {
        Sample worn = worn("1R", 110, 12, 11, 9);
        assertThat(statement(cause(diagnose(worn, "1R", happened(Type.ALIGNMENT, 120)), WearCause.CAMBER)
                        .evidenceAgainst()))
                .anyMatch(words -> words.startsWith("Aligned on Jul 26, 2026"));
        Diagnosis justAligned = diagnose(worn, "1R", happened(Type.ALIGNMENT, 20));
        assertThat(statement(cause(justAligned, WearCause.CAMBER).evidenceFor()))
                .containsExactly("1L across the axle is even");
        assertThat(justAligned.unknown())
                .contains("Whether it still wears so: aligned since, measure again in 60 days.");
    }

    @Test
    @DisplayName("where the evidence goes both ways it says so instead of choosing")
    void conflict() {
        Sample once = coach().read("1R", reading(3, 110, 12, 11, 9));
        Diagnosis diagnosis = diagnose(once, "1R", happened(Type.ALIGNMENT, 120));
        assertThat(diagnosis.conflict().orElseThrow())
                .startsWith("The evidence on camber, or a bent part is ambiguous");
    }

    @Test
    @DisplayName("cupping asks for the shocks first, a flat spot on a parked vehicle for moving it")
    void signs() {
        assertThat(diagnose(coach().found("1L", 2, Finding.CUPPING), "1L", VehicleEvents.NONE)
                        .causes()
                        .get(0)
                        .cause())
                .isEqualTo(WearCause.SHOCKS);
        Sample parked = coach().found("1L", 2, Finding.FLAT_SPOT).parkedSince(TODAY.minusDays(90));
        assertThat(diagnose(parked, "1L", VehicleEvents.NONE).causes().get(0).cause())
                .isEqualTo(WearCause.LONG_PARKING);
    }

    @Test
    @DisplayName("an even tread has no cause to look for, and every cause says what to check first")
    void even() {
        assertThat(diagnose(coach(), "1L", VehicleEvents.NONE).causes()).isEmpty();
        for (WearCause cause : WearCause.values()) {
            assertThat(cause.firstCheck()).endsWith(".");
        }
        for (Shape shape : Shape.values()) {
            assertThat(WearCause.of(shape).isEmpty()).isEqualTo(shape == Shape.EVEN);
        }
    }
}
