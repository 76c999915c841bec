package rotagens.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.inspection.Sample.TODAY;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;

/** What a walk-round asks for, and the gauges it is walked with. */
class WalkTest {

    private static final Policy.ForClass POLICY = Policy.DEFAULTS.of("Coaches");

    @Test
    @DisplayName("each scope says what is missing at a position: a full walk wants pressure and tread, pre-trip a look")
    void missing() {
        assertThat(WalkScope.FULL.missing(false, false)).contains("no pressure and tread");
        assertThat(WalkScope.FULL.missing(true, false)).contains("no tread");
        assertThat(WalkScope.FULL.missing(true, true)).isEmpty();
        assertThat(WalkScope.PRESSURE_ONLY.missing(true, false)).isEmpty();
        assertThat(WalkScope.PRESSURE_ONLY.missing(false, true)).contains("no pressure");
        assertThat(WalkScope.POST_REPAIR.missing(false, false)).contains("no pressure");
        assertThat(WalkScope.PRE_TRIP.missing(false, false)).isEmpty();
    }

    @Test
    @DisplayName(
            "a gauge's calibration is good for a year; on its anniversary day it is due, and never checked is due today")
    void calibration() {
        Gauge checked = new Gauge("P-2", Gauge.Kind.PRESSURE, Optional.of(LocalDate.of(2025, 11, 24)));
        assertThat(checked.doubt(POLICY, TODAY)).isEmpty();
        assertThat(checked.due(POLICY, TODAY)).isEqualTo(TODAY.plusDays(1));
        Judged doubt = checked.doubt(POLICY, TODAY.plusDays(1)).orElseThrow();
        assertThat(doubt.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(doubt.reason().says().in(Units.US))
                .isEqualTo("P-2 was calibrated 24 Nov 2025, due again 24 Nov 2026");
        Gauge unknown = new Gauge("T-1", Gauge.Kind.TREAD, Optional.empty());
        assertThat(unknown.due(POLICY, TODAY)).isEqualTo(TODAY);
        assertThat(unknown.doubt(POLICY, TODAY)).isPresent();
    }
}
