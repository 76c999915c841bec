package rotagens.server.importexport;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;

/**
 * What a file leaves open and a person says once for all of it: in which order its days are written, and whether a spreadsheet has
 * dropped the leading zero of DOT codes.
 *
 * @param said by question
 */
record ImportAnswers(Map<Question, String> said) {

    /** What may have to be asked. */
    enum Question {
        DAY_ORDER,
        LOST_ZERO
    }

    /** One way to mean it. */
    record Option(String code, String label) {}

    /** A question about the whole file. */
    record OpenQuestion(Question question, String statement, List<Option> options) {}

    private static final String MONTH_FIRST = "MONTH_FIRST";
    private static final String DAY_FIRST = "DAY_FIRST";
    private static final String YES = "YES";
    private static final String NO = "NO";

    /** {@code 7/4/2026}, {@code 04.07.26}, {@code 2026/7/4}, with or without a time behind it. */
    private static final Pattern FIGURES =
            Pattern.compile("(\\d{1,4})([/.-])(\\d{1,2})\\2(\\d{1,4})(?:[ T]\\d{1,2}:\\d{2}.*)?");

    private static final Pattern THREE_FIGURES = Pattern.compile("\\d{3}");
    private static final int MOST_MONTH = 12;

    /** An answer that is none of those offered is asked again, never taken for one of them. */
    ImportAnswers {
        Map<Question, String> known = new EnumMap<>(Question.class);
        said.forEach((question, answer) -> {
            List<String> offered = question == Question.DAY_ORDER ? List.of(MONTH_FIRST, DAY_FIRST) : List.of(YES, NO);
            if (offered.contains(answer)) {
                known.put(question, answer);
            }
        });
        said = Map.copyOf(known);
    }

    /** What has to be asked about a list, and nobody has said yet. */
    List<OpenQuestion> open(ImportSheet sheet, CsvFormat format) {
        List<OpenQuestion> open = new ArrayList<>();
        if (!said.containsKey(Question.DAY_ORDER)) {
            format.days().stream()
                    .flatMap(column -> ambiguous(sheet.under(column)).stream())
                    .findFirst()
                    .ifPresent(example -> open.add(dayOrder(example)));
        }
        if (!said.containsKey(Question.LOST_ZERO)) {
            List<String> short3 = format.codes().stream()
                    .flatMap(column -> sheet.under(column).stream())
                    .filter(cell -> THREE_FIGURES.matcher(cell).matches())
                    .toList();
            if (!short3.isEmpty()) {
                open.add(lostZero(short3));
            }
        }
        return List.copyOf(open);
    }

    private static OpenQuestion dayOrder(String example) {
        return new OpenQuestion(
                Question.DAY_ORDER,
                "Nothing in this file shows whether the month or the day comes first. What is " + example + "?",
                List.of(new Option(MONTH_FIRST, meant(example, true)), new Option(DAY_FIRST, meant(example, false))));
    }

    private static String meant(String example, boolean isMonthFirst) {
        return day(example, Optional.of(isMonthFirst))
                .map(day -> Message.of("{}", day).in(Units.US))
                .orElse(example);
    }

    private static OpenQuestion lostZero(List<String> codes) {
        String first = codes.get(0);
        return new OpenQuestion(
                Question.LOST_ZERO,
                (codes.size() == 1 ? "One DOT code has" : codes.size() + " DOT codes have")
                        + " three figures, for example " + first + ". Spreadsheets drop a leading zero. What is meant?",
                List.of(
                        new Option(YES, "0" + first + ": the zero was dropped"),
                        new Option(NO, first + ": made before 2000")));
    }

    /** With the order of days where the file itself shows it: a 28 is no month. */
    ImportAnswers completed(ImportSheet sheet, CsvFormat format) {
        if (said.containsKey(Question.DAY_ORDER)) {
            return this;
        }
        Set<String> shown = format.days().stream()
                .flatMap(column -> sheet.under(column).stream())
                .map(FIGURES::matcher)
                .filter(Matcher::matches)
                .filter(figures ->
                        figures.group(1).length() <= 2 && !figures.group(2).equals("."))
                .flatMap(figures -> isOver(figures.group(1))
                        ? Stream.of(DAY_FIRST)
                        : isOver(figures.group(3)) ? Stream.of(MONTH_FIRST) : Stream.<String>empty())
                .collect(Collectors.toSet());
        if (shown.size() != 1) {
            return this;
        }
        Map<Question, String> all = new EnumMap<>(Question.class);
        all.putAll(said);
        all.put(Question.DAY_ORDER, shown.iterator().next());
        return new ImportAnswers(all);
    }

    /** A day that may be read two ways. */
    private static Optional<String> ambiguous(List<String> cells) {
        return cells.stream()
                .filter(cell -> {
                    Matcher figures = FIGURES.matcher(cell);
                    return figures.matches()
                            && figures.group(1).length() <= 2
                            && !figures.group(2).equals(".")
                            && !isOver(figures.group(1))
                            && !isOver(figures.group(3))
                            && !figures.group(1).equals(figures.group(3));
                })
                .findFirst();
    }

    private static boolean isOver(String figure) {
        return Integer.parseInt(figure) > MOST_MONTH;
    }

    /** A cell as it is meant. */
    String meant(String cell, String column, CsvFormat format) {
        if (format.days().contains(column)) {
            return day(cell, isMonthFirst()).map(LocalDate::toString).orElse(cell);
        }
        boolean isShort =
                format.codes().contains(column) && THREE_FIGURES.matcher(cell).matches();
        return isShort && YES.equals(said.get(Question.LOST_ZERO)) ? "0" + cell : cell;
    }

    private Optional<Boolean> isMonthFirst() {
        return Optional.ofNullable(said.get(Question.DAY_ORDER)).map(MONTH_FIRST::equals);
    }

    /** A day written in figures; empty where it isn't one, or where nobody can tell which. */
    private static Optional<LocalDate> day(String cell, Optional<Boolean> isMonthFirst) {
        Matcher figures = FIGURES.matcher(cell.strip());
        if (!figures.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(figures.group(1));
        int second = Integer.parseInt(figures.group(3));
        int third = Integer.parseInt(figures.group(4));
        try {
            if (figures.group(1).length() == 4) {
                return Optional.of(LocalDate.of(first, second, third));
            }
            int year = figures.group(4).length() <= 2 ? 2000 + third : third;
            if (figures.group(2).equals(".") || first > MOST_MONTH) {
                return Optional.of(LocalDate.of(year, second, first));
            }
            if (second > MOST_MONTH || first == second) {
                return Optional.of(LocalDate.of(year, first, second));
            }
            return isMonthFirst.map(
                    month -> month ? LocalDate.of(year, first, second) : LocalDate.of(year, second, first));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
