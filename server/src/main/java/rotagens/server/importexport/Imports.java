package rotagens.server.importexport;

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
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.importexport.CsvFormat.Column;
import rotagens.server.importexport.CsvFormat.Taken;
import rotagens.server.importexport.CsvFormat.Type;
import rotagens.server.importexport.CsvText.Row;
import rotagens.server.web.ProblemException;

/** Takes a CSV file in: matches its columns, tries every row, and stores all or nothing unless asked otherwise. */
@Service
public class Imports {

    /** What came of a file of odometer readings, each faulty line with why. */
    public record OdometersTaken(int taken, List<String> faults) {}

    /** How a header was understood; {@code column} is null where it wasn't. */
    record ImportColumn(int index, String header, @Nullable String column) {}

    record CellError(@Nullable String column, String message) {}

    enum RowOutcome {
        ADDED,
        CHANGED,
        SAME,
        FAULTY
    }

    record RowResult(long line, RowOutcome outcome, String description, List<CellError> errors) {}

    /** What happened, or would happen. */
    record ImportResult(
            boolean stored,
            List<ImportColumn> headers,
            List<String> missing,
            List<RowResult> rows,
            int added,
            int changed,
            int same,
            int faulty) {}

    private static final int MOST_ROWS = 50_000;

    private final Map<Type, CsvFormat> csvFormats;
    private final PlatformTransactionManager transactions;

    Imports(List<CsvFormat> csvFormats, PlatformTransactionManager transactions) {
        this.csvFormats = csvFormats.stream().collect(Collectors.toMap(CsvFormat::kind, csvFormat -> csvFormat));
        this.transactions = transactions;
    }

    CsvFormat sheet(Type type) {
        return csvFormats.get(type);
    }

    /** Takes odometer readings as a telematics system drops them: what is good is stored, what is faulty is said. */
    public OdometersTaken odometers(byte[] file, Units units) {
        ImportResult result = take(Type.ODOMETERS, file, null, false, true, units);
        List<String> faults = new java.util.ArrayList<>(result.missing().stream()
                .map(column -> "The file has no column " + column + ".")
                .toList());
        result.rows().stream()
                .filter(row -> row.outcome() == RowOutcome.FAULTY)
                .forEach(row -> faults.add("Line " + row.line() + ", " + row.description() + ": "
                        + row.errors().stream().map(CellError::message).collect(Collectors.joining(" "))));
        return new OdometersTaken(result.added() + result.changed(), faults);
    }

