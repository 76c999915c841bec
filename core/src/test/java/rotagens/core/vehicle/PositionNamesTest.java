package rotagens.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.InvalidInputException;

class PositionNamesTest {

    private static final AxleLayout TRUCK =
            new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true)), 1);
    private static final AxleLayout VAN =
            new AxleLayout(List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, false)), 0);
    private static final AxleLayout COACH = new AxleLayout(
            List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true), new Axle(AxleRole.TAG, false)), 0);

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "LF, 1L",
        "FL, 1L",
        "rf, 1R",
        "Front Left, 1L",
        "Right-Front, 1R",
        "RRO, 2RO",
        "LRI, 2LI",
        "Left Rear Outer, 2LO",
        "L2O, 2LO",
        "2RO, 2RO",
        "2ro, 2RO",
        "Spare, S1",
        "Spare 2, S2",
        "S1, S1"
    })
    @DisplayName("names of a truck with duals")
    void truck(String text, String code) {
        assertThat(PositionNames.read(text, TRUCK).code()).isEqualTo(code);
        assertThat(PositionNames.isOne(text)).isTrue();
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({"LR, 2L", "RR, 2R", "RL, 2L", "Rear Left, 2L", "Right Rear, 2R"})
    @DisplayName("on single rears the slot isn't said")
    void van(String text, String code) {
        assertThat(PositionNames.read(text, VAN).code()).isEqualTo(code);
    }

    @Test
    @DisplayName("a name that may mean two tires is refused with both, never guessed")
    void ambiguous() {
        assertThatThrownBy(() -> PositionNames.read("LR", TRUCK))
                .isInstanceOf(InvalidInputException.class)
                .hasMessage("“LR” may mean 2LO or 2LI here. Write which.");
        assertThatThrownBy(() -> PositionNames.read("RR", COACH)).hasMessageContaining("3R");
        assertThat(PositionNames.read("RRO", COACH).code()).isEqualTo("2RO");
        assertThatThrownBy(() -> PositionNames.read("LRO", VAN)).hasMessageContaining("no position");
        assertThatThrownBy(() -> PositionNames.read("somewhere", VAN)).isInstanceOf(InvalidInputException.class);
        assertThat(PositionNames.isOne("Rear")).isFalse();
        assertThat(PositionNames.isOne("Driver")).isFalse();
    }
}
