package rotagens.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;

class AxleLayoutTest {

    private static final AxleLayout COACH = new AxleLayout(
            List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true), new Axle(AxleRole.TAG, false)), 1);

    @Test
    @DisplayName("positions run axle by axle, left to right")
    void positions() {
        assertThat(COACH.positions())
                .extracting(Position::code)
                .containsExactly("1L", "1R", "2LO", "2LI", "2RI", "2RO", "3L", "3R", "S1");
    }

    @Test
    @DisplayName("the walk goes down the left side, across the back, up the right side, duals outer first, spares last")
    void walkAround() {
        assertThat(COACH.walkAroundOrder())
                .extracting(Position::code)
                .containsExactly("1L", "2LO", "2LI", "3L", "3R", "2RO", "2RI", "1R", "S1");
    }

    @Test
    @DisplayName("positions have names in trade words; axles that share a role are numbered")
    void names() {
        assertThat(COACH.nameOf(Position.parse("2ri"))).isEqualTo("drive right inner");
        assertThat(COACH.nameOf(Position.parse("S1"))).isEqualTo("spare 1");
        AxleLayout tandem =
                new AxleLayout(List.of(new Axle(AxleRole.TRAILER, false), new Axle(AxleRole.TRAILER, false)), 0);
        assertThat(tandem.nameOf(Position.parse("2L"))).isEqualTo("trailer 2 left");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0L", "1", "1X", "2LX", "S0", "LO2", "10L"})
    @DisplayName("a code that names no position is refused")
    void unknownCodes(String code) {
        assertThatThrownBy(() -> Position.parse(code)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    @DisplayName("walk and layout hold the same positions, whatever the axles")
    void samePositions() {
        for (int axles = 1; axles <= 9; axles++) {
            for (int duals = 0; duals < 1 << axles; duals++) {
                int mask = duals;
                AxleLayout axleLayout = new AxleLayout(
                        java.util.stream.IntStream.range(0, axles)
                                .mapToObj(at -> new Axle(AxleRole.DRIVE, (mask >> at & 1) == 1))
                                .toList(),
                        2);
                assertThat(axleLayout.walkAroundOrder()).containsExactlyInAnyOrderElementsOf(axleLayout.positions());
            }
        }
    }
}
