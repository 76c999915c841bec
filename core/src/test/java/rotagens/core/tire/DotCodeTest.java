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
}
