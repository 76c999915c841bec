package rotagens.server.people;

import static rotagens.server.storage.generated.Tables.PERSON;

import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.web.ProblemException;

/** Who works here. Everything that is recorded names one of them. */
@Service
public class People {

    /** A person as shown in the picker. */
    public record Person(long id, String name, String role) {}

    private final DSLContext db;

    People(DSLContext db) {
        this.db = db;
    }

    @Transactional(readOnly = true)
    public List<Person> all() {
        return db.select(PERSON.ID, PERSON.NAME, PERSON.ROLE)
                .from(PERSON)
                .orderBy(PERSON.NAME)
                .fetch(row -> new Person(row.value1(), row.value2(), row.value3()));
    }

    /** Refuses a person nobody knows, at the field {@code by}. */
    public void refuseUnknown(Long id) {
        if (id == null || !db.fetchExists(PERSON, PERSON.ID.eq(id))) {
            throw ProblemException.field("by", "Choose who did this.");
        }
    }

    /** Adds a person. */
    @Transactional
    public long add(String name, String role) {
        return db.insertInto(PERSON)
                .set(PERSON.NAME, name)
                .set(PERSON.ROLE, role)
                .returning(PERSON.ID)
                .fetchOne(PERSON.ID);
    }
}
