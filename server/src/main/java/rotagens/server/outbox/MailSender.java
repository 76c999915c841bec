package rotagens.server.outbox;

import static rotagens.server.outbox.OutboxWords.WORDS;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Hands what waits to the mail server, outside any transaction. */
@Component
class MailSender {

    private static final Logger LOG = LoggerFactory.getLogger(MailSender.class);

    private final Outbox outbox;
    private final ObjectProvider<JavaMailSender> server;
    private final String from;

    MailSender(
            Outbox outbox,
            ObjectProvider<JavaMailSender> server,
            @Value("${rotagens.mail.from:rotagens@localhost}") String from) {
        this.outbox = outbox;
        this.server = server;
        this.from = from;
    }

    @Scheduled(initialDelayString = "PT5S", fixedDelayString = "PT5S")
    void sendDue() {
        JavaMailSender here = server.getIfAvailable();
        if (here == null) {
            return;
        }
        for (Outbox.Due mail : outbox.due()) {
            try {
                here.send(letter(here, mail));
                outbox.sent(mail);
            } catch (MessagingException | MailException e) {
                LOG.warn("A mail was not taken: {}", e.getMessage());
                outbox.failed(mail, WORDS.say("mailServerDidNotTake"));
            }
        }
    }

    private MimeMessage letter(JavaMailSender here, Outbox.Due mail) throws MessagingException {
        MimeMessage letter = here.createMimeMessage();
        MimeMessageHelper helper = new MimeMessageHelper(letter, "UTF-8");
        helper.setFrom(from);
        helper.setTo(mail.recipient());
        helper.setSubject(mail.subject());
        helper.setText(mail.body());
        return letter;
    }
}
