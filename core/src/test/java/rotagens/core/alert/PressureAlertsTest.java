package rotagens.core.alert;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.fact.Finding;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.Repair;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.LoadState;
import rotagens.core.wear.GrooveDepths;

/** What low pressure and lost air open, what clears it, and that nothing else does. */
class PressureAlertsTest extends TireLedgerFixture {

    @Nested
    @DisplayName("ran low")
    class OfRunningLow {

        @ParameterizedTest
        @ValueSource(booleans = {true, false})
        @DisplayName("a tire driven at 80% of its target stays run flat through every fill, until looked at inside")
        void ranLow(boolean hot) {
            cold(0, 100).read(20, 80, hot ? ThermalState.HOT : ThermalState.COLD, false, Optional.empty());
            fill(20, 100).cold(40, 100);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isTrue();
            assertThat(now().findings()).extracting(open -> open.finding()).contains(Finding.RUN_FLAT);
            does(new TireFact.Fixed(Finding.RUN_FLAT, DAY.plusDays(41), "Ana", ""));
            assertThat(isOpen(AlertKind.RUN_FLAT)).as("nobody puts that right").isTrue();
            does(new TireFact.Inspected(true, "Marrow Street", DAY.plusDays(42), "Ana"));
            assertThat(isOpen(AlertKind.RUN_FLAT)).isFalse();
        }

        @Test
        @DisplayName("just over 80% isn't run flat")
        void justOver() {
            cold(0, 100).cold(20, 80.1);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isFalse();
        }

        @Test
        @DisplayName("raising a preset from empty to full is never run flat: neither before the fill nor after it")
        void raise() {
            inForce = inForce(80, LoadState.EMPTY);
            cold(0, 79);
            inForce = inForce(110, LoadState.FULL);
            cold(3, 79).fill(3, 110).cold(10, 109);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isFalse();
            cold(30, 88);
            assertThat(isOpen(AlertKind.RUN_FLAT))
                    .as("once raised, 80% of the full target is run flat")
                    .isTrue();
        }

        @Test
        @DisplayName("a tire not raised for a heavier load is still run flat under 80% of the target it was driven at")
        void lowForBoth() {
            inForce = inForce(80, LoadState.EMPTY);
            cold(0, 79);
            inForce = inForce(110, LoadState.FULL);
            cold(3, 64);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isTrue();
        }

        @Test
        @DisplayName("where no target was known before, a first target above it holds the tire to what was read last")
        void firstTarget() {
            inForce = InForce.UNKNOWN;
            cold(0, 88);
            inForce = inForce(110, LoadState.NORMAL);
            cold(3, 86);
            assertThat(isOpen(AlertKind.RUN_FLAT)).as("only not raised yet").isFalse();
            cold(4, 12);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isTrue();
        }

        @Test
        @DisplayName("nearly empty at the first reading that has a target: run low by what was read last")
        void emptyAtFirstTarget() {
            inForce = InForce.UNKNOWN;
            cold(0, 88);
            inForce = inForce(110, LoadState.NORMAL);
            cold(3, 12);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isTrue();
        }

        @Test
        @DisplayName("a tire seen not raised and then driven so by the odometer was driven at 80% or less")
        void drivenUnraised() {
            inForce = inForce(80, LoadState.EMPTY);
            cold(0, 79);
            inForce = inForce(110, LoadState.FULL);
            driven(3, 79, 41_000).driven(5, 79, 41_003);
            assertThat(isOpen(AlertKind.RUN_FLAT)).as("moved about").isFalse();
            driven(6, 79, 41_060);
            assertThat(isOpen(AlertKind.RUN_FLAT)).isTrue();
        }

        private OfRunningLow driven(int day, double psi, double miles) {
            add(new Reading(
                    DAY.plusDays(day),
                    "Ana",
                    Optional.of(Distance.miles(miles)),
                    Optional.of(Pressure.psi(psi)),
                    ThermalState.COLD,
                    GrooveDepths.UNMEASURED));
            return this;
        }
    }

    @Nested
    @DisplayName("leaks")
    class OfLeaks {

