package rotagens.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.TreadDepth;

/** What a wear bar or coin proves of a limit, and what it leaves open. */
class TreadIntervalTest {

    @ParameterizedTest(name = "{0} against {1}/32: at or under {2}, over {3}")
    @CsvSource({
        // Above 4/32 proves every limit up to 4/32, and nothing of a higher one.
        "ABOVE_4, 2, false, true",
        "ABOVE_4, 4, false, true",
        "ABOVE_4, 5, false, false",
        "ABOVE_2, 2, false, true",
        "ABOVE_2, 3, false, false",
        "ABOVE_2, 4, false, false",
        // At or below 4/32 fails a limit of 4/32 and over, and leaves 3/32 open.
        "AT_OR_BELOW_4, 3, false, false",
        "AT_OR_BELOW_4, 4, true, false",
        "AT_OR_BELOW_4, 6, true, false",
        "AT_OR_BELOW_2, 1, false, false",
        "AT_OR_BELOW_2, 2, true, false",
        "AT_OR_BELOW_2, 4, true, false",
    })
    @DisplayName("an interval proves a limit kept or broken only where all of it lies on one side")
    void proves(TreadInterval bound, double limit, boolean under, boolean over) {
        TreadDepth at = TreadDepth.of32nds(limit);
        assertThat(bound.isAtOrBelow(at)).isEqualTo(under);
        assertThat(bound.isAbove(at)).isEqualTo(over);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "ABOVE_4, above 4/32 in, 4",
        "ABOVE_2, above 2/32 in, 2",
        "AT_OR_BELOW_4, at or below 4/32 in, 4",
        "AT_OR_BELOW_2, at or below 2/32 in, 2"
    })
    @DisplayName("it is said by the mark as bar and coin have it")
    void label(TreadInterval bound, String words, double mark) {
        assertThat(bound.label()).isEqualTo(words);
        assertThat(bound.mark()).isEqualTo(TreadDepth.of32nds(mark));
    }
}
