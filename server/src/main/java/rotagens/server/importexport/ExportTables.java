package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;

/** Which tables and columns a whole export holds, and in which order. */
final class ExportTables {

    /** What the program derives for itself, and what only serves the running program. */
    private static final Set<String> LEFT_OUT = Set.of(
            "flyway_schema_history",
            "idempotent_answer",
            "search_term",
            "tire_alert",
            "tire_groove",
            "alert_fold",
            "import_file",
            "import_progress",
            "sensor_sample",
            "sensor_silence",
            "machine_token",
            "webhook",
            "webhook_message");

    private static final Map<String, Set<String>> PRIVATE = Map.of("person", Set.of("password_hash", "credentials_at"));

    private ExportTables() {}

    /** The version of a database's schema. */
    static int schema(DSLContext db) {
        return db.fetchValue("select max(cast(version as integer)) from flyway_schema_history where success")
                        instanceof Number number
                ? number.intValue()
                : 0;
    }

    /** In the order they were made: what is referred to comes first. */
    static List<String> tables(DSLContext db) {
        return db
                .fetch("select name from sqlite_master where type = 'table' order by rowid")
                .map(row -> row.get(0, String.class))
                .stream()
                .filter(name -> !name.startsWith("sqlite_") && !name.startsWith("search_fts"))
                .filter(name -> !LEFT_OUT.contains(name))
                .toList();
    }

    static List<String> columns(DSLContext db, String table) {
        return db.fetch("select name from pragma_table_info(?)", table).map(row -> row.get(0, String.class)).stream()
                .filter(name -> !PRIVATE.getOrDefault(table, Set.of()).contains(name))
                .toList();
    }

    /** What puts a row with these columns into a table. */
    static String insert(String table, List<String> columns) {
        return "insert into " + quoted(table) + " (" + names(columns) + WORDS.say("values")
                + String.join(", ", columns.stream().map(column -> "?").toList()) + ")";
    }

    static String names(List<String> columns) {
        return String.join(", ", columns.stream().map(ExportTables::quoted).toList());
    }

    static String quoted(String name) {
        return "\"" + name.replace("\"", "\"\"") + "\"";
    }
}
