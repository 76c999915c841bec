package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;

/**
 * Temperature of air or tire, in °F or °C, kept as entered. Refuses what no yard on earth shows: under −60 or over 200 °F.
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record Temperature(BigDecimal value, Unit unit) implements Quantity {

    /** The scales thermometers are marked in. */
    public enum Unit {
        /** Fahrenheit. */
        F,
        /** Celsius. */
        C
    }

    private static final double RANKINE_AT_ZERO_F = 459.67;

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException under −60 and over 200 °F
     */
    public Temperature {
        double f = unit == Unit.F ? value.doubleValue() : value.doubleValue() * 1.8 + 32;
        if (f < -60 || f > 200) {
            throw new InvalidInputException(
                    WORDS.say("isOutsideWhatAThermometer", "value", QuantityParser.plain(value), "unit", unit));
        }
    }

    /**
     * A temperature in °F.
     *
     * @param degrees the figure
     * @return in °F
     */
    public static Temperature f(double degrees) {
        return new Temperature(BigDecimal.valueOf(degrees), Unit.F);
    }

    /**
     * Reads {@code 65}, {@code 65 F}, {@code 18 °C} or {@code -5}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the temperature as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static Temperature parse(String text, Unit bare) {
        QuantityParser.ParsedQuantity parsedQuantity = QuantityParser.read(
                text == null ? null : text.replace('−', '-'), "temperature", bare == Unit.F ? "65" : "18");
        Unit unit = switch (parsedQuantity
                .unit()
                .toUpperCase(Locale.ROOT)
                .replace("°", "")
                .strip()) {
            case "" -> bare;
            case "F" -> Unit.F;
            case "C" -> Unit.C;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "temperature", WORDS.say("fOrC"));
        };
        return new Temperature(parsedQuantity.value(), unit);
    }

    /**
     * The same; a bare figure is in the reader's family of units.
     *
     * @param text as typed
     * @param bare the family of units of a figure without one
     * @return the temperature as entered
     * @throws InvalidInputException where it is none
     */
    public static Temperature parse(String text, Units bare) {
        return parse(text, bare == Units.US ? Unit.F : Unit.C);
    }

    /**
     * In °F, for arithmetic.
     *
     * @return °F
     */
    public double fahrenheit() {
        return unit == Unit.F ? value.doubleValue() : value.doubleValue() * 1.8 + 32;
    }

    /**
     * Absolute, in °R: gas pressure follows it.
     *
     * @return °R
     */
    public double rankine() {
        return fahrenheit() + RANKINE_AT_ZERO_F;
    }

    /**
     * As entered, with its unit.
     *
     * @return as it is stored
     */
    public String asEntered() {
        return QuantityParser.plain(value) + " " + unit;
    }

    @Override
    public String format(Units units) {
        return units == Units.US
                ? QuantityParser.rounded(fahrenheit(), 0) + " °F"
                : QuantityParser.rounded((fahrenheit() - 32) / 1.8, 0) + " °C";
    }
}
