package rotagens.server.webhooks;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.WEBHOOK;
import static rotagens.server.storage.generated.Tables.WEBHOOK_MESSAGE;

import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
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
    private static final int MOST_AT_ONCE = 50;

    private final DSLContext db;
    private final People people;
    private final ChangeTracker changeTracker;
    private final JsonMapper json;
    private final Clock clock;

    Webhooks(DSLContext db, People people, ChangeTracker changeTracker, JsonMapper json, Clock clock) {
        this.db = db;
        this.people = people;
        this.changeTracker = changeTracker;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<WebhookView> all() {
        var waiting = DSL.field(DSL.selectCount()
                        .from(WEBHOOK_MESSAGE)
                        .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(WEBHOOK.ID), WEBHOOK_MESSAGE.NEXT_TRY_AT.isNotNull()))
                .as("waiting");
        var delivered = DSL.field(DSL.select(DSL.max(WEBHOOK_MESSAGE.DELIVERED_AT))
                        .from(WEBHOOK_MESSAGE)
                        .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(WEBHOOK.ID)))
                .as("delivered");
        var problem = DSL.field(DSL.select(WEBHOOK_MESSAGE.PROBLEM)
                        .from(WEBHOOK_MESSAGE)
                        .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(WEBHOOK.ID), WEBHOOK_MESSAGE.TRIES.gt(0))
                        .orderBy(WEBHOOK_MESSAGE.ID.desc())
                        .limit(1))
                .as("problem");
        return db.select(WEBHOOK.ID, WEBHOOK.ADDRESS, WEBHOOK.CREATED_AT, PERSON.NAME, waiting, delivered, problem)
                .from(WEBHOOK)
                .join(PERSON)
                .on(PERSON.ID.eq(WEBHOOK.PERSON_ID))
                .where(WEBHOOK.REVOKED_AT.isNull())
                .orderBy(WEBHOOK.ID)
                .fetch(row -> new WebhookView(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        row.value4(),
                        row.value5(),
                        row.value6(),
                        row.value7() == null ? "" : row.value7()));
    }

    @Transactional
    NewWebhookView add(WebhookRequest wish) {
        changeTracker.draftsOnly();
        String address = wish.address() == null ? "" : wish.address().strip();
        if (!isAddress(address)) {
            throw ProblemException.field(
                    "address", "Enter the whole address, for example https://dispatch.example.com/rotagens.");
        }
        if (db.fetchCount(WEBHOOK, WEBHOOK.REVOKED_AT.isNull()) >= MOST) {
            throw ProblemException.conflict("There are " + MOST + " addresses already. Take one back first.");
        }
        String secret = Secrets.random();
        long id = db.insertInto(WEBHOOK)
                .set(WEBHOOK.ADDRESS, address)
                .set(WEBHOOK.SECRET, secret)
                .set(WEBHOOK.CREATED_AT, clock.instant())
                .set(WEBHOOK.PERSON_ID, people.me())
                .returning(WEBHOOK.ID)
                .fetchSingle(WEBHOOK.ID);
        return new NewWebhookView(id, address, secret);
    }

    /** The secrets made for an address. */
    @Transactional(readOnly = true)
    List<String> secretsOf(String address) {
        return db.select(WEBHOOK.SECRET)
                .from(WEBHOOK)
                .where(WEBHOOK.ADDRESS.eq(address), WEBHOOK.REVOKED_AT.isNull())
                .fetch(WEBHOOK.SECRET);
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
        int revoked = db.update(WEBHOOK)
                .set(WEBHOOK.REVOKED_AT, clock.instant())
                .where(WEBHOOK.ID.eq(id), WEBHOOK.REVOKED_AT.isNull())
                .execute();
        if (revoked == 0) {
            throw ProblemException.notFound("There is no such address.");
        }
        db.update(WEBHOOK_MESSAGE)
                .setNull(WEBHOOK_MESSAGE.NEXT_TRY_AT)
                .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(id))
                .execute();
    }

    /** Keeps a message for every address, in the caller's transaction: told once it is committed, and not otherwise. */
    @Transactional
    public void send(Map<String, Object> message) {
        String body = json.writeValueAsString(message);
        Instant now = clock.instant();
        db.select(WEBHOOK.ID)
                .from(WEBHOOK)
                .where(WEBHOOK.REVOKED_AT.isNull())
                .fetch(WEBHOOK.ID)
                .forEach(id -> db.insertInto(WEBHOOK_MESSAGE)
                        .set(WEBHOOK_MESSAGE.WEBHOOK_ID, id)
                        .set(WEBHOOK_MESSAGE.BODY, body)
                        .set(WEBHOOK_MESSAGE.CREATED_AT, now)
                        .set(WEBHOOK_MESSAGE.NEXT_TRY_AT, now)
                        .execute());
    }

    /** Those whose time has come, oldest first. */
    @Transactional(readOnly = true)
    List<Due> due() {
        return db.select(
                        WEBHOOK_MESSAGE.ID,
                        WEBHOOK.ADDRESS,
                        WEBHOOK.SECRET,
                        WEBHOOK_MESSAGE.BODY,
                        WEBHOOK_MESSAGE.TRIES)
                .from(WEBHOOK_MESSAGE)
                .join(WEBHOOK)
                .on(WEBHOOK.ID.eq(WEBHOOK_MESSAGE.WEBHOOK_ID))
                .where(WEBHOOK_MESSAGE.NEXT_TRY_AT.le(clock.instant()))
                .orderBy(WEBHOOK_MESSAGE.ID)
                .limit(MOST_AT_ONCE)
                .fetch(row -> new Due(row.value1(), row.value2(), row.value3(), row.value4(), row.value5()));
    }

    @Transactional
    void delivered(Due message) {
        changeTracker.draftsOnly();
        db.update(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.DELIVERED_AT, clock.instant())
                .setNull(WEBHOOK_MESSAGE.NEXT_TRY_AT)
                .set(WEBHOOK_MESSAGE.TRIES, message.tries() + 1)
                .set(WEBHOOK_MESSAGE.PROBLEM, "")
                .where(WEBHOOK_MESSAGE.ID.eq(message.id()))
                .execute();
    }

    /** Tried again later, each time after a longer while; in the end it is given up and stays on file. */
    @Transactional
    void failed(Due message, String problem) {
        changeTracker.draftsOnly();
        db.update(WEBHOOK_MESSAGE)
                .set(
                        WEBHOOK_MESSAGE.NEXT_TRY_AT,
                        Retries.OVER_DAYS.next(message.tries(), clock.instant()).orElse(null))
                .set(WEBHOOK_MESSAGE.TRIES, message.tries() + 1)
                .set(WEBHOOK_MESSAGE.PROBLEM, Retries.OVER_DAYS.problem(message.tries(), problem))
                .where(WEBHOOK_MESSAGE.ID.eq(message.id()))
                .execute();
    }
}
