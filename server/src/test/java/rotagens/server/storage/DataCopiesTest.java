package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.ServerTest;

@ServerTest
class DataCopiesTest {

    @Autowired
    DataCopies copies;

    @Autowired
    DSLContext db;

    @Autowired
    PlatformTransactionManager transactions;

    @Autowired
    @Qualifier("writer")
    HikariDataSource writer;

    @Value("${rotagens.data}")
    Path data;

    private long yards() {
        return ((Number) db.fetchValue("select count(*) from yard")).longValue();
    }

    @Test
    @DisplayName("what is tried out on a copy is seen there, is gone afterwards, and never waits for the writer")
    void triedOut() throws Exception {
        long before = yards();
        try (Connection held = writer.getConnection()) {
            assertThat(held.isClosed()).isFalse();
            assertThat(copies.<Long>tryOut(() -> {
                        db.execute("insert into yard (name) values ('Tried out')");
                        return yards();
                    }))
                    .isEqualTo(before + 1);
        }
        assertThat(yards()).isEqualTo(before);
        try (var files = Files.list(data)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .noneMatch(name -> name.startsWith("trying-out"));
        }
    }

    @Test
    @DisplayName("work that fails on its copy leaves the thread on the data again")
    void failed() {
        assertThatThrownBy(() -> copies.tryOut(() -> {
                    throw new IllegalArgumentException("wrong");
                }))
                .isInstanceOf(IllegalArgumentException.class);
        new TransactionTemplate(transactions)
                .executeWithoutResult(status -> db.execute("insert into yard (name) values ('Real yard')"));
        assertThat(db.fetchValue("select count(*) from yard where name = 'Real yard'"))
                .isEqualTo(1);
    }

    @Test
    @DisplayName("inside a transaction of the data it is refused")
    void inside() {
        assertThatThrownBy(() -> new TransactionTemplate(transactions)
                        .executeWithoutResult(status -> copies.tryOut(() -> "never")))
                .isInstanceOf(IllegalStateException.class);
    }
}
