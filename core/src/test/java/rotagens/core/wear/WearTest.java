package rotagens.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.wear.WearPattern.Shape;

class WearTest {

    @ParameterizedTest(name = "{0} {1} {2} is {3}, second {4}")
    @CsvSource({
        "9,6,9,CENTER,",
        "5,9,5,BOTH_SHOULDERS,",
        "9,8,6,INNER_SHOULDER,",
        "9,6,7,INNER_SHOULDER,CENTER",
        "9,5,7,CENTER,INNER_SHOULDER",
        "8,6,7,EARLY_CENTER,",
        "8,7,8,EVEN,",
        "6,8,9,OUTER_SHOULDER,",
        "5,9,7,BOTH_SHOULDERS,OUTER_SHOULDER",
        "7,9,8,EARLY_SHOULDERS,"
    })
    @DisplayName("the worked readings fall in their classes")
    void workedExamples(double outer, double center, double inner, Shape shape, Shape second) {
        WearPattern pattern = WearPattern.classify(GrooveDepths.of32nds(outer, center, inner), 2, Set.of())
                .orElseThrow();
        assertThat(pattern.shape()).isEqualTo(shape);
        assertThat(pattern.second().orElse(null)).isEqualTo(second);
    }

    @Test
    @DisplayName("a sign seen or felt wins over the depths; a missing groove can't tell")
    void localSignsAndMissingGrooves() {
        assertThat(WearPattern.classify(GrooveDepths.of32nds(9, 6, 9), 2, Set.of(Shape.CUPPING))
                        .orElseThrow()
                        .shape())
                .isEqualTo(Shape.CUPPING);
        GrooveDepths partly = new GrooveDepths(
                java.util.Optional.of(TreadDepth.of32nds(9)), java.util.Optional.empty(), java.util.Optional.empty());
        assertThat(WearPattern.classify(partly, 2, Set.of())).isEmpty();
    }

    @Test
    @DisplayName("every reading of 0–20/32 falls in a class, and a mirrored tire in the mirrored class")
    void everyReadingHasOneClass() {
        for (int outer = 0; outer <= 20; outer++) {
            for (int center = 0; center <= 20; center++) {
                for (int inner = 0; inner <= 20; inner++) {
                    Shape here = WearPattern.classify(GrooveDepths.of32nds(outer, center, inner), 2, Set.of())
                            .orElseThrow()
                            .shape();
                    Shape mirrored = WearPattern.classify(GrooveDepths.of32nds(inner, center, outer), 2, Set.of())
                            .orElseThrow()
                            .shape();
                    Shape expected = here == Shape.INNER_SHOULDER
                            ? Shape.OUTER_SHOULDER
                            : here == Shape.OUTER_SHOULDER ? Shape.INNER_SHOULDER : here;
                    assertThat(mirrored).as("%d %d %d", outer, center, inner).isEqualTo(expected);
                }
            }
        }
    }

    @Test
    @DisplayName("the wear rate is the slope of lowest depth over miles, with a range from the gauge's own marks")
    void wearRate() {
        WearRate rate = WearRate.of(
                        List.of(new WearRate.DepthReading(10_000, 12), new WearRate.DepthReading(20_000, 10)))
                .orElseThrow();
        assertThat(rate.perMile()).isCloseTo(2.0 / 10_000, within(1e-12));
        WearRate.ReachDates reachDates = rate.reachDates(10, 5, 50, LocalDate.of(2026, 1, 1));
        assertThat(reachDates.likely()).isEqualTo(LocalDate.of(2026, 1, 1).plusDays(500));
        assertThat(reachDates.earliest()).isBefore(reachDates.likely());
        assertThat(reachDates.latest().orElseThrow()).isAfter(reachDates.likely());
    }

    @Test
    @DisplayName("readings under 1,000 miles apart, one reading, or a tread that grows give no rate")
    void noRate() {
        assertThat(WearRate.of(List.of(new WearRate.DepthReading(10_000, 12)))).isEmpty();
        assertThat(WearRate.of(List.of(new WearRate.DepthReading(10_000, 12), new WearRate.DepthReading(10_999, 10))))
                .isEmpty();
        assertThat(WearRate.of(List.of(new WearRate.DepthReading(10_000, 10), new WearRate.DepthReading(20_000, 11))))
                .isEmpty();
    }

