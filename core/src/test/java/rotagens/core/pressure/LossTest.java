package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rotagens.core.pressure.Rig.TODAY;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.measure.Temperature;
import rotagens.core.pressure.PressureLoss.ColdReading;

class LossTest {

    private static ColdReading at(int daysAgo, double psi, Integer fahrenheit) {
        return new ColdReading(
                TODAY.minusDays(daysAgo), psi, Optional.ofNullable(fahrenheit).map(Temperature::f), false);
    }

    @Test
    @DisplayName("110 to 105 psi in 21 days at one temperature is 6.5% a month: a leak")
    void leak() {
        PressureLoss rate =
                PressureLoss.of(List.of(at(0, 105, 60), at(21, 110, 60))).orElseThrow();
        assertThat(rate.likely()).isEqualTo(0.0652, within(0.0001));
        assertThat(rate.isLeak()).isTrue();
    }

    @Test
    @DisplayName("the same without a thermometer is a range that reaches under 5%: no leak is said")
    void unknownTemperature() {
        PressureLoss rate =
                PressureLoss.of(List.of(at(0, 105, null), at(21, 110, null))).orElseThrow();
        assertThat(rate.low()).isLessThan(0.05).isLessThan(rate.likely());
        assertThat(rate.high()).isGreaterThan(rate.likely());
        assertThat(rate.isLeak()).isFalse();
        assertThat(PressureLoss.of(List.of(at(0, 92, null), at(21, 110, null)))
                        .orElseThrow()
                        .isLeak())
                .isTrue();
    }

    @Test
    @DisplayName("a drop that is only the weather is no loss")
    void weather() {
        PressureLoss rate =
                PressureLoss.of(List.of(at(0, 89.2, 20), at(30, 100, 70))).orElseThrow();
        assertThat(rate.likely()).isEqualTo(0, within(0.001));
    }

    @Test
    @DisplayName("under 14 days or up to 2 psi nobody says leak")
    void tooSoon() {
        assertThat(PressureLoss.of(List.of(at(0, 100, 60), at(13, 110, 60)))
                        .orElseThrow()
                        .isLeak())
                .isFalse();
        assertThat(PressureLoss.of(List.of(at(0, 33, 60), at(14, 35, 60)))
                        .orElseThrow()
                        .isLeak())
                .isFalse();
    }

    @Test
    @DisplayName("the rate starts anew at a fill, marked or told by the rise, and needs two readings since")
    void fills() {
        List<ColdReading> risen = List.of(at(0, 108, 60), at(20, 110, 60), at(40, 96, 60), at(60, 110, 60));
        assertThat(PressureLoss.sinceFill(risen)).hasSize(2);
        ColdReading filled = new ColdReading(TODAY.minusDays(5), 110, Optional.empty(), true);
        assertThat(PressureLoss.of(List.of(filled, at(30, 111, 60)))).isEmpty();
        assertThat(PressureLoss.of(List.of(at(0, 110, 60)))).isEmpty();
    }

    @Test
    @DisplayName("from 95 psi to a need of 92.6 at 5% a month: 15 days; the interval ends earlier or later")
    void nextCheck() {
        assertThat(PressureLoss.daysToReach(95, 92.6, 0.05)).isEqualTo(15);
        assertThat(PressureLoss.daysToReach(92, 92.6, 0.05)).isZero();
        LocalDate on = TODAY;
        assertThat(NextCheck.of(95, on, Optional.of(92.6), PressureLoss.NORMAL_MONTHLY, 30)
                        .due())
                .isEqualTo(on.plusDays(15));
        assertThat(NextCheck.of(95, on, Optional.of(92.6), PressureLoss.NORMAL_MONTHLY, 14)
                        .due())
                .isEqualTo(on.plusDays(14));
        assertThat(NextCheck.of(95, on, Optional.empty(), PressureLoss.NORMAL_MONTHLY, 30)
                        .due())
                .isEqualTo(on.plusDays(30));
        assertThat(NextCheck.of(95, on, Optional.of(60.0), 0, 30).due()).isEqualTo(on.plusDays(30));
    }

    @Test
    @DisplayName(
            "two good days stretch no check beyond what 5% a month allows; a bad rate shortens it however young it is")
    void twoGoodDays() {
        PressureLoss.Loss good = PressureLoss.ofTire(List.of(at(2, 100, 60), at(0, 100, 60)));
        assertThat(good.expected()).isEqualTo(0.05);
        PressureLoss.Loss bad = PressureLoss.ofTire(List.of(at(2, 100, 60), at(0, 98.5, 60)));
        assertThat(bad.expected()).isGreaterThan(0.05);
        assertThat(NextCheck.of(100, TODAY, Optional.of(92.6), good.expected(), 90)
                        .due())
                .isEqualTo(NextCheck.of(100, TODAY, Optional.of(92.6), PressureLoss.NORMAL_MONTHLY, 90)
                        .due())
                .isAfter(NextCheck.of(100, TODAY, Optional.of(92.6), bad.expected(), 90)
                        .due());
    }
}
