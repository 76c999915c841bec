package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.Noise;
import rotagens.server.web.ProblemException;

/** Damaged CSV files. {@code -Drotagens.fuzz=N} makes N of each. */
class CsvNoiseTest {

    private static final int EACH = Integer.getInteger("rotagens.fuzz", 5_000);
    private static final Duration LONGEST = Duration.ofSeconds(5);
    private static final List<String> FILES = List.of(
            "unit,class,yard,kind,gvwr,axles\nBX-1,Box truck,Yard 1,truck,26000 lb,steer 2 | drive 4\n",
            "number;dot;maker;model\r\nT1;4B9HKL213522;\"Larkfell, made up\";\"Hill \"\"3\"\"\"\r\n",
            "unit\tday\todometer\nLC-01\t2026-11-20\t63000 mi\n\n=1+1\t'+2\t@x\n");

    @Test
    @DisplayName(
            "a damaged CSV file is read into rows or refused with words, and soon; what is read can be written and read again")
    void damaged() {
        Noise noise = new Noise(7);
        int read = 0;
        for (int time = 0; time < EACH; time++) {
            for (String real : FILES) {
                byte[] file = noise.damagedFile(real);
                Instant from = Instant.now();
                try {
                    List<List<String>> rows =
                            CsvText.read(file).stream().map(CsvText.Row::cells).toList();
                    read++;
                    // Our own heads hold no separator, by which the reader tells how the columns are parted.
                    if (!rows.isEmpty() && rows.get(0).stream().noneMatch(cell -> cell.matches("(?s).*[;\t].*"))) {
                        assertThat(CsvText.read(CsvText.write(rows).getBytes(StandardCharsets.UTF_8)))
                                .extracting(CsvText.Row::cells)
                                .isEqualTo(rows);
                    }
                } catch (ProblemException refused) {
                    assertThat(refused.problem().getFields())
                            .as(new String(file))
                            .isNotEmpty();
                }
                assertThat(Duration.between(from, Instant.now())).isLessThan(LONGEST);
            }
        }
        assertThat(read).as("most are still tables").isGreaterThan(EACH);
    }
}
