package rotagens.core.alert;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.fact.Finding;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Sidewall;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadInterval;

/** What opens an alert, what clears it, and that nothing else does. */
class TireAlertsTest extends TireLedgerFixture {

    @Nested
    @DisplayName("tread")
    class OfTread {

        @Test
        @DisplayName("a tread alarm at one groove stays when a later reading leaves that groove out")
        void grooveLeftOut() {
            grooves(0, 7, 2, 7);
            add(tread(
                    5,
                    new GrooveDepths(
                            Optional.of(TreadDepth.of32nds(7)), Optional.empty(), Optional.of(TreadDepth.of32nds(7))),
                    Optional.empty(),
                    Optional.empty()));
            assertThat(now().lowest().orElseThrow().depth()).isEqualTo(TreadDepth.of32nds(2));
            assertThat(now().open()).singleElement().satisfies(alert -> {
                assertThat(alert.kind()).isEqualTo(AlertKind.TREAD);
                assertThat(alert.statement().in(Units.US)).isEqualTo("2/32 in at the center groove, limit 2/32 in");
            });
        }

        @Test
        @DisplayName("a tread alarm at one place stays when a later reading measures fewer places round the tire")
        void placeLeftOut() {
            places(0, new double[] {7, 7, 7}, new double[] {7, 2, 7});
            grooves(9, 7, 7, 7);
            assertThat(isOpen(AlertKind.TREAD)).isTrue();
            places(10, new double[] {7, 6, 7}, new double[] {7, 6, 7});
            assertThat(isOpen(AlertKind.TREAD)).isFalse();
            assertThat(now().all())
                    .singleElement()
                    .satisfies(alert ->
                            assertThat(alert.cleared().orElseThrow().how()).isEqualTo("measured again: 6/32 in"));
        }

        @Test
        @DisplayName("one depth between the shoulders doesn't clear what three grooves there showed")
        void fewerGrooves() {
            places(0, new double[] {7, 7, 2, 7, 7});
            grooves(9, 7, 7, 7);
            assertThat(isOpen(AlertKind.TREAD)).isTrue();
            places(10, new double[] {7, 7, 5, 7, 7});
            assertThat(isOpen(AlertKind.TREAD)).isFalse();
        }

        @Test
        @DisplayName("a worse depth counts however few places it was looked for at")
        void worse() {
            places(0, new double[] {7, 7, 7}, new double[] {7, 7, 7});
            grooves(9, 7, 7, 3);
            assertThat(now().lowest().orElseThrow().depth()).isEqualTo(TreadDepth.of32nds(3));
            assertThat(isOpen(AlertKind.TREAD)).isTrue();
        }

        @Test
        @DisplayName("a moved tire keeps its low shoulder until both shoulders are measured where it is now")
        void moved() {
            grooves(0, 2, 7, 7).does(new TireFact.Moved(DAY.plusDays(1), "Ana"));
            add(tread(
                    2,
                    new GrooveDepths(
                            Optional.of(TreadDepth.of32nds(7)), Optional.of(TreadDepth.of32nds(7)), Optional.empty()),
                    Optional.empty(),
                    Optional.empty()));
            assertThat(now().lowest().orElseThrow().depth()).isEqualTo(TreadDepth.of32nds(2));
            grooves(3, 7, 7, 6);
            assertThat(now().lowest().orElseThrow().depth()).isEqualTo(TreadDepth.of32nds(6));
            assertThat(isOpen(AlertKind.TREAD)).isFalse();
        }

        @Test
        @DisplayName("a coin at or below 2/32 stands until every groove is checked, whatever kinder eyes see")
        void coin() {
            add(tread(0, GrooveDepths.UNMEASURED, Optional.empty(), Optional.of(TreadInterval.AT_OR_BELOW_2)));
            add(tread(1, GrooveDepths.UNMEASURED, Optional.empty(), Optional.of(TreadInterval.ABOVE_4)));
            assertThat(isOpen(AlertKind.TREAD)).isTrue();
            grooves(2, 6, 6, 6);
            assertThat(isOpen(AlertKind.TREAD)).isFalse();
        }
    }

