package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.util.Locale;

/**
 * Air pressure above the atmosphere, as a tire gauge reads it. Keeps the figure and unit as entered: 80 psi stays 80 psi.
 * Refuses what no gauge of this trade shows: under 0 or over 200 psi.
 *
 * @param value the figure as entered
 * @param unit the unit as entered
 */
public record Pressure(BigDecimal value, Unit unit) implements Quantity {

    /** The units gauges are marked in. */
    public enum Unit {
        /** Pounds per square inch. */
        PSI("psi", 1.0),
        /** Kilopascal. */
        KPA("kPa", 1 / 6.894757293168361),
        /** Bar: 100 kPa. */
        BAR("bar", 100 / 6.894757293168361);

        private final String symbol;
        private final double inPsi;

        Unit(String symbol, double inPsi) {
            this.symbol = symbol;
            this.inPsi = inPsi;
        }

        /**
         * How it is written.
         *
         * @return as it stands behind a figure
         */
        public String symbol() {
            return symbol;
        }
    }

    private static final double HIGHEST_PSI = 200;

    /**
     * Checks the figure.
     *
     * @param value the figure as entered
     * @param unit the unit as entered
     * @throws InvalidInputException under 0 and over 200 psi
     */
    public Pressure {
        double psi = value.doubleValue() * unit.inPsi;
        if (psi < 0 || psi > HIGHEST_PSI + 1e-9) {
            throw new InvalidInputException(
                    WORDS.say("isOutsideWhatATire", "value", QuantityParser.plain(value), "symbol", unit.symbol));
        }
    }

    /**
     * A pressure in psi.
     *
     * @param psi the figure
     * @return in psi
     */
    public static Pressure psi(double psi) {
        return new Pressure(BigDecimal.valueOf(psi), Unit.PSI);
    }

    /**
     * Reads {@code 80}, {@code 80 psi}, {@code 5.5 bar} or {@code 550 kPa}; a bare figure is in the given unit.
     *
     * @param text as typed
     * @param bare the unit of a figure without one
     * @return the pressure as entered
     * @throws InvalidInputException where it is none, in words for whoever typed it
     */
    public static Pressure parse(String text, Unit bare) {
        QuantityParser.ParsedQuantity parsedQuantity =
                QuantityParser.read(text, "pressure", bare == Unit.PSI ? "82" : "565");
        Unit unit = switch (parsedQuantity.unit().toLowerCase(Locale.ROOT)) {
            case "" -> bare;
            case "psi" -> Unit.PSI;
            case "kpa" -> Unit.KPA;
            case "bar" -> Unit.BAR;
            default -> throw QuantityParser.unknownUnit(parsedQuantity.unit(), "pressure", WORDS.say("psiKpaOrBar"));
        };
        return new Pressure(parsedQuantity.value(), unit);
    }

    /**
     * The same; a bare figure is in the reader's family of units.
     *
     * @param text as typed
     * @param bare the family of units of a figure without one
     * @return the pressure as entered
     * @throws InvalidInputException where it is none
     */
    public static Pressure parse(String text, Units bare) {
        return parse(text, bare == Units.US ? Unit.PSI : Unit.KPA);
    }

    /**
     * One figure written in psi and in kPa differs by up to half a kPa: within it a reading is at its limit, never over or under
     * it.
     */
    private static final double ONE_FIGURE_PSI = 0.5 * Unit.KPA.inPsi + 1e-6;

    /**
     * Whether it reads over a limit, by more than writing the limit in another unit can make of it: 551.6 kPa isn't over 80 psi.
     *
     * @param limit what it is held against
     * @return false where both read the same in one of the units
     */
    public boolean isOver(Pressure limit) {
        return psi() > limit.psi() + ONE_FIGURE_PSI;
    }

    /**
     * Whether it reads under a limit, by more than writing the limit in another unit can make of it.
     *
     * @param limit what it is held against
     * @return false where both read the same in one of the units
     */
    public boolean isUnder(Pressure limit) {
        return psi() < limit.psi() - ONE_FIGURE_PSI;
    }

    /**
     * In psi, for arithmetic.
     *
     * @return psi
     */
    public double psi() {
        return value.doubleValue() * unit.inPsi;
    }

    /**
     * The bare figure in the unit a reader of these units types without saying so: psi or kPa.
     *
     * @param units the family of units
     * @return not rounded
     */
    public double formatWithoutUnit(Units units) {
        return units == Units.US ? psi() : psi() / Unit.KPA.inPsi;
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
        boolean own = (unit == Unit.PSI) == (units == Units.US);
        if (own) {
            return asEntered();
        }
        return units == Units.US
                ? QuantityParser.rounded(psi(), 1) + " psi"
                : QuantityParser.rounded(psi() / Unit.KPA.inPsi, 0) + " kPa";
    }
}
