package rotagens.core.alert;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
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
import rotagens.core.fact.Sidewall;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.LoadState;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;

/** What opens an alert, what clears it, and that nothing else does. */
class TireAlertsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    private final List<TireFact> ledger = new ArrayList<>();
    private InForce inForce = inForce(100, LoadState.NORMAL);

    private static InForce inForce(double target, LoadState state) {
        return new InForce(
                Optional.of(Pressure.psi(target)),
                state,
                Optional.of(Pressure.psi(85)),
                Optional.of(Pressure.psi(120)),
                Optional.of(TreadDepth.of32nds(2)),
                Optional.of(TreadDepth.of32nds(3)),
                7);
    }

    private TireAlerts now() {
        return TireAlerts.fold(ledger);
    }

    private boolean isOpen(AlertKind kind) {
        return now().open(kind).isPresent();
    }

    private TireAlertsTest read(
            int day, double psi, ThermalState thermalState, boolean filled, Optional<Temperature> at) {
        return add(new Reading(
                DAY.plusDays(day),
                "Ana",
                Optional.empty(),
                Optional.of(Pressure.psi(psi)),
                thermalState,
                GrooveDepths.UNMEASURED,
                at,
                filled,
                Optional.empty(),
                Optional.empty()));
    }

    private TireAlertsTest cold(int day, double psi) {
        return read(day, psi, ThermalState.COLD, false, Optional.empty());
    }

    private TireAlertsTest at60(int day, double psi) {
        return read(day, psi, ThermalState.COLD, false, Optional.of(Temperature.f(60)));
    }

    private TireAlertsTest fill(int day, double psi) {
        return read(day, psi, ThermalState.COLD, true, Optional.of(Temperature.f(60)));
    }

    private TireAlertsTest add(Reading reading) {
        ledger.add(new TireFact.Read(reading.with(inForce)));
        return this;
    }

    private TireAlertsTest does(TireFact fact) {
        ledger.add(fact);
        return this;
    }

    private static Reading tread(
            int day, GrooveDepths grooveDepths, Optional<TreadGrid> grid, Optional<TreadInterval> bound) {
        return new Reading(
                DAY.plusDays(day),
                "Ana",
                Optional.empty(),
                Optional.empty(),
                ThermalState.UNKNOWN,
                grooveDepths,
                Optional.empty(),
                false,
                bound,
                Optional.empty(),
                grid,
                Optional.empty());
    }

    private TireAlertsTest grooves(int day, double outer, double center, double inner) {
        return add(tread(day, GrooveDepths.of32nds(outer, center, inner), Optional.empty(), Optional.empty()));
    }

    private TireAlertsTest places(int day, double[]... places) {
        TreadGrid grid = new TreadGrid(java.util.Arrays.stream(places)
                .map(place -> java.util.Arrays.stream(place)
                        .mapToObj(TreadDepth::of32nds)
                        .toList())
                .toList());
        return add(tread(day, grid.zones(), Optional.of(grid), Optional.empty()));
    }

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
