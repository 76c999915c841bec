package rotagens.server.machines;

import static rotagens.server.machines.MachinesWords.WORDS;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.people.PeopleByName;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;
import rotagens.server.web.Secrets;

/** The tokens of machines. A token is told once; only its digest is kept, and it can be taken back at any time. */
@Service
public class MachineTokens {

    /**
     * A token as people see it.
     *
     * @param scopes what it may send
     */
    record MachineTokenView(
            long id,
            String name,
            List<TokenScope> scopes,
            Instant createdAt,
            String by,
            @Nullable Instant lastUsedAt) {}

    /** @param token shown once: only its digest is kept */
    record NewMachineTokenView(long id, String name, String token) {}

    record MachineTokenRequest(
            @Nullable String name, @Nullable List<TokenScope> scopes) {}

    /** Whoever holds a token: the person its entries name, and what it may send. */
    public record Machine(
            long tokenId,
            long personId,
            Set<TokenScope> scopes,
            @Nullable Instant lastUsedAt) {}

    private static final String PREFIX = "rtg_";
    private static final int MOST = 100;
    private static final int LONGEST_NAME = 40;
    private static final Duration USE_IS_NOTED_EVERY = Duration.ofMinutes(10);

    private final MachineTokenStore store;
    private final People people;
    private final PeopleByName byName;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    MachineTokens(
            MachineTokenStore store, People people, PeopleByName byName, ChangeTracker changeTracker, Clock clock) {
        this.store = store;
        this.people = people;
        this.byName = byName;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<MachineTokenView> all() {
        return store.all();
    }

    @Transactional
    NewMachineTokenView add(MachineTokenRequest wish) {
        changeTracker.draftsOnly();
        InputValidator wrong = new InputValidator();
        String name = wrong.text("name", wish.name(), LONGEST_NAME);
        wrong.unless(!name.isEmpty(), "name", WORDS.say("sayWhichMachine"));
        wrong.unless(wish.scopes() != null && !wish.scopes().isEmpty(), "scopes", WORDS.say("chooseAtLeastOneThing"));
        wrong.refuseIfWrong();
        if (store.count() >= MOST) {
            throw ProblemException.conflict(WORDS.say("thereAreTokensAlreadyTake", "most", MOST));
        }
        String token = PREFIX + Secrets.random();
        long id = store.add(
                name, Secrets.digest(token), wish.scopes(), byName.machine(name), clock.instant(), people.me());
        return new NewMachineTokenView(id, name, token);
    }

    /** From now on it is nobody’s. */
    @Transactional
    void revoke(long id) {
        changeTracker.draftsOnly();
        if (!store.revoke(id, clock.instant())) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchToken"));
        }
    }

    /** Whose token this is; empty where it is nobody’s, or was taken back. */
    @Transactional(readOnly = true)
    public Optional<Machine> of(String token) {
        return store.of(Secrets.digest(token));
    }

    /** Whether its use was noted long enough ago to be noted again: a stream of samples shouldn't write each time. */
    public boolean isToBeNoted(Machine machine) {
        return machine.lastUsedAt() == null
                || machine.lastUsedAt().isBefore(clock.instant().minus(USE_IS_NOTED_EVERY));
    }

    /** Notes that it was used. */
    @Transactional
    public void used(Machine machine) {
        changeTracker.draftsOnly();
        store.used(machine.tokenId(), clock.instant());
    }
}
