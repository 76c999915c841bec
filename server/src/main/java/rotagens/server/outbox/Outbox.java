package rotagens.server.outbox;

import static rotagens.server.storage.generated.Tables.OUTBOX_MESSAGE;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.web.Retries;

/** Mail that is written, in the order it was. */
@Service
public class Outbox {

    /**
     * One mail.
     *
     * @param sentAt when the mail server took it; null where it didn’t yet, or there is none
     * @param isWaiting whether it will be tried
     * @param problem why the last try failed
     */
    public record OutboxMessageView(
            long id,
            String recipient,
            String subject,
            String body,
            Instant at,
            String by,
            @Nullable Instant sentAt,
            boolean isWaiting,
            String problem) {}

    /** A mail whose time has come. */
    record Due(long id, String recipient, String subject, String body, int tries) {}

    private static final int SHOWN = 100;

    private final DSLContext db;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final boolean hasServer;

    Outbox(DSLContext db, ChangeTracker changeTracker, Clock clock, ObjectProvider<JavaMailSender> server) {
        this.hasServer = server.getIfAvailable() != null;
        this.changeTracker = changeTracker;
        this.db = db;
        this.clock = clock;
    }

    /** Writes a mail in somebody's name; gives its id. */
    @Transactional
    public long add(String recipient, String subject, String body, long personId) {
        return db.insertInto(OUTBOX_MESSAGE)
                .set(OUTBOX_MESSAGE.RECIPIENT, recipient)
                .set(OUTBOX_MESSAGE.SUBJECT, subject)
                .set(OUTBOX_MESSAGE.BODY, body)
                .set(OUTBOX_MESSAGE.CREATED_AT, clock.instant())
                .set(OUTBOX_MESSAGE.PERSON_ID, personId)
                // Without a server nothing waits: mail of last month must not go out on the day one is set.
                .set(OUTBOX_MESSAGE.NEXT_TRY_AT, hasServer ? clock.instant() : null)
                .returning(OUTBOX_MESSAGE.ID)
                .fetchSingle(OUTBOX_MESSAGE.ID);
    }

    /** To whom the newest mail went whose subject begins so. */
    @Transactional(readOnly = true)
    public Optional<String> recipientOf(String subject) {
        return db.select(OUTBOX_MESSAGE.RECIPIENT)
                .from(OUTBOX_MESSAGE)
                .where(OUTBOX_MESSAGE.SUBJECT.startsWith(subject))
                .orderBy(OUTBOX_MESSAGE.ID.desc())
                .limit(1)
                .fetchOptional(OUTBOX_MESSAGE.RECIPIENT);
    }

    @Transactional(readOnly = true)
    public List<OutboxMessageView> all() {
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
    @Transactional(readOnly = true)
    List<Due> due() {
        return db.selectFrom(OUTBOX_MESSAGE)
                .where(OUTBOX_MESSAGE.NEXT_TRY_AT.le(clock.instant()))
                .orderBy(OUTBOX_MESSAGE.ID)
                .limit(SHOWN)
                .fetch(row ->
                        new Due(row.getId(), row.getRecipient(), row.getSubject(), row.getBody(), row.getTries()));
    }

    @Transactional
    void sent(Due mail) {
        changeTracker.draftsOnly();
        db.update(OUTBOX_MESSAGE)
                .set(OUTBOX_MESSAGE.SENT_AT, clock.instant())
                .setNull(OUTBOX_MESSAGE.NEXT_TRY_AT)
                .set(OUTBOX_MESSAGE.TRIES, mail.tries() + 1)
                .set(OUTBOX_MESSAGE.PROBLEM, "")
                .where(OUTBOX_MESSAGE.ID.eq(mail.id()))
                .execute();
    }

    /** Tried again later, each time after a longer while, and in the end given up. */
    @Transactional
    void failed(Due mail, String problem) {
        changeTracker.draftsOnly();
        db.update(OUTBOX_MESSAGE)
                .set(
                        OUTBOX_MESSAGE.NEXT_TRY_AT,
                        Retries.OVER_DAYS.next(mail.tries(), clock.instant()).orElse(null))
                .set(OUTBOX_MESSAGE.TRIES, mail.tries() + 1)
                .set(OUTBOX_MESSAGE.PROBLEM, Retries.OVER_DAYS.problem(mail.tries(), problem))
                .where(OUTBOX_MESSAGE.ID.eq(mail.id()))
                .execute();
    }
}
