package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;

class DotWeekTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    @ParameterizedTest(name = "{0} was made in the week of {1}")
    @CsvSource({
        "0821,2021-02-21",
        "0126,2026-01-04",
        "5323,2023-12-31",
        "5320,2020-12-27",
        "0100,2000-01-02",
        "4726,2026-11-22"
    })
    @DisplayName("week 01 is the first full Sunday–Saturday week of the year")
    void federalWeeks(String stamped, LocalDate sunday) {
        DotWeek date = DotWeek.parse(stamped, TODAY);
        assertThat(date.weekStart()).isEqualTo(sunday);
        assertThat(date.marked()).isEqualTo(stamped);
    }

    @Test
    @DisplayName("a 53 in a year of 52 federal weeks is kept as stamped, noted, and counts from week 52")
    void isoWeek53() {
        assertThat(DotWeek.parse("5320", TODAY).isoWeek53()).isTrue();
        assertThat(DotWeek.parse("5326", LocalDate.of(2027, 3, 1)).weekStart()).isEqualTo(LocalDate.of(2026, 12, 27));
        assertThat(DotWeek.parse("5323", TODAY).isoWeek53()).isFalse();
    }

    @ParameterizedTest(name = "“{0}” is refused: {1}")
    @CsvSource({
        "0021,Week 00 doesn’t exist",
        "5421,Week 54 doesn’t exist",
        "9921,Week 99 doesn’t exist",
        "4826,hasn’t begun yet",
        "0127,hasn’t begun yet",
        "821,Is a leading digit missing",
        "5?99,No week matches",
        "'',Read the other sidewall",
        "12A4,last four digits",
        "08211,last four digits"
    })
    @DisplayName("impossible dates are refused in words that say what to do")
    void refusals(String stamped, String says) {
        assertThatThrownBy(() -> DotWeek.parse(stamped, TODAY))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining(says);
    }

    @Test
    @DisplayName("every day of 30 years lies in the week its stamp names, and stamps back to the same week")
    void stampRoundTrip() {
        for (LocalDate day = LocalDate.of(2000, 1, 2); day.isBefore(TODAY); day = day.plusDays(1)) {
            DotWeek date = DotWeek.parse(DotWeek.stampFor(day), TODAY);
            assertThat(date.weekStart().getDayOfWeek()).isEqualTo(DayOfWeek.SUNDAY);
            assertThat(day)
                    .as("stamp %s", date.marked())
                    .isBetween(date.weekStart(), date.weekStart().plusDays(6));
            assertThat(date.isoWeek53()).isFalse();
        }
    }

    @ParameterizedTest(name = "{0} is kept as read and counts from {1}")
    @CsvSource({
        "409,1979-10-07",
        "128,1978-03-19",
        "??21,2021-01-03",
        "?821,2021-02-21",
        "08??,2000-02-20",
        "082?,2020-02-23",
        "5?20,2020-12-13",
        "????,2000-01-02"
    })
    @DisplayName("three figures, parts and nothing at all are kept as read and judged at the oldest they can be")
    void worst(String stamped, LocalDate madeOn) {
        DotWeek date = DotWeek.parse(stamped, TODAY);
        assertThat(date.marked()).isEqualTo(stamped);
        assertThat(date.weekStart()).isEqualTo(madeOn);
        assertThat(date.isExact()).isFalse();
        assertThat(date.doubt()).isNotEmpty();
    }

    @ParameterizedTest(name = "“{0}” reads as {1}, dated {2}")
    @CsvSource({
        "DOT UX3C 7KL 409,UX3C7KL409,409",
        "UX3C 7K?M 0821,UX3C7K?M0821,0821",
        "UX3C7KLM??21,UX3C7KLM??21,??21",
        "??21,??21,??21",
        "unreadable,UNREADABLE,????",
        "409,409,409"
    })
    void codesAsRead(String typed, String molded, String stamped) {
        DotCode code = DotCode.parse(typed, TODAY);
        assertThat(code.molded()).isEqualTo(molded);
        assertThat(code.date().marked()).isEqualTo(stamped);
        assertThat(DotCode.parse(molded, TODAY)).isEqualTo(code);
    }

    @Test
    @DisplayName("what can't be read may be the code on file; what can be read must be")
    void mayBe() {
        DotCode full = DotCode.parse("UX3C7KLM0821", TODAY);
        assertThat(full.isPossible(DotCode.parse("UX3C7K?M0821", TODAY))).isTrue();
        assertThat(full.isPossible(DotCode.parse("??21", TODAY))).isTrue();
        assertThat(full.isPossible(DotCode.parse("unreadable", TODAY))).isTrue();
        assertThat(full.isPossible(DotCode.parse("??22", TODAY))).isFalse();
    }

    @Test
    @DisplayName("a limit is passed on its anniversary day")
    void anniversary() {
        DotWeek date = DotWeek.parse("0821", TODAY);
        assertThat(date.reaches(5)).isEqualTo(LocalDate.of(2026, 2, 21));
        assertThat(date.reaches(5.5)).isEqualTo(LocalDate.of(2026, 8, 21));
        assertThat(date.ageYears(LocalDate.of(2026, 2, 21))).isEqualTo(5.0);
    }

    @ParameterizedTest(name = "“{0}” reads as {1}")
    @CsvSource({"DOT UX3C 7KLM 0821,UX3C7KLM0821", "0821,0821", "dot 1a2 b3c4d5 0821,1A2B3C4D50821"})
    @DisplayName("the whole code or its date alone may be typed, with or without spaces")
    void dotCodes(String typed, String molded) {
        DotCode code = DotCode.parse(typed, TODAY);
        assertThat(code.molded()).isEqualTo(molded);
        assertThat(code.date().marked()).isEqualTo("0821");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "UO3C7KLM0821,Is character 2 a 0?",
        "UX3C7KLI0821,Is character 8 a 1?",
        "GX3C7KLM0821,Is character 1 a 6?",
        "UX3C7KLM,Read the other sidewall"
    })
    @DisplayName(
            "a letter that never stands in a code offers the figure it looks like; an undated code sends to the other sidewall")
    void dotCodeRefusals(String typed, String says) {
        assertThatThrownBy(() -> DotCode.parse(typed, TODAY))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining(says);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "    ", "<script>", "0821082108210821"})
    @DisplayName("nonsense is refused, never half understood")
    void nonsense(String typed) {
        assertThatThrownBy(() -> DotCode.parse(typed, TODAY)).isInstanceOf(InvalidInputException.class);
    }

    @ParameterizedTest(name = "a limit on {0} is {1} on 23 November 2026")
    @CsvSource({
        "2029-11-23, 3.0 y",
        "2028-11-21, 729 days",
        "2026-12-01, 8 days",
        "2026-11-30, 7 days ± 1 week",
        "2026-11-24, 1 day ± 1 week",
        "2026-11-23, passed today ± 1 week",
        "2026-11-16, passed 7 days ago ± 1 week",
        "2026-11-15, passed 8 days ago"
    })
    void left(LocalDate limit, String words) {
        assertThat(DotWeek.daysRemaining(limit, LocalDate.of(2026, 11, 23))).isEqualTo(words);
    }

    @ParameterizedTest(name = "limit {0}: {1}")
    @CsvSource({"2026-11-23,PASSED", "2026-11-24,SOON", "2027-02-21,SOON", "2027-02-22,LATER"})
    @DisplayName("an age limit is passed on its day, and near from the fleet's forecast on")
    void nearness(LocalDate limit, DotWeek.Nearness near) {
        assertThat(DotWeek.nearness(limit, LocalDate.of(2026, 11, 23), 90)).isEqualTo(near);
    }
}
