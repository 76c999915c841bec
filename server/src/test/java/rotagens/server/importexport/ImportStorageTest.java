package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rotagens.server.Api;
import rotagens.server.Api.Answer;
import rotagens.server.ServerTest;

/** A file on its way in: looked at without the writer, stored in parts, to its end. */
@ServerTest
class ImportStorageTest {

    private static final String HEADER = "number,dot,maker,model,sidewall,yard,depth\n";

    @Autowired
    MockMvc http;

    @Autowired
    ImportStorage storage;

    @Autowired
    DSLContext db;

    @Autowired
    PlatformTransactionManager transactions;

    @Autowired
    @Qualifier("writer")
    HikariDataSource writer;

    private Api api;
    private TransactionTemplate transaction;

    @BeforeEach
    void coordinator() {
        api = new Api(http);
        transaction = new TransactionTemplate(transactions);
    }

    private Answer bring(String type, String csv, boolean dryRun) {
        return api.send(
                "/api/imports/" + type + "?dryRun=" + dryRun,
                csv.getBytes(StandardCharsets.UTF_8),
                MediaType.APPLICATION_OCTET_STREAM);
    }

    private static String tire(int number) {
        return "N%05d,1120,Larkfell,Hill 3,245/70R19.5 136/134M H,North yard,14/32%n".formatted(number);
    }

    private int count(String sql) {
        return ((Number) db.fetchValue(sql)).intValue();
    }

    @Test
    @DisplayName("a preview of any kind is answered while somebody else holds the writer")
    void previewed() throws Exception {
        String unit = "LC-01";
        try (Connection held = writer.getConnection()) {
            assertThat(held.isClosed()).isFalse();
            assertThat(bring("TIRES", HEADER + tire(1), true)
                            .body()
                            .path("added")
                            .asInt())
                    .isEqualTo(1);
            assertThat(bring("ODOMETERS", "unit,day,odometer\n" + unit + ",2026-11-22,1 mi\n", true)
                            .status())
                    .isEqualTo(200);
            assertThat(bring(
                                    "READINGS",
                                    "unit,position,day,pressure,confirmed\n" + unit + ",1L,2026-11-22,100 psi,yes\n",
                                    true)
                            .body()
                            .path("added")
                            .asInt())
                    .isEqualTo(1);
            assertThat(bring(
                                    "VEHICLES",
                                    "unit,class,yard,kind,gvwr,axles\nNEW-1,Box,Yard,truck,26000 lb,steer 2 | drive 4\n",
                                    true)
                            .body()
                            .path("added")
                            .asInt())
                    .isEqualTo(1);
        }
        assertThat(count("select count(*) from vehicle where unit = 'NEW-1'")).isZero();
    }

    @Test
    @DisplayName(
            "many tires come in with their code, their place and their line of the ledger, and none waits any more")
    void many() {
        String rows = IntStream.rangeClosed(1, 1_200)
                .mapToObj(number -> tire(number).replace("N0", "M0"))
                .reduce("", String::concat);
        Answer answer = bring("TIRES", HEADER + rows, false);
        assertThat(answer.body().path("added").asInt()).as(answer.text()).isEqualTo(1_200);
        assertThat(count("select count(*) from tire where tire_number like 'M0%'"))
                .isEqualTo(1_200);
        assertThat(count(
                        "select count(*) from stock join tire on tire.id = stock.tire_id where tire_number like 'M0%'"))
                .isEqualTo(1_200);
        assertThat(
                        count(
                                "select count(*) from tire_movement join tire on tire.id = tire_movement.tire_id"
                                        + " where tire_number like 'M0%' and tire_movement.type = 'RECEIVED' and lowest_depth is not null"))
                .isEqualTo(1_200);
        assertThat(count("select count(*) from tire_dot join tire on tire.id = tire_dot.tire_id"
                        + " where tire_number like 'M0%' and code = '1120'"))
                .isEqualTo(1_200);
        assertThat(count("select count(*) from import_file")).isZero();
        assertThat(bring("TIRES", HEADER + rows, false).body().path("same").asInt())
                .isEqualTo(1_200);
    }