    @Test
    @DisplayName("where wear may be nil within the gauge's marks, the late end of the range is open")
    void openRange() {
        WearRate rate = WearRate.of(
                        List.of(new WearRate.DepthReading(10_000, 10.2), new WearRate.DepthReading(11_500, 10)))
                .orElseThrow();
        assertThat(rate.reachDates(10, 5, 50, LocalDate.of(2026, 1, 1)).latest())
                .isEmpty();
    }

    @Test
    @DisplayName("one misread depth among several doesn't bend the rate")
    void outlier() {
        java.util.List<WearRate.DepthReading> clean = new java.util.ArrayList<>();
        for (int at = 0; at < 8; at++) {
            clean.add(new WearRate.DepthReading(10_000 + at * 1_000, 14 - at * 0.5));
        }
        double right = WearRate.of(clean).orElseThrow().perMile();
        clean.set(3, new WearRate.DepthReading(13_000, 4));
        assertThat(WearRate.of(clean).orElseThrow().perMile())
                .isEqualTo(right, org.assertj.core.api.Assertions.within(right * 0.02));
    }

    @Test
    @DisplayName(
            "with one reading the depth it was fitted with gives the rate, with a wider range; under 1,000 miles nothing")
    void sinceFitted() {
        WearRate rate = WearRate.sinceInstalled(
                        new WearRate.DepthReading(20_000, 16), new WearRate.DepthReading(40_000, 11))
                .orElseThrow();
        assertThat(rate.perMile()).isEqualTo(5 / 20_000.0);
        assertThat(rate.plusMinus()).isPositive();
        assertThat(WearRate.sinceInstalled(
                        new WearRate.DepthReading(20_000, 16), new WearRate.DepthReading(20_900, 15)))
                .isEmpty();
        assertThat(WearRate.sinceInstalled(
                        new WearRate.DepthReading(20_000, 10), new WearRate.DepthReading(40_000, 11)))
                .isEmpty();
    }

    @Test
    @DisplayName(
            "the line ahead ends at the limit with the fan round it, 11/32 at 0.25/32 a thousand miles down to 4/32")
    void ahead() {
        WearRate rate = new WearRate(0.00025, 0.00005);
        WearRate.DepthForecast end = rate.forecast(new WearRate.DepthReading(40_000, 11), 4);
        assertThat(end.miles()).isEqualTo(68_000);
        assertThat(end.likely()).isCloseTo(4, within(1e-9));
        assertThat(end.min()).isCloseTo(2.6, within(1e-9));
        assertThat(end.max()).isCloseTo(5.4, within(1e-9));
        assertThat(rate.forecast(new WearRate.DepthReading(40_000, 3), 4).miles())
                .isEqualTo(41_000);
        assertThat(rate.label(Units.US)).isEqualTo("2.5/32 in in 10,000 mi, give or take 0.5");
        assertThat(rate.label(Units.METRIC)).isEqualTo("1.2 mm in 10,000 km, give or take 0.2");
    }

    @ParameterizedTest(name = "{0} readings")
    @ValueSource(ints = {2, 3, 5, 12, 50})
    @DisplayName("from two readings to fifty, whole marks scattered by one, the true rate lies in the range told")
    void anyNumberOfReadings(int count) {
        Random scatter = new Random(count);
        double trueRate = 8.0 / 40_000;
        List<WearRate.DepthReading> depthReadings = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            double miles = at * 40_000.0 / (count - 1);
            depthReadings.add(new WearRate.DepthReading(
                    20_000 + miles, Math.rint(14 - trueRate * miles) + scatter.nextInt(3) - 1));
        }
        WearRate rate = WearRate.of(depthReadings).orElseThrow();
        assertThat(trueRate).isBetween(rate.perMile() - 2 * rate.plusMinus(), rate.perMile() + 2 * rate.plusMinus());
    }
}
