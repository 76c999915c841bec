package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;

/**
 * The weight put on one side of a wheel to balance it, in ounces or grams, kept as entered; 0 where none was needed.
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record BalanceWeight(BigDecimal value, Unit unit) implements Quantity {

    /** What the weights are marked in. */
    public enum Unit {
        /** Ounces. */
        OZ("oz", 1),
        /** Grams. */
        G("g", 1 / 28.349523125);

        private final String symbol;
        private final double inOunces;

        Unit(String symbol, double inOunces) {
            this.symbol = symbol;
            this.inOunces = inOunces;
        }
    }

    private static final double MOST_OUNCES = 24;

    /** Adhesive weights come in pieces of this. */
    private static final double PIECE_OUNCES = 0.25;

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException for less than nothing and for more than any wheel takes on one side
     */
    public BalanceWeight {
        double ounces = value.doubleValue() * unit.inOunces;
        if (ounces < 0 || ounces > MOST_OUNCES) {
            throw new InvalidInputException(
                    WORDS.say("isNoBalanceWeightUp", "value", QuantityParser.plain(value), "symbol", unit.symbol));
        }
    }

    /**
     * Reads {@code 2.25}, {@code 2.25 oz} or {@code 60 g}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the weight as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static BalanceWeight parse(String text, Unit bare) {
        QuantityParser.ParsedQuantity read =
                QuantityParser.read(text, WORDS.say("balanceWeight"), bare == Unit.OZ ? "2.25" : "60");
        Unit unit = switch (read.unit().toLowerCase(Locale.ROOT).replace(".", "")) {
            case "" -> bare;
            case "oz", "ounce", "ounces" -> Unit.OZ;
            case "g", "gr", "gram", "grams" -> Unit.G;
            default -> throw QuantityParser.unknownUnit(read.unit(), WORDS.say("balanceWeight"), WORDS.say("ozOrG"));
        };
        return new BalanceWeight(read.value(), unit);
    }

    /**
     * How many pieces of ¼ oz (7 g) it takes off the shelf; a piece that was cut counts whole.
     *
     * @return 0 where none was needed
     */
    public int pieces() {
        return (int) Math.ceil(value.doubleValue() * unit.inOunces / PIECE_OUNCES - 1e-6);
    }

    /**
     * As entered, with its unit.
     *
     * @return as it is stored
     */
    public String asEntered() {
        return QuantityParser.plain(value) + " " + unit.symbol;
    }

    @Override
    public String format(Units units) {
        if ((unit == Unit.OZ) == (units == Units.US)) {
            return asEntered();
        }
        double ounces = value.doubleValue() * unit.inOunces;
        return units == Units.US
                ? QuantityParser.rounded(ounces, 2) + " oz"
                : QuantityParser.rounded(ounces / Unit.G.inOunces, 0) + " g";
    }
}