    @Test
    @DisplayName("one faulty row and nothing of the file is stored")
    void allOrNothing() {
        Answer answer = bring("TIRES", HEADER + tire(7_001) + tire(7_002).replace("14/32", "no depth"), false);
        assertThat(answer.body().path("stored").asBoolean()).isFalse();
        assertThat(count("select count(*) from tire where tire_number like 'N07%'"))
                .isZero();
    }

    @Test
    @DisplayName("a file that a stop cut off is stored from where it was, in its owner’s name, and no row twice")
    void wentOn() {
        long coordinator = count("select id from person where role = 'COORDINATOR' limit 1");
        transaction.executeWithoutResult(status -> {
            db.execute(
                    "insert into import_file (id, type, units, accepted_at, person_id, accepted_rows)"
                            + " values (77, 'TIRES', 'US', '2026-11-23T14:00:00Z', ?, ?)",
                    coordinator,
                    "[" + kept(1, "N08001") + "," + kept(2, "N08002") + "," + kept(3, "N08003") + "]");
            db.execute("insert into import_progress (import_file_id, stored_rows) values (77, 1)");
        });
        storage.goOn();
        assertThat(db.fetchValues("select tire_number from tire where tire_number like 'N080%' order by 1"))
                .asList()
                .isEqualTo(java.util.List.of("N08002", "N08003"));
        assertThat(count("select count(*) from import_file")).isZero();
        assertThat(count("select count(distinct person_id) from tire_movement join tire on tire.id = tire_id"
                        + " where tire_number like 'N080%' and person_id = " + coordinator))
                .isEqualTo(1);
    }

    @Test
    @DisplayName("a file that a stop cut off says what doesn’t hold any more and stores the rest")
    void wentOnWithoutOne() {
        vehicle("WO-1");
        bring(
                "TIRES",
                HEADER.strip() + ",unit,position\n" + tire(6_101).strip().replace("North yard", "") + ",WO-1,2LO\n",
                false);
        String cells =
                "{\"line\":%d,\"cells\":{\"unit\":\"%s\",\"class\":\"Box\",\"yard\":\"North yard\",\"kind\":\"truck\","
                        + "\"gvwr\":\"26000 lb\",\"axles\":\"steer 2\"}}";
        transaction.executeWithoutResult(status -> {
            db.execute(
                    "insert into import_file (id, type, units, accepted_at, person_id, accepted_rows)"
                            + " values (78, 'VEHICLES', 'US', '2026-11-23T14:00:00Z', (select min(id) from person), ?)",
                    "[" + cells.formatted(1, "WO-1") + "," + cells.formatted(2, "WO-2") + "]");
            db.execute("insert into import_progress (import_file_id, stored_rows) values (78, 0)");
        });
        storage.goOn();
        assertThat(count("select count(*) from vehicle where unit = 'WO-2'")).isEqualTo(1);
        assertThat(count("select count(*) from axle join vehicle on vehicle.id = axle.vehicle_id where unit = 'WO-1'"))
                .isEqualTo(2);
        assertThat(count("select count(*) from import_file")).isZero();
    }

    private static String kept(int line, String number) {
        return """
                {"line":%d,"cells":{"number":"%s","dot":"1120","maker":"Larkfell","model":"Hill 3",
                "sidewall":"245/70R19.5 136/134M H","yard":"North yard"}}""".formatted(line, number);
    }

    @Test
    @DisplayName("a file that a full disk cuts off says how far it came, and its rest follows by itself")
    void cutOff() throws Exception {
        String rows = IntStream.rangeClosed(1, 3_000)
                .mapToObj(number -> tire(number).replace("N0", "C0"))
                .reduce("", String::concat);
        long pages = pragma("page_count");
        pragma("max_page_count = " + (pages + 260));
        Answer answer = bring("TIRES", HEADER + rows, false);
        pragma("max_page_count = 4294967294");
        assertThat(answer.status()).as(answer.text()).isEqualTo(409);
        assertThat(answer.text()).contains("The file was accepted").contains("follows by itself");
        assertThat(count("select count(*) from tire where tire_number like 'C0%'"))
                .isLessThan(3_000);
        storage.goOn();
        assertThat(count("select count(*) from tire where tire_number like 'C0%'"))
                .isEqualTo(3_000);
        assertThat(count("select count(*) from import_file")).isZero();
    }

