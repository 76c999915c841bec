package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import rotagens.core.measure.Units;

/** One kind of CSV: its columns, how a row is taken in, and how the records go out. */
interface CsvFormat {

    /** The kinds of CSV there are. */
    enum Type {
        VEHICLES,
        TIRES,
        ODOMETERS,
        READINGS
    }

    /**
     * One column.
     *
     * @param name as it stands in the header
     * @param meaning what belongs in it, with an example
     * @param alsoCalled other headers people give it, lower case, letters and figures only
     */
    record Column(String name, String meaning, boolean required, List<String> alsoCalled) {

        static Column must(String name, String meaning, String... alsoCalled) {
            return new Column(name, meaning, true, List.of(alsoCalled));
        }

        static Column may(String name, String meaning, String... alsoCalled) {
            return new Column(name, meaning, false, List.of(alsoCalled));
        }
    }

    /** Where a row says that a figure far from the last one is right. */
    String CONFIRMED = "confirmed";

    static Column confirmed() {
        return Column.may(CONFIRMED, WORDS.say("yesToConfirmAReading"), "rightasread", "sure");
    }

    /** What a row did. */
    enum Outcome {
        ADDED,
        CHANGED,
        SAME
    }

    /** What a row did, and to what. */
    record Taken(Outcome outcome, String description) {}

    /** Cells of a row by column name; blank cells are absent. */
    record Cells(Map<String, String> byColumn) {
        Optional<String> get(String column) {
            return Optional.ofNullable(byColumn.get(column));
        }

        String or(String column, String otherwise) {
            return byColumn.getOrDefault(column, otherwise);
        }
    }

    Type kind();

    List<Column> columns();

    /** The columns that hold days. */
    default Set<String> days() {
        return Set.of();
    }

    /** The columns that hold DOT codes. */
    default Set<String> codes() {
        return Set.of();
    }

    /**
     * Of a sheet with a row to a vehicle and a column to a tire: which column the figures belong to, by what a header says beside the
     * position, in words or by its unit; by nothing where the position stands alone.
     */
    default Map<String, String> measures() {
        return Map.of();
    }

    /** The columns a field of a refused entry stands in. */
    default String columnOf(String field) {
        return field;
    }

    /**
     * What a row would do.
     *
     * @param write what stores it, for the session that planned it; null where nothing is to be stored
     */
    record Planned(Taken taken, Cells row, @Nullable Object write) {

        boolean isToBeStored() {
            return taken.outcome() != Outcome.SAME;
        }
    }

    /** One file being brought in: its rows are looked at one after the other, each as if those before it were stored. */
    interface Session {

        /** Told all rows before the first is looked at, so that what they need of the data is read at once. */
        default void begin(List<Cells> rows) {}

        /** Says what a row does; refuses with a problem whose fields are column names or lead to one. */
        Planned plan(Cells row);

        /** A row that was looked at and accepted once, to be stored after a stop. */
        default Planned again(Cells row) {
            return plan(row);
        }

        /** Stores rows in the caller's transaction; refuses what doesn't hold any more. */
        void store(List<Planned> rows);

        /** Whether looking at a row writes it, so that it has to be done on a copy. */
        boolean isPlannedByWriting();
    }

    /** Begins a file in these units. */
    Session open(Units units);

    /** Every record as cells, in the order of the columns; figures as {@code shown} gives them. */
    List<List<String>> rows(BiFunction<Object, Units, String> shown, Units units);
}
