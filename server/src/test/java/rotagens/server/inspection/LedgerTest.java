package rotagens.server.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.server.storage.generated.Tables.INSTALLATION;

import java.time.Instant;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
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
        assertThatThrownBy(() -> write("UPDATE " + table + " SET id = id")).hasMessageContaining("never");
        assertThatThrownBy(() -> write("DELETE FROM " + table)).hasMessageContaining("never");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "pressure_method_choice",
                "chalk_test_pass",
                "chalk_test_result",
                "warning_threshold",
                "load_state_setting",
                "body_change",
                "policy_setting",
                "policy_choice",
                "relearn_procedure"
            })
    @DisplayName("what people decided is taken back by a newer line, never changed or deleted")
    void decisionsStay(String table) {
        assertThat(db.fetchValue("SELECT count(*) FROM sqlite_master WHERE type = 'trigger' AND tbl_name = '" + table
                        + "' AND sql LIKE '%RAISE(ABORT%'"))
                .hasToString("2");
        if (db.fetchCount(DSL.table(table)) > 0) {
            assertThatThrownBy(() -> write("UPDATE " + table + " SET id = id")).hasMessageContaining("never changed");
            assertThatThrownBy(() -> write("DELETE FROM " + table)).hasMessageContaining("never deleted");
        }
    }

    @Test
    @DisplayName("a tire is in one place and a place holds one tire")
    void oneTireOnePlace() {
        var some = db.selectFrom(INSTALLATION).limit(2).fetch();
        for (var taken : new Object[][] {
            {some.get(0).getTireId(), some.get(1).getPositionId()},
            {some.get(1).getTireId(), some.get(0).getPositionId()}
        }) {
            assertThatThrownBy(() -> new TransactionTemplate(transactions)
                            .executeWithoutResult(status -> db.insertInto(INSTALLATION)
                                    .set(INSTALLATION.TIRE_ID, (Long) taken[0])
                                    .set(INSTALLATION.POSITION_ID, (Long) taken[1])
                                    .set(INSTALLATION.INSTALLED_AT, Instant.EPOCH)
                                    .execute()))
                    .isInstanceOf(DataAccessException.class);
        }
    }

    @Test
    @DisplayName("a tire on a vehicle can't be laid in stock, and one in stock can't be on a vehicle")
    void vehicleOrStock() {
        long fitted = (Integer) db.fetchValue("SELECT min(tire_id) FROM installation");
        long lying = (Integer) db.fetchValue("SELECT min(tire_id) FROM stock");
        assertThatThrownBy(() -> write("INSERT INTO stock (tire_id, state, stored_at) VALUES (" + fitted
                        + ", 'IN_STOCK', '2026-01-01T00:00:00.000Z')"))
                .hasMessageContaining("a tire is in one place");
        assertThatThrownBy(() -> write("INSERT INTO installation (tire_id, position_id, installed_at) SELECT " + lying
                        + ", min(id), '2026-01-01T00:00:00.000Z' FROM position"))
                .hasMessageContaining("a tire is in one place");
    }

    @Test
    @DisplayName("every tire on file is somewhere: on a vehicle or in stock")
    void nowhere() {
        assertThat(db.fetchValue("SELECT count(*) FROM tire WHERE id NOT IN (SELECT tire_id FROM installation)"
                        + " AND id NOT IN (SELECT tire_id FROM stock)"))
                .hasToString("0");
    }

    @Test
    @DisplayName("two unit numbers never differ in case alone")
    void unitsInAnyCase() {
        assertThatThrownBy(() -> write("UPDATE vehicle SET unit = 'lc-01' WHERE unit = 'LC-02'"))
                .hasMessageContaining("UNIQUE");
    }

    @Test
    @DisplayName("what is written is found by the jump index at once, whoever wrote it")
    void indexFollows() {
        write("UPDATE tire SET tire_number = 'ZZ-4711' WHERE id = 1");
        assertThat(db.fetchValue("SELECT count(*) FROM search_fts WHERE search_fts MATCH '\"Z471\"'"))
                .hasToString("1");
        write("UPDATE tire SET tire_number = NULL WHERE id = 1");
        assertThat(db.fetchValue("SELECT count(*) FROM search_fts WHERE search_fts MATCH '\"Z471\"'"))
                .hasToString("0");
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
