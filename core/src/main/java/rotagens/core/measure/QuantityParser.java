package rotagens.core.measure;

import static rotagens.core.measure.MeasureWords.WORDS;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reading and writing of the bare figures inside quantities. */
final class QuantityParser {

    private static final Pattern ENTRY = Pattern.compile("\\s*([-+]?[0-9]{1,9}(?:[.,][0-9]{1,6})?)\\s*(.{0,12}?)\\s*");

    /** Characters of the longest entry that can be a figure. */
    static final int LONGEST = 40;

    record ParsedQuantity(BigDecimal value, String unit) {}

    private QuantityParser() {}

    /** Splits {@code 82.5 psi} into figure and unit; a decimal comma is taken as a point. */
    static ParsedQuantity read(String text, String what, String example) {
        if (text == null || text.isBlank()) {
            throw new InvalidInputException(WORDS.say("enterTheForExample", "what", what, "example", example));
        }
        Matcher entry = ENTRY.matcher(text);
        if (text.length() > LONGEST || !entry.matches()) {
            throw new InvalidInputException(WORDS.say(
                    "isNotEnterTheValue",
                    "shortened",
                    shortened(text),
                    "vowel",
                    startsWithVowel(what),
                    "what",
                    what,
                    "example",
                    example));
        }
        return new ParsedQuantity(new BigDecimal(entry.group(1).replace(',', '.')), entry.group(2));
    }

    static InvalidInputException unknownUnit(String unit, String what, String known) {
        return new InvalidInputException(WORDS.say("isNotAUnit", "unit", unit, "what", what, "known", known));
    }

    /** Rounded half up to so many places, without trailing zeros. */
    static String rounded(double value, int places) {
        return plain(BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP));
    }

    static String plain(BigDecimal figure) {
        BigDecimal stripped = figure.stripTrailingZeros();
        return (stripped.scale() < 0 ? stripped.setScale(0) : stripped).toPlainString();
    }

    /** With a thousands comma, as odometers and loads are read. */
    static String grouped(double value) {
        return String.format(java.util.Locale.ROOT, "%,d", Math.round(value));
    }

    private static boolean startsWithVowel(String noun) {
        return "aeiou".indexOf(noun.charAt(0)) >= 0;
    }

    private static String shortened(String text) {
        String oneLine = text.replaceAll("\\p{Cntrl}", " ").strip();
        return oneLine.length() > 24 ? oneLine.substring(0, 24) + "…" : oneLine;
    }
}
