package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.importexport.CsvFormat.Column;
import rotagens.server.importexport.CsvFormat.Type;
import rotagens.server.importexport.ImportAnswers.OpenQuestion;
import rotagens.server.importexport.ImportSheet.Entry;
import rotagens.server.importexport.ImportSheet.LeftOutLine;
import rotagens.server.importexport.SpreadsheetFile.Sheet;
import rotagens.server.web.ProblemException;

/** Takes a file in: matches its columns, looks at every row, and stores all or nothing unless asked otherwise. */
@Service
public class Imports {

    /** What came of a file of odometer readings, each faulty line with why. */
    public record OdometersTaken(int taken, List<String> faults) {}

    record CellError(@Nullable String column, String message) {}

    enum RowOutcome {
        ADDED,
        CHANGED,
        SAME,
        FAULTY
    }

    record RowResult(long line, RowOutcome outcome, String description, List<CellError> errors) {}

    /**
     * What happened, or would happen.
     *
     * @param sheet of a spreadsheet with several, the one that was read; empty for CSV
     * @param questions what has to be said before anything can be read
     * @param leftOut lines that are no rows: titles, sums
     */
    record ImportResult(
            boolean stored,
            String sheet,
            List<ImportColumn> headers,
            List<String> missing,
            List<OpenQuestion> questions,
            List<LeftOutLine> leftOut,
            List<RowResult> rows,
            int added,
            int changed,
            int same,
            int faulty) {}

    private static final int MOST_ROWS = 50_000;
    private static final ImportAnswers NOTHING_SAID = new ImportAnswers(Map.of());

    private final Map<Type, CsvFormat> csvFormats;
    private final ImportLook look;
    private final ImportStorage storage;

    Imports(List<CsvFormat> csvFormats, ImportLook look, ImportStorage storage) {
        this.csvFormats = csvFormats.stream().collect(Collectors.toMap(CsvFormat::kind, csvFormat -> csvFormat));
        this.look = look;
        this.storage = storage;
    }

    CsvFormat sheet(Type type) {
        return csvFormats.get(type);
    }

    /** Takes odometer readings as a telematics system drops them: what is good is stored, what is faulty is said. */
    public OdometersTaken odometers(byte[] file, Units units) {
        ImportResult result = take(Type.ODOMETERS, file, null, NOTHING_SAID, false, true, units);
        List<String> faults = new java.util.ArrayList<>(result.missing().stream()
                .map(column -> WORDS.say("fileHasNoColumn", "column", column))
                .toList());
        result.questions().forEach(question -> faults.add(question.statement()));
        result.rows().stream()
                .filter(row -> row.outcome() == RowOutcome.FAULTY)
                .forEach(row -> faults.add(WORDS.say(
                        "line",
                        "line",
                        row.line(),
                        "description",
                        row.description(),
                        "errors",
                        row.errors().stream().map(CellError::message).collect(Collectors.joining(" ")))));
        return new OdometersTaken(result.added() + result.changed(), faults);
    }

    /**
     * @param chosen the column of each header as the person matched them, {@code -} for none, {@code column@position} for a column to a
     *     tire; null to match by name
     * @param answers what the person said about the whole file
     * @param dryRun whether to try only
     * @param skipFaulty whether good rows are stored although others are faulty
     */
    ImportResult take(
            Type type,
            byte[] file,
            @Nullable List<String> chosen,
            ImportAnswers answers,
            boolean dryRun,
            boolean skipFaulty,
            Units units) {
        CsvFormat csvFormat = csvFormats.get(type);
        ImportSheet sheet = ImportSheet.find(sheets(file), csvFormat, chosen);
        if (sheet.body().isEmpty()) {
            throw ProblemException.field("file", WORDS.say("fileHasNoRowsUnder"));
        }
        List<String> missing = sheet.missing(csvFormat);
        ImportAnswers said = answers.completed(sheet, csvFormat);
        List<OpenQuestion> questions = missing.isEmpty() ? said.open(sheet, csvFormat) : List.of();
        if (!missing.isEmpty() || !questions.isEmpty()) {
            return new ImportResult(
                    false, sheet.name(), sheet.columns(), missing, questions, sheet.leftOut(), List.of(), 0, 0, 0, 0);
        }
        List<Entry> entries = sheet.entries(csvFormat, said);
        if (entries.size() > MOST_ROWS) {
            throw ProblemException.field("file", WORDS.say("fileHasMoreThan50"));
        }
        ImportLook.Looked looked = look.at(csvFormat, entries, units);
        boolean store = !dryRun && (looked.faulty().isEmpty() || skipFaulty);
        Map<Long, List<CellError>> refused = store ? storage.store(type, looked.toBeStored(), units) : Map.of();
        List<RowResult> results =
                looked.rows().stream().map(row -> result(row, refused)).toList();
        return new ImportResult(
                store,
                sheet.name(),
                sheet.columns(),
                List.of(),
                List.of(),
                sheet.leftOut(),
                results,
                count(results, RowOutcome.ADDED),
                count(results, RowOutcome.CHANGED),
                count(results, RowOutcome.SAME),
                count(results, RowOutcome.FAULTY));
    }

    private static RowResult result(ImportLook.Row row, Map<Long, List<CellError>> refused) {
        if (row.planned() == null || refused.containsKey(row.line())) {
            return new RowResult(
                    row.line(),
                    RowOutcome.FAULTY,
                    label(row.cells()),
                    row.planned() == null ? row.errors() : refused.get(row.line()));
        }
        return new RowResult(
                row.line(),
                RowOutcome.valueOf(row.planned().taken().outcome().name()),
                row.planned().taken().description(),
                List.of());
    }

    private static List<Sheet> sheets(byte[] file) {
        if (SpreadsheetFile.isOne(file)) {
            return SpreadsheetFile.read(file);
        }
        List<CsvText.Row> rows = CsvText.read(file);
        if (rows.isEmpty()) {
            throw ProblemException.field("file", WORDS.say("fileHasNoRowsUnder"));
        }
        return List.of(new Sheet("", rows));
    }

    private static int count(List<RowResult> results, RowOutcome outcome) {
        return (int) results.stream().filter(row -> row.outcome() == outcome).count();
    }

    private static String label(Cells cells) {
        return cells.byColumn().values().stream().limit(2).collect(Collectors.joining(", "));
    }

    /** The file with its header, as the person's units or as entered show it. */
    String export(Type type, Optional<Units> units) {
        CsvFormat csvFormat = csvFormats.get(type);
        List<List<String>> rows = new ArrayList<>();
        rows.add(csvFormat.columns().stream().map(Column::name).toList());
        rows.addAll(csvFormat.rows(CellFormat::figure, units.orElse(null)));
        return CsvText.write(rows);
    }

    /** A file with the header alone, to be filled. */
    String template(Type type) {
        return CsvText.write(List.of(
                csvFormats.get(type).columns().stream().map(Column::name).toList()));
    }

    /** An empty file with the header and what belongs in each column under it. */
    List<CsvFormat> guides() {
        return Arrays.stream(Type.values())
                .map(csvFormats::get)
                .sorted(Comparator.comparing(CsvFormat::kind))
                .toList();
    }
}
