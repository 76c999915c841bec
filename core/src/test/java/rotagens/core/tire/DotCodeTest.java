package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class DotCodeTest {

    @Test
    @DisplayName("two readings may be one tire's where whole codes agree, or, with only a date on one side, the dates")
    void mayBe() {
        LocalDate today = LocalDate.of(2026, 11, 23);
        DotCode whole = DotCode.parse("3CT2XR5M2226", today);
        assertThat(whole.isPossible(DotCode.parse("3CT2 XR5M 2226", today))).isTrue();
        assertThat(whole.isPossible(DotCode.parse("2226", today))).isTrue();
        assertThat(whole.isPossible(DotCode.parse("2326", today))).isFalse();
        assertThat(whole.isPossible(DotCode.parse("3CT2XR5N2226", today))).isFalse();
    }

    @Test
    @DisplayName("three figures alone may lack a spreadsheet's zero and mean another year: which, a person says")
    void lostZero() {
        assertThat(DotCode.mayLackZero("408")).isTrue();
        assertThat(DotCode.mayLackZero("1120")).isFalse();
        assertThat(DotCode.mayLackZero("40")).isFalse();
        assertThat(DotCode.mayLackZero("B08")).isFalse();
        LocalDate today = LocalDate.of(2026, 11, 28);
        assertThat(DotCode.parse(DotCode.withZero("408"), today).date())
                .isNotEqualTo(DotCode.parse("408", today).date());
        assertThat(DotCode.withZero("408")).isEqualTo("0408");
    }
}
