package rotagens.core.tire;

import static rotagens.core.tire.TireWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import rotagens.core.measure.InvalidInputException;

/**
 * A tire's identification number, as molded after the letters DOT. Older form: plant 2, size 2, maker's option 0–4, date 4;
 * newer: plant 3, maker's 6, date 4. The letters G I O Q S Z never occur (49 CFR 574.5).
 *
 * @param molded letters and figures without spaces and without the leading DOT
 * @param date the week it was made, as far as it can be read
 */
public record DotCode(String molded, DotWeek date) {

    private static final Map<Character, Character> LOOKS_LIKE =
            Map.of('G', '6', 'I', '1', 'O', '0', 'Q', '0', 'S', '5', 'Z', '2');
    private static final int NEWER_LENGTH = 13;
    private static final Pattern FIGURES = Pattern.compile("[0-9]+");
    private static final Pattern THREE_FIGURES = Pattern.compile("[0-9]{3}");
    private static final Pattern BETWEEN = Pattern.compile("[\\s.·-]+");
    private static final Pattern LETTERS_AND_FIGURES = Pattern.compile("[0-9A-Z]+");
    private static final Pattern READ = Pattern.compile("[0-9A-Z?]+");
    private static final Pattern DATE_READ = Pattern.compile("[0-9?]+");
    private static final Pattern NOBODY_CAN = Pattern.compile("UNREADABLE|ILLEGIBLE|CAN['’]?TBEREAD|NOTREADABLE");
    /** Plant and size, at most four letters of the maker's, and three figures, the first after a letter. */
    private static final Pattern THREE_FIGURE_CODE = Pattern.compile("[0-9A-Z?]{3,7}[A-Z?][0-9]{3}");

    private static final String UNREADABLE = "UNREADABLE";

    /**
     * Reads the whole code, or its date alone, as it is read: with a {@code ?} for each letter or figure that can't be, or
     * {@code unreadable} where nobody can read it.
     *
     * @param text as typed or read, with or without the letters DOT
     * @param today the day it is read: no tire is made later
     * @return the code with its date
     * @throws InvalidInputException for a letter that never stands in a code, a code without a date, and an impossible date
     */
    public static DotCode parse(String text, LocalDate today) {
        String code = text == null ? "" : stripped(text);
        if (code.isEmpty()) {
            throw new InvalidInputException(WORDS.say("enterTheDotCode"));
        }
        if (NOBODY_CAN.matcher(code).matches()) {
            return new DotCode(UNREADABLE, DotWeek.unreadable());
        }
        if (code.length() > 13 || !READ.matcher(code).matches()) {
            throw new InvalidInputException(WORDS.say("dotCodeHasAtMost"));
        }
        misread(code).ifPresent(message -> {
            throw new InvalidInputException(message);
        });
        if (code.length() <= 4 && DATE_READ.matcher(code).matches()) {
            return new DotCode(code, DotWeek.parse(code, today));
        }
        if (code.length() >= 8
                && DATE_READ.matcher(code.substring(code.length() - 4)).matches()) {
            return new DotCode(code, DotWeek.parse(code.substring(code.length() - 4), today));
        }
        if (THREE_FIGURE_CODE.matcher(code).matches()) {
            return new DotCode(code, DotWeek.parse(code.substring(code.length() - 3), today));
        }
        throw new InvalidInputException(WORDS.say("thisCodeCarriesNoDate"));
    }

    /**
     * Whether a cell of a spreadsheet may be a date of four figures whose leading zero was dropped: three figures alone are also a
     * date of the nineties, {@code 408} week 40 of 1998, so a person has to say which.
     *
     * @param cell what a spreadsheet holds
     * @return whether somebody has to be asked
     */
    public static boolean mayLackZero(String cell) {
        return THREE_FIGURES.matcher(cell).matches();
    }

    /**
     * The date as it was before the zero was dropped: {@code 0408} for {@code 408}.
     *
     * @param cell three figures
     * @return four figures
     */
    public static String withZero(String cell) {
        return "0" + cell;
    }

    /**
     * Reads a retreader's own mark, after the letters DOT-R: plant and date, or the date alone. It dates the tread, never the
     * casing.
     *
     * @param text as typed or read, with or without the letters DOT-R
     * @param today the day it is read
     * @return the mark with its date
     * @throws InvalidInputException where no date ends it
     */
    public static DotCode parseRetread(String text, LocalDate today) {
        String code = text == null
                ? ""
                : BETWEEN.matcher(text.toUpperCase(Locale.ROOT)).replaceAll("");
        String bare = code.startsWith("DOTR") ? code.substring(4) : code;
        if (bare.length() < 4
                || bare.length() > 13
                || !LETTERS_AND_FIGURES.matcher(bare).matches()
                || !FIGURES.matcher(bare.substring(bare.length() - 4)).matches()) {
            throw new InvalidInputException(WORDS.say("enterTheRetreadersMarkAfter"));
        }
        return new DotCode(bare, DotWeek.parse(bare.substring(bare.length() - 4), today));
    }

    /**
     * One stretch of the code and what it stands for.
     *
     * @param letters as molded
     * @param meaning in words
     */
    public record Part(String letters, String meaning) {}

    /**
     * The code taken apart: plant, size, maker's option and date, in the older or the newer form.
     *
     * @return from the left
     */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        if (molded.equals(UNREADABLE)) {
            return List.of(new Part(molded, date.doubt()));
        }
        int date = molded.length() - this.date.marked().length();
        if (date > 0) {
            boolean newer = molded.length() == NEWER_LENGTH;
            int plant = newer ? 3 : 2;
            parts.add(new Part(molded.substring(0, plant), WORDS.say("plantThatMade")));
            if (newer) {
                parts.add(new Part(molded.substring(plant, date), WORDS.say("manufacturersOwnCodeSizeIncluded")));
            } else {
                parts.add(new Part(molded.substring(plant, plant + 2), WORDS.say("manufacturersCodeForTheSize")));
                if (date > plant + 2) {
                    parts.add(new Part(molded.substring(plant + 2, date), WORDS.say("manufacturersOption")));
                }
            }
        }
        parts.add(new Part(
                molded.substring(date), this.date.isExact() ? WORDS.say("weekAndYearAgeCounts") : this.date.doubt()));
        return parts;
    }

    private static String stripped(String text) {
        String code = BETWEEN.matcher(text.toUpperCase(Locale.ROOT)).replaceAll("");
        return code.startsWith("DOT") ? code.substring(3) : code;
    }

    private static Optional<String> misread(String code) {
        for (int at = 0; at < code.length(); at++) {
            Character meant = LOOKS_LIKE.get(code.charAt(at));
            if (meant != null) {
                return Optional.of(
                        WORDS.say("letterNeverOccurs", "letter", code.charAt(at), "at", at + 1, "meant", meant));
            }
        }
        return Optional.empty();
    }

    /**
     * Whether both may be read off one tire: the same code, or, where one is only a date, the same date; what can't be read may be
     * anything.
     *
     * @param other another reading
     * @return false where they are certainly of two tires
     */
    public boolean isPossible(DotCode other) {
        if (molded.equals(UNREADABLE) || other.molded.equals(UNREADABLE)) {
            return true;
        }
        boolean whole = molded.length() > DATE_LENGTH && other.molded.length() > DATE_LENGTH;
        return whole ? DotWeek.fits(molded, other.molded) : DotWeek.fits(date.marked(), other.date.marked());
    }

    private static final int DATE_LENGTH = 4;
}
