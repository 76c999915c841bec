package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.time.Clock;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.facts.FactLog;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.web.ProblemException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/**
 * Everything as one JSON file, and back into an empty data folder: table by table, columns named, a row to a line, quantities as
 * entered; described in docs/export.md. Passwords, sessions and what only serves the running program stay out.
 */
@Service
class FullExport {

    static final String FORMAT = "rotagens";

    private final DSLContext db;
    private final People people;
    private final Photos photos;
    private final JsonMapper json;
    private final FactLog facts;
    private final PlatformTransactionManager transactions;
    private final Clock clock;

    FullExport(
            DSLContext db,
            People people,
            Photos photos,
            JsonMapper json,
            FactLog facts,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.transactions = transactions;
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
            file.writeStringProperty("schema", String.valueOf(ExportTables.schema(db)));
            file.writeStringProperty("exportedAt", clock.instant().toString());
            file.writeObjectPropertyStart("tables");
            for (String table : ExportTables.tables(db)) {
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
        List<String> columns = ExportTables.columns(db, table);
        file.writeObjectPropertyStart(table);
        file.writeArrayPropertyStart("columns");
        columns.forEach(file::writeString);
        file.writeEndArray();
        file.writeArrayPropertyStart("rows");
        db.fetchLazy("select " + ExportTables.names(columns) + WORDS.say("from") + ExportTables.quoted(table)
                        + WORDS.say("orderByRowid"))
                .forEach(row -> cells(file, row));
        file.writeEndArray();
        file.writeEndObject();
    }

    /** A row to a line: two exports are told apart line by line. */
    private static void cells(JsonGenerator file, Record row) {
        file.writeRaw('\n');
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

    /**
     * Fills an empty data folder from an export of this version or an earlier one; anything wrong leaves it empty. All of it is read,
     * brought up to date and checked before anything is stored.
     *
     * @throws ProblemException where the folder holds records, or the file isn't whole, isn't ours or says what can't be
     */
    public void read(InputStream in) {
        refuseUnlessEmpty();
        try (ExportReader reader = new ExportReader(db, json)) {
            ExportStage stage = reader.read(in);
            new TransactionTemplate(transactions).executeWithoutResult(status -> store(stage));
        }
    }

    private void refuseUnlessEmpty() {
        if (!people.isEmpty()) {
            throw ProblemException.conflict(WORDS.say("exportCanOnlyBeBrought"));
        }
    }

    private void store(ExportStage stage) {
        refuseUnlessEmpty();
        db.execute("PRAGMA defer_foreign_keys = ON");
        for (String table : ExportTables.tables(db)) {
            List<String> columns = ExportTables.columns(db, table);
            String insert = ExportTables.insert(table, columns);
            stage.db()
                    .fetchLazy("select " + ExportTables.names(columns) + WORDS.say("from") + ExportTables.quoted(table)
                            + WORDS.say("orderByRowid"))
                    .forEach(row -> db.execute(insert, row.intoArray()));
        }
        stage.photos().forEach((name, bytes) -> {
            try {
                photos.restore(name, Files.readAllBytes(bytes));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        facts.settle();
    }
}