    private long pragma(String name) throws Exception {
        try (Connection connection = writer.getConnection();
                var answer = connection.createStatement().executeQuery("PRAGMA " + name)) {
            return answer.next() ? answer.getLong(1) : 0;
        }
    }

    @Test
    @DisplayName("a row that somebody else’s save overtook is left out and named, the others are stored")
    void overtaken() throws Exception {
        String rows = HEADER + tire(9_001) + tire(9_002);
        try (Connection held = writer.getConnection()) {
            assertThat(held.isClosed()).isFalse();
            var bringing = java.util.concurrent.CompletableFuture.supplyAsync(() -> bring("TIRES", rows, false));
            // Looked at, it waits for the writer; meanwhile the number is given to another tire.
            while (writer.getHikariPoolMXBean().getThreadsAwaitingConnection() == 0) {
                Thread.onSpinWait();
            }
            held.createStatement()
                    .execute("insert into tire (tire_model_id, is_retread, tire_number)"
                            + " select id, 0, 'N09001' from tire_model limit 1");
            if (!held.getAutoCommit()) {
                held.commit();
            }
            held.close();
            Answer answer = bringing.get(60, TimeUnit.SECONDS);
            assertThat(answer.body().path("stored").asBoolean()).isTrue();
            assertThat(answer.body().path("faulty").asInt()).as(answer.text()).isEqualTo(1);
            assertThat(answer.text()).contains("This changed while the file was being brought in");
            assertThat(count("select count(*) from tire where tire_number = 'N09002'"))
                    .isEqualTo(1);
        }
    }

    private static final String VEHICLES = "unit,class,yard,kind,gvwr,axles,description\n";

    private static String box(String unit, String axles, String description) {
        return unit + ",Box,North yard,truck,26000 lb," + axles + "," + description + "\n";
    }

    private void vehicle(String unit) {
        assertThat(bring("VEHICLES", VEHICLES + box(unit, "steer 2 | drive 4", "box"), false)
                        .body()
                        .path("added")
                        .asInt())
                .isEqualTo(1);
    }

    private static java.util.List<String> messages(Answer answer) {
        return answer.body()
                .path("rows")
                .valueStream()
                .flatMap(row -> row.path("errors").valueStream())
                .map(error -> error.path("column").asString("") + ": "
                        + error.path("message").asString())
                .toList();
    }

