package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.measure.WrittenDay;
import rotagens.core.measure.WrittenDay.Order;
import rotagens.core.tire.DotCode;

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

    private static final String YES = "YES";
    private static final String NO = "NO";

    /** An answer that is none of those offered is asked again, never taken for one of them. */
    ImportAnswers {
        Map<Question, String> known = new EnumMap<>(Question.class);
        said.forEach((question, answer) -> {
            List<String> offered = question == Question.DAY_ORDER
                    ? List.of(Order.MONTH_FIRST.name(), Order.DAY_FIRST.name())
                    : List.of(YES, NO);
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
                    .flatMap(column -> sheet.under(column).stream())
                    .filter(WrittenDay::isAmbiguous)
                    .findFirst()
                    .ifPresent(example -> open.add(dayOrder(example)));
        }
        if (!said.containsKey(Question.LOST_ZERO)) {
            List<String> short3 = format.codes().stream()
                    .flatMap(column -> sheet.under(column).stream())
                    .filter(DotCode::mayLackZero)
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
                WORDS.say("nothingInThisFileShows", "example", example),
                Arrays.stream(Order.values())
                        .map(order -> new Option(order.name(), meant(example, order)))
                        .toList());
    }

    private static String meant(String example, Order order) {
        return WrittenDay.read(example, Optional.of(order))
                .map(day -> Message.of("{}", day).in(Units.US))
                .orElse(example);
    }

    private static OpenQuestion lostZero(List<String> codes) {
        String first = codes.get(0);
        return new OpenQuestion(
                Question.LOST_ZERO,
                WORDS.say("oneDotCodeHasThree", "count", codes.size(), "first", first),
                List.of(
                        new Option(YES, WORDS.say("zeroWasDropped", "first", DotCode.withZero(first))),
                        new Option(NO, WORDS.say("madeBefore2000", "first", first))));
    }

    /** With the order of days where the file itself shows it: a 28 is no month. */
    ImportAnswers completed(ImportSheet sheet, CsvFormat format) {
        if (said.containsKey(Question.DAY_ORDER)) {
            return this;
        }
        Set<Order> shown = format.days().stream()
                .flatMap(column -> sheet.under(column).stream())
                .flatMap(cell -> WrittenDay.shownBy(cell).stream())
                .collect(Collectors.toSet());
        if (shown.size() != 1) {
            return this;
        }
        Map<Question, String> all = new EnumMap<>(Question.class);
        all.putAll(said);
        all.put(Question.DAY_ORDER, shown.iterator().next().name());
        return new ImportAnswers(all);
    }

    /** A cell as it is meant. */
    String meant(String cell, String column, CsvFormat format) {
        if (format.days().contains(column)) {
            Optional<Order> order =
                    Optional.ofNullable(said.get(Question.DAY_ORDER)).map(Order::valueOf);
            return WrittenDay.read(cell, order).map(LocalDate::toString).orElse(cell);
        }
        boolean isShort = format.codes().contains(column) && DotCode.mayLackZero(cell);
        return isShort && YES.equals(said.get(Question.LOST_ZERO)) ? DotCode.withZero(cell) : cell;
    }
}
