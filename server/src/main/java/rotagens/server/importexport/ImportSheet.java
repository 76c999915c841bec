package rotagens.server.importexport;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.importexport.CsvFormat.Column;
import rotagens.server.importexport.CsvText.Row;
import rotagens.server.importexport.SpreadsheetFile.Sheet;

/**
 * The list in a file: its header, which need not be its first line, and what lies under it. Titles above, lines that only add up and
 * empty ones are no rows of it.
 *
 * @param name of the sheet; empty for a CSV file
 * @param leftOut lines that hold something and are no rows, with what they begin with
 */
record ImportSheet(String name, List<ImportColumn> columns, List<Row> body, List<LeftOutLine> leftOut) {

    /** A line that is no row of the list. */
    record LeftOutLine(long line, String text) {}

    /** A row of the list, or of a sheet with a column to a tire one of its tires. */
    record Entry(long line, Cells cells) {}

    /** So far down a header is looked for. */
    private static final int DEEPEST_HEADER = 25;

    private static final Pattern ADDS_UP =
            Pattern.compile("(?i)(grand |sub)?-?(total|totals|sum|average|avg|mean|count)\\b.*");

    private static final String POSITION = "position";
    private static final String WARMTH = "warmth";

    /** The header that says most of what this kind of list holds; where none says anything, the first line. */
    static ImportSheet find(List<Sheet> sheets, CsvFormat format, @Nullable List<String> chosen) {
        Sheet best = sheets.get(0);
        int header = 0;
        long most = 0;
        for (Sheet sheet : sheets) {
            for (int at = 0; at < Math.min(DEEPEST_HEADER, sheet.rows().size()); at++) {
                long known = ImportColumn.match(format, sheet.rows().get(at).cells(), null).stream()
                        .filter(column -> column.column() != null)
                        .count();
                if (known > most) {
                    best = sheet;
                    header = at;
                    most = known;
                }
            }
        }
        List<ImportColumn> columns =
                ImportColumn.match(format, best.rows().get(header).cells(), chosen);
        return under(best, header, columns, format);
    }

    private static ImportSheet under(Sheet sheet, int header, List<ImportColumn> columns, CsvFormat format) {
        List<LeftOutLine> leftOut = new ArrayList<>();
        sheet.rows().subList(0, header).forEach(row -> leftOut.add(leftOut(row)));
        List<Row> body = new ArrayList<>();
        for (Row row : sheet.rows().subList(header + 1, sheet.rows().size())) {
            boolean addsUp = ADDS_UP.matcher(first(row)).matches() && lacksSomething(row, columns, format);
            boolean isHeaderAgain = row.cells().equals(sheet.rows().get(header).cells());
            if (addsUp || isHeaderAgain) {
                leftOut.add(leftOut(row));
            } else {
                body.add(row);
            }
        }
        return new ImportSheet(sheet.name(), columns, List.copyOf(body), List.copyOf(leftOut));
    }

    private static boolean lacksSomething(Row row, List<ImportColumn> columns, CsvFormat format) {
        Set<String> there = columns.stream()
                .filter(column -> column.column() != null
                        && column.index() < row.cells().size()
                        && !row.cells().get(column.index()).isEmpty())
                .map(ImportColumn::column)
                .collect(Collectors.toSet());
        return format.columns().stream().filter(Column::required).anyMatch(column -> !there.contains(column.name()));
    }

    private static LeftOutLine leftOut(Row row) {
        String text = first(row);
        return new LeftOutLine(row.line(), text.length() > 60 ? text.substring(0, 60) + "…" : text);
    }

    private static String first(Row row) {
        return row.cells().stream().filter(cell -> !cell.isEmpty()).findFirst().orElse("");
    }

    /** The columns without which nothing can be taken in, and which no header names. */
    List<String> missing(CsvFormat format) {
        Set<String> matched = new HashSet<>();
        columns.stream().filter(column -> column.column() != null).forEach(column -> {
            matched.add(column.column());
            if (column.position() != null) {
                matched.add(POSITION);
            }
        });
        return format.columns().stream()
                .filter(Column::required)
                .map(Column::name)
                .filter(name -> !matched.contains(name))
                .toList();
    }

    /** What stands under one column, empty cells left out. */
    List<String> under(String column) {
        return columns.stream()
                .filter(one -> column.equals(one.column()))
                .flatMap(one -> body.stream()
                        .filter(row -> one.index() < row.cells().size())
                        .map(row -> row.cells().get(one.index())))
                .filter(cell -> !cell.isEmpty())
                .toList();
    }

    /** Every entry, figures with the units of their headers and days and codes as they were said to be meant. */
    List<Entry> entries(CsvFormat format, ImportAnswers answers) {
        List<String> positions = columns.stream()
                .map(ImportColumn::position)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        List<Entry> entries = new ArrayList<>();
        for (Row row : body) {
            Map<String, String> shared = cells(row, null, format, answers);
            if (positions.isEmpty()) {
                entries.add(new Entry(row.line(), new Cells(shared)));
                continue;
            }
            for (String position : positions) {
                Map<String, String> here = cells(row, position, format, answers);
                if (!here.isEmpty()) {
                    Map<String, String> all = new LinkedHashMap<>(shared);
                    all.put(POSITION, position);
                    all.putAll(here);
                    entries.add(new Entry(row.line(), new Cells(all)));
                }
            }
        }
        return entries;
    }

    private Map<String, String> cells(Row row, @Nullable String position, CsvFormat format, ImportAnswers answers) {
        Map<String, String> byColumn = new LinkedHashMap<>();
        boolean hasWarmth =
                format.columns().stream().anyMatch(column -> column.name().equals(WARMTH));
        columns.stream()
                .filter(column -> column.column() != null && Objects.equals(column.position(), position))
                .sorted(Comparator.comparing(ImportColumn::index))
                .forEach(column -> Optional.of(column.index())
                        .filter(index -> index < row.cells().size())
                        .map(row.cells()::get)
                        .filter(cell -> !cell.isEmpty())
                        .ifPresent(cell -> {
                            byColumn.put(
                                    column.column(), answers.meant(column.withUnit(cell), column.column(), format));
                            if (hasWarmth && column.column().equals("pressure")) {
                                warmth(column).ifPresent(said -> byColumn.putIfAbsent(WARMTH, said));
                            }
                        }));
        return byColumn;
    }

    /** <i>Cold PSI</i> says of every figure under it that it was read cold. */
    private static Optional<String> warmth(ImportColumn column) {
        return column.says("cold") ? Optional.of("cold") : column.says("hot") ? Optional.of("hot") : Optional.empty();
    }
}
