package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.Torque;
import rotagens.core.shop.DayWindow;
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

    @ParameterizedTest(name = "{0} miles a day: {1} to {2}, planned {3}")
    @CsvSource({"10, 5, 10, 8", "19, 2, 5, 4", "30, 1, 3, 3", "60, 0, 1, 1", "100, 0, 1, 1", "300, 0, 1, 1"})
    @DisplayName("the re-torque is meant for the days on which it has run 50 to 100 miles, and planned inside them")
    void window(double perDay, int from, int to, int planned) {
        DayWindow window =
                FollowUp.retorqueWindow(DONE, OptionalDouble.of(perDay)).orElseThrow();
        assertThat(window.from()).isEqualTo(DONE.plusDays(from));
        assertThat(window.to()).isEqualTo(DONE.plusDays(to));
        LocalDate day = FollowUp.retorque(DONE, OptionalDouble.of(perDay));
        assertThat(day).isEqualTo(DONE.plusDays(planned));
        assertThat(window.holds(day)).isTrue();
    }

    @Test
    @DisplayName(
            "nobody knows the days of a vehicle whose miles nobody knows: any day will do, and the odometer decides")
    void noWindow() {
        assertThat(FollowUp.retorqueWindow(DONE, OptionalDouble.empty())).isEmpty();
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

    @Test
    @DisplayName("the pressure check after bead work counts from the day after on, not on the day itself")
    void pressureCheckTooSoon() {
        LocalDate done = LocalDate.of(2026, 11, 23);
        assertThat(FollowUp.pressureCheckTooSoon(FollowUp.pressureCheck(done), done)
                        .orElseThrow()
                        .in(rotagens.core.measure.Units.US))
                .isEqualTo(
                        "This is the pressure check on the day after work on the bead, meant for Nov 24, 2026: before that a leak does not show.");
        assertThat(FollowUp.pressureCheckTooSoon(FollowUp.pressureCheck(done), done.plusDays(1)))
                .isEmpty();
        assertThat(FollowUp.pressureCheckTooSoon(FollowUp.pressureCheck(done), done.plusDays(3)))
                .isEmpty();
    }
}
