package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.OptionalInt;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;

/** Sizes on the limits of what can be meant, and one step past them. */
class SizeLimitsTest {

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"20x4.00R10LT", "60x24.00R24.5LT", "35x12.50R17LT", "31x10.50R15LT", "37x13.50-20"})
    @DisplayName("sizes by overall diameter are read on their limits")
    void flotation(String size) {
        TireSize read = TireSize.parse(size);
        assertThat(read.overallDiameter()).isPresent();
        assertThat(read.overallDiameter().orElseThrow().inches())
                .isEqualTo(Double.parseDouble(size.substring(0, size.indexOf('x'))));
        assertThat(read.inWords())
                .startsWith("Overall diameter " + size.substring(0, size.indexOf('x')) + " in, section width ");
        assertThat(TireSize.parse(read.molded())).isEqualTo(read);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "19x10.50R15LT, overall diameter 19",
        "61x10.50R15LT, overall diameter 61",
        "31x3.90R15LT, section width 3.9",
        "31x24.50R15LT, section width 24.5",
        "22x10.50R20LT, overall diameter 22",
    })
    @DisplayName("past them they are refused with the figure that can’t be meant")
    void notFlotation(String size, String says) {
        assertThatThrownBy(() -> TireSize.parse(size))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining(says);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "11R22.5, 'Section width 11 in, radial'",
        "10.00-20, 'Section width 10 in, '",
        "7.50R16LT, 'Section width 7.5 in, radial'",
        "8.25-15, 'Section width 8.25 in, '"
    })
    @DisplayName("sizes by section width alone have no overall diameter, and say where to find it")
    void inchTruck(String size, String words) {
        TireSize read = TireSize.parse(size);
        assertThat(read.overallDiameter()).isEmpty();
        assertThat(read.inWords())
                .startsWith(words)
                .endsWith("the overall diameter isn’t in this notation: read it from the manufacturer’s data");
        assertThat(TireSize.parse(read.molded())).isEqualTo(read);
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"3.50R16LT", "19.00R16LT"})
    @DisplayName("a section no tire has is refused")
    void notInchTruck(String size) {
        assertThatThrownBy(() -> TireSize.parse(size)).isInstanceOf(InvalidInputException.class);
    }

    @ParameterizedTest(name = "{0}")
    @EnumSource(LoadRange.class)
    @DisplayName("every load range is read by its letter, and by its plies where it has any")
    void loadRanges(LoadRange range) {
        assertThat(LoadRange.parse(range.name().toLowerCase())).isEqualTo(range);
        assertThat(LoadRange.parse("load range " + range.name())).isEqualTo(range);
        if (range.isPassenger()) {
            assertThat(range.plyRating()).isEqualTo(OptionalInt.empty());
            assertThat(range.meaning()).endsWith("passenger");
            assertThat(range.usualOnLtMetric()).isEmpty();
        } else {
            int plies = range.plyRating().orElseThrow();
            assertThat(LoadRange.parse(plies + "PR")).isEqualTo(range);
            assertThat(range.meaning()).isEqualTo("ply rating " + plies);
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"C, 50 psi", "D, 65 psi", "E, 80 psi", "F, 95 psi"})
    @DisplayName("the pressure usual for a light-truck range is a hint where there is one")
    void usual(LoadRange range, String psi) {
        assertThat(range.usualOnLtMetric().orElseThrow().format(Units.US)).isEqualTo(psi);
        assertThat(LoadRange.G.usualOnLtMetric()).isEmpty();
    }

    @Test
    @DisplayName("what is no load range is refused, plies of none too")
    void noRange() {
        for (String text : new String[] {"", "K", "Z", "11PR", "0PR", "load range"}) {
            assertThatThrownBy(() -> LoadRange.parse(text)).as(text).isInstanceOf(InvalidInputException.class);
        }
    }
}
