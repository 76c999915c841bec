package rotagens.server.importexport;

import java.util.Optional;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Quantity;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;

/** A figure for a cell: in the person's units or, with none given, as it was entered. */
final class CellFormat {

    private CellFormat() {}

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
