package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Depth of a tread groove, in 32nds of an inch or millimeters, kept as entered. Refuses what no tread has: under 0 or over
 * 40/32 in.
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record TreadDepth(BigDecimal value, Unit unit) implements Quantity, Comparable<TreadDepth> {

    /** The marks on a depth gauge. */
    public enum Unit {
        /** 32nds of an inch. */
        THIRTY_SECONDS,
        /** Millimeters. */
        MM
    }

    private static final double MM_PER_32ND = 25.4 / 32;
    private static final double DEEPEST_32NDS = 40;
    private static final Pattern OVER_32 = Pattern.compile("(?i)\\s*/\\s*32\\s*(in|\")?\\s*$");

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException under 0 and over 40/32 in
     */
    public TreadDepth {
        double depth = unit == Unit.MM ? value.doubleValue() / MM_PER_32ND : value.doubleValue();
        if (depth < 0 || depth > DEEPEST_32NDS + 1e-9) {
            throw new InvalidInputException(
                    WORDS.say("mmOther32", "value", QuantityParser.plain(value), "isMm", unit == Unit.MM));
        }
    }

    /**
     * A depth in 32nds of an inch.
     *
     * @param depth the figure
     * @return in 32nds
     */
    public static TreadDepth of32nds(double depth) {
        return new TreadDepth(BigDecimal.valueOf(depth), Unit.THIRTY_SECONDS);
    }

    /**
     * Reads {@code 9}, {@code 9/32}, {@code 8.5} or {@code 7 mm}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the depth as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static TreadDepth parse(String text, Unit bare) {
        String given = text == null ? "" : text;
        // Longer ones are no figure, and looking for one in them takes long.
        boolean over32 = given.length() <= QuantityParser.LONGEST
                && OVER_32.matcher(given).find();
        QuantityParser.ParsedQuantity parsedQuantity = QuantityParser.read(
                over32 ? OVER_32.matcher(given).replaceAll("") : given,
                WORDS.say("treadDepth"),
                bare == Unit.MM ? "7.1" : "9");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT)) {
            case "" -> over32 ? Unit.THIRTY_SECONDS : bare;
            case "mm" -> Unit.MM;
            default ->
                throw QuantityParser.unknownUnit(
                        parsedQuantity.unit(), WORDS.say("treadDepth"), WORDS.say("at32NdsOfAnInch"));
        };
        return new TreadDepth(parsedQuantity.value(), unit);
    }

    /**
     * In 32nds of an inch, for arithmetic.
     *
     * @return 32nds of an inch
     */
    public double thirtySeconds() {
        return unit == Unit.MM ? value.doubleValue() / MM_PER_32ND : value.doubleValue();
    }

    /**
     * The bare figure in the unit a reader of these units types without saying so: 32nds or mm.
     *
     * @param units the family of units
     * @return not rounded
     */
    public double formatWithoutUnit(Units units) {
        return units == Units.US ? thirtySeconds() : thirtySeconds() * MM_PER_32ND;
    }

    /**
     * As entered, with its unit.
     *
     * @return as it is stored
     */
    public String asEntered() {
        return unit == Unit.MM ? QuantityParser.plain(value) + " mm" : QuantityParser.plain(value) + "/32 in";
    }

    @Override
    public String format(Units units) {
        boolean own = (unit == Unit.THIRTY_SECONDS) == (units == Units.US);
        if (own) {
            return asEntered();
        }
        return units == Units.US
                ? distinct32nds(thirtySeconds()) + "/32 in"
                : QuantityParser.rounded(thirtySeconds() * MM_PER_32ND, 1) + " mm";
    }

    /** One decimal, but two where one would round to a whole mark that the figure isn't at: limits are whole marks. */
    private static String distinct32nds(double value) {
        boolean nearWholeMark = Math.abs(value - Math.rint(value)) < 0.05;
        return QuantityParser.rounded(value, nearWholeMark ? 2 : 1);
    }

    @Override
    public int compareTo(TreadDepth other) {
        return Double.compare(thirtySeconds(), other.thirtySeconds());
    }
}