    @Test
    @DisplayName(
            "a vehicle twice in a file is put on file once and changed by its second row, and a second time neither")
    void vehicleTwice() {
        String file = VEHICLES
                + box("TW-1", "steer 2 | drive 4", "first")
                + box("tw-1", "steer 2 | drive 4 | tag 2", "second");
        Answer answer = bring("VEHICLES", file, false);
        assertThat(answer.body().path("added").asInt()).as(answer.text()).isEqualTo(1);
        assertThat(answer.body().path("changed").asInt()).isEqualTo(1);
        assertThat(count("select count(*) from vehicle where unit = 'TW-1' and description = 'second'"))
                .isEqualTo(1);
        assertThat(count("select count(*) from axle join vehicle on vehicle.id = axle.vehicle_id where unit = 'TW-1'"))
                .isEqualTo(3);
        assertThat(count("select count(*) from position join vehicle on vehicle.id = position.vehicle_id"
                        + " where unit = 'TW-1' and removed_at is null"))
                .isEqualTo(8);
        assertThat(bring("VEHICLES", VEHICLES + box("TW-1", "steer 2 | drive 4 | tag 2", "second"), false)
                        .body()
                        .path("same")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    @DisplayName(
            "a file that draws a vehicle without the axle its tires are on is refused at its axles, seen before it is stored")
    void axleUnderTires() {
        vehicle("AX-1");
        Answer tires = bring(
                "TIRES",
                HEADER.strip() + ",unit,position\n" + tire(6_001).strip().replace("North yard", "") + ",AX-1,2LO\n",
                false);
        assertThat(tires.body().path("added").asInt()).as(tires.text()).isEqualTo(1);
        String withoutDrive = VEHICLES + box("AX-1", "steer 2", "box");
        for (boolean dryRun : new boolean[] {true, false}) {
            Answer answer = bring("VEHICLES", withoutDrive, dryRun);
            assertThat(messages(answer))
                    .as(answer.text())
                    .singleElement()
                    .asString()
                    .startsWith("axles: There are tires on 2LO");
        }
        assertThat(count("select count(*) from axle join vehicle on vehicle.id = axle.vehicle_id where unit = 'AX-1'"))
                .isEqualTo(2);
    }

    @Test
    @DisplayName(
            "odometers of a file are held against each other, in whichever order they stand, and against what is on file")
    void odometersInAnyOrder() {
        vehicle("OD-1");
        String header = "unit,day,odometer\n";
        assertThat(bring("ODOMETERS", header + "OD1,2026-11-20,52000 mi\nod-1,2026-11-10,51000 mi\n", false)
                        .body()
                        .path("added")
                        .asInt())
                .isEqualTo(2);
        Answer wrong = bring(
                "ODOMETERS",
                header
                        + "OD-1,2026-11-15,50000 mi\nOD-1,2026-11-16,53000 mi\nOD-1,2026-11-21,52100 mi\nOD-1,2026-11-22,52050 mi\n",
                false);
        assertThat(messages(wrong))
                .containsExactly(
                        "odometer: Less than the last reading, 51000 mi. Read the odometer again, or record that it was replaced.",
                        "odometer: More than was read later, 52000 mi. Check the reading and the date.",
                        "odometer: Less than the last reading, 52100 mi. Read the odometer again, or record that it was replaced.");
        assertThat(
                        count(
                                "select count(*) from odometer_reading join vehicle on vehicle.id = vehicle_id where unit = 'OD-1'"))
                .as("one faulty row and nothing of the file is stored")
                .isEqualTo(2);
        assertThat(bring("ODOMETERS", header + "OD-1,2026-11-20,83686 km\nOD-1,2026-11-21,52100 mi\n", false)
                        .text())
                .as("the same figure in another unit is on file already")
                .contains("\"added\":1,\"changed\":0,\"same\":1");
    }

    @Test
    @DisplayName("an odometer of a file that a higher one overtook meanwhile is left out and named")
    void odometerOvertaken() throws Exception {
        vehicle("OV-1");
        try (Connection held = writer.getConnection()) {
            var bringing = java.util.concurrent.CompletableFuture.supplyAsync(() -> bring(
                    "ODOMETERS", "unit,day,odometer\nOV-1,2026-11-20,52000 mi\nOV-1,2026-11-18,51000 mi\n", false));
            while (writer.getHikariPoolMXBean().getThreadsAwaitingConnection() == 0) {
                Thread.onSpinWait();
            }
            held.createStatement()
                    .execute("insert into odometer_reading (vehicle_id, recorded_at, odometer, person_id)"
                            + " select vehicle.id, '2026-11-19T14:00:00Z', '60000 mi', (select min(id) from person)"
                            + " from vehicle where unit = 'OV-1'");
            if (!held.getAutoCommit()) {
                held.commit();
            }
            held.close();
            Answer answer = bringing.get(60, TimeUnit.SECONDS);
            assertThat(messages(answer))
                    .singleElement()
                    .asString()
                    .contains("This changed while the file was being brought in");
            assertThat(answer.body().path("added").asInt()).isEqualTo(1);
        }
        assertThat(
                        count(
                                "select count(*) from odometer_reading join vehicle on vehicle.id = vehicle_id where unit = 'OV-1'"))
                .isEqualTo(2);
    }
}
