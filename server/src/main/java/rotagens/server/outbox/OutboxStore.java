package rotagens.server.outbox;

import static rotagens.server.storage.generated.Tables.OUTBOX_MESSAGE;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import rotagens.server.outbox.Outbox.Due;
import rotagens.server.outbox.Outbox.OutboxMessageView;

/** Mail as it was written, and what became of it. */
@Repository
class OutboxStore {

    private static final int SHOWN = 100;

    private final DSLContext db;

    OutboxStore(DSLContext db) {
        this.db = db;
    }

    /** @param nextTry when it is to be sent; null where there is no mail server */
    long add(String recipient, String subject, String body, Instant at, long by, @Nullable Instant nextTry) {
        return db.insertInto(OUTBOX_MESSAGE)
                .set(OUTBOX_MESSAGE.RECIPIENT, recipient)
                .set(OUTBOX_MESSAGE.SUBJECT, subject)
                .set(OUTBOX_MESSAGE.BODY, body)
                .set(OUTBOX_MESSAGE.CREATED_AT, at)
                .set(OUTBOX_MESSAGE.PERSON_ID, by)
                .set(OUTBOX_MESSAGE.NEXT_TRY_AT, nextTry)
                .returning(OUTBOX_MESSAGE.ID)
                .fetchSingle(OUTBOX_MESSAGE.ID);
    }

    /** To whom the newest mail went whose subject begins so. */
    Optional<String> recipientOf(String subject) {
        return db.select(OUTBOX_MESSAGE.RECIPIENT)
                .from(OUTBOX_MESSAGE)
                .where(OUTBOX_MESSAGE.SUBJECT.startsWith(subject))
                .orderBy(OUTBOX_MESSAGE.ID.desc())
                .limit(1)
                .fetchOptional(OUTBOX_MESSAGE.RECIPIENT);
    }

    /** The newest, first. */
    List<OutboxMessageView> newest() {
        return db.select(OUTBOX_MESSAGE.asterisk(), PERSON.NAME)
                .from(OUTBOX_MESSAGE)
                .join(PERSON)
                .on(PERSON.ID.eq(OUTBOX_MESSAGE.PERSON_ID))
                .orderBy(OUTBOX_MESSAGE.ID.desc())
                .limit(SHOWN)
                .fetch(row -> new OutboxMessageView(
                        row.get(OUTBOX_MESSAGE.ID),
                        row.get(OUTBOX_MESSAGE.RECIPIENT),
                        row.get(OUTBOX_MESSAGE.SUBJECT),
                        row.get(OUTBOX_MESSAGE.BODY),
                        row.get(OUTBOX_MESSAGE.CREATED_AT),
                        row.get(PERSON.NAME),
                        row.get(OUTBOX_MESSAGE.SENT_AT),
                        row.get(OUTBOX_MESSAGE.NEXT_TRY_AT) != null,
                        row.get(OUTBOX_MESSAGE.PROBLEM)));
    }

    /** Those whose time has come, oldest first. */
    List<Due> due(Instant now) {
        return db.selectFrom(OUTBOX_MESSAGE)
                .where(OUTBOX_MESSAGE.NEXT_TRY_AT.le(now))
                .orderBy(OUTBOX_MESSAGE.ID)
                .limit(SHOWN)
                .fetch(row ->
                        new Due(row.getId(), row.getRecipient(), row.getSubject(), row.getBody(), row.getTries()));
    }

    /**
     * What came of one more try.
     *
     * @param sentAt when the mail server took it; null where it didn’t
     * @param nextTry when it is tried again; null where it isn’t
     */
    void tried(Due mail, @Nullable Instant sentAt, @Nullable Instant nextTry, String problem) {
        db.update(OUTBOX_MESSAGE)
                .set(OUTBOX_MESSAGE.SENT_AT, sentAt)
                .set(OUTBOX_MESSAGE.NEXT_TRY_AT, nextTry)
                .set(OUTBOX_MESSAGE.TRIES, mail.tries() + 1)
                .set(OUTBOX_MESSAGE.PROBLEM, problem)
                .where(OUTBOX_MESSAGE.ID.eq(mail.id()))
                .execute();
    }
}
