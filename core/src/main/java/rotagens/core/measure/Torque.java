package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;

/**
 * A tightening torque, in ft·lb or N·m, kept as entered. Refuses 0 and what no wheel nut of this trade takes (over 900 ft·lb).
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record Torque(BigDecimal value, Unit unit) implements Quantity {

    /** What torque wrenches are marked in. */
    public enum Unit {
        /** Foot-pounds. */
        FT_LB("ft·lb", 1),
        /** Newton meters. */
        NM("N·m", 1 / 1.3558179483314004);

        private final String symbol;
        private final double inFtLb;

        Unit(String symbol, double inFtLb) {
            this.symbol = symbol;
            this.inFtLb = inFtLb;
        }
    }

    private static final double MOST_FT_LB = 900;

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException for 0 and for more than any wheel nut takes
     */
    public Torque {
        double ftLb = value.doubleValue() * unit.inFtLb;
        if (ftLb <= 0 || ftLb > MOST_FT_LB) {
            throw new InvalidInputException(
                    WORDS.say("isNoTorque", "value", QuantityParser.plain(value), "symbol", unit.symbol));
        }
    }

    /**
     * Reads {@code 475}, {@code 475 ft·lb} or {@code 640 Nm}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the torque as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static Torque parse(String text, Unit bare) {
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(text, "torque", bare == Unit.FT_LB ? "475" : "640");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT).replaceAll("[\\s·.*-]", "")) {
            case "" -> bare;
            case "ftlb", "lbft", "ftlbs", "lbfft" -> Unit.FT_LB;
            case "nm" -> Unit.NM;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "torque", WORDS.say("ftLbOrNM"));
        };
        return new Torque(parsedQuantity.value(), unit);
    }

    /**
     * In ft·lb, for arithmetic.
     *
     * @return ft·lb
     */
    public double ftLb() {
        return value.doubleValue() * unit.inFtLb;
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
        if ((unit == Unit.FT_LB) == (units == Units.US)) {
            return asEntered();
        }
        return units == Units.US
                ? QuantityParser.rounded(ftLb(), 0) + " ft·lb"
                : QuantityParser.rounded(ftLb() / Unit.NM.inFtLb, 0) + " N·m";
    }
}
