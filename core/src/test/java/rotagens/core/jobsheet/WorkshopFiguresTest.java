package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;

/** Torque star, valve clock and purge, by their worked figures. */
class WorkshopFiguresTest {

    @ParameterizedTest
    @CsvSource({
        "5, 1 3 5 2 4",
        "6, 1 4 3 6 2 5",
        "8, 1 5 3 7 2 6 4 8",
        "10, 1 6 3 8 5 10 2 7 4 9",
    })
    @DisplayName("the star of 5, 6, 8 and 10 nuts")
    void star(int nuts, String order) {
        assertThat(TorqueSequence.of(nuts).order().stream().map(String::valueOf))
                .containsExactly(order.split(" "));
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    @DisplayName(
            "whatever the circle, each nut is tightened once, an even one by opposite pairs, an odd one across the wheel")
    void starProperty(int nuts) {
        List<Integer> order = TorqueSequence.of(nuts).order();
        assertThat(order).hasSize(nuts).doesNotHaveDuplicates();
        for (int i = 1; i < nuts; i += nuts % 2 == 0 ? 2 : 1) {
            int apart = Math.abs(order.get(i) - order.get(i - 1));
            assertThat(Math.min(apart, nuts - apart)).as("%s", order).isEqualTo(nuts / 2);
        }
    }

    @Test
    @DisplayName("no wheel has 2 or 13 nuts")
    void noStar() {
        assertThatThrownBy(() -> TorqueSequence.of(2)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> TorqueSequence.of(13)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    @DisplayName("without a sheet both ways: opposite the breaker, or a quarter turn, 12 or 6 with the breaker at 3")
    void schools() {
        ValveClock clock = ValveClock.of(BeadStep.BREAK_FRONT, Optional.empty());
        assertThat(clock.valvePositions())
                .extracting(ValveClock.ValvePosition::clock)
                .containsExactly("9 o’clock", "12 or 6 o’clock");
        assertThat(clock.exclusionAngle()).isEqualTo(90);
    }

    @Test
    @DisplayName("the machine's own sheet wins, and rollers don't reach the sensor at the breaker")
    void sheetWins() {
        assertThat(ValveClock.of(BeadStep.MOUNT_TOP, Optional.of(Bay.ROLLERS)).valvePositions())
                .extracting(ValveClock.ValvePosition::clock)
                .containsExactly("8 o’clock");
        assertThat(ValveClock.of(BeadStep.BREAK_FRONT, Optional.of(Bay.ROLLERS)).valvePositions())
                .isEmpty();
    }

    @Test
    @DisplayName(
            "each machine is spoken of by its own tools, never of a shovel where there is none, at all five places of the valve")
    void tools() {
        for (TireChanger machine : List.of(Bay.SMALL, Bay.ROLLERS)) {
            JobSheet sheet =
                    new Bay().does("1L", WheelTask.SENSOR_DISMOUNT).on(machine).sheet();
            String words = sheet.steps().stream()
                    .map(step -> step.does().in(Units.US)
                            + step.caution()
                                    .map(caution -> caution.in(Units.US))
                                    .orElse("")
                            + step.beads().stream()
                                    .map(bead -> ValveClock.of(bead, Optional.of(machine))
                                            .valvePositions())
                                    .toList())
                    .toList()
                    .toString();
            assertThat(words.contains("shovel")).as(machine.name()).isEqualTo(machine == Bay.SMALL);
            assertThat(words.contains("jaws")).as(machine.name()).isEqualTo(machine == Bay.SMALL);
            assertThat(words.contains("unlock the center shaft")).isEqualTo(machine == Bay.ROLLERS);
            assertThat(sheet.steps().stream().flatMap(step -> step.beads().stream()))
                    .containsExactly(BeadStep.values());
        }
        assertThat(ValveClock.of(BeadStep.BREAK_FRONT, Optional.of(Bay.SMALL))
                        .explanation()
                        .in(Units.US))
                .startsWith("The sheet of Changer 1 isn’t on file");
    }

    @ParameterizedTest
    @CsvSource({"3, 0", "12, 270", "6, 90", "9 o'clock, 180", "1, 300"})
    @DisplayName("a clock position is an angle from the tool at 3, and reads back the same")
    void clock(String typed, int angle) {
        assertThat(TireChanger.angle(typed)).isEqualTo(angle);
        assertThat(String.valueOf(TireChanger.clock(angle))).isEqualTo(typed.replaceAll("\\D", ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"13", "0", "", "half past", "99"})
    @DisplayName("clock position 13 is refused in words")
    void noClock(String typed) {
        assertThatThrownBy(() -> TireChanger.angle(typed)).hasMessageContaining("1 to 12, with the tool at 3");
    }

    @Test
    @DisplayName("a machine's smallest rim isn't larger than its largest")
    void rims() {
        assertThatThrownBy(() -> new TireChanger(
                        "Changer 3",
                        TireChanger.TireChangerType.LEVERLESS,
                        Optional.empty(),
                        OptionalDouble.of(24),
                        OptionalDouble.of(14),
                        Optional.empty(),
                        Map.of()))
                .hasMessageContaining("Read the machine’s plate again");
    }

    @Test
    @DisplayName("one fill to 110 psi from a 98% supply leaves 4.4% of impurity, to 40 psi it takes two fills to 95%")
    void purge() {
        assertThat(NitrogenPurge.impurityAfter(22, 2, 110)).isCloseTo(4.36, within(0.01));
        assertThat(NitrogenPurge.fillsTo(95, 2, 110)).hasValue(1);
        assertThat(NitrogenPurge.fillsTo(95, 2, 40)).hasValue(2);
        assertThat(NitrogenPurge.fillsTo(99, 2, 110))
                .as("a supply of 98% never gets there")
                .isEmpty();
    }
}
