package rotagens.server.questions;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.SAVED_QUESTION;

import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Questions that are kept under a name. */
@Repository
class SavedQuestionStore {

    /** @param definition what is asked, as JSON */
    record Saved(long id, String name, String definition, String by) {}

    private final DSLContext db;

    SavedQuestionStore(DSLContext db) {
        this.db = db;
    }

    /** By name. */
    List<Saved> all() {
        return db.select(SAVED_QUESTION.asterisk(), PERSON.NAME)
                .from(SAVED_QUESTION)
                .join(PERSON)
                .on(PERSON.ID.eq(SAVED_QUESTION.PERSON_ID))
                .orderBy(SAVED_QUESTION.NAME)
                .fetch(row -> new Saved(
                        row.get(SAVED_QUESTION.ID),
                        row.get(SAVED_QUESTION.NAME),
                        row.get(SAVED_QUESTION.DEFINITION),
                        row.get(PERSON.NAME)));
    }

    boolean isNamed(String name) {
        return db.fetchExists(SAVED_QUESTION, SAVED_QUESTION.NAME.equalIgnoreCase(name));
    }

    int count() {
        return db.fetchCount(SAVED_QUESTION);
    }

    void add(String name, String definition, Instant at, long by) {
        db.insertInto(SAVED_QUESTION)
                .set(SAVED_QUESTION.NAME, name)
                .set(SAVED_QUESTION.DEFINITION, definition)
                .set(SAVED_QUESTION.SAVED_AT, at)
                .set(SAVED_QUESTION.PERSON_ID, by)
                .execute();
    }

    /** Says whether there was one. */
    boolean remove(long id) {
        return db.deleteFrom(SAVED_QUESTION).where(SAVED_QUESTION.ID.eq(id)).execute() > 0;
    }
}
