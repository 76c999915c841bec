package rotagens.server.importexport;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import rotagens.core.vehicle.PositionNames;
import rotagens.server.importexport.CsvFormat.Column;

/**
 * How a header was understood.
 *
 * @param column null where it wasn't
 * @param unit named in the header, for the bare figures under it; null where none is
 * @param position of a sheet with a row to a vehicle and a column to a tire; null in others
 */
record ImportColumn(
        int index,
        String header,
        @Nullable String column,
        @Nullable String unit,
        @Nullable String position) {

    private static final Map<String, String> UNITS = Map.ofEntries(
            Map.entry("psi", "psi"),
            Map.entry("kpa", "kPa"),
            Map.entry("bar", "bar"),
            Map.entry("km", "km"),
            Map.entry("kms", "km"),
            Map.entry("kilometers", "km"),
            Map.entry("mi", "mi"),
            Map.entry("miles", "mi"),
            Map.entry("mm", "mm"),
            Map.entry("32nds", "/32"),
            Map.entry("32nd", "/32"),
            Map.entry("32", "/32"),
            Map.entry("lb", "lb"),
            Map.entry("lbs", "lb"),
            Map.entry("kg", "kg"));

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{Nd}]+");
    private static final Pattern BARE_FIGURE = Pattern.compile("[0-9][0-9.,'  ]*");

    /** Matches each header of a line, as the person matched it where they did. */
    static List<ImportColumn> match(CsvFormat format, List<String> headers, @Nullable List<String> chosen) {
        Map<String, String> names = names(format);
        Set<String> known = format.columns().stream().map(Column::name).collect(Collectors.toSet());
        Set<String> taken = new HashSet<>();
        List<ImportColumn> columns = new ArrayList<>();
        for (int at = 0; at < headers.size(); at++) {
            String header = headers.get(at);
            String said = chosen != null && at < chosen.size() ? chosen.get(at) : null;
            ImportColumn column = said == null ? ofHeader(at, header, format, names) : said(at, header, said, known);
            boolean isFirst = column.column() != null
                    && taken.add(column.column() + "@" + (column.position() == null ? "" : column.position()));
            columns.add(isFirst ? column : new ImportColumn(at, header, null, null, null));
        }
        return List.copyOf(columns);
    }

    private static Map<String, String> names(CsvFormat format) {
        Map<String, String> names = new HashMap<>();
        for (Column column : format.columns()) {
            column.alsoCalled().forEach(other -> names.put(bare(other), column.name()));
        }
        format.columns().forEach(column -> names.put(bare(column.name()), column.name()));
        return names;
    }

    private static ImportColumn said(int at, String header, String said, Set<String> known) {
        String[] parts = said.split("@", 2);
        return new ImportColumn(
                at,
                header,
                known.contains(parts[0]) ? parts[0] : null,
                unit(header),
                parts.length == 2 && !parts[1].isBlank() ? parts[1] : null);
    }

    private static ImportColumn ofHeader(int at, String header, CsvFormat format, Map<String, String> names) {
        String whole = names.get(bare(header));
        if (whole != null) {
            return new ImportColumn(at, header, whole, unit(header), null);
        }
        String unit = unit(header);
        String named = names.get(bare(withoutUnit(header)));
        if (named != null) {
            return new ImportColumn(at, header, named, unit, null);
        }
        return ofPosition(at, header, format, unit);
    }

    /** A column to a tire: its position, and what was measured there in words or by its unit. */
    private static ImportColumn ofPosition(int at, String header, CsvFormat format, @Nullable String unit) {
        List<String> words = WORD.matcher(withoutUnit(header))
                .results()
                .map(word -> word.group().toLowerCase(Locale.ROOT))
                .toList();
        for (int length = words.size(); length > 0; length--) {
            for (int from = 0; from + length <= words.size(); from++) {
                String position = String.join(" ", words.subList(from, from + length));
                List<String> rest = new ArrayList<>(words.subList(0, from));
                rest.addAll(words.subList(from + length, words.size()));
                String measured = rest.isEmpty() && unit != null ? unit : String.join("", rest);
                String column = format.measures().get(measured);
                if (column != null && PositionNames.isOne(position)) {
                    return new ImportColumn(at, header, column, unit, position.toUpperCase(Locale.ROOT));
                }
            }
        }
        return new ImportColumn(at, header, null, null, null);
    }

    private static @Nullable String unit(String header) {
        Matcher words = WORD.matcher(header);
        String unit = null;
        while (words.find()) {
            String named = UNITS.get(words.group().toLowerCase(Locale.ROOT));
            unit = named == null ? unit : named;
        }
        return unit;
    }

    private static String withoutUnit(String header) {
        return WORD.matcher(header)
                .replaceAll(word -> UNITS.containsKey(word.group().toLowerCase(Locale.ROOT))
                        ? ""
                        : Matcher.quoteReplacement(word.group()));
    }

    /** Letters and figures of a header, which is how people's headers are told apart. */
    static String bare(String header) {
        return header.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]", "");
    }

    /** Whether a word of the header says so, for example <i>cold</i>. */
    boolean says(String word) {
        return WORD.matcher(header).results().anyMatch(one -> one.group().equalsIgnoreCase(word));
    }

    /** A cell with the unit of its header, where it has none of its own. */
    String withUnit(String cell) {
        if (unit == null || !BARE_FIGURE.matcher(cell).matches()) {
            return cell;
        }
        return unit.equals("/32") ? cell + "/32" : cell + " " + unit;
    }
}
