package rotagens.server.people;

import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Repository;
import rotagens.core.measure.Units;
import rotagens.server.storage.generated.tables.records.PersonRecord;

/** The people on file. Nobody is ever deleted. */
@Repository
class PersonStore {

    /**
     * A person as kept.
     *
     * @param passwordHash null for one who has no password
     * @param demo made up for the demo, where a click signs in
     * @param credentialsAt since when the password is this one: sessions are told apart by it
     */
    record StoredPerson(
            long id,
            String name,
            Role role,
            boolean active,
            Units units,
            @Nullable String passwordHash,
            boolean demo,
            Instant credentialsAt) {}

    private final DSLContext db;
    private final boolean isDemo;

    PersonStore(DSLContext db, @Value("${rotagens.demo:false}") boolean isDemo) {
        this.db = db;
        this.isDemo = isDemo;
    }

    /** By name. */
    List<StoredPerson> all() {
        return db.selectFrom(PERSON).orderBy(PERSON.NAME).fetch(PersonStore::person);
    }

    /** The demo's, who may be used, by role and name. */
    List<StoredPerson> demo() {
        return db.selectFrom(PERSON)
                .where(PERSON.IS_DEMO.isTrue(), PERSON.IS_ACTIVE.isTrue())
                .orderBy(PERSON.ROLE, PERSON.NAME)
                .fetch(PersonStore::person);
    }

    boolean isEmpty() {
        return !db.fetchExists(PERSON);
    }

    Optional<StoredPerson> get(long id) {
        return one(PERSON.ID.eq(id));
    }

    /** Whoever has this name, however it is capitalized. */
    Optional<StoredPerson> named(String name) {
        return one(PERSON.NAME.equalIgnoreCase(name));
    }

    private Optional<StoredPerson> one(Condition which) {
        return db.selectFrom(PERSON).where(which).fetchOptional(PersonStore::person);
    }

    Map<Long, String> names() {
        return db.select(PERSON.ID, PERSON.NAME).from(PERSON).fetchMap(PERSON.ID, PERSON.NAME);
    }

    /** Whether anybody can sign in: with a password, or in the demo by a click; a demo's people brought in elsewhere can't. */
    boolean hasSignIn() {
        return db.fetchExists(PERSON, canSignIn());
    }

    /** Whether a manager who can sign in is left without this one. */
    boolean hasManagerBeside(long id) {
        return db.fetchExists(PERSON, PERSON.ROLE.eq(Role.MANAGER.name()), canSignIn(), PERSON.ID.ne(id));
    }

    private Condition canSignIn() {
        Condition byClick = isDemo ? PERSON.IS_DEMO.isTrue() : DSL.falseCondition();
        return PERSON.IS_ACTIVE.isTrue().and(PERSON.PASSWORD_HASH.isNotNull().or(byClick));
    }

    long add(String name, Role role, @Nullable String passwordHash, boolean demo, Instant at) {
        return db.insertInto(PERSON)
                .set(PERSON.NAME, name)
                .set(PERSON.ROLE, role.name())
                .set(PERSON.PASSWORD_HASH, passwordHash)
                .set(PERSON.IS_DEMO, demo)
                .set(PERSON.CREDENTIALS_AT, at)
                .returning(PERSON.ID)
                .fetchSingle(PERSON.ID);
    }

    void change(long id, String name, Role role, boolean active) {
        db.update(PERSON)
                .set(PERSON.NAME, name)
                .set(PERSON.ROLE, role.name())
                .set(PERSON.IS_ACTIVE, active)
                .where(PERSON.ID.eq(id))
                .execute();
    }

    void setPassword(long id, String hash, Instant at) {
        db.update(PERSON)
                .set(PERSON.PASSWORD_HASH, hash)
                .set(PERSON.CREDENTIALS_AT, at)
                .where(PERSON.ID.eq(id))
                .execute();
    }

    void setUnits(long id, Units units) {
        db.update(PERSON)
                .set(PERSON.UNITS, units.name())
                .where(PERSON.ID.eq(id))
                .execute();
    }

    private static StoredPerson person(PersonRecord row) {
        return new StoredPerson(
                row.getId(),
                row.getName(),
                Role.valueOf(row.getRole()),
                row.getIsActive(),
                Units.valueOf(row.getUnits()),
                row.getPasswordHash(),
                row.getIsDemo(),
                row.getCredentialsAt());
    }
}
