package rotagens.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TakesAlongTest {

    @ParameterizedTest(name = "visit {0}, own day {1}, due {2}: {3}")
    @CsvSource({
        "2026-12-02, 2026-12-02, 2026-11-20, true",
        "2026-12-03, 2026-12-02, 2026-11-20, false",
        "2026-12-20, 2026-12-02, 2026-12-20, true",
        "2026-12-21, 2026-12-02, 2026-12-20, false",
        "2026-12-21, , 2026-11-20, true"
    })
    @DisplayName(
            "overdue work doesn't wait longer for a visit than for a day of its own; work not due before goes along")
    void takesAlong(LocalDate visit, LocalDate own, LocalDate due, boolean along) {
        assertThat(ShopVisit.takesAlong(visit, Optional.ofNullable(own), due)).isEqualTo(along);
    }
}
