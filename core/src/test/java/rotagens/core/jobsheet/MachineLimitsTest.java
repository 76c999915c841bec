package rotagens.core.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Length;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/** What a tire changer takes, on each limit of its plate and just past it. */
class MachineLimitsTest {

    private static TireChanger machine(OptionalDouble least, OptionalDouble most) {
        return new TireChanger(
                "Changer 1",
                TireChanger.TireChangerType.SIDE_SHOVEL,
                Optional.of(Length.ofInches(40)),
                least,
                most,
                Optional.of(Length.ofInches(10)),
                Map.of());
    }

    private static final TireChanger PLATE = machine(OptionalDouble.of(12), OptionalDouble.of(22.5));

    private static TireChanger.Assembly tire(double diameter, double rim, double width) {
        return new TireChanger.Assembly(
                Optional.of(Length.ofInches(diameter)), rim, Optional.of(Length.ofInches(width)));
    }

    private static List<String> statement(List<Message> messages) {
        return messages.stream().map(message -> message.in(Units.US)).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    40   | 22.5 | 10   | ''
                    30   | 12   | 6    | ''
                    40.1 | 17   | 8    | 40.1 in across, Changer 1 takes 40 in at most
                    32   | 17   | 10.1 | 10.1 in wide, Changer 1 takes 10 in at most
                    32   | 24.5 | 8    | 24.5 in rim, Changer 1 takes 12 to 22.5 in
                    20   | 10   | 5    | 10 in rim, Changer 1 takes 12 to 22.5 in
                    """)
    @DisplayName("on a limit of the plate a tire fits, past it the machine says which")
    void against(double diameter, double rim, double width, String expected) {
        assertThat(String.join("; ", statement(PLATE.violations(tire(diameter, rim, width))))
                        .replaceAll("\\.0(?= in)", "")
                        .replaceAll("(\\.\\d)0(?= in)", "$1"))
                .isEqualTo(expected);
    }

    @Test
    @DisplayName("a limit nobody has read holds nothing back, and is said to be unknown")
    void unread() {
        TireChanger open = machine(OptionalDouble.empty(), OptionalDouble.of(20));
        assertThat(statement(open.violations(tire(30, 5, 5)))).isEmpty();
        assertThat(statement(open.violations(tire(30, 22.5, 5))))
                .containsExactly("22.5 in rim, Changer 1 takes any to 20 in");
        assertThat(statement(
                        machine(OptionalDouble.of(14), OptionalDouble.empty()).violations(tire(30, 13, 5))))
                .containsExactly("13 in rim, Changer 1 takes 14 to any in");
        assertThat(statement(PLATE.unknown(tire(30, 17, 8)))).isEmpty();
        assertThat(statement(PLATE.unknown(new TireChanger.Assembly(Optional.empty(), 17, Optional.empty()))))
                .containsExactly("the tire’s diameter isn’t on file");
        assertThat(statement(PLATE.violations(new TireChanger.Assembly(Optional.empty(), 17, Optional.empty()))))
                .isEmpty();
        assertThat(statement(
                        machine(OptionalDouble.of(14), OptionalDouble.empty()).unknown(tire(30, 17, 8))))
                .containsExactly("not all limits of Changer 1 are on file");
    }

    @Test
    @DisplayName("a plate whose smallest rim is its largest is read; a smallest over the largest is not")
    void plate() {
        assertThatCode(() -> machine(OptionalDouble.of(17), OptionalDouble.of(17)))
                .doesNotThrowAnyException();
        assertThatThrownBy(() -> machine(OptionalDouble.of(18), OptionalDouble.of(17)))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("Read the machine’s plate again");
    }

    @Test
    @DisplayName("with rollers a sensor matters at lifting and mounting, not at breaking the front bead")
    void rollers() {
        assertThat(TireChanger.TireChangerType.CENTER_CLAMP.sensorMattersAt(BeadStep.BREAK_FRONT))
                .isFalse();
        assertThat(TireChanger.TireChangerType.CENTER_CLAMP.sensorMattersAt(BeadStep.MOUNT_BOTTOM))
                .isTrue();
        assertThat(TireChanger.TireChangerType.SIDE_SHOVEL.sensorMattersAt(BeadStep.BREAK_FRONT))
                .isTrue();
        assertThat(TireChanger.TireChangerType.LEVERLESS.label()).isEqualTo("leverless jaw table");
    }

    @Test
    @DisplayName("fills with nitrogen: to a purity exactly reached on the sixth, or never where the supply is too poor")
    void purge() {
        double sixth = 22;
        for (int fill = 0; fill < 6; fill++) {
            sixth = NitrogenPurge.impurityAfter(sixth, 0, 30);
        }
        assertThat(NitrogenPurge.fillsTo(100 - sixth, 0, 30)).hasValue(6);
        assertThat(NitrogenPurge.fillsTo(100 - sixth + 1e-6, 0, 30)).isEmpty();
        assertThat(NitrogenPurge.fillsTo(99, 5, 100)).isEmpty();
        assertThat(NitrogenPurge.fillsTo(0, 5, 100)).hasValue(1);
    }

    @Test
    @DisplayName("which tire went where is read off its sidewall after every task that moves a tire or reads it")
    void readsDot() {
        assertThat(java.util.Arrays.stream(WheelTask.values()).filter(WheelTask::readsDot))
                .containsExactlyInAnyOrder(
                        WheelTask.NEW_TIRE,
                        WheelTask.MOVE_ASSEMBLY,
                        WheelTask.REMOUNT,
                        WheelTask.RECORD,
                        WheelTask.DOT);
    }
}
