package rotagens.server.outbox;

import static rotagens.server.storage.generated.Tables.OUTBOX_MESSAGE;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mail that is written, in the order it was. */
@Service
public class Outbox {

    /** One mail. */
    public record OutboxMessageView(long id, String recipient, String subject, String body, Instant at, String by) {}

    private static final int SHOWN = 100;

    private final DSLContext db;
    private final Clock clock;

    Outbox(DSLContext db, Clock clock) {
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
                        row.get(PERSON.NAME)));
    }
}
