package rotagens.server.outbox;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import jakarta.mail.internet.MimeMessage;
import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;

@ServerTest
class MailSenderTest {

    @Autowired
    MockMvc http;

    @Autowired
    Outbox outbox;

    @Autowired
    MailSender sender;

    @Autowired
    GreenMail server;

    @Autowired
    DSLContext db;

    private long anybody() {
        return ((Number) db.fetchValue("select min(id) from person")).longValue();
    }

    @Test
    @DisplayName("what is written leaves by SMTP as it was written, once, and the outbox says when")
    void sent() throws Exception {
        outbox.add(
                "stock@supplier.example",
                "Order 7: größere Reifen\r\nBcc: x@y.example",
                "4 × 245/70R19.5 — 136/134M",
                anybody());
        sender.sendDue();
        sender.sendDue();
        MimeMessage[] came = server.getReceivedMessages();
        assertThat(came).hasSize(1);
        assertThat(came[0].getSubject()).startsWith("Order 7: größere Reifen");
        assertThat(came[0].getAllRecipients()).extracting(String::valueOf).containsExactly("stock@supplier.example");
        assertThat(String.valueOf(came[0].getContent())).contains("4 × 245/70R19.5 — 136/134M");
        assertThat(new Api(http)
                        .get("/api/outbox")
                        .body()
                        .path(0)
                        .path("sentAt")
                        .asString())
                .isNotEmpty();
    }

    @Test
    @DisplayName("a server that is gone leaves the mail waiting, with the reason where people look")
    void waits() {
        server.stop();
        outbox.add("shop@fleet.example", "Handed over", "LC-01", anybody());
        sender.sendDue();
        assertThat(new Api(http).get("/api/outbox").text())
                .contains("The mail server did not take it.")
                .contains("\"isWaiting\":true");
        server.start();
    }
}
