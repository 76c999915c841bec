package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.util.regex.Pattern;

/**
 * How this fleet writes dates and money. One process serves one fleet, so the style in use stands for the whole process,
 * as Java's own locale does; figures and days are the same in every style.
 *
 * @param dates how days are written
 * @param currencySign what stands before an amount: {@code $}, {@code €}, {@code CHF}
 */
public record HouseStyle(DateStyle dates, String currencySign) {

    private static final Pattern SIGN = Pattern.compile("[\\p{L}\\p{Sc}]{1,3}");

    /** What is written where nobody has chosen otherwise. */
    public static final HouseStyle USUAL = new HouseStyle(DateStyle.MONTH_FIRST, "$");

    private static volatile HouseStyle inUse = USUAL;

    /**
     * Checks the sign.
     *
     * @param dates how days are written
     * @param currencySign what stands before an amount
     * @throws InvalidInputException where the sign is not one to three letters or currency signs
     */
    public HouseStyle {
        if (!SIGN.matcher(currencySign).matches()) {
            throw new InvalidInputException(WORDS.say("enterOneToThreeLetters"));
        }
    }

    /**
     * How dates and money are written now.
     *
     * @return the style of this process
     */
    public static HouseStyle inUse() {
        return inUse;
    }

    /**
     * From now on dates and money are written like this.
     *
     * @param style what the fleet has chosen
     */
    public static void use(HouseStyle style) {
        inUse = style;
    }

    /** An amount with its sign in front; a sign of letters stands clear of the figure. */
    String amount(String figure) {
        boolean letters = Character.isLetter(currencySign.charAt(currencySign.length() - 1));
        return currencySign + (letters ? "\u00a0" : "") + figure;
    }

    /** What was typed without the sign, wherever it stands. */
    String withoutSign(String typed) {
        return typed.replace(currencySign, "").replaceAll("[\\p{Sc}\u00a0]", "").strip();
    }
}
