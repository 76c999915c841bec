package rotagens.server.importexport;

import java.io.InputStream;
import java.io.OutputStream;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.facts.FactLog;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.web.ProblemException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.json.JsonMapper;

/**
 * Everything as one JSON file, and back into an empty data folder: table by table, columns named, quantities as entered.
 * Passwords, sessions and what only serves the running program stay out.
 */
@Service
class FullExport {

    private static final String FORMAT = "rotagens";
    private static final Set<String> LEFT_OUT = Set.of(
            "flyway_schema_history", "idempotent_answer", "search_term", "tire_alert", "tire_groove", "alert_fold");
    private static final Map<String, Set<String>> PRIVATE = Map.of("person", Set.of("password_hash", "credentials_at"));

    private final DSLContext db;
    private final People people;
    private final Photos photos;
    private final JsonMapper json;
    private final FactLog facts;
    private final Clock clock;

    FullExport(DSLContext db, People people, Photos photos, JsonMapper json, FactLog facts, Clock clock) {
        this.facts = facts;
        this.db = db;
        this.people = people;
        this.photos = photos;
        this.json = json;
        this.clock = clock;
    }

    /** One consistent picture of all tables, written as it is read. */
    @Transactional(readOnly = true)
    public void write(OutputStream out) {
        try (JsonGenerator file = json.createGenerator(out)) {
            file.writeStartObject();
            file.writeStringProperty("format", FORMAT);
            file.writeStringProperty("schema", schema());
            file.writeStringProperty("exportedAt", clock.instant().toString());
            file.writeObjectPropertyStart("tables");
            for (String table : tables()) {
                write(file, table);
            }
            file.writeEndObject();
            file.writeObjectPropertyStart("photos");
            for (String photo : photos.files()) {
                file.writeName(photo);
                file.writeBinary(photos.bytes(photo));
            }
            file.writeEndObject();
            file.writeEndObject();
        }
    }

    private void write(JsonGenerator file, String table) {
        List<String> columns = columns(table);
        file.writeObjectPropertyStart(table);
        file.writeArrayPropertyStart("columns");
        columns.forEach(file::writeString);
        file.writeEndArray();
        file.writeArrayPropertyStart("rows");
        String names =
                String.join(", ", columns.stream().map(FullExport::quoted).toList());
        db.fetchLazy("select " + names + " from " + quoted(table) + " order by rowid")
                .forEach(row -> cells(file, row));
        file.writeEndArray();
        file.writeEndObject();
    }

    private static void cells(JsonGenerator file, Record row) {
        file.writeStartArray();
        for (int at = 0; at < row.size(); at++) {
            Object cell = row.get(at);
            if (cell == null) {
                file.writeNull();
            } else if (cell instanceof Integer || cell instanceof Long) {
                file.writeNumber(((Number) cell).longValue());
            } else if (cell instanceof Number number) {
                file.writeNumber(number.doubleValue());
            } else {
                file.writeString(String.valueOf(cell));
            }
        }
        file.writeEndArray();
    }

    /** Fills an empty data folder from an export of the same schema; anything wrong leaves it empty. */
    @Transactional
    public void read(InputStream in) {
        if (!people.isEmpty()) {
            throw ProblemException.conflict(
                    "An export can only be brought into an empty data folder; this one holds records.");
        }
        db.execute("PRAGMA defer_foreign_keys = ON");
        String format = null;
        String schema = null;
        try (JsonParser file = json.createParser(in)) {
            expect(file, JsonToken.START_OBJECT);
            while (file.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = file.currentName();
                file.nextToken();
                switch (name) {
                    case "format" -> format = file.getString();
                    case "schema" -> schema = file.getString();
                    case "tables" -> {
                        refuseForeign(format, schema);
                        tables(file);
                    }
                    case "photos" -> {
                        refuseForeign(format, schema);
                        photos(file);
                    }
                    default -> file.skipChildren();
                }
            }
        } catch (JacksonException e) {
            throw notOurs("It isn’t whole: the file ends early or was changed.");
        } catch (org.jooq.exception.DataAccessException e) {
            throw notOurs("Its records do not agree.");
        }
        refuseForeign(format, schema);
        if (!db.fetch("PRAGMA foreign_key_check").isEmpty()) {
            throw notOurs("Its records do not agree.");
        }
        facts.settle();
    }

