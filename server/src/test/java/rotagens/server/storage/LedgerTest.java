package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.server.storage.generated.Tables.FITMENT;

import java.time.Instant;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.ServerTest;
import rotagens.server.people.People;
import rotagens.server.people.Role;

@ServerTest
class LedgerTest {

    @Autowired
    DSLContext db;

    @Autowired
    PlatformTransactionManager transactions;

    @Autowired
    People people;

    private void write(String sql) {
        new TransactionTemplate(transactions).executeWithoutResult(status -> db.execute(sql));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"reading", "finding", "tire_movement", "tire_dot", "odometer_reading", "professional_inspection"
            })
    @DisplayName("facts are never changed or deleted")
    void appendOnly(String table) {
        assertThatThrownBy(() -> write("UPDATE " + table + " SET at = '2000-01-01T00:00:00.000Z'"))
                .hasMessageContaining("never");
        assertThatThrownBy(() -> write("DELETE FROM " + table)).hasMessageContaining("never");
    }

    @Test
    @DisplayName("a tire is in one place and a place holds one tire")
    void oneTireOnePlace() {
        var some = db.selectFrom(FITMENT).limit(2).fetch();
        for (var taken : new Object[][] {
            {some.get(0).getTireId(), some.get(1).getPlaceId()},
            {some.get(1).getTireId(), some.get(0).getPlaceId()}
        }) {
            assertThatThrownBy(() -> new TransactionTemplate(transactions)
                            .executeWithoutResult(status -> db.insertInto(FITMENT)
                                    .set(FITMENT.TIRE_ID, (Long) taken[0])
                                    .set(FITMENT.PLACE_ID, (Long) taken[1])
                                    .set(FITMENT.AT, Instant.EPOCH)
                                    .execute()))
                    .isInstanceOf(DataAccessException.class);
        }
    }

    @Test
    @DisplayName("writes are on disk when acknowledged: WAL, full synchronisation, foreign keys on")
    void durable() {
        new TransactionTemplate(transactions).executeWithoutResult(status -> {
            assertThat(db.fetchValue("PRAGMA journal_mode")).hasToString("wal");
            assertThat(db.fetchValue("PRAGMA synchronous")).hasToString("2");
            assertThat(db.fetchValue("PRAGMA foreign_keys")).hasToString("1");
        });
    }

    @Test
    @DisplayName("a reader can't write")
    void readersDontWrite() {
        TransactionTemplate reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        assertThatThrownBy(() -> reading.executeWithoutResult(status -> db.execute("DELETE FROM idempotent_answer")))
                .isInstanceOf(DataAccessException.class);
    }

    @Test
    @DisplayName("a write that fails half way leaves nothing behind")
    void allOrNothing() {
        int before = people.all().size();
        assertThatThrownBy(() -> new TransactionTemplate(transactions).executeWithoutResult(status -> {
                    people.addWithoutPassword("Somebody New", Role.TECHNICIAN, false);
                    throw new IllegalStateException("half way");
                }))
                .hasMessage("half way");
        assertThat(people.all()).hasSize(before);
    }
}