    @Nested
    @DisplayName("minimum and maximum")
    class OfLimits {

        @Test
        @DisplayName("under the minimum for the load by a hot reading; only a cold one at or over it clears")
        void minimum() {
            read(0, 84, ThermalState.HOT, false, Optional.empty());
            assertThat(now().open(AlertKind.UNDER_MINIMUM).orElseThrow().byHotReading())
                    .isTrue();
            read(1, 96, ThermalState.HOT, false, Optional.empty());
            assertThat(isOpen(AlertKind.UNDER_MINIMUM)).isTrue();
            cold(2, 85);
            assertThat(isOpen(AlertKind.UNDER_MINIMUM)).isFalse();
        }

        @Test
        @DisplayName("over a maximum until a cold reading at or under it; a hot one clears nothing")
        void maximum() {
            cold(0, 121).read(1, 119, ThermalState.HOT, false, Optional.empty());
            assertThat(isOpen(AlertKind.OVER_MAXIMUM)).isTrue();
            cold(2, 120);
            assertThat(isOpen(AlertKind.OVER_MAXIMUM)).isFalse();
        }

        @ParameterizedTest
        @ValueSource(strings = {"827 kPa", "827.4 kPa", "120 psi", "8.27 bar"})
        @DisplayName("a figure at its limit is never over it for being written in another unit")
        void atTheLimit(String written) {
            add(new Reading(
                    DAY,
                    "Ana",
                    Optional.empty(),
                    Optional.of(Pressure.parse(written, Units.US)),
                    ThermalState.COLD,
                    GrooveDepths.UNMEASURED));
            assertThat(isOpen(AlertKind.OVER_MAXIMUM)).isFalse();
        }

        @Test
        @DisplayName("one alert a kind: the newest figure stands, from the day it was first opened")
        void newest() {
            cold(0, 84).cold(5, 83);
            assertThat(now().open()).singleElement().satisfies(alert -> {
                assertThat(alert.on()).isEqualTo(DAY);
                assertThat(alert.value()).contains(Pressure.psi(83));
            });
        }
    }

    @Nested
    @DisplayName("eye and hand")
    class OfFindings {

        @Test
        @DisplayName("a bulge stays through good readings and is cleared by a professional alone")
        void bulge() {
            does(new TireFact.Found(Finding.BULGE, Optional.of(Sidewall.INNER), DAY, "Ana"));
            cold(1, 100).grooves(1, 9, 9, 9).does(new TireFact.Fixed(Finding.BULGE, DAY, "Ana", "looks fine"));
            assertThat(isOpen(AlertKind.FINDING)).isTrue();
            does(new TireFact.Inspected(true, "Marrow Street", DAY.plusDays(2), "Ana"));
            assertThat(isOpen(AlertKind.FINDING)).isFalse();
        }

        @Test
        @DisplayName("a condemned tire stays condemned, whatever is read later")
        void condemned() {
            does(new TireFact.Inspected(false, "Marrow Street", DAY, "Ana"));
            does(new TireFact.Inspected(true, "Marrow Street", DAY.plusDays(9), "Ana"));
            assertThat(now().findings()).extracting(open -> open.finding()).containsExactly(Finding.CONDEMNED);
        }

        @Test
        @DisplayName("a strike is an alert of its own until somebody has looked")
        void strike() {
            does(new TireFact.Found(Finding.CURB_STRIKE, Optional.empty(), DAY, "Ana"));
            assertThat(isOpen(AlertKind.STRIKE)).isTrue();
            does(new TireFact.Fixed(Finding.CURB_STRIKE, DAY.plusDays(1), "Ana", "both sidewalls, wheel, joints"));
            assertThat(now().open()).isEmpty();
        }
    }
}
