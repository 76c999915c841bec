package rotagens.core.measure;

import java.math.BigDecimal;
import java.util.Locale;

/** A tightening torque, in ft·lb or N·m, kept as entered. Refuses 0 and what no wheel nut of this trade takes (over 900 ft·lb). */
public record Torque(BigDecimal value, Unit unit) implements Quantity {

    /** What torque wrenches are marked in. */
    public enum Unit {
        FT_LB("ft·lb", 1),
        NM("N·m", 1 / 1.3558179483314004);

        private final String symbol;
        private final double inFtLb;

        Unit(String symbol, double inFtLb) {
            this.symbol = symbol;
            this.inFtLb = inFtLb;
        }
    }

    private static final double MOST_FT_LB = 900;

    public Torque {
        double ftLb = value.doubleValue() * unit.inFtLb;
        if (ftLb <= 0 || ftLb > MOST_FT_LB) {
            throw new InvalidInputException(
                    QuantityParser.plain(value) + " " + unit.symbol
                            + " is no torque for a wheel nut (up to 900 ft·lb, 1220 N·m). Read the manufacturer’s torque again.");
        }
    }

    /** Reads {@code 475}, {@code 475 ft·lb} or {@code 640 Nm}; a bare figure is in the given unit. */
    public static Torque parse(String text, Unit bare) {
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(text, "torque", bare == Unit.FT_LB ? "475" : "640");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT).replaceAll("[\\s·.*-]", "")) {
            case "" -> bare;
            case "ftlb", "lbft", "ftlbs", "lbfft" -> Unit.FT_LB;
            case "nm" -> Unit.NM;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "torque", "ft·lb or N·m");
        };
        return new Torque(parsedQuantity.value(), unit);
    }

    public double ftLb() {
        return value.doubleValue() * unit.inFtLb;
    }

    /** As entered, with its unit. */
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
