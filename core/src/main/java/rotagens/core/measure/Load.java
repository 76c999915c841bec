package rotagens.core.measure;

import java.math.BigDecimal;
import java.util.Locale;

/** A weight carried or a rating such as GVWR, in lb or kg, kept as entered. */
public record Load(BigDecimal value, Unit unit) implements Quantity {

    /** What scales and plates are marked in. */
    public enum Unit {
        LB,
        KG
    }

    private static final double LB_PER_KG = 1 / 0.45359237;

    public Load {
        double lb = unit == Unit.KG ? value.doubleValue() * LB_PER_KG : value.doubleValue();
        if (lb < 0 || lb > 400_000) {
            throw new InvalidInputException(QuantityParser.plain(value) + (unit == Unit.KG ? " kg" : " lb")
                    + " is outside what a road vehicle weighs. Read the plate or scale ticket again.");
        }
    }

    public static Load lb(double lb) {
        return new Load(BigDecimal.valueOf(lb), Unit.LB);
    }

    /** Reads {@code 3195}, {@code 3,195 lb} or {@code 1450 kg}; a bare figure is in the given unit. */
    public static Load parse(String text, Unit bare) {
        String given = text == null ? "" : text.replaceAll("(?<=[0-9]),(?=[0-9]{3}(?![0-9]))", "");
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(given, "weight", bare == Unit.LB ? "3195" : "1450");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT)) {
            case "" -> bare;
            case "lb", "lbs" -> Unit.LB;
            case "kg" -> Unit.KG;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "weight", "lb or kg");
        };
        return new Load(parsedQuantity.value(), unit);
    }

    /** The same; a bare figure is in the reader's family of units. */
    public static Load parse(String text, Units bare) {
        return parse(text, bare == Units.US ? Unit.LB : Unit.KG);
    }

    public static Load kg(double kg) {
        return new Load(BigDecimal.valueOf(kg), Unit.KG);
    }

    public double kg() {
        return unit == Unit.KG ? value.doubleValue() : value.doubleValue() / LB_PER_KG;
    }

    /** As entered, with its unit. */
    public String asEntered() {
        return QuantityParser.plain(value) + (unit == Unit.KG ? " kg" : " lb");
    }

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
