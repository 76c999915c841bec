package rotagens.server.outbox;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import rotagens.server.ServerTest;
import rotagens.server.outbox.Outbox.OutboxMessageView;

@ServerTest
class OutboxTest {

    @Autowired
    Outbox outbox;

    @Test
    @DisplayName("mail stands newest first with who wrote it, and is found by the beginning of its subject alone")
    void newestFirst() {
        outbox.add("first@fleet.example", "Larch 1, two tires", "Please deliver.", 1);
        long second = outbox.add("second@fleet.example", "Larch 1, once more", "Please deliver.", 1);
        OutboxMessageView newest = outbox.all().get(0);
        assertThat(newest.id()).isEqualTo(second);
        assertThat(newest.by()).isNotBlank();
        assertThat(outbox.recipientOf("Larch 1,")).contains("second@fleet.example");
        assertThat(outbox.recipientOf("arch 1")).isEmpty();
        // What means something in a pattern is a letter here.
        assertThat(outbox.recipientOf("Larch _")).isEmpty();
        assertThat(outbox.recipientOf("Larch %")).isEmpty();
    }
}
