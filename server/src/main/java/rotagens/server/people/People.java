package rotagens.server.people;

import static rotagens.server.people.PeopleWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.Units;
import rotagens.server.people.PersonStore.StoredPerson;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Who works here and may sign in. Everything that is recorded names one of them; nobody is ever deleted. */
@Service
public class People {

    /** A person as others see them. */
    public record Person(long id, String name, Role role, boolean active, boolean canSignIn, Units units) {}

    private final PersonStore store;
    private final TransactionTemplate transaction;
    private final TransactionTemplate reading;
    private final PasswordHashes passwords;
    private final Clock clock;

    People(PersonStore store, PlatformTransactionManager transactions, PasswordHashes passwords, Clock clock) {
        this.store = store;
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
        return store.all().stream().map(People::person).toList();
    }

    @Transactional(readOnly = true)
    public Person get(long id) {
        return person(onFile(id));
    }

    /** The made-up people of the demo, who sign in without a password. */
    @Transactional(readOnly = true)
    public List<Person> demo() {
        return store.demo().stream().map(People::person).toList();
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return store.isEmpty();
    }

    /** The account as it stands; empty where it may not be used any more. */
    @Transactional(readOnly = true)
    public Optional<Account> account(long id) {
        return store.get(id).filter(StoredPerson::active).map(People::account);
    }

    /** The account for a name and password. Takes as long for a name nobody has. The slow hash is made outside any transaction. */
    public Optional<Account> signIn(String name, String password) {
        Optional<StoredPerson> known = reading.execute(status -> store.named(Credentials.name(name)))
                .filter(person -> person.active() && person.passwordHash() != null);
        boolean right = passwords.matches(
                password, known.map(StoredPerson::passwordHash).orElse(null));
        return right ? known.map(People::account) : Optional.empty();
    }

    /** One of the demo's people, by one click. */
    @Transactional(readOnly = true)
    public Optional<Account> demoAccount(long id) {
        return store.get(id).filter(person -> person.demo() && person.active()).map(People::account);
    }

    /** Whether nobody could sign in: an empty folder, or one just filled from an export, which carries no passwords. */
    @Transactional(readOnly = true)
    public boolean hasNoSignIn() {
        return !store.hasSignIn();
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
            Optional<StoredPerson> known = store.named(clean);
            long id = known.map(StoredPerson::id)
                    .orElseGet(() -> store.add(clean, Role.MANAGER, hash, false, clock.instant()));
            if (known.isPresent()) {
                withPassword(id, hash);
                store.change(id, known.get().name(), Role.MANAGER, true);
            }
            return account(onFile(id));
        });
    }

    private void refuseSecondFirst() {
        if (!hasNoSignIn()) {
            throw ProblemException.conflict(WORDS.say("firstAccountExistsAlreadySign"));
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
            return store.add(clean, role, hash, false, clock.instant());
        });
    }

    /** Somebody who records facts and has no password; in the demo, one who signs in by a click. */
    @Transactional
    public long addWithoutPassword(String name, Role role, boolean demo) {
        return store.add(name, role, null, demo, clock.instant());
    }

    private static void refuseWithoutRole(InputValidator typed, Role role) {
        typed.unless(role != null, "role", WORDS.say("chooseARole"));
    }

    /** Changes name, role, and whether the account may be used. The last manager who can sign in stays one. */
    @Transactional
    public Person change(long id, String name, Role role, boolean active) {
        StoredPerson person = onFile(id);
        InputValidator typed = new InputValidator();
        String clean = name(typed, name, id);
        refuseWithoutRole(typed, role);
        typed.refuseIfWrong();
        boolean losesManager = person.role() == Role.MANAGER && (role != Role.MANAGER || !active);
        if (losesManager && !store.hasManagerBeside(id)) {
            throw ProblemException.field(active ? "role" : "active", WORDS.say("thisIsTheOnlyManager"));
        }
        store.change(id, clean, role, active);
        return person(onFile(id));
    }

    /** Sets a password; every session of that person ends. */
    public void setPassword(long id, String password) {
        String hash = hashOfNew(known(id), password);
        transaction.executeWithoutResult(status -> withPassword(id, hash));
    }

    private StoredPerson known(long id) {
        return reading.execute(status -> onFile(id));
    }

    private String hashOfNew(StoredPerson person, String password) {
        InputValidator typed = new InputValidator();
        password(typed, password, person.name());
        typed.refuseIfWrong();
        return passwords.encode(password);
    }

    private StoredPerson withPassword(long id, String hash) {
        // Later than before in any case: sessions are told apart by it.
        Instant before = onFile(id).credentialsAt().plusMillis(1);
        store.setPassword(id, hash, before.isAfter(clock.instant()) ? before : clock.instant());
        return onFile(id);
    }

    /** Changes one’s own password, knowing the old one. */
    public Account changePassword(long id, String old, String password) {
        StoredPerson person = known(id);
        if (person.passwordHash() == null || !passwords.matches(old == null ? "" : old, person.passwordHash())) {
            throw ProblemException.field("old", WORDS.say("currentPasswordIsIncorrect"));
        }
        String hash = hashOfNew(person, password);
        return transaction.execute(status -> account(withPassword(id, hash)));
    }

    @Transactional
    public void setUnits(long id, Units units) {
        if (units == null) {
            throw ProblemException.field("units", WORDS.say("chooseUsOrMetricUnits"));
        }
        store.setUnits(id, units);
    }

    /** Everybody's name, by id, of those who left too: records go on naming them. */
    @Transactional(readOnly = true)
    public Map<Long, String> names() {
        return store.names();
    }

    /** A person's name. */
    @Transactional(readOnly = true)
    public String named(long id) {
        return onFile(id).name();
    }

    private String name(InputValidator typed, String name, Long own) {
        String clean = Credentials.name(name);
        Optional<String> fault = Credentials.faultOfName(clean);
        if (fault.isPresent()) {
            typed.wrong("name", fault.get());
        } else if (store.named(clean)
                .filter(other -> own == null || other.id() != own)
                .isPresent()) {
            typed.wrong("name", WORDS.say("personWithThisName"));
        }
        return clean;
    }

    private static void password(InputValidator typed, String password, String name) {
        Credentials.faultOfPassword(password, name).ifPresent(fault -> typed.wrong("password", fault));
    }

    private StoredPerson onFile(long id) {
        return store.get(id).orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchPerson")));
    }

    private static Person person(StoredPerson one) {
        return new Person(
                one.id(), one.name(), one.role(), one.active(), one.passwordHash() != null || one.demo(), one.units());
    }

    private static Account account(StoredPerson one) {
        return new Account(one.id(), one.name(), one.role(), one.credentialsAt());
    }
}
