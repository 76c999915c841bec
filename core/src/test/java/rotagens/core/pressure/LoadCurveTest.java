package rotagens.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.pressure.PressureLoss.ColdReading;

/** What a tire carries and needs, on a row, between rows and past the last; and a leak on its limits. */
class LoadCurveTest {

    private static final LoadCurve SINGLE = new LoadCurve.FromChart(Rig.COACH_CHART, false, 1);
    private static final LoadCurve DUAL = new LoadCurve.FromChart(Rig.COACH_CHART, true, 1);
    private static final LoadCurve ESTIMATE = new LoadCurve.Estimated(3195, 80);

    @ParameterizedTest
    @CsvSource({"80,5015", "90,5515", "95,5755", "92.5,5635", "120,6940", "140,6940", "64,4195.106", "40,2621.941"})
    @DisplayName(
            "a chart carries its row on the row, in a straight line between, in proportion below the first, no more above")
    void capacity(double psi, double lb) {
        assertThat(SINGLE.capacityLb(psi)).isEqualTo(lb, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"3000,64", "4500,69.8662", "5015,80", "5515,90", "5635,92.5", "6940,120"})
    @DisplayName(
            "the minimum is read between the rows; under the first it falls with the 1.25th power of the load, to 80% at the least")
    void need(double lb, double psi) {
        assertThat(SINGLE.minimumForLoadPsi(lb))
                .hasValueSatisfying(need -> assertThat(need).isEqualTo(psi, within(1e-4)));
    }

    @Test
    @DisplayName(
            "a pound over the last row no pressure carries; duals have their own column, and derating takes its share")
    void past() {
        assertThat(SINGLE.minimumForLoadPsi(6941)).isEmpty();
        assertThat(SINGLE.size(6940, 120)).isEqualTo(new LoadCurve.Found(Pressure.psi(120)));
        assertThat(SINGLE.size(6940, 119)).isEqualTo(new LoadCurve.LimitTooLow(Pressure.psi(120), Pressure.psi(119)));
        assertThat(SINGLE.size(5640, 93))
                .as("the next row, 95, lies over the maximum; the 92.6 the load needs do not")
                .isEqualTo(new LoadCurve.Found(Pressure.psi(93), true));
        assertThat(SINGLE.size(5640, 92.5)).isInstanceOf(LoadCurve.LimitTooLow.class);
        assertThat(SINGLE.size(6941, 150)).isEqualTo(new LoadCurve.Overloaded(Load.lb(6940)));
        assertThat(SINGLE.size(5515, 120)).isEqualTo(new LoadCurve.Found(Pressure.psi(90)));
        assertThat(SINGLE.size(5516, 120)).isEqualTo(new LoadCurve.Found(Pressure.psi(95)));
        assertThat(DUAL.capacityLb(90)).isEqualTo(5080);
        assertThat(DUAL.maxLb()).isEqualTo(6395);
        assertThat(new LoadCurve.FromChart(Rig.COACH_CHART, false, 1.1).capacityLb(90))
                .isEqualTo(5515 / 1.1, within(1e-6));
        assertThat(SINGLE.isEstimate()).isFalse();
        assertThat(SINGLE.rungs()).hasSize(9);
    }

    @Test
    @DisplayName(
            "without a chart 3,195 lb at 80 psi: 2,540 lb at 60, the need back to 60, in steps of 5 and not under 65%")
    void estimated() {
        assertThat(ESTIMATE.isEstimate()).isTrue();
        assertThat(ESTIMATE.capacityLb(80)).isEqualTo(3195);
        assertThat(ESTIMATE.capacityLb(100))
                .as("no more than at the molded pressure")
                .isEqualTo(3195);
        double at60 = 3195 * Math.pow(0.75, 0.8);
        assertThat(ESTIMATE.capacityLb(60)).isEqualTo(at60, within(1e-6));
        assertThat(ESTIMATE.minimumForLoadPsi(at60))
                .hasValueSatisfying(need -> assertThat(need).isEqualTo(60, within(1e-6)));
        assertThat(ESTIMATE.size(at60, 80)).isEqualTo(new LoadCurve.Found(Pressure.psi(60)));
        assertThat(ESTIMATE.size(at60 + 1, 80)).isEqualTo(new LoadCurve.Found(Pressure.psi(65)));
        assertThat(ESTIMATE.size(500, 80))
                .as("65% of 80 is 52, so 55")
                .isEqualTo(new LoadCurve.Found(Pressure.psi(55)));
        assertThat(ESTIMATE.size(3195, 80)).isEqualTo(new LoadCurve.Found(Pressure.psi(80)));
        assertThat(ESTIMATE.minimumForLoadPsi(3195)).isPresent();
        assertThat(ESTIMATE.minimumForLoadPsi(3196)).isEmpty();
        assertThat(ESTIMATE.size(3196, 80)).isEqualTo(new LoadCurve.Overloaded(Load.lb(3195)));
        assertThat(ESTIMATE.size(at60, 58)).isEqualTo(new LoadCurve.LimitTooLow(Pressure.psi(60), Pressure.psi(58)));
        assertThat(ESTIMATE.size(at60 + 1, 62))
                .as("rounding up never goes over the maximum")
                .isEqualTo(new LoadCurve.Found(Pressure.psi(62), true));
    }

    @ParameterizedTest
    @CsvSource({
        "0.051, 14, 2.1, true",
        "0.05,  14, 2.1, false",
        "0.051, 13, 2.1, false",
        "0.051, 14, 2,   false",
        "0.06,  60, 9,   true"
    })
    @DisplayName("a leak is over 5% a month, over 2 psi, and told from 14 days at least")
    void leak(double low, long days, double drop, boolean leak) {
        assertThat(new PressureLoss(low, low, low, days, drop).isLeak()).isEqualTo(leak);
    }

    @Test
    @DisplayName(
            "a rise expects no loss; what is there already takes no days, what never falls for ever, all of it in a month soon")
    void daysToReach() {
        assertThat(PressureLoss.daysToReach(92, 92, 0.05)).isZero();
        assertThat(PressureLoss.daysToReach(95, 92, 0)).isGreaterThan(1_000_000);
        assertThat(PressureLoss.daysToReach(95, 0, 0.05)).isEqualTo(4068);
        assertThat(PressureLoss.daysToReach(100, 95, 0.05))
                .as("5% at 5% a month is a month")
                .isEqualTo(30);
        assertThat(PressureLoss.daysToReach(100, 50, 1)).isEqualTo(3);
    }

    @Test
    @DisplayName("readings in any order; a rise of 1 psi is the gauge, of more a fill; two of one day tell nothing")
    void order() {
        LocalDate on = LocalDate.of(2026, 11, 1);
        ColdReading first = new ColdReading(on, 100, Optional.empty(), false);
        ColdReading second = new ColdReading(on.plusDays(10), 99, Optional.empty(), false);
        ColdReading third = new ColdReading(on.plusDays(20), 100, Optional.empty(), false);
        assertThat(PressureLoss.sinceFill(List.of(third, first, second))).containsExactly(first, second, third);
        ColdReading filled = new ColdReading(on.plusDays(20), 100.1, Optional.empty(), false);
        assertThat(PressureLoss.sinceFill(List.of(first, filled, second))).containsExactly(filled);
        assertThat(PressureLoss.of(List.of(first, new ColdReading(on, 90, Optional.empty(), false))))
                .isEmpty();
        assertThat(PressureLoss.of(List.of(first, new ColdReading(on.plusDays(1), 99, Optional.empty(), false))))
                .isPresent();
    }
}
