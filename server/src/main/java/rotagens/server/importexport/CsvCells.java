package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import rotagens.core.measure.InvalidInputException;

/** Cells that are the same in every sheet: days, yes and no. */
final class CsvCells {

    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            DateTimeFormatter.ofPattern("MMM d, uuuu", Locale.ENGLISH),
            DateTimeFormatter.ofPattern("MMMM d, uuuu", Locale.ENGLISH),
            DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH),
            DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH));

    private CsvCells() {}

    /** {@code 2026-07-28} or {@code Jul 28, 2026}: figures alone with slashes mean different days in different countries. */
    static LocalDate day(String text, LocalDate today) {
        for (DateTimeFormatter format : DAYS) {
            try {
                LocalDate day = LocalDate.parse(text.strip(), format);
                if (day.isAfter(today)) {
                    throw new InvalidInputException(WORDS.say("liesAheadCheckTheDate", "text", text.strip()));
                }
                if (day.isBefore(LocalDate.of(1990, 1, 1))) {
                    throw new InvalidInputException(WORDS.say("isLongAgoCheck", "text", text.strip()));
                }
                return day;
            } catch (DateTimeParseException notThisForm) {
                // Try the next form.
            }
        }
        throw new InvalidInputException(WORDS.say("writeTheDayAs2026"));
    }

    /** Noon of a day, or now for today. */
    static Instant at(LocalDate day, Clock clock) {
        return day.equals(LocalDate.now(clock))
                ? clock.instant()
                : day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
    }

    static boolean yes(String text) {
        return switch (text.strip().toLowerCase(Locale.ROOT)) {
            case "yes", "y", "true", "1", "x" -> true;
            case "no", "n", "false", "0", "" -> false;
            default -> throw new InvalidInputException(WORDS.say("writeYesOrNo"));
        };
    }

    static String yesNo(boolean value) {
        return value ? "yes" : "no";
    }
}
