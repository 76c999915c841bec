package rotagens.server.evidence;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rotagens.core.measure.HouseStyle;

/** Cells of a section: one line each, empty where nothing is known. */
final class Cells {

    private Cells() {}

    /** A row; a tab or a line break in what somebody typed doesn't break a line of the checksum. */
    static List<String> row(Object... cells) {
        return Arrays.stream(cells).map(Cells::cell).toList();
    }

    private static String cell(Object value) {
        Object plain = value instanceof Optional<?> maybe
                ? maybe.map(Object.class::cast).orElse("")
                : value;
        if (plain == null) {
            return "";
        }
        return (plain instanceof LocalDate day ? HouseStyle.inUse().dates().format(day) : plain.toString())
                .replaceAll("[\\t\\r\\n]+", " ");
    }
}
