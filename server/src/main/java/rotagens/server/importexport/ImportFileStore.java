package rotagens.server.importexport;

import static rotagens.server.storage.generated.Tables.IMPORT_FILE;
import static rotagens.server.storage.generated.Tables.IMPORT_PROGRESS;

import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Units;
import rotagens.server.importexport.CsvFormat.Type;

/** Files on their way in: what was accepted, and how far it is stored. */
@Repository
class ImportFileStore {

    /**
     * A file that isn't stored to its end.
     *
     * @param rows all of its rows as JSON
     * @param stored how many of them are stored, from the first
     */
    record Pending(long id, Type type, Units units, long personId, String rows, int stored) {}

    private final DSLContext db;

    ImportFileStore(DSLContext db) {
        this.db = db;
    }

    long add(Type type, Units units, String rows, Instant at, long by) {
        long id = db.insertInto(IMPORT_FILE)
                .set(IMPORT_FILE.TYPE, type.name())
                .set(IMPORT_FILE.UNITS, units.name())
                .set(IMPORT_FILE.ACCEPTED_AT, at)
                .set(IMPORT_FILE.PERSON_ID, by)
                .set(IMPORT_FILE.ACCEPTED_ROWS, rows)
                .returning(IMPORT_FILE.ID)
                .fetchSingle(IMPORT_FILE.ID);
        db.insertInto(IMPORT_PROGRESS)
                .set(IMPORT_PROGRESS.IMPORT_FILE_ID, id)
                .set(IMPORT_PROGRESS.STORED_ROWS, 0)
                .execute();
        return id;
    }

    /** The oldest first. */
    List<Pending> pending() {
        return db.select(
                        IMPORT_FILE.ID,
                        IMPORT_FILE.TYPE,
                        IMPORT_FILE.UNITS,
                        IMPORT_FILE.PERSON_ID,
                        IMPORT_FILE.ACCEPTED_ROWS,
                        IMPORT_PROGRESS.STORED_ROWS)
                .from(IMPORT_FILE)
                .join(IMPORT_PROGRESS)
                .on(IMPORT_PROGRESS.IMPORT_FILE_ID.eq(IMPORT_FILE.ID))
                .orderBy(IMPORT_FILE.ID)
                .fetch(row -> new Pending(
                        row.value1(),
                        Type.valueOf(row.value2()),
                        Units.valueOf(row.value3()),
                        row.value4(),
                        row.value5(),
                        row.value6()));
    }

    /** Says that more rows are stored, in the transaction that stores them. */
    void stored(long id, int more) {
        db.update(IMPORT_PROGRESS)
                .set(IMPORT_PROGRESS.STORED_ROWS, IMPORT_PROGRESS.STORED_ROWS.plus(more))
                .where(IMPORT_PROGRESS.IMPORT_FILE_ID.eq(id))
                .execute();
    }

    /** Lets go of a file that is stored to its end. */
    void remove(long id) {
        db.deleteFrom(IMPORT_FILE).where(IMPORT_FILE.ID.eq(id)).execute();
    }
}
