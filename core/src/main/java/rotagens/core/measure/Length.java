package rotagens.core.measure;

/** A length on a tire or wheel, such as an overall diameter. */
public record Length(double mm) implements Quantity {

    private static final double MM_PER_INCH = 25.4;

    public Length {
        if (!(mm >= 0) || mm > 10_000) {
            throw new InvalidInputException("A length of " + mm + " mm is not a size of a tire or wheel.");
        }
    }

    /** Reads {@code 41.1}, {@code 41.1 in} or {@code 1044 mm}; a bare figure is in inches for US, millimeters for metric. */
    public static Length parse(String text, Units bare) {
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(text, "length", bare == Units.US ? "41.1" : "1044");
        double figure = parsedQuantity.value().doubleValue();
        return switch (parsedQuantity.unit().toLowerCase(java.util.Locale.ROOT)) {
            case "" -> bare == Units.US ? ofInches(figure) : ofMm(figure);
            case "in", "\"" -> ofInches(figure);
            case "mm" -> ofMm(figure);
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "length", "in or mm");
        };
    }

    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    public static Length ofInches(double inches) {
        return new Length(inches * MM_PER_INCH);
    }

    public double inches() {
        return mm / MM_PER_INCH;
    }

    @Override
    public String format(Units units) {
        return units == Units.US ? QuantityParser.rounded(inches(), 2) + " in" : QuantityParser.rounded(mm, 1) + " mm";
    }
}
