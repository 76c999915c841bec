package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.storage.generated.Tables;
import rotagens.server.storage.generated.tables.records.YardRecord;

class BatchInsertTest {

    private Connection connection;
    private DSLContext db;

    @BeforeEach
    void open() throws SQLException {
        connection = DriverManager.getConnection("jdbc:sqlite::memory:");
        db = DSL.using(connection, SQLDialect.SQLITE);
        db.execute("create table yard (id integer primary key, name text not null default 'Main yard')");
    }

    @AfterEach
    void close() throws SQLException {
        connection.close();
    }

    private YardRecord yard(long id) {
        YardRecord yard = db.newRecord(Tables.YARD);
        yard.setId(id);
        return yard;
    }

    @Test
    @DisplayName("rows that say different things are all stored, and what a row leaves out gets the table’s default")
    void defaults() {
        YardRecord named = yard(2);
        named.setName("North yard");
        BatchInsert.into(db, List.of(yard(1), named, yard(3)));
        assertThat(db.resultQuery("select id || ' ' || name from yard order by id")
                        .fetchInto(String.class))
                .containsExactly("1 Main yard", "2 North yard", "3 Main yard");
    }

    @Test
    @DisplayName("no rows are no statement")
    void none() {
        BatchInsert.into(db, List.<YardRecord>of());
        assertThat(db.resultQuery("select id from yard").fetch()).isEmpty();
    }
}
