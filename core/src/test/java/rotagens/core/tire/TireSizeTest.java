package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.TreadDepth;

class TireSizeTest {

    @ParameterizedTest(name = "“{0}” is {1}")
    @CsvSource({
        "215/70R16,215/70R16",
        "lt245 / 75 r17,LT245/75R17",
        "P235/65ZR17,P235/65ZR17",
        "235/65R16C,235/65R16C",
        "ST235/80D16,ST235/80D16",
        "275/70r22.5,275/70R22.5",
        "31×10.50R15LT,31x10.50R15LT",
        "31 x 10.5 r 15 lt,31x10.50R15LT",
        "11r22.5,11R22.5",
        "7.50-16,7.50-16"
    })
    @DisplayName("sizes are read as people type them, in all three notations")
    void notations(String typed, String molded) {
        assertThat(TireSize.parse(typed).molded()).isEqualTo(molded);
    }

    @Test
    @DisplayName(
            "the first figure is the width in one notation and the overall diameter in the other, and is said back")
    void saidBack() {
        assertThat(TireSize.parse("215/70R16").inWords()).startsWith("Section width 215 mm");
        assertThat(TireSize.parse("31x10.50R15LT").inWords()).startsWith("Overall diameter 31 in");
    }

    @Test
    @DisplayName("275/70R22.5 is 956.5 mm or 37.66 in when new; 8/32 of wear take half an inch off")
    void overallDiameter() {
        TireSize size = TireSize.parse("275/70R22.5");
        assertThat(size.overallDiameter().orElseThrow().mm()).isCloseTo(956.5, within(0.01));
        assertThat(size.overallDiameter().orElseThrow().inches()).isCloseTo(37.66, within(0.005));
        assertThat(TireSize.worn(size.overallDiameter().orElseThrow(), TreadDepth.of32nds(18), TreadDepth.of32nds(10))
                        .inches())
                .isCloseTo(37.16, within(0.005));
        assertThat(TireSize.parse("11R22.5").overallDiameter()).isEmpty();
    }

    @Test
    @DisplayName("bias and radial are told apart")
    void construction() {
        assertThat(TireSize.parse("7.50-16").construction()).isEqualTo(TireSize.Construction.BIAS);
        assertThat(TireSize.parse("11R22.5").construction()).isEqualTo(TireSize.Construction.RADIAL);
    }

    @ParameterizedTest(name = "“{0}” is refused")
    @ValueSource(
            strings = {
                "",
                "tire",
                "215/70",
                "215/70R1",
                "21/70R16",
                "999/70R16",
                "215/07R16",
                "215/70R16.3",
                "31x10.50",
                "12x10R15",
                "215/70R16; drop"
            })
    @DisplayName("what is no size is refused with an example or the part to check")
    void refusals(String typed) {
        assertThatThrownBy(() -> TireSize.parse(typed))
                .isInstanceOf(InvalidInputException.class)
                .message()
                .endsWith(".");
    }

    @Test
    @DisplayName("every size that was read is read again the same from what is molded")
    void roundTrip() {
        long seed = 7;
        Random random = new Random(seed);
        String[] prefixes = {"", "P", "LT", "ST", "T"};
        for (int i = 0; i < 2_000; i++) {
            String typed = prefixes[random.nextInt(5)] + (95 + random.nextInt(360)) + "/" + (20 + random.nextInt(81))
                    + "R" + (8 + random.nextInt(18)) + (random.nextBoolean() ? ".5" : "");
            TireSize size = TireSize.parse(typed);
            assertThat(TireSize.parse(size.molded()))
                    .as("seed %d: %s", seed, typed)
                    .isEqualTo(size);
        }
    }
}
