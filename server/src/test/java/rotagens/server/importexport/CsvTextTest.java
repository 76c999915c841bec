package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.server.web.ProblemException;

class CsvTextTest {

    private static List<List<String>> read(String text, Charset charset) {
        return CsvText.read(text.getBytes(charset)).stream()
                .map(CsvText.Row::cells)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"unit,yard\r\nA,\"B, C\"\r\n", "unit;yard\nA;B, C\n", "unit\tyard\rA\tB, C\r"})
    @DisplayName("comma, semicolon and tab, any line end, quotes")
    void separators(String text) {
        assertThat(read(text, StandardCharsets.UTF_8)).containsExactly(List.of("unit", "yard"), List.of("A", "B, C"));
    }

    @Test
    @DisplayName("letters beyond ASCII in UTF-8 with and without a mark, UTF-16 and the old Western encoding")
    void encodings() {
        String text = "unit,yard\nA,Königstraße é\n";
        List<String> row = List.of("A", "Königstraße é");
        assertThat(read(text, StandardCharsets.UTF_8)).contains(row);
        assertThat(read("\uFEFF" + text, StandardCharsets.UTF_8)).contains(row, List.of("unit", "yard"));
        assertThat(read("\uFEFF" + text, StandardCharsets.UTF_16LE)).contains(row);
        assertThat(read(text, Charset.forName("windows-1252"))).contains(row);
    }

    @Test
    @DisplayName("line numbers are those of the file, also behind a cell of two lines; empty lines are passed over")
    void lineNumbers() {
        List<CsvText.Row> rows = CsvText.read("a,b\n\"x\ny\",1\n\n,\nz,2\n".getBytes(StandardCharsets.UTF_8));
        assertThat(rows).extracting(CsvText.Row::line).containsExactly(1L, 2L, 6L);
        assertThat(rows.get(1).cells().get(0)).isEqualTo("x\ny");
    }

    @Test
    @DisplayName("binary data, spreadsheets, empty files and open quotes are refused in words")
    void noCsv() {
        for (byte[] file : List.of(
                new byte[] {1, 2, 3, 0, 5},
                "PK\u0003\u0004 and so on".getBytes(StandardCharsets.UTF_8),
                new byte[0],
                "  \n ".getBytes(StandardCharsets.UTF_8),
                "a,b\n\"never closed,1\n".getBytes(StandardCharsets.UTF_8))) {
            assertThatThrownBy(() -> CsvText.read(file))
                    .isInstanceOfSatisfying(
                            ProblemException.class,
                            e -> assertThat(e.problem().getFields().get(0).message())
                                    .contains("can’t be read as CSV")
                                    .contains("Nothing was stored"));
        }
    }

    @Test
    @DisplayName("a formula goes out as text and comes in as it was")
    void formulas() {
        assertThat(CsvText.defuse("=SUM(A1)")).isEqualTo("'=SUM(A1)");
        assertThat(CsvText.defuse("+1")).isEqualTo("'+1");
        assertThat(CsvText.defuse("@x")).isEqualTo("'@x");
        assertThat(CsvText.defuse("'=x")).isEqualTo("''=x");
        assertThat(CsvText.defuse("plain - text")).isEqualTo("plain - text");
        assertThat(CsvText.defuse("'quoted'")).isEqualTo("'quoted'");
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    @DisplayName("whatever cells are written come back the same")
    void roundTrip(long seed) {
        Random random = new Random(seed);
        String letters = "ab =+-@'\",;|\tü→/1\n";
        List<List<String>> rows = new ArrayList<>();
        for (int row = 0; row < 60; row++) {
            List<String> cells = new ArrayList<>();
            cells.add("key" + row);
            for (int at = 0; at < 4; at++) {
                StringBuilder cell = new StringBuilder();
                for (int i = random.nextInt(8); i > 0; i--) {
                    cell.append(letters.charAt(random.nextInt(letters.length())));
                }
                cells.add(cell.toString().strip());
            }
            rows.add(cells);
        }
        assertThat(read(CsvText.write(rows), StandardCharsets.UTF_8))
                .as("seed %d", seed)
                .isEqualTo(rows);
    }
}
