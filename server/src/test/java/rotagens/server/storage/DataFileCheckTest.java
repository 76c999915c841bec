package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.core.io.support.SpringFactoriesLoader;
import rotagens.server.WholeServer;

@ExtendWith(OutputCaptureExtension.class)
class DataFileCheckTest {

    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void where() {
        file = folder.resolve("rotagens.sqlite");
    }

    private void database(String... statements) throws Exception {
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            for (String statement : statements) {
                database.createStatement().execute(statement);
            }
        }
    }

    private void ofVersion(int version) throws Exception {
        database(
                "CREATE TABLE flyway_schema_history (version TEXT, success INTEGER)",
                "INSERT INTO flyway_schema_history VALUES ('" + version + "', 1)");
    }

    @Test
    @DisplayName("no file and an earlier version’s are fine")
    void fine() throws Exception {
        assertThatCode(() -> DataFileCheck.check(file)).doesNotThrowAnyException();
        ofVersion(3);
        assertThatCode(() -> DataFileCheck.check(file)).doesNotThrowAnyException();
    }

    @Test
    @DisplayName("a newer version’s file, another program’s and a damaged one are each refused in their own words")
    void refused() throws Exception {
        ofVersion(9_999);
        assertThatThrownBy(() -> DataFileCheck.check(file)).hasMessageContaining("was written by a newer Rotagens");
        Files.delete(file);
        database("CREATE TABLE invoice (id INTEGER)");
        assertThatThrownBy(() -> DataFileCheck.check(file)).hasMessageContaining("holds another program’s data");
        Files.writeString(file, "this is no database at all, but long enough to be looked at as one".repeat(40));
        assertThatThrownBy(() -> DataFileCheck.check(file)).isInstanceOfSatisfying(DataFileException.class, damaged -> {
            assertThat(damaged).hasMessageContaining("is damaged");
            assertThat(damaged.action()).contains("Restore the last backup");
        });
    }

    @Test
    @DisplayName("the start says it in words, with what to do, and without a stack trace; the file stays as it was")
    void start(CapturedOutput said) throws Exception {
        ofVersion(9_999);
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> WholeServer.start(folder)).isInstanceOf(Exception.class);
        assertThat(said)
                .contains("APPLICATION FAILED TO START")
                .contains("was written by a newer Rotagens")
                .contains("Start the newer program again")
                .doesNotContain("at rotagens.server.storage");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    @DisplayName("a second program on the folder is told so in words too")
    void second(CapturedOutput said) throws Exception {
        try (WholeServer first = WholeServer.start(folder)) {
            assertThat(first.get("/api/session").statusCode()).isEqualTo(200);
            assertThatThrownBy(() -> WholeServer.start(folder)).isInstanceOf(Exception.class);
            assertThat(said).contains("Another Rotagens works on the data folder");
        }
    }

    @Test
    @DisplayName("every analyzer of ours that Spring Boot is told of exists")
    void analyzers() {
        List<FailureAnalyzer> known = SpringFactoriesLoader.forDefaultResourceLocation()
                .load(FailureAnalyzer.class, (type, name, failure) -> {
                    if (name.startsWith("rotagens")) {
                        throw new AssertionError(name, failure);
                    }
                });
        assertThat(known)
                .filteredOn(one -> one.getClass().getName().startsWith("rotagens"))
                .hasSize(2);
    }
}
