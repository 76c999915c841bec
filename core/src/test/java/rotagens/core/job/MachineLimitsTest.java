package rotagens.core.job;

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
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Length;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Units;

/** What a tire changer takes, on each limit of its plate and just past it. */
class MachineLimitsTest {

    private static Machine machine(OptionalDouble least, OptionalDouble most) {
        return new Machine(
                "Changer 1",
                Machine.Kind.SIDE_SHOVEL,
                Optional.of(Length.ofInches(40)),
                least,
                most,
                Optional.of(Length.ofInches(10)),
                Map.of());
    }

    private static final Machine PLATE = machine(OptionalDouble.of(12), OptionalDouble.of(22.5));

    private static Machine.Assembly tire(double diameter, double rim, double width) {
        return new Machine.Assembly(Optional.of(Length.ofInches(diameter)), rim, Optional.of(Length.ofInches(width)));
    }

    private static List<String> says(List<Phrase> phrases) {
        return phrases.stream().map(phrase -> phrase.in(Units.US)).toList();
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
        assertThat(String.join("; ", says(PLATE.against(tire(diameter, rim, width))))
                        .replaceAll("\\.0(?= in)", "")
                        .replaceAll("(\\.\\d)0(?= in)", "$1"))
                .isEqualTo(expected);
    }

    @Test
    @DisplayName("a limit nobody has read holds nothing back, and is said to be unknown")
    void unread() {
        Machine open = machine(OptionalDouble.empty(), OptionalDouble.of(20));
        assertThat(says(open.against(tire(30, 5, 5)))).isEmpty();
        assertThat(says(open.against(tire(30, 22.5, 5)))).containsExactly("22.5 in rim, Changer 1 takes any to 20 in");
        assertThat(says(machine(OptionalDouble.of(14), OptionalDouble.empty()).against(tire(30, 13, 5))))
                .containsExactly("13 in rim, Changer 1 takes 14 to any in");
        assertThat(says(PLATE.unknown(tire(30, 17, 8)))).isEmpty();
        assertThat(says(PLATE.unknown(new Machine.Assembly(Optional.empty(), 17, Optional.empty()))))
                .containsExactly("the tire’s diameter isn’t on file");
        assertThat(says(PLATE.against(new Machine.Assembly(Optional.empty(), 17, Optional.empty()))))
                .isEmpty();
        assertThat(says(machine(OptionalDouble.of(14), OptionalDouble.empty()).unknown(tire(30, 17, 8))))
                .containsExactly("not all limits of Changer 1 are on file");
    }

    @Test
    @DisplayName("a plate whose smallest rim is its largest is read; a smallest over the largest is not")
    void plate() {
        assertThatCode(() -> machine(OptionalDouble.of(17), OptionalDouble.of(17)))
                .doesNotThrowAnyException();
        assertThatThrownBy(() -> machine(OptionalDouble.of(18), OptionalDouble.of(17)))
                .isInstanceOf(InvalidEntry.class)
                .hasMessageContaining("Read the machine’s plate again");
    }

    @Test
    @DisplayName("with rollers a sensor matters at lifting and mounting, not at breaking the front bead")
    void rollers() {
        assertThat(Machine.Kind.CENTER_CLAMP.sensorMattersAt(BeadStep.BREAK_FRONT))
                .isFalse();
        assertThat(Machine.Kind.CENTER_CLAMP.sensorMattersAt(BeadStep.MOUNT_BOTTOM))
                .isTrue();
        assertThat(Machine.Kind.SIDE_SHOVEL.sensorMattersAt(BeadStep.BREAK_FRONT))
                .isTrue();
        assertThat(Machine.Kind.LEVERLESS.words()).isEqualTo("leverless jaw table");
    }

    @Test
    @DisplayName("fills with nitrogen: to a purity exactly reached on the sixth, or never where the supply is too poor")
    void purge() {
        double sixth = 22;
        for (int fill = 0; fill < 6; fill++) {
            sixth = Purge.impurityAfter(sixth, 0, 30);
        }
        assertThat(Purge.fillsTo(100 - sixth, 0, 30)).hasValue(6);
        assertThat(Purge.fillsTo(100 - sixth + 1e-6, 0, 30)).isEmpty();
        assertThat(Purge.fillsTo(99, 5, 100)).isEmpty();
        assertThat(Purge.fillsTo(0, 5, 100)).hasValue(1);
    }

    @Test
    @DisplayName("which tire went where is read off its sidewall after every task that moves a tire or reads it")
    void readsDot() {
        assertThat(java.util.Arrays.stream(WheelTask.values()).filter(WheelTask::readsDot))
                .containsExactlyInAnyOrder(
                        WheelTask.NEW_TIRE, WheelTask.MOVE_WHEEL, WheelTask.REMOUNT, WheelTask.RECORD, WheelTask.DOT);
    }
}
