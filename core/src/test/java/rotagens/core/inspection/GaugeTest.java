package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;

class GaugeTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final Policy.ClassPolicy POLICY = Policy.DEFAULTS.of(null);

    private static Gauge checked(LocalDate on) {
        return new Gauge("P-2", Gauge.Type.PRESSURE, Optional.ofNullable(on));
    }

    @Test
    @DisplayName("a gauge checked eleven months ago is due soon and not in doubt yet; a year ago, it is in doubt")
    void year() {
        Gauge soon = checked(LocalDate.of(2025, 12, 20));
        assertThat(soon.due(POLICY, TODAY)).isEqualTo("2026-12-20");
        assertThat(soon.dueSoon(POLICY, TODAY)).isTrue();
        assertThat(soon.doubt(POLICY, TODAY)).isEmpty();
        assertThat(checked(LocalDate.of(2026, 1, 5)).dueSoon(POLICY, TODAY)).isFalse();
        assertThat(checked(LocalDate.of(2025, 11, 20))
                        .doubt(POLICY, TODAY)
                        .orElseThrow()
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("P-2 was calibrated Nov 20, 2025, due again Nov 20, 2026");
    }

    @Test
    @DisplayName("a gauge nobody ever checked is due today and says so")
    void never() {
        assertThat(checked(null).dueSoon(POLICY, TODAY)).isTrue();
        assertThat(checked(null)
                        .doubt(POLICY, TODAY)
                        .orElseThrow()
                        .reason()
                        .statement()
                        .in(Units.US))
                .isEqualTo("P-2 has no calibration on file");
    }
}
