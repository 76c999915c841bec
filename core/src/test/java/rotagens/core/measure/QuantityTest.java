package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {

    @ParameterizedTest(name = "{0} comes back as {1}")
    @CsvSource({
        "80,80 psi",
        "80.0,80 psi",
        "82.5 psi,82.5 psi",
        "'5,5 bar',5.5 bar",
        "550 kPa,550 kPa",
        "0,0 psi",
        "200,200 psi"
    })
    @DisplayName("a pressure keeps the figure and unit it was entered in")
    void pressureKeepsItsFigure(String typed, String shown) {
        assertThat(Pressure.parse(typed, Pressure.Unit.PSI).asEntered()).isEqualTo(shown);
    }

    @ParameterizedTest(name = "{0} in {1} reads {2}")
    @CsvSource({
        "80,US,80 psi",
        "80,METRIC,552 kPa",
        "550 kPa,METRIC,550 kPa",
        "550 kPa,US,79.8 psi",
        "5.5 bar,METRIC,5.5 bar"
    })
    @DisplayName("a pressure reads in either family of units, exactly in its own")
    void pressureInBothFamilies(String typed, Units units, String shown) {
        assertThat(Pressure.parse(typed, Pressure.Unit.PSI).format(units)).isEqualTo(shown);
    }

    @ParameterizedTest(name = "“{0}” is refused")
    @ValueSource(
            strings = {"", "  ", "abc", "8O", "-1", "200.1", "1380 kPa", "80 stone", "1e3", "80 psi psi psi psi psi psi"
            })
    @DisplayName("what no pressure gauge shows is refused with a sentence")
    void pressureRefusals(String typed) {
        assertThatThrownBy(() -> Pressure.parse(typed, Pressure.Unit.PSI))
                .isInstanceOf(InvalidInputException.class)
                .message()
                .endsWith(".");
    }

    @Test
    @DisplayName("any pressure to a tenth of a psi survives being stored and read back a hundred times")
    void pressureRoundTrip() {
        long seed = 20261123;
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            Pressure entered = Pressure.psi(random.nextInt(2001) / 10.0);
            Pressure read = entered;
            for (int again = 0; again < 100; again++) {
                read = Pressure.parse(read.asEntered(), Pressure.Unit.KPA);
            }
            assertThat(read.asEntered()).as("seed %d, round %d", seed, i).isEqualTo(entered.asEntered());
        }
    }

    @ParameterizedTest(name = "{0} in US units reads {1}")
    @CsvSource({
        "9,9/32 in",
        "9/32,9/32 in",
        "9/32 in,9/32 in",
        "8.5,8.5/32 in",
        "4 mm,5.04/32 in",
        "3.2 mm,4.03/32 in",
        "7.1 mm,8.9/32 in"
    })
    @DisplayName("tread is read in 32nds, and a metric figure near a whole mark isn't rounded onto it")
    void treadInThirtySeconds(String typed, String shown) {
        assertThat(TreadDepth.parse(typed, TreadDepth.Unit.THIRTY_SECONDS).format(Units.US))
                .isEqualTo(shown);
    }

    @ParameterizedTest(name = "“{0}” is refused")
    @ValueSource(strings = {"41", "-1", "32 mm", "deep", "4/16"})
    @DisplayName("what no tread has is refused")
    void treadRefusals(String typed) {
        assertThatThrownBy(() -> TreadDepth.parse(typed, TreadDepth.Unit.THIRTY_SECONDS))
                .isInstanceOf(InvalidInputException.class);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({"'41,208 mi',41208 mi", "66300 km,66300 km", "41208,41208 mi"})
    @DisplayName("an odometer may be typed with a thousands comma and in its own unit")
    void odometer(String typed, String shown) {
        assertThat(Distance.parse(typed, Distance.Unit.MILES).asEntered()).isEqualTo(shown);
    }

    @Test
    @DisplayName("a sentence puts its figures into the reader's units and its dates into words")
    void phrase() {
        Message message =
                Message.of("{} on {}, {}", Pressure.psi(76), LocalDate.of(2026, 7, 28), TreadDepth.of32nds(5));
        assertThat(message.in(Units.US)).isEqualTo("76 psi on Jul 28, 2026, 5/32 in");
        assertThat(message.in(Units.METRIC)).isEqualTo("524 kPa on Jul 28, 2026, 4 mm");
    }

    @Test
    @DisplayName("weights and lengths read in both families")
    void weightsAndLengths() {
        assertThat(Load.lb(10_000).format(Units.METRIC)).isEqualTo("4,536 kg");
        assertThat(Length.ofMm(956.5).format(Units.US)).isEqualTo("37.66 in");
    }

    @Test
    @DisplayName(
            "551.6 kPa is at a limit of 80 psi, 553 kPa over it and 550 kPa under it, whichever unit it is shown in")
    void atALimit() {
        Pressure limit = Pressure.psi(80);
        assertThat(Pressure.parse("551.6 kPa", Units.US).isOver(limit)).isFalse();
        assertThat(Pressure.parse("552 kPa", Units.US).isOver(limit)).isFalse();
        assertThat(Pressure.parse("551.2 kPa", Units.US).isUnder(limit)).isFalse();
        assertThat(Pressure.parse("553 kPa", Units.US).isOver(limit)).isTrue();
        assertThat(Pressure.parse("550 kPa", Units.US).isUnder(limit)).isTrue();
    }

    @Test
    @DisplayName(
            "balance weights are ounces or grams, taken by the piece of a quarter ounce; a pound of lead is asked about")
    void balanceWeights() {
        assertThat(BalanceWeight.parse("2.25", BalanceWeight.Unit.OZ).format(Units.METRIC))
                .isEqualTo("64 g");
        assertThat(BalanceWeight.parse("60 g", BalanceWeight.Unit.OZ).format(Units.US))
                .isEqualTo("2.12 oz");
        assertThat(BalanceWeight.parse("2.25", BalanceWeight.Unit.OZ).pieces()).isEqualTo(9);
        assertThat(BalanceWeight.parse("2.3", BalanceWeight.Unit.OZ).pieces()).isEqualTo(10);
        assertThat(BalanceWeight.parse("0", BalanceWeight.Unit.G).pieces()).isZero();
        assertThatThrownBy(() -> BalanceWeight.parse("24.1", BalanceWeight.Unit.OZ))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> BalanceWeight.parse("2 lb", BalanceWeight.Unit.OZ))
                .hasMessageContaining("oz or g");
    }
}
