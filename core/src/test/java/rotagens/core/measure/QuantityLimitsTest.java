package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.function.Function;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures as they are typed, on the limits of what can be meant and just past them, and read in both families of units. */
class QuantityLimitsTest {

    private static Quantity read(String kind, String text) {
        Function<String, Quantity> reader = switch (kind) {
            case "temperature" -> typed -> Temperature.parse(typed, Units.US);
            case "celsius" -> typed -> Temperature.parse(typed, Units.METRIC);
            case "torque" -> typed -> Torque.parse(typed, Torque.Unit.FT_LB);
            case "length" -> typed -> Length.parse(typed, Units.US);
            case "load" -> typed -> Load.parse(typed, Units.US);
            case "kilograms" -> typed -> Load.parse(typed, Units.METRIC);
            case "distance" -> typed -> Distance.parse(typed, Distance.Unit.MILES);
            case "pressure" -> typed -> Pressure.parse(typed, Units.US);
            default -> typed -> TreadDepth.parse(typed, TreadDepth.Unit.THIRTY_SECONDS);
        };
        return reader.apply(text);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    temperature | -60    | -60 °F      | -51 °C
                    temperature | 200    | 200 °F      | 93 °C
                    temperature | −5 C   | 23 °F       | -5 °C
                    temperature | 65 °F  | 65 °F       | 18 °C
                    celsius     | 18     | 64 °F       | 18 °C
                    celsius     | -51.1  | -60 °F      | -51 °C
                    torque      | 900    | 900 ft·lb   | 1220 N·m
                    torque      | 1220 Nm| 900 ft·lb   | 1220 N·m
                    torque      | 1      | 1 ft·lb     | 1 N·m
                    load        | 400000 | 400,000 lb  | 181,437 kg
                    load        | 0      | 0 lb        | 0 kg
                    distance    | 5000000| 5,000,000 mi| 8,046,720 km
                    tread       | 40     | 40/32 in    | 31.8 mm
                    tread       | 0      | 0/32 in     | 0 mm
                    """)
    @DisplayName("on the limit a figure is read, and said in either family of units")
    void read(String kind, String text, String us, String metric) {
        assertThat(read(kind, text).format(Units.US)).isEqualTo(us);
        assertThat(read(kind, text).format(Units.METRIC)).isEqualTo(metric);
    }

    @ParameterizedTest
    @CsvSource({
        "temperature, -61",
        "temperature, 201",
        "celsius, 94",
        "celsius, -52",
        "torque, 0",
        "torque, 901",
        "torque, 1300 Nm",
        "length, 394 in",
        "length, -1",
        "load, 400001",
        "load, -1",
        "kilograms, 181437",
        "distance, 5000001",
        "distance, -1",
        "distance, 8046721 km",
        "tread, 40.5",
        "tread, -1",
        "tread, 31.8 mm"
    })
    @DisplayName("past the limit nobody can have read it, and it is refused")
    void refused(String kind, String text) {
        assertThatThrownBy(() -> read(kind, text)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    @DisplayName("heat is absolute for gas: 65 °F is 524.67 °R, 18 °C is 64.4 °F; each is kept as entered")
    void temperature() {
        assertThat(Temperature.f(65).rankine()).isEqualTo(524.67, within(1e-9));
        assertThat(Temperature.parse("18", Temperature.Unit.C).fahrenheit()).isEqualTo(64.4, within(1e-9));
        assertThat(Temperature.parse("18 C", Temperature.Unit.F).asEntered()).isEqualTo("18 C");
        assertThat(Temperature.parse("65", Units.US).asEntered()).isEqualTo("65 F");
        assertThatThrownBy(() -> Temperature.parse("65 K", Units.US)).hasMessageContaining("Use °F or °C");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    0         | $0.00
                    412       | $412.00
                    $1,412.50 | $1,412.50
                    0.05      | $0.05
                    1000000   | $1,000,000.00
                    """)
    @DisplayName("a price from nothing to a million, to the cent")
    void money(String typed, String words) {
        assertThat(Money.parse(typed).label()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"-0.01", "1000000.01", "12.345", "12 EUR", "much"})
    @DisplayName("no price under nothing, over a million, in fractions of a cent or another currency")
    void moneyRefused(String typed) {
        assertThatThrownBy(() -> Money.parse(typed)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    @DisplayName(
            "sums carry their sign, are rounded to the dollar where a forecast is read, and divide by what they fall on")
    void sums() {
        assertThat(Money.sum(-5)).isEqualTo("−$0.05");
        assertThat(Money.sum(0)).isEqualTo("$0.00");
        assertThat(Money.about(0)).isEqualTo("$0");
        assertThat(Money.about(150)).isEqualTo("$2");
        assertThat(Money.about(149)).isEqualTo("$1");
        assertThat(Money.about(-149)).isEqualTo("−$1");
        assertThat(Money.parse("412.50").per(30_000, 4)).isEqualTo("$0.0138");
        assertThat(Money.parse("412.5").value()).isEqualTo("412.50");
        assertThatThrownBy(() -> new Money(-1)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new Money(100_000_001)).isInstanceOf(InvalidInputException.class);
        assertThat(new Money(100_000_000).cents()).isEqualTo(100_000_000);
    }

    @Test
    @DisplayName(
            "what isn’t a figure is quoted, shortened, with the right article; forty characters are read, one more not")
    void quoted() {
        assertThatThrownBy(() -> Torque.parse("tight", Torque.Unit.FT_LB))
                .hasMessageStartingWith("“tight” is not a torque. Enter the value as read, for example 475.");
        assertThatThrownBy(() -> Distance.parse("far", Distance.Unit.MILES)).hasMessageContaining("is not an odometer");
        assertThatThrownBy(() -> Torque.parse("x".repeat(24), Torque.Unit.FT_LB))
                .hasMessageContaining("“" + "x".repeat(24) + "”");
        assertThatThrownBy(() -> Torque.parse("x".repeat(25), Torque.Unit.FT_LB))
                .hasMessageContaining("“" + "x".repeat(24) + "…”");
        assertThat(Torque.parse(" ".repeat(37) + "475", Torque.Unit.FT_LB).ftLb())
                .isEqualTo(475);
        assertThatThrownBy(() -> Torque.parse(" ".repeat(38) + "475", Torque.Unit.FT_LB))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> Torque.parse("", Torque.Unit.NM)).hasMessageContaining("for example 640");
    }

    @Test
    @DisplayName("a load in kilograms is kept as entered and said in pounds; a rule names its authority and its source")
    void loadsAndRules() {
        assertThat(read("kilograms", "1400").format(Units.US)).isEqualTo("3,086 lb");
        assertThat(read("kilograms", "1400").format(Units.METRIC)).isEqualTo("1,400 kg");
        assertThat(read("load", "3086").format(Units.METRIC)).isEqualTo("1,400 kg");
        for (Rule rule : Rule.values()) {
            assertThat(rule.source()).as(rule.name()).isNotBlank();
            assertThat(rule.authority().label()).as(rule.name()).isNotBlank();
        }
    }
}