    /**
     * @param chosen the column of each header as the person matched them, {@code -} for none; null to match by name
     * @param dryRun whether to try only
     * @param skipFaulty whether good rows are stored although others are faulty
     */
    ImportResult take(Type type, byte[] file, List<String> chosen, boolean dryRun, boolean skipFaulty, Units units) {
        List<Row> rows = CsvText.read(file);
        if (rows.size() < 2) {
            throw ProblemException.field("file", "The file has no rows under its header. Nothing was stored.");
        }
        if (rows.size() > MOST_ROWS + 1) {
            throw ProblemException.field(
                    "file", "The file has more than 50,000 rows. Split it and bring the parts in one after the other.");
        }
        CsvFormat csvFormat = csvFormats.get(type);
        List<ImportColumn> importColumns = match(csvFormat, rows.get(0).cells(), chosen);
        Set<String> matched =
                importColumns.stream().map(ImportColumn::column).collect(Collectors.toCollection(HashSet::new));
        List<String> missing = csvFormat.columns().stream()
                .filter(Column::required)
                .map(Column::name)
                .filter(name -> !matched.contains(name))
                .toList();
        if (!missing.isEmpty()) {
            return new ImportResult(false, importColumns, missing, List.of(), 0, 0, 0, 0);
        }
        List<Row> body = rows.subList(1, rows.size());
        return new TransactionTemplate(transactions).execute(status -> {
            List<RowResult> results = all(csvFormat, body, importColumns, units);
            int faulty = count(results, RowOutcome.FAULTY);
            boolean store = !dryRun && (faulty == 0 || skipFaulty);
            if (!store) {
                status.setRollbackOnly();
            }
            return new ImportResult(
                    store,
                    importColumns,
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

    private List<RowResult> all(CsvFormat csvFormat, List<Row> body, List<ImportColumn> importColumns, Units units) {
        TransactionTemplate each = new TransactionTemplate(transactions);
        // A savepoint a row: a faulty one leaves nothing behind, and the next sees the good ones before it.
        each.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
        List<RowResult> results = new ArrayList<>();
        for (Row row : body) {
            Cells cells = cells(row, importColumns);
            try {
                Taken taken = each.execute(status -> csvFormat.take(cells, units));
                results.add(new RowResult(
                        row.line(), RowOutcome.valueOf(taken.outcome().name()), taken.description(), List.of()));
            } catch (ProblemException e) {
                results.add(new RowResult(row.line(), RowOutcome.FAULTY, label(cells), errors(csvFormat, e)));
            } catch (InvalidInputException e) {
                results.add(new RowResult(
                        row.line(), RowOutcome.FAULTY, label(cells), List.of(new CellError(null, e.getMessage()))));
            }
        }
        return results;
    }

    private static List<CellError> errors(CsvFormat csvFormat, ProblemException e) {
        if (e.problem().getFields().isEmpty()) {
            return List.of(new CellError(null, e.problem().getDetail()));
        }
        return e.problem().getFields().stream()
                .map(wrong -> new CellError(csvFormat.columnOf(wrong.field()), wrong.message()))
                .toList();
    }

    private static String label(Cells cells) {
        return cells.byColumn().values().stream().limit(2).collect(Collectors.joining(", "));
    }

    private static Cells cells(Row row, List<ImportColumn> importColumns) {
        Map<String, String> byColumn = new LinkedHashMap<>();
        for (ImportColumn importColumn : importColumns) {
            if (importColumn.column() != null
                    && importColumn.index() < row.cells().size()) {
                String cell = row.cells().get(importColumn.index());
                if (!cell.isEmpty()) {
                    byColumn.put(importColumn.column(), cell);
                }
            }
        }
        return new Cells(byColumn);
    }

    private static List<ImportColumn> match(CsvFormat csvFormat, List<String> given, List<String> chosen) {
        Map<String, String> names = new HashMap<>();
        for (Column column : csvFormat.columns()) {
            names.put(bare(column.name()), column.name());
            column.alsoCalled().forEach(other -> names.put(bare(other), column.name()));
        }
        Set<String> known = csvFormat.columns().stream().map(Column::name).collect(Collectors.toSet());
        Set<String> taken = new HashSet<>();
        List<ImportColumn> importColumns = new ArrayList<>();
        for (int at = 0; at < given.size(); at++) {
            String said = chosen != null && at < chosen.size() ? chosen.get(at) : null;
            String column = said == null ? names.get(bare(given.get(at))) : known.contains(said) ? said : null;
            importColumns.add(new ImportColumn(at, given.get(at), column != null && taken.add(column) ? column : null));
        }
        return importColumns;
    }

    private static String bare(String header) {
        return header.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]", "");
    }

    /** The file with its header, as the person's units or as entered show it. */
    String export(Type type, Optional<Units> units) {
        CsvFormat csvFormat = csvFormats.get(type);
        List<List<String>> rows = new ArrayList<>();
        rows.add(csvFormat.columns().stream().map(Column::name).toList());
        rows.addAll(csvFormat.rows(CellFormat::figure, units.orElse(null)));
        return CsvText.write(rows);
    }

    /** An empty file with the header and what belongs in each column under it. */
    List<CsvFormat> guides() {
        return Arrays.stream(Type.values())
                .map(csvFormats::get)
                .sorted(Comparator.comparing(CsvFormat::kind))
                .toList();
    }
}
