package rotagens.server.people;

import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.Units;
import rotagens.server.storage.generated.tables.records.PersonRecord;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Who works here and may sign in. Everything that is recorded names one of them; nobody is ever deleted. */
@Service
public class People {

    /** A person as others see them. */
    public record Person(long id, String name, Role role, boolean active, boolean canSignIn, Units units) {}

    private final DSLContext db;
    private final TransactionTemplate transaction;
    private final TransactionTemplate reading;
    private final boolean isDemo;
    private final PasswordHashes passwords;
    private final Clock clock;

    People(
            DSLContext db,
            PlatformTransactionManager transactions,
            PasswordHashes passwords,
            Clock clock,
            @Value("${rotagens.demo:false}") boolean isDemo) {
        this.isDemo = isDemo;
        this.db = db;
        this.transaction = new TransactionTemplate(transactions);
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.passwords = passwords;
        this.clock = clock;
    }

    /** A typed name as it is compared: however it was spaced or capitalized, it is one name. */
    public static String canonicalName(String typed) {
        return Credentials.name(typed).toLowerCase(Locale.ROOT);
    }

    /** The id of the person signed in. */
    public long me() {
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (now != null && now.getPrincipal() instanceof Account account) {
            return account.id();
        }
        throw new IllegalStateException("no one is signed in");
    }

    @Transactional(readOnly = true)
    public List<Person> all() {
        return db.selectFrom(PERSON).orderBy(PERSON.NAME).fetch(People::person);
    }

    @Transactional(readOnly = true)
    public Person get(long id) {
        return person(record(id));
    }

    /** The made-up people of the demo, who sign in without a password. */
    @Transactional(readOnly = true)
    public List<Person> demo() {
        return db.selectFrom(PERSON)
                .where(PERSON.IS_DEMO.isTrue(), PERSON.IS_ACTIVE.isTrue())
                .orderBy(PERSON.ROLE, PERSON.NAME)
                .fetch(People::person);
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return !db.fetchExists(PERSON);
    }

    /** The account as it stands; empty where it may not be used any more. */
    @Transactional(readOnly = true)
    public Optional<Account> account(long id) {
        return db.selectFrom(PERSON)
                .where(PERSON.ID.eq(id), PERSON.IS_ACTIVE.isTrue())
                .fetchOptional(People::account);
    }

    /** The account for a name and password. Takes as long for a name nobody has. The slow hash is made outside any transaction. */
    public Optional<Account> signIn(String name, String password) {
        Optional<PersonRecord> known = reading.execute(status -> db.selectFrom(PERSON)
                .where(
                        PERSON.NAME.equalIgnoreCase(Credentials.name(name)),
                        PERSON.IS_ACTIVE.isTrue(),
                        PERSON.PASSWORD_HASH.isNotNull())
                .fetchOptional());
        boolean right = passwords.matches(
                password, known.map(PersonRecord::getPasswordHash).orElse(null));
        return right ? known.map(People::account) : Optional.empty();
    }

    /** One of the demo's people, by one click. */
    @Transactional(readOnly = true)
    public Optional<Account> demoAccount(long id) {
        return db.selectFrom(PERSON)
                .where(PERSON.ID.eq(id), PERSON.IS_DEMO.isTrue(), PERSON.IS_ACTIVE.isTrue())
                .fetchOptional(People::account);
    }

    /** Whether nobody could sign in: an empty folder, or one just filled from an export, which carries no passwords. */
    @Transactional(readOnly = true)
    public boolean hasNoSignIn() {
        return !db.fetchExists(PERSON, canSignIn());
    }

    /** With a password, or in the demo by a click; a demo's people brought in elsewhere have neither. */
    private Condition canSignIn() {
        Condition byClick = isDemo ? PERSON.IS_DEMO.isTrue() : DSL.falseCondition();
        return PERSON.IS_ACTIVE.isTrue().and(PERSON.PASSWORD_HASH.isNotNull().or(byClick));
    }

    /**
     * The first account where nobody can sign in; whoever comes second is refused. A person on file by that name, brought in
     * with an export, becomes it.
     */
    public Account addFirst(String name, String password) {
        reading.executeWithoutResult(status -> refuseSecondFirst());
        InputValidator typed = new InputValidator();
        String clean = Credentials.name(name);
        Credentials.faultOfName(clean).ifPresent(fault -> typed.wrong("name", fault));
        password(typed, password, clean);
        typed.refuseIfWrong();
        String hash = passwords.encode(password);
        return transaction.execute(status -> {
            refuseSecondFirst();
            Optional<PersonRecord> known = db.selectFrom(PERSON)
                    .where(PERSON.NAME.equalIgnoreCase(clean))
                    .fetchOptional();
            if (known.isEmpty()) {
                return account(record(insert(clean, Role.MANAGER, hash, false)));
            }
            PersonRecord person = withPassword(known.get().getId(), hash);
            person.setRole(Role.MANAGER.name());
            person.setIsActive(true);
            person.update();
            return account(person);
        });
    }

    private void refuseSecondFirst() {
        if (!hasNoSignIn()) {
            throw ProblemException.conflict(
                    "The first account exists already. Sign in, or ask its owner for an account.");
        }
    }

