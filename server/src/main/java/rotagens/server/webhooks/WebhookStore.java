package rotagens.server.webhooks;

import static rotagens.server.storage.generated.Tables.PERSON;
import static rotagens.server.storage.generated.Tables.WEBHOOK;
import static rotagens.server.storage.generated.Tables.WEBHOOK_MESSAGE;

import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.server.webhooks.Webhooks.Due;
import rotagens.server.webhooks.Webhooks.WebhookView;

/** Addresses and the messages kept for them. */
@Repository
class WebhookStore {

    private static final int MOST_AT_ONCE = 50;

    private final DSLContext db;

    WebhookStore(DSLContext db) {
        this.db = db;
    }

    /** Those nobody has taken back. */
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

    int count() {
        return db.fetchCount(WEBHOOK, WEBHOOK.REVOKED_AT.isNull());
    }

    long add(String address, String secret, Instant at, long by) {
        return db.insertInto(WEBHOOK)
                .set(WEBHOOK.ADDRESS, address)
                .set(WEBHOOK.SECRET, secret)
                .set(WEBHOOK.CREATED_AT, at)
                .set(WEBHOOK.PERSON_ID, by)
                .returning(WEBHOOK.ID)
                .fetchSingle(WEBHOOK.ID);
    }

    /** The secrets made for an address. */
    List<String> secretsOf(String address) {
        return db.select(WEBHOOK.SECRET)
                .from(WEBHOOK)
                .where(WEBHOOK.ADDRESS.eq(address), WEBHOOK.REVOKED_AT.isNull())
                .fetch(WEBHOOK.SECRET);
    }

    /** Takes an address back; what still waits for it is given up. Says whether there was one. */
    boolean revoke(long id, Instant at) {
        int revoked = db.update(WEBHOOK)
                .set(WEBHOOK.REVOKED_AT, at)
                .where(WEBHOOK.ID.eq(id), WEBHOOK.REVOKED_AT.isNull())
                .execute();
        db.update(WEBHOOK_MESSAGE)
                .setNull(WEBHOOK_MESSAGE.NEXT_TRY_AT)
                .where(WEBHOOK_MESSAGE.WEBHOOK_ID.eq(id))
                .execute();
        return revoked > 0;
    }

    /** Keeps a message for every address. */
    void addToAll(String body, Instant now) {
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
    List<Due> due(Instant now) {
        return db.select(
                        WEBHOOK_MESSAGE.ID,
                        WEBHOOK.ADDRESS,
                        WEBHOOK.SECRET,
                        WEBHOOK_MESSAGE.BODY,
                        WEBHOOK_MESSAGE.TRIES)
                .from(WEBHOOK_MESSAGE)
                .join(WEBHOOK)
                .on(WEBHOOK.ID.eq(WEBHOOK_MESSAGE.WEBHOOK_ID))
                .where(WEBHOOK_MESSAGE.NEXT_TRY_AT.le(now))
                .orderBy(WEBHOOK_MESSAGE.ID)
                .limit(MOST_AT_ONCE)
                .fetch(row -> new Due(row.value1(), row.value2(), row.value3(), row.value4(), row.value5()));
    }

    /**
     * What came of one more try.
     *
     * @param deliveredAt when it was taken; null where it wasn’t
     * @param nextTry when it is tried again; null where it isn’t
     */
    void tried(Due message, @Nullable Instant deliveredAt, @Nullable Instant nextTry, String problem) {
        db.update(WEBHOOK_MESSAGE)
                .set(WEBHOOK_MESSAGE.DELIVERED_AT, deliveredAt)
                .set(WEBHOOK_MESSAGE.NEXT_TRY_AT, nextTry)
                .set(WEBHOOK_MESSAGE.TRIES, message.tries() + 1)
                .set(WEBHOOK_MESSAGE.PROBLEM, problem)
                .where(WEBHOOK_MESSAGE.ID.eq(message.id()))
                .execute();
    }
}
