package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;

class WarningLampReportTest {

    private static final Position LEFT = Position.parse("1L");
    private static final Position RIGHT = Position.parse("1R");
    private static final Map<Position, Pressure> TARGETS = Map.of(LEFT, Pressure.psi(60), RIGHT, Pressure.psi(60));

    private static String statement(double left, double right) {
        return WarningLampReport.violations(LEFT, Map.of(LEFT, Pressure.psi(left), RIGHT, Pressure.psi(right)), TARGETS)
                .map(says -> says.in(Units.US))
                .orElse("");
    }

    @Test
    @DisplayName(
            "the lamp named the left, the gauge finds the right low: perhaps crossed, no air before they are compared")
    void perhapsCrossed() {
        assertThat(statement(60, 54))
                .isEqualTo(
                        "The lamp named 1L, but the gauge shows 60 psi there, and 1R is low: 54 psi of 60 psi. The sensors may be swapped: compare dash and gauge before adding air.");
    }

    @Test
    @DisplayName("a lamp that the gauge bears out, one with no other corner low, and one nobody checked say nothing")
    void nothing() {
        assertThat(statement(54, 60)).isEmpty();
        assertThat(statement(60, 58)).isEmpty();
        assertThat(WarningLampReport.violations(LEFT, Map.of(RIGHT, Pressure.psi(40)), TARGETS))
                .isEmpty();
        assertThat(WarningLampReport.violations(
                        LEFT, Map.of(LEFT, Pressure.psi(60), RIGHT, Pressure.psi(40)), Map.of()))
                .as("without targets nobody can tell")
                .isEmpty();
    }
}
