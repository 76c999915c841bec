package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

/**
 * A length on a tire or wheel, such as an overall diameter.
 *
 * @param mm in millimeters
 */
public record Length(double mm) implements Quantity {

    private static final double MM_PER_INCH = 25.4;

    /**
     * Checks the figure.
     *
     * @param mm in millimeters
     * @throws InvalidInputException for what no tire or wheel measures
     */
    public Length {
        if (!(mm >= 0) || mm > 10_000) {
            throw new InvalidInputException(WORDS.say("lengthOfMmIsNot", "mm", mm));
        }
    }

    /**
     * Reads {@code 41.1}, {@code 41.1 in} or {@code 1044 mm}; a bare figure is in inches for US, millimeters for metric.
     *
     * @param text as typed
     * @param bare the family of units of a figure without one
     * @return the length
     * @throws InvalidInputException where it is none
     */
    public static Length parse(String text, Units bare) {
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(text, "length", bare == Units.US ? "41.1" : "1044");
        double figure = parsedQuantity.value().doubleValue();
        return switch (parsedQuantity.unit().toLowerCase(java.util.Locale.ROOT)) {
            case "" -> bare == Units.US ? ofInches(figure) : ofMm(figure);
            case "in", "\"" -> ofInches(figure);
            case "mm" -> ofMm(figure);
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "length", WORDS.say("inOrMm"));
        };
    }

    /**
     * A length in millimeters.
     *
     * @param mm the figure
     * @return the length
     */
    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    /**
     * A length in inches.
     *
     * @param inches the figure
     * @return the length
     */
    public static Length ofInches(double inches) {
        return new Length(inches * MM_PER_INCH);
    }

    /**
     * In inches, for arithmetic.
     *
     * @return inches
     */
    public double inches() {
        return mm / MM_PER_INCH;
    }

    @Override
    public String format(Units units) {
        return units == Units.US ? QuantityParser.rounded(inches(), 2) + " in" : QuantityParser.rounded(mm, 1) + " mm";
    }
}
