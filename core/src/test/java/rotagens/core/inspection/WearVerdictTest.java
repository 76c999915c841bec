package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.core.inspection.Sample.TODAY;
import static rotagens.core.inspection.Sample.coach;
import static rotagens.core.inspection.Sample.reading;
import static rotagens.core.inspection.Sample.statement;

import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.wear.GrooveDepths;

/** What uneven wear and the wear to come make of a verdict. */
class WearVerdictTest {

    @Test
    @DisplayName(
            "a wear pattern with a cause is planned, a leaning one watched; a mended cause waits for the next reading")
    void patterns() {
        Sample worn = coach().read("2RO", reading(3, 95, 9, 12, 14)).read("2RI", reading(3, 95, 11, 11, 11));
        assertThat(worn.judge("2RO").verdict()).isEqualTo(Verdict.SERVICE_DUE);
        assertThat(worn.mended("2RO", TODAY.minusDays(1)).judge("2RO").verdict())
                .isEqualTo(Verdict.WATCH);
        assertThat(worn.mended("2RO", TODAY.minusDays(9)).judge("2RO").verdict())
                .isEqualTo(Verdict.SERVICE_DUE);
        assertThat(coach().read("3L", reading(3, 90, 14, 12, 13)).judge("3L").verdict())
                .isEqualTo(Verdict.WATCH);
    }

    @Test
    @DisplayName("a shape is told only from grooves read together")
    void patternFromOneReading() {
        Reading half = new Reading(
                TODAY,
                "T. Weil",
                Optional.empty(),
                Optional.of(Pressure.psi(90)),
                ThermalState.COLD,
                new GrooveDepths(Optional.of(TreadDepth.of32nds(10)), Optional.empty(), Optional.empty()));
        assertThat(coach().readAlso("3L", half).judge("3L").verdict()).isEqualTo(Verdict.GOOD);
    }

    @Test
    @DisplayName("tread on its way to the pull point within 90 days is planned, with a range")
    void treadForecast() {
        Assessment assessment = coach().readAcross("1L", reading(0, 110, 6, 6, 6), reading(200, 110, 12, 12, 12))
                .judge("1L");
        assertThat(statement(assessment)).containsExactly("6/32 in now, pull point 5/32 in about Dec 26, 2026");
        assertThat(assessment.reasons().get(0).reason().explanation().in(Units.US))
                .contains("between");
    }

    @Test
    @DisplayName("up to 1/32 above the original depth is kept; more asks which of the two is wrong")
    void deeperThanNew() {
        Optional<TreadDepth> original = Optional.of(TreadDepth.of32nds(18));
        assertThat(TreadInput.plausible(TreadDepth.of32nds(19), original, Units.US))
                .isEqualTo(TreadDepth.of32nds(19));
        assertThatThrownBy(() -> TreadInput.plausible(TreadDepth.of32nds(19.5), original, Units.US))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("Which of the two is wrong?");
    }
}
