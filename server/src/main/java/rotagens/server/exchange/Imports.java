package rotagens.server.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Units;
import rotagens.server.exchange.CsvText.Row;
import rotagens.server.exchange.Sheet.Cells;
import rotagens.server.exchange.Sheet.Column;
import rotagens.server.exchange.Sheet.Kind;
import rotagens.server.exchange.Sheet.Taken;
import rotagens.server.web.ProblemException;

/** Takes a CSV file in: matches its columns, tries every row, and stores all or nothing unless asked otherwise. */
@Service
public class Imports {

    /** What came of a file of odometer readings, each faulty line with why. */
    public record OdometersTaken(int taken, List<String> faults) {}

    /** How a header was understood; {@code column} is null where it wasn't. */
    record Header(int index, String header, @Nullable String column) {}

    record CellError(@Nullable String column, String message) {}

    enum RowOutcome {
        ADDED,
        CHANGED,
        SAME,
        FAULTY
    }

    record RowResult(long line, RowOutcome outcome, String what, List<CellError> errors) {}

    /** What happened, or would happen. */
    record ImportResult(
            boolean stored,
            List<Header> headers,
            List<String> missing,
            List<RowResult> rows,
            int added,
            int changed,
            int same,
            int faulty) {}

    private static final int MOST_ROWS = 50_000;

    private final Map<Kind, Sheet> sheets;
    private final PlatformTransactionManager transactions;

    Imports(List<Sheet> sheets, PlatformTransactionManager transactions) {
        this.sheets = sheets.stream().collect(Collectors.toMap(Sheet::kind, sheet -> sheet));
        this.transactions = transactions;
    }

    Sheet sheet(Kind kind) {
        return sheets.get(kind);
    }

    /** Takes odometer readings as a telematics system drops them: what is good is stored, what is faulty is said. */
    public OdometersTaken odometers(byte[] file, Units units) {
        ImportResult result = take(Kind.ODOMETERS, file, null, false, true, units);
        List<String> faults = new java.util.ArrayList<>(result.missing().stream()
                .map(column -> "The file has no column " + column + ".")
                .toList());
        result.rows().stream()
                .filter(row -> row.outcome() == RowOutcome.FAULTY)
                .forEach(row -> faults.add("Line " + row.line() + ", " + row.what() + ": "
                        + row.errors().stream().map(CellError::message).collect(Collectors.joining(" "))));
        return new OdometersTaken(result.added() + result.changed(), faults);
    }

    /**
     * @param chosen the column of each header as the person matched them, {@code -} for none; null to match by name
     * @param dryRun whether to try only
     * @param skipFaulty whether good rows are stored although others are faulty
     */
    ImportResult take(Kind kind, byte[] file, List<String> chosen, boolean dryRun, boolean skipFaulty, Units units) {
        List<Row> rows = CsvText.read(file);
        if (rows.size() < 2) {
            throw ProblemException.field("file", "The file has no rows under its header. Nothing was stored.");
        }
        if (rows.size() > MOST_ROWS + 1) {
            throw ProblemException.field(
                    "file", "The file has more than 50,000 rows. Split it and bring the parts in one after the other.");
        }
        Sheet sheet = sheets.get(kind);
        List<Header> headers = match(sheet, rows.get(0).cells(), chosen);
        Set<String> matched = headers.stream().map(Header::column).collect(Collectors.toCollection(HashSet::new));
        List<String> missing = sheet.columns().stream()
                .filter(Column::required)
                .map(Column::name)
                .filter(name -> !matched.contains(name))
                .toList();
        if (!missing.isEmpty()) {
            return new ImportResult(false, headers, missing, List.of(), 0, 0, 0, 0);
        }
        List<Row> body = rows.subList(1, rows.size());
        return new TransactionTemplate(transactions).execute(status -> {
            List<RowResult> results = all(sheet, body, headers, units);
            int faulty = count(results, RowOutcome.FAULTY);
            boolean store = !dryRun && (faulty == 0 || skipFaulty);
            if (!store) {
                status.setRollbackOnly();
            }
            return new ImportResult(
                    store,
                    headers,
                    List.of(),
                    results,
                    count(results, RowOutcome.ADDED),
                    count(results, RowOutcome.CHANGED),
                    count(results, RowOutcome.SAME),
                    faulty);
        });
    }

