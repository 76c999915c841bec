package rotagens.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import tools.jackson.databind.JsonNode;

@ServerTest
class BackupTest {

    private static final Instant NIGHT = Instant.parse("2026-11-24T02:30:00Z");

    @Autowired
    MockMvc http;

    @Autowired
    Backups backups;

    @Value("${rotagens.data}")
    Path data;

    @TempDir
    Path elsewhere;

    private Path made() throws BackupFile.Failed {
        return BackupFile.make(data, elsewhere.resolve("backups"), NIGHT, 14);
    }

    private static long count(Path folder, String table) throws Exception {
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("rotagens.sqlite"));
                var rows = database.createStatement().executeQuery("SELECT count(*) FROM " + table)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    private record Said(int code, String out, String err) {}

    private static Said command(String... words) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = BackupCommand.run(
                List.of(words), Clock.fixed(NIGHT, ZoneOffset.UTC), new PrintStream(out), new PrintStream(err));
        return new Said(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    @Test
    @DisplayName("a manager makes a backup while the program runs, and sees it listed")
    void onThePage() {
        Api manager = Api.as(http, "MANAGER");
        assertThat(manager.post("/api/backups", "").status()).isEqualTo(200);
        JsonNode all = manager.get("/api/backups").body();
        assertThat(all.path("backups").get(0).path("name").asString()).isEqualTo("rotagens-20261123T150000Z.zip");
        assertThat(all.path("keep").asInt()).isEqualTo(14);
    }

    @Test
    @DisplayName("a restored backup holds everything; what was there before is kept beside it")
    void restored() throws Exception {
        Path backup = made();
        Path other = Files.createDirectories(elsewhere.resolve("other"));
        assertThat(command("restore", backup.toString(), other.toString()).out())
                .contains("Restored into");
        assertThat(count(other, "reading")).isEqualTo(count(data, "reading")).isGreaterThan(1_000);
        assertThat(BackupFile.faults(other)).isEmpty();
        Files.writeString(other.resolve("rotagens.sqlite-wal"), "left by a crash");
        String again = command("restore", backup.toString(), other.toString()).out();
        assertThat(again).contains("What was there lies in").contains("before-restore-20261124T023000Z");
        assertThat(other.resolve("before-restore-20261124T023000Z/rotagens.sqlite"))
                .exists();
        assertThat(other.resolve("rotagens.sqlite-wal")).doesNotExist();
    }

    @Test
    @DisplayName("nothing is restored over a running program")
    void running() throws Exception {
        Said said = command("restore", made().toString(), data.toString());
        assertThat(said.code()).isEqualTo(1);
        assertThat(said.err()).contains("Rotagens is running on").contains("Stop it first");
        assertThat(count(data, "vehicle")).isEqualTo(24);
    }

    @Test
    @DisplayName("a backup made by a newer version is refused in words before anything is replaced")
    void newer() throws Exception {
        Path backup = made();
        Path other = Files.createDirectories(elsewhere.resolve("newer"));
        BackupFile.unpack(backup, other);
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + other.resolve("rotagens.sqlite"))) {
            database.createStatement().execute("UPDATE flyway_schema_history SET version = '9999' WHERE version = '1'");
        }
        Path zip = elsewhere.resolve("newer.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            out.putNextEntry(new ZipEntry("rotagens.sqlite"));
            Files.copy(other.resolve("rotagens.sqlite"), out);
        }
        Path mine = Files.createDirectories(elsewhere.resolve("mine"));
        Files.writeString(mine.resolve("rotagens.sqlite"), "what was there");
        assertThat(command("restore", zip.toString(), mine.toString()).err())
                .contains("This backup can’t be used")
                .contains("was written by a newer Rotagens");
        assertThat(mine.resolve("rotagens.sqlite")).hasContent("what was there");
    }

    @Test
    @DisplayName("a damaged or foreign file is refused before anything is replaced")
    void damaged() throws Exception {
        Path backup = made();
        Path other = Files.createDirectories(elsewhere.resolve("other"));
        Files.writeString(other.resolve("rotagens.sqlite"), "what was there");
        byte[] bytes = Files.readAllBytes(backup);
        for (int at : new int[] {bytes.length / 3, bytes.length / 2, bytes.length - 40}) {
            byte[] bad = bytes.clone();
            for (int next = at; next < at + 30; next++) {
                bad[next] ^= 0x5a;
            }
            Files.write(elsewhere.resolve("bad.zip"), bad);
            assertThat(command("restore", elsewhere.resolve("bad.zip").toString(), other.toString())
                            .code())
                    .isEqualTo(1);
        }
        Files.write(elsewhere.resolve("half.zip"), java.util.Arrays.copyOf(bytes, bytes.length / 2));
        assertThat(command("restore", elsewhere.resolve("half.zip").toString(), other.toString())
                        .err())
                .contains("can’t be read as a backup");
        Path foreign = elsewhere.resolve("foreign.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(foreign))) {
            zip.putNextEntry(new ZipEntry("../outside.txt"));
            zip.write(1);
        }
        assertThat(command("restore", foreign.toString(), other.toString()).err())
                .contains("isn’t a backup of ours");
        assertThat(other.resolve("rotagens.sqlite")).hasContent("what was there");
        assertThat(elsewhere.resolve("outside.txt")).doesNotExist();
        assertThat(Files.list(other))
                .extracting(file -> file.getFileName().toString())
                .containsExactlyInAnyOrder("rotagens.sqlite", "running.lock");
    }

    @Test
    @DisplayName("a tire that isn't where its ledger ends makes a backup fail its check")
    void ledger() throws Exception {
        Path other = Files.createDirectories(elsewhere.resolve("other"));
        BackupFile.unpack(made(), other);
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + other.resolve("rotagens.sqlite"))) {
            database.createStatement()
                    .execute("DELETE FROM installation WHERE tire_id = (SELECT min(tire_id) FROM installation)");
        }
        assertThatThrownBy(() -> BackupFile.make(other, elsewhere.resolve("none"), NIGHT, 3))
                .hasMessageContaining("is not where its history ends");
        assertThat(BackupFile.in(elsewhere.resolve("none"))).isEmpty();
    }

    @Test
    @DisplayName("the oldest go beyond the number kept; other files of the folder are never touched")
    void rotated() throws Exception {
        Path folder = Files.createDirectories(elsewhere.resolve("many"));
        Files.writeString(folder.resolve("rotagens-notes.zip"), "mine");
        for (int night = 0; night < 5; night++) {
            BackupFile.make(data, folder, NIGHT.plusSeconds(86_400L * night), 3);
        }
        assertThat(BackupFile.in(folder))
                .extracting(file -> file.getFileName().toString())
                .containsExactly(
                        "rotagens-20261128T023000Z.zip",
                        "rotagens-20261127T023000Z.zip",
                        "rotagens-20261126T023000Z.zip");
        assertThat(folder.resolve("rotagens-notes.zip")).exists();
    }

    @Test
    @DisplayName("where it can't be written it says so, and stays to be seen until one is made")
    void notWritable() throws IOException {
        Path file = Files.writeString(elsewhere.resolve("file"), "in the way");
        Backups blocked = new Backups(data, file, 14, true, Clock.fixed(NIGHT, ZoneOffset.UTC));
        blocked.nightly();
        assertThat(blocked.all().problem()).contains("No backup was made").contains("Is the disk full");
    }

    @Test
    @DisplayName("a night without a backup for a day makes one, and the next hour none")
    void nightly() throws IOException {
        Path folder = elsewhere.resolve("nightly");
        Backups own = new Backups(data, folder, 14, true, Clock.fixed(NIGHT, ZoneOffset.UTC));
        own.nightly();
        own.nightly();
        assertThat(own.all().backups()).hasSize(1);
        assertThat(Files.list(folder)).hasSize(1);
    }
}
