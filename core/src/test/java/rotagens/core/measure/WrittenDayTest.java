package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.WrittenDay.Order;

class WrittenDayTest {

    @ParameterizedTest
    @CsvSource({
        "7/4/2026, 2026-07-04, 2026-04-07",
        "12/11/26, 2026-12-11, 2026-11-12",
        "1-12-2026, 2026-01-12, 2026-12-01",
        "7/4/2026 14:30, 2026-07-04, 2026-04-07"
    })
    @DisplayName("a day that may be read two ways is read as a person said, and by nobody else")
    void twoWays(String text, LocalDate monthFirst, LocalDate dayFirst) {
        assertThat(WrittenDay.isAmbiguous(text)).isTrue();
        assertThat(WrittenDay.shownBy(text)).isEmpty();
        assertThat(WrittenDay.read(text, Optional.of(Order.MONTH_FIRST))).contains(monthFirst);
        assertThat(WrittenDay.read(text, Optional.of(Order.DAY_FIRST))).contains(dayFirst);
        assertThat(WrittenDay.read(text, Optional.empty())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "13/4/2026, 2026-04-13, DAY_FIRST",
        "4/13/2026, 2026-04-13, MONTH_FIRST",
        "12/13/26, 2026-12-13, MONTH_FIRST",
        "04.07.26, 2026-07-04,",
        "4/4/2026, 2026-04-04,",
        "2026/7/4, 2026-07-04,"
    })
    @DisplayName(
            "a day that says itself which it is needs no answer and heeds none: a 13 is no month, with dots the day is first")
    void byItself(String text, LocalDate day, Order shown) {
        assertThat(WrittenDay.isAmbiguous(text)).isFalse();
        assertThat(WrittenDay.shownBy(text)).isEqualTo(Optional.ofNullable(shown));
        assertThat(WrittenDay.read(text, Optional.empty())).contains(day);
        assertThat(WrittenDay.read(text, Optional.of(Order.MONTH_FIRST))).contains(day);
        assertThat(WrittenDay.read(text, Optional.of(Order.DAY_FIRST))).contains(day);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Jul 4, 2026", "31/2/2026", "13/13/2026", "7/4-2026", "0/4/2026", "99999/1/1"})
    @DisplayName("what is no day in figures is none")
    void noDay(String text) {
        assertThat(WrittenDay.read(text, Optional.of(Order.MONTH_FIRST))).isEmpty();
    }

    @Test
    @DisplayName("a leap day is a day in its year only")
    void leap() {
        assertThat(WrittenDay.read("29.2.2024", Optional.empty())).contains(LocalDate.of(2024, 2, 29));
        assertThat(WrittenDay.read("29.2.2026", Optional.empty())).isEmpty();
    }
}