    /** A new account. What is typed is looked at first, then hashed, and only then does anything wait for the writer. */
    public long add(String name, Role role, String password) {
        InputValidator typed = new InputValidator();
        String clean = reading.execute(status -> name(typed, name, null));
        password(typed, password, clean);
        refuseWithoutRole(typed, role);
        typed.refuseIfWrong();
        String hash = passwords.encode(password);
        return transaction.execute(status -> {
            InputValidator again = new InputValidator();
            name(again, clean, null);
            again.refuseIfWrong();
            return insert(clean, role, hash, false);
        });
    }

    /** Somebody who records facts and has no password; in the demo, one who signs in by a click. */
    @Transactional
    public long addWithoutPassword(String name, Role role, boolean demo) {
        return insert(name, role, null, demo);
    }

    private static void refuseWithoutRole(InputValidator typed, Role role) {
        typed.unless(role != null, "role", "Choose a role.");
    }

    private long insert(String name, Role role, String hash, boolean demo) {
        return db.insertInto(PERSON)
                .set(PERSON.NAME, name)
                .set(PERSON.ROLE, role.name())
                .set(PERSON.PASSWORD_HASH, hash)
                .set(PERSON.IS_DEMO, demo)
                .set(PERSON.CREDENTIALS_AT, clock.instant())
                .returning(PERSON.ID)
                .fetchOne(PERSON.ID);
    }

    /** Changes name, role, and whether the account may be used. The last manager who can sign in stays one. */
    @Transactional
    public Person change(long id, String name, Role role, boolean active) {
        PersonRecord person = record(id);
        InputValidator typed = new InputValidator();
        String clean = name(typed, name, id);
        refuseWithoutRole(typed, role);
        typed.refuseIfWrong();
        boolean losesManager = Role.valueOf(person.getRole()) == Role.MANAGER && (role != Role.MANAGER || !active);
        if (losesManager
                && !db.fetchExists(PERSON, PERSON.ROLE.eq(Role.MANAGER.name()), canSignIn(), PERSON.ID.ne(id))) {
            throw ProblemException.field(
                    active ? "role" : "active", "This is the only manager. Make another user a manager first.");
        }
        person.setName(clean);
        person.setRole(role.name());
        person.setIsActive(active);
        person.update();
        return person(person);
    }

    /** Sets a password; every session of that person ends. */
    public void setPassword(long id, String password) {
        String hash = hashOfNew(known(id), password);
        transaction.executeWithoutResult(status -> withPassword(id, hash));
    }

    private PersonRecord known(long id) {
        return reading.execute(status -> record(id));
    }

    private String hashOfNew(PersonRecord person, String password) {
        InputValidator typed = new InputValidator();
        password(typed, password, person.getName());
        typed.refuseIfWrong();
        return passwords.encode(password);
    }

    private PersonRecord withPassword(long id, String hash) {
        PersonRecord person = record(id);
        person.setPasswordHash(hash);
        // Later than before in any case: sessions are told apart by it.
        Instant before = person.getCredentialsAt().plusMillis(1);
        person.setCredentialsAt(before.isAfter(clock.instant()) ? before : clock.instant());
        person.update();
        return person;
    }

    /** Changes one’s own password, knowing the old one. */
    public Account changePassword(long id, String old, String password) {
        PersonRecord person = known(id);
        if (person.getPasswordHash() == null || !passwords.matches(old == null ? "" : old, person.getPasswordHash())) {
            throw ProblemException.field("old", "The current password is incorrect.");
        }
        String hash = hashOfNew(person, password);
        return transaction.execute(status -> account(withPassword(id, hash)));
    }

    @Transactional
    public void setUnits(long id, Units units) {
        if (units == null) {
            throw ProblemException.field("units", "Choose US or metric units.");
        }
        db.update(PERSON)
                .set(PERSON.UNITS, units.name())
                .where(PERSON.ID.eq(id))
                .execute();
    }

    /** A person's name. */
    @Transactional(readOnly = true)
    public String named(long id) {
        return db.select(PERSON.NAME).from(PERSON).where(PERSON.ID.eq(id)).fetchSingle(PERSON.NAME);
    }

    private String name(InputValidator typed, String name, Long own) {
        String clean = Credentials.name(name);
        Optional<String> fault = Credentials.faultOfName(clean);
        if (fault.isPresent()) {
            typed.wrong("name", fault.get());
        } else if (db.fetchExists(
                PERSON, PERSON.NAME.equalIgnoreCase(clean), own == null ? PERSON.ID.isNotNull() : PERSON.ID.ne(own))) {
            typed.wrong("name", "A person with this name is on file already. Add an initial.");
        }
        return clean;
    }

    private static void password(InputValidator typed, String password, String name) {
        Credentials.faultOfPassword(password, name).ifPresent(fault -> typed.wrong("password", fault));
    }

    private PersonRecord record(long id) {
        return db.selectFrom(PERSON)
                .where(PERSON.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> ProblemException.notFound("There is no such person."));
    }

    private static Person person(PersonRecord row) {
        return new Person(
                row.getId(),
                row.getName(),
                Role.valueOf(row.getRole()),
                row.getIsActive(),
                row.getPasswordHash() != null || row.getIsDemo(),
                Units.valueOf(row.getUnits()));
    }

    private static Account account(PersonRecord row) {
        return new Account(row.getId(), row.getName(), Role.valueOf(row.getRole()), row.getCredentialsAt());
    }
}
