package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.fact.Finding;
import rotagens.core.fact.OpenFinding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.inspection.PlausibilityCheck;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;
import rotagens.core.wear.GrooveDepths;

/** One sign-off for desk and sheet: a steer tire of a coach, 110 psi on its placard and last read at that, 120 psi its maximum. */
class SignOffTest {

    private static final Position AT = Position.parse("1L");

    private static Optional<String> refused(VehicleState vehicle, WorkType kind, double psi) {
        return SignOff.refusesFill(vehicle, AT, kind, Pressure.psi(psi), Policy.DEFAULTS, TODAY)
                .map(why -> why.in(Units.US));
    }

    private static Map<PlausibilityCheck.CheckedValue, Message> asked(double psi, boolean filled) {
        Reading read = new Reading(
                TODAY,
                "",
                Optional.empty(),
                Optional.of(Pressure.psi(psi)),
                ThermalState.COLD,
                GrooveDepths.UNMEASURED,
                Optional.empty(),
                filled,
                Optional.empty(),
                Optional.empty());
        VehicleState low = coach().read("1L", reading(3, 92, 14, 14, 14)).state();
        return SignOff.asks(low, AT, read, Policy.DEFAULTS, TODAY);
    }

    @ParameterizedTest(name = "{0}")
    @EnumSource(
            value = WorkType.class,
            names = {"SET_PRESSURE", "FIND_LEAK", "REPLACE", "AGE_INSPECTION", "REPLACE_SENSOR"})
    @DisplayName("no work is signed off with a tire over a maximum")
    void overMaximum(WorkType kind) {
        VehicleState vehicle = coach().state();
        assertThat(refused(vehicle, kind, 121))
                .hasValueSatisfying(why -> assertThat(why).startsWith("Over the maximum 120 psi"));
        assertThat(refused(vehicle, kind, 120)).isEmpty();
    }

    @Test
    @DisplayName("a check fills nothing, so it refuses no figure: what it read is on record")
    void checkOnlyReads() {
        assertThat(refused(coach().state(), WorkType.PRESSURE_CHECK, 121)).isEmpty();
    }

    @Test
    @DisplayName(
            "a tire that ran low takes no air at the desk before the look inside; the professional's own sign-off may")
    void ranLow() {
        VehicleState vehicle = coach().found(
                        "1L", new OpenFinding(Finding.RUN_FLAT, TODAY, "R. Halloran", Optional.empty()))
                .state();
        assertThat(refused(vehicle, WorkType.SET_PRESSURE, 110))
                .hasValueSatisfying(why -> assertThat(why).startsWith("Danger: A tire at 80% of target or less"));
        assertThat(refused(vehicle, WorkType.FIND_LEAK, 110)).isPresent();
        assertThat(refused(vehicle, WorkType.INSPECT_DAMAGE, 110)).isEmpty();
        assertThat(refused(vehicle, WorkType.REPLACE, 110)).isEmpty();
    }

    @ParameterizedTest(name = "{0} psi, filled {1}: asked {2}")
    @CsvSource({"110,true,false", "99,true,true", "122,true,true", "92,false,false", "110,false,true"})
    @DisplayName("what was filled is held against its target, what was only read against the last reading")
    void asks(double psi, boolean filled, boolean asks) {
        assertThat(asked(psi, filled).containsKey(PlausibilityCheck.CheckedValue.PRESSURE))
                .isEqualTo(asks);
    }

    @Test
    @DisplayName("putting right clears what may be put right, never damage; mending a cause clears the signs of wear")
    void putsRight() {
        assertThat(SignOff.putsRight(WorkType.FIX_DEFECT))
                .isNotEmpty()
                .allMatch(finding -> finding.clearedBy() == Finding.ClearedBy.FIXED);
        assertThat(SignOff.putsRight(WorkType.CORRECT_WEAR_CAUSE))
                .isNotEmpty()
                .allMatch(finding -> finding.wearShape().isPresent());
        assertThat(SignOff.putsRight(WorkType.SET_PRESSURE)).isEmpty();
    }
}
