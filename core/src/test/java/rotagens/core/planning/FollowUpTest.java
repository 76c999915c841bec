package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Torque;
import rotagens.core.vehicle.WheelSpec;

/** What follows work on the wheel. */
class FollowUpTest {

    private static final LocalDate DONE = LocalDate.of(2026, 11, 23);

    @Test
    @DisplayName("re-torque falls due after 75 miles, the next day where nobody knows how far it runs")
    void retorque() {
        assertThat(FollowUp.retorque(DONE, OptionalDouble.of(19))).isEqualTo(LocalDate.of(2026, 11, 27));
        assertThat(FollowUp.retorque(DONE, OptionalDouble.of(200))).isEqualTo(LocalDate.of(2026, 11, 24));
        assertThat(FollowUp.retorque(DONE, OptionalDouble.empty())).isEqualTo(LocalDate.of(2026, 11, 24));
        assertThat(FollowUp.retorque(DONE, OptionalDouble.of(0))).isEqualTo(LocalDate.of(2026, 11, 24));
    }

    @Test
    @DisplayName("450 N·m meant and 450 ft·lb set is noticed; a wrench within 5% is not")
    void torque() {
        WheelSpec wheel = new WheelSpec(
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                java.util.OptionalInt.empty(),
                "",
                false,
                Optional.of(Torque.parse("450 Nm", Torque.Unit.NM)),
                "",
                Optional.empty(),
                Optional.empty(),
                false,
                "");
        assertThat(wheel.agreesWith(Torque.parse("450", Torque.Unit.FT_LB))).isFalse();
        assertThat(wheel.agreesWith(Torque.parse("330", Torque.Unit.FT_LB))).isTrue();
        assertThat(wheel.agreesWith(Torque.parse("472", Torque.Unit.NM))).isTrue();
        assertThat(wheel.agreesWith(Torque.parse("473", Torque.Unit.NM))).isFalse();
        assertThat(WheelSpec.UNKNOWN.agreesWith(Torque.parse("450", Torque.Unit.FT_LB)))
                .isTrue();
    }
}
