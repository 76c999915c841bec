package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;

/**
 * A price or cost in the fleet's own currency, to the cent. Refuses negative amounts and more than a million.
 *
 * @param cents hundredths of the currency
 */
public record Money(long cents) {

    private static final long MOST_CENTS = 100_000_000L;

    /**
     * Checks the amount.
     *
     * @param cents hundredths of the currency
     * @throws InvalidInputException under 0 and over a million
     */
    public Money {
        if (cents < 0 || cents > MOST_CENTS) {
            throw new InvalidInputException(WORDS.say("priceLiesBetween0"));
        }
    }

    /**
     * Reads {@code 412}, {@code 412.50}, {@code $412.50} or {@code 1,412.50}; the fleet's own sign and any currency sign may stand with it.
     *
     * @param text as typed
     * @return the amount
     * @throws InvalidInputException where it is none, or has more than two decimals
     */
    public static Money parse(String text) {
        String given =
                text == null ? "" : HouseStyle.inUse().withoutSign(text).replaceAll("(?<=[0-9]),(?=[0-9]{3})", "");
        QuantityParser.ParsedQuantity parsedQuantity = QuantityParser.read(given, "price", "412.50");
        if (!parsedQuantity.unit().isEmpty()) {
            throw QuantityParser.unknownUnit(parsedQuantity.unit(), "price", WORDS.say("plainNumber"));
        }
        BigDecimal cents = parsedQuantity.value().movePointRight(2);
        if (cents.stripTrailingZeros().scale() > 0) {
            throw new InvalidInputException(WORDS.say("priceHasAtMostTwo"));
        }
        if (cents.compareTo(BigDecimal.valueOf(MOST_CENTS)) > 0 || cents.signum() < 0) {
            throw new InvalidInputException(WORDS.say("priceLiesBetween0"));
        }
        return new Money(cents.longValueExact());
    }

    /**
     * The share of this that falls on one of so many units, for example per mile.
     *
     * @param units how many, over 0
     * @param decimals how many to show
     * @return with the sign of the currency
     */
    public String per(double units, int decimals) {
        return HouseStyle.inUse()
                .amount(BigDecimal.valueOf(cents / 100.0 / units)
                        .setScale(decimals, RoundingMode.HALF_UP)
                        .toPlainString());
    }

    /**
     * With a thousands comma and two decimals, for example {@code $1,412.50}.
     *
     * @return for the screen
     */
    public String label() {
        return sum(cents);
    }

    /**
     * A sum of many, however large; one under nothing carries its sign.
     *
     * @param cents hundredths of the currency
     * @return for the screen
     */
    public static String sum(long cents) {
        return (cents < 0 ? "−" : "")
                + HouseStyle.inUse()
                        .amount(String.format(Locale.ROOT, "%,d.%02d", Math.abs(cents) / 100, Math.abs(cents) % 100));
    }

    /**
     * A sum to the whole unit of the currency, as forecasts are read.
     *
     * @param cents hundredths of the currency
     * @return for the screen
     */
    public static String about(long cents) {
        return (cents < 0 ? "−" : "")
                + HouseStyle.inUse().amount(String.format(Locale.ROOT, "%,d", Math.round(Math.abs(cents) / 100.0)));
    }

    /**
     * The bare figure, as it goes back into a field: {@code 412.50}.
     *
     * @return without sign and comma
     */
    public String value() {
        return String.format(Locale.ROOT, "%d.%02d", cents / 100, cents % 100);
    }
}
