package rotagens.server.webhooks;

import static rotagens.server.webhooks.WebhooksWords.WORDS;

import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.people.People;
import rotagens.server.web.ProblemException;
import rotagens.server.web.Retries;
import rotagens.server.web.Secrets;
import tools.jackson.databind.json.JsonMapper;

/** The addresses other systems are told at, and the messages that wait to be sent. */
@Service
public class Webhooks {

    /**
     * An address as people see it.
     *
     * @param waiting messages not taken yet
     * @param problem why the last try failed; empty where it didn’t
     */
    record WebhookView(
            long id,
            String address,
            Instant createdAt,
            String by,
            int waiting,
            @Nullable Instant lastDeliveredAt,
            String problem) {}

    /** @param secret shown once, to check signatures with */
    record NewWebhookView(long id, String address, String secret) {}

    record WebhookRequest(@Nullable String address) {}

    /** A message whose time has come. */
    record Due(long id, String address, String secret, String body, int tries) {}

    private static final int MOST = 20;
    private static final int LONGEST_ADDRESS = 300;

    private final WebhookStore store;
    private final People people;
    private final ChangeTracker changeTracker;
    private final JsonMapper json;
    private final Clock clock;

    Webhooks(WebhookStore store, People people, ChangeTracker changeTracker, JsonMapper json, Clock clock) {
        this.store = store;
        this.people = people;
        this.changeTracker = changeTracker;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<WebhookView> all() {
        return store.all();
    }

    @Transactional
    NewWebhookView add(WebhookRequest wish) {
        changeTracker.draftsOnly();
        String address = wish.address() == null ? "" : wish.address().strip();
        if (!isAddress(address)) {
            throw ProblemException.field("address", WORDS.say("enterTheWholeAddress"));
        }
        if (store.count() >= MOST) {
            throw ProblemException.conflict(WORDS.say("thereAreAddressesAlreadyTake", "most", MOST));
        }
        String secret = Secrets.random();
        long id = store.add(address, secret, clock.instant(), people.me());
        return new NewWebhookView(id, address, secret);
    }

    /** The secrets made for an address. */
    @Transactional(readOnly = true)
    List<String> secretsOf(String address) {
        return store.secretsOf(address);
    }

    private static boolean isAddress(String address) {
        try {
            URI uri = URI.create(address);
            String scheme = uri.getScheme() == null ? "" : uri.getScheme().toLowerCase(Locale.ROOT);
            return address.length() <= LONGEST_ADDRESS
                    && (scheme.equals("https") || scheme.equals("http"))
                    && uri.getHost() != null
                    && uri.getUserInfo() == null;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** Nothing is sent there any more; what still waits is given up. */
    @Transactional
    void revoke(long id) {
        changeTracker.draftsOnly();
        if (!store.revoke(id, clock.instant())) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchAddress"));
        }
    }

    /** Keeps a message for every address, in the caller's transaction: told once it is committed, and not otherwise. */
    @Transactional
    public void send(Map<String, Object> message) {
        store.addToAll(json.writeValueAsString(message), clock.instant());
    }

    /** Those whose time has come, oldest first. */
    @Transactional(readOnly = true)
    List<Due> due() {
        return store.due(clock.instant());
    }

    @Transactional
    void delivered(Due message) {
        changeTracker.draftsOnly();
        store.tried(message, clock.instant(), null, "");
    }

    /** Tried again later, each time after a longer while; in the end it is given up and stays on file. */
    @Transactional
    void failed(Due message, String problem) {
        changeTracker.draftsOnly();
        store.tried(
                message,
                null,
                Retries.OVER_DAYS.next(message.tries(), clock.instant()).orElse(null),
                Retries.OVER_DAYS.problem(message.tries(), problem));
    }
}
