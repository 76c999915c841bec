package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.FlywayException;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.jspecify.annotations.Nullable;
import rotagens.server.web.ProblemException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.json.JsonMapper;

/** Reads an export, of this version or an earlier one, onto a stage. */
final class ExportReader implements AutoCloseable {

    private final DSLContext here;
    private final JsonMapper json;

    @Nullable
    private ExportStage stage;

    private boolean isWhole;

    ExportReader(DSLContext here, JsonMapper json) {
        this.here = here;
        this.json = json;
    }

    /**
     * Reads all of it, brings it up to date and checks it.
     *
     * @throws ProblemException where it isn't whole, isn't ours or says what can't be
     */
    ExportStage read(InputStream in) {
        try (JsonParser file = json.createParser(in)) {
            parts(file);
            if (stage == null || !isWhole) {
                throw notOurs(WORDS.say("itDoesntBegin"));
            }
            stage.upToDate();
        } catch (JacksonException e) {
            throw notOurs(WORDS.say("itIsntWholeTheFile"));
        } catch (DataAccessException | FlywayException e) {
            throw notOurs(WORDS.say("itsRecordsDoNotAgree"));
        }
        ExportCheck.fault(stage.db()).ifPresent(fault -> {
            throw notOurs(fault);
        });
        return stage;
    }

    private void parts(JsonParser file) {
        expect(file, JsonToken.START_OBJECT);
        String format = null;
        while (file.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = file.currentName();
            file.nextToken();
            switch (name) {
                case "format" -> format = file.getString();
                case "schema" -> open(format, file.getString());
                case "tables" -> {
                    tables(file);
                    isWhole = true;
                }
                case "photos" -> photos(file);
                default -> file.skipChildren();
            }
        }
    }

    private void open(@Nullable String format, String schema) {
        if (!FullExport.FORMAT.equals(format) || stage != null || !schema.matches("[0-9]{1,6}")) {
            throw notOurs(WORDS.say("itDoesntBegin"));
        }
        int made = Integer.parseInt(schema);
        int now = ExportTables.schema(here);
        if (made > now) {
            throw notOurs(WORDS.say("itWasMade", "made", made, "now", now));
        }
        if (made < 1) {
            throw notOurs(WORDS.say("itDoesntBegin"));
        }
        stage = made == now ? ExportStage.like(here) : ExportStage.earlier(here, made);
    }

    private ExportStage opened() {
        if (stage == null) {
            throw notOurs(WORDS.say("itDoesntBegin"));
        }
        return stage;
    }

    private void photos(JsonParser file) {
        while (file.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = file.currentName();
            file.nextToken();
            byte[] bytes = file.getBinaryValue();
            if (bytes.length > 0) {
                opened().photo(name, bytes);
            }
        }
    }

    private void tables(JsonParser file) {
        List<String> known = ExportTables.tables(opened().db());
        while (file.nextToken() == JsonToken.PROPERTY_NAME) {
            String table = file.currentName();
            if (!known.contains(table)) {
                throw notOurs(WORDS.say("itHoldsATable"));
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
                if (!ExportTables.columns(opened().db(), table).equals(columns)) {
                    throw notOurs(WORDS.say("itsColumnsArentThose"));
                }
            } else {
                rows(file, table, columns);
            }
        }
    }

    private void rows(JsonParser file, String table, List<String> columns) {
        if (columns.isEmpty()) {
            throw notOurs(WORDS.say("tablesRowsComeBefore"));
        }
        String insert = ExportTables.insert(table, columns);
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
                            default -> throw notOurs(WORDS.say("cellIsNeitherTextNor"));
                        });
                token = file.nextToken();
            }
            if (cells.size() != columns.size()) {
                throw notOurs(WORDS.say("rowHasMoreOrFewer"));
            }
            opened().db().execute(insert, cells.toArray());
        }
    }

    private static void expect(JsonParser file, JsonToken token) {
        if (file.nextToken() != token) {
            throw notOurs(WORDS.say("itDoesntHaveTheForm"));
        }
    }

    private static ProblemException notOurs(String why) {
        return ProblemException.field("file", WORDS.say("thisFileCantBeBrought", "why", why));
    }

    @Override
    public void close() {
        if (stage != null) {
            stage.close();
        }
    }
}
