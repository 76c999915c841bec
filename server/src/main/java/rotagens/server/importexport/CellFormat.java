package rotagens.server.importexport;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Quantity;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvFormat.Cells;

/** A figure for a cell: in the person's units or, with none given, as it was entered. */
final class CellFormat {

    private CellFormat() {}

    /**
     * A row with every cell that reads as what is on file, in whichever family of units it went out, put back as it was entered.
     *
     * @param columns their names, in the order of what is on file
     * @param onFile the record's cells in given units, as entered without
     */
    static Cells asOnFile(Cells row, List<String> columns, Function<Units, List<String>> onFile) {
        List<String> entered = onFile.apply(null);
        Map<String, String> cells = new HashMap<>(row.byColumn());
        for (Units units : Units.values()) {
            List<String> shown = onFile.apply(units);
            for (int at = 0; at < columns.size(); at++) {
                if (shown.get(at).equals(row.byColumn().get(columns.get(at)))) {
                    cells.put(columns.get(at), entered.get(at));
                }
            }
        }
        return new Cells(cells);
    }

    static String figure(Object value, Units units) {
        Object inner = value instanceof Optional<?> optional ? optional.orElse(null) : value;
        if (inner == null) {
            return "";
        }
        if (inner instanceof Quantity quantity && units != null) {
            return quantity.format(units);
        }
        if (inner instanceof Pressure pressure) {
            return pressure.asEntered();
        }
        if (inner instanceof Load load) {
            return load.asEntered();
        }
        if (inner instanceof Distance distance) {
            return distance.asEntered();
        }
        if (inner instanceof TreadDepth depth) {
            return depth.asEntered();
        }
        if (inner instanceof Temperature temperature) {
            return temperature.asEntered();
        }
        return String.valueOf(inner);
    }
}
