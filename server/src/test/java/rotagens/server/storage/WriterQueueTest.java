package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import rotagens.server.ServerTest;

@ServerTest
class WriterQueueTest {

    @Autowired
    WriterQueue queue;

    @Autowired
    @Qualifier("writer")
    HikariDataSource writer;

    @Test
    @DisplayName("whoever works part by part goes on only once everybody who waits to save has had the writer")
    void othersFirst() throws Exception {
        queue.letOthersGo();
        Connection part = writer.getConnection();
        CompletableFuture<Connection> save = CompletableFuture.supplyAsync(() -> {
            try {
                return writer.getConnection();
            } catch (java.sql.SQLException e) {
                throw new IllegalStateException(e);
            }
        });
        while (queue.waiting() == 0) {
            Thread.onSpinWait();
        }
        CompletableFuture<Void> nextPart = CompletableFuture.runAsync(queue::letOthersGo);
        assertThatThrownBy(() -> nextPart.get(300, TimeUnit.MILLISECONDS))
                .as("goes on although somebody waits to save")
                .isInstanceOf(TimeoutException.class);
        part.close();
        nextPart.get(10, TimeUnit.SECONDS);
        try (Connection saved = save.get(10, TimeUnit.SECONDS)) {
            assertThat(saved.isClosed()).isFalse();
            assertThat(queue.waiting()).isZero();
        }
    }
}
