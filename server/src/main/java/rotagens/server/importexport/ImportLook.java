package rotagens.server.importexport;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.importexport.CsvFormat.Planned;
import rotagens.server.importexport.CsvFormat.Session;
import rotagens.server.importexport.ImportSheet.Entry;
import rotagens.server.importexport.Imports.CellError;
import rotagens.server.storage.DataCopies;
import rotagens.server.web.ProblemException;

/** Looks at every row of a file before any is stored, and never by the writer: from what is read, or on a copy of the data. */
@Component
class ImportLook {

    /**
     * A row as it was found.
     *
     * @param planned what it does; null where it is faulty
     */
    record Row(long line, Cells cells, @Nullable Planned planned, List<CellError> errors) {}

    /** All rows of a file. */
    record Looked(List<Row> rows) {

        List<Row> faulty() {
            return rows.stream().filter(row -> row.planned() == null).toList();
        }

        List<Row> toBeStored() {
            return rows.stream()
                    .filter(row -> row.planned() != null && row.planned().isToBeStored())
                    .toList();
        }
    }

    private final DataCopies copies;
    private final TransactionTemplate reading;
    private final TransactionTemplate each;

    ImportLook(DataCopies copies, PlatformTransactionManager transactions) {
        this.copies = copies;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        // A savepoint a row: a faulty one leaves nothing behind, and the next sees the good ones before it.
        this.each = new TransactionTemplate(transactions);
        this.each.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
    }

    Looked at(CsvFormat csvFormat, List<Entry> entries, Units units) {
        Session session = reading.execute(status -> csvFormat.open(units));
        List<Cells> rows = entries.stream().map(Entry::cells).toList();
        return session.isPlannedByWriting()
                ? copies.tryOut(() -> {
                    Session onCopy = csvFormat.open(units);
                    onCopy.begin(rows);
                    return all(csvFormat, entries, cells -> each.execute(status -> onCopy.plan(cells)));
                })
                : reading.execute(status -> {
                    // Nothing was written; a row that a service refused would else fail the file with it.
                    status.setRollbackOnly();
                    session.begin(rows);
                    return all(csvFormat, entries, session::plan);
                });
    }

    private interface Look {
        Planned at(Cells cells);
    }

    private static Looked all(CsvFormat csvFormat, List<Entry> entries, Look look) {
        List<Row> rows = new ArrayList<>();
        for (Entry entry : entries) {
            Cells cells = entry.cells();
            rows.add(attempt(csvFormat, entry.line(), cells, () -> look.at(cells)));
        }
        return new Looked(rows);
    }

    private static Row attempt(CsvFormat csvFormat, long line, Cells cells, Supplier<Planned> look) {
        try {
            return new Row(line, cells, look.get(), List.of());
        } catch (ProblemException | InvalidInputException e) {
            return new Row(line, cells, null, errors(csvFormat, e));
        }
    }

    /** What is wrong with a row, each at its column. */
    static List<CellError> errors(CsvFormat csvFormat, RuntimeException e) {
        if (!(e instanceof ProblemException problem)) {
            return List.of(new CellError(null, e.getMessage()));
        }
        if (problem.problem().getFields().isEmpty()) {
            return List.of(new CellError(null, problem.problem().getDetail()));
        }
        return problem.problem().getFields().stream()
                .map(wrong -> new CellError(csvFormat.columnOf(wrong.field()), wrong.message()))
                .toList();
    }
}