        @Test
        @DisplayName("110 to 105 psi in 21 days is a leak; it survives fills, and its top-ups are counted")
        void survivesFills() {
            at60(0, 110).at60(21, 105).fill(21, 110).at60(30, 109).fill(40, 112);
            Alert leak = now().open(AlertKind.LEAK).orElseThrow();
            assertThat(leak.topUps()).isEqualTo(2);
            assertThat(leak.statement().in(Units.US))
                    .isEqualTo("Leak since Mar 22, 2027: from 110 psi to 105 psi, topped up 2 times");
        }

        @Test
        @DisplayName("a drop too quick to be called a leak is suspected: over 2 psi with temperatures, over 4 without")
        void suspected() {
            at60(0, 110).at60(2, 107.9);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK)).isTrue();
            ledger.clear();
            cold(0, 110).cold(2, 106);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK))
                    .as("20 degrees do that")
                    .isFalse();
            cold(3, 105);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK)).isTrue();
        }

        @Test
        @DisplayName(
                "air going fast by a sensor is a suspected leak until a named repair held; going fast again undoes the repair")
        void fastBySensor() {
            cold(0, 110).does(fastLoss(1));
            assertThat(now().open(AlertKind.SUSPECTED_LEAK)
                            .orElseThrow()
                            .statement()
                            .in(Units.US))
                    .isEqualTo("Suspected leak since Mar 2, 2027: losing air fast by its sensor");
            cold(2, 110).cold(20, 110);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK))
                    .as("air alone clears no leak")
                    .isTrue();
            does(new TireFact.Repaired(Repair.CORE, DAY.plusDays(20), "Ana"));
            does(fastLoss(21));
            at60(22, 110).at60(40, 110);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK))
                    .as("the repair didn’t hold")
                    .isTrue();
            does(new TireFact.Repaired(Repair.CORE, DAY.plusDays(40), "Ana"));
            at60(41, 110).at60(49, 110);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK)).isFalse();
        }

        private TireFact fastLoss(int day) {
            return new TireFact.Found(Finding.FAST_LOSS, Optional.empty(), DAY.plusDays(day), "Gateway");
        }

        @Test
        @DisplayName("a sudden drop isn't drowned in weeks that were good")
        void latestInterval() {
            at60(0, 110).at60(30, 109).at60(60, 108.5).at60(63, 104);
            assertThat(isOpen(AlertKind.SUSPECTED_LEAK)).isTrue();
        }

        @Test
        @DisplayName("a normal loss of 2% a month opens nothing")
        void normal() {
            at60(0, 110).at60(30, 108).at60(60, 106);
            assertThat(now().open()).isEmpty();
        }

        @ParameterizedTest
        @EnumSource(Repair.class)
        @DisplayName("a leak is cleared by a named repair and a cold reading that holds a week later, by neither alone")
        void repaired(Repair repair) {
            at60(0, 110).at60(21, 105);
            does(new TireFact.Repaired(repair, DAY.plusDays(21), "Ana")).fill(21, 110);
            assertThat(isOpen(AlertKind.LEAK)).isTrue();
            at60(27, 109.9);
            assertThat(isOpen(AlertKind.LEAK)).as("six days are too few").isTrue();
            at60(28, 109.8);
            assertThat(isOpen(AlertKind.LEAK)).isFalse();
            ledger.clear();
            at60(0, 110).at60(21, 105).fill(21, 110).at60(28, 109.8).at60(50, 109);
            assertThat(isOpen(AlertKind.LEAK))
                    .as("held, but nobody repaired it")
                    .isTrue();
        }

        @Test
        @DisplayName("a repair that doesn't hold leaves the leak open")
        void notHeld() {
            at60(0, 110).at60(21, 105);
            does(new TireFact.Repaired(Repair.CORE, DAY.plusDays(21), "Ana"))
                    .fill(21, 110)
                    .at60(31, 105);
            assertThat(isOpen(AlertKind.LEAK) || isOpen(AlertKind.SUSPECTED_LEAK))
                    .isTrue();
            at60(45, 104.9);
            assertThat(isOpen(AlertKind.LEAK)).isTrue();
        }
    }
}
