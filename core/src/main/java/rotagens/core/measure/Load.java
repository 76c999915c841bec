package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;

/**
 * A weight carried or a rating such as GVWR, in lb or kg, kept as entered.
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record Load(BigDecimal value, Unit unit) implements Quantity {

    /** What scales and plates are marked in. */
    public enum Unit {
        /** Pounds. */
        LB,
        /** Kilograms. */
        KG
    }

    private static final double LB_PER_KG = 1 / 0.45359237;

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException for what no road vehicle weighs
     */
    public Load {
        double lb = unit == Unit.KG ? value.doubleValue() * LB_PER_KG : value.doubleValue();
        if (lb < 0 || lb > 400_000) {
            throw new InvalidInputException(
                    WORDS.say("kgIsOutsideWhat", "value", QuantityParser.plain(value), "isKg", unit == Unit.KG));
        }
    }

    /**
     * A load in pounds.
     *
     * @param lb the figure
     * @return in pounds
     */
    public static Load lb(double lb) {
        return new Load(BigDecimal.valueOf(lb), Unit.LB);
    }

    /**
     * Reads {@code 3195}, {@code 3,195 lb} or {@code 1450 kg}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the load as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static Load parse(String text, Unit bare) {
        String given = text == null ? "" : text.replaceAll("(?<=[0-9]),(?=[0-9]{3}(?![0-9]))", "");
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(given, "weight", bare == Unit.LB ? "3195" : "1450");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT)) {
            case "" -> bare;
            case "lb", "lbs" -> Unit.LB;
            case "kg" -> Unit.KG;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "weight", WORDS.say("lbOrKg"));
        };
        return new Load(parsedQuantity.value(), unit);
    }

    /**
     * The same; a bare figure is in the reader's family of units.
     *
     * @param text as typed
     * @param bare the family of units of a figure without one
     * @return the load as entered
     * @throws InvalidInputException where it is none
     */
    public static Load parse(String text, Units bare) {
        return parse(text, bare == Units.US ? Unit.LB : Unit.KG);
    }

    /**
     * A load in kilograms.
     *
     * @param kg the figure
     * @return in kilograms
     */
    public static Load kg(double kg) {
        return new Load(BigDecimal.valueOf(kg), Unit.KG);
    }

    /**
     * In kilograms, for arithmetic.
     *
     * @return kilograms
     */
    public double kg() {
        return unit == Unit.KG ? value.doubleValue() : value.doubleValue() / LB_PER_KG;
    }

    /**
     * As entered, with its unit.
     *
     * @return as it is stored
     */
    public String asEntered() {
        return QuantityParser.plain(value) + (unit == Unit.KG ? " kg" : " lb");
    }

    /**
     * In pounds, for arithmetic.
     *
     * @return pounds
     */
    public double lb() {
        return unit == Unit.KG ? value.doubleValue() * LB_PER_KG : value.doubleValue();
    }

    @Override
    public String format(Units units) {
        return units == Units.US
                ? QuantityParser.grouped(lb()) + " lb"
                : QuantityParser.grouped(lb() / LB_PER_KG) + " kg";
    }
}
