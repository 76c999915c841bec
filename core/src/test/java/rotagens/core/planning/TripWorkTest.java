package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;

import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.inspection.VehicleState;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.core.planning.WorkType.RequiredResult;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.Position;

/** A trip with another load: what is raised before it and restored after. */
class TripWorkTest {

    private static VehicleState emptyCoach(double fullEnd) {
        return coach().weighed(Map.of(LoadState.EMPTY, 5000.0, LoadState.FULL, fullEnd), LoadState.EMPTY)
                .state();
    }

    @Test
    @DisplayName(
            "only axles whose target changes are raised, by name of the load and from what; after it the other way round")
    void raisedAndRestored() {
        TripWork work = TripWork.of(emptyCoach(6400), LoadState.FULL, Policy.DEFAULTS, TODAY, Units.US);
        assertThat(work.raise()).containsOnlyKeys(Position.parse("1L"), Position.parse("1R"));
        assertThat(work.raise().get(Position.parse("1L")).in(Units.US))
                .isEqualTo("Raise to 115 psi for full load, from 85 psi");
        assertThat(work.restore().get(Position.parse("1R")).in(Units.US))
                .isEqualTo("Restore to 85 psi for empty load, from 115 psi");
    }

    @Test
    @DisplayName("a load that an axle can't carry at any pressure is refused when the trip is booked")
    void tooHeavy() {
        VehicleState coach = emptyCoach(9000);
        assertThatThrownBy(() -> TripWork.of(coach, LoadState.FULL, Policy.DEFAULTS, TODAY, Units.US))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageStartingWith("Axle 1 can’t carry that");
    }

    @ParameterizedTest(name = "{0}")
    @EnumSource(
            value = WorkType.class,
            names = {
                "INSPECT_DAMAGE",
                "REPLACE",
                "CORRECT_MISMATCH",
                "REPLACE_WHEEL",
                "ROTATE",
                "RETORQUE",
                "REPLACE_SENSOR",
                "SET_PRESSURE"
            })
    @DisplayName("work that can hurt somebody carries its caution")
    void caution(WorkType kind) {
        assertThat(kind.caution()).isPresent();
    }

    @Test
    @DisplayName("reading a code or weighing carries none")
    void withoutCaution() {
        assertThat(WorkType.READ_DOT.caution()).isEmpty();
        assertThat(WorkType.WEIGH.requiredResult()).containsExactly(RequiredResult.SCALE_TICKET);
        assertThat(WorkType.WEIGH.caution()).isEmpty();
    }
}