    private static int count(List<RowResult> results, RowOutcome outcome) {
        return (int) results.stream().filter(row -> row.outcome() == outcome).count();
    }

    private List<RowResult> all(Sheet sheet, List<Row> body, List<Header> headers, Units units) {
        TransactionTemplate each = new TransactionTemplate(transactions);
        // A savepoint a row: a faulty one leaves nothing behind, and the next sees the good ones before it.
        each.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
        List<RowResult> results = new ArrayList<>();
        for (Row row : body) {
            Cells cells = cells(row, headers);
            try {
                Taken taken = each.execute(status -> sheet.take(cells, units));
                results.add(new RowResult(
                        row.line(), RowOutcome.valueOf(taken.outcome().name()), taken.what(), List.of()));
            } catch (ProblemException e) {
                results.add(new RowResult(row.line(), RowOutcome.FAULTY, label(cells), errors(sheet, e)));
            } catch (InvalidEntry e) {
                results.add(new RowResult(
                        row.line(), RowOutcome.FAULTY, label(cells), List.of(new CellError(null, e.getMessage()))));
            }
        }
        return results;
    }

    private static List<CellError> errors(Sheet sheet, ProblemException e) {
        if (e.problem().fields().isEmpty()) {
            return List.of(new CellError(null, e.problem().detail()));
        }
        return e.problem().fields().stream()
                .map(wrong -> new CellError(sheet.columnOf(wrong.field()), wrong.message()))
                .toList();
    }

    private static String label(Cells cells) {
        return cells.byColumn().values().stream().limit(2).collect(Collectors.joining(", "));
    }

    private static Cells cells(Row row, List<Header> headers) {
        Map<String, String> byColumn = new LinkedHashMap<>();
        for (Header header : headers) {
            if (header.column() != null && header.index() < row.cells().size()) {
                String cell = row.cells().get(header.index());
                if (!cell.isEmpty()) {
                    byColumn.put(header.column(), cell);
                }
            }
        }
        return new Cells(byColumn);
    }

    private static List<Header> match(Sheet sheet, List<String> given, List<String> chosen) {
        Map<String, String> names = new HashMap<>();
        for (Column column : sheet.columns()) {
            names.put(bare(column.name()), column.name());
            column.alsoCalled().forEach(other -> names.put(bare(other), column.name()));
        }
        Set<String> known = sheet.columns().stream().map(Column::name).collect(Collectors.toSet());
        Set<String> taken = new HashSet<>();
        List<Header> headers = new ArrayList<>();
        for (int at = 0; at < given.size(); at++) {
            String said = chosen != null && at < chosen.size() ? chosen.get(at) : null;
            String column = said == null ? names.get(bare(given.get(at))) : known.contains(said) ? said : null;
            headers.add(new Header(at, given.get(at), column != null && taken.add(column) ? column : null));
        }
        return headers;
    }

    private static String bare(String header) {
        return header.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]", "");
    }

    /** The file with its header, as the person's units or as entered show it. */
    String export(Kind kind, Optional<Units> units) {
        Sheet sheet = sheets.get(kind);
        List<List<String>> rows = new ArrayList<>();
        rows.add(sheet.columns().stream().map(Column::name).toList());
        rows.addAll(sheet.rows(Shown::figure, units.orElse(null)));
        return CsvText.write(rows);
    }

    /** An empty file with the header and what belongs in each column under it. */
    List<Sheet> guides() {
        return Arrays.stream(Kind.values())
                .map(sheets::get)
                .sorted(Comparator.comparing(Sheet::kind))
                .toList();
    }
}
