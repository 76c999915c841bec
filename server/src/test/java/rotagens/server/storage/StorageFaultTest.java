package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rotagens.server.storage.generated.Tables.ODOMETER_READING;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Optional;
import javax.sql.DataSource;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.core.measure.Distance;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import rotagens.server.vehicle.OdometerStore;

@ServerTest
@TestPropertySource(properties = "rotagens.writer-waits=400ms")
class StorageFaultTest {

    @Autowired
    MockMvc http;

    @Autowired
    DSLContext db;

    @Autowired
    @Qualifier("writer")
    DataSource writer;

    @Autowired
    PlatformTransactionManager transactions;

    @Autowired
    OdometerStore odometerStore;

    @Value("${rotagens.data}")
    Path data;

    Api api;
    private static int miles = 900_000;

    @BeforeEach
    void signIn() {
        api = new Api(http);
    }

    @Test
    @DisplayName("the data folder is its owner's alone")
    void ownersAlone() throws Exception {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data)))
                .isEqualTo("rwx------");
    }

    /** More miles each time it is asked. */
    private Api.Answer odometer() {
        return api.post(
                "/api/vehicles/" + api.vehicle("VN-01") + "/odometer",
                "{\"odometer\":\"" + miles++ + "\",\"day\":\"2026-11-23\",\"confirmed\":true}");
    }

    private interface Work {
        void run() throws SQLException;
    }

    /** While the one writing connection has this pragma. */
    private void with(String pragma, String back, Work work) throws SQLException {
        set(pragma);
        try {
            work.run();
        } finally {
            set(back);
        }
    }

    private void set(String pragma) throws SQLException {
        try (Connection connection = writer.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(pragma);
        }
    }

    @Test
    @DisplayName("on a full disk it says so, stores nothing of it, and goes on once there is room")
    void full() throws SQLException {
        with("PRAGMA max_page_count = 1", "PRAGMA max_page_count = 4294967294", () -> {
            Api.Answer answer = odometer();
            for (int time = 0; time < 400 && answer.status() < 300; miles++) {
                answer = odometer();
            }
            assertThat(answer.status()).isEqualTo(507);
            assertThat(answer.body().path("detail").asString())
                    .startsWith("The disk is full. Nothing of this was stored");
        });
        assertThat(odometer().status()).isLessThan(300);
    }

    @Test
    @DisplayName("on a file it may not write it says so, and pages still open")
    void readOnly() throws SQLException {
        with("PRAGMA query_only = ON", "PRAGMA query_only = OFF", () -> {
            assertThat(odometer().body().path("detail").asString()).contains("The data folder can’t be written");
            assertThat(api.get("/api/fleet").status()).isEqualTo(200);
        });
        assertThat(odometer().status()).isLessThan(300);
    }

    @Test
    @DisplayName(
            "while somebody’s long work holds the writer, whoever saves is told soon to come again, and readers read on")
    void busy() throws SQLException {
        try (Connection held = writer.getConnection()) {
            assertThat(held.isClosed()).isFalse();
            Api.Answer answer = odometer();
            assertThat(answer.status()).isEqualTo(503);
            assertThat(answer.body().path("detail").asString())
                    .contains("Others are saving")
                    .contains("is sent again");
            assertThat(api.get("/api/fleet").status()).isEqualTo(200);
        }
        assertThat(odometer().status()).isLessThan(300);
    }

    @Test
    @DisplayName("while another program holds the data it says so, and goes on once it lets go")
    void locked() throws SQLException {
        set("PRAGMA busy_timeout = 50");
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("rotagens.sqlite"));
                Statement statement = other.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            Api.Answer answer = odometer();
            assertThat(answer.status()).isEqualTo(503);
            assertThat(answer.body().path("detail").asString()).contains("Another program holds the data");
            assertThat(api.get("/api/fleet").status()).isEqualTo(200);
            statement.execute("ROLLBACK");
        } finally {
            set("PRAGMA busy_timeout = 5000");
        }
        assertThat(odometer().status()).isLessThan(300);
    }

    @Test
    @DisplayName("work that fails after the data were held by another program leaves nothing behind")
    void noHalfWork() throws SQLException {
        set("PRAGMA busy_timeout = 50");
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("rotagens.sqlite"));
                Statement statement = other.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            odometer();
            statement.execute("ROLLBACK");
        }
        int before = db.fetchCount(ODOMETER_READING);
        assertThatThrownBy(() -> new TransactionTemplate(transactions).executeWithoutResult(status -> {
                    odometerStore.read(
                            api.vehicle("VN-01"),
                            Distance.miles(miles + 1_000),
                            Instant.parse("2026-11-23T15:00:00Z"),
                            1,
                            "odometer",
                            Optional.empty());
                    throw new IllegalStateException("fails in the end");
                }))
                .hasMessage("fails in the end");
        assertThat(db.fetchCount(ODOMETER_READING)).isEqualTo(before);
    }

    @Test
    @DisplayName("a second program on the same data folder is refused")
    void twice() throws Exception {
        assertThat(DataFolderLock.take(data)).isNull();
    }
}
