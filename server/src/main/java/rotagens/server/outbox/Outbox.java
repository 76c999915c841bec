package rotagens.server.outbox;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
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

    private final OutboxStore store;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final boolean hasServer;

    Outbox(OutboxStore store, ChangeTracker changeTracker, Clock clock, ObjectProvider<JavaMailSender> server) {
        this.hasServer = server.getIfAvailable() != null;
        this.changeTracker = changeTracker;
        this.store = store;
        this.clock = clock;
    }

    /** Writes a mail in somebody's name; gives its id. */
    @Transactional
    public long add(String recipient, String subject, String body, long personId) {
        // Without a server nothing waits: mail of last month must not go out on the day one is set.
        Instant now = clock.instant();
        return store.add(recipient, subject, body, now, personId, hasServer ? now : null);
    }

    /** To whom the newest mail went whose subject begins so. */
    @Transactional(readOnly = true)
    public Optional<String> recipientOf(String subject) {
        return store.recipientOf(subject);
    }

    @Transactional(readOnly = true)
    public List<OutboxMessageView> all() {
        return store.newest();
    }

    /** Those whose time has come, oldest first. */
    @Transactional(readOnly = true)
    List<Due> due() {
        return store.due(clock.instant());
    }

    @Transactional
    void sent(Due mail) {
        changeTracker.draftsOnly();
        store.tried(mail, clock.instant(), null, "");
    }

    /** Tried again later, each time after a longer while, and in the end given up. */
    @Transactional
    void failed(Due mail, String problem) {
        changeTracker.draftsOnly();
        store.tried(
                mail,
                null,
                Retries.OVER_DAYS.next(mail.tries(), clock.instant()).orElse(null),
                Retries.OVER_DAYS.problem(mail.tries(), problem));
    }
}