    private void photos(JsonParser file) {
        while (file.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = file.currentName();
            file.nextToken();
            byte[] bytes = file.getBinaryValue();
            if (bytes.length > 0) {
                photos.restore(name, bytes);
            }
        }
    }

    private void refuseForeign(String format, String schema) {
        if (!FORMAT.equals(format)) {
            throw notOurs("It doesn’t begin as an export of Rotagens does.");
        }
        if (!schema().equals(schema)) {
            throw notOurs("It was made by another version (schema " + schema + ", here " + schema()
                    + "). Export again with the same version.");
        }
    }

    private void tables(JsonParser file) {
        List<String> known = tables();
        while (file.nextToken() == JsonToken.PROPERTY_NAME) {
            String table = file.currentName();
            if (!known.contains(table)) {
                throw notOurs("It holds a table that isn’t known here.");
            }
            table(file, table);
        }
    }

    private void table(JsonParser file, String table) {
        expect(file, JsonToken.START_OBJECT);
        List<String> columns = new ArrayList<>();
        while (file.nextToken() == JsonToken.PROPERTY_NAME) {
            String part = file.currentName();
            expect(file, JsonToken.START_ARRAY);
            if (part.equals("columns")) {
                while (file.nextToken() != JsonToken.END_ARRAY) {
                    columns.add(file.getString());
                }
                if (!columns(table).equals(columns)) {
                    throw notOurs("Its columns aren’t those of this version.");
                }
            } else {
                rows(file, table, columns);
            }
        }
    }

    private void rows(JsonParser file, String table, List<String> columns) {
        if (columns.isEmpty()) {
            throw notOurs("A table’s rows come before its columns.");
        }
        String insert = "insert into " + quoted(table) + " ("
                + String.join(", ", columns.stream().map(FullExport::quoted).toList()) + ") values ("
                + String.join(", ", columns.stream().map(column -> "?").toList()) + ")";
        while (file.nextToken() == JsonToken.START_ARRAY) {
            List<Object> cells = new ArrayList<>();
            JsonToken token = file.nextToken();
            while (token != JsonToken.END_ARRAY) {
                cells.add(
                        switch (token) {
                            case VALUE_NULL -> null;
                            case VALUE_NUMBER_INT -> file.getLongValue();
                            case VALUE_NUMBER_FLOAT -> file.getDoubleValue();
                            case VALUE_STRING -> file.getString();
                            default -> throw notOurs("A cell is neither text nor number.");
                        });
                token = file.nextToken();
            }
            if (cells.size() != columns.size()) {
                throw notOurs("A row has more or fewer cells than columns.");
            }
            db.execute(insert, cells.toArray());
        }
    }

    private static void expect(JsonParser file, JsonToken token) {
        if (file.nextToken() != token) {
            throw notOurs("It doesn’t have the form of an export.");
        }
    }

    private static ProblemException notOurs(String why) {
        return ProblemException.field("file", "This file can’t be brought in. " + why + " Nothing was stored.");
    }

    private String schema() {
        return db.fetchValue("select max(cast(version as integer)) from flyway_schema_history where success")
                .toString();
    }

    private List<String> tables() {
        return db
                .fetch("select name from sqlite_master where type = 'table' order by rowid")
                .map(row -> row.get(0, String.class))
                .stream()
                .filter(name -> !name.startsWith("sqlite_") && !name.startsWith("search_fts"))
                .filter(name -> !LEFT_OUT.contains(name))
                .toList();
    }

    private List<String> columns(String table) {
        Map<String, Boolean> all = new LinkedHashMap<>();
        db.fetch("select name from pragma_table_info(?)", table)
                .forEach(row -> all.put(row.get(0, String.class), true));
        PRIVATE.getOrDefault(table, Set.of()).forEach(all::remove);
        return List.copyOf(all.keySet());
    }

    private static String quoted(String name) {
        return "\"" + name.replace("\"", "\"\"") + "\"";
    }
}
