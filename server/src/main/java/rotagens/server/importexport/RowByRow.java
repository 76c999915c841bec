package rotagens.server.importexport;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.importexport.CsvFormat.Outcome;
import rotagens.server.importexport.CsvFormat.Planned;
import rotagens.server.importexport.CsvFormat.Taken;

/** A file whose rows are looked at by taking them in, on a copy, and taken in the same way again to be stored. */
record RowByRow(Consumer<List<Cells>> expected, Function<Cells, Taken> take) implements CsvFormat.Session {

    @Override
    public void begin(List<Cells> rows) {
        expected.accept(rows);
    }

    @Override
    public Planned plan(Cells row) {
        return new Planned(take.apply(row), row, null);
    }

    /** What it does is seen when it is taken in. */
    @Override
    public Planned again(Cells row) {
        return new Planned(new Taken(Outcome.ADDED, ""), row, null);
    }

    @Override
    public void store(List<Planned> rows) {
        rows.forEach(row -> take.apply(row.row()));
    }

    @Override
    public boolean isPlannedByWriting() {
        return true;
    }
}
