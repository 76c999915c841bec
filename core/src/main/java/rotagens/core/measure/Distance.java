package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;

/**
 * A distance driven or an odometer's reading, in miles or kilometers, kept as entered. Refuses under 0 and over 5,000,000 mi.
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record Distance(BigDecimal value, Unit unit) implements Quantity {

    /** Kilometers in a mile. */
    public static final double KM_PER_MILE = 1.609344;

    /** What the odometer counts in. */
    public enum Unit {
        /** Miles. */
        MILES("mi", 1.0),
        /** Kilometers. */
        KM("km", 1 / KM_PER_MILE);

        private final String symbol;
        private final double inMiles;

        Unit(String symbol, double inMiles) {
            this.symbol = symbol;
            this.inMiles = inMiles;
        }
    }

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException under 0 and over 5,000,000 miles
     */
    public Distance {
        double miles = value.doubleValue() * unit.inMiles;
        if (miles < 0 || miles > 5_000_000) {
            throw new InvalidInputException(
                    WORDS.say("isNoOdometerReadingRead", "value", QuantityParser.plain(value), "symbol", unit.symbol));
        }
    }

    /**
     * A distance in miles.
     *
     * @param miles the figure
     * @return in miles
     */
    public static Distance miles(double miles) {
        return new Distance(BigDecimal.valueOf(miles), Unit.MILES);
    }

    /**
     * Reads {@code 41208}, {@code 41,208 mi} or {@code 66300 km}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the distance as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static Distance parse(String text, Unit bare) {
        String given = text == null ? "" : text.replaceAll("(?<=[0-9]),(?=[0-9]{3}(?![0-9]))", "");
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(given, WORDS.say("odometerReading"), "41208");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT)) {
            case "" -> bare;
            case "mi", "miles" -> Unit.MILES;
            case "km" -> Unit.KM;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "distance", WORDS.say("miOrKm"));
        };
        return new Distance(parsedQuantity.value(), unit);
    }

    /**
     * In miles, for arithmetic.
     *
     * @return miles
     */
    public double miles() {
        return value.doubleValue() * unit.inMiles;
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
        return units == Units.US
                ? QuantityParser.grouped(miles()) + " mi"
                : QuantityParser.grouped(miles() * KM_PER_MILE) + " km";
    }
}
